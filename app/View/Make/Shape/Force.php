<?php

declare(strict_types=1);

namespace App\View\Make\Shape;

use Nailrod\Core\Mapping\Axis\WheelForce;

/** The force of a wheel over its angle as a picture: degrees across, percent up. */
final readonly class Force
{
    public const LEFT = 70.0;
    public const WIDTH = 612.0;
    public const TOP = 14.0;
    public const HEIGHT = 72.0;

    public function __construct(public WheelForce $force) {}

    /**
     * How far the picture goes to either side, in degrees: a little beyond where the end-stop has its whole force, no
     * further than the wheel turns.
     */
    public function reach(): float
    {
        return min($this->force->degrees / 2, $this->force->end() + 6 * WheelForce::GIVES);
    }

    public function x(float $angle): float
    {
        return round(self::LEFT + self::WIDTH * (0.5 + $angle / (2 * $this->reach())), 2);
    }

    public function y(float $percent): float
    {
        return round(self::TOP + self::HEIGHT * (1 - $percent / 100), 2);
    }

    /** The force of the spring as an SVG path. */
    public function spring(): string
    {
        return $this->path(
            [-$this->reach(), -$this->force->end(), 0.0, $this->force->end(), $this->reach()],
            $this->force->ofSpring(...),
        );
    }

    /**
     * The force of the end-stop on one side as an SVG path; empty if the wheel turns no further.
     *
     * @param int $side -1 or 1
     */
    public function endStop(int $side): string
    {
        $whole = min($this->reach(), $this->force->end() + WheelForce::GIVES);

        return $this->force->hasEndStop() ? $this->path(
            [$side * $this->force->end(), $side * $whole, $side * $this->reach()],
            $this->force->ofEndStop(...),
        ) : '';
    }

    /**
     * @param list<float>             $angles
     * @param callable(float): float $force
     */
    private function path(array $angles, callable $force): string
    {
        return 'M'.implode('L', array_map(fn (float $angle) => $this->x($angle).' '.$this->y($force($angle)), $angles));
    }
}
