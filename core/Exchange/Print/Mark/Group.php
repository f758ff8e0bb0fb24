<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print\Mark;

use Nailrod\Core\Exchange\Print\Ink;

/** Marks of one page that stand on another one. */
final readonly class Group implements Mark
{
    /**
     * @param float      $x     where its corner is, in mm
     * @param float      $y     in mm
     * @param list<Mark> $marks
     */
    public function __construct(public float $x, public float $y, public array $marks) {}

    public function svg(Ink $ink): string
    {
        return sprintf(
            '<g transform="translate(%.2f %.2f)">%s</g>',
            $this->x,
            $this->y,
            implode('', array_map(fn (Mark $mark) => $mark->svg($ink), $this->marks)),
        );
    }
}
