<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

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

    /** A place as a person reads it: 0 to 100 %, on a centred axis -100 to +100 %. */
    public static function at(float $part, bool $centred): string
    {
        return $centred ? sprintf('%s%s %%', $part > 0.5 ? '+' : '', self::figureAt($part, true)) : self::of($part);
    }

    /** How wide something is, or how far from something else: on a centred axis each half is 100 %. */
    public static function by(float $part, bool $centred): string
    {
        return self::of($centred ? 2.0 * $part : $part);
    }

    /** The figure of a place, for a field. */
    public static function figureAt(float $part, bool $centred): string
    {
        return self::figure($centred ? 2.0 * $part - 1.0 : $part);
    }

    /** The figure of a width, for a field. */
    public static function figureBy(float $part, bool $centred): string
    {
        return self::figure($centred ? 2.0 * $part : $part);
    }

    /** The part that a person means by a percentage. */
    public static function part(float $percent): float
    {
        return round($percent / 100.0, 6);
    }

    /** The place that a person means by a percentage. */
    public static function partAt(float $percent, bool $centred): float
    {
        return $centred ? round(($percent + 100.0) / 200.0, 6) : self::part($percent);
    }

    /** The width that a person means by a percentage. */
    public static function partBy(float $percent, bool $centred): float
    {
        return self::part($centred ? $percent / 2.0 : $percent);
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
