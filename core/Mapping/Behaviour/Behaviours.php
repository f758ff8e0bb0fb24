<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\KindList;

/**
 * The kinds of behaviour, one line each, in the order in which they are offered.
 *
 * @extends KindList<Behaviour>
 */
final class Behaviours extends KindList
{
    protected static function own(): array
    {
        return [
            Follow::class,
            Toggle::class,
            Pulse::class,
            Repeat::class,
            Cycle::class,
            ShortLongDouble::class,
            Ticks::class,
            PlayMacro::class,
        ];
    }

    /** @return array<string, class-string<Behaviour>> those that a contact with outputs can be given, by kind */
    public static function ofContacts(bool $isTick): array
    {
        return array_filter(
            self::all(),
            fn (string $class) => ! is_subclass_of($class, PlaysItsMacro::class) && (
                $isTick || ! is_subclass_of($class, QueuesTicks::class)
            ),
        );
    }
}
