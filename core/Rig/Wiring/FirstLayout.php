<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Wiring;

/** Lays controls out in rows on a faceplate that is about as wide as it is high; to be moved by its owner. */
final readonly class FirstLayout
{
    private const MARGIN = 30;
    private const LEAST = 500;
    private const SMALLEST = 200;
    private const MOST = 3900;

    /** Room for a control with its label, across and down, and where its middle lies in it. */
    private const ROOM = [
        'lever' => [170, 440, 205], 'slider' => [130, 340, 145], 'pedal' => [200, 340, 145], 'paddle' => [150, 340, 145], 'twist' => [280, 160, 50], 'stick' => [400, 420, 190], 'wheel' => [560, 580, 270],
        'encoder' => [210, 240, 95], 'dial' => [230, 240, 95], 'hat' => [210, 240, 100], 'two-way' => [130, 260, 105], 'three-way' => [130, 260, 105], 'sprung' => [130, 260, 105],
        'button' => [120, 150, 60], 'trigger' => [130, 150, 60], 'tile' => [160, 160, 60],
    ];

    /**
     * @param list<string> $kinds of the controls, in their order
     *
     * @return array{places: list<array{int, int}>, width: int, height: int} middles, and the size of the face, in grid units
     */
    public static function of(array $kinds): array
    {
        $area = array_sum(array_map(fn (string $kind) => self::ROOM[$kind][0] * self::ROOM[$kind][1], $kinds));
        $across = (int) max(self::LEAST, min(self::MOST, 1.15 * sqrt($area)));
        $places = [];
        $x = $widest = self::MARGIN;
        $y = self::MARGIN;
        $row = 0;
        foreach ($kinds as $kind) {
            [$width, $height, $middle] = self::ROOM[$kind];
            if ($x > self::MARGIN && ($x + $width > $across || $row !== $height)) {
                $x = self::MARGIN;
                $y += $row;
            }
            $places[] = [$x + intdiv($width, 2), min(self::MOST, $y + $middle + 20)];
            $x += $width;
            $row = $height;
            $widest = max($widest, $x);
        }

        return ['places' => $places, 'width' => max(self::SMALLEST, $widest + self::MARGIN), 'height' => min(4000, $y + max(100, $row) + self::MARGIN)];
    }
}
