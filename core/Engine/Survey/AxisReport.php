<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

use Nailrod\Core\Rig\Device\AxisInput;

/** What a sweep has shown of an axis. All in readings, but for `share`, a part of the device's range, and `bits`. */
final readonly class AxisReport
{
    /** Parts of the way between the ends. */
    private const NEAR_END = 0.04;
    private const JUMP = 0.05;
    private const SAME_PLACE = 0.03;

    /** A jump is this many times the usual step; a flat spot lasts this many times the usual time between readings. */
    private const UNUSUAL = 6;

    private const FLAT_LEAST = 250_000;

    /**
     * @param int             $low    reading at the low end, which can be the higher number
     * @param float           $jitter median absolute deviation at rest
     * @param float           $peak   furthest from the median at rest or at an end, single spikes left out
     * @param float           $drift  from the beginning to the end of the rest
     * @param int             $spikes single readings that jumped and came back
     * @param list<float>     $flats  readings at which the axis stands still while the hand goes on, both ways
     * @param list<float>     $jumps  readings in the middle of a leap, both ways
     * @param int             $step   the smallest difference that its readings take
     */
    private function __construct(
        public AxisInput $axis,
        public int $low,
        public int $high,
        public int $rest,
        public float $jitter,
        public float $peak,
        public float $drift,
        public int $spikes,
        public array $flats,
        public array $jumps,
        public int $step,
    ) {}

    public static function of(Sweep $sweep, AxisInput $axis): self
    {
        $rest = $sweep->trace(SweepPhase::Rest);
        $quiet = $rest->despiked();
        $low = $sweep->held(SweepPhase::Low);
        $high = $sweep->held(SweepPhase::High);
        $span = abs($high->median() - $low->median());
        $beyond = max(8 * $quiet->deviation(), 0.02 * $axis->width());
        $spikes = 0;
        foreach (SweepPhase::cases() as $phase) {
            $spikes += count($sweep->trace($phase)->spikes($beyond));
        }
        $peak = max(array_map(
            fn (Trace $still) => $still->without($beyond)->peak(),
            [$rest, $sweep->heldAsItCame(SweepPhase::Low), $sweep->heldAsItCame(SweepPhase::High)],
        ));
        [$there, $back] = self::ways($sweep->trace(SweepPhase::Slow)->despiked());

        return new self(
            $axis,
            (int) round($low->median()),
            (int) round($high->median()),
            (int) round($quiet->median()),
            $quiet->deviation(),
            $peak,
            $rest->drift(),
            $spikes,
            self::inBoth(
                self::flats($there, $low->median(), $high->median(), $peak),
                self::flats($back, $low->median(), $high->median(), $peak),
                $span,
            ),
            self::inBoth(self::jumps($there, $span), self::jumps($back, $span), $span),
            self::step($sweep),
        );
    }

    public function isReversed(): bool
    {
        return $this->low > $this->high;
    }

    public function bottom(): int
    {
        return min($this->low, $this->high);
    }

    public function top(): int
    {
        return max($this->low, $this->high);
    }

    /** The part of the device's range that it uses. */
    public function share(): float
    {
        return ($this->top() - $this->bottom()) / $this->axis->width();
    }

    /** How many bits its positions from end to end are worth. */
    public function bits(): float
    {
        return log(($this->top() - $this->bottom()) / $this->step + 1, 2);
    }

    /** @return array{Trace, Trace} the slow pass to its turning point, and from there on */
    private static function ways(Trace $slow): array
    {
        if ($slow->count() === 0) {
            return [$slow, $slow];
        }
        $first = $slow->readings[0];
        $turn = 0;
        foreach ($slow->readings as $i => $reading) {
            if (abs($reading - $first) > abs($slow->readings[$turn] - $first)) {
                $turn = $i;
            }
        }
        $part = fn (int $from, ?int $length): Trace => new Trace(
            array_slice($slow->times, $from, $length),
            array_slice($slow->readings, $from, $length),
            $slow->times[min($turn, count($slow->times) - 1)],
        );

        return [
            $part(0, $turn + 1),
            new Trace(array_slice($slow->times, $turn), array_slice($slow->readings, $turn), $slow->end),
        ];
    }

    /**
     * Readings at which it stood still, the ends left out. An axis that trembles stands still while it stays within its
     * trembling, and goes on reporting; one that has stopped reporting tells nothing.
     *
     * @return list<float>
     */
    private static function flats(Trace $way, float $low, float $high, float $peak): array
    {
        $stands = [];
        $anchor = 0;
        foreach ($way->readings as $i => $reading) {
            if ($i > 0 && abs($reading - $way->readings[$anchor]) > 2 * $peak) {
                $stands[] = [$way->times[$i] - $way->times[$anchor], $i - $anchor, $way->readings[$anchor]];
                $anchor = $i;
            }
        }
        if (count($stands) < 8) {
            return [];
        }
        $usual = (new Trace([], array_column($stands, 0), 0))->median();
        $near = self::NEAR_END * abs($high - $low);
        $flats = [];
        foreach ($stands as [$time, $count, $reading]) {
            $isReporting = $peak === 0.0 || $count >= self::UNUSUAL;
            if (
                $isReporting && $time > max(
                    self::FLAT_LEAST,
                    self::UNUSUAL * $usual,
                ) && abs($reading - $low) > $near && abs($reading - $high) > $near
            ) {
                $flats[] = (float) $reading;
            }
        }

        return $flats;
    }

    /** @return list<float> */
    private static function jumps(Trace $way, float $span): array
    {
        $steps = [];
        for ($i = 1; $i < $way->count(); $i++) {
            $steps[] = abs($way->readings[$i] - $way->readings[$i - 1]);
        }
        if (count($steps) < 8) {
            return [];
        }
        $usual = (new Trace([], $steps, 0))->median();
        $jumps = [];
        foreach ($steps as $i => $step) {
            if ($step > max(self::JUMP * $span, self::UNUSUAL * $usual)) {
                $jumps[] = ($way->readings[$i] + $way->readings[$i + 1]) / 2;
            }
        }

        return $jumps;
    }

    /**
     * What one hand's hesitation cannot be: it is at the same place in both directions.
     *
     * @param list<float> $there
     * @param list<float> $back
     *
     * @return list<float>
     */
    private static function inBoth(array $there, array $back, float $span): array
    {
        return array_values(array_filter(
            $there,
            fn (float $at) => array_filter(
                $back,
                fn (float $other) => abs($other - $at) <= self::SAME_PLACE * $span,
            ) !== [],
        ));
    }

    /** The greatest common divisor of the differences between the readings that it took. */
    private static function step(Sweep $sweep): int
    {
        $readings = [];
        foreach (SweepPhase::cases() as $phase) {
            $readings += array_flip($sweep->trace($phase)->readings);
        }
        $readings = array_keys($readings);
        $step = 0;
        foreach ($readings as $reading) {
            [$a, $b] = [$step, abs($reading - $readings[0])];
            while ($b !== 0) {
                [$a, $b] = [$b, $a % $b];
            }
            $step = $a;
        }

        return max(1, $step);
    }
}
