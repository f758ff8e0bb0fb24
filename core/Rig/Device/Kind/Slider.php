<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** Stays where it is put, along a short way. */
final readonly class Slider extends OneAxis
{
    public static function kind(): string
    {
        return 'slider';
    }

    public function room(): array
    {
        return [130, 340, 145];
    }

    public function short(): string
    {
        return 'Slide';
    }

    public function rankForAxis(string $role): int
    {
        return match ($role) {
            'steer', 'brake', 'left brake', 'right brake', 'clutch', 'rudder', 'roll', 'nose' => 12,
            default => 2,
        };
    }
}
