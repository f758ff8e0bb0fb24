<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** Is turned to one of several positions and stays there. */
final readonly class Dial extends ControlKind
{
    /** How many a dial has that is drawn by counting. */
    public const POSITIONS = 4;

    public static function kind(): string
    {
        return 'dial';
    }

    public function fits(Reports $reports): bool
    {
        return $reports->axes === 0 && $reports->contacts >= 2;
    }

    public function numbered(Numbering $numbers): array
    {
        return ['contacts' => array_map(
            fn (int $at): array => $numbers->contact((string) $at, 'at '.$at),
            range(1, self::POSITIONS),
        )];
    }

    public function mark(): string
    {
        return 'M-56 0A56 56 0 1 0 56 0A56 56 0 1 0-56 0ZM-6-56H6V-10H-6Z';
    }

    public function room(): array
    {
        return [230, 240, 95];
    }

    public function latches(): bool
    {
        return true;
    }

    public function isAlwaysAtOne(): bool
    {
        return true;
    }

    public function rankFor(Wish $wish): ?int
    {
        return match ($wish) {
            Wish::OneOfSeveral => 1,
            default => null,
        };
    }

    public function why(Wish $wish): string
    {
        return 'one setting for each position of the dial';
    }

    public function beside(array $contacts, string $one): array
    {
        return [];
    }
}
