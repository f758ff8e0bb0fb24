<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Mapping\Axis\Shaping;

/**
 * The steadying of one axis at work: the last three readings, and the one whose travel is held. It is on the path that
 * is walked a thousand times a second, so all it needs is at hand.
 */
final class Steadying
{
    /** The reading that stands for the axis now. */
    public int $standing = 0;

    /** The last three readings, the oldest first. */
    private int $a = 0;

    private int $b = 0;

    private int $c = 0;

    private bool $hasStarted = false;

    private float $held = 0.0;

    /** Is the next reading the last one once more, since no newer one has come? */
    private bool $waited = false;

    private readonly float $hold;

    private readonly bool $spikes;

    private readonly bool $centred;

    private readonly int $min;

    /** @param ?list<float> $travels by reading less the lowest, where they are computed at once */
    public function __construct(private readonly Shaping $shaping, private readonly ?array $travels = null)
    {
        $this->hold = $shaping->steady->hold;
        $this->spikes = $shaping->steady->spikes;
        $this->centred = $shaping->axis->centred;
        $this->min = $shaping->axis->min;
    }

    /** @return ?array{int, int, int} the last three readings, the oldest first; null before the first one */
    public function window(): ?array
    {
        return $this->hasStarted ? [$this->a, $this->b, $this->c] : null;
    }

    /** @param array{int, int, int} $window */
    public function restore(array $window, int $standing): void
    {
        [$this->a, $this->b, $this->c] = $window;
        $this->hasStarted = true;
        $this->stand($standing);
    }

    /** The first reading counts as if it had always been there. */
    public function start(int $reading): void
    {
        $this->restore([$reading, $reading, $reading], $reading);
    }

    /** No newer reading has come for a while: the last one is taken as it is. */
    public function wait(): void
    {
        $this->waited = true;
    }

    /** Do the last three readings differ, so that the last one may still be a spike? */
    public function isUnsettled(): bool
    {
        return $this->a !== $this->b || $this->b !== $this->c;
    }

    /**
     * The new travel is taken if it differs by more than the hold band from the one that is held; both ends, and the
     * middle of a centred axis, always are.
     *
     * @return int the reading that counts now
     */
    public function take(int $reading): int
    {
        if (! $this->hasStarted) {
            $this->start($reading);

            return $reading;
        }
        $a = $this->a = $this->waited ? $reading : $this->b;
        $b = $this->b = $this->waited ? $reading : $this->c;
        $this->c = $reading;
        $this->waited = false;
        if ($this->spikes) {
            if ($a > $b) {
                [$a, $b] = [$b, $a];
            }
            $reading = $reading < $a ? $a : ($reading > $b ? $b : $reading);
        }
        $travel = $this->travels === null ? $this->shaping->travel($reading) : $this->travels[$reading - $this->min];
        $off = $travel - $this->held;
        if (
            $off > $this->hold || $off < -$this->hold
                || $travel === 0.0
                || $travel === 1.0
                || ($travel === 0.5 && $this->centred)
        ) {
            $this->standing = $reading;
            $this->held = $travel;
        }

        return $this->standing;
    }

    private function stand(int $reading): void
    {
        $this->standing = $reading;
        $this->held = $this->shaping->travel($reading);
    }
}
