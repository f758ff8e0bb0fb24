<?php

declare(strict_types=1);

namespace App\Structure;

/**
 * The folders of the code as boxes in layers, with an arrow for each import: who imports stands above whom it imports.
 */
final readonly class StructureDrawing
{
    private const WIDTH = 1240;
    private const BOX = 96;
    private const HEIGHT = 26;
    private const ROW = 74;
    private const TOP = 40;

    public function __construct(private ImportGraph $imports) {}

    public function svg(): string
    {
        $places = $this->places();
        $bottom = max([0, ...array_column($places, 1)]) + self::HEIGHT + 20;
        $svg = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" font-family="sans-serif" font-size="12">'."\n",
            self::WIDTH,
            $bottom,
        )
            .'<title>Who imports whom: what stands above imports what stands below</title>'
                ."\n"
                .'<rect width="100%" height="100%" fill="#fbfaf5"/>'
                ."\n";
        foreach ($this->imports->counts as $box => $of) {
            foreach ($of as $other => $count) {
                if (isset($places[$other])) {
                    $svg .= $this->arrow($places[$box], $places[$other], $count);
                }
            }
        }
        foreach ($places as $box => [$x, $y]) {
            $svg .= sprintf(
                '<g><rect x="%d" y="%d" width="%d" height="%d" fill="%s" stroke="#1d262e"/><text x="%d" y="%d" '
                    .'text-anchor="middle" fill="#1d262e">%s</text></g>'
                    ."\n",
                $x,
                $y,
                self::BOX,
                self::HEIGHT,
                ImportGraph::isOfCore($box) ? '#dfe7ee' : '#f1e6cf',
                $x + intdiv(self::BOX, 2),
                $y + 17,
                $box,
            );
        }

        return $svg."</svg>\n";
    }

    /** @return array<string, array{int, int}> left and top of each box */
    private function places(): array
    {
        $rows = [];
        foreach ($this->imports->layers() as $box => $layer) {
            $rows[$layer][] = $box;
        }
        krsort($rows);
        $places = [];
        foreach (array_values($rows) as $row => $boxes) {
            $gap = intdiv(self::WIDTH - count($boxes) * self::BOX, count($boxes) + 1);
            foreach ($boxes as $i => $box) {
                $places[$box] = [$gap + $i * (self::BOX + $gap), self::TOP + $row * self::ROW];
            }
        }

        return $places;
    }

    /**
     * @param array{int, int} $from
     * @param array{int, int} $to
     */
    private function arrow(array $from, array $to, int $count): string
    {
        [$x1, $y1, $x2, $y2] = [
            $from[0] + intdiv(self::BOX, 2),
            $from[1] + self::HEIGHT,
            $to[0] + intdiv(self::BOX, 2),
            $to[1],
        ];
        $bend = max(20, intdiv($y2 - $y1, 2));

        return sprintf(
            '<path d="M%d %dC%d %d %d %d %d %d" fill="none" stroke="#5b6b78" stroke-opacity="%s" stroke-width="%s"/>'
                ."\n",
            $x1,
            $y1,
            $x1,
            $y1 + $bend,
            $x2,
            $y2 - $bend,
            $x2,
            $y2,
            $count > 9 ? '0.55' : '0.28',
            $count > 9 ? '1.6' : '1',
        );
    }
}
