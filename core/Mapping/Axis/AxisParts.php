<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\CanGrow;

/**
 * The parts of what is said of an axis, one line each, in the order in which they act; Measured does nothing by itself.
 * One that is added acts after the range.
 */
final class AxisParts
{
    /** @use CanGrow<AxisPart> */
    use CanGrow;

    /** @var list<class-string<AxisPart>> */
    private const OWN = [
        Calibration::class,
        Rotation::class,
        Steady::class,
        DeadZones::class,
        Curve::class,
        Range::class,
        Notches::class,
        Measured::class,
    ];

    /** @return array<string, class-string<AxisPart>> by the word in the file */
    public static function all(): array
    {
        $all = [];
        foreach (self::OWN as $class) {
            foreach ($class === Notches::class ? [...self::$added, $class] : [$class] as $one) {
                $all[$one::part()] = $one;
            }
        }

        return $all;
    }

    /** @return list<string> those that shape, in the order in which they act */
    public static function shaping(): array
    {
        return array_values(array_diff(array_keys(self::all()), [Measured::part()]));
    }

    /** @return list<string> those that say how a reading becomes travel */
    public static function ofReadings(): array
    {
        return array_keys(array_filter(self::all(), fn (string $class) => $class::isOfReadings()));
    }
}
