<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

/** It shares a whole travel between two axes, so that each alone comes to its bite point. */
interface SharesTravel extends BuildsAxes
{
    /**
     * Where a shared travel bites, found by trying: one lever was pulled until it bit, the other was let go. The share
     * is such that the same lever, pulled all the way with the other let go, comes exactly to the bite point.
     *
     * @param float $first  travel of the first lever, 0..1
     * @param float $second travel of the second one
     *
     * @return ?float the share of the first one; null if not exactly one of them is pulled
     */
    public function shareBitingAt(float $first, float $second): ?float;
}
