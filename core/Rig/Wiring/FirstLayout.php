<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Wiring;

use Nailrod\Core\Rig\Device\Kind\ControlKinds;

/** Lays controls out in rows on a faceplate that is about as wide as it is high; to be moved by its owner. */
final readonly class FirstLayout
{
    private const MARGIN = 30;
    private const LEAST = 500;
    private const SMALLEST = 200;
    private const MOST = 3900;

    /**
     * @param list<string> $kinds of the controls, in their order
     *
     * @return array{places: list<array{int, int}>, width: int, height: int} middles, and the size of the face, in grid
     * units
     */
    public static function of(array $kinds): array
    {
        $rooms = array_map(fn (string $kind): array => ControlKinds::of($kind)->room(), $kinds);
        $area = array_sum(array_map(fn (array $room): int => $room[0] * $room[1], $rooms));
        $across = (int) max(self::LEAST, min(self::MOST, 1.15 * sqrt($area)));
        $places = [];
        $x = $widest = self::MARGIN;
        $y = self::MARGIN;
        $row = 0;
        foreach ($rooms as [$width, $height, $middle]) {
            if ($x > self::MARGIN && ($x + $width > $across || $row !== $height)) {
                $x = self::MARGIN;
                $y += $row;
            }
            $places[] = [$x + intdiv($width, 2), min(self::MOST, $y + $middle + 20)];
            $x += $width;
            $row = $height;
            $widest = max($widest, $x);
        }

        return [
            'places' => $places,
            'width' => max(self::SMALLEST, $widest + self::MARGIN),
            'height' => min(4000, $y + max(100, $row) + self::MARGIN),
        ];
    }
}
