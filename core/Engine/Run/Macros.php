<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\MacroPlayer;
use Nailrod\Core\Engine\State\MacrosState;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Macro\MacroStep;
use Nailrod\Core\Mapping\Output\ContactOutput;

/** Macros at work: one player for each, whoever starts it. The end and a stop release all that it holds. */
final class Macros implements Timed
{
    public const OWNER = 'macro';

    /** @var array<int, true> macros whose steps are being played at this very moment */
    private array $playing = [];

    private readonly MacrosState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->macros;
    }

    /**
     * @param ?string $holder what holds it: see Assigned::holder(); null if it is started by something that does not
     *    hold
     */
    public function press(string $id, ?string $holder, Cause $cause): void
    {
        $index = $this->run->program->macroIndex($id);
        if (isset($this->playing[$index])) {
            // Macros that start each other without any time between would never end.
            return;
        }
        $macro = $this->run->macroRecording->macro($index);
        $cause = $cause->then(StepKind::Macro, $id);
        $player = $this->own->players[$index] ?? null;
        if ($player !== null && $macro->again !== Macro::IGNORE) {
            $this->end($index, $cause);
            if ($macro->again === Macro::STOP) {
                return;
            }
            $player = null;
        }
        $holders = $holder === null ? [] : [$holder => true];
        if ($player !== null) {
            $this->own->players[$index] = $player->heldBy($player->holders + $holders);

            return;
        }
        if ($macro->when?->holds($this->run) === false) {
            return;
        }
        $this->own->players[$index] = new MacroPlayer(0, [], $holders, null);
        $this->play($index, $cause);
    }

    public function release(string $id, string $holder, Cause $cause): void
    {
        $index = $this->run->program->macroIndex($id);
        $player = $this->own->players[$index] ?? null;
        if (! isset($player->holders[$holder])) {
            return;
        }
        $holders = array_diff_key($player->holders, [$holder => true]);
        $this->own->players[$index] = $player->heldBy($holders);
        if ($holders === [] && $this->run->macroRecording->macro($index)->stopsAtRelease) {
            $this->end($index, $cause->then(StepKind::Macro, $id));
        }
    }

    public function stop(string $id, Cause $cause): void
    {
        $this->end($this->run->program->macroIndex($id), $cause->then(StepKind::Macro, $id));
    }

    public function timer(Timer $timer): void
    {
        $index = $timer->of;
        $player = $this->own->players[$index] ?? null;
        if ($player === null) {
            return;
        }
        if ($player->tap !== null) {
            $this->output($index, $player->tap)?->release(
                $this->run,
                self::source($index, $player->tap),
                $this->towards($index, $player->tap, $timer->cause->then(StepKind::Timer, 'tap over')),
            );
        }
        // What the tap let go of may have ended the macro.
        $player = $this->playerOf($index);
        if ($player === null) {
            return;
        }
        $this->own->players[$index] = $player->at($player->step + 1)->tapping(null);
        $this->play($index, $timer->cause);
    }

    /** Everything is let go of, what was started last first. */
    public function endAll(Cause $cause): void
    {
        foreach (array_reverse(array_keys($this->own->players)) as $index) {
            $this->end($index, $cause);
        }
    }

    private function playerOf(int $index): ?MacroPlayer
    {
        return $this->own->players[$index] ?? null;
    }

    private function play(int $index, Cause $cause): void
    {
        $this->playing[$index] = true;
        $this->steps($index, $cause);
        unset($this->playing[$index]);
    }

    /** Steps until one takes time, or the end. */
    private function steps(int $index, Cause $cause): void
    {
        $macro = $this->run->macroRecording->macro($index);
        while (isset($this->own->players[$index])) {
            $at = $this->own->players[$index]->step;
            $step = $macro->steps[$at] ?? null;
            if ($step === null) {
                if (! $macro->repeats || $this->own->players[$index]->holders === []) {
                    $this->end($index, $cause);

                    return;
                }
                $this->own->players[$index] = $this->own->players[$index]->at(0);

                continue;
            }
            if ($this->takesTime($index, $at, $step, $cause)) {
                return;
            }
            $this->next($index, $at);
        }
    }

    /** The step may have stopped its own macro. */
    private function next(int $index, int $at): void
    {
        if (isset($this->own->players[$index])) {
            $this->own->players[$index] = $this->own->players[$index]->at($at + 1);
        }
    }

    private function takesTime(int $index, int $at, MacroStep $step, Cause $cause): bool
    {
        if ($step->does === MacroStep::RELEASE) {
            foreach (array_reverse($this->own->players[$index]->held) as $held) {
                if ($this->output($index, $held)?->toArray() === $this->output($index, $at)?->toArray()) {
                    $this->letGo($index, $held, $cause);
                }
            }
        } elseif ($step->does !== MacroStep::WAIT) {
            $output = $this->output($index, $at);
            if ($step->does === MacroStep::PRESS && $output !== null) {
                $this->own->players[$index] = $this->own->players[$index]->holding(
                    array_values(array_unique([...$this->own->players[$index]->held, $at])),
                );
            } elseif ($step->does === MacroStep::TAP) {
                $this->own->players[$index] = $this->own->players[$index]->tapping($at);
            }
            $output?->press($this->run, self::source($index, $at), $this->towards($index, $at, $cause));
        }
        if ($step->time === 0 || ! isset($this->own->players[$index])) {
            return false;
        }
        $this->run->timers->set($step->time, self::OWNER, $index, $cause);

        return true;
    }

    private function end(int $index, Cause $cause): void
    {
        $player = $this->own->players[$index] ?? null;
        if ($player === null) {
            return;
        }
        $this->run->timers->cancel(self::OWNER, $index);
        if ($player->tap !== null) {
            $this->output($index, $player->tap)?->release(
                $this->run,
                self::source($index, $player->tap),
                $this->towards($index, $player->tap, $cause),
            );
        }
        foreach (array_reverse($player->held) as $held) {
            $this->letGo($index, $held, $cause);
        }
        unset($this->own->players[$index]);
    }

    private function letGo(int $index, int $step, Cause $cause): void
    {
        $player = $this->own->players[$index];
        $this->own->players[$index] = $player->holding(array_values(array_diff($player->held, [$step])));
        $this->output($index, $step)?->release(
            $this->run,
            self::source($index, $step),
            $this->towards($index, $step, $cause),
        );
    }

    private function output(int $index, int $step): ?ContactOutput
    {
        return $this->run->macroRecording->output($index, $step);
    }

    private function towards(int $index, int $step, Cause $cause): Cause
    {
        $action = $this->run->program->tables->macros[$index]->actions[$step] ?? null;

        return $action === null ? $cause : $cause->then(StepKind::Action, $action);
    }

    private static function source(int $index, int $step): string
    {
        return 'm'.$index.':'.$step;
    }
}
