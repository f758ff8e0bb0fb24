<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\TickQueue;
use Nailrod\Core\Engine\State\TicksState;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Behaviour\Assigned;
use Nailrod\Core\Mapping\Behaviour\QueuesTicks;

/** Ticks that wait for their pulse, one queue for each assignment, fine and coarse in one. */
final class TickQueues implements Timed
{
    public const OWNER = 'ticks';

    /** How long a tick counts for the speed, in µs; one exactly so old no longer does. */
    private const SPEED_OVER = 200_000;

    private readonly TicksState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->ticks;
    }

    public function tick(Assigned $assigned, QueuesTicks $ticks, Cause $cause): void
    {
        $state = $this->run->state;
        $recent = array_values(
            array_filter($this->own->times[$assigned->id] ?? [], fn (int $t) => $state->now - $t < self::SPEED_OVER),
        );
        $recent[] = $state->now;
        $this->own->times[$assigned->id] = $recent;
        $output = $ticks->placeAt(count($recent) * 1_000_000 / self::SPEED_OVER, $assigned);
        $queue = $this->own->queues[$assigned->id] ?? null;
        if ($queue === null) {
            $this->start($assigned, $ticks, $output, $cause, []);
        } elseif (count($queue->waiting) < $ticks->most()) {
            $this->own->queues[$assigned->id] = new TickQueue($queue->on, [...$queue->waiting, [$output, $cause]]);
        } else {
            $this->own->dropped[$assigned->id] = ($this->own->dropped[$assigned->id] ?? 0) + 1;
        }
    }

    public function timer(Timer $timer): void
    {
        $assigned = $this->run->program->assigned($timer->of);
        $ticks = $assigned->behaviour;
        $queue = $this->own->queues[$assigned->id] ?? null;
        if (! $ticks instanceof QueuesTicks || $queue === null) {
            return;
        }
        if ($queue->on !== null) {
            $this->release($assigned, $queue->on, $timer->cause->then(StepKind::Timer, 'pulse over'));
            $this->own->queues[$assigned->id] = new TickQueue(null, $queue->waiting);
            $this->run->timers->set($ticks->gap(), self::OWNER, $timer->of, $timer->cause);
        } elseif ($queue->waiting === []) {
            unset($this->own->queues[$assigned->id]);
        } else {
            [$output, $cause] = $queue->waiting[0];
            $this->start(
                $assigned,
                $ticks,
                $output,
                $cause->then(StepKind::Timer, 'waited for its turn'),
                array_slice($queue->waiting, 1),
            );
        }
    }

    /** Every pulse ends now, the latest first, and what waits is forgotten. */
    public function end(Cause $cause): void
    {
        foreach (array_reverse($this->own->queues, true) as $id => $queue) {
            if ($queue->on !== null) {
                $this->release($this->run->program->assigned($id), $queue->on, $cause);
            }
        }
        $this->own->queues = [];
    }

    /** @param list<array{int, Cause}> $waiting */
    private function start(Assigned $assigned, QueuesTicks $ticks, int $output, Cause $cause, array $waiting): void
    {
        $this->own->queues[$assigned->id] = new TickQueue($output, $waiting);
        $this->run->timers->set($ticks->width(), self::OWNER, $assigned->id, $cause);
        if (isset($assigned->outputs[$output])) {
            $assigned->outputs[$output]->press(
                $this->run,
                $assigned->source($output),
                $assigned->towards($output, $cause),
            );
        }
    }

    private function release(Assigned $assigned, int $output, Cause $cause): void
    {
        if (isset($assigned->outputs[$output])) {
            $assigned->outputs[$output]->release(
                $this->run,
                $assigned->source($output),
                $assigned->towards($output, $cause),
            );
        }
    }
}
