<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Behaviour\Assigned;
use Nailrod\Core\Mapping\Behaviour\Engine;
use Nailrod\Core\Mapping\Behaviour\QueuesTicks;
use Nailrod\Core\Mapping\Condition\RunView;
use Nailrod\Core\Mapping\Output\OutputEvent;

/**
 * A program at work on a state, as its parts see it; behaviours and outputs are given it as the Engine that they know.
 * Times are in µs.
 */
final class Run implements Engine, RunView
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
        $this->axes = new Axes($this, $fused);
        $this->lettingGo = new LettingGo($this);
        $this->plugs = new Plugs($this);
        $this->timed = [Pulses::OWNER => $this->pulses, Stops::OWNER => $this->stops,
            Contacts::OWNER => $this->contacts, Axes::OWNER => $this->axes, Mouse::OWNER => $this->mouse,
            Later::OWNER => $this->later,
            TickQueues::OWNER =>
                $this->ticks, Macros::OWNER =>
                    $this->macros, Chords::OWNER =>
                        $this->chords, Debounce::OWNER =>
                            $this->debounce, MacroRecording::OWNER => $this->macroRecording];
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

    // What outputs and behaviours wish, each by the part that does it.

    public function elapsed(): int
    {
        return $this->state->now;
    }

    public function hold(string $kind, string $target, string $source, Cause $cause): void
    {
        $this->holds->hold($kind, $target, $source, $cause);
    }

    public function letGo(string $kind, string $target, string $source, Cause $cause): void
    {
        $this->holds->letGo($kind, $target, $source, $cause);
    }

    public function holdHat(int $number, int $direction, string $source, Cause $cause): void
    {
        $this->hats->hold($number, $direction, $source, $cause);
    }

    public function letGoOfHat(int $number, int $direction, string $source, Cause $cause): void
    {
        $this->hats->letGo($number, $direction, $source, $cause);
    }

    public function holdLayer(string $layer, string $source, Cause $cause): void
    {
        $this->layers->push($layer, $source, $cause);
    }

    public function letGoOfLayer(string $source, Cause $cause): void
    {
        $this->layers->remove($source, $cause);
    }

    public function settleLayer(string $layer, Cause $cause): void
    {
        $this->layers->settle($layer, $cause);
    }

    public function settledLayer(): string
    {
        return $this->layers->settled();
    }

    public function holdStop(string $stop, string $source, Cause $cause): void
    {
        $this->stops->hold($stop, $source, $cause);
    }

    public function letGoOfStop(string $stop, string $source, Cause $cause): void
    {
        $this->stops->letGo($stop, $source, $cause);
    }

    public function isStateStop(string $stop): bool
    {
        return $this->stops->isState($stop);
    }

    public function holdLamp(string $lamp, string $source, Cause $cause): void
    {
        $this->lamps->hold($lamp, $source, $cause);
    }

    public function letGoOfLamp(string $lamp, string $source, Cause $cause): void
    {
        $this->lamps->letGo($lamp, $source, $cause);
    }

    public function holdVariable(string $variable, string $source, float $value, Cause $cause): void
    {
        $this->variables->hold($variable, $source, $value, $cause);
    }

    public function letGoOfVariable(string $variable, string $source, float $else, Cause $cause): void
    {
        $this->variables->letGo($variable, $source, $else, $cause);
    }

    public function foundVariable(string $variable, float $value, Cause $cause): void
    {
        $this->variables->foundOpen($variable, $value, $cause);
    }

    public function setVariable(string $variable, float $to, Cause $cause): void
    {
        $this->variables->set($variable, $to, $cause);
    }

    public function variable(string $variable): float
    {
        return $this->variables->valueOf($variable);
    }

    public function liveLayer(): string
    {
        return $this->program->tables->layers[$this->layers->live()]->id;
    }

    public function isStopOpen(string $stop): bool
    {
        return $this->stops->isOpen($stop);
    }

    public function isFlagUp(string $flag): bool
    {
        return $this->holds->isOn('flag', $flag);
    }

    public function isClosed(string $contact): bool
    {
        return $this->contacts->isClosed($contact);
    }

    public function startMacro(string $macro, Cause $cause): void
    {
        $this->macros->press($macro, null, $cause);
    }

    public function stopMacro(string $macro, Cause $cause): void
    {
        $this->macros->stop($macro, $cause);
    }

    public function recordMacro(string $macro, Cause $cause): void
    {
        $this->macroRecording->press($macro, $cause);
    }

    public function playRecorded(Cause $cause): void
    {
        $this->macroRecording->play($cause);
    }

    public function letGoOfEverything(Cause $cause): void
    {
        $this->lettingGo->ofEverything($cause);
    }

    public function findsAgain(): bool
    {
        return $this->findsAgain;
    }

    public function pulse(Assigned $assigned, int $output, int $width, Cause $cause): void
    {
        $this->pulses->send($assigned, $output, $width, $cause);
    }

    public function tick(Assigned $assigned, QueuesTicks $ticks, Cause $cause): void
    {
        $this->ticks->tick($assigned, $ticks, $cause);
    }

    public function stage(Assigned $assigned): ?string
    {
        return $this->later->stage($assigned);
    }

    public function enter(Assigned $assigned, ?string $stage): void
    {
        $this->later->enter($assigned, $stage);
    }

    public function later(Assigned $assigned, string $what, int $delay, Cause $cause): void
    {
        $this->later->set($assigned, $what, $delay, $cause);
    }

    public function cancel(Assigned $assigned, string $what): void
    {
        $this->later->cancel($assigned, $what);
    }

    public function isToggled(Assigned $assigned): bool
    {
        return isset($this->state->assignments->toggled[$assigned->id]);
    }

    public function toggle(Assigned $assigned, bool $isOn): void
    {
        unset($this->state->assignments->toggled[$assigned->id]);
        if ($isOn) {
            $this->state->assignments->toggled[$assigned->id] = true;
        }
    }

    public function place(Assigned $assigned): ?array
    {
        return $this->state->assignments->cycles[$assigned->id] ?? null;
    }

    public function keepPlace(Assigned $assigned, int $place): void
    {
        $this->state->assignments->cycles[$assigned->id] = [$place, $this->state->now];
    }

    public function holdMacro(string $macro, Assigned $assigned, Cause $cause): void
    {
        $this->macros->press($macro, $assigned->holder(), $cause);
    }

    public function letGoOfMacro(string $macro, Assigned $assigned, Cause $cause): void
    {
        $this->macros->release($macro, $assigned->holder(), $cause);
    }
}
