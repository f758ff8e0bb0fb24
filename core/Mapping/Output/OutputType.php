<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Type;

/** An output of any kind, as an object with its kind. */
final readonly class OutputType implements Type
{
    public function read(Node $node): Output
    {
        return Outputs::read($node);
    }

    public function schema(): array
    {
        return ['$ref' => '#/$defs/output'];
    }

    public function inWords(): string
    {
        return 'an output';
    }

    public function unit(): string
    {
        return '';
    }

    /** @return array<string, mixed> */
    public function example(): array
    {
        return ['kind' => 'button', 'number' => 7];
    }

    public function renamed(mixed $value, callable $as): mixed
    {
        return Outputs::renamed($value, $as);
    }
}
