<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** Something that is said to a microphone. */
final readonly class Phrase extends OnePush
{
    public static function kind(): string
    {
        return 'phrase';
    }
}
