<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\State\Renumbering;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** Puts an edited program in the place of the running one. */
final readonly class Swap
{
    /**
     * What is held, waiting or timed ends; each part of the state says what of it stays (see PartState::carried());
     * then the rig is found anew.
     *
     * @param array<string, int> $hands last value by port, also of controls that the old program did not use
     *
     * @return array{Machine, list<OutputEvent>}
     */
    public static function to(Program $new, Program $old, State $state, array $hands = []): array
    {
        $cause = new Cause(Cause::SET_CHANGED);
        $before = clone $state;
        $machine = Machine::resume($old, $state);
        [$live, $sending] = [$old->tables->layers[$machine->liveLayer()]->id, $machine->sending()];
        $ended = $machine->letGoOfEverything($cause, true);
        $openStops = [];
        foreach (array_keys($state->stops->open) as $stop) {
            $openStops[$old->tables->stops[$stop]->id] = true;
        }
        $swapped = Machine::resume($new, $state->carried(new Renumbering($old, $new, $before, $hands)));
        $again = $swapped->takeUp(new Carried($openStops, $sending, $live), $cause);

        return [$swapped, [...$ended, ...$again]];
    }
}
