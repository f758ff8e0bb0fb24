<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** Names that are whole numbers turn into integers when they are keys of an array; here they are turned back. */
final class Keys
{
    /**
     * @template T
     *
     * @param iterable<array-key, T> $map
     *
     * @return \Generator<string, T>
     */
    public static function each(iterable $map): \Generator
    {
        foreach ($map as $key => $value) {
            yield (string) $key => $value;
        }
    }

    /**
     * @param array<array-key, mixed> $map
     *
     * @return list<string>
     */
    public static function of(array $map): array
    {
        return array_map(strval(...), array_keys($map));
    }
}
