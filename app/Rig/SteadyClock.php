<?php

declare(strict_types=1);

namespace App\Rig;

/** The clock of the rig in µs: it only goes forward, and by at most a second where the process was away for longer. */
final class SteadyClock implements RigClock
{
    private const LONGEST = 1_000_000;

    private int $last;

    /** @param int $now where it begins */
    public function __construct(private int $now = 0)
    {
        $this->last = $this->monotonic();
    }

    /** Must be called at least once a second while the process is awake. */
    public function now(): int
    {
        $read = $this->monotonic();
        $this->now += min(self::LONGEST, $read - $this->last);
        $this->last = $read;

        return $this->now;
    }

    public function set(int $now): void
    {
        $this->now = $now;
        $this->last = $this->monotonic();
    }

    private function monotonic(): int
    {
        return intdiv(hrtime(true), 1000);
    }
}
