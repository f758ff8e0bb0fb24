<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\Step;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Program\Program;

/**
 * Where axes send to: the output that the live layer gives each, who of several drives a shared one, and what becomes of
 * an output when layers change - it keeps its value or returns to rest, and is taken at once or when it is passed.
 */
final class AxisRoutes
{
    /** How far another axis must move to take an output over: 0.01 of 65535. */
    public const TAKE_OVER = 655;

    /** @var list<AxisLane> */
    private array $lanes = [];

    /** @var array<string, array<int, true>> every axis that may drive an output, by the output's key */
    private array $drivers = [];

    public function __construct(private readonly Run $run)
    {
        foreach ($run->program->tables['axisCells'] as $cells) {
            foreach ($cells as $axis => $assignment) {
                if ($assignment !== Program::NOTHING) {
                    $this->drivers[$this->keyOf($assignment)][$axis] = true;
                }
            }
        }
    }

    /** @param list<AxisLane> $lanes all of the run */
    public function lead(array $lanes): void
    {
        $this->lanes = $lanes;
    }

    /** The lane sends where it sent before the run was stored; it goes on waiting if it waited. */
    public function resume(int $axis, AxisLane $lane): void
    {
        $waits = isset($this->run->state->waiting[$axis]) && $lane->assignment >= 0 && ($this->run->program->handOver($lane->assignment)->picksUp ?? false);
        $this->lay($axis, $lane, $waits);
    }

    /** The axis has this assignment from now on. */
    public function enter(int $axis, int $assignment): void
    {
        $lane = $this->lanes[$axis];
        $lane->assignment = $assignment;
        $this->lay($axis, $lane, $assignment >= 0 && $this->waitsFor($assignment, $lane->integer));
    }

    /** Sends where the axis stands to the output that it has just entered. */
    public function arrive(int $axis, Cause $cause): void
    {
        $lane = $this->lanes[$axis];
        if ($lane->route !== null && $lane->integer >= 0) {
            $this->take($lane->route, $axis);
            $this->sendUnlessThere($axis, $lane->route, $cause);
        }
    }

    private function lay(int $axis, AxisLane $lane, bool $waits): void
    {
        $route = $this->routeOf($axis, $lane->assignment);
        [$lane->route, $lane->pending] = $waits ? [null, $route] : [$route, null];
        if ($waits) {
            $this->run->state->waiting[$axis] = true;
        } else {
            unset($this->run->state->waiting[$axis]);
        }
    }

    public function leave(int $axis, Cause $cause): void
    {
        $lane = $this->lanes[$axis];
        $this->remember($lane);
        $this->run->mouse->stop($axis);
        unset($this->run->state->waiting[$axis]);
        $route = $lane->route;
        $wasItsSource = $route !== null && $lane->integer >= 0 && (! $route->shared || ($this->run->state->owners[$route->key] ?? null) === $axis);
        if (! $wasItsSource || $route->kind === OutputEvent::MOUSE || ! ($this->run->program->handOver($lane->assignment)->returnsToRest ?? false)) {
            return;
        }
        $rest = $this->run->program->shaping($axis)->restValue();
        $integer = (int) (65535 * $rest + 0.5);
        if (($this->run->state->present[$route->key] ?? null) !== $integer) {
            $this->run->state->present[$route->key] = $integer;
            $this->emit($route, $rest, $integer, $cause->then(StepKind::ReturnsToRest, $this->run->program->tables['axes'][$axis]['ref']));
        }
    }

    /** Must the output be picked up first, since it stands elsewhere? */
    private function waitsFor(int $assignment, int $integer): bool
    {
        $present = $this->run->state->present[$this->keyOf($assignment)] ?? null;

        return $present !== null && $present !== $integer && ($this->run->program->handOver($assignment)->picksUp ?? false);
    }

    /** Two successive integers lie on different sides of where the output stands, or touch it: from now on it follows. */
    public function pickUp(int $axis, int $before, Cause $cause): void
    {
        $lane = $this->lanes[$axis];
        $route = $lane->pending;
        if ($route === null) {
            return;
        }
        $present = $this->run->state->present[$route->key] ?? $lane->integer;
        if ($lane->integer !== $present && ($before < 0 || ($before < $present) === ($lane->integer < $present) && $before !== $present)) {
            return;
        }
        [$lane->route, $lane->pending] = [$route, null];
        unset($this->run->state->waiting[$axis]);
        $this->take($route, $axis);
        $this->sendUnlessThere($axis, $route, $cause);
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
    public function sendUnlessThere(int $axis, Route $route, Cause $cause): void
    {
        $integer = $this->lanes[$axis]->integer;
        if (! $route->direct || ($this->run->state->present[$route->key] ?? null) !== $integer) {
            $this->send($route, $axis, $integer, $cause);
        }
    }

    public function send(Route $route, int $axis, int $integer, Cause $cause): void
    {
        $state = $this->run->state;
        if ($route->shared && ! $this->owns($route, $axis, $integer)) {
            return;
        }
        if (! $route->direct && $route->kind !== OutputEvent::MOUSE) {
            if (($state->present[$route->key] ?? null) === $integer) {
                return;
            }
            $state->present[$route->key] = $integer;
        }
        $value = $this->lanes[$axis]->bounded();
        if ($route->kind === OutputEvent::MOUSE) {
            $this->run->mouse->steer($axis, (float) $route->output->send($value, $integer), $cause);
        } else {
            $this->emit($route, $value, $integer, $cause);
        }
    }

    private function emit(Route $route, float $value, int $integer, Cause $cause): void
    {
        if ($route->kind === OutputEvent::AXIS) {
            $this->run->events[] = new OutputEvent($this->run->state->now, OutputEvent::AXIS, $route->target, $integer, $cause);
        } else {
            $this->run->variables->set($route->target, (float) $route->output->send($value, $integer), $cause);
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

    private function routeOf(int $axis, int $assignment): ?Route
    {
        if ($assignment < 0) {
            return null;
        }
        $row = $this->run->program->tables['axes'][$axis];
        $output = $this->run->program->axisOutput($assignment);
        $action = $this->run->program->axisAction($assignment);
        $key = $this->keyOf($assignment);
        $layer = $this->run->program->tables['layers'][$this->run->program->tables['assignments'][$assignment]['layer']]['id'];
        $steps = [...($row['built'] ? [new Step(StepKind::Builds, $row['ref'])] : []), new Step(StepKind::Layer, $layer)];
        if ($action !== null) {
            $steps[] = new Step(StepKind::Action, $action);
        }

        return new Route($output, $output->event(), $output->target(), $key, count($this->drivers[$key]) > 1, $steps);
    }

    /** Names an output among those of axes. The mouse adds up what moves it, so every axis has one of its own. */
    private function keyOf(int $assignment): string
    {
        $output = $this->run->program->axisOutput($assignment);
        $own = $output->event() === OutputEvent::MOUSE ? ' '.$assignment : '';

        return $output->event().' '.$output->target().$own;
    }
}
