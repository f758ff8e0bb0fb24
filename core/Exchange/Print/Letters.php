<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

/** How much room a text takes in the condensed font. What a letter that the font does not have takes is a guess. */
final class Letters
{
    /** A point (1/72 inch) in mm. */
    public const POINT = 25.4 / 72;

    /** Height of a line, in sizes of its letters. */
    public const LINE = 1.16;

    /** How far the middle of a capital lies above the line, in sizes. */
    public const MIDDLE = 0.35;

    /** Is not drawn, so that it takes no room. */
    private const SOFT_HYPHEN = "\u{AD}";

    private const GUESS = 620;
    private const WIDE_GUESS = 1000;

    /** @var ?array<int, array<array-key, int>> in thousandths of the size, by weight and letter */
    private static ?array $widths = null;

    /**
     * @param float $size in points
     *
     * @return float in mm
     */
    public static function width(string $text, float $size, bool $isBold = true): float
    {
        self::$widths ??= self::read();
        $widths = self::$widths[$isBold ? 600 : 400];
        $sum = 0;
        foreach (mb_str_split(str_replace(self::SOFT_HYPHEN, '', $text)) as $letter) {
            $sum += $widths[$letter] ?? (mb_strwidth($letter) > 1 ? self::WIDE_GUESS : self::GUESS);
        }

        return $sum * $size * self::POINT / 1000;
    }

    /**
     * A text in lines, broken at its spaces; a word that has no room in a line is broken where the room ends.
     *
     * @param float $size  in points
     * @param float $width of a line, in mm
     *
     * @return list<string> one at least
     */
    public static function lines(string $text, float $size, float $width, bool $isBold = true): array
    {
        $lines = [''];
        foreach (preg_split('/\s+/u', trim($text)) ?: [] as $word) {
            $last = count($lines) - 1;
            $longer = trim($lines[$last].' '.$word);
            if (self::width($longer, $size, $isBold) <= $width) {
                $lines[$last] = $longer;

                continue;
            }
            foreach (self::pieces($word, $size, $width, $isBold) as $piece) {
                $lines[] = $piece;
            }
        }

        return $lines[0] === '' && count($lines) > 1 ? array_slice($lines, 1) : $lines;
    }

    /** @return list<string> a word as it is, or in pieces that have room */
    private static function pieces(string $word, float $size, float $width, bool $isBold): array
    {
        $pieces = [''];
        foreach (mb_str_split($word) as $letter) {
            $last = count($pieces) - 1;
            if ($pieces[$last] !== '' && self::width($pieces[$last].$letter, $size, $isBold) > $width) {
                $pieces[] = $letter;
            } else {
                $pieces[$last] .= $letter;
            }
        }

        return $pieces;
    }

    /**
     * @return list<string> letters of a text that the font does not have, each once: whatever font is there draws them
     */
    public static function lacking(string $text): array
    {
        self::$widths ??= self::read();
        $letters = array_unique(mb_str_split((string) preg_replace('/[\s\x{AD}]+/u', '', $text)));

        return array_values(array_filter($letters, fn (string $letter): bool => ! isset(self::$widths[400][$letter])));
    }

    /** @return array<int, array<array-key, int>> */
    private static function read(): array
    {
        /** @var array<int, array<array-key, int>> $widths written by resources/fonts/widths.js */
        $widths = json_decode((string) file_get_contents(__DIR__.'/widths.json'), true, 8, JSON_THROW_ON_ERROR);

        return $widths;
    }
}
