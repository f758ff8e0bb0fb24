<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print\Mark;

use Nailrod\Core\Exchange\Print\Ink;
use Nailrod\Core\Rig\Device\Kind\ControlKind;

/** A control of a faceplate, drawn with a few lines. */
final readonly class ControlMark implements Mark
{
    /**
     * @param float $x     of its middle, in mm
     * @param float $y     of its middle, in mm
     * @param float $scale mm on the page for a unit of the faceplate
     */
    public function __construct(
        public ControlKind $kind,
        public float $x,
        public float $y,
        public float $scale,
        public bool $isUsed,
    ) {}

    public function svg(Ink $ink): string
    {
        return sprintf(
            '<path transform="translate(%.2f %.2f) scale(%.5f)" d="%s" fill="%s" stroke="%s" stroke-width="%.2f"/>',
            $this->x,
            $this->y,
            $this->scale,
            $this->kind->mark(),
            $this->isUsed ? '#e4e0d4' : 'none',
            $this->isUsed ? Ink::BLACK : Ink::GREY,
            0.2 / $this->scale,
        );
    }
}
