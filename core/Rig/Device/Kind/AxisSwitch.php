<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

use Nailrod\Core\Rig\Device\Control;

/** A switch that arrives as an axis, which stands at one of a few places. */
final readonly class AxisSwitch extends OneAxis
{
    public static function kind(): string
    {
        return 'axis switch';
    }

    public function inWords(): string
    {
        return 'switch on an axis';
    }

    public function mark(): string
    {
        return 'M-112-12H112V12H28V40H-28V12H-112Z';
    }

    public function room(): array
    {
        return [280, 160, 50];
    }

    public function short(): string
    {
        return 'Sw';
    }

    public function drawing(Control $control): string
    {
        return 'axis-switch';
    }

    public function rankForAxis(string $role): null
    {
        return null;
    }
}
