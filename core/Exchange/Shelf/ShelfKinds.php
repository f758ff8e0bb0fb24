<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

/** The kinds of ready things, one line each, in the order in which they are offered. */
final class ShelfKinds
{
    /** @var list<class-string<ShelfKind>> */
    private const ALL = [
        ReadyShape::class,
        ReadyMacro::class,
        LampScheme::class,
        ReadyLayer::class,
        PanelPages::class,
        WholeSet::class,
    ];

    /** @return array<string, class-string<ShelfKind>> by the word in the file */
    public static function all(): array
    {
        return array_combine(array_map(fn (string $class) => $class::kind(), self::ALL), self::ALL);
    }
}
