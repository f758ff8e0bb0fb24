<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

/** One step of an axis between travel and shaped value; 0..1 in, 0..1 out, no memory of its own. */
interface Stage
{
    public function apply(float $value): float;

    /**
     * What it does, in a few words with the numbers in it; empty if it leaves every value as it is.
     *
     * @param bool $centred do the percentages count from the centre, -100 to +100?
     */
    public function inWords(bool $centred): string;
}
