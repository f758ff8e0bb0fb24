<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\State\RoutesState;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\OutputEvent;

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

    private readonly RoutesState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->routes;
        foreach ($run->program->tables->axisCells as $cells) {
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
        $waits = isset($this->own->waiting[$axis]) && $lane->assignment >= 0 && ($this->run->program->handOver($lane->assignment)->picksUp ?? false);
        $this->lay($axis, $lane, $waits);
    }

    /** The axis has this assignment from now on. */
    public function enter(int $axis, int $assignment): void
    {
        $lane = $this->lanes[$axis];
        $lane->assignment = $assignment;
        $route = $this->routeOf($axis, $assignment);
        $this->lay($axis, $lane, $route !== null && ($this->run->program->handOver($assignment)->picksUp ?? false) && $this->waitsFor($route, $lane));
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
            $this->own->waiting[$axis] = true;
            $lane->wouldSend = $lane->integer < 0 ? null : $route?->output->send($lane->bounded(), $lane->integer);
        } else {
            unset($this->own->waiting[$axis]);
        }
    }

    public function leave(int $axis, Cause $cause): void
    {
        $lane = $this->lanes[$axis];
        $this->remember($lane);
        $this->run->mouse->stop($axis);
        unset($this->own->waiting[$axis]);
        if ($lane->route !== null) {
            $this->rest($this->sending($axis, $lane, $lane->route), $lane->route, $this->run->program->tables->axes[$axis]->input->ref, $cause);
        }
    }

    /** How an axis drives an output: what it sent last, and what it leaves behind. */
    public function sending(int $axis, AxisLane $lane, Route $route): Sending
    {
        $wasItsSource = $lane->route !== null && $lane->integer >= 0 && (! $route->shared || ($this->own->owners[$route->key] ?? null) === $axis);
        $returns = $wasItsSource && $route->kind !== OutputEvent::MOUSE && ($this->run->program->handOver($lane->assignment)->returnsToRest ?? false);
        $rest = $this->run->program->shaping($axis)->restValue();

        return new Sending(
            $route,
            $lane->integer < 0 ? null : $route->output->send($lane->bounded(), $lane->integer),
            $lane->route === null,
            $returns ? $route->output->send($rest, Shaping::integer($rest)) : null,
        );
    }

    /** The output that is left returns to rest, if it is to and is not there. */
    private function rest(Sending $left, Route $route, string $axis, Cause $cause): void
    {
        if ($left->rest !== null && $this->presentOf($route) !== $left->rest) {
            $this->put($route, $left->rest, $cause->then(StepKind::ReturnsToRest, $axis));
        }
    }

    /**
     * The program has changed, and another layer is live: what no longer drives its output leaves it.
     *
     * @param array<string, Sending> $before by reference
     */
    public function leaveAll(array $before, Cause $cause): void
    {
        foreach ($before as $ref => $left) {
            $axis = $this->run->program->axisIndex($ref);
            if ($axis < 0 || $this->routeOf($axis, $this->lanes[$axis]->assignment)?->key !== $left->route->key) {
                $this->rest($left, $left->route, $ref, $cause);
            }
        }
    }

    /** The program has changed: the axis drives its output on, or takes another one as after a change of layers. */
    public function takeUp(int $axis, ?Sending $before, Cause $cause): void
    {
        $lane = $this->lanes[$axis];
        $route = $this->routeOf($axis, $lane->assignment);
        $isSame = $route !== null && $before?->route->key === $route->key;
        $waits = $route !== null && ($this->run->program->handOver($lane->assignment)->picksUp ?? false) && ($isSame ? $before->waits : $this->waitsFor($route, $lane));
        $this->lay($axis, $lane, $waits);
        if ($lane->route === null || $lane->integer < 0) {
            return;
        }
        if (! $isSame || $before->waits) {
            $this->arrive($axis, $cause);
        } elseif ($before->sent !== $lane->route->output->send($lane->bounded(), $lane->integer) || $lane->route->kind === OutputEvent::MOUSE) {
            $this->sendUnlessThere($axis, $lane->route, $cause);
        }
    }

    /** Must the output be picked up first, since it stands elsewhere? */
    private function waitsFor(Route $route, AxisLane $lane): bool
    {
        $present = $this->presentOf($route);

        return $present !== null && ($lane->integer < 0 || $present !== $route->output->send($lane->bounded(), $lane->integer));
    }

    /** Where an output of axes stands: the later of what was sent to it and what the game said; null if neither. */
    private function presentOf(Route $route): int|float|null
    {
        return $route->kind === OutputEvent::VARIABLE ? $this->run->variables->said($route->target) : ($this->own->present[$route->key] ?? null);
    }

    /** What two successive readings would send lies on different sides of where the output stands, or touches it: from now on it follows. */
    public function pickUp(int $axis, Cause $cause): void
    {
        $lane = $this->lanes[$axis];
        $route = $lane->pending;
        if ($route === null) {
            return;
        }
        $before = $lane->wouldSend;
        $now = $lane->wouldSend = $route->output->send($lane->bounded(), $lane->integer);
        $present = $this->presentOf($route) ?? $now;
        if ($now !== $present && ($before === null || (($before < $present) === ($now < $present) && $before !== $present))) {
            return;
        }
        [$lane->route, $lane->pending] = [$route, null];
        unset($this->own->waiting[$axis]);
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
            $this->own->present[$lane->route->key] = $lane->integer;
        }
    }

    /** Sends where the axis stands, unless that is what its output was last sent. */
    private function sendUnlessThere(int $axis, Route $route, Cause $cause): void
    {
        $integer = $this->lanes[$axis]->integer;
        if (! $route->direct || ($this->own->present[$route->key] ?? null) !== $integer) {
            $this->send($route, $axis, $integer, $cause);
        }
    }

    public function send(Route $route, int $axis, int $integer, Cause $cause): void
    {
        if ($route->shared && ! $this->owns($route, $axis, $integer)) {
            return;
        }
        $value = $route->output->send($this->lanes[$axis]->bounded(), $integer);
        if ($route->kind === OutputEvent::MOUSE) {
            $this->run->mouse->steer($axis, (float) $value, $cause);
        } elseif ($route->direct || $route->kind === OutputEvent::VARIABLE || ($this->own->present[$route->key] ?? null) !== $value) {
            $this->put($route, $value, $cause);
        }
    }

    private function put(Route $route, int|float $value, Cause $cause): void
    {
        if ($route->kind === OutputEvent::VARIABLE) {
            $this->run->variables->set($route->target, (float) $value, $cause);
        } else {
            $this->own->present[$route->key] = $value;
            $this->run->events[] = new OutputEvent($this->run->state->now, $route->kind, $route->target, $value, $cause);
        }
    }

    private function owns(Route $route, int $axis, int $integer): bool
    {
        $owner = $this->own->owners[$route->key] ?? null;
        if ($owner === $axis) {
            return true;
        }
        if ($owner === null) {
            $this->take($route, $axis);

            return true;
        }
        if (! isset($this->own->taken[$route->key][$axis])) {
            $this->own->taken[$route->key][$axis] = $integer;

            return false;
        }
        if (abs($integer - $this->own->taken[$route->key][$axis]) <= self::TAKE_OVER) {
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
        $this->own->owners[$route->key] = $axis;
        $this->own->taken[$route->key] = $taken;
    }

    private function routeOf(int $axis, int $assignment): ?Route
    {
        if ($assignment < 0) {
            return null;
        }
        $row = $this->run->program->tables->axes[$axis];
        $output = $this->run->program->axisOutput($assignment);
        $action = $this->run->program->axisAction($assignment);
        $key = $this->keyOf($assignment);
        $layer = $this->run->program->tables->layers[$this->run->program->tables->assignments[$assignment]->layer]->id;
        $steps = [...($row->input->isBuilt() ? [new Step(StepKind::Builds, $row->input->ref)] : []), new Step(StepKind::Layer, $layer)];
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
