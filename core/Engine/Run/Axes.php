<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\State\RoutesState;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\InputError;
use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\Side;
use Nailrod\Core\Mapping\Axis\Steady;
use Nailrod\Core\Mapping\Output\OutputEvent;

/**
 * The axes of a run at work, in this order: a reading becomes a value through shaping and stops; what is made from the
 * axis follows; the value goes to the output that the live layer gives it. Who of several axes drives a shared output,
 * and what becomes of an output when layers change - it keeps its value or returns to rest, and is taken at once or
 * when it is passed -, is decided here too. How each axis stands is its AxisLane.
 */
final class Axes implements Timed
{
    public const OWNER = 'axes';

    /** How far another axis must move to take an output over: 0.01 of 65535. */
    public const TAKE_OVER = 655;

    /** @var list<AxisLane> */
    private array $lanes = [];

    /** @var array<string, array<int, true>> every axis that may drive an output, by the output's key */
    private array $drivers = [];

    private readonly RoutesState $own;

    /** Is nothing sent for now, since the program is being changed under the hands? */
    private bool $isStill = false;

    /** @param bool $fused compute the stages once for every possible reading, for long runs */
    public function __construct(private readonly Run $run, private readonly bool $fused)
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

    /** Reads the state in; to be called once all parts of the run are there. */
    public function begin(): void
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
            $this->resume($axis, $lane);
            $this->lanes[] = $lane;
            $this->bound($axis);
            $lane->wouldSend = $lane->pending === null
                || $lane->integer < 0
                ? null
                : $lane->pending->output->send($lane->bounded(), $lane->integer);
        }
        foreach ($this->run->program->tables->made as $i => $made) {
            foreach ($made->contacts === [] ? $this->run->made->travels($i) : [] as $axis => $travel) {
                $this->lanes[$axis]->travel = $travel;
            }
        }
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
            $value = $this->fused ? $this->fuse($axis, $lane, $reading) : $this->run->program->shaping($axis)
                ->value($reading);
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
                    $this->run->events[] = new OutputEvent(
                        $this->run->state->now,
                        OutputEvent::AXIS,
                        $route->target,
                        $integer,
                        new Cause($input, $steps),
                    );
                } else {
                    $this->send($route, $axis, $integer, new Cause($input, $steps));
                }
            } elseif ($lane->pending !== null) {
                $this->pickUp($axis, new Cause($input, $steps));
            }
        }
        foreach ($shut as $stop) {
            $this->run->stops->tellDrawnBack($stop, new Cause($input));
        }
    }

    /**
     * What is made from the axis follows. In a long run it is found out between which readings nothing of it changes.
     */
    private function feed(Input $input, int $axis, AxisLane $lane, int $reading, bool $isFirst): void
    {
        $this->run->made->moved($axis, $input, $isFirst);
        if ($this->fused && $this->run->made->isFedAlone($axis)) {
            $lane->calmFrom = $this->run->made->lastCalm($axis, $reading, $lane->min);
            $lane->calmTo = $this->run->made->lastCalm($axis, $reading, $lane->max);
        }
    }

    /**
     * With no newer reading for a while, the last one is taken. The timer is set once, and again while readings come.
     */
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
                $sending[$this->run->program->tables->axes[$axis]->input->ref] = $this->sendingOf($axis, $lane, $route);
            }
        }

        return $sending;
    }

    /**
     * All has been found anew: every axis takes its output and sends where it stands, if that is not what it sent
     * before.
     *
     * @param array<string, Sending> $before    by reference
     * @param bool                   $hasChanged is another layer live than
     *                                         before, so that what was left returns to rest where it is to?
     */
    public function takeUp(array $before, bool $hasChanged, Cause $cause): void
    {
        $this->isStill = false;
        foreach ($this->run->program->tables->axes as $axis => $row) {
            $this->lanes[$axis]->assignment = $this->run->layers->axisAssignmentOf($axis);
            $this->bound($axis);
            if ($this->lanes[$axis]->integer >= 0) {
                $this->lanes[$axis]->integer = Shaping::integer($this->lanes[$axis]->bounded());
            }
        }
        if ($hasChanged) {
            $this->leaveAll($before, $cause);
        }
        foreach ($this->run->program->tables->axes as $axis => $row) {
            $this->takeOn($axis, $before[$row->input->ref] ?? null, $this->moved($axis, $cause));
            $this->bound($axis);
        }
    }

    /** The stops of an axis have changed: bounds and the value sent are taken anew. */
    public function refresh(int $axis, Cause $cause): void
    {
        $this->bound($axis);
        $lane = $this->lanes[$axis];
        $integer = Shaping::integer($lane->bounded());
        if ($this->isStill || $lane->integer < 0 || $integer === $lane->integer) {
            return;
        }
        $lane->integer = $integer;
        if ($lane->route !== null) {
            $this->send($lane->route, $axis, $integer, $this->moved($axis, $cause));
        } elseif ($lane->pending !== null) {
            $this->pickUp($axis, $this->moved($axis, $cause));
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
                $this->leave($axis, $cause);
            }
        }
        foreach ($changed as $axis => $assignment) {
            $this->enter($axis, $assignment);
            $this->bound($axis);
            $this->arrive($axis, $this->moved($axis, $cause));
        }
    }

    /** Notes what every output was last sent, before the program is swapped. */
    public function rememberAll(): void
    {
        array_map($this->remember(...), $this->lanes);
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

    // Where they stand.

    /** Writes where every axis stands into the state. */
    public function store(): void
    {
        $state = $this->run->state->axes;
        foreach ($this->lanes as $axis => $lane) {
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

        return $lane->route === null ? ['', 0.0] : [
            $lane->route->target,
            (float) $lane->route->output->send($lane->bounded(), $lane->integer),
        ];
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

    /** The stops of an axis or where it sends have changed: between which values it may be is found out anew. */
    public function bound(int $axis): void
    {
        $lane = $this->lanes[$axis];
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
            $lane->waits = $lane->waits || $timer->isOf(self::OWNER, $axis);
        }
        if (isset($this->run->state->axes->windows[$axis])) {
            $lane->steadying->restore(
                $this->run->state->axes->windows[$axis],
                $this->run->state->axes->standing[$axis],
            );
            $lane->standing = $lane->steadying->standing;
        }
    }

    /** @return array<int|string, int> what direct routes send just now, by their target */
    public function sentDirectly(): array
    {
        $sent = [];
        foreach ($this->lanes as $lane) {
            if ($lane->route !== null && $lane->route->direct && $lane->integer >= 0) {
                $sent[$lane->route->target] = $lane->integer;
            }
        }

        return $sent;
    }

    // Where they send to.

    /** The lane sends where it sent before the run was stored; it goes on waiting if it waited. */
    private function resume(int $axis, AxisLane $lane): void
    {
        $waits = isset($this->own->waiting[$axis]) && $lane->assignment >= 0 && (
            $this->run->program->handOver($lane->assignment)->picksUp ?? false
        );
        $this->lay($axis, $lane, $waits);
    }

    /** The axis has this assignment from now on. */
    private function enter(int $axis, int $assignment): void
    {
        $lane = $this->lanes[$axis];
        $lane->assignment = $assignment;
        $route = $this->routeOf($axis, $assignment);
        $this->lay(
            $axis,
            $lane,
            $route !== null && (
                $this->run->program->handOver($assignment)->picksUp ?? false
            ) && $this->waitsFor($route, $lane),
        );
    }

    /** Sends where the axis stands to the output that it has just entered. */
    private function arrive(int $axis, Cause $cause): void
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

    private function leave(int $axis, Cause $cause): void
    {
        $lane = $this->lanes[$axis];
        $this->remember($lane);
        $this->run->mouse->stop($axis);
        unset($this->own->waiting[$axis]);
        if ($lane->route !== null) {
            $this->rest(
                $this->sendingOf($axis, $lane, $lane->route),
                $lane->route,
                $this->run->program->tables->axes[$axis]->input->ref,
                $cause,
            );
        }
    }

    /** How an axis drives an output: what it sent last, and what it leaves behind. */
    private function sendingOf(int $axis, AxisLane $lane, Route $route): Sending
    {
        $wasItsSource = $lane->route !== null && $lane->integer >= 0 && (
            ! $route->shared || ($this->own->owners[$route->key] ?? null) === $axis
        );
        $returns = $wasItsSource && $route->kind !== OutputEvent::MOUSE && (
            $this->run->program->handOver($lane->assignment)->returnsToRest ?? false
        );
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
    private function leaveAll(array $before, Cause $cause): void
    {
        foreach ($before as $ref => $left) {
            $axis = $this->run->program->axisIndex($ref);
            if ($axis < 0 || $this->routeOf($axis, $this->lanes[$axis]->assignment)?->key !== $left->route->key) {
                $this->rest($left, $left->route, $ref, $cause);
            }
        }
    }

    /** The program has changed: the axis drives its output on, or takes another one as after a change of layers. */
    private function takeOn(int $axis, ?Sending $before, Cause $cause): void
    {
        $lane = $this->lanes[$axis];
        $route = $this->routeOf($axis, $lane->assignment);
        $isSame = $route !== null && $before?->route->key === $route->key;
        $waits = $route !== null && (
            $this->run->program->handOver($lane->assignment)->picksUp ?? false
        ) && ($isSame ? $before->waits : $this->waitsFor($route, $lane));
        $this->lay($axis, $lane, $waits);
        if ($lane->route === null || $lane->integer < 0) {
            return;
        }
        if (! $isSame || $before->waits) {
            $this->arrive($axis, $cause);
        } elseif (
            $before->sent !== $lane->route->output->send($lane->bounded(), $lane->integer)
                || $lane->route->kind === OutputEvent::MOUSE
        ) {
            $this->sendUnlessThere($axis, $lane->route, $cause);
        }
    }

    /** Must the output be picked up first, since it stands elsewhere? */
    private function waitsFor(Route $route, AxisLane $lane): bool
    {
        $present = $this->presentOf($route);

        return $present !== null && (
            $lane->integer < 0 || $present !== $route->output->send($lane->bounded(), $lane->integer)
        );
    }

    /** Where an output of axes stands: the later of what was sent to it and what the game said; null if neither. */
    private function presentOf(Route $route): int|float|null
    {
        return $route->kind === OutputEvent::VARIABLE ? $this->run->variables->said($route->target) : (
            $this->own->present[$route->key] ?? null
        );
    }

    /**
     * What two successive readings would send lies on different sides of where the output stands, or touches it: from
     * now on it follows.
     */
    private function pickUp(int $axis, Cause $cause): void
    {
        $lane = $this->lanes[$axis];
        $route = $lane->pending;
        if ($route === null) {
            return;
        }
        $before = $lane->wouldSend;
        $now = $lane->wouldSend = $route->output->send($lane->bounded(), $lane->integer);
        $present = $this->presentOf($route) ?? $now;
        if ($now !== $present && (
            $before === null || (($before < $present) === ($now < $present) && $before !== $present)
        )) {
            return;
        }
        [$lane->route, $lane->pending] = [$route, null];
        unset($this->own->waiting[$axis]);
        $this->take($route, $axis);
        $this->sendUnlessThere($axis, $route, $cause);
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

    private function send(Route $route, int $axis, int $integer, Cause $cause): void
    {
        if ($route->shared && ! $this->owns($route, $axis, $integer)) {
            return;
        }
        $value = $route->output->send($this->lanes[$axis]->bounded(), $integer);
        if ($route->kind === OutputEvent::MOUSE) {
            $this->run->mouse->steer($axis, (float) $value, $cause);
        } elseif (
            $route->direct || $route->kind === OutputEvent::VARIABLE || (
                $this->own->present[$route->key] ?? null
            ) !== $value
        ) {
            $this->put($route, $value, $cause);
        }
    }

    private function put(Route $route, int|float $value, Cause $cause): void
    {
        if ($route->kind === OutputEvent::VARIABLE) {
            $this->run->variables->set($route->target, (float) $value, $cause);
        } else {
            $this->own->present[$route->key] = $value;
            $this->run->events[] = new OutputEvent(
                $this->run->state->now,
                $route->kind,
                $route->target,
                $value,
                $cause,
            );
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
        $steps = [
            ...($row->input->isBuilt() ? [new Step(StepKind::Builds, $row->input->ref)] : []),
            new Step(StepKind::Layer, $layer),
        ];
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
