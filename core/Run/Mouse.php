<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;

/** Axes that move the mouse: whole pixels every 8 ms from when the speed leaves 0, the fraction carried. */
final class Mouse implements Timed
{
    public const OWNER = 'mouse';

    /** Time between two steps, in µs. */
    public const STEP = 8000;

    public function __construct(private readonly Run $run) {}

    /** @param float $speed in pixels a second */
    public function steer(int $axis, float $speed, Cause $cause): void
    {
        if ($speed === 0.0) {
            $this->stop($axis);

            return;
        }
        if (! isset($this->run->state->mouse[$axis])) {
            $this->run->timers->set(self::STEP, self::OWNER, (string) $axis, $cause);
        }
        $this->run->state->mouse[$axis] = [$this->run->state->mouse[$axis][0] ?? 0.0, $cause];
    }

    public function stop(int $axis): void
    {
        if (isset($this->run->state->mouse[$axis])) {
            unset($this->run->state->mouse[$axis]);
            $this->run->timers->cancel(self::OWNER, (string) $axis);
        }
    }

    public function timer(Timer $timer): void
    {
        $axis = (int) $timer->subject;
        [$direction, $speed] = $this->run->axes->mouseSpeed($axis);
        if ($speed === 0.0) {
            unset($this->run->state->mouse[$axis]);

            return;
        }
        [$owed, $cause] = $this->run->state->mouse[$axis];
        $owed += $speed * self::STEP / 1e6;
        $pixels = (int) $owed;
        if ($pixels !== 0) {
            $this->run->emit(OutputEvent::MOUSE, $direction, $pixels, $cause);
        }
        $this->run->state->mouse[$axis] = [$owed - $pixels, $cause];
        $this->run->timers->set(self::STEP, self::OWNER, (string) $axis, $cause);
    }
}
