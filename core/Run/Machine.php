<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Device\ContactInput;
use Nailrod\Core\Program\Program;

/** The engine: a program and a state, timed inputs in, timed outputs out. No clock, no files, no chance. */
final class Machine
{
    /** Timers run on for at most this long after the last input of a run, in µs. */
    public const RUN_ON = 10_000_000;

    private readonly Run $run;

    private function __construct(private readonly Program $program, public readonly State $state, bool $fused)
    {
        $this->run = new Run($program, $state, $fused);
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
        $axisPorts = $this->program->tables['axisPorts'];
        $axes = $this->run->axes;
        if ($state->phase === Phase::Fresh) {
            $state->phase = Phase::Finding;
        }
        try {
            foreach ($inputs as $input) {
                $t = $input->t;
                if ($t > $state->now && $state->timers === [] && $state->phase === Phase::Running) {
                    $state->now = $t;
                } elseif ($t !== $state->now) {
                    $this->passTo($input);
                } elseif ($state->timers !== []) {
                    $this->fireUntil($t);
                }
                $axis = $axisPorts[$input->port] ?? null;
                if ($axis !== null) {
                    $axes->move($input, $axis);
                } else {
                    $this->other($input);
                }
            }
        } finally {
            $axes->store();
        }

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
            $this->state->phase = Phase::Finding;
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
        if ($this->state->phase !== Phase::Running) {
            $this->advance(max(1, $this->state->now));
        }
        $this->fireUntil($end);

        return $this->collect();
    }

    /**
     * A device has gone: its contacts open, as releases; its axes stay where they are.
     *
     * @return list<OutputEvent>
     */
    public function unplug(string $device): array
    {
        foreach ($this->program->tables['contacts'] as $contact => $row) {
            if ($row['opposite'] === null && str_starts_with($row['ref'], $device.'/') && ($this->state->closed[$contact] ?? false)) {
                $this->run->contacts->report([$contact => false], new Cause(Cause::UNPLUGGED));
            }
        }

        return $this->collect();
    }

    /**
     * All that is held, waiting or timed ends: the session is closed, or the program is about to be swapped.
     *
     * @return list<OutputEvent>
     */
    public function letGoOfEverything(Cause $cause): array
    {
        $this->state->timers = [];
        $this->run->pulses->end($cause);
        foreach ($this->state->pressed as $contact => $assignment) {
            $this->state->pressed[$contact] = Program::NOTHING;
            $this->releaseAll($assignment, $cause);
        }
        foreach (array_keys($this->state->toggled) as $assignment) {
            $this->releaseAll($assignment, $cause);
        }
        foreach (array_keys($this->state->holders) as $key) {
            [$kind, $target] = explode(' ', $key, 2);
            unset($this->state->holders[$key]);
            $this->run->emit($kind, $target, 0, $cause);
        }
        $this->state->toggled = [];
        foreach ($this->state->heldLayers as [, $source]) {
            $this->run->layers->remove($source, $cause);
        }
        $this->run->axes->rememberAll();

        return $this->collect();
    }

    /**
     * After a swap: toggles hold again what they held, axes are where they were, contacts count as found.
     *
     * @param list<int>       $toggled  assignments
     * @param array<int, int> $readings by axis
     *
     * @return list<OutputEvent>
     */
    public function takeUp(array $toggled, array $readings, Cause $cause): array
    {
        foreach ($toggled as $assignment) {
            $this->state->toggled[$assignment] = true;
            $assigned = $this->program->assigned($assignment);
            foreach ($assigned->outputs as $i => $output) {
                $output->press($this->run, $assigned->source($i), $assigned->towards($i, $cause));
            }
        }
        foreach ($readings as $axis => $reading) {
            $this->run->axes->place($axis, $reading, $cause);
        }
        if ($this->state->phase === Phase::Running) {
            $this->run->contacts->findAgain($cause);
        }

        return $this->collect();
    }

    /** Id of the shut stop that holds the value of an axis back just now; null if none does, or the set does not use the axis. */
    public function heldBy(string $port): ?string
    {
        $axis = $this->program->tables['axisPorts'][$port] ?? null;

        return $axis === null ? null : $this->run->axes->heldBy($axis);
    }

    public function liveLayer(): int
    {
        return $this->run->layers->live();
    }

    /** When the next timer is due, in µs; null if none is set. */
    public function nextDue(): ?int
    {
        return $this->state->timers === [] ? null : $this->run->timers->next();
    }

    private function releaseAll(int $assignment, Cause $cause): void
    {
        if ($assignment !== Program::NOTHING) {
            $assigned = $this->program->assigned($assignment);
            foreach ($assigned->outputs as $i => $output) {
                $output->release($this->run, $assigned->source($i), $assigned->towards($i, $cause));
            }
        }
    }

    private function passTo(Input $input): void
    {
        $state = $this->state;
        if ($input->t < $state->now) {
            throw InputError::backInTime($input, $state->now);
        }
        if ($state->phase !== Phase::Running) {
            $this->settle();
        }
        if ($state->timers !== []) {
            $this->fireUntil($input->t);
        }
        $state->now = $input->t;
    }

    private function settle(): void
    {
        $this->state->phase = Phase::Running;
        $this->run->contacts->settleFound();
    }

    private function fireUntil(int $t): void
    {
        while ($this->state->timers !== [] && $this->state->timers[0]->due <= $t) {
            $timer = $this->run->timers->take();
            $this->state->now = $timer->due;
            $this->run->fire($timer);
        }
    }

    private function other(Input $input): void
    {
        $tables = $this->program->tables;
        if (isset($tables['contactPorts'][$input->port])) {
            if ($input->value !== 0 && $input->value !== 1) {
                throw InputError::outOfRange($input, 0, 1);
            }
            $this->run->contacts->report([$tables['contactPorts'][$input->port] => $input->value === 1], new Cause($input));
        } elseif (isset($tables['hatPorts'][$input->port])) {
            $this->hat($input, $tables['hatPorts'][$input->port]);
        } elseif (str_starts_with($input->port, 'sim/')) {
            $this->run->variables->learn(substr($input->port, 4), (float) $input->value);
        }
    }

    /** @param list<?int> $contacts north, east, south and west; null where the set does not use one */
    private function hat(Input $input, array $contacts): void
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
        $this->run->contacts->report($reported, new Cause($input));
    }

    /** @return list<OutputEvent> */
    private function collect(): array
    {
        $this->run->axes->store();
        $events = $this->run->events;
        $this->run->events = [];

        return $events;
    }
}
