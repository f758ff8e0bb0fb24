<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** A switch that springs back to its middle. */
final readonly class Sprung extends UpAndDown
{
    public static function kind(): string
    {
        return 'sprung';
    }

    public function inWords(): string
    {
        return 'sprung switch';
    }

    public function numbered(Numbering $numbers): array
    {
        return ['contacts' => [$numbers->contact('up'), $numbers->contact('down')]];
    }

    public function short(): string
    {
        return 'Spr';
    }

    public function springsBack(): bool
    {
        return true;
    }

    public function rankFor(Wish $wish): ?int
    {
        return match ($wish) {
            Wish::LookBothWays, Wish::SetBothWays, Wish::StepBothWays => 2,
            Wish::Press => 4,
            default => null,
        };
    }
}
