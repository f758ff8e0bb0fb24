<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Hats of the controller. */
final class HatsState implements PartState
{
    /** @var array<int, array<int, array<string, true>>> sources by hat and direction */
    public array $holders = [];

    /** @var array<int, int> what each was last sent */
    public array $values = [];

    public function carried(Renumbering $to): static
    {
        $next = new self;
        $next->values = $this->values;

        return $next;
    }
}
