<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

use Nailrod\Core\Rig\Device\Control;

/** Is pressed by a foot and springs back. */
final readonly class Pedal extends OneAxis
{
    public static function kind(): string
    {
        return 'pedal';
    }

    public function room(): array
    {
        return [200, 340, 145];
    }

    public function drawing(Control $control): string
    {
        return $control->axes[0]->centred ? 'cross-rail' : 'rail';
    }

    public function springsBack(): bool
    {
        return true;
    }

    public function rankForAxis(string $role): int
    {
        return match ($role) {
            'brake', 'left brake', 'right brake', 'rudder' => 1,
            'clutch' => 2,
            'steer' => 3,
            default => 15,
        };
    }
}
