<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Rig\Device\Kind\OneAxis;

/** A kind of control that only the tests know: is turned by two fingers and stays where it is put. */
final readonly class Knob extends OneAxis
{
    public static function kind(): string
    {
        return 'knob';
    }

    public function room(): array
    {
        return [140, 170, 70];
    }

    public function mark(): string
    {
        return 'M-30 0A30 30 0 1 0 30 0Z';
    }

    public function isTurned(): bool
    {
        return true;
    }

    public function rankForAxis(string $role): int
    {
        return 20;
    }
}
