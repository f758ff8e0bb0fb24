<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** Turns without an end, and reports each step. */
final readonly class Encoder extends ControlKind
{
    public static function kind(): string
    {
        return 'encoder';
    }

    public function fits(Reports $reports): bool
    {
        return $reports->encoder;
    }

    public function numbered(Numbering $numbers): array
    {
        return ['encoder' => $numbers->encoder()];
    }

    public function mark(): string
    {
        return 'M-56 0A56 56 0 1 0 56 0A56 56 0 1 0-56 0ZM-38 0A38 38 0 1 0 38 0A38 38 0 1 0-38 0Z';
    }

    public function room(): array
    {
        return [210, 240, 95];
    }

    public function short(): string
    {
        return 'Enc';
    }

    public function rankFor(Wish $wish): ?int
    {
        return match ($wish) {
            Wish::StepBothWays => 1,
            Wish::LookBothWays => 3,
            default => null,
        };
    }

    public function why(Wish $wish): string
    {
        return 'steps both ways are what an encoder turns';
    }
}
