<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Mark\Group;
use Nailrod\Core\Exchange\Print\Mark\Mark;
use Nailrod\Core\Exchange\Print\Mark\Writing;

/**
 * A part of a page as wide as the page is inside its margins; parts are set under each other as long as there is room.
 */
final readonly class Block
{
    /** What stays free between two of them, in mm. */
    private const APART = 4.0;

    /**
     * @param float      $height in mm
     * @param list<Mark> $marks  from its upper left corner
     */
    public function __construct(public float $height, public array $marks) {}

    /** @return float how much height a page has for them, in mm */
    public static function room(Paper $paper, float $size): float
    {
        return $paper->height - $paper->margin - self::top($paper, $size);
    }

    /**
     * @param list<self> $blocks none higher than a page has room for
     * @param float      $size   of letters, in points
     *
     * @return list<PrintPage>
     */
    public static function pages(array $blocks, Paper $paper, string $title, float $size): array
    {
        $pages = $onPage = [];
        $free = self::room($paper, $size);
        foreach ($blocks as $block) {
            if ($onPage !== [] && $block->height > $free) {
                $pages[] = $onPage;
                $onPage = [];
                $free = self::room($paper, $size);
            }
            $onPage[] = new Group($paper->margin, $paper->height - $paper->margin - $free, $block->marks);
            $free -= $block->height + self::APART;
        }
        $pages = $onPage === [] ? $pages : [...$pages, $onPage];

        return array_map(
            fn (array $marks) => new PrintPage(
                $paper,
                $title,
                [
                    new Writing(
                        $title,
                        $paper->margin,
                        $paper->margin + 1.1 * $size * Letters::POINT * Letters::LINE,
                        $size * 1.3,
                        $paper->width - 2 * $paper->margin,
                    ),
                    ...$marks,
                ],
            ),
            $pages,
        );
    }

    private static function top(Paper $paper, float $size): float
    {
        return $paper->margin + 2.0 * $size * Letters::POINT * Letters::LINE;
    }
}
