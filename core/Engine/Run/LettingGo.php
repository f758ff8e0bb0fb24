<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Behaviour\Follows;
use Nailrod\Core\Mapping\Behaviour\Latches;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;

/**
 * Lets go of what is held: all of it, that of a device, that of a layer. Macros end first, then chords, follows,
 * toggles and the rest, within each what came on last first, and the outputs of an assignment last first.
 */
final class LettingGo
{
    public function __construct(private readonly Run $run) {}

    /** Running and waiting pulses and queued ticks finish; a later release does nothing more. */
    public function ofEverything(Cause $cause): void
    {
        $all = fn (): bool => true;
        $this->run->macros->endAll($cause);
        $this->run->chords->end($all, $cause);
        $this->run->chords->forget($all);
        $follows = [];
        foreach ($this->run->presses->pressedLastFirst() as [$key, $contact, $assignment]) {
            if ($this->isFollow($assignment)) {
                $follows[] = $this->run->presses->assigned($assignment, $contact);
            }
            $this->run->presses->spend($key);
        }
        foreach ($follows as $assigned) {
            $assigned->release($this->run, $cause);
        }
        $this->toggles($all, $cause);
        $this->run->later->end($all, $cause);
    }

    /**
     * The run is closed or its program is changed: pulses and ticks end at once too, and nothing is waited for but
     * spike filters.
     */
    public function atTheEnd(Cause $cause): void
    {
        $state = $this->run->state;
        $this->run->macroRecording->end($cause);
        $this->ofEverything($cause);
        $this->run->pulses->end($cause);
        $this->run->ticks->end($cause);
        $this->run->timers->cancelAll(fn (Timer $timer) => $timer->owner !== Axes::OWNER);
        $state->mouse->owed = $state->debounce->bouncing = $state->chords->consumed = [];
    }

    /**
     * A device has gone: its contacts open, as releases. Macros that it holds finish or stop as they say, repeats end
     * at once, what waits for more is dropped, and pulses on release are sent last; a late release that is on its way
     * stays due.
     */
    public function ofDevice(string $device, Cause $cause): void
    {
        $tables = $this->run->program->tables;
        $isContact = fn (int $contact): bool => str_starts_with($tables->contacts[$contact]->ref, $device.'/');
        $isAssignment = fn (int $id): bool => str_starts_with($tables->assignments[$id]->ref, $device.'/');
        $this->run->contacts->openAll($device);
        $this->run->rotaries->gone($device);
        $this->run->chords->forget($isContact);
        $this->releases(
            $isContact,
            fn (int $id) => $this->run->program->assigned($id)->behaviour instanceof PlaysItsMacro,
            $cause,
        );
        $this->run->chords->end(
            fn (int $chord) => array_filter($tables->chords[$chord]->members, $isContact) !== [],
            $cause,
        );
        $this->releases($isContact, $this->isFollow(...), $cause);
        $this->toggles($isAssignment, $cause);
        $this->run->later->end($isAssignment, $cause);
        $this->releases($isContact, fn () => true, $cause);
        $this->run->mouse->leave();
    }

    /**
     * What was toggled or latched in a layer ends, in the order of its cells, but for the one whose doing it is that
     * the layer is left.
     */
    public function ofLayer(int $layer, Cause $cause): void
    {
        foreach ($this->run->program->tables->assignments as $id => $row) {
            if ($row->layer !== $layer || $id === $this->run->acting) {
                continue;
            }
            if (isset($this->run->state->assignments->toggled[$id])) {
                unset($this->run->state->assignments->toggled[$id]);
                $this->run->program->assigned($id)->release($this->run, $cause);
            } elseif (isset($this->run->state->assignments->stages[$id]) && $this->isLatched($id)) {
                $this->run->later->endOne($id, $cause);
            }
        }
    }

    /**
     * @param callable(int): bool $isContact
     * @param callable(int): bool $isWanted given the number of an assignment
     */
    private function releases(callable $isContact, callable $isWanted, Cause $cause): void
    {
        foreach ($this->run->presses->pressedLastFirst() as [$key, $contact, $assignment]) {
            $isWaitedFor = $key < 0 && $this->run->chords->isEnding($contact);
            if (
                $isContact($contact) && ! $isWaitedFor && ($assignment === Program::NOTHING || $isWanted($assignment))
            ) {
                $this->run->presses->forget($key);
                $this->run->presses->releaseAssignment($assignment, $contact, $cause);
            }
        }
    }

    /** @param callable(int): bool $which given the number of an assignment */
    private function toggles(callable $which, Cause $cause): void
    {
        foreach (array_reverse(array_keys($this->run->state->assignments->toggled)) as $id) {
            if ($which($id)) {
                unset($this->run->state->assignments->toggled[$id]);
                $this->run->program->assigned($id)->release($this->run, $cause);
            }
        }
    }

    private function isFollow(int $assignment): bool
    {
        return $assignment !== Program::NOTHING
            && $this->run->program->assigned($assignment)->behaviour instanceof Follows;
    }

    private function isLatched(int $assignment): bool
    {
        $behaviour = $this->run->program->assigned($assignment)->behaviour;

        return $behaviour instanceof Latches && $behaviour->isLatched();
    }
}
