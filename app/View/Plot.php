<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\Stop;

/** The picture of a shaping: travel across, value up, in the units of an SVG. A window may show a part of both. */
final readonly class Plot
{
    /**
     * @param array{float, float} $across the travel at the left and at the right edge
     * @param array{float, float} $up      the value at the bottom and at the top
     * @param int                 $samples pieces of a line
     */
    public function __construct(
        public float $left,
        public float $top,
        public float $width,
        public float $height,
        public array $across = [0.0, 1.0],
        public array $up = [0.0, 1.0],
        private int $samples = 240,
    ) {}

    public static function large(): self
    {
        return new self(70, 14, 612, 440);
    }

    public static function small(): self
    {
        return new self(1, 1, 50, 24, samples: 40);
    }

    /**
     * The same place for a part of the picture.
     *
     * @param array{float, float} $across
     * @param array{float, float} $up
     */
    public function window(array $across, array $up): self
    {
        return new self($this->left, $this->top, $this->width, $this->height, $across, $up);
    }

    public function x(float $travel): float
    {
        return round(
            $this->left + $this->width * ($travel - $this->across[0]) / ($this->across[1] - $this->across[0]),
            2,
        );
    }

    public function y(float $value): float
    {
        return round($this->top + $this->height * (1.0 - ($value - $this->up[0]) / ($this->up[1] - $this->up[0])), 2);
    }

    public function right(): float
    {
        return $this->left + $this->width;
    }

    public function bottom(): float
    {
        return $this->top + $this->height;
    }

    /** Does the window show this travel? */
    public function showsX(float $travel): bool
    {
        return $travel >= $this->across[0] - 1e-9 && $travel <= $this->across[1] + 1e-9;
    }

    public function showsY(float $value): bool
    {
        return $value >= $this->up[0] - 1e-9 && $value <= $this->up[1] + 1e-9;
    }

    /**
     * @return list<float> parts of the whole at which the axes are marked: eleven over a whole one, every percent in a
     *    part
     */
    public function marks(bool $isAcross): array
    {
        [$from, $to] = $isAcross ? $this->across : $this->up;

        return array_map(fn (int $i) => $from + ($to - $from) * $i / 10, range(0, 10));
    }

    /**
     * The line of a shaping as an SVG path, notches and all.
     *
     * @param list<Stop> $stops that are shut
     */
    public function line(Shaping $shaping, array $stops = []): string
    {
        [$from, $to] = $this->across;
        if ($stops === [] && $shaping->isAsItComes()) {
            return 'M'.$this->x($from).' '.$this->y($from).'L'.$this->x($to).' '.$this->y($to);
        }
        $points = [];
        $before = null;
        $y = 0.0;
        for ($i = 0; $i <= $this->samples; $i++) {
            $travel = $from + ($to - $from) * $i / $this->samples;
            $value = $shaping->settled($travel);
            foreach ($stops as $stop) {
                $value = $stop->hold($value);
            }
            $x = $this->x($travel);
            if ($before !== null && $value !== $before && $shaping->notches->areStepped()) {
                $points[] = $x.' '.$this->y($before);
            }
            $y = $value === $before ? $y : $this->y($value);
            $points[] = $x.' '.$y;
            $before = $value;
        }

        return 'M'.implode('L', $points);
    }
}
