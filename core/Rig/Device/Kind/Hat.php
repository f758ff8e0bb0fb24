<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** A small stick of four directions. */
final readonly class Hat extends ControlKind
{
    public static function kind(): string
    {
        return 'hat';
    }

    public function fits(Reports $reports): bool
    {
        return $reports->hat;
    }

    public function numbered(Numbering $numbers): array
    {
        return ['hat' => $numbers->hat()];
    }

    public function mark(): string
    {
        return 'M-20-60H20V-20H60V20H20V60H-20V20H-60V-20H-20Z';
    }

    public function room(): array
    {
        return [210, 240, 100];
    }

    public function springsBack(): bool
    {
        return true;
    }

    public function rankFor(Wish $wish): ?int
    {
        return match ($wish) {
            Wish::LookBothWays => 1,
            Wish::StepBothWays => 3,
            Wish::Press => 5,
            default => null,
        };
    }

    public function why(Wish $wish): string
    {
        return $wish->isPair() ? 'a hat points where the eye goes' : parent::why($wish);
    }

    public function groups(array $contacts, int $count): array
    {
        if (count($contacts) !== 4) {
            return parent::groups($contacts, $count);
        }
        [$north, $east, $south, $west] = $contacts;

        return match ($count) {
            1 => array_chunk($contacts, 1),
            2 => [[$east, $west], [$north, $south]],
            default => [],
        };
    }

    public function beside(array $contacts, string $one): array
    {
        $at = (int) array_search($one, $contacts, true);

        return array_slice($contacts, ($at + 2) % 4, 1);
    }
}
