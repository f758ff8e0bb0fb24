<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** A press of a member of chords that is on its way or has come late (see Chords). */
final readonly class MemberPress
{
    /**
     * @param int       $n          its number in the run
     * @param int       $at         when the contact closed, in µs
     * @param int       $wait       how much later its own press and release come, in µs
     * @param list<int> $chords     it may be part of
     * @param int       $assignment its own press is bound to
     * @param bool      $on         has its own press come?
     * @param bool      $open       has its contact opened?
     * @param int       $ends       when its release comes then, in µs
     */
    public function __construct(
        public int $n,
        public int $at,
        public int $wait,
        public array $chords,
        public int $assignment,
        public bool $on = false,
        public bool $open = false,
        public int $ends = 0,
    ) {}

    public function come(): self
    {
        return new self(
            $this->n,
            $this->at,
            $this->wait,
            $this->chords,
            $this->assignment,
            true,
            $this->open,
            $this->ends,
        );
    }

    /** @param int $now in µs */
    public function opened(int $now): self
    {
        return new self(
            $this->n,
            $this->at,
            $this->wait,
            $this->chords,
            $this->assignment,
            $this->on,
            true,
            $now + $this->wait,
        );
    }
}
