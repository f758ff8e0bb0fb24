<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Behaviour\Assigned;
use Nailrod\Core\Behaviour\QueuesTicks;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\StepKind;

/** Ticks that wait for their pulse, one queue for each assignment, fine and coarse in one. */
final class TickQueues implements Timed
{
    public const OWNER = 'ticks';

    /** How long a tick counts for the speed, in µs; one exactly so old no longer does. */
    private const SPEED_OVER = 200_000;

    public function __construct(private readonly Run $run) {}

    public function tick(Assigned $assigned, QueuesTicks $ticks, Cause $cause): void
    {
        $state = $this->run->state;
        $recent = array_values(array_filter($state->tickTimes[$assigned->id] ?? [], fn (int $t) => $state->now - $t < self::SPEED_OVER));
        $recent[] = $state->now;
        $state->tickTimes[$assigned->id] = $recent;
        $output = $ticks->placeAt(count($recent) * 1_000_000 / self::SPEED_OVER, $assigned);
        $queue = $state->ticks[$assigned->id] ?? null;
        if ($queue === null) {
            $this->start($assigned, $ticks, $output, $cause, []);
        } elseif (count($queue['waiting']) < $ticks->most()) {
            $queue['waiting'][] = [$output, $cause];
            $state->ticks[$assigned->id] = $queue;
        } else {
            $state->dropped[$assigned->id] = ($state->dropped[$assigned->id] ?? 0) + 1;
        }
    }

    public function timer(Timer $timer): void
    {
        $state = $this->run->state;
        $assigned = $this->run->program->assigned((int) $timer->subject);
        $ticks = $assigned->behaviour;
        $queue = $state->ticks[$assigned->id] ?? null;
        if (! $ticks instanceof QueuesTicks || $queue === null) {
            return;
        }
        if ($queue['on'] !== null) {
            $this->release($assigned, $queue['on'], $timer->cause->then(StepKind::Timer, 'pulse over'));
            $state->ticks[$assigned->id] = ['on' => null, 'waiting' => $queue['waiting']];
            $this->run->timers->set($ticks->gap(), self::OWNER, $timer->subject, $timer->cause);
        } elseif ($queue['waiting'] === []) {
            unset($state->ticks[$assigned->id]);
        } else {
            [$output, $cause] = array_shift($queue['waiting']);
            $this->start($assigned, $ticks, $output, $cause->then(StepKind::Timer, 'waited for its turn'), $queue['waiting']);
        }
    }

    /** Every pulse ends now, the latest first, and what waits is forgotten. */
    public function end(Cause $cause): void
    {
        foreach (array_reverse($this->run->state->ticks, true) as $id => $queue) {
            if ($queue['on'] !== null) {
                $this->release($this->run->program->assigned($id), $queue['on'], $cause);
            }
        }
        $this->run->state->ticks = [];
    }

    /** @param list<array{int, Cause}> $waiting */
    private function start(Assigned $assigned, QueuesTicks $ticks, int $output, Cause $cause, array $waiting): void
    {
        $this->run->state->ticks[$assigned->id] = ['on' => $output, 'waiting' => $waiting];
        $this->run->timers->set($ticks->width(), self::OWNER, (string) $assigned->id, $cause);
        if (isset($assigned->outputs[$output])) {
            $assigned->outputs[$output]->press($this->run, $assigned->source($output), $assigned->towards($output, $cause));
        }
    }

    private function release(Assigned $assigned, int $output, Cause $cause): void
    {
        if (isset($assigned->outputs[$output])) {
            $assigned->outputs[$output]->release($this->run, $assigned->source($output), $assigned->towards($output, $cause));
        }
    }
}
