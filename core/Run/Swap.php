<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Axis\Opening;
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
        $changed = self::stops($new, $old, $state, $next, $cause);
        self::axes($new, $old, $state, $next);
        $next->present = $state->present;
        $next->lamps = $state->lamps;
        foreach ($state->cycles as $assignment => $cycle) {
            foreach (self::kept($new, $old, [$assignment => true]) as $id) {
                $next->cycles[$id] = $cycle;
            }
        }
        $swapped = Machine::resume($new, $next);
        $again = $swapped->takeUp(self::kept($new, $old, $toggled), self::readings($new, $old, $state, $hands), $cause);

        return [$swapped, [...$ended, ...$changed, ...$again]];
    }

    /** @param array<string, int> $hands */
    private static function contacts(Program $new, Program $old, State $state, State $next, array $hands): void
    {
        $closed = self::closedByHand($new, $hands);
        foreach ($state->closed as $contact => $isClosed) {
            $closed[$old->tables['contacts'][$contact]['ref']] = $isClosed;
        }
        foreach ($new->tables['contacts'] as $contact => $row) {
            $sources = array_map(fn (int $of) => $new->tables['contacts'][$of]['ref'], $row['opposite'] === null ? $row['noneOf'] : [$row['opposite']]);
            if (isset($closed[$row['ref']])) {
                $next->closed[$contact] = $closed[$row['ref']];
            } elseif ($state->phase === Phase::Running && ! $row['ofAxis'] && ! ($row['opposite'] !== null && $new->tables['contacts'][$row['opposite']]['ofAxis'])) {
                $next->closed[$contact] = $sources !== [] && array_filter($sources, fn (string $of) => $closed[$of] ?? false) === [];
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

    /** @return list<OutputEvent> stops that are open or shut now because they are others */
    private static function stops(Program $new, Program $old, State $state, State $next, Cause $cause): array
    {
        $wasOpen = [];
        foreach ($state->stopOpen as $stop => $axes) {
            $id = $old->tables['stops'][$stop]['id'];
            $index = $new->stopIndex($id);
            $wasOpen[$id] = $index >= 0;
            if ($index < 0 || $new->stop($index)->opening !== $old->stop($stop)->opening || $new->stop($index)->opening->isState()) {
                continue;
            }
            foreach (array_keys($axes) as $axis) {
                $now = $new->axisIndex($old->tables['axes'][$axis]['ref']);
                if ($now >= 0 && in_array($index, $new->tables['axes'][$now]['stops'], true)) {
                    $next->stopOpen[$index][$now] = $next->stopPast[$index][$now] = true;
                    $next->stopPatience[$index] = 0;
                }
            }
        }
        $changed = [];
        foreach ($state->phase === Phase::Fresh ? [] : $new->tables['stops'] as $index => ['id' => $id]) {
            foreach ($new->stop($index)->opening === Opening::HeldShut ? $new->tables['axes'] : [] as $axis => $row) {
                if (in_array($index, $row['stops'], true)) {
                    $next->stopOpen[$index][$axis] = true;
                }
            }
            if (isset($next->stopOpen[$index]) !== ($wasOpen[$id] ?? false)) {
                $changed[] = new OutputEvent($state->now, OutputEvent::STOP, $id, isset($next->stopOpen[$index]) ? 1 : 0, $cause);
            }
        }

        return $changed;
    }

    /** Notches, thresholds and zones that are as they were stand where they stood; who waited for an output still waits. */
    private static function axes(Program $new, Program $old, State $state, State $next): void
    {
        foreach ($new->tables['axes'] as $axis => $row) {
            $before = $old->axisIndex($row['ref']);
            if ($before < 0) {
                continue;
            }
            if (isset($state->notches[$before]) && ($row['shape']['notches'] ?? null) == ($old->tables['axes'][$before]['shape']['notches'] ?? null)) {
                $next->notches[$axis] = $state->notches[$before];
            }
            if (isset($state->waiting[$before])) {
                $next->waiting[$axis] = true;
            }
        }
        foreach ($new->tables['made'] as $i => $row) {
            foreach ($old->tables['made'] as $before => $was) {
                if ($was['id'] === $row['id'] && $was['made'] == $row['made'] && isset($state->made[$before])) {
                    $next->made[$i] = $state->made[$before];
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
