<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Rig\RigClock;

/** A clock that a test moves. */
final class TestClock implements RigClock
{
    public int $time = 0;

    public function now(): int
    {
        return $this->time;
    }

    public function set(int $now): void
    {
        $this->time = $now;
    }
}
