<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print\Mark;

use Nailrod\Core\Exchange\Print\Ink;

/** A rectangle: an outline, or the colour and the hatch of a layer. */
final readonly class Box implements Mark
{
    /**
     * @param float $x    and the others in mm
     * @param ?int  $look of the layer whose hatch fills it, 0..7; null for an outline
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public ?int $look = null,
        public float $radius = 0.0,
    ) {}

    public function svg(Ink $ink): string
    {
        $place = sprintf(
            'x="%.2f" y="%.2f" width="%.2f" height="%.2f" rx="%.2f"',
            $this->x,
            $this->y,
            $this->width,
            $this->height,
            $this->radius,
        );

        return $this->look === null
            ? '<rect '.$place.' fill="none" stroke="'.Ink::BLACK.'" stroke-width="0.1"/>'
            : '<rect '.$place.' fill="'.$ink->hatch($this->look)
                .'" stroke="'
                .$ink->colour($this->look)
                .'" stroke-width="0.12"/>';
    }
}
