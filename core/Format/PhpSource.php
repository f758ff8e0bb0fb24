<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/**
 * Values, lists, maps and objects as PHP source that makes them again: what the opcode cache holds needs no reading. Of
 * an object it is all that its constructor takes, each kept in a property of that name.
 */
final class PhpSource
{
    public static function of(mixed $value): string
    {
        return match (true) {
            $value instanceof \UnitEnum => var_export($value, true),
            is_object($value) => 'new \\'.$value::class.'('.implode(
                ', ',
                array_map(self::of(...), self::arguments($value)),
            ).')',
            is_array($value) => '['.implode(
                ', ',
                array_is_list($value) ? array_map(self::of(...), $value) : self::entries($value),
            ).']',
            default => var_export($value, true),
        };
    }

    /** @return list<mixed> */
    private static function arguments(object $value): array
    {
        $class = new \ReflectionClass($value);

        return array_map(
            fn (\ReflectionParameter $parameter): mixed => $class->getProperty($parameter->getName())->getValue($value),
            $class->getConstructor()?->getParameters() ?? [],
        );
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
