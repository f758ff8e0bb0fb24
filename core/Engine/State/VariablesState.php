<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Variables of the simulator. */
final class VariablesState implements PartState
{
    /** @var array<string, float> what they were last set to or said to be; not how they begin */
    public array $values = [];

    /** @var array<string, array<string, float>> values held by sources, the latest last, by variable */
    public array $holders = [];

    /** @var array<string, true> those that were sent, and of which the game has said nothing else since */
    public array $told = [];

    /** @return array<string, float> what was sent and still is so, by variable */
    public function sent(): array
    {
        return array_intersect_key($this->values, $this->told);
    }

    public function carried(Renumbering $to): static
    {
        $next = new self;
        $next->values = $this->values;
        $next->told = $this->told;

        return $next;
    }
}
