<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Panel;

/** The screen that a panel will be on: its shape, and how large a tile is there. */
final readonly class Screen
{
    /** Dots an inch of a screen whose size is told in dots: the usual one of phones and tablets in a browser. */
    public const DPI = 160.0;

    /** Below this a finger misses a tile, in mm. */
    public const LEAST_TILE = 9.0;

    /** The longer side of a drawing, in its units. */
    private const LONGEST = 980;

    private const LEAST = 40.0;
    private const MOST = 600.0;

    /**
     * @param float $width  in mm; and $height
     */
    private function __construct(public float $width, public float $height) {}

    /**
     * @param string $size "390x844" in dots, "70x150mm" in mm
     *
     * @return ?self null if it is no size, or of nothing that could be a screen
     */
    public static function of(string $size): ?self
    {
        if (preg_match('/^(\d{1,5})x(\d{1,5})(mm)?$/D', $size, $found) !== 1) {
            return null;
        }
        $mm = isset($found[3]) ? 1.0 : 25.4 / self::DPI;
        [$width, $height] = [(float) $found[1] * $mm, (float) $found[2] * $mm];

        return min($width, $height) < self::LEAST
            || max($width, $height) > self::MOST
            ? null
            : new self($width, $height);
    }

    /** @return array{int, int} width and height of a drawing of this shape, in its units */
    public function units(): array
    {
        $scale = self::LONGEST / max($this->width, $this->height);

        return [(int) round($this->width * $scale), (int) round($this->height * $scale)];
    }

    /** The smaller side of a cell of a page there, in mm. */
    public function cellOf(PanelPage $page): float
    {
        return min($this->width / $page->columns, $this->height / $page->rows);
    }
}
