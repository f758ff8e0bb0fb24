<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Behaviour\Repeat;
use Nailrod\Core\Behaviour\TimedBehaviour;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Program\Program;

/**
 * A program at work on a state, as its parts see it: behaviours and outputs are given this.
 *
 * @phpstan-import-type AssignmentRow from Program
 */
final class Run
{
    public readonly Timers $timers;

    public readonly Holds $holds;

    public readonly Variables $variables;

    public readonly Pulses $pulses;

    public readonly Layers $layers;

    public readonly Stops $stops;

    public readonly Axes $axes;

    public readonly Mouse $mouse;

    public readonly MadeParts $made;

    public readonly Contacts $contacts;

    public readonly Later $later;

    public readonly TickQueues $ticks;

    public readonly Macros $macros;

    public readonly Chords $chords;

    public readonly Debounce $debounce;

    public readonly Hats $hats;

    public readonly Lamps $lamps;

    /** @var array<string, Timed> the parts that set timers, by the name under which they do */
    private readonly array $timed;

    /** The assignment whose contact or timer is at work just now; null if none is. */
    public ?int $acting = null;

    /** @var list<OutputEvent> what came out and was not collected yet */
    public array $events = [];

    public function __construct(public readonly Program $program, public readonly State $state, bool $fused)
    {
        $this->timers = new Timers($state);
        $this->holds = new Holds($this);
        $this->variables = new Variables($this);
        $this->pulses = new Pulses($this);
        $this->layers = new Layers($this);
        $this->stops = new Stops($this);
        $this->contacts = new Contacts($this);
        $this->later = new Later($this);
        $this->ticks = new TickQueues($this);
        $this->macros = new Macros($this);
        $this->chords = new Chords($this);
        $this->debounce = new Debounce($this);
        $this->hats = new Hats($this);
        $this->lamps = new Lamps($this);
        $this->mouse = new Mouse($this);
        $this->made = new MadeParts($this);
        $this->axes = new Axes($this, $fused);
        $this->timed = [Pulses::OWNER => $this->pulses, Stops::OWNER => $this->stops, Contacts::OWNER => $this->contacts, Axes::OWNER => $this->axes, Mouse::OWNER => $this->mouse, Later::OWNER => $this->later,
            TickQueues::OWNER => $this->ticks, Macros::OWNER => $this->macros, Chords::OWNER => $this->chords, Debounce::OWNER => $this->debounce];
        $this->axes->begin();
    }

    public function emit(string $kind, string $target, int|float|string $value, Cause $cause): void
    {
        $this->events[] = new OutputEvent($this->state->now, $kind, $target, $value, $cause);
    }

    /** Ends follow, toggle, long, chord, macro, held layers and stops, and repeats; running and waiting pulses and queued ticks finish. */
    public function letGo(Cause $cause): void
    {
        $this->macros->endAll($cause);
        $this->chords->end($cause);
        $this->contacts->letGo($cause);
        $this->later->end($cause);
    }

    /** What the contacts of a device have toggled or latched ends. */
    public function letGoOf(string $device, Cause $cause): void
    {
        $this->endLatched(fn (array $row) => str_starts_with($row['ref'], $device.'/'), $cause);
    }

    /** What was toggled or latched in a layer ends, but for the one whose doing it is that the layer is left. */
    public function letGoOfLayer(int $layer, Cause $cause): void
    {
        $this->endLatched(fn (array $row, int $id) => $row['layer'] === $layer && $id !== $this->acting && (isset($this->state->toggled[$id]) || $this->isLatched($id)), $cause);
    }

    /** @param callable(AssignmentRow, int): bool $which given the row of an assignment and its number */
    private function endLatched(callable $which, Cause $cause): void
    {
        foreach ($this->program->tables['assignments'] as $id => $row) {
            if (! (isset($this->state->toggled[$id]) || isset($this->state->stages[$id])) || ! $which($row, $id)) {
                continue;
            }
            $assigned = $this->program->assigned($id);
            if (isset($this->state->toggled[$id])) {
                unset($this->state->toggled[$id]);
                foreach (array_reverse($assigned->outputs, true) as $i => $output) {
                    $output->release($this, $assigned->source($i), $assigned->towards($i, $cause));
                }
            }
            if (isset($this->state->stages[$id]) && $assigned->behaviour instanceof TimedBehaviour) {
                $assigned->behaviour->end($this, $assigned, $cause);
                unset($this->state->stages[$id]);
            }
        }
    }

    private function isLatched(int $assignment): bool
    {
        $behaviour = $this->program->assigned($assignment)->behaviour;

        return $behaviour instanceof Repeat && $behaviour->isLatched;
    }

    public function fire(Timer $timer): void
    {
        $this->timed[$timer->owner]->timer($timer);
    }
}
