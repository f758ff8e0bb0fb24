<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** A tile of a panel that is touched. */
final readonly class TouchTile extends OnePush
{
    public static function kind(): string
    {
        return 'tile';
    }

    public function isPushed(): bool
    {
        return true;
    }

    public function rankFor(Wish $wish): ?int
    {
        return match ($wish) {
            Wish::OnOrOff, Wish::Press => 3,
            default => null,
        };
    }
}
