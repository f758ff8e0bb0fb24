<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\StopsState;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Axis\Opening;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** The stops of a run: pressed and released by outputs, shut by the values of the axes they hold. */
final class Stops implements Timed
{
    public const OWNER = 'stop';

    /** @var array<int, list<int>> axes of a stop that the program knows */
    private array $axes = [];

    private readonly StopsState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->stops;
        foreach ($run->program->tables->axes as $axis => $row) {
            foreach ($row->stops as $stop) {
                $this->axes[$stop][] = $axis;
            }
        }
    }

    /** What is open before anything is touched: what is only shut while its output is on. */
    public function begin(Cause $cause): void
    {
        foreach (array_keys($this->run->program->tables->stops) as $index) {
            if ($this->run->program->stop($index)->opening === Opening::HeldShut) {
                $this->open($index, $cause);
            }
        }
    }

    public function isOpen(string $id): bool
    {
        return isset($this->own->open[$this->run->program->stopIndex($id)]);
    }

    public function isState(string $id): bool
    {
        return $this->run->program->stop($this->run->program->stopIndex($id))->opening->isState();
    }

    public function hold(string $id, string $source, Cause $cause): void
    {
        $stop = $this->run->program->stopIndex($id);
        $first = ($this->own->holders[$stop] ?? []) === [];
        $this->own->holders[$stop][$source] = true;
        // What was on before the program was changed is no press now.
        if ($first && ! ($this->run->findsAgain && ! $this->run->program->stop($stop)->opening->isState())) {
            $this->press($stop, $cause);
        }
    }

    public function letGo(string $id, string $source, Cause $cause): void
    {
        $stop = $this->run->program->stopIndex($id);
        $holders = $this->own->holders[$stop] ?? [];
        if (! isset($holders[$source])) {
            return;
        }
        unset($holders[$source]);
        $this->own->holders[$stop] = $holders;
        if ($holders === []) {
            unset($this->own->holders[$stop]);
            $this->release($stop, $cause);
        }
    }

    /** Must the values of this axis be watched, since an open stop waits for them? */
    public function watches(int $axis): bool
    {
        foreach ($this->run->program->tables->axes[$axis]->stops as $stop) {
            if (
                isset($this->own->open[$stop][$axis])
                    && $this->run->program->stop($stop)->opening === Opening::UntilDrawnBack
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * A new value of an axis, before the stops: those that it draws back to shut before the axis sends. Where a stop
     * lies outside the range, one reading may both pass it and shut it, and what is sent is what the stop holds.
     *
     * @return list<int> stops that it shut on the axis, which are to be told once the axis has sent
     */
    public function watch(int $axis, float $value): array
    {
        $shut = [];
        foreach ($this->run->program->tables->axes[$axis]->stops as $index) {
            $stop = $this->run->program->stop($index);
            if (! isset($this->own->open[$index][$axis]) || $stop->opening !== Opening::UntilDrawnBack) {
                continue;
            }
            if ($stop->isPast($value)) {
                $this->own->past[$index][$axis] = true;
            }
            if ($this->isDrawnBack($index, $stop, $axis) && ! isset($this->own->holders[$index])) {
                $this->close($index, [$axis]);
                $shut[] = $index;
            }
        }
        if ($shut !== []) {
            $this->run->axes->bound($axis);
        }

        return $shut;
    }

    /** The axis that drew a stop back has sent: if it was the last on which the stop was open, that is told. */
    public function tellDrawnBack(int $index, Cause $cause): void
    {
        $stop = $this->run->program->stop($index);
        if (! isset($this->own->open[$index])) {
            $this->run->emit(
                OutputEvent::STOP,
                $stop->id,
                0,
                $cause->then(StepKind::StopShuts, $stop->id, 'drawn back'),
            );
        }
    }

    public function timer(Timer $timer): void
    {
        $index = $timer->of;
        if (! isset($this->own->holders[$index])) {
            $this->shut(
                $index,
                $this->notPast($index),
                $timer->cause->then(StepKind::StopShuts, $this->run->program->stop($index)->id, 'not passed in time'),
            );
        }
    }

    private function press(int $index, Cause $cause): void
    {
        $stop = $this->run->program->stop($index);
        if ($stop->opening === Opening::HeldShut || (
            $stop->opening === Opening::Flip && isset($this->own->open[$index])
        )) {
            $this->shut($index, $this->axes[$index] ?? [], $cause->then(StepKind::StopShuts, $stop->id));

            return;
        }
        $this->open($index, $cause);
    }

    private function open(int $index, Cause $cause): void
    {
        $stop = $this->run->program->stop($index);
        $state = $this->run->state;
        $wasOpen = isset($this->own->open[$index]);
        foreach ($this->axes[$index] ?? [] as $axis) {
            $this->own->open[$index][$axis] = true;
            $value = $this->run->axes->valueOf($axis);
            if ($value !== null && $stop->isPast($value)) {
                $this->own->past[$index][$axis] = true;
            }
        }
        if ($stop->opening === Opening::UntilDrawnBack) {
            $this->run->timers->cancel(self::OWNER, $index);
            $this->own->patience[$index] = $stop->patience === 0 ? 0 : $state->now + $stop->patience;
            if ($stop->patience > 0) {
                $this->run->timers->set($stop->patience, self::OWNER, $index, $cause);
            }
        }
        $cause = $cause->then(StepKind::StopOpens, $stop->id);
        if (! $wasOpen && isset($this->own->open[$index])) {
            $this->run->emit(OutputEvent::STOP, $stop->id, 1, $cause);
        }
        $this->refresh($index, $cause);
    }

    private function release(int $index, Cause $cause): void
    {
        $stop = $this->run->program->stop($index);
        if ($stop->opening === Opening::HeldShut) {
            $this->open($index, $cause);

            return;
        }
        if ($stop->opening === Opening::Flip) {
            return;
        }
        if ($stop->opening === Opening::Held) {
            $this->shut($index, $this->axes[$index] ?? [], $cause->then(StepKind::StopShuts, $stop->id, 'let go'));

            return;
        }
        $drawnBack = array_values(
            array_filter($this->axes[$index] ?? [], fn (int $axis) => $this->isDrawnBack($index, $stop, $axis)),
        );
        $this->shut($index, $drawnBack, $cause->then(StepKind::StopShuts, $stop->id, 'drawn back'));
        $due = $this->own->patience[$index] ?? 0;
        if ($due > 0 && $due <= $this->run->state->now) {
            $this->shut(
                $index,
                $this->notPast($index),
                $cause->then(StepKind::StopShuts, $stop->id, 'not passed in time'),
            );
        }
    }

    private function isDrawnBack(int $index, Stop $stop, int $axis): bool
    {
        $value = $this->run->axes->valueOf($axis);

        return $value !== null && isset($this->own->open[$index][$axis], $this->own->past[$index][$axis])
            && $stop->isDrawnBack($value, $this->run->program->shaping($axis)->range);
    }

    /** @return list<int> axes on which the stop is open though their value has not gone past */
    private function notPast(int $index): array
    {
        return array_keys(array_diff_key($this->own->open[$index] ?? [], $this->own->past[$index] ?? []));
    }

    /** @param list<int> $axes */
    private function shut(int $index, array $axes, Cause $cause): void
    {
        $open = $this->own->open[$index] ?? [];
        $axes = array_values(array_filter($axes, fn (int $axis) => isset($open[$axis])));
        if ($axes === []) {
            return;
        }
        $this->close($index, $axes);
        if (! isset($this->own->open[$index])) {
            $this->run->emit(OutputEvent::STOP, $this->run->program->stop($index)->id, 0, $cause);
        }
        foreach ($axes as $axis) {
            $this->run->axes->refresh($axis, $cause);
        }
    }

    /**
     * The stop is no longer open on these axes; where it is open on none, nothing is waited for any more.
     *
     * @param list<int> $axes on which it is open
     */
    private function close(int $index, array $axes): void
    {
        foreach ($axes as $axis) {
            unset($this->own->open[$index][$axis], $this->own->past[$index][$axis]);
        }
        if ($this->own->open[$index] === []) {
            unset($this->own->open[$index], $this->own->past[$index], $this->own->patience[$index]);
            $this->run->timers->cancel(self::OWNER, $index);
        }
    }

    /**
     * What was carried over from before the program was changed is looked at again, now that the axes have their place.
     *
     * @param array<string, true> $wasOpen ids of those that were open then
     */
    public function carry(array $wasOpen, Cause $cause): void
    {
        $own = $this->own;
        foreach (array_keys($own->patience) as $index) {
            $stop = $this->run->program->stop($index);
            foreach (array_keys($own->open[$index] ?? []) as $axis) {
                $value = $this->run->axes->valueOf($axis);
                if ($value !== null && $stop->isPast($value)) {
                    $own->past[$index][$axis] = true;
                }
                if ($stop->opening === Opening::UntilDrawnBack && $this->isDrawnBack($index, $stop, $axis)) {
                    unset($own->open[$index][$axis], $own->past[$index][$axis]);
                }
            }
            if (($own->open[$index] ?? []) === []) {
                unset($own->open[$index], $own->past[$index], $own->patience[$index]);
            } elseif ($stop->opening !== Opening::UntilDrawnBack) {
                unset($own->patience[$index]);
            } elseif ($own->patience[$index] > 0) {
                $own->patience[$index] = max($own->patience[$index], $this->run->state->now);
                $this->run->timers->set($own->patience[$index] - $this->run->state->now, self::OWNER, $index, $cause);
            }
        }
        foreach (
            Keys::of(
                array_diff_key($wasOpen, array_flip(array_column($this->run->program->tables->stops, 'id'))),
            ) as $gone
        ) {
            $this->run->emit(OutputEvent::STOP, $gone, 0, $cause);
        }
        foreach ($this->run->program->tables->stops as $index => $row) {
            foreach (
                $this->run->program->stop($index)->opening === Opening::HeldShut
                    ? $this->axes[$index]
                    ?? []
                    : [] as $axis
            ) {
                $own->open[$index][$axis] = true;
            }
            if (isset($own->open[$index]) !== isset($wasOpen[$row->id])) {
                $this->run->emit(OutputEvent::STOP, $row->id, isset($this->own->open[$index]) ? 1 : 0, $cause);
            }
        }
    }

    private function refresh(int $index, Cause $cause): void
    {
        foreach ($this->axes[$index] ?? [] as $axis) {
            $this->run->axes->refresh($axis, $cause);
        }
    }
}
