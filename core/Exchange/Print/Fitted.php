<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

/**
 * A text that was given the largest letters for which there is room: in one line, else in two, else in the owner's
 * shorter words.
 */
final readonly class Fitted
{
    /** Steps by which letters are made smaller, in points. */
    private const STEP = 0.5;

    /**
     * @param list<string> $lines one or two
     * @param float        $size  in points
     * @param bool         $isOwn are they the owner's words, since the others had no room?
     * @param bool         $fits  has it room, in letters that can be read?
     */
    private function __construct(public array $lines, public float $size, public bool $isOwn, public bool $fits) {}

    /**
     * @param string $own     the owner's label, which is taken when the text has no room; empty if there is none
     * @param float  $width   in mm
     * @param float  $height  in mm
     * @param float  $largest letters, in points
     * @param float  $least   letters, in points
     */
    public static function of(
        string $text,
        string $own,
        float $width,
        float $height,
        float $largest,
        float $least,
    ): self {
        foreach (self::ways($text, $own) as [$words, $lines, $isOwn]) {
            for ($size = $largest; $size >= $least - 0.001; $size -= self::STEP) {
                $broken = Letters::lines($words, $size, $width);
                $isWhole = count($broken) <= $lines
                    && preg_replace('/\s+/u', ' ', trim($words)) === implode(' ', $broken);
                if ($isWhole && count($broken) * $size * Letters::POINT * Letters::LINE <= $height + 0.001) {
                    return new self($broken, $size, $isOwn, true);
                }
            }
        }
        // Nothing is cut off: it becomes as small as it has to be.
        $words = $own !== '' && Letters::width($own, $least) < Letters::width($text, $least) ? $own : $text;

        return new self([$words], min($least, $height / Letters::POINT / Letters::LINE), $words === $own, false);
    }

    /** @return list<array{string, int, bool}> words, in how many lines at most, and are they the owner's? */
    private static function ways(string $text, string $own): array
    {
        return [
            [$text, 1, false],
            [$text, 2, false],
            ...($own === '' || $own === $text ? [] : [[$own, 1, true], [$own, 2, true]]),
        ];
    }

    /** @return float how high it is, in mm */
    public function height(): float
    {
        return count($this->lines) * $this->size * Letters::POINT * Letters::LINE;
    }
}
