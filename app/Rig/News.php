<?php

declare(strict_types=1);

namespace App\Rig;

/**
 * When the eyes are told what is new. What happens within a short time is told together; but what a hand does does not
 * wait for what went before by itself, since it is watched by the one who does it: it is joined with other hands' only.
 */
final class News
{
    private bool $isThere = false;

    private bool $isOfHand = false;

    /** When something was told last, in µs; before the first time so long ago that nothing waits. */
    private int $told = -Subscribers::JOINED;

    /** When something that a hand did was told last, in µs. */
    private int $toldOfHand = -Subscribers::JOINED;

    public function came(bool $isOfHand = false): void
    {
        $this->isThere = true;
        $this->isOfHand = $this->isOfHand || $isOfHand;
    }

    /** From when on it is told, in µs of the rig's clock; null if nothing is new. */
    public function due(): ?int
    {
        return match (true) {
            ! $this->isThere => null,
            $this->isOfHand => min($this->told, $this->toldOfHand) + Subscribers::JOINED,
            default => $this->told + Subscribers::JOINED,
        };
    }

    public function isDue(int $now): bool
    {
        return $this->isThere && $now >= $this->due();
    }

    public function told(int $now): void
    {
        $this->told = $now;
        $this->toldOfHand = $this->isOfHand ? $now : $this->toldOfHand;
        $this->isThere = $this->isOfHand = false;
    }
}
