<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\InputError;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\Steady;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** The axes of a run at work: from a reading, through shaping and stops, to the value that AxisRoutes sends. */
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
        $this->run->lanes->begin($this->routes);
        $this->lanes = $this->run->lanes->all;
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
        $shut = $lane->watched ? $this->run->stops->watch($axis, $value) : [];
        if ($value > $lane->high) {
            $integer = (int) (Shaping::STEPS * $lane->high + 0.5);
            $steps = $lane->stepsHigh;
        } elseif ($value < $lane->low) {
            $integer = (int) (Shaping::STEPS * $lane->low + 0.5);
            $steps = $lane->stepsLow;
        } else {
            $integer = (int) (Shaping::STEPS * $value + 0.5);
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
        foreach ($shut as $stop) {
            $this->run->stops->tellDrawnBack($stop, new Cause($input));
        }
    }

    /** What is made from the axis follows. In a long run it is found out between which readings nothing of it changes. */
    private function feed(Input $input, int $axis, AxisLane $lane, int $reading, bool $isFirst): void
    {
        $this->run->made->moved($axis, $input, $isFirst);
        if ($this->fused && $this->run->made->isFedAlone($axis)) {
            $lane->calmFrom = $this->run->made->lastCalm($axis, $reading, $lane->min);
            $lane->calmTo = $this->run->made->lastCalm($axis, $reading, $lane->max);
        }
    }

    /** With no newer reading for a while, the last one is taken. The timer is set once, and again while readings come. */
    public function timer(Timer $timer): void
    {
        $axis = $timer->of;
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
        $this->run->timers->set($time, self::OWNER, $axis, new Cause($lane->latest ?? Cause::START), rank: $axis);
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
        $lane->integer = Shaping::integer($lane->bounded());
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
                $sending[$this->run->program->tables->axes[$axis]->input->ref] = $this->routes->sending($axis, $lane, $route);
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
            $this->run->lanes->bound($axis);
            if ($this->lanes[$axis]->integer >= 0) {
                $this->lanes[$axis]->integer = Shaping::integer($this->lanes[$axis]->bounded());
            }
        }
        if ($hasChanged) {
            $this->routes->leaveAll($before, $cause);
        }
        foreach ($this->run->program->tables->axes as $axis => $row) {
            $this->routes->takeUp($axis, $before[$row->input->ref] ?? null, $this->moved($axis, $cause));
            $this->run->lanes->bound($axis);
        }
    }

    /** The stops of an axis have changed: bounds and the value sent are taken anew. */
    public function refresh(int $axis, Cause $cause): void
    {
        $this->run->lanes->bound($axis);
        $lane = $this->lanes[$axis];
        $integer = Shaping::integer($lane->bounded());
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
            $this->run->lanes->bound($axis);
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
        return $cause->then(StepKind::AxisSends, $this->run->program->tables->axes[$axis]->input->ref);
    }

    private function fuse(int $axis, AxisLane $lane, int $reading): float
    {
        $lane->table = $this->run->program->values($axis);

        return $lane->table[$reading - $lane->min];
    }
}
