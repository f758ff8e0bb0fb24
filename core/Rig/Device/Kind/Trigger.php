<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** Is pulled to a first stage, and through it to a second. */
final readonly class Trigger extends ControlKind
{
    public static function kind(): string
    {
        return 'trigger';
    }

    public function inWords(): string
    {
        return 'two-stage trigger';
    }

    public function fits(Reports $reports): bool
    {
        return $reports->areContacts(2);
    }

    public function numbered(Numbering $numbers): array
    {
        return ['contacts' => [$numbers->contact('half'), $numbers->contact('full')]];
    }

    public function mark(): string
    {
        return 'M-42 0A42 42 0 1 0 42 0A42 42 0 1 0-42 0ZM-14 0A14 14 0 1 0 14 0A14 14 0 1 0-14 0Z';
    }

    public function room(): array
    {
        return [130, 150, 60];
    }

    public function springsBack(): bool
    {
        return true;
    }

    public function rankFor(Wish $wish): ?int
    {
        return match ($wish) {
            Wish::Press => 2,
            default => null,
        };
    }
}
