<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** Stays where it is put, along a long way. */
final readonly class Lever extends OneAxis
{
    public static function kind(): string
    {
        return 'lever';
    }

    public function room(): array
    {
        return [170, 440, 205];
    }

    public function half(): int
    {
        return 150;
    }

    public function mark(): string
    {
        return 'M-12-162H12V122H54V178H-54V122H-12Z';
    }

    public function rankForAxis(string $role): int
    {
        return match ($role) {
            'steer', 'brake', 'left brake', 'right brake', 'clutch', 'rudder', 'roll', 'nose' => 11,
            default => 1,
        };
    }
}
