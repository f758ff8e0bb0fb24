<?php

declare(strict_types=1);

namespace Nailrod\Core\State;

/** Variables of the simulator. */
final class VariablesState implements PartState
{
    /** @var array<string, float> what they were last set to or said to be; not how they begin */
    public array $values = [];

    /** @var array<string, array<string, float>> values held by sources, the latest last, by variable */
    public array $holders = [];

    public function carried(Renumbering $to): static
    {
        $next = new self;
        $next->values = $this->values;

        return $next;
    }
}
