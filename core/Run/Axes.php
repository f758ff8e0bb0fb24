<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Axis\Side;
use Nailrod\Core\Axis\Steady;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\Input;
use Nailrod\Core\Cause\Step;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Output\OutputEvent;

/** The axes of a run: from a reading, through shaping and stops, to the value that AxisRoutes sends. */
final class Axes implements Timed
{
    public const OWNER = 'axes';

    /** @var list<AxisLane> */
    private array $lanes = [];

    private readonly AxisRoutes $routes;

    /** Is nothing sent for now, since the program is being changed under the hands? */
    private bool $isStill = false;

    /** @param bool $fused compute the stages once for every possible reading, for long runs */
    public function __construct(private readonly Run $run, private readonly bool $fused)
    {
        $this->routes = new AxisRoutes($run);
    }

    /** Reads the state in; to be called once all parts of the run are there. */
    public function begin(): void
    {
        $state = $this->run->state;
        foreach ($this->run->program->tables->axes as $axis => $row) {
            $lane = new AxisLane($row->min, $row->max);
            $lane->reading = $lane->standing = $state->readings[$axis] ?? 0;
            $lane->value = $state->values[$axis] ?? 0.0;
            $lane->integer = $state->integers[$axis] ?? -1;
            $lane->notch = $state->notches[$axis] ?? null;
            $this->prepare($axis, $lane);
            $lane->assignment = $this->run->layers->axisAssignmentOf($axis);
            $this->routes->resume($axis, $lane);
            $this->lanes[] = $lane;
            $this->bound($axis);
            $lane->wouldSend = $lane->pending === null || $lane->integer < 0 ? null : $lane->pending->output->send($lane->bounded(), $lane->integer);
        }
        $this->routes->lead($this->lanes);
        foreach ($this->run->program->tables->made as $i => $made) {
            foreach ($made->contacts === [] ? $this->run->made->travels($i) : [] as $axis => $travel) {
                $this->lanes[$axis]->travel = $travel;
            }
        }
    }

    /** Writes where every axis stands into the state. */
    public function store(): void
    {
        $state = $this->run->state;
        foreach ($this->lanes as $axis => $lane) {
            if ($lane->integer < 0) {
                continue;
            }
            $state->values[$axis] = $lane->value;
            $state->integers[$axis] = $lane->integer;
            if (! $this->run->program->tables->axes[$axis]->built) {
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
        return $this->lanes[$axis]->integer >= 0;
    }

    /** Where an axis is, 0..1; one that has not reported is at rest. */
    public function travelOf(int $axis): float
    {
        $lane = $this->lanes[$axis];
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
        $lane = $this->lanes[$axis];

        return $lane->route === null ? ['', 0.0] : [$lane->route->target, (float) $lane->route->output->send($lane->bounded(), $lane->integer)];
    }

    /** The value of an axis before the stops, 0..1; null before its first reading. */
    public function valueOf(int $axis): ?float
    {
        $lane = $this->lanes[$axis];

        return $lane->integer < 0 ? null : $lane->value;
    }

    /** The shut stop that holds the value of an axis back just now; null if none does. */
    public function heldBy(int $axis): ?string
    {
        $lane = $this->lanes[$axis];

        return match (true) {
            $lane->integer < 0 => null,
            $lane->value > $lane->high => $lane->stepsHigh[0]->subject,
            $lane->value < $lane->low => $lane->stepsLow[0]->subject,
            default => null,
        };
    }

    /** @throws InputError */
    public function move(Input $input, int $axis): void
    {
        $lane = $this->lanes[$axis];
        $reading = $input->value;
        if (! is_int($reading) || $reading < $lane->min || $reading > $lane->max) {
            throw InputError::outOfRange($input, $lane->min, $lane->max);
        }
        $lane->reading = $reading;
        if ($lane->steadying !== null) {
            $reading = $lane->steadying->take($reading);
            if ($lane->spikes) {
                $lane->latest = $input;
                if (! $lane->waits && $lane->steadying->isUnsettled()) {
                    $this->wait($axis, $lane, Steady::SPIKE_WAIT);
                }
            }
        }
        if ($reading === $lane->standing && $lane->integer >= 0) {
            return;
        }
        $isFirst = $lane->integer < 0;
        $lane->standing = $reading;
        if ($lane->table === null) {
            $value = $this->fused ? $this->fuse($axis, $lane, $reading) : $this->run->program->shaping($axis)->value($reading);
        } else {
            $value = $lane->table[$reading - $lane->min];
        }
        $this->stand($input, $axis, $lane, $value);
        if ($lane->feeds && ($reading < $lane->calmFrom || $reading > $lane->calmTo)) {
            $this->feed($input, $axis, $lane, $reading, $isFirst);
        }
    }

    /** A built axis follows its sources. */
    public function build(int $axis, float $travel, Input $input): void
    {
        $lane = $this->lanes[$axis];
        $lane->travel = $travel;
        $shaping = $this->run->program->shaping($axis);
        $this->stand($input, $axis, $lane, $shaping->notches->apply($shaping->shape($travel)));
    }

    /** The axis has this value before the stops, and before stepped notches. */
    private function stand(Input $input, int $axis, AxisLane $lane, float $value): void
    {
        if ($lane->stepped !== null) {
            $lane->notch = $lane->stepped->step($lane->notch, $value);
            $value = $lane->stepped->at[$lane->notch];
        }
        $lane->value = $value;
        if ($value > $lane->high) {
            $integer = (int) (65535 * $lane->high + 0.5);
            $steps = $lane->stepsHigh;
        } elseif ($value < $lane->low) {
            $integer = (int) (65535 * $lane->low + 0.5);
            $steps = $lane->stepsLow;
        } else {
            $integer = (int) (65535 * $value + 0.5);
            $steps = $lane->steps;
        }
        if ($integer !== $lane->integer) {
            $lane->integer = $integer;
            $route = $lane->route;
            if ($route !== null) {
                if ($route->direct) {
                    $this->run->events[] = new OutputEvent($this->run->state->now, OutputEvent::AXIS, $route->target, $integer, new Cause($input, $steps));
                } else {
                    $this->routes->send($route, $axis, $integer, new Cause($input, $steps));
                }
            } elseif ($lane->pending !== null) {
                $this->routes->pickUp($axis, new Cause($input, $steps));
            }
        }
        if ($lane->watched) {
            $this->run->stops->watch($axis, $value, new Cause($input));
        }
    }

    /** What is made from the axis follows. In a long run it is found out between which readings nothing of it changes. */
    private function feed(Input $input, int $axis, AxisLane $lane, int $reading, bool $isFirst): void
    {
        $this->run->made->moved($axis, $input, $isFirst);
        if ($this->fused && $this->run->made->isFedAlone($axis)) {
            $lane->calmFrom = $this->lastCalm($axis, $reading, $lane->min);
            $lane->calmTo = $this->lastCalm($axis, $reading, $lane->max);
        }
    }

    /** The last reading on the way from one to another at which what is made stands as it does now; travel never turns back. */
    private function lastCalm(int $axis, int $calm, int $end): int
    {
        if ($this->run->made->isCalmAt($axis, $end)) {
            return $end;
        }
        while (abs($end - $calm) > 1) {
            $middle = intdiv($calm + $end, 2);
            if ($this->run->made->isCalmAt($axis, $middle)) {
                $calm = $middle;
            } else {
                $end = $middle;
            }
        }

        return $calm;
    }

    /** With no newer reading for a while, the last one is taken. The timer is set once, and again while readings come. */
    public function timer(Timer $timer): void
    {
        $axis = (int) $timer->subject;
        $lane = $this->lanes[$axis];
        $steadying = $lane->steadying;
        if ($steadying === null || $lane->latest === null) {
            return;
        }
        $lane->waits = false;
        if (! $steadying->isUnsettled()) {
            return;
        }
        $left = $lane->latest->t + Steady::SPIKE_WAIT - $this->run->state->now;
        if ($left > 0) {
            $this->wait($axis, $lane, $left);

            return;
        }
        $steadying->wait();
        $this->move($lane->latest, $axis);
    }

    private function wait(int $axis, AxisLane $lane, int $time): void
    {
        $lane->waits = true;
        $this->run->timers->set($time, self::OWNER, (string) $axis, new Cause($lane->latest ?? Cause::START), $axis);
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
        $lane->latest = $this->run->state->latest[$axis] ?? null;
        foreach ($this->run->state->timers as $timer) {
            $lane->waits = $lane->waits || ($timer->owner === self::OWNER && $timer->subject === (string) $axis);
        }
        if (isset($this->run->state->windows[$axis])) {
            $lane->steadying->restore($this->run->state->windows[$axis], $this->run->state->standing[$axis]);
            $lane->standing = $lane->steadying->standing;
        }
    }

    /** From now on nothing is sent, until all that is under the hands has been found anew. */
    public function beStill(): void
    {
        $this->isStill = true;
    }

    /** Where the axis is, not as an input: the program under it has changed. What steadying holds on to stays. */
    public function place(int $axis, int $reading): void
    {
        $lane = $this->lanes[$axis];
        $lane->reading = $reading;
        if ($lane->steadying !== null && $lane->steadying->window() === null) {
            $lane->steadying->start($reading);
        }
        $lane->standing = $lane->steadying->standing ?? $reading;
        if ($lane->spikes && $lane->latest !== null && $lane->steadying?->isUnsettled() === true) {
            $this->wait($axis, $lane, max(0, $lane->latest->t + Steady::SPIKE_WAIT - $this->run->state->now));
        }
        $this->placeAt($axis, $this->run->program->shaping($axis)->value($lane->standing));
    }

    public function placeBuilt(int $axis, float $travel): void
    {
        $this->lanes[$axis]->travel = $travel;
        $shaping = $this->run->program->shaping($axis);
        $this->placeAt($axis, $shaping->notches->apply($shaping->shape($travel)));
    }

    private function placeAt(int $axis, float $value): void
    {
        $lane = $this->lanes[$axis];
        if ($lane->stepped !== null) {
            $lane->notch = $lane->stepped->step($lane->notch, $value);
            $value = $lane->stepped->at[$lane->notch];
        }
        $lane->value = $value;
        $lane->integer = (int) (65535 * $lane->bounded() + 0.5);
    }

    /**
     * Where every axis sends to, and what, so that it can be taken up by another program.
     *
     * @return array<string, Sending> by reference
     */
    public function sending(): array
    {
        $sending = [];
        foreach ($this->lanes as $axis => $lane) {
            $route = $lane->route ?? $lane->pending;
            if ($route !== null) {
                $sending[$this->run->program->tables->axes[$axis]->ref] = $this->routes->sending($axis, $lane, $route);
            }
        }

        return $sending;
    }

    /**
     * All has been found anew: every axis takes its output and sends where it stands, if that is not what it sent before.
     *
     * @param array<string, Sending> $before    by reference
     * @param bool                   $hasChanged is another layer live than before, so that what was left returns to rest where it is to?
     */
    public function takeUp(array $before, bool $hasChanged, Cause $cause): void
    {
        $this->isStill = false;
        foreach ($this->run->program->tables->axes as $axis => $row) {
            $this->lanes[$axis]->assignment = $this->run->layers->axisAssignmentOf($axis);
            $this->bound($axis);
            if ($this->lanes[$axis]->integer >= 0) {
                $this->lanes[$axis]->integer = (int) (65535 * $this->lanes[$axis]->bounded() + 0.5);
            }
        }
        if ($hasChanged) {
            $this->routes->leaveAll($before, $cause);
        }
        foreach ($this->run->program->tables->axes as $axis => $row) {
            $this->routes->takeUp($axis, $before[$row->ref] ?? null, $this->moved($axis, $cause));
            $this->bound($axis);
        }
    }

    /** The stops of an axis have changed: bounds and the value sent are taken anew. */
    public function refresh(int $axis, Cause $cause): void
    {
        $this->bound($axis);
        $lane = $this->lanes[$axis];
        $integer = (int) (65535 * $lane->bounded() + 0.5);
        if ($this->isStill || $lane->integer < 0 || $integer === $lane->integer) {
            return;
        }
        $lane->integer = $integer;
        if ($lane->route !== null) {
            $this->routes->send($lane->route, $axis, $integer, $this->moved($axis, $cause));
        } elseif ($lane->pending !== null) {
            $this->routes->pickUp($axis, $this->moved($axis, $cause));
        }
    }

    /**
     * The live layer has changed. All axes that have another output there leave the old one, then take the new one.
     */
    public function reroute(Cause $cause): void
    {
        $changed = [];
        foreach ($this->isStill ? [] : $this->lanes as $axis => $lane) {
            $assignment = $this->run->layers->axisAssignmentOf($axis);
            if ($assignment !== $lane->assignment) {
                $changed[$axis] = $assignment;
                $this->routes->leave($axis, $cause);
            }
        }
        foreach ($changed as $axis => $assignment) {
            $this->routes->enter($axis, $assignment);
            $this->bound($axis);
            $this->routes->arrive($axis, $this->moved($axis, $cause));
        }
    }

    /** Notes what every output was last sent, before the program is swapped. */
    public function rememberAll(): void
    {
        $this->routes->rememberAll();
    }

    private function moved(int $axis, Cause $cause): Cause
    {
        return $cause->then(StepKind::AxisSends, $this->run->program->tables->axes[$axis]->ref);
    }

    private function bound(int $axis): void
    {
        $lane = $this->lanes[$axis];
        $lane->high = 1.0;
        $lane->low = 0.0;
        $lane->steps = $lane->stepsHigh = $lane->stepsLow = ($lane->route ?? $lane->pending)->steps ?? [];
        foreach ($this->run->program->tables->axes[$axis]->stops as $index) {
            if (isset($this->run->state->stopOpen[$index][$axis])) {
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

    private function fuse(int $axis, AxisLane $lane, int $reading): float
    {
        $lane->table = $this->run->program->values($axis);

        return $lane->table[$reading - $lane->min];
    }
}
