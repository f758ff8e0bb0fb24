<?php

declare(strict_types=1);

namespace Tests\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Letters;
use Nailrod\Core\Exchange\Print\Mark\Group;
use Nailrod\Core\Exchange\Print\Mark\Mark;
use Nailrod\Core\Exchange\Print\Mark\Writing;
use Nailrod\Core\Exchange\Print\PrintPage;

/** What stands where on printed pages. */
final class Marks
{
    /**
     * @param list<Mark> $marks
     *
     * @return list<array{string, float, float, float, float, float}> text, left, top, right and bottom edge in mm, size
     * in points
     */
    public static function texts(array $marks, float $x = 0.0, float $y = 0.0): array
    {
        $texts = [];
        foreach ($marks as $mark) {
            if ($mark instanceof Group) {
                array_push($texts, ...self::texts($mark->marks, $x + $mark->x, $y + $mark->y));
            } elseif ($mark instanceof Writing) {
                $left = $x + $mark->x - match ($mark->anchor) {
                    Writing::START => 0.0,
                    Writing::MIDDLE => $mark->width() / 2,
                    default => $mark->width(),
                };
                $size = $mark->size * Letters::POINT;
                $texts[] = [
                    $mark->text, $left, $y + $mark->y - 0.75 * $size, $left + $mark->width(),
                    $y + $mark->y + 0.23 * $size, $mark->size,
                ];
            }
        }

        return $texts;
    }

    /**
     * @param list<PrintPage> $pages
     *
     * @return list<string>
     */
    public static function words(array $pages): array
    {
        return array_merge(
            ...array_map(fn (PrintPage $page) => array_column(self::texts($page->marks), 0), $pages),
            ...[[]],
        );
    }
}
