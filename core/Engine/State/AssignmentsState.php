<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** What assignments remember between a press and the next. */
final class AssignmentsState implements PartState
{
    /** @var array<int, true> those whose toggle is on, the latest last */
    public array $toggled = [];

    /** @var array<int, string> what each is doing between two timers, the latest last */
    public array $stages = [];

    /** @var array<int, array{int, int}> place of a cycle and time of its last press */
    public array $cycles = [];

    /** Toggles of what is as it was are to hold again what they held, and cycles keep their place. */
    public function carried(Renumbering $to): static
    {
        $next = new self;
        foreach (array_keys($to->before->assignments->toggled) as $assignment) {
            $next->toggled += array_fill_keys($to->assignments($assignment), true);
        }
        foreach ($this->cycles as $assignment => $cycle) {
            $next->cycles += array_fill_keys($to->assignments($assignment), $cycle);
        }

        return $next;
    }
}
