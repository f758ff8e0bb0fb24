<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print\Mark;

use Nailrod\Core\Exchange\Print\Ink;

/** A sign on the page. */
final readonly class SignMark implements Mark
{
    /**
     * @param float $x    of its middle, in mm
     * @param float $y    of its middle, in mm
     * @param float $side of the square that it stands in, in mm
     */
    public function __construct(public Sign $sign, public float $x, public float $y, public float $side) {}

    public function svg(Ink $ink): string
    {
        return sprintf(
            '<path transform="translate(%.2f %.2f) scale(%.4f)" d="%s" fill="%s"/>',
            $this->x,
            $this->y,
            $this->side / 10,
            $this->sign->path(),
            Ink::BLACK,
        );
    }
}
