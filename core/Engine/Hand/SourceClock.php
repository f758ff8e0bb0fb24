<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Hand;

/**
 * The clock of a hand, placed on that of the rig: what the line delays is the same for all inputs of a hand but for the
 * smallest difference between both clocks that was seen lately, so the spacing of its inputs is kept. All times in µs.
 */
final class SourceClock
{
    /** For how many seconds a difference counts. */
    private const KEPT = 30;

    /** A difference that is further away is a clock that was set. */
    private const JUMP = 1_000_000;

    /** @var array<int, int> smallest difference that was seen in a second, by that second of the rig's clock */
    private array $least = [];

    private int $difference = 0;

    private ?int $late = null;

    /**
     * Something was heard of the hand.
     *
     * @param int $t   what its clock said when it sent that
     * @param int $now what the rig's clock says
     */
    public function hear(int $t, int $now): void
    {
        $difference = $now - $t;
        if ($this->least !== [] && abs($difference - $this->difference) > self::JUMP) {
            $this->least = [];
        }
        $second = intdiv($now, 1_000_000);
        $this->least = array_filter(
            $this->least,
            fn (int $at): bool => $at > $second - self::KEPT,
            ARRAY_FILTER_USE_KEY,
        );
        $this->least[$second] = min($difference, $this->least[$second] ?? $difference);
        $this->difference = min($this->least);
        $this->late = $difference - $this->difference;
    }

    /** How much later what was heard last came than at best, in µs; null if nothing was heard. */
    public function late(): ?int
    {
        return $this->late;
    }

    /** When it was by the rig's clock, as near as that can be known. */
    public function at(int $t): int
    {
        return $t + $this->difference;
    }
}
