<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/**
 * Families of kinds by their names, for a room that knows of a family but not of its kinds: what a device keeps is told
 * by the
 * kinds of outputs that there are. Each is registered where all rooms are known (`core/registered.php`).
 */
final class Families
{
    public const BEHAVIOURS = 'behaviours';
    public const OUTPUTS = 'outputs';

    /** @var array<string, class-string<KindList<*>>> */
    private static array $lists = [];

    /** @param class-string<KindList<*>> $list */
    public static function register(string $name, string $list): void
    {
        self::$lists[$name] = $list;
    }

    /** @return list<string> the words of its kinds in the file */
    public static function kindsOf(string $name): array
    {
        return array_map(strval(...), array_keys(self::$lists[$name]::all()));
    }
}
