<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Mark\Box;
use Nailrod\Core\Exchange\Print\Mark\Mark;
use Nailrod\Core\Exchange\Print\Mark\Rule;
use Nailrod\Core\Exchange\Print\Mark\Writing;

/**
 * Headings and rows of text, set under each other, from column to column and from page to page. A row is never torn.
 */
final class Flow
{
    /** Height of the head of a page, in lines. */
    private const HEAD = 2.0;

    /** Between two columns, and between two parts of a row, in mm. */
    private const GUTTER = 5.0;
    private const GAP = 1.5;

    /** @var list<list<Mark>> by page */
    private array $pages = [];

    private int $column = -1;

    private float $y = INF;

    private readonly float $line;

    private readonly float $width;

    /**
     * @param float $size    of its letters, in points
     * @param int   $columns beside each other, 1 or more
     */
    public function __construct(
        private readonly Paper $paper,
        private readonly string $title,
        private readonly float $size,
        private readonly int $columns = 1,
    ) {
        $this->line = $size * Letters::POINT * Letters::LINE;
        $this->width = ($paper->width - 2 * $paper->margin - ($columns - 1) * self::GUTTER) / $columns;
    }

    /** @param ?int $look of the layer that it is of */
    public function heading(string $text, ?int $look = null): void
    {
        // It does not stand alone at the end of a column.
        $this->room(4.2 * $this->line);
        $this->y += $this->isAtTop() ? 0.0 : 0.8 * $this->line;
        $x = $this->x();
        if ($look !== null) {
            $this->put(new Box($x, $this->y - 0.2, 2.4, $this->line, $look));
            $x += 3.2;
        }
        $size = $this->size * 1.15;
        $this->put(new Writing($text, $x, $this->y + 0.82 * $this->line, $size, $this->x() + $this->width - $x));
        $this->y += 1.2 * $this->line;
        $this->put(new Rule([[$this->x(), $this->y], [$this->x() + $this->width, $this->y]], 0.15));
        $this->y += 0.4 * $this->line;
    }

    /**
     * @param list<string> $texts  of its parts; the first is bold
     * @param list<float>  $shares of the width that each part has
     */
    public function row(array $texts, array $shares): void
    {
        $sum = array_sum($shares);
        $wide = array_map(
            fn (float $share) => ($this->width - (count($shares) - 1) * self::GAP) * $share / $sum,
            $shares,
        );
        $broken = array_map(
            fn (string $text, float $width, int $i) => Letters::lines($text, $this->size, $width, $i === 0),
            $texts,
            $wide,
            array_keys($texts),
        );
        $lines = max([1, ...array_map(count(...), $broken)]);
        $this->room($lines * $this->line);
        $x = $this->x();
        foreach ($broken as $i => $texts) {
            foreach ($texts as $n => $text) {
                if ($text !== '') {
                    $this->put(new Writing(
                        $text,
                        $x,
                        $this->y + ($n + 0.8) * $this->line,
                        $this->size,
                        $wide[$i],
                        isBold: $i === 0,
                    ));
                }
            }
            $x += $wide[$i] + self::GAP;
        }
        $this->y += $lines * $this->line + 0.12 * $this->line;
    }

    /** @return list<PrintPage> */
    public function pages(): array
    {
        $many = count($this->pages);

        return array_map(function (array $marks, int $i) use ($many): PrintPage {
            $head = $this->paper->margin + 1.1 * $this->line;
            $right = $this->paper->width - $this->paper->margin;
            $number = $many === 1 ? '' : ($i + 1).' / '.$many;

            return new PrintPage($this->paper, $this->title, [
                new Writing(
                    $this->title,
                    $this->paper->margin,
                    $head,
                    $this->size * 1.3,
                    $right - $this->paper->margin - 14.0,
                ),
                ...($number === '' ? [] : [
                    new Writing($number, $right, $head, $this->size, null, Writing::END, false, true),
                ]),
                ...$marks,
            ]);
        }, $this->pages, array_keys($this->pages));
    }

    private function x(): float
    {
        return $this->paper->margin + $this->column * ($this->width + self::GUTTER);
    }

    private function top(): float
    {
        return $this->paper->margin + self::HEAD * $this->line;
    }

    private function isAtTop(): bool
    {
        return $this->y <= $this->top() + 0.001;
    }

    /** @param float $height that has to be free, in mm; else the next column begins, or the next page */
    private function room(float $height): void
    {
        if ($this->pages !== [] && (
            $this->y + $height <= $this->paper->height - $this->paper->margin || $this->isAtTop()
        )) {
            return;
        }
        $this->column++;
        if ($this->pages === [] || $this->column >= $this->columns) {
            $this->pages[] = [];
            $this->column = 0;
        }
        $this->y = $this->top();
    }

    private function put(Mark $mark): void
    {
        $this->pages[count($this->pages) - 1][] = $mark;
    }
}
