<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Type;

/** A place on a drawing: across and down. */
final readonly class Place implements Type
{
    /** @return array{int, int} */
    public function read(Node $node): array
    {
        return ControlReader::place($node);
    }

    public function schema(): array
    {
        $part = ['type' => 'integer', 'minimum' => 0, 'maximum' => 4000];

        return ['type' => 'array', 'prefixItems' => [$part, $part], 'items' => false, 'minItems' => 2, 'maxItems' => 2];
    }

    public function inWords(): string
    {
        return 'two whole numbers from 0 to 4000';
    }

    public function unit(): string
    {
        return '';
    }

    /** @return list<int> */
    public function example(): array
    {
        return [120, 300];
    }
}
