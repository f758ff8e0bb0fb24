<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Mapping\Axis\Shaping;

/** It builds axes from the travels of others; what is made from those again comes after it. */
interface BuildsAxes extends Made
{
    /** Its readings for what shows readings: they stand for the travel. */
    public const READINGS = 65535;

    /** @param list<Shaping> $sources the same, knowing what its sources are */
    public function over(array $sources): self;

    /**
     * The travels of what it builds.
     *
     * @param list<float> $t travels of its sources, 0..1
     *
     * @return list<float> by axis in the order of axes()
     */
    public function travels(array $t): array;
}
