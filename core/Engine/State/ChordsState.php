<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Presses of members of chords, and chords that are on. Indices are those of the program. */
final class ChordsState implements PartState
{
    /** @var array<int, list<MemberPress>> presses that are on their way or have come late, by contact */
    public array $presses = [];

    /** How many presses of members there were. */
    public int $count = 0;

    /** @var array<int, int> the chord that a contact was closed for */
    public array $consumed = [];

    /** @var array<int, true> chords that have formed and are to be held for a while before they come on */
    public array $forming = [];

    /** @var array<int, true> chords that are on, the latest last */
    public array $on = [];

    public function carried(Renumbering $to): static
    {
        $next = new self;
        $next->count = $this->count;

        return $next;
    }
}
