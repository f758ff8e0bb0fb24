<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

/** One part of a ready thing, in the set that would take it. */
final readonly class ShelfRow
{
    /**
     * @param string $was   what it is, and of what, where it comes from
     * @param string $here  where it comes to, and what it does there; empty if it is not taken
     * @param string $lacks why it is not taken; empty if it is
     */
    public function __construct(public string $was, public string $here, public string $lacks) {}
}
