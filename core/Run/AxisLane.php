<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Step;

/**
 * One axis at work: what its next reading needs, in one place, since this is the path that is walked a thousand times a
 * second. Where it stands is written into the state by Axes::store().
 */
final class AxisLane
{
    public int $reading = 0;

    /** Shaped value before the stops, 0..1. */
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

    /** @var list<Step> steps of the cause of an event that no stop holds back */
    public array $steps = [];

    /** @var list<Step> the same where the stop at `high` holds */
    public array $stepsHigh = [];

    /** @var list<Step> the same where the stop at `low` holds */
    public array $stepsLow = [];

    /** @var ?list<float> shaped values by reading less the lowest, where fused */
    public ?array $table = null;

    public function __construct(public readonly int $min, public readonly int $max) {}
}
