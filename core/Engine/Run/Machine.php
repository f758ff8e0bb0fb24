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
use Nailrod\Core\Rig\Device\ContactInput;

/** The engine: a program and a state, timed inputs in, timed outputs out. No clock, no files, no chance. */
final class Machine
{
    /** Timers run on for at most this long after the last input of a run, in µs. */
    public const RUN_ON = 10_000_000;

    private readonly Run $run;

    public readonly Questions $questions;

    private function __construct(private readonly Program $program, public readonly State $state, bool $fused)
    {
        $this->run = new Run($program, $state, $fused);
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
            $this->begin();
        }
        try {
            foreach ($inputs as $input) {
                $t = $input->t;
                if ($t > $state->now && $state->phase === Phase::Running && (
                    $state->timers === [] || $state->timers[0]->due > $t
                )) {
                    $state->now = $t;
                } elseif ($t !== $state->now) {
                    $this->passTo($input);
                } elseif ($state->timers !== []) {
                    $this->fireUntil($t);
                }
                $axis = $axisPorts[$input->port] ?? null;
                if ($axis !== null) {
                    $mark = $this->run->mark();
                    $axes->move($input, $axis);
                    if (! $hasLamps || $this->run->isAlikeSince($mark)) {
                        continue;
                    }
                } elseif (isset($contactPorts[$input->port])) {
                    $this->contact($input, $contactPorts[$input->port]);
                } else {
                    $this->other($input);
                }
                if ($hasLamps) {
                    $this->run->lamps->update(new Cause($input));
                }
            }
        } finally {
            $this->run->axes->store();
        }

        return $this->collect();
    }

    /**
     * A hand tells how it finds a port of a rig that is at work already: nothing was pressed, so only what is a state
     * starts.
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
        $this->passTo($input);
        $this->found($input);
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
            $this->begin();
        }
        if ($to > 0 && $this->state->phase !== Phase::Running) {
            $this->settle();
        }
        if ($to >= $this->state->now) {
            $this->fireUntil($to);
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
        $this->fireUntil($end);

        return [...$settled, ...$this->collect()];
    }

    /**
     * A device has gone: its contacts open, as releases, and what it toggled or repeats ends; its axes stay where they
     * are, but no longer move the mouse.
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
     * The program under the hands has changed: axes are where they were, toggles hold again what they held, contacts
     * count as found, then axes send.
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
        $this->run->axes->store();
        $events = $this->run->events;
        $this->run->events = [];

        return $events;
    }

    // How time passes: a run begins, it settles, timers fire on the way.

    /** @throws InputError if that is before now */
    private function passTo(Input $input): void
    {
        $state = $this->run->state;
        if ($input->t < $state->now) {
            throw InputError::backInTime($input, $state->now);
        }
        if ($state->phase !== Phase::Running) {
            $this->settle();
        }
        $this->fireUntil($input->t);
        $state->now = $input->t;
    }

    /** The run begins: it is found, not pressed, until time has moved on. */
    private function begin(): void
    {
        $this->run->state->phase = Phase::Finding;
        $this->run->stops->begin(new Cause(Cause::START));
        $this->run->lamps->update(new Cause(Cause::START));
    }

    /** What no row has named is known now. */
    private function settle(): void
    {
        $this->run->state->phase = Phase::Running;
        $this->run->contacts->settleFound();
        $this->run->lamps->update(new Cause(Cause::START));
    }

    /** @param int $t in µs */
    private function fireUntil(int $t): void
    {
        while ($this->run->state->timers !== [] && $this->run->state->timers[0]->due <= $t) {
            $timer = $this->run->timers->take();
            $this->run->state->now = $timer->due;
            $this->run->fire($timer);
            if ($this->run->lamps->isRuled) {
                $this->run->lamps->update($timer->cause);
            }
        }
    }

    // What a device reports of contacts, hats and encoders, and what the game says of its variables.

    /** @throws InputError for anything but 0 and 1 */
    private function contact(Input $input, int $contact): void
    {
        if ($input->value !== 0 && $input->value !== 1) {
            throw InputError::outOfRange($input, 0, 1);
        }
        $cause = new Cause($input);
        if ($this->run->program->tables->contacts[$contact]->debounce === 0) {
            $this->run->contacts->change($contact, $input->value === 1, $cause);
        } else {
            $this->run->contacts->report(
                $this->run->debounce->filter([$contact => $input->value === 1], $cause),
                $cause,
            );
        }
    }

    /**
     * A port is found like this, not pressed: what is closed starts only what is a state. Axes move, ticks are none.
     *
     * @throws InputError for what the port cannot report
     */
    private function found(Input $input): void
    {
        $tables = $this->run->program->tables;
        $contact = $tables->contactPorts[$input->port] ?? null;
        if ($contact === null && ! isset($tables->hatPorts[$input->port])) {
            return;
        }
        if ($contact !== null && $input->value !== 0 && $input->value !== 1) {
            throw InputError::outOfRange($input, 0, 1);
        }
        $reported = $contact === null ? $this->directions($input, $tables->hatPorts[$input->port])
            : [$contact => $input->value === 1];
        foreach (array_keys($reported) as $one) {
            $this->run->debounce->forget($one);
        }
        $this->run->findsAgain = true;
        try {
            $this->run->contacts->report($reported, new Cause($input), true);
        } finally {
            $this->run->findsAgain = false;
        }
    }

    /**
     * What no hand has moved, as a recording tells it: a device that came or went, what was found, what the game did by
     * itself.
     *
     * @throws InputError for what the port cannot report
     */
    private function aside(Input $input): void
    {
        $port = $input->plainPort();
        $plain = new Input($input->t, $port, $input->value, $input->line);
        if ($input->isPlug()) {
            $input->value === 0 ? $this->run->plugs->goes(substr($port, 0, -1))
                : $this->run->plugs->comes(substr($port, 0, -1));
        } elseif (! str_starts_with($port, 'sim/') && $this->run->state->phase === Phase::Running) {
            $this->found($plain);
        } elseif (isset($this->run->program->tables->contactPorts[$port])) {
            $this->contact($plain, $this->run->program->tables->contactPorts[$port]);
        } else {
            $this->other($plain);
        }
    }

    /** @throws InputError for what the port cannot report */
    private function other(Input $input): void
    {
        $tables = $this->run->program->tables;
        if ($input->isAside()) {
            $this->aside($input);
        } elseif (isset($tables->hatPorts[$input->port])) {
            $this->hat($input, $tables->hatPorts[$input->port]);
        } elseif (isset($tables->tickPorts[$input->port]) || isset($tables->rotaries[$input->port])) {
            $this->ticks($input, $tables->tickPorts[$input->port] ?? [null, null]);
        } elseif (str_starts_with($input->port, 'sim/')) {
            $this->run->variables->learn(substr($input->port, 4), (float) $input->value);
        }
    }

    /** @param list<?int> $contacts north, east, south and west; null where the set does not use one */
    private function hat(Input $input, array $contacts): void
    {
        $cause = new Cause($input);
        $this->run->contacts->report(
            $this->run->debounce->filter($this->directions($input, $contacts), $cause),
            $cause,
        );
    }

    /**
     * @param list<?int> $contacts north, east, south and west; null where the set does not use one
     *
     * @return array<int, bool> is it closed, by contact
     */
    private function directions(Input $input, array $contacts): array
    {
        if (! is_int($input->value) || $input->value < -1 || $input->value > 7) {
            throw InputError::outOfRange($input, -1, 7);
        }
        $reported = [];
        foreach ($contacts as $direction => $contact) {
            if ($contact !== null) {
                $reported[$contact] = ContactInput::points($direction, $input->value);
            }
        }

        return $reported;
    }

    /** @param array{?int, ?int} $contacts for ticks one way and the other; null where the set does not use it */
    private function ticks(Input $input, array $contacts): void
    {
        if (! is_int($input->value)) {
            throw InputError::outOfRange($input, -10_000, 10_000);
        }
        $contact = $contacts[$input->value > 0 ? 0 : 1];
        if ($this->run->state->phase !== Phase::Running) {
            return;
        }
        $cause = new Cause($input);
        for ($i = abs($input->value); $i > 0; $i--) {
            if ($contact !== null) {
                $this->run->presses->tick($contact, $cause);
            }
            $this->run->rotaries->turn($input->port, $input->value <=> 0, $cause);
        }
    }
}
