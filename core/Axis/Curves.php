<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Format\Node;

/** The kinds of curve, one line each. */
final class Curves
{
    public static function read(?Node $node, bool $centred): Stage
    {
        return match ($node?->get('kind')->oneOf(['straight', 'expo', 'points']) ?? 'straight') {
            'points' => PointCurve::read(self::given($node)),
            'expo' => Expo::read($node, $centred),
            default => self::straight($node, $centred),
        };
    }

    public static function isStraight(Stage $curve): bool
    {
        return $curve instanceof Expo && $curve->k === 0.0;
    }

    private static function straight(?Node $node, bool $centred): Expo
    {
        $node?->only(['kind']);

        return Expo::of(0.0, $centred);
    }

    private static function given(?Node $node): Node
    {
        return $node ?? throw new \LogicException('A curve of points has its node.');
    }
}
