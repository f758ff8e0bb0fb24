<?php

declare(strict_types=1);

namespace Nailrod\Core\Program;

/** Values, lists, maps and rows as PHP source that makes them again: what the opcode cache holds needs no reading. */
final class PhpSource
{
    public static function of(mixed $value): string
    {
        return match (true) {
            is_object($value) => 'new \\'.$value::class.'('.implode(', ', array_map(self::of(...), array_values(get_object_vars($value)))).')',
            is_array($value) => '['.implode(', ', array_is_list($value) ? array_map(self::of(...), $value) : self::entries($value)).']',
            default => var_export($value, true),
        };
    }

    /**
     * @param array<array-key, mixed> $map
     *
     * @return list<string>
     */
    private static function entries(array $map): array
    {
        $entries = [];
        foreach ($map as $key => $value) {
            $entries[] = var_export($key, true).' => '.self::of($value);
        }

        return $entries;
    }
}
