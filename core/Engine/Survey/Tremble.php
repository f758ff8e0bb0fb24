<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

/**
 * How much one axis moves by itself, learnt from its own readings, and whether a hand has moved it. A hand goes one way
 * for a while, trembling turns back at once: the jitter is the upper quartile, over neighbouring steps, of how far the
 * second takes back the first (0 where it goes on). For normally distributed readings that is 0.8895 of their standard
 * deviation (by simulation of 20,000 readings), so that times FACTOR the jitter is the standard deviation.
 */
final class Tremble
{
    private const KEPT = 24;
    private const FACTOR = 1.124;
    private const ENOUGH = 8;

    /** What has not reported for this long is quiet, in µs. */
    private const QUIET = 1_000_000;
    private const SMOOTH = 3;

    /** A movement is one that goes this many times past the jitter, and past this part of the range. */
    private const JITTERS = 6.0;
    private const LEAST = 0.03;

    /**
     * What goes further than this part of the range, or comes after a rest, is a jump between rests and no trembling.
     */
    private const MOST = 0.25;
    private const REST = 150_000;

    /** What was learnt of it is worth half as much after so long without a reading, in µs. */
    private const FADES = 10_000_000;

    /** @var list<int> the last readings, the oldest first */
    private array $readings = [];

    /** @var list<bool> of each of them, did it come after a rest? */
    private array $rested = [];

    /** Where the hand has left it. */
    private int $reference;

    private float $jitter = 0.0;

    private int $last = 0;

    /** @param int $width of the range that the device can report */
    public function __construct(private readonly int $width, int $reading)
    {
        $this->reference = $reading;
        $this->readings[] = $reading;
        $this->rested[] = true;
    }

    /**
     * @param int $t in µs
     *
     * @return bool has a hand moved it?
     */
    public function take(int $reading, int $t): bool
    {
        $silence = max(0, $t - $this->last);
        $this->last = $t;
        if ($silence > self::FADES) {
            $this->jitter *= 2.0 ** (-$silence / self::FADES);
            [$this->readings, $this->rested] = [array_slice($this->readings, -1), [true]];
        }
        $this->readings[] = $reading;
        $this->rested[] = $silence > self::REST;
        if (count($this->readings) > self::KEPT) {
            array_shift($this->readings);
            array_shift($this->rested);
        }
        $this->jitter = $this->measured();
        $now = $this->jitter > 0.0 ? self::median(
            [$reading, ...array_slice($this->readings, -self::SMOOTH, -1)],
        ) : $reading;
        if (abs($now - $this->reference) <= $this->threshold()) {
            return false;
        }
        $this->reference = (int) $now;

        return true;
    }

    /** Does it move by itself, and has it not moved further than that? */
    public function isNoise(int $reading): bool
    {
        return $this->jitter > 0.0 && abs($reading - $this->reference) <= min(
            self::MOST * $this->width,
            self::JITTERS * $this->jitter,
        );
    }

    /** Does it move by itself at this time, in µs? */
    public function trembles(int $now): bool
    {
        return $this->jitter > 0.001 * $this->width && $now - $this->last < self::QUIET;
    }

    /** The deviation of a reading at rest, as a part of the range. */
    public function jitter(): float
    {
        return $this->jitter / $this->width;
    }

    /** How far it must move to count as moved, in readings. */
    public function threshold(): float
    {
        return min(self::MOST * $this->width, max(self::LEAST * $this->width, self::JITTERS * $this->jitter));
    }

    private function measured(): float
    {
        $back = [];
        for ($i = 2, $end = count($this->readings); $i < $end; $i++) {
            $first = $this->readings[$i - 1] - $this->readings[$i - 2];
            $second = $this->readings[$i] - $this->readings[$i - 1];
            $isJump = ($this->rested[$i] ?? false)
                || ($this->rested[$i - 1] ?? false)
                || max(abs($first), abs($second)) > self::MOST * $this->width;
            $back[] = $first * $second < 0 && ! $isJump ? min(abs($first), abs($second)) : 0;
        }
        sort($back);

        return count($back) < self::ENOUGH ? $this->jitter : self::FACTOR * $back[(int) (0.75 * count($back))];
    }

    /** @param non-empty-list<int> $values */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }
}
