<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\MouseState;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** Axes that move the mouse: whole pixels every 8 ms from when the speed leaves 0, the fraction carried. */
final class Mouse implements Timed
{
    public const OWNER = 'mouse';

    /** Time between two steps, in µs. */
    public const STEP = 8000;

    private readonly MouseState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->mouse;
    }

    /** @param float $speed in pixels a second */
    public function steer(int $axis, float $speed, Cause $cause): void
    {
        if ($speed === 0.0 || $this->isAway($axis)) {
            $this->stop($axis);

            return;
        }
        if (! isset($this->own->owed[$axis])) {
            $this->run->timers->set(self::STEP, self::OWNER, $axis, $cause);
        }
        $this->own->owed[$axis] = [$this->own->owed[$axis][0] ?? 0.0, $cause];
    }

    /** Axes of a device that has gone no longer move the mouse, nor does what is built from them. */
    public function leave(): void
    {
        foreach (array_keys($this->own->owed) as $axis) {
            if ($this->isAway($axis)) {
                $this->stop($axis);
            }
        }
    }

    private function isAway(int $axis): bool
    {
        if ($this->run->state->away === []) {
            return false;
        }
        $tables = $this->run->program->tables;
        $of = [$axis];
        foreach ($tables->axes[$axis]->input->isBuilt() ? $tables->made : [] as $row) {
            $of = in_array($axis, $row->axes, true) ? $row->sources : $of;
        }

        return array_filter(
            $of,
            fn (int $source) => isset($this->run->state->away[explode('/', $tables->axes[$source]->input->ref, 2)[0]]),
        ) !== [];
    }

    public function stop(int $axis): void
    {
        if (isset($this->own->owed[$axis])) {
            unset($this->own->owed[$axis]);
            $this->run->timers->cancel(self::OWNER, $axis);
        }
    }

    public function timer(Timer $timer): void
    {
        $axis = $timer->of;
        [$direction, $speed] = $this->run->axes->mouseSpeed($axis);
        if ($speed === 0.0) {
            unset($this->own->owed[$axis]);

            return;
        }
        [$owed, $cause] = $this->own->owed[$axis];
        $owed += $speed * self::STEP / 1e6;
        $pixels = (int) $owed;
        if ($pixels !== 0) {
            $this->run->emit(OutputEvent::MOUSE, $direction, $pixels, $cause);
        }
        $this->own->owed[$axis] = [$owed - $pixels, $cause];
        $this->run->timers->set(self::STEP, self::OWNER, $axis, $cause);
    }
}
