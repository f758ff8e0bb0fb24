<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\HtmlString;
use Nailrod\Core\Rig\Panel\Icons;

/** The shapes of an icon as SVG. */
final class IconShapes
{
    public static function of(string $name): HtmlString
    {
        $svg = '';
        foreach (Icons::shapes($name) as [$shape, $attributes]) {
            $svg .= '<'.$shape.implode(
                '',
                array_map(
                    fn (string $attribute, string $value): string => ' '.$attribute.'="'.e($value).'"',
                    array_keys($attributes),
                    $attributes,
                ),
            ).' />';
        }

        return new HtmlString($svg);
    }

    /** All of them as symbols, from which a list to choose from draws them. */
    public static function sheet(): HtmlString
    {
        $symbols = implode(
            '',
            array_map(
                fn (string $name): string => '<symbol id="icon-'
                    .$name
                    .'" viewBox="0 0 24 24">'
                    .self::of($name)
                    .'</symbol>',
                array_keys(Icons::words()),
            ),
        );

        return new HtmlString('<svg hidden aria-hidden="true">'.$symbols.'</svg>');
    }
}
