<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Mark\Box;
use Nailrod\Core\Exchange\Print\Mark\Mark;
use Nailrod\Core\Exchange\Print\Mark\SignMark;
use Nailrod\Core\Exchange\Print\Mark\Writing;

/**
 * A label of a control, or of one position of it: as wide as its place on the device allows, its lines under each
 * other.
 */
final readonly class Label
{
    /** What stays free at its edges, in mm. */
    private const EDGE = 0.7;

    /** Width of the hatch of a layer, in mm. */
    private const HATCH = 1.6;

    /** Between hatch, sign and text, in mm. */
    private const GAP = 0.5;

    /** @var list<Fitted> what stands in each of its rows */
    private array $fitted;

    /** @var float height of a row, in mm */
    private float $pitch;

    /**
     * @param string         $ref   of the control or the contact
     * @param string         $name  of it, by which its owner finds it
     * @param float          $width in mm
     * @param list<LabelRow> $rows  one at least
     */
    public function __construct(
        public string $ref,
        public string $name,
        public float $width,
        private array $rows,
        private LabelWish $wish,
    ) {
        $inside = $wish->height - 2 * self::EDGE;
        $this->pitch = $inside / count($rows);
        $largest = min($wish->largest(), floor(2 * $this->pitch / Letters::POINT / Letters::LINE) / 2);
        $this->fitted = array_map(
            fn (LabelRow $row) => Fitted::of(
                $row->text,
                $row->own,
                $this->width - self::EDGE - $this->start($row, $largest),
                $this->pitch,
                $largest,
                $wish->least(),
            ),
            $rows,
        );
    }

    /** Where the text of a row begins, in mm from the left edge of the label. */
    private function start(LabelRow $row, float $size): float
    {
        return self::EDGE + ($row->look === null ? 0.0 : self::HATCH + self::GAP) + (
            $row->sign === null ? 0.0 : self::side($size) + self::GAP
        );
    }

    /** How large a sign is beside letters of a size, in mm. */
    private static function side(float $size): float
    {
        return min(3.0, 0.8 * $size * Letters::POINT);
    }

    public function fits(): bool
    {
        return array_filter($this->fitted, fn (Fitted $one) => ! $one->fits) === [];
    }

    /** Why it does not fit, and what to do; null if it does. */
    public function problem(): ?string
    {
        $rows = count($this->rows);
        if ($this->pitch + 0.001 < $this->wish->least() * Letters::POINT * Letters::LINE) {
            return sprintf(
                '%s needs %d lines, and %d mm have no room for them: take higher tape, fewer layers, or a label for '
                    .'each position.',
                $this->name,
                $rows,
                $this->wish->height,
            );
        }
        foreach ($this->fitted as $i => $one) {
            if (! $one->fits) {
                return sprintf(
                    '“%s” on %s is too long for %s mm: give it a shorter label of its own.',
                    $this->rows[$i]->text,
                    $this->name,
                    round($this->width, 1),
                );
            }
        }

        return null;
    }

    /** Do the owner's words stand there, since the others had no room? */
    public function isShortened(): bool
    {
        return array_filter($this->fitted, fn (Fitted $one) => $one->isOwn) !== [];
    }

    /** @return string all that it says, to be compared with what was printed */
    public function says(): string
    {
        return implode(
            "\n",
            array_map(
                fn (LabelRow $row, Fitted $fitted) => ($row->look ?? '')
                    .'|'
                    .($row->sign->value ?? '')
                    .'|'
                    .implode(' ', $fitted->lines),
                $this->rows,
                $this->fitted,
            ),
        );
    }

    /**
     * @param float $x of its upper left corner on the page, in mm
     *
     * @return list<Mark>
     */
    public function marks(float $x, float $y): array
    {
        $marks = [];
        $top = $y + self::EDGE;
        foreach ($this->rows as $i => $row) {
            $fitted = $this->fitted[$i];
            $start = $x + self::EDGE;
            if ($row->look !== null) {
                $marks[] = new Box($start, $top + 0.1, self::HATCH, $this->pitch - 0.2, $row->look);
                $start += self::HATCH + self::GAP;
            }
            $middle = $top + $this->pitch / 2;
            if ($row->sign !== null) {
                $side = self::side($fitted->size);
                $marks[] = new SignMark($row->sign, $start + $side / 2, $middle, $side);
                $start += $side + self::GAP;
            }
            $line = $fitted->size * Letters::POINT;
            $base = $middle + Letters::MIDDLE * $line - (count($fitted->lines) - 1) * Letters::LINE * $line / 2;
            foreach ($fitted->lines as $n => $text) {
                $marks[] = new Writing(
                    $text,
                    $start,
                    $base + $n * Letters::LINE * $line,
                    $fitted->size,
                    $x + $this->width - self::EDGE - $start,
                );
            }
            $top += $this->pitch;
        }

        return $marks;
    }
}
