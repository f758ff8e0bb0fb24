<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print\Mark;

use Nailrod\Core\Exchange\Print\Ink;

/** A thin line through two points or more. */
final readonly class Rule implements Mark
{
    /**
     * @param list<array{float, float}> $points in mm
     * @param float                     $width  in mm
     */
    public function __construct(
        public array $points,
        public float $width = 0.15,
        public bool $isGrey = false,
        public bool $isDashed = false,
    ) {}

    public function svg(Ink $ink): string
    {
        return sprintf(
            '<polyline points="%s" fill="none" stroke="%s" stroke-width="%.2f"%s/>',
            implode(' ', array_map(fn (array $point) => sprintf('%.2f,%.2f', ...$point), $this->points)),
            $this->isGrey ? Ink::GREY : Ink::BLACK,
            $this->width,
            $this->isDashed ? ' stroke-dasharray="1.2 0.8"' : '',
        );
    }
}
