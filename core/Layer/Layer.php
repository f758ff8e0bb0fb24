<?php

declare(strict_types=1);

namespace Nailrod\Core\Layer;

use Nailrod\Core\Format\Node;

/** A full second meaning of the same contacts and axes. */
final readonly class Layer
{
    public const BASE = 'base';

    public function __construct(public string $id, public string $name) {}

    public static function read(string $id, Node $node): self
    {
        $node->only(['name']);

        return new self($id, $node->get('name')->string(30));
    }
}
