<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice;

use Nailrod\Core\Mapping\Axis\Measured;
use Nailrod\Core\Mapping\Axis\Shaping;

/**
 * How an axis answers the hand, in figures: how strongly, how fine, which integers it can send. Travel and value are
 * parts of the whole, 0..1.
 */
final class Response
{
    /** Step for slopes, as a part of the travel. */
    private const STEP = 1e-6;

    /** Places at which the steepest slope is looked for. */
    private const SAMPLES = 400;

    /** @var ?array<int, true> see integers() */
    private ?array $integers = null;

    public function __construct(private readonly Shaping $shaping, private readonly ?Measured $measured) {}

    /**
     * How much the value changes for a small movement: 1 is one for one. Just outside the dead zones; notches count.
     *
     * @return array{rest: float, low: float, high: float}
     */
    public function gains(): array
    {
        $zones = $this->shaping->zones;
        $low = $this->slope($zones->low, 1);
        $rest = $this->shaping->axis->centred ? $this->slope(0.5 + $zones->rest, 1) : $low;

        return ['rest' => $rest, 'low' => $low, 'high' => $this->slope(1.0 - $zones->high, -1)];
    }

    /** The travel from rest, on the way that takes longer, until what is sent changes; null if it never does. */
    public function fromRest(): ?float
    {
        $rest = $this->shaping->restTravel();
        $sent = Shaping::integer($this->shaping->settled($rest));
        $longest = null;
        foreach ($this->shaping->axis->centred ? [-1, 1] : [1] as $direction) {
            $end = $direction > 0 ? 1.0 - $rest : $rest;
            if ($this->sentAt($rest + $direction * $end) === $sent) {
                continue;
            }
            [$same, $other] = [0.0, $end];
            for ($i = 0; $i < 40; $i++) {
                $middle = ($same + $other) / 2;
                $this->sentAt($rest + $direction * $middle) === $sent ? $same = $middle : $other = $middle;
            }
            $longest = max($longest ?? 0.0, $other);
        }

        return $longest === null ? null : max($longest, $this->shaping->steady->hold);
    }

    /** The smallest travel that changes what is sent at the place where the axis answers most strongly. */
    public function finest(): float
    {
        $steepest = 0.0;
        for ($i = 0; $i < self::SAMPLES; $i++) {
            $steepest = max($steepest, $this->chain(($i + 1) / self::SAMPLES) - $this->chain($i / self::SAMPLES));
        }
        $steepest *= self::SAMPLES;
        if ($steepest <= 0.0) {
            return 1.0;
        }
        $steps = $this->shaping->notches->areStepped() ? 2 * $this->shaping->notches->hysteresis : 1 / Shaping::STEPS;

        return max($this->step(), $steps / $steepest, $this->shaping->steady->hold);
    }

    /** How many different integers it can send while its stops are open. */
    public function distinct(): int
    {
        return count($this->integers());
    }

    /** The steepest slope before the notches. */
    public function steepness(): float
    {
        $steepest = 0.0;
        for ($i = 0; $i < self::SAMPLES; $i++) {
            $steepest = max(
                $steepest,
                $this->shaping->shape(($i + 1) / self::SAMPLES) - $this->shaping->shape($i / self::SAMPLES),
            );
        }

        return $steepest * self::SAMPLES;
    }

    /** @return array<int, true> every integer that can be sent with open stops */
    public function integers(): array
    {
        if ($this->integers !== null) {
            return $this->integers;
        }
        $notches = $this->shaping->notches;
        $integers = [];
        foreach ($this->readings() as $reading) {
            $value = $this->shaping->value($reading);
            $integers[
                Shaping::integer($notches->areStepped() ? $notches->at[$notches->step(null, $value)] : $value)
            ] = true;
        }

        return $this->integers = $integers;
    }

    /**
     * @return non-empty-list<int> readings that the hand can reach: what was measured, else all that the device can
     *    report
     */
    public function readings(): array
    {
        $axis = $this->shaping->axis;
        $low = max($axis->min, $this->measured->low ?? $axis->min);
        $high = min($axis->max, $this->measured->high ?? $axis->max);
        $step = max(1, $this->measured->step ?? 1);

        return [...range(min($low, $high), max($low, $high), $step), max($low, $high)];
    }

    /** The travel of the smallest difference between two readings. */
    private function step(): float
    {
        return ($this->measured->step ?? 1) * $this->perReading();
    }

    /** How much travel one reading is at most. */
    public function perReading(): float
    {
        $calibration = $this->shaping->calibration;
        $per = $calibration->rest === null
            ? 1 / ($calibration->high - $calibration->low)
            : 0.5 / min($calibration->rest - $calibration->low, $calibration->high - $calibration->rest);
        $rotation = $this->shaping->rotation;

        return $rotation->used === null || $rotation->degrees === null
            ? $per
            : $per * $rotation->degrees / $rotation->used;
    }

    private function slope(float $travel, int $direction): float
    {
        return abs($this->chain($travel + $direction * self::STEP) - $this->chain($travel)) / self::STEP;
    }

    /** Through everything that has no memory. */
    private function chain(float $travel): float
    {
        return $this->shaping->notches->apply($this->shaping->shape($travel));
    }

    /** The integer that a hand which rests there sends, with open stops. */
    public function sentAt(float $travel): int
    {
        return Shaping::integer($this->shaping->settled($travel));
    }
}
