<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\State\Phase;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\InputError;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** The engine: a program and a state, timed inputs in, timed outputs out. No clock, no files, no chance. */
final class Machine
{
    /** Timers run on for at most this long after the last input of a run, in µs. */
    public const RUN_ON = 10_000_000;

    private readonly Run $run;

    private readonly Reports $reports;

    private readonly Clock $clock;

    public readonly Questions $questions;

    private function __construct(private readonly Program $program, public readonly State $state, bool $fused)
    {
        $this->run = new Run($program, $state, $fused);
        $this->reports = new Reports($this->run);
        $this->clock = new Clock($this->run);
        $this->questions = new Questions($this->run);
    }

    /** @param bool $fused true for long runs: shaping is computed once for every reading; the integers are the same */
    public static function start(Program $program, bool $fused = false): self
    {
        return new self($program, new State, $fused);
    }

    public static function resume(Program $program, State $state, bool $fused = false): self
    {
        return new self($program, $state, $fused);
    }

    /**
     * @param iterable<Input> $inputs in time order
     *
     * @return list<OutputEvent>
     *
     * @throws InputError for a time that goes back or a value out of range; what came before it has taken effect
     */
    public function feed(iterable $inputs): array
    {
        $state = $this->state;
        [$axisPorts, $contactPorts] = [$this->program->tables->axisPorts, $this->program->tables->contactPorts];
        [$axes, $hasLamps] = [$this->run->axes, $this->run->lamps->isRuled];
        if ($state->phase === Phase::Fresh) {
            $this->clock->begin();
        }
        try {
            foreach ($inputs as $input) {
                $t = $input->t;
                if ($t > $state->now && $state->phase === Phase::Running && ($state->timers === [] || $state->timers[0]->due > $t)) {
                    $state->now = $t;
                } elseif ($t !== $state->now) {
                    $this->clock->passTo($input);
                } elseif ($state->timers !== []) {
                    $this->clock->fireUntil($t);
                }
                $axis = $axisPorts[$input->port] ?? null;
                if ($axis !== null) {
                    $mark = $this->run->mark();
                    $axes->move($input, $axis);
                    if (! $hasLamps || $this->run->isAlikeSince($mark)) {
                        continue;
                    }
                } elseif (isset($contactPorts[$input->port])) {
                    $this->reports->contact($input, $contactPorts[$input->port]);
                } else {
                    $this->reports->other($input);
                }
                if ($hasLamps) {
                    $this->run->lamps->update(new Cause($input));
                }
            }
        } finally {
            $this->run->lanes->store();
        }

        return $this->collect();
    }

    /**
     * A hand tells how it finds a port of a rig that is at work already: nothing was pressed, so only what is a state starts.
     *
     * @return list<OutputEvent>
     *
     * @throws InputError for a time that goes back or a value out of range
     */
    public function find(Input $input): array
    {
        if ($this->state->phase !== Phase::Running || isset($this->program->tables->axisPorts[$input->port])) {
            return $this->feed([$input]);
        }
        $this->clock->passTo($input);
        $this->reports->found($input);
        $this->run->lamps->update(new Cause($input));

        return $this->collect();
    }

    /**
     * Lets the clock run on.
     *
     * @param int $to in µs since the start of the run
     *
     * @return list<OutputEvent>
     */
    public function advance(int $to): array
    {
        if ($this->state->phase === Phase::Fresh) {
            $this->clock->begin();
        }
        if ($to > 0 && $this->state->phase !== Phase::Running) {
            $this->clock->settle();
        }
        if ($to >= $this->state->now) {
            $this->clock->fireUntil($to);
            $this->state->now = $to;
        }

        return $this->collect();
    }

    /**
     * The end of a run: timers run on for RUN_ON.
     *
     * @return list<OutputEvent>
     */
    public function finish(): array
    {
        $end = $this->state->now + self::RUN_ON;
        $settled = $this->state->phase === Phase::Running ? [] : $this->advance(max(1, $this->state->now));
        $this->clock->fireUntil($end);

        return [...$settled, ...$this->collect()];
    }

    /**
     * A device has gone: its contacts open, as releases, and what it toggled or repeats ends; its axes stay where they are,
     * but no longer move the mouse.
     *
     * @return list<OutputEvent>
     */
    public function unplug(string $device): array
    {
        $this->run->plugs->goes($device);

        return $this->collect();
    }

    /**
     * A device is back, with all that it reports open.
     *
     * @return list<OutputEvent>
     */
    public function plugIn(string $device): array
    {
        $this->run->plugs->comes($device);

        return $this->collect();
    }

    /**
     * All that is held, waiting or timed ends: the session is closed, or the program is about to be changed.
     *
     * @param bool $isStill axes send nothing by it, since they are taken up by another program at once
     *
     * @return list<OutputEvent>
     */
    public function letGoOfEverything(Cause $cause, bool $isStill = false): array
    {
        if ($isStill) {
            $this->run->axes->beStill();
        }
        $this->run->lettingGo->atTheEnd($cause);
        $this->run->lamps->settle($cause);
        $this->run->axes->rememberAll();

        return $this->collect();
    }

    /** @return array<string, Sending> what every axis drives, by its reference */
    public function sending(): array
    {
        return $this->run->axes->sending();
    }

    /**
     * The program under the hands has changed: axes are where they were, toggles hold again what they held, contacts count
     * as found, then axes send.
     *
     * @return list<OutputEvent>
     */
    public function takeUp(Carried $carried, Cause $cause): array
    {
        $carried->into($this->run, $cause);

        return $this->collect();
    }

    /**
     * Somebody is back after all was let go of: what is closed counts as found.
     *
     * @return list<OutputEvent>
     */
    public function findAgain(Cause $cause): array
    {
        if ($this->state->phase === Phase::Running) {
            $this->run->findsAgain = true;
            $this->run->contacts->findAgain($cause);
            $this->run->findsAgain = false;
        }
        $this->run->lamps->settle($cause);
        $this->run->lamps->update($cause);

        return $this->collect();
    }

    /** @return list<OutputEvent> what is sent now: of each output its value, but for those that are off */
    public function sentNow(): array
    {
        return (new OutputsNow($this->run))->all();
    }

    public function liveLayer(): int
    {
        return $this->run->layers->live();
    }

    /**
     * A macro is started by no contact: it is tried on the page where it is made.
     *
     * @return list<OutputEvent>
     */
    public function tryMacro(string $id): array
    {
        if ($this->program->macroIndex($id) >= 0 && $this->state->phase === Phase::Running) {
            $this->run->macros->press($id, null, new Cause(Cause::TRIED));
            $this->run->lamps->update(new Cause(Cause::TRIED));
        }

        return $this->collect();
    }

    /**
     * What is being recorded for a macro ends and is kept.
     *
     * @return list<OutputEvent>
     */
    public function keepMacro(Cause $cause): array
    {
        $this->run->macroRecording->end($cause);

        return $this->collect();
    }

    /** When the next timer is due, in µs; null if none is set. */
    public function nextDue(): ?int
    {
        return $this->state->timers === [] ? null : $this->run->timers->next();
    }

    /** @return list<OutputEvent> */
    private function collect(): array
    {
        $this->run->lanes->store();
        $events = $this->run->events;
        $this->run->events = [];

        return $events;
    }
}
