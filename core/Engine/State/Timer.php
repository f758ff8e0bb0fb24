<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

use Nailrod\Core\Format\Cause\Cause;

/** Something that is to happen later: which part of the run wants it, about what, and why. */
final readonly class Timer
{
    /**
     * Of timers due at one instant those of the lowest rank come first, those of one rank in the order they were set.
     */
    public const USUAL = PHP_INT_MAX;

    /**
     * @param int    $due   in µs since the start of the run
     * @param string $owner the part of the run that wants it
     * @param int    $of    number of the contact, axis, assignment, macro or stop that it is about
     * @param string $what  which of several of that number; empty where there is but one
     */
    public function __construct(
        public int $due,
        public string $owner,
        public int $of,
        public string $what,
        public Cause $cause,
        public int $rank = self::USUAL,
    ) {}

    public function isOf(string $owner, int $of, string $what = ''): bool
    {
        return $this->of === $of && $this->owner === $owner && $this->what === $what;
    }
}
