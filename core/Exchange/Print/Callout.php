<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Mark\Box;
use Nailrod\Core\Exchange\Print\Mark\Mark;
use Nailrod\Core\Exchange\Print\Mark\SignMark;
use Nailrod\Core\Exchange\Print\Mark\Writing;
use Nailrod\Core\Rig\Device\Control;

/** What one control does, set beside the drawing of its device. */
final readonly class Callout
{
    /** Width of the hatch of a layer and what stays free after it, in mm. */
    private const HATCH = 1.5;
    private const GAP = 0.5;

    /** @var list<array{LabelRow, list<string>}> its rows, and their lines */
    private array $rows;

    private float $line;

    /**
     * @param list<LabelRow> $rows  one at least
     * @param float          $size  of its letters, in points
     * @param float          $width in mm
     */
    public function __construct(public Control $control, array $rows, private float $size, private float $width)
    {
        $this->line = $size * Letters::POINT * Letters::LINE;
        $this->rows = array_map(
            fn (LabelRow $row) => [$row, Letters::lines($row->text, $size, $width - $this->indent($row))],
            $rows,
        );
    }

    private function indent(LabelRow $row): float
    {
        return ($row->look === null ? 0.0 : self::HATCH + self::GAP) + (
            $row->sign === null ? 0.0 : $this->side() + self::GAP
        );
    }

    private function side(): float
    {
        return 0.75 * $this->size * Letters::POINT;
    }

    /** @return float how wide its widest line is, in mm */
    public function width(): float
    {
        $widest = 0.0;
        foreach ($this->rows as [$row, $lines]) {
            foreach ($lines as $text) {
                $widest = max($widest, $this->indent($row) + Letters::width($text, $this->size));
            }
        }

        return min($this->width, $widest);
    }

    /** @return float in mm */
    public function height(): float
    {
        return array_sum(array_map(fn (array $row) => count($row[1]), $this->rows)) * $this->line;
    }

    /** @return float where the wire to its control begins, in mm below its top */
    public function wire(): float
    {
        return $this->line / 2;
    }

    /**
     * @param float $x of its upper left corner, in mm
     * @param float $y in mm
     *
     * @return list<Mark>
     */
    public function marks(float $x, float $y): array
    {
        $marks = [];
        foreach ($this->rows as [$row, $lines]) {
            $start = $x;
            if ($row->look !== null) {
                $marks[] = new Box($start, $y + 0.15, self::HATCH, count($lines) * $this->line - 0.3, $row->look);
                $start += self::HATCH + self::GAP;
            }
            if ($row->sign !== null) {
                $marks[] = new SignMark($row->sign, $start + $this->side() / 2, $y + $this->line / 2, $this->side());
                $start += $this->side() + self::GAP;
            }
            foreach ($lines as $text) {
                $marks[] = new Writing(
                    $text,
                    $start,
                    $y + $this->line / 2 + Letters::MIDDLE * $this->size * Letters::POINT,
                    $this->size,
                    $x + $this->width - $start,
                );
                $y += $this->line;
            }
        }

        return $marks;
    }
}
