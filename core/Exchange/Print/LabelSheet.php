<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Mark\Box;
use Nailrod\Core\Exchange\Print\Mark\Rule;
use Nailrod\Core\Exchange\Print\Mark\Writing;

/** Labels on sheets, in strips with cutting marks, or on the tape itself. */
final class LabelSheet
{
    /** Between two strips of a sheet, in mm: there stands what each label is of. */
    private const GAP = 5.0;

    /** How long a cutting mark is, and how far it stays off the strip, in mm. */
    private const CUT = 3.0;
    private const OFF = 0.6;

    /** Letters of what a label is of, in points. */
    private const CAPTION = 4.5;

    /**
     * @param list<Label> $labels
     * @param string      $title  what they are of
     * @param ?Paper      $sheet  null for the tape itself
     * @param int         $height of a label, in mm
     *
     * @return list<PrintPage>
     */
    public static function of(array $labels, string $title, ?Paper $sheet, int $height): array
    {
        return $sheet === null ? self::onTape($labels, $title, $height)
            : self::onSheets($labels, $title, $sheet, $height);
    }

    /**
     * @param list<Label> $labels
     *
     * @return list<PrintPage>
     */
    private static function onTape(array $labels, string $title, int $height): array
    {
        return array_map(function (array $strip) use ($title, $height): PrintPage {
            $paper = Paper::tape($height, self::length($strip));

            return new PrintPage($paper, $title, self::strip($strip, 0.0, 0.0, $height, false));
        }, self::strips($labels, (float) max(Paper::LENGTHS)));
    }

    /**
     * @param list<Label> $labels
     *
     * @return list<PrintPage>
     */
    private static function onSheets(array $labels, string $title, Paper $sheet, int $height): array
    {
        $left = $sheet->margin + self::CUT;
        $top = $sheet->margin + 8.0;
        $strips = self::strips($labels, $sheet->width - 2 * $left);
        $pages = [];
        foreach (
            array_chunk(
                $strips,
                max(1, (int) floor(($sheet->height - $top - $sheet->margin) / ($height + self::GAP))),
            ) as $onPage
        ) {
            $marks = [
                new Writing($title, $sheet->margin, $sheet->margin + 3.0, 9.0, $sheet->width - 2 * $sheet->margin),
            ];
            foreach ($onPage as $i => $strip) {
                array_push(
                    $marks,
                    ...self::strip($strip, $left, $top + self::GAP + $i * ($height + self::GAP) - 1.0, $height, true),
                );
            }
            $pages[] = new PrintPage($sheet, $title, $marks);
        }

        return $pages;
    }

    /**
     * @param list<Label> $labels
     * @param float       $length that a strip can have, in mm
     *
     * @return list<non-empty-list<Label>>
     */
    private static function strips(array $labels, float $length): array
    {
        $strips = $strip = [];
        foreach ($labels as $label) {
            if ($strip !== [] && self::length($strip) + $label->width > $length) {
                $strips[] = $strip;
                $strip = [];
            }
            $strip[] = $label;
        }

        return $strip === [] ? $strips : [...$strips, $strip];
    }

    /**
     * @param list<Label> $strip
     *
     * @return float in mm
     */
    private static function length(array $strip): float
    {
        return array_sum(array_map(fn (Label $label) => $label->width, $strip));
    }

    /**
     * @param list<Label> $strip
     * @param bool        $isCut is it to be cut out of a sheet?
     *
     * @return list<Mark\Mark>
     */
    private static function strip(array $strip, float $x, float $y, int $height, bool $isCut): array
    {
        $marks = [];
        $end = $x + self::length($strip);
        if ($isCut) {
            $marks[] = new Box($x, $y, $end - $x, (float) $height);
            foreach ([$y, $y + $height] as $edge) {
                $marks[] = new Rule([[$x - self::OFF - self::CUT, $edge], [$x - self::OFF, $edge]], 0.1);
                $marks[] = new Rule([[$end + self::OFF, $edge], [$end + self::OFF + self::CUT, $edge]], 0.1);
            }
        }
        foreach ($strip as $i => $label) {
            array_push($marks, ...$label->marks($x, $y));
            if ($isCut) {
                $marks[] = new Writing(
                    $label->name,
                    $x,
                    $y - self::OFF,
                    self::CAPTION,
                    $label->width - 0.5,
                    isBold: false,
                    isGrey: true,
                );
            }
            $x += $label->width;
            if ($i < count($strip) - 1) {
                $marks[] = new Rule([[$x, $y], [$x, $y + $height]], 0.1);
            }
        }

        return $marks;
    }
}
