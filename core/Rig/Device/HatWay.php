<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/** One of the four directions of a hat, clockwise from north. */
enum HatWay: string
{
    case North = 'north';
    case East = 'east';
    case South = 'south';
    case West = 'west';

    /** @return list<string> their words, clockwise from north */
    public static function words(): array
    {
        return array_column(self::cases(), 'value');
    }

    /**
     * Is a direction held at this value of the hat? Diagonals hold two.
     *
     * @param int $way place among the four
     * @param int $hat 0 to 7 clockwise from north, or -1
     */
    public static function isHeld(int $way, int $hat): bool
    {
        return $hat >= 0 && in_array(($hat - 2 * $way + 8) % 8, [7, 0, 1], true);
    }
}
