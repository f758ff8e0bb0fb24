<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** Is pulled by fingers and springs back. */
final readonly class Paddle extends OneAxis
{
    public static function kind(): string
    {
        return 'paddle';
    }

    public function room(): array
    {
        return [150, 340, 145];
    }

    public function springsBack(): bool
    {
        return true;
    }

    public function rankForAxis(string $role): int
    {
        return match ($role) {
            'clutch' => 1,
            'brake', 'left brake', 'right brake' => 2,
            default => 16,
        };
    }
}
