<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print\Mark;

use Nailrod\Core\Exchange\Print\Ink;
use Nailrod\Core\Exchange\Print\Letters;

/** A line of text. It says how wide it is, so that it has room in any font that a browser takes for it. */
final readonly class Writing implements Mark
{
    public const START = 'start';
    public const MIDDLE = 'middle';
    public const END = 'end';

    /**
     * @param float  $x      of its start, its middle or its end, in mm
     * @param float  $y      of the line that its letters stand on, in mm
     * @param float  $size   in points
     * @param ?float $most   how wide it may be, in mm; null for as wide as it is
     * @param string $anchor one of the words above
     */
    public function __construct(
        public string $text,
        public float $x,
        public float $y,
        public float $size,
        public ?float $most = null,
        public string $anchor = self::START,
        public bool $isBold = true,
        public bool $isGrey = false,
    ) {}

    /** @return float in mm */
    public function width(): float
    {
        return min($this->most ?? INF, Letters::width($this->text, $this->size, $this->isBold));
    }

    public function svg(Ink $ink): string
    {
        return sprintf(
            '<text x="%.2f" y="%.2f" font-size="%.3f" font-weight="%d" text-anchor="%s" fill="%s" textLength="%.2f" '
                .'lengthAdjust="spacingAndGlyphs">%s</text>',
            $this->x,
            $this->y,
            $this->size * Letters::POINT,
            $this->isBold ? 600 : 400,
            $this->anchor,
            $this->isGrey ? Ink::GREY : Ink::BLACK,
            $this->width(),
            htmlspecialchars($this->text, ENT_QUOTES | ENT_XML1),
        );
    }
}
