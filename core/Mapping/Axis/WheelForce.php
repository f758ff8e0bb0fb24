<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

/**
 * The force with which a wheel is turned back, over its angle. Our own model of a stand-in: the centring spring is
 * linear (Hooke's law) and has its whole force at the end of the rotation that is used; beyond it the end-stop, a
 * stiffer spring, has its whole force after some degrees more. Both together are never more than the motor has.
 */
final readonly class WheelForce
{
    /** How far beyond the rotation the end-stop has its whole force, in degrees. */
    public const GIVES = 20;

    /**
     * @param int   $degrees  lock to lock
     * @param int   $used     of these, half either way
     * @param float $spring   force at the end of what is used, in percent of what the motor has
     * @param float $endStop  force of the end-stop, in percent
     */
    public function __construct(public int $degrees, public int $used, public float $spring, public float $endStop) {}

    /** The end of the rotation that is used, in degrees from the middle. */
    public function end(): float
    {
        return $this->used / 2;
    }

    /** Does the wheel turn beyond what is used? */
    public function hasEndStop(): bool
    {
        return $this->used < $this->degrees;
    }

    /**
     * @param float $angle from the middle, in degrees, to either side
     *
     * @return float in percent of what the motor has, 0 to 100
     */
    public function at(float $angle): float
    {
        return min(100.0, $this->ofSpring($angle) + $this->ofEndStop($angle));
    }

    /** What of it is the centring spring's, in percent, at an angle in degrees. */
    public function ofSpring(float $angle): float
    {
        return $this->spring * min(1.0, abs($angle) / $this->end());
    }

    /** What of it is the end-stop's, in percent, at an angle in degrees. */
    public function ofEndStop(float $angle): float
    {
        return $this->endStop * min(1.0, max(0.0, abs($angle) - $this->end()) / self::GIVES);
    }
}
