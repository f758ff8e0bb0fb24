<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

/** What is printed on: a sheet (ISO 216, ANSI/ASME Y14.1), or a piece of tape. */
final readonly class Paper
{
    /** Heights of tape that there are, in mm. */
    public const TAPES = [9, 12, 18, 24];

    /** Lengths of tape that are printed at a time, in mm: the shortest that is long enough is taken. */
    public const LENGTHS = [50, 100, 150, 200, 250, 300];

    /** Name, width and height in mm, by id. */
    private const SHEETS = [
        'a4' => ['A4', 210.0, 297.0],
        'letter' => ['Letter', 215.9, 279.4],
        'a5' => ['A5', 148.0, 210.0],
        'a6' => ['A6', 105.0, 148.0],
        'a4-folded' => ['A4, folded', 297.0, 210.0],
    ];

    /**
     * @param string $id     as a style sheet names the page: "a4", "tape-12-150"
     * @param float  $width  in mm
     * @param float  $height in mm
     * @param float  $margin that stays free at every edge, in mm
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $width,
        public float $height,
        public float $margin,
    ) {}

    /** @param string $id one of ids() */
    public static function of(string $id): self
    {
        [$name, $width, $height] = self::SHEETS[$id];

        return new self($id, $name, $width, $height, match (true) {
            $width >= 200.0 && $id !== 'a4-folded' => 10.0,
            $width < 120.0 => 4.0,
            default => 6.0,
        });
    }

    /**
     * @param int   $height one of TAPES
     * @param float $long   what has to be on it, in mm
     */
    public static function tape(int $height, float $long): self
    {
        $enough = array_filter(self::LENGTHS, fn (int $length) => $length >= $long);
        $length = $enough === [] ? max(self::LENGTHS) : min($enough);

        return new self('tape-'.$height.'-'.$length, $height.' mm tape', (float) $length, (float) $height, 0.0);
    }

    /** @return array<string, string> names of the sheets that these are of, by id */
    public static function names(string ...$ids): array
    {
        return array_map(fn (array $sheet) => $sheet[0], array_intersect_key(self::SHEETS, array_flip($ids)));
    }
}
