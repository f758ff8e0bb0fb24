<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Device\ContactInput;
use Nailrod\Core\Output\OutputEvent;
use Nailrod\Core\Program\Program;

/** Puts an edited program in the place of the running one. */
final readonly class Swap
{
    private function __construct(private Program $new, private Program $old, private State $state, private State $next) {}

    /**
     * What is held, waiting or timed ends; what is closed, where the axes are, which layer is settled, toggles and
     * open stops that the new program still has stay; then the rig is found anew.
     *
     * @param array<string, int> $hands last value by port, also of controls that the old program did not use
     *
     * @return array{Machine, list<OutputEvent>}
     */
    public static function to(Program $new, Program $old, State $state, array $hands = []): array
    {
        $cause = new Cause(Cause::SET_CHANGED);
        $swap = new self($new, $old, $state, new State);
        $machine = Machine::resume($old, $state);
        [$toggled, $live, $sending, $open] = [$state->toggled, $old->tables->layers[$machine->liveLayer()]->id, $machine->sending(), $state->stopOpen];
        // The last word of the hands counts, also within a debounce time.
        $bouncing = array_map(fn (array $last) => $last[0], $state->bouncing);
        $ended = $machine->letGoOfEverything($cause, true);
        $swap->base();
        $swap->contacts($hands, $bouncing);
        $swap->axes();
        $openStops = [];
        foreach (array_keys($open) as $stop) {
            $openStops[$old->tables->stops[$stop]->id] = true;
        }
        foreach ($ended as $event) {
            if ($event->kind === OutputEvent::STOP && $event->value === 0) {
                unset($openStops[$event->target]);
            } elseif ($event->kind === OutputEvent::STOP) {
                $openStops[$event->target] = true;
            }
        }
        $swapped = Machine::resume($new, $swap->next);
        $again = $swapped->takeUp(new Carried($swap->kept($toggled), $swap->readings($hands), $swap->stops(), $openStops, $sending, $live), $cause);

        return [$swapped, [...$ended, ...$again]];
    }

    private function base(): void
    {
        [$next, $state] = [$this->next, $this->state];
        $next->now = $state->now;
        $next->phase = $state->phase;
        $next->variables = $state->variables;
        $next->away = $state->away;
        $next->delayed = $state->delayed;
        $next->settledLayer = $this->layer($state->settledLayer);
        $next->toldLayer = $this->layer($state->toldLayer);
        $next->present = $state->present;
        $next->lamps = $state->lamps;
        $next->hatValues = $state->hatValues;
        foreach ($state->cycles as $assignment => $cycle) {
            foreach ($this->kept([$assignment => true]) as $id) {
                $next->cycles[$id] = $cycle;
            }
        }
    }

    private function layer(int $layer): int
    {
        return max(0, $this->new->layerIndex($this->old->tables->layers[$layer]->id));
    }

    /**
     * @param array<string, int> $hands
     * @param array<int, bool>   $bouncing last word by contact
     */
    private function contacts(array $hands, array $bouncing): void
    {
        $closed = self::closedByHand($this->new, $hands);
        foreach ($bouncing + $this->state->closed as $contact => $isClosed) {
            $closed[$this->old->tables->contacts[$contact]->ref] = $isClosed;
        }
        foreach ($this->new->tables->contacts as $contact => $row) {
            $sources = $row->opposite === null ? $row->noneOf : [$row->opposite];
            if (isset($this->next->away[explode('/', $row->ref, 2)[0]])) {
                $this->next->closed[$contact] = false;
            } elseif ($this->isOfAxis($contact)) {
                if (isset($closed[$row->ref])) {
                    $this->next->closed[$contact] = $closed[$row->ref];
                }
            } elseif ($sources !== []) {
                if ($this->state->phase === Phase::Running) {
                    $this->next->closed[$contact] = array_filter($sources, fn (int $of) => $closed[$this->new->tables->contacts[$of]->ref] ?? false) === [];
                }
            } elseif (isset($closed[$row->ref]) || $this->state->phase === Phase::Running) {
                $this->next->closed[$contact] = $closed[$row->ref] ?? false;
            }
        }
    }

    private function isOfAxis(int $contact): bool
    {
        $contacts = $this->new->tables->contacts;

        return $contacts[$contacts[$contact]->opposite ?? $contact]->ofAxis;
    }

    /**
     * @param array<string, int> $hands
     *
     * @return array<string, bool> by reference
     */
    private static function closedByHand(Program $new, array $hands): array
    {
        $closed = [];
        foreach ($new->tables->contactPorts as $ref => $contact) {
            if (isset($hands[$ref])) {
                $closed[$ref] = $hands[$ref] === 1;
            }
        }
        foreach ($new->tables->hatPorts as $ref => $contacts) {
            foreach ($contacts as $direction => $contact) {
                if ($contact !== null && isset($hands[$ref])) {
                    $closed[$new->tables->contacts[$contact]->ref] = ContactInput::points($direction, $hands[$ref]);
                }
            }
        }

        return $closed;
    }

    /**
     * Stops that are still there and open as they did, if they are not open by an output.
     *
     * @return array<int, array{axes: list<int>, past: list<int>, left: ?int}> see Stops::carry()
     */
    private function stops(): array
    {
        $stops = [];
        foreach ($this->state->stopOpen as $stop => $axes) {
            $index = $this->new->stopIndex($this->old->tables->stops[$stop]->id);
            if ($index < 0 || $this->new->stop($index)->opening !== $this->old->stop($stop)->opening || $this->new->stop($index)->opening->isState()) {
                continue;
            }
            $due = $this->state->stopPatience[$stop] ?? 0;
            $on = $past = [];
            foreach (array_keys($axes) as $axis) {
                $now = $this->new->axisIndex($this->old->tables->axes[$axis]->ref);
                if ($now >= 0 && in_array($index, $this->new->tables->axes[$now]->stops, true)) {
                    $on[] = $now;
                    if (isset($this->state->stopPast[$stop][$axis])) {
                        $past[] = $now;
                    }
                }
            }
            $stops[$index] = ['axes' => $on, 'past' => $past, 'left' => $due === 0 ? null : max(0, $due - $this->state->now)];
        }

        return $stops;
    }

    /** Steadying that is as it was holds on, notches, thresholds and zones keep their side; who waited for an output still waits, who owned one still owns it. */
    private function axes(): void
    {
        [$next, $state] = [$this->next, $this->state];
        $same = [];
        foreach ($this->new->tables->axes as $axis => $row) {
            $before = $this->old->axisIndex($row->ref);
            if ($before < 0) {
                continue;
            }
            $same[$before] = $axis;
            $was = $this->old->tables->axes[$before];
            if (isset($state->notches[$before]) && count($this->new->shaping($axis)->notches->at) === count($this->old->shaping($before)->notches->at)) {
                $next->notches[$axis] = $state->notches[$before];
            }
            if (isset($state->windows[$before]) && ($row->shape['steady'] ?? null) == ($was->shape['steady'] ?? null)) {
                [$next->windows[$axis], $next->standing[$axis]] = [$state->windows[$before], $state->standing[$before]];
                if (isset($state->latest[$before])) {
                    $next->latest[$axis] = $state->latest[$before];
                }
            }
        }
        foreach ($state->owners as $key => $owner) {
            if (isset($same[$owner])) {
                $next->owners[$key] = $same[$owner];
                foreach ($state->taken[$key] ?? [] as $axis => $integer) {
                    if (isset($same[$axis])) {
                        $next->taken[$key][$same[$axis]] = $integer;
                    }
                }
            }
        }
        foreach ($this->new->tables->made as $i => $row) {
            foreach ($this->old->tables->made as $before => $was) {
                if ($was->id === $row->id && $was->made['kind'] === $row->made['kind'] && count($was->contacts) === count($row->contacts) && isset($state->made[$before])) {
                    $next->made[$i] = $state->made[$before];
                }
            }
        }
    }

    /**
     * @param array<int, true> $toggled
     *
     * @return list<int> assignments of the new program that are as they were
     */
    private function kept(array $toggled): array
    {
        $kept = [];
        foreach (array_keys($toggled) as $assignment) {
            $row = $this->old->tables->assignments[$assignment];
            $layer = $this->old->tables->layers[$row->layer]->id;
            foreach ($this->new->tables->assignments as $id => $candidate) {
                if ($this->new->tables->layers[$candidate->layer]->id === $layer && $candidate->isAs($row)) {
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
    private function readings(array $hands): array
    {
        $readings = [];
        foreach (array_intersect_key($this->new->tables->axisPorts, $hands) as $ref => $axis) {
            $readings[$axis] = $hands[$ref];
        }
        foreach ($this->state->readings as $axis => $reading) {
            $now = $this->new->tables->axisPorts[$this->old->tables->axes[$axis]->ref] ?? null;
            if ($now !== null) {
                $readings[$now] = $reading;
            }
        }

        return $readings;
    }
}
