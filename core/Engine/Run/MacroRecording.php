<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\MacroRecordingState;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Macro\Bar;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Macro\MacroRecorder;
use Nailrod\Core\Mapping\Macro\Timeline;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** Macros recorded from the rig itself: what the game is told between two presses, played from the state. */
final class MacroRecording implements Timed
{
    public const OWNER = 'macro recording';

    /** Longest recording, in µs. */
    public const LONGEST = 60_000_000;

    /** Presses in one recording: with the waits between them a macro takes their steps. */
    public const MOST = 120;

    /** @var array<int, Macro> what was recorded, by macro; made when first used */
    private array $macros = [];

    private readonly MacroRecordingState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->macroRecording;
    }

    /** A press begins, the next one ends and keeps it; one that is for another macro then begins that. */
    public function press(string $macro, Cause $cause): void
    {
        $before = $this->own->macro;
        $this->end($cause);
        if ($before !== $macro) {
            $this->own->macro = $macro;
            $this->own->by = $cause->contact()->subject ?? '';
            $this->own->told = $this->own->last = [];
            foreach ($this->run->state->hats->values as $hat => $value) {
                $this->own->last[OutputEvent::HAT.' '.$hat] = $value;
            }
            $this->run->timers->set(self::LONGEST, self::OWNER, 0, $cause);
            $this->run->emit(OutputEvent::MACRO, $macro, 1, $cause);
        }
    }

    /** Something has come out while a macro is recorded. */
    public function take(OutputEvent $event): void
    {
        if (! $this->isWanted($event->cause)) {
            return;
        }
        $key = $event->kind.' '.$event->target;
        $before = $this->own->last[$key] ?? null;
        if (MacroRecorder::pressed($event, $before) === []) {
            return;
        }
        $this->own->last[$key] = $event->value;
        $this->own->told[] = [$event->t, $event->kind, $event->target, $event->value, $before];
        if (count(self::bars($this->own->told)) === self::MOST) {
            // What is under way comes to its end first.
            $this->run->timers->set(0, self::OWNER, 0, $event->cause);
        }
    }

    public function timer(Timer $timer): void
    {
        $this->end($timer->cause->then(StepKind::Timer, 'it is full'));
    }

    /** What was recorded is kept; if nothing was, the macro stays as it is. */
    public function end(Cause $cause): void
    {
        $macro = $this->own->macro;
        if ($macro === null) {
            return;
        }
        $this->run->timers->cancel(self::OWNER, 0);
        $this->own->macro = null;
        if (self::bars($this->own->told) !== []) {
            $this->run->macros->stop($macro, $cause);
            // When it ended, for what is still held then.
            $this->own->kept[$macro] = [
                ...$this->own->told,
                [$this->run->state->now, OutputEvent::MACRO, $macro, 0, 1],
            ];
            $this->own->latest = $macro;
            unset($this->own->written[$macro], $this->macros[$this->run->program->macroIndex($macro)]);
        }
        $this->own->told = $this->own->last = [];
        $this->run->emit(OutputEvent::MACRO, $macro, 0, $cause);
    }

    public function play(Cause $cause): void
    {
        if ($this->own->latest !== null) {
            $this->run->macros->press($this->own->latest, null, $cause);
        }
    }

    /** A macro as it is played: as it was recorded, else as the program says. */
    public function macro(int $index): Macro
    {
        $said = $this->run->program->macro($index);
        $told = $this->own->kept[$said->id] ?? null;

        return $told === null ? $said : $this->macros[$index] ??= $said->withSteps(
            Timeline::from(self::bars($told))->steps(),
        );
    }

    /** What a step of a macro drives. */
    public function output(int $index, int $step): ?ContactOutput
    {
        if (! isset($this->own->kept[$this->run->program->tables->macros[$index]->id])) {
            return $this->run->program->macroOutput($index, $step);
        }
        $output = $this->macro($index)->steps[$step]->output ?? null;

        return $output instanceof ContactOutput ? $output : null;
    }

    /**
     * @param list<array{int, string, string, int|float|string, int|float|string|null}> $told
     *
     * @return list<Bar>
     */
    public static function bars(array $told): array
    {
        $recorder = new MacroRecorder;
        foreach ($told as [$t, $kind, $target, $value, $before]) {
            $recorder->hear(new OutputEvent($t, $kind, $target, $value, new Cause(Cause::TRIED)), $before);
            $recorder->reach($t);
        }

        return $recorder->bars();
    }

    /** What an axis moves, what the control does that began it, and what the macro itself does is left out. */
    private function isWanted(Cause $cause): bool
    {
        foreach ($cause->steps as $step) {
            $isAxis = in_array($step->kind, [StepKind::AxisSends, StepKind::Builds, StepKind::ReturnsToRest], true);
            if ($isAxis || ($step->kind === StepKind::Macro && $step->subject === $this->own->macro)) {
                return false;
            }
        }

        return $this->own->by === ''
            || self::control($cause->contact()->subject ?? '') !== self::control($this->own->by);
    }

    /** @param string $contact its reference */
    private static function control(string $contact): string
    {
        return explode('.', $contact)[0];
    }
}
