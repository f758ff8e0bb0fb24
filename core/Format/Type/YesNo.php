<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Node;

/** True or false. */
final readonly class YesNo implements Type
{
    use NamesNothing;

    public function read(Node $node): bool
    {
        return $node->bool();
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }

    public function inWords(): string
    {
        return 'true or false';
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): bool
    {
        return true;
    }
}
