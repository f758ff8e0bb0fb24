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

    /** @var array<int, list<float>> shaped values by reading less the lowest, where fused */
    private array $tables = [];

    /** @var array<int, int> */
    private array $min = [];

    /** @var array<int, int> */
    private array $max = [];

    /** @var array<int, float> the highest value that shut stops let through */
    private array $high = [];

    /** @var array<int, float> the lowest one */
    private array $low = [];

    /** @var array<int, bool> */
    private array $watched = [];

    /** @var array<int, ?Step> the stop that gives the bound, for causes */
    private array $highStep = [];

    /** @var array<int, ?Step> */
    private array $lowStep = [];

    /** @var array<int, ?Route> */
    private array $routes = [];

    /** @var array<int, int> the assignment behind the route */
    private array $assignments = [];

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
        foreach ($this->run->program->tables['axes'] as $axis => $row) {
            $this->min[] = $row['min'];
            $this->max[] = $row['max'];
            $this->high[] = 1.0;
            $this->low[] = 0.0;
            $this->watched[] = false;
            $this->highStep[] = $this->lowStep[] = null;
            $this->assignments[] = $assignment = $this->run->layers->axisAssignmentOf($axis);
            $this->routes[] = $this->routeOf($assignment);
            $this->bound($axis);
        }
    }

    public function move(Input $input, int $axis): void
    {
        $reading = $input->value;
        if (! is_int($reading) || $reading < $this->min[$axis] || $reading > $this->max[$axis]) {
            throw InputError::outOfRange($input, $this->min[$axis], $this->max[$axis]);
        }
        $state = $this->run->state;
        if ($this->fused) {
            $value = isset($this->tables[$axis]) ? $this->tables[$axis][$reading - $this->min[$axis]] : $this->fuse($axis, $reading);
        } else {
            $value = $this->run->program->shaping($axis)->value($reading);
        }
        $state->readings[$axis] = $reading;
        $state->values[$axis] = $value;
        if ($value > $this->high[$axis]) {
            $integer = (int) (65535 * $this->high[$axis] + 0.5);
        } elseif ($value < $this->low[$axis]) {
            $integer = (int) (65535 * $this->low[$axis] + 0.5);
        } else {
            $integer = (int) (65535 * $value + 0.5);
        }
        if (! isset($state->integers[$axis]) || $integer !== $state->integers[$axis]) {
            $state->integers[$axis] = $integer;
            $route = $this->routes[$axis];
            if ($route !== null) {
                $this->send($route, $axis, $integer, new Cause($input, $this->steps($route, $axis, $value)));
            }
        }
        if ($this->watched[$axis]) {
            $this->run->stops->watch($axis, $value, new Cause($input));
        }
    }

    /** Where the axis is, not as an input: the program under it has changed. */
    public function place(int $axis, int $reading, Cause $cause): void
    {
        $this->run->state->readings[$axis] = $reading;
        $this->run->state->values[$axis] = $this->run->program->shaping($axis)->value($reading);
        $this->refresh($axis, $cause);
    }

    /** The stops of an axis have changed: bounds and the value sent are taken anew. */
    public function refresh(int $axis, Cause $cause): void
    {
        $this->bound($axis);
        $value = $this->run->state->values[$axis] ?? null;
        if ($value === null) {
            return;
        }
        $integer = (int) (65535 * max($this->low[$axis], min($this->high[$axis], $value)) + 0.5);
        if ($integer !== ($this->run->state->integers[$axis] ?? null)) {
            $this->run->state->integers[$axis] = $integer;
            $route = $this->routes[$axis];
            if ($route !== null) {
                $this->send($route, $axis, $integer, $cause->then(StepKind::AxisSends, $this->run->program->tables['axes'][$axis]['ref']));
            }
        }
    }

    /** The live layer has changed: an axis with another output there takes it at once; the old one keeps its value. */
    public function reroute(Cause $cause): void
    {
        foreach ($this->run->program->tables['axes'] as $axis => $row) {
            $assignment = $this->run->layers->axisAssignmentOf($axis);
            if ($assignment === $this->assignments[$axis]) {
                continue;
            }
            $this->assignments[$axis] = $assignment;
            $route = $this->routes[$axis] = $this->routeOf($assignment);
            $integer = $this->run->state->integers[$axis] ?? null;
            if ($route !== null && $integer !== null) {
                $this->take($route, $axis);
                $this->send($route, $axis, $integer, $cause->then(StepKind::AxisSends, $row['ref']));
            }
        }
    }

    private function send(Route $route, int $axis, int $integer, Cause $cause): void
    {
        $state = $this->run->state;
        if ($route->shared && ! $this->owns($route, $axis, $integer)) {
            return;
        }
        if (isset($state->present[$route->key]) && $state->present[$route->key] === $integer) {
            return;
        }
        $state->present[$route->key] = $integer;
        if ($route->kind === OutputEvent::AXIS) {
            $this->run->events[] = new OutputEvent($state->now, OutputEvent::AXIS, $route->target, $integer, $cause);
        } else {
            $this->run->variables->set($route->target, (float) $route->output->send($this->bounded($axis), $integer), $cause);
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
        if ($route->shared) {
            $this->run->state->owners[$route->key] = $axis;
            $this->run->state->taken[$route->key] = array_intersect_key($this->run->state->integers, $this->drivers[$route->key]);
        }
    }

    private function bounded(int $axis): float
    {
        return max($this->low[$axis], min($this->high[$axis], $this->run->state->values[$axis]));
    }

    /** @return list<Step> */
    private function steps(Route $route, int $axis, float $value): array
    {
        $holds = $value > $this->high[$axis] ? $this->highStep[$axis] : ($value < $this->low[$axis] ? $this->lowStep[$axis] : null);

        return $holds === null ? $route->steps : [$holds, ...$route->steps];
    }

    private function bound(int $axis): void
    {
        $this->high[$axis] = 1.0;
        $this->low[$axis] = 0.0;
        $this->highStep[$axis] = $this->lowStep[$axis] = null;
        foreach ($this->run->program->tables['axes'][$axis]['stops'] as $index) {
            if (isset($this->run->state->stopOpen[$index][$axis])) {
                continue;
            }
            $stop = $this->run->program->stop($index);
            if ($stop->side === Side::Above && $stop->at < $this->high[$axis]) {
                $this->high[$axis] = $stop->at;
                $this->highStep[$axis] = new Step(StepKind::StopHolds, $stop->id);
            } elseif ($stop->side === Side::Below && $stop->at > $this->low[$axis]) {
                $this->low[$axis] = $stop->at;
                $this->lowStep[$axis] = new Step(StepKind::StopHolds, $stop->id);
            }
        }
        $this->watched[$axis] = $this->run->stops->watches($axis);
    }

    private function fuse(int $axis, int $reading): float
    {
        $this->tables[$axis] = $this->run->program->shaping($axis)->table();

        return $this->tables[$axis][$reading - $this->min[$axis]];
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
