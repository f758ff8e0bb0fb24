<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** Is pressed and springs back. */
final readonly class PushButton extends OnePush
{
    public static function kind(): string
    {
        return 'button';
    }

    public function inWords(): string
    {
        return 'push button';
    }

    public function mark(): string
    {
        return 'M-42 0A42 42 0 1 0 42 0A42 42 0 1 0-42 0ZM-14 0A14 14 0 1 0 14 0A14 14 0 1 0-14 0Z';
    }

    public function room(): array
    {
        return [120, 150, 60];
    }

    public function short(): string
    {
        return '';
    }

    public function isPushed(): bool
    {
        return true;
    }

    public function rankFor(Wish $wish): ?int
    {
        return match ($wish) {
            Wish::OnOrOff => 2,
            Wish::Press => 1,
            default => null,
        };
    }

    public function beside(array $contacts, string $one): array
    {
        return [];
    }
}
