<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Behaviour\Engine;
use Nailrod\Core\Mapping\Condition\RunView;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** A program at work on a state, as its parts see it; behaviours and outputs are given it as the Engine that they know. */
final class Run implements Engine, RunView
{
    use ActsAsEngine;

    public readonly Timers $timers;

    public readonly Holds $holds;

    public readonly Variables $variables;

    public readonly Pulses $pulses;

    public readonly Layers $layers;

    public readonly Stops $stops;

    public readonly AxisLanes $lanes;

    public readonly Axes $axes;

    public readonly Mouse $mouse;

    public readonly MadeParts $made;

    public readonly Rotaries $rotaries;

    public readonly Contacts $contacts;

    public readonly Presses $presses;

    public readonly Later $later;

    public readonly TickQueues $ticks;

    public readonly Macros $macros;

    public readonly MacroRecording $macroRecording;

    public readonly Chords $chords;

    public readonly Debounce $debounce;

    public readonly Hats $hats;

    public readonly Lamps $lamps;

    public readonly LettingGo $lettingGo;

    public readonly Plugs $plugs;

    /** @var array<string, Timed> the parts that set timers, by the name under which they do */
    private readonly array $timed;

    /** The assignment whose contact or timer is at work just now; null if none is. */
    public ?int $acting = null;

    /** Has the program just been changed under the hands, so that what is found was there before? */
    public bool $findsAgain = false;

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
        $this->rotaries = new Rotaries($this);
        $this->contacts = new Contacts($this);
        $this->presses = new Presses($this);
        $this->later = new Later($this);
        $this->ticks = new TickQueues($this);
        $this->macros = new Macros($this);
        $this->macroRecording = new MacroRecording($this);
        $this->chords = new Chords($this);
        $this->debounce = new Debounce($this);
        $this->hats = new Hats($this);
        $this->lamps = new Lamps($this);
        $this->mouse = new Mouse($this);
        $this->made = new MadeParts($this);
        $this->lanes = new AxisLanes($this, $fused);
        $this->axes = new Axes($this, $fused);
        $this->lettingGo = new LettingGo($this);
        $this->plugs = new Plugs($this);
        $this->timed = [Pulses::OWNER => $this->pulses, Stops::OWNER => $this->stops, Contacts::OWNER => $this->contacts, Axes::OWNER => $this->axes, Mouse::OWNER => $this->mouse, Later::OWNER => $this->later,
            TickQueues::OWNER => $this->ticks, Macros::OWNER => $this->macros, Chords::OWNER => $this->chords, Debounce::OWNER => $this->debounce, MacroRecording::OWNER => $this->macroRecording];
        $this->axes->begin();
    }

    public function emit(string $kind, string $target, int|float|string $value, Cause $cause): void
    {
        $this->events[] = $event = new OutputEvent($this->state->now, $kind, $target, $value, $cause);
        if ($this->state->macroRecording->macro !== null) {
            $this->macroRecording->take($event);
        }
    }

    /** @return array{int, int} by which isAlikeSince() knows what was before */
    public function mark(): array
    {
        return [$this->contacts->changes, count($this->events)];
    }

    /**
     * Has nothing happened since then but that axes send? Then no lamp is another.
     *
     * @param array{int, int} $mark
     */
    public function isAlikeSince(array $mark): bool
    {
        if ($mark[0] !== $this->contacts->changes) {
            return false;
        }
        for ($i = $mark[1], $count = count($this->events); $i < $count; $i++) {
            if ($this->events[$i]->kind !== OutputEvent::AXIS) {
                return false;
            }
        }

        return true;
    }

    public function fire(Timer $timer): void
    {
        $this->timed[$timer->owner]->timer($timer);
    }
}
