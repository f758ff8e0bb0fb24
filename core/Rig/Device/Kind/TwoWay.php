<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** A switch that stays up or down. */
final readonly class TwoWay extends UpAndDown
{
    public static function kind(): string
    {
        return 'two-way';
    }

    public function inWords(): string
    {
        return 'two-way switch';
    }

    public function fits(Reports $reports): bool
    {
        return $reports->areContacts(1, 2);
    }

    public function numbered(Numbering $numbers): array
    {
        return ['contacts' => [$numbers->contact('up'), ['id' => 'down', 'name' => 'down', 'opposite' => 'up']]];
    }

    public function short(): string
    {
        return 'Sw';
    }

    public function isOnOff(): bool
    {
        return true;
    }

    public function latches(): bool
    {
        return true;
    }

    public function rankFor(Wish $wish): ?int
    {
        return match ($wish) {
            Wish::SetBothWays, Wish::OnOrOff => 1,
            default => null,
        };
    }

    public function why(Wish $wish): string
    {
        return $wish->isPair()
            ? 'the switch has two positions, and the game one action for each'
            : 'it is on or off, as the switch is';
    }

    public function groups(array $contacts, int $count): array
    {
        return $count === 1 ? [array_slice($contacts, 0, 1)] : parent::groups($contacts, $count);
    }
}
