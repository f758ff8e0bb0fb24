<?php

declare(strict_types=1);

namespace Nailrod\Core\Behaviour;

use Nailrod\Core\Format\Node;

/** The kinds of behaviour, one line each. */
final class Behaviours
{
    /** @var list<class-string<Behaviour>> */
    private const KINDS = [
        Follow::class,
        Toggle::class,
        Pulse::class,
        Repeat::class,
        Cycle::class,
        ShortLongDouble::class,
        Ticks::class,
        PlayMacro::class,
    ];

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_map(fn (string $class) => $class::kind(), self::KINDS);
    }

    public static function read(Node $node): Behaviour
    {
        $kinds = [];
        foreach (self::KINDS as $class) {
            $kinds[$class::kind()] = $class;
        }

        return $kinds[$node->get('kind')->oneOf(array_keys($kinds))]::read($node);
    }
}
