<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\HasNoFields;
use Nailrod\Core\Format\IsKind;

/** No bend at all. */
final readonly class Straight implements CurveKind
{
    use HasNoFields;
    use IsKind;

    public static function kind(): string
    {
        return 'straight';
    }

    public static function title(): string
    {
        return 'straight';
    }

    public static function about(): string
    {
        return 'A straight line.';
    }

    public function over(bool $centred): Expo
    {
        return Expo::of(0.0, $centred);
    }
}
