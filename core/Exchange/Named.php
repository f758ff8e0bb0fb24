<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

/** What something in the open format names, however deep: `"action": "horn"`. */
final class Named
{
    /**
     * @param array<array-key, mixed> $said
     * @param string                  $sort the field: action, variable, layer, stop, flag, macro, contact
     *
     * @return list<string> each id once, in the order of the file
     */
    public static function in(array $said, string $sort): array
    {
        $ids = [];
        array_walk_recursive($said, function (mixed $value, int|string $key) use (&$ids, $sort): void {
            if ($key === $sort && is_string($value)) {
                $ids[$value] = $value;
            }
        });

        return array_values($ids);
    }
}
