<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\KindList;

/**
 * The kinds of curve, one line each, in the order in which they are offered.
 *
 * @extends KindList<CurveKind>
 */
final class Curves extends KindList
{
    protected static function own(): array
    {
        return [
            Straight::class,
            Expo::class,
            PointCurve::class,
        ];
    }
}
