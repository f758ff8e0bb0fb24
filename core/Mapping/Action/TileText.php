<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Action;

/**
 * A text with values in it, "Altimeter {altimeter}": in the file a value stands by the id of its variable, on a page by
 * its name.
 */
final class TileText
{
    /** As a person reads and writes it. */
    public static function named(string $text, ?Catalogue $catalogue): string
    {
        return self::changed($text, fn (string $id): string => $catalogue->variables[$id]->name ?? $id);
    }

    /** As it stands in the file; what is no name of a variable stays as it was written. */
    public static function meant(string $text, ?Catalogue $catalogue): string
    {
        $ids = [];
        foreach ($catalogue->variables ?? [] as $id => $variable) {
            $ids[mb_strtolower($variable->name)] ??= (string) $id;
        }

        return self::changed($text, fn (string $name): string => $ids[mb_strtolower(trim($name))] ?? $name);
    }

    /** @param callable(string): string $change */
    private static function changed(string $text, callable $change): string
    {
        return (string) preg_replace_callback(
            '/\{([^}]+)\}/',
            fn (array $found): string => '{'.$change($found[1]).'}',
            $text,
        );
    }
}
