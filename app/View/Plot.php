<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Axis\Stop;

/** The picture of a shaping: travel across, value up, in the units of an SVG. */
final readonly class Plot
{
    private const SAMPLES = 160;

    public function __construct(public float $left, public float $top, public float $width, public float $height) {}

    public static function large(): self
    {
        return new self(52, 14, 630, 440);
    }

    public static function small(): self
    {
        return new self(1, 1, 50, 24);
    }

    public function x(float $travel): float
    {
        return round($this->left + $this->width * $travel, 2);
    }

    public function y(float $value): float
    {
        return round($this->top + $this->height * (1.0 - $value), 2);
    }

    /**
     * The line of a shaping as an SVG path.
     *
     * @param list<Stop> $stops that are shut
     */
    public function line(Shaping $shaping, array $stops = []): string
    {
        $points = [];
        for ($i = 0; $i <= self::SAMPLES; $i++) {
            $travel = $i / self::SAMPLES;
            $value = $shaping->shape($travel);
            foreach ($stops as $stop) {
                $value = $stop->hold($value);
            }
            $points[] = $this->x($travel).' '.$this->y($value);
        }

        return 'M'.implode('L', $points);
    }
}
