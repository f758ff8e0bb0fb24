<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

use Nailrod\Core\Rig\Device\AxisInput;

/** Two axes under one hand. */
final readonly class Stick extends ControlKind
{
    public static function kind(): string
    {
        return 'stick';
    }

    public function fits(Reports $reports): bool
    {
        return $reports->axes === 2;
    }

    public function numbered(Numbering $numbers): array
    {
        return ['axes' => [
            ['id' => 'x', 'name' => 'X'] + $numbers->axis(true),
            ['id' => 'y', 'name' => 'Y'] + $numbers->axis(true),
        ]];
    }

    public function mark(): string
    {
        return 'M-90 0A90 90 0 1 0 90 0A90 90 0 1 0-90 0ZM-24 0A24 24 0 1 0 24 0A24 24 0 1 0-24 0Z';
    }

    public function room(): array
    {
        return [400, 420, 190];
    }

    public function returns(AxisInput $axis): bool
    {
        return $axis->centred;
    }

    public function rankForAxis(string $role): int
    {
        return match ($role) {
            'roll', 'nose' => 1,
            default => 13,
        };
    }
}
