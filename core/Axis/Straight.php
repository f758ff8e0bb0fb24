<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Given;
use Nailrod\Core\Format\IsKind;

/** No bend at all. */
final readonly class Straight implements CurveKind
{
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

    public static function fields(): Fields
    {
        return Fields::of();
    }

    public static function from(Given $given): static
    {
        return new self;
    }

    public function values(): array
    {
        return [];
    }

    public function over(bool $centred): Expo
    {
        return Expo::of(0.0, $centred);
    }
}
