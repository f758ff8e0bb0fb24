<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Mapping\Axis\Notches;

/**
 * One axis at work: what its next reading needs, in one place, since this is the path that is walked a thousand times a
 * second. Where it stands is written into the state by Axes::store().
 */
final class AxisLane
{
    public int $reading = 0;

    /** The reading that counts: the last one, or the one that steadying lets stand. */
    public int $standing = 0;

    /** Of a built axis, 0..1. */
    public float $travel = 0.0;

    /** Value before the stops, 0..1. */
    public float $value = 0.0;

    /** Integer after the stops; -1 before the first reading. */
    public int $integer = -1;

    /** The highest value that shut stops let through. */
    public float $high = 1.0;

    /** The lowest one. */
    public float $low = 0.0;

    /** Does an open stop wait for its values? */
    public bool $watched = false;

    /** The assignment behind the route. */
    public int $assignment = -1;

    public ?Route $route = null;

    /** Where it will send to once it has picked the output up; null if it does not wait. */
    public ?Route $pending = null;

    /** Null where there are no stepped notches. */
    public ?Notches $stepped = null;

    /** While it waits, what it would have sent at its last reading; null if it had none yet. */
    public int|float|null $wouldSend = null;

    /** Of stepped notches the one that the value is in; null before the first value. */
    public ?int $notch = null;

    /** Is anything made from it? */
    public bool $feeds = false;

    /**
     * Lowest and highest reading between which nothing changes that is made from it; none if the lowest is the higher.
     */
    public int $calmFrom = PHP_INT_MAX;

    public int $calmTo = PHP_INT_MIN;

    /** @var list<Step> steps of the cause of an event that no stop holds back */
    public array $steps = [];

    /** @var list<Step> the same where the stop at `high` holds */
    public array $stepsHigh = [];

    /** @var list<Step> the same where the stop at `low` holds */
    public array $stepsLow = [];

    /** @var ?list<float> values by reading less the lowest, where fused */
    public ?array $table = null;

    /** Null where nothing is steadied. */
    public ?Steadying $steadying = null;

    /** Are single spikes left out? */
    public bool $spikes = false;

    /** The last reading as it came, where they are. */
    public ?Input $latest = null;

    /** Is a timer set, after which the last reading is taken? */
    public bool $waits = false;

    public function __construct(public readonly int $min, public readonly int $max) {}

    /** The value that shut stops let through, 0..1. */
    public function bounded(): float
    {
        return max($this->low, min($this->high, $this->value));
    }
}
