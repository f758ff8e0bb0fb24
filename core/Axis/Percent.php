<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

/** Parts of a whole as a person reads them: at most one decimal. */
final class Percent
{
    public static function of(float $part): string
    {
        return self::figure($part).' %';
    }

    public static function figure(float $part): string
    {
        $text = number_format(100.0 * $part, 1, '.', '');
        $text = str_ends_with($text, '.0') ? substr($text, 0, -2) : $text;

        return $text === '-0' ? '0' : $text;
    }

    /** The part that a person means by a percentage. */
    public static function part(float $percent): float
    {
        return round($percent / 100.0, 6);
    }

    /** Always with its decimal, for values that change before one's eyes. */
    public static function steady(float $part): string
    {
        return number_format(100.0 * $part, 1, '.', '').' %';
    }

    /** A place on a centred axis, -100 to +100 %. */
    public static function signed(float $part): string
    {
        $text = sprintf('%+.1f', 200.0 * $part - 100.0);

        return ($text === '-0.0' || $text === '+0.0' ? '0.0' : $text).' %';
    }
}
