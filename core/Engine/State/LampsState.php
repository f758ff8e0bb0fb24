<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Lamps of the devices. */
final class LampsState implements PartState
{
    /** @var array<string, int|string> how each lamp that is lit looks, by reference (see Look::value) */
    public array $lit = [];

    public function carried(Renumbering $to): static
    {
        return clone $this;
    }
}
