<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

use Nailrod\Core\Rig\Device\Control;

/** Is turned about itself and springs back to its middle. */
final readonly class Twist extends OneAxis
{
    public static function kind(): string
    {
        return 'twist';
    }

    public function numbered(Numbering $numbers): array
    {
        return ['axes' => [$numbers->axis(true)]];
    }

    public function mark(): string
    {
        return 'M-112-12H112V12H28V40H-28V12H-112Z';
    }

    public function room(): array
    {
        return [280, 160, 50];
    }

    public function drawing(Control $control): string
    {
        return 'cross-rail';
    }

    public function springsBack(): bool
    {
        return true;
    }

    public function rankForAxis(string $role): int
    {
        return match ($role) {
            'steer', 'rudder' => 2,
            default => 14,
        };
    }
}
