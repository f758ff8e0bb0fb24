<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\HtmlString;
use Illuminate\Support\Str;

/** Why and how of each place: a text in `resources/help`, with one picture. A new place needs one file. */
final class HelpPages
{
    /** The name of the page about a place: "rig-try" for "rig?do=try". */
    public static function nameOf(string $address): string
    {
        return str_replace('?do=', '-', $address);
    }

    /**
     * @return array<string, array{string, string}> label and address of each place that has a page, by the name of the
     *    page
     */
    public static function all(): array
    {
        $pages = [];
        foreach (Places::all() as $address => $entry) {
            if (is_file(self::file(self::nameOf($address)))) {
                $pages[self::nameOf($address)] = [$entry->label, $address];
            }
        }

        return $pages;
    }

    /** Name of the page about a place; null if it has none. */
    public static function of(string $address): ?string
    {
        return is_file(self::file(self::nameOf($address))) ? self::nameOf($address) : null;
    }

    /** The text of a page. */
    public static function text(string $name): HtmlString
    {
        [, $text] = explode("\n\n", (string) file_get_contents(self::file($name)), 2);

        return new HtmlString(Str::markdown($text, ['html_input' => 'escape', 'allow_unsafe_links' => false]));
    }

    /** The file of its picture. */
    public static function picture(string $name): string
    {
        preg_match('/^picture: ([a-z-]+)$/m', (string) file_get_contents(self::file($name)), $match);

        return base_path('docs/screenshots/'.($match[1] ?? 'rig').'.png');
    }

    private static function file(string $name): string
    {
        return resource_path('help/'.$name.'.md');
    }
}
