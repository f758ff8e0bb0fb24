<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\NamesNothing;
use Nailrod\Core\Format\Type\Type;

/** A place on a drawing: across and down. */
final readonly class FacePosition implements Type
{
    use NamesNothing;

    private const FAR = 4000;

    /**
     * @return array{int, int}
     *
     * @throws FormatError
     */
    public function read(Node $node): array
    {
        $pair = $node->list(2);
        if (count($pair) !== 2) {
            throw $node->refuse('two numbers, across and down');
        }

        return [$pair[0]->int(0, self::FAR), $pair[1]->int(0, self::FAR)];
    }

    public function schema(): array
    {
        $part = ['type' => 'integer', 'minimum' => 0, 'maximum' => self::FAR];

        return ['type' => 'array', 'prefixItems' => [$part, $part], 'items' => false, 'minItems' => 2, 'maxItems' => 2];
    }

    public function inWords(): string
    {
        return 'two whole numbers from 0 to '.self::FAR.', across and down';
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
