<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

use Nailrod\Core\Rig\Device\Control;

/** Is turned by both hands, by degrees. */
final readonly class Wheel extends OneAxis
{
    public static function kind(): string
    {
        return 'wheel';
    }

    public function numbered(Numbering $numbers): array
    {
        return ['axes' => [$numbers->axis(true)]];
    }

    public function mark(): string
    {
        return 'M-90 0A90 90 0 1 0 90 0A90 90 0 1 0-90 0ZM-24 0A24 24 0 1 0 24 0A24 24 0 1 0-24 0Z';
    }

    public function room(): array
    {
        return [560, 580, 270];
    }

    public function drawing(Control $control): string
    {
        return self::kind();
    }

    public function isTurned(): bool
    {
        return true;
    }

    public function rankForAxis(string $role): int
    {
        return match ($role) {
            'steer' => 1,
            default => 17,
        };
    }
}
