<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Axis\Side;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\Step;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Program\Program;

/** The axes of a run: from a reading, through shaping and stops, to the output that the live layer gives it. */
final class Axes
{
    /** How far another axis must move to take an output over: 0.01 of 65535. */
    public const TAKE_OVER = 655;

    /** @var list<AxisLane> */
    private array $lanes = [];

    /** @var array<string, array<int, true>> every axis that may drive an output, by the output's key */
    private array $drivers = [];

    /** @param bool $fused compute the stages once for every possible reading, for long runs */
    public function __construct(private readonly Run $run, private readonly bool $fused)
    {
        foreach ($run->program->tables['axisCells'] as $cells) {
            foreach ($cells as $axis => $assignment) {
                if ($assignment !== Program::NOTHING) {
                    $this->drivers[$this->keyOf($assignment)][$axis] = true;
                }
            }
        }
    }

    /** Reads the state in; to be called once all parts of the run are there. */
    public function begin(): void
    {
        $state = $this->run->state;
        foreach ($this->run->program->tables['axes'] as $axis => $row) {
            $lane = new AxisLane($row['min'], $row['max']);
            $lane->reading = $state->readings[$axis] ?? 0;
            $lane->value = $state->values[$axis] ?? 0.0;
            $lane->integer = $state->integers[$axis] ?? -1;
            $lane->assignment = $this->run->layers->axisAssignmentOf($axis);
            $lane->route = $this->routeOf($lane->assignment);
            $this->lanes[] = $lane;
            $this->bound($axis);
        }
    }

    /** Writes where every axis stands into the state. */
    public function store(): void
    {
        $state = $this->run->state;
        foreach ($this->lanes as $axis => $lane) {
            if ($lane->integer >= 0) {
                $state->readings[$axis] = $lane->reading;
                $state->values[$axis] = $lane->value;
                $state->integers[$axis] = $lane->integer;
            }
        }
    }

    /** The shaped value of an axis before the stops, 0..1; null before its first reading. */
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

    public function move(Input $input, int $axis): void
    {
        $lane = $this->lanes[$axis];
        $reading = $input->value;
        if (! is_int($reading) || $reading < $lane->min || $reading > $lane->max) {
            throw InputError::outOfRange($input, $lane->min, $lane->max);
        }
        $lane->reading = $reading;
        if ($lane->table === null) {
            $value = $this->fused ? $this->fuse($axis, $lane, $reading) : $this->run->program->shaping($axis)->value($reading);
        } else {
            $value = $lane->table[$reading - $lane->min];
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
                    $this->run->events[] = new OutputEvent($input->t, OutputEvent::AXIS, $route->target, $integer, new Cause($input, $steps));
                } else {
                    $this->send($route, $axis, $integer, new Cause($input, $steps));
                }
            }
        }
        if ($lane->watched) {
            $this->run->stops->watch($axis, $value, new Cause($input));
        }
    }

    /** Where the axis is, not as an input: the program under it has changed. */
    public function place(int $axis, int $reading, Cause $cause): void
    {
        $lane = $this->lanes[$axis];
        $lane->reading = $reading;
        $lane->value = $this->run->program->shaping($axis)->value($reading);
        $lane->integer = (int) (65535 * $this->bounded($lane) + 0.5);
        if ($lane->route !== null) {
            $this->sendUnlessThere($axis, $lane->route, $cause);
        }
    }

    /** The stops of an axis have changed: bounds and the value sent are taken anew. */
    public function refresh(int $axis, Cause $cause): void
    {
        $this->bound($axis);
        $lane = $this->lanes[$axis];
        $integer = (int) (65535 * $this->bounded($lane) + 0.5);
        if ($lane->integer < 0 || $integer === $lane->integer) {
            return;
        }
        $lane->integer = $integer;
        if ($lane->route !== null) {
            $this->send($lane->route, $axis, $integer, $this->moved($axis, $cause));
        }
    }

    /** The live layer has changed: an axis with another output there takes it at once; the old one keeps its value. */
    public function reroute(Cause $cause): void
    {
        foreach ($this->lanes as $axis => $lane) {
            $assignment = $this->run->layers->axisAssignmentOf($axis);
            if ($assignment === $lane->assignment) {
                continue;
            }
            $this->remember($lane);
            $lane->assignment = $assignment;
            $lane->route = $this->routeOf($assignment);
            $this->bound($axis);
            if ($lane->route !== null && $lane->integer >= 0) {
                $this->take($lane->route, $axis);
                $this->sendUnlessThere($axis, $lane->route, $cause);
            }
        }
    }

    /** Notes what every output was last sent, before the program is swapped. */
    public function rememberAll(): void
    {
        array_map($this->remember(...), $this->lanes);
    }

    /** A direct route sends every change, so what its output was last sent is where the axis stands. */
    private function remember(AxisLane $lane): void
    {
        if ($lane->route !== null && $lane->route->direct && $lane->integer >= 0) {
            $this->run->state->present[$lane->route->key] = $lane->integer;
        }
    }

    /** Sends where the axis stands, unless that is what its output was last sent. */
    private function sendUnlessThere(int $axis, Route $route, Cause $cause): void
    {
        $integer = $this->lanes[$axis]->integer;
        if (! $route->direct || ($this->run->state->present[$route->key] ?? null) !== $integer) {
            $this->send($route, $axis, $integer, $this->moved($axis, $cause));
        }
    }

    private function moved(int $axis, Cause $cause): Cause
    {
        return $cause->then(StepKind::AxisSends, $this->run->program->tables['axes'][$axis]['ref']);
    }

    private function send(Route $route, int $axis, int $integer, Cause $cause): void
    {
        $state = $this->run->state;
        if ($route->shared && ! $this->owns($route, $axis, $integer)) {
            return;
        }
        if (! $route->direct) {
            if (($state->present[$route->key] ?? null) === $integer) {
                return;
            }
            $state->present[$route->key] = $integer;
        }
        if ($route->kind === OutputEvent::AXIS) {
            $this->run->events[] = new OutputEvent($state->now, OutputEvent::AXIS, $route->target, $integer, $cause);
        } else {
            $this->run->variables->set($route->target, (float) $route->output->send($this->bounded($this->lanes[$axis]), $integer), $cause);
        }
    }

    private function owns(Route $route, int $axis, int $integer): bool
    {
        $state = $this->run->state;
        $owner = $state->owners[$route->key] ?? null;
        if ($owner === $axis) {
            return true;
        }
        if ($owner === null) {
            $this->take($route, $axis);

            return true;
        }
        if (! isset($state->taken[$route->key][$axis])) {
            $state->taken[$route->key][$axis] = $integer;

            return false;
        }
        if (abs($integer - $state->taken[$route->key][$axis]) <= self::TAKE_OVER) {
            return false;
        }
        $this->take($route, $axis);

        return true;
    }

    private function take(Route $route, int $axis): void
    {
        if (! $route->shared) {
            return;
        }
        $taken = [];
        foreach (array_keys($this->drivers[$route->key]) as $driver) {
            if ($this->lanes[$driver]->integer >= 0) {
                $taken[$driver] = $this->lanes[$driver]->integer;
            }
        }
        $this->run->state->owners[$route->key] = $axis;
        $this->run->state->taken[$route->key] = $taken;
    }

    private function bounded(AxisLane $lane): float
    {
        return max($lane->low, min($lane->high, $lane->value));
    }

    private function bound(int $axis): void
    {
        $lane = $this->lanes[$axis];
        $lane->high = 1.0;
        $lane->low = 0.0;
        $lane->steps = $lane->stepsHigh = $lane->stepsLow = $lane->route->steps ?? [];
        foreach ($this->run->program->tables['axes'][$axis]['stops'] as $index) {
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
        $lane->table = $this->run->program->shaping($axis)->table();

        return $lane->table[$reading - $lane->min];
    }

    private function routeOf(int $assignment): ?Route
    {
        if ($assignment < 0) {
            return null;
        }
        $output = $this->run->program->axisOutput($assignment);
        $action = $this->run->program->axisAction($assignment);
        $key = $this->keyOf($assignment);
        $layer = $this->run->program->tables['layers'][$this->run->program->tables['assignments'][$assignment]['layer']]['id'];
        $steps = [new Step(StepKind::Layer, $layer)];
        if ($action !== null) {
            $steps[] = new Step(StepKind::Action, $action);
        }

        return new Route($output, $output->event(), $output->target(), $key, count($this->drivers[$key]) > 1, $steps);
    }

    private function keyOf(int $assignment): string
    {
        $output = $this->run->program->axisOutput($assignment);

        return $output->event().' '.$output->target();
    }
}
