<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\AssignmentsState;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Behaviour\Assigned;
use Nailrod\Core\Mapping\Behaviour\TimedBehaviour;

/** Timers of behaviours, and the one number or word that each assignment remembers between two of them. */
final class Later implements Timed
{
    public const OWNER = 'later';

    private readonly AssignmentsState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->assignments;
    }

    /** @param int $delay in µs */
    public function set(Assigned $assigned, string $what, int $delay, Cause $cause): void
    {
        $this->run->timers->set($delay, self::OWNER, $assigned->id, $cause, $what);
    }

    public function cancel(Assigned $assigned, string $what): void
    {
        $this->run->timers->cancel(self::OWNER, $assigned->id, $what);
    }

    /** What the assignment is doing; null if it rests. */
    public function stage(Assigned $assigned): ?string
    {
        return $this->own->stages[$assigned->id] ?? null;
    }

    public function enter(Assigned $assigned, ?string $stage): void
    {
        // The latest stands last, so that what came on last can end first.
        unset($this->own->stages[$assigned->id]);
        if ($stage !== null) {
            $this->own->stages[$assigned->id] = $stage;
        }
    }

    public function timer(Timer $timer): void
    {
        $assigned = $this->run->program->assigned($timer->of);
        if ($assigned->behaviour instanceof TimedBehaviour) {
            $acting = $this->run->acting;
            $this->run->acting = $assigned->id;
            $assigned->behaviour->timer($this->run, $assigned, $timer->what, $timer->cause);
            $this->run->acting = $acting;
        }
    }

    /**
     * What assignments are doing ends, what came on last first.
     *
     * @param callable(int): bool $which given the number of an assignment
     */
    public function end(callable $which, Cause $cause): void
    {
        foreach (array_reverse(array_keys($this->own->stages)) as $id) {
            if ($which($id)) {
                $this->endOne($id, $cause);
            }
        }
    }

    public function endOne(int $id, Cause $cause): void
    {
        $assigned = $this->run->program->assigned($id);
        if ($assigned->behaviour instanceof TimedBehaviour) {
            $assigned->behaviour->end($this->run, $assigned, $cause);
        }
        unset($this->own->stages[$id]);
    }
}
