<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;

/** The timers of a run, in the order they will fire. */
final class Timers
{
    public function __construct(private readonly State $state) {}

    /** Time of the next one in µs; PHP_INT_MAX if none is set. */
    public function next(): int
    {
        return $this->state->timers === [] ? PHP_INT_MAX : $this->state->timers[0]->due;
    }

    /**
     * @param int    $delay in µs from now
     * @param int    $of    and
     * @param string $what  its subject, and
     * @param int    $rank  its place among the timers of one instant (see Timer)
     */
    public function set(
        int $delay,
        string $owner,
        int $of,
        Cause $cause,
        string $what = '',
        int $rank = Timer::USUAL,
    ): void {
        $timer = new Timer($this->state->now + $delay, $owner, $of, $what, $cause, $rank);
        $at = count($this->state->timers);
        while ($at > 0 && ($this->state->timers[$at - 1]->due > $timer->due || (
            $this->state->timers[$at - 1]->due === $timer->due && $this->state->timers[$at - 1]->rank > $rank
        ))) {
            $at--;
        }
        if ($at === count($this->state->timers)) {
            $this->state->timers[] = $timer;
        } else {
            array_splice($this->state->timers, $at, 0, [$timer]);
        }
    }

    public function cancel(string $owner, int $of, string $what = ''): void
    {
        $this->state->timers = array_values(array_filter(
            $this->state->timers,
            fn (Timer $timer) => ! $timer->isOf($owner, $of, $what),
        ));
    }

    /** @param callable(Timer): bool $which */
    public function cancelAll(callable $which): void
    {
        $this->state->timers = array_values(array_filter($this->state->timers, fn (Timer $timer) => ! $which($timer)));
    }

    public function take(): Timer
    {
        $timer = $this->state->timers[0];
        array_shift($this->state->timers);

        return $timer;
    }
}
