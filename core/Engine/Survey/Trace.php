<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

/** Readings of one axis over time, and what is robustly known of them. */
final readonly class Trace
{
    /**
     * @param list<int> $times    in µs, never falling
     * @param list<int> $readings the same number
     * @param int       $end      until when the last reading held, in µs
     */
    public function __construct(public array $times, public array $readings, public int $end) {}

    public function count(): int
    {
        return count($this->readings);
    }

    /** How long it is, in µs. */
    public function length(): int
    {
        return $this->times === [] ? 0 : $this->end - $this->times[0];
    }

    /** The readings from a time on, in µs; the one that held then is the first of them. */
    public function from(int $t): self
    {
        $at = 0;
        while (isset($this->times[$at + 1]) && $this->times[$at + 1] <= $t) {
            $at++;
        }

        return new self(array_slice($this->times, $at), array_slice($this->readings, $at), $this->end);
    }

    /** The same without single readings that jump: each is the median of itself and its neighbours. */
    public function despiked(): self
    {
        $readings = $this->readings;
        for ($i = 1, $end = count($readings) - 1; $i < $end; $i++) {
            [$a, $b, $c] = [$this->readings[$i - 1], $this->readings[$i], $this->readings[$i + 1]];
            $readings[$i] = max(min($a, $b), min(max($a, $b), $c));
        }

        return new self($this->times, array_values($readings), $this->end);
    }

    /**
     * @return list<int> where a single reading lies further than this from both neighbours, which agree with each other
     */
    public function spikes(float $beyond): array
    {
        $spikes = [];
        for ($i = 1, $end = count($this->readings) - 1; $i < $end; $i++) {
            [$a, $b, $c] = [$this->readings[$i - 1], $this->readings[$i], $this->readings[$i + 1]];
            if (abs($b - $a) > $beyond && abs($b - $c) > $beyond && abs($a - $c) <= $beyond) {
                $spikes[] = $i;
            }
        }

        return $spikes;
    }

    /** The same without such single readings; all others are as they came. */
    public function without(float $beyond): self
    {
        $spikes = array_flip($this->spikes($beyond));

        return new self(
            array_values(array_diff_key($this->times, $spikes)),
            array_values(array_diff_key($this->readings, $spikes)),
            $this->end,
        );
    }

    public function median(): float
    {
        return $this->quantile(0.5);
    }

    /** @param float $part 0 to 1, in between by a straight line */
    public function quantile(float $part): float
    {
        $sorted = $this->readings;
        sort($sorted);
        $at = $part * (count($sorted) - 1);
        $below = (int) floor($at);

        return $sorted === [] ? 0.0 : $sorted[$below] + ($at - $below) * (
            $sorted[min($below + 1, count($sorted) - 1)] - $sorted[$below]
        );
    }

    /** Median absolute deviation from the median. */
    public function deviation(): float
    {
        $median = $this->median();
        $deviations = array_map(fn (int $reading) => (int) round(2 * abs($reading - $median)), $this->readings);

        return (new self($this->times, $deviations, $this->end))->median() / 2;
    }

    /** The furthest that a reading lies from the median. */
    public function peak(): float
    {
        $median = $this->median();

        return $this->readings === [] ? 0.0 : max(
            array_map(fn (int $reading) => abs($reading - $median), $this->readings),
        );
    }

    /** From the median of its first third to that of its last. */
    public function drift(): float
    {
        $third = intdiv($this->count(), 3);
        if ($third < 3) {
            return 0.0;
        }

        return (new self([], array_slice($this->readings, -$third), 0))->median() - (
            new self([], array_slice($this->readings, 0, $third), 0)
        )->median();
    }
}
