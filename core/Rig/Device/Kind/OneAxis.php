<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

use Nailrod\Core\Rig\Device\Control;

/** For what moves one axis by degrees, on a rail. */
abstract readonly class OneAxis extends ControlKind
{
    public function fits(Reports $reports): bool
    {
        return $reports->axes === 1;
    }

    public function numbered(Numbering $numbers): array
    {
        return ['axes' => [$numbers->axis(false)]];
    }

    public function mark(): string
    {
        return 'M-12-112H12V72H54V128H-54V72H-12Z';
    }

    /** Half the length of its rail as it is drawn, in grid units. */
    public function half(): int
    {
        return 100;
    }

    public function drawing(Control $control): string
    {
        return 'rail';
    }
}
