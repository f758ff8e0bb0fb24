<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/**
 * A list of classes to which somebody can add one, for as long as this process lives: what a test or an extension
 * brings.
 *
 * @template T of object
 */
trait CanGrow
{
    /** @var list<class-string<T>> */
    private static array $added = [];

    /** @param class-string<T> $class */
    public static function add(string $class): void
    {
        self::$added[] = $class;
        self::changed();
    }

    /** Only what is its own again. */
    public static function forgetAdded(): void
    {
        self::$added = [];
        self::changed();
    }

    /** The list has changed: what was made of it is old. */
    private static function changed(): void {}
}
