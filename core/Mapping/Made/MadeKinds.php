<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\KindList;

/**
 * The kinds of what is made from axes, one line each, in the order in which they are offered.
 *
 * @extends KindList<Made>
 */
final class MadeKinds extends KindList
{
    protected static function own(): array
    {
        return [
            Above::class,
            Below::class,
            Between::class,
            Zones::class,
            FourDirections::class,
            EightDirections::class,
            SharedTravel::class,
            Larger::class,
            Smaller::class,
            Difference::class,
            Halves::class,
        ];
    }
}
