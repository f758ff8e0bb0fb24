<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Panel;

/** The icons that a tile can have: found by words, and guessed from what a tile does. */
final class Icons
{
    /** Words that say which way, not what. */
    private const WAYS = ['on', 'off', 'up', 'down', 'left', 'right', 'higher', 'lower', 'one', 'the', 'of', 'to'];

    /**
     * @return array<string, string> what is chosen from, by name of the icon: its label, and words by which it is found
     */
    public static function words(): array
    {
        return array_map(fn (array $icon): string => $icon[0].' ('.str_replace(' ', ', ', $icon[1]).')', IconList::ALL);
    }

    public static function has(string $name): bool
    {
        return isset(IconList::ALL[$name]);
    }

    public static function label(string $name): string
    {
        return IconList::ALL[$name][0] ?? '';
    }

    /**
     * @return list<array{string, array<string, string>}> its shapes in SVG with their attributes, on a square of 24;
     *    none if there is no such icon
     */
    public static function shapes(string $name): array
    {
        return IconList::ALL[$name][2] ?? [];
    }

    /**
     * The icon that says most of the words, of which one that few icons have counts most; those of the first text
     * before those of the next, of equals the first of the list.
     *
     * @param string ...$about what the tile does: its role, its name, its group, in this order
     *
     * @return string its name; empty if no icon has any of the words
     */
    public static function guess(string ...$about): string
    {
        $words = array_map(fn (array $icon): array => self::split($icon[0].' '.$icon[1]), IconList::ALL);
        $often = array_count_values(array_merge(...array_values($words)));
        foreach ($about as $text) {
            $asked = array_diff(self::split($text), self::WAYS);
            $weights = array_map(
                fn (array $has): float => array_sum(
                    array_map(fn (string $word): float => 1 / $often[$word], array_intersect($asked, $has)),
                ),
                $words,
            );
            $most = max($weights);
            if ($most > 0.0) {
                return (string) array_search($most, $weights, true);
            }
        }

        return '';
    }

    /** @return list<string> different words, in small letters */
    private static function split(string $text): array
    {
        return array_values(array_unique(
            array_filter(preg_split('/[^a-z]+/', strtolower($text)) ?: [], fn (string $word) => strlen($word) > 1),
        ));
    }
}
