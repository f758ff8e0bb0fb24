<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Device\ContactInput;
use Nailrod\Core\Program\Program;

/** Puts an edited program in the place of the running one. */
final class Swap
{
    /**
     * What is held, waiting or timed ends; what is closed, where the axes are, which layer is settled, toggles and
     * open stops that the new program still has stay.
     *
     * @param array<string, int> $hands last value by port, also of controls that the old program did not use
     *
     * @return array{Machine, list<OutputEvent>}
     */
    public static function to(Program $new, Program $old, State $state, array $hands = []): array
    {
        $cause = new Cause(Cause::SET_CHANGED);
        $toggled = $state->toggled;
        $machine = Machine::resume($old, $state);
        $ended = $machine->letGoOfEverything($cause);

        $next = new State;
        $next->now = $state->now;
        $next->phase = $state->phase;
        $next->variables = $state->variables;
        $next->settledLayer = max(0, $new->layerIndex($old->tables['layers'][$state->settledLayer]['id']));
        self::contacts($new, $old, $state, $next, $hands);
        self::stops($new, $old, $state, $next);
        foreach ($state->present as $key => $integer) {
            $next->present[$key] = $integer;
        }
        $swapped = Machine::resume($new, $next);
        $again = $swapped->takeUp(self::kept($new, $old, $toggled), self::readings($new, $old, $state, $hands), $cause);

        return [$swapped, [...$ended, ...$again]];
    }

    /** @param array<string, int> $hands */
    private static function contacts(Program $new, Program $old, State $state, State $next, array $hands): void
    {
        $closed = self::closedByHand($new, $hands);
        foreach ($state->closed as $contact => $isClosed) {
            $closed[$old->tables['contacts'][$contact]['ref']] = $isClosed;
        }
        foreach ($new->tables['contacts'] as $contact => $row) {
            $source = $row['opposite'] === null ? null : $new->tables['contacts'][$row['opposite']]['ref'];
            if (isset($closed[$row['ref']])) {
                $next->closed[$contact] = $closed[$row['ref']];
            } elseif ($state->phase === Phase::Running) {
                $next->closed[$contact] = $source !== null && ! ($closed[$source] ?? false);
            }
        }
    }

    /**
     * @param array<string, int> $hands
     *
     * @return array<string, bool> by reference
     */
    private static function closedByHand(Program $new, array $hands): array
    {
        $closed = [];
        foreach ($new->tables['contactPorts'] as $ref => $contact) {
            if (isset($hands[$ref])) {
                $closed[$ref] = $hands[$ref] === 1;
            }
        }
        foreach ($new->tables['hatPorts'] as $ref => $contacts) {
            foreach ($contacts as $direction => $contact) {
                if ($contact !== null && isset($hands[$ref])) {
                    $closed[$new->tables['contacts'][$contact]['ref']] = ContactInput::points($direction, $hands[$ref]);
                }
            }
        }

        return $closed;
    }

    private static function stops(Program $new, Program $old, State $state, State $next): void
    {
        foreach ($state->stopOpen as $stop => $axes) {
            $index = $new->stopIndex($old->tables['stops'][$stop]['id']);
            if ($index < 0 || $new->stop($index)->opening !== $old->stop($stop)->opening || ! isset($state->stopPatience[$stop])) {
                continue;
            }
            foreach (array_keys($axes) as $axis) {
                $now = $new->tables['axisPorts'][$old->tables['axes'][$axis]['ref']] ?? null;
                if ($now !== null && in_array($index, $new->tables['axes'][$now]['stops'], true)) {
                    $next->stopOpen[$index][$now] = $next->stopPast[$index][$now] = true;
                    $next->stopPatience[$index] = 0;
                }
            }
        }
    }

    /**
     * @param array<int, true> $toggled
     *
     * @return list<int> assignments of the new program whose toggle was on and that are as they were
     */
    private static function kept(Program $new, Program $old, array $toggled): array
    {
        $kept = [];
        foreach (array_keys($toggled) as $assignment) {
            $row = $old->tables['assignments'][$assignment];
            $layer = $old->tables['layers'][$row['layer']]['id'];
            foreach ($new->tables['assignments'] as $id => $candidate) {
                if ($new->tables['layers'][$candidate['layer']]['id'] === $layer && ['layer' => $row['layer']] + $candidate == $row) {
                    $kept[] = $id;
                }
            }
        }

        return $kept;
    }

    /**
     * @param array<string, int> $hands
     *
     * @return array<int, int>
     */
    private static function readings(Program $new, Program $old, State $state, array $hands): array
    {
        $readings = [];
        foreach (array_intersect_key($new->tables['axisPorts'], $hands) as $ref => $axis) {
            $readings[$axis] = $hands[$ref];
        }
        foreach ($state->readings as $axis => $reading) {
            $now = $new->tables['axisPorts'][$old->tables['axes'][$axis]['ref']] ?? null;
            if ($now !== null) {
                $readings[$now] = $reading;
            }
        }

        return $readings;
    }
}
