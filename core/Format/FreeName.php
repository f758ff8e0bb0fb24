<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** What something new is called until somebody says better: a name that nothing else has, whatever its capitals. */
final class FreeName
{
    private const LONGEST = 50;

    /**
     * "Stop"; if there is one already "Stop 2", then "Stop 3".
     *
     * @param array<array-key, string> $taken
     */
    public static function of(string $wish, array $taken): string
    {
        $wish = mb_substr($wish, 0, self::LONGEST);

        return self::isFree($wish, $taken) ? $wish : self::numbered($wish, $taken, 2);
    }

    /**
     * "Layer 3", or the next number that is free.
     *
     * @param array<array-key, string> $taken
     */
    public static function numbered(string $wish, array $taken, int $from): string
    {
        for ($n = $from; ! self::isFree($wish.' '.$n, $taken); $n++);

        return $wish.' '.$n;
    }

    /** @param array<array-key, string> $taken */
    public static function isFree(string $name, array $taken): bool
    {
        return ! in_array(mb_strtolower($name), array_map(mb_strtolower(...), $taken), true);
    }
}
