<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Axis\Side;

/** The lanes of all axes of a run: read from the state, written back to it, and where each axis is. */
final class AxisLanes
{
    /** @var list<AxisLane> by number of the axis */
    public array $all = [];

    /** @param bool $fused compute the stages once for every possible reading, for long runs */
    public function __construct(private readonly Run $run, private readonly bool $fused) {}

    /** Reads the state in; to be called once all parts of the run are there. */
    public function begin(AxisRoutes $routes): void
    {
        $state = $this->run->state->axes;
        foreach ($this->run->program->tables->axes as $axis => $row) {
            $lane = new AxisLane($row->input->min, $row->input->max);
            $lane->reading = $lane->standing = $state->readings[$axis] ?? 0;
            $lane->value = $state->values[$axis] ?? 0.0;
            $lane->integer = $state->integers[$axis] ?? -1;
            $lane->notch = $state->notches[$axis] ?? null;
            $this->prepare($axis, $lane);
            $lane->assignment = $this->run->layers->axisAssignmentOf($axis);
            $routes->resume($axis, $lane);
            $this->all[] = $lane;
            $this->bound($axis);
            $lane->wouldSend = $lane->pending === null || $lane->integer < 0 ? null : $lane->pending->output->send($lane->bounded(), $lane->integer);
        }
        $routes->lead($this->all);
        foreach ($this->run->program->tables->made as $i => $made) {
            foreach ($made->contacts === [] ? $this->run->made->travels($i) : [] as $axis => $travel) {
                $this->all[$axis]->travel = $travel;
            }
        }
    }

    /** Writes where every axis stands into the state. */
    public function store(): void
    {
        $state = $this->run->state->axes;
        foreach ($this->all as $axis => $lane) {
            if ($lane->integer < 0) {
                continue;
            }
            $state->values[$axis] = $lane->value;
            $state->integers[$axis] = $lane->integer;
            if (! $this->run->program->tables->axes[$axis]->input->isBuilt()) {
                $state->readings[$axis] = $lane->reading;
            }
            if ($lane->notch !== null) {
                $state->notches[$axis] = $lane->notch;
            }
            $window = $lane->steadying?->window();
            if ($lane->steadying !== null && $window !== null) {
                $state->windows[$axis] = $window;
                $state->standing[$axis] = $lane->steadying->standing;
                if ($lane->latest !== null) {
                    $state->latest[$axis] = $lane->latest;
                }
            }
        }
    }

    public function hasReported(int $axis): bool
    {
        return $this->all[$axis]->integer >= 0;
    }

    /** Where an axis is, 0..1; one that has not reported is at rest. */
    public function travelOf(int $axis): float
    {
        $lane = $this->all[$axis];
        $shaping = $this->run->program->shaping($axis);

        return match (true) {
            $lane->integer < 0 => $shaping->restTravel(),
            $shaping->axis->isBuilt() => $lane->travel,
            default => $shaping->travel($lane->standing),
        };
    }

    /** @return array{string, float} direction and speed in pixels a second at which an axis moves the mouse now */
    public function mouseSpeed(int $axis): array
    {
        $lane = $this->all[$axis];

        return $lane->route === null ? ['', 0.0] : [$lane->route->target, (float) $lane->route->output->send($lane->bounded(), $lane->integer)];
    }

    /** The value of an axis before the stops, 0..1; null before its first reading. */
    public function valueOf(int $axis): ?float
    {
        $lane = $this->all[$axis];

        return $lane->integer < 0 ? null : $lane->value;
    }

    /** The shut stop that holds the value of an axis back just now; null if none does. */
    public function heldBy(int $axis): ?string
    {
        $lane = $this->all[$axis];

        return match (true) {
            $lane->integer < 0 => null,
            $lane->value > $lane->high => $lane->stepsHigh[0]->subject,
            $lane->value < $lane->low => $lane->stepsLow[0]->subject,
            default => null,
        };
    }

    /** The stops of an axis or where it sends have changed: between which values it may be is found out anew. */
    public function bound(int $axis): void
    {
        $lane = $this->all[$axis];
        $lane->high = 1.0;
        $lane->low = 0.0;
        $lane->steps = $lane->stepsHigh = $lane->stepsLow = ($lane->route ?? $lane->pending)->steps ?? [];
        foreach ($this->run->program->tables->axes[$axis]->stops as $index) {
            if (isset($this->run->state->stops->open[$index][$axis])) {
                continue;
            }
            $stop = $this->run->program->stop($index);
            if ($stop->side === Side::Above && $stop->at < $lane->high) {
                $lane->high = $stop->at;
                $lane->stepsHigh = [new Step(StepKind::StopHolds, $stop->id), ...$lane->steps];
            } elseif ($stop->side === Side::Below && $stop->at > $lane->low) {
                $lane->low = $stop->at;
                $lane->stepsLow = [new Step(StepKind::StopHolds, $stop->id), ...$lane->steps];
            }
        }
        $lane->watched = $this->run->stops->watches($axis);
    }

    private function prepare(int $axis, AxisLane $lane): void
    {
        $shaping = $this->run->program->shaping($axis);
        $lane->stepped = $shaping->notches->areStepped() ? $shaping->notches : null;
        $lane->feeds = $this->run->made->isFedBy($axis);
        if ($shaping->steady->isNone()) {
            return;
        }
        $lane->steadying = new Steadying($shaping, $this->fused ? $this->run->program->travels($axis) : null);
        $lane->spikes = $shaping->steady->spikes;
        $lane->latest = $this->run->state->axes->latest[$axis] ?? null;
        foreach ($this->run->state->timers as $timer) {
            $lane->waits = $lane->waits || $timer->isOf(Axes::OWNER, $axis);
        }
        if (isset($this->run->state->axes->windows[$axis])) {
            $lane->steadying->restore($this->run->state->axes->windows[$axis], $this->run->state->axes->standing[$axis]);
            $lane->standing = $lane->steadying->standing;
        }
    }
}
