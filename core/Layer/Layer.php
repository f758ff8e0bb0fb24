<?php

declare(strict_types=1);

namespace Nailrod\Core\Layer;

use Nailrod\Core\Format\Node;

/** A full second meaning of the same contacts and axes. */
final readonly class Layer
{
    public const BASE = 'base';

    /** How many colours there are, each with a hatch of its own. */
    public const COLOURS = 8;

    /**
     * @param ?int $colour  1..COLOURS; null: by its place
     * @param int  $place   among the layers, 0..99; those of one place come in file order
     * @param bool $letsGo  leaving it lets go of what was toggled or latched in it
     */
    private function __construct(public string $id, public string $name, public ?int $colour, public int $place, public bool $letsGo) {}

    public static function read(string $id, Node $node): self
    {
        $node->only(['name', 'colour', 'place', 'lets_go']);

        return new self($id, $node->get('name')->string(30), $node->maybe('colour')?->int(1, self::COLOURS), $node->maybe('place')?->int(0, 99) ?? 0, $node->maybe('lets_go')?->bool() ?? false);
    }

    /** The base layer of a set that says nothing of it. */
    public static function base(): self
    {
        return new self(self::BASE, 'Base', null, 0, false);
    }
}
