<?php

declare(strict_types=1);

namespace App\Rig;

/** The clock of the rig, in µs. It only goes forward. */
interface RigClock
{
    public function now(): int;

    /** It goes on from there. */
    public function set(int $now): void;
}
