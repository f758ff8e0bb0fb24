<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** A key of a keyboard. */
final readonly class KeyCap extends OnePush
{
    public static function kind(): string
    {
        return 'key';
    }
}
