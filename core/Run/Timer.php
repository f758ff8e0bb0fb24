<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;

/** Something that is to happen later: which part of the run wants it, about what, and why. */
final readonly class Timer
{
    /** Of timers due at one instant those of the lowest rank come first, those of one rank in the order they were set. */
    public const USUAL = PHP_INT_MAX;

    /** @param int $due in µs since the start of the run */
    public function __construct(public int $due, public string $owner, public string $subject, public Cause $cause, public int $rank = self::USUAL) {}
}
