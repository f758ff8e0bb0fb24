<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Wiring;

use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\Device;

/**
 * Makes a device of a controller as a browser shows it (W3C Gamepad), in the open format `nailrod-device`. Axes count
 * from 1 and read -32767 to 32767 for -1 to 1; buttons count from 1. With the mapping "standard" the controls have the
 * names of that standard (W3C Gamepad, 7, "Remapping"), and the two bottom front buttons are axes as well (5 and 6).
 */
final class GamepadBuilder
{
    /** Reading of an axis at 1, and of a button that is pressed all the way. */
    public const FULL = 32_767;

    private const MOST_AXES = 64;
    private const MOST_BUTTONS = 150;

    /** Place in the list of buttons, counted from 0: name, label, across, down. */
    private const STANDARD = [
        [
            'Bottom button in right cluster',
            'R bottom',
            890,
            440,
        ], ['Right button in right cluster', 'R right', 1000, 320],
        ['Left button in right cluster', 'R left', 780, 320], ['Top button in right cluster', 'R top', 890, 200],
        ['Top left front button', 'L front top', 190, 70], ['Top right front button', 'R front top', 890, 70],
        ['Bottom left front button', 'L front', 390, 180], ['Bottom right front button', 'R front', 690, 180],
        ['Left button in center cluster', 'C left', 465, 420], ['Right button in center cluster', 'C right', 615, 420],
        ['Left stick pressed', 'L stick', 90, 620], ['Right stick pressed', 'R stick', 1000, 620],
        ['Top button in left cluster', 'L top', 190, 200], ['Bottom button in left cluster', 'L bottom', 190, 440],
        ['Left button in left cluster', 'L left', 80, 320], ['Right button in left cluster', 'L right', 300, 320],
        ['Center button in center cluster', 'Center', 540, 590],
    ];

    /** The buttons of the standard that say how far they are pressed, by the number of the axis that tells it. */
    private const ANALOGUE = [5 => 6, 6 => 7];

    /**
     * @param string $model the `id` of the gamepad
     *
     * @return array<string, mixed>
     */
    public static function build(
        string $id,
        string $name,
        string $model,
        bool $standard,
        int $axes,
        int $buttons,
    ): array {
        [$controls, $width, $height] = $standard
            && $axes >= 4
            && $buttons >= 16
            ? self::standard($buttons)
            : self::plain(
                min($axes, self::MOST_AXES),
                min($buttons, self::MOST_BUTTONS),
            );

        return [
            'format' => DeviceReader::FORMAT, 'version' => 1, 'id' => $id, 'name' => $name, 'kind' => 'gamepad',
            'gamepad' => $model,
            'face' => ['width' => $width, 'height' => $height], 'controls' => $controls,
        ];
    }

    /**
     * Where the values of such a controller go.
     *
     * @param int $axes how many the controller has
     *
     * @return array{axes: list<?string>, buttons: array<int, string>, analogue: array<int, string>} ports; by index
     * from 0
     */
    public static function ports(Device $device, int $axes): array
    {
        $byNumber = array_column(array_map(fn (AxisInput $axis) => [$axis->number, $axis->ref], $device->axes()), 1, 0);
        $buttons = [];
        foreach ($device->contacts() as $contact) {
            if ($contact->number !== null && $contact->hat === null) {
                $buttons[$contact->number - 1] = $contact->ref;
            }
        }

        return [
            'axes' => array_map(fn (int $n) => $byNumber[$n] ?? null, $axes === 0 ? [] : range(1, $axes)),
            'buttons' => $buttons,
            'analogue' => array_filter(array_combine(
                self::ANALOGUE,
                array_map(fn (int $n) => $n > $axes ? $byNumber[$n] ?? null : null, array_keys(self::ANALOGUE)),
            )),
        ];
    }

    /** @return array{list<array<string, mixed>>, int, int} controls, width, height */
    private static function standard(int $buttons): array
    {
        $controls = [
            self::stick('left-stick', 'Left stick', 1, 310),
            self::stick('right-stick', 'Right stick', 3, 770),
        ];
        foreach (array_slice(self::STANDARD, 0, $buttons) as $i => [$name, $label, $x, $y]) {
            $axis = array_search($i, self::ANALOGUE, true);
            $control = [
                'id' => 'button-'.($i + 1),
                'name' => $name,
                'label' => $label,
                'kind' => $axis === false ? 'button' : 'paddle',
                'at' => [$x, $y],
            ];
            $controls[] = $control + ($axis === false ? ['contacts' => [['number' => $i + 1]]] : [
                'axes' => [['number' => $axis, 'min' => 0, 'max' => self::FULL]], 'contacts' => [
                    ['id' => 'pressed', 'name' => 'pressed', 'number' => $i + 1],
                ],
            ]);
        }
        for ($i = count(self::STANDARD); $i < min($buttons, self::MOST_BUTTONS); $i++) {
            $controls[] = self::button($i + 1, 80 + 120 * (($i - 17) % 9), 900 + 150 * intdiv($i - 17, 9));
        }

        return [$controls, 1080, 880 + 150 * max(0, (int) ceil(($buttons - 17) / 9))];
    }

    /** @return array{list<array<string, mixed>>, int, int} */
    private static function plain(int $axes, int $buttons): array
    {
        $controls = [];
        $across = max(5, (int) ceil(sqrt(2 * max($axes, $buttons))));
        for ($n = 1; $n <= $axes; $n++) {
            $controls[] = [
                'id' => 'axis-'.$n,
                'name' => 'Axis '.$n,
                'label' => 'Axis '.$n,
                'kind' => 'slider',
                'at' => [80 + 130 * (($n - 1) % $across), 170 + 340 * intdiv($n - 1, $across)],
                'axes' => [self::axis($n)],
            ];
        }
        $top = 340 * (int) ceil($axes / $across) + 80;
        for ($n = 1; $n <= $buttons; $n++) {
            $controls[] = self::button(
                $n,
                80 + 130 * (($n - 1) % $across),
                min(4000, $top + 150 * intdiv($n - 1, $across)),
            );
        }

        return [$controls, 30 + 130 * $across, min(4000, $top + 150 * (int) ceil($buttons / $across))];
    }

    /** @return array<string, mixed> */
    private static function stick(string $id, string $name, int $first, int $x): array
    {
        return ['id' => $id, 'name' => $name, 'label' => $name, 'kind' => 'stick', 'at' => [$x, 640], 'axes' => [
            ['id' => 'x', 'name' => 'horizontal']
                + self::axis($first), ['id' => 'y', 'name' => 'vertical']
                + self::axis($first + 1),
        ]];
    }

    /** @return array<string, mixed> */
    private static function axis(int $number): array
    {
        return ['number' => $number, 'min' => -self::FULL, 'max' => self::FULL, 'centred' => true];
    }

    /** @return array<string, mixed> */
    private static function button(int $number, int $x, int $y): array
    {
        return [
            'id' => 'button-'.$number,
            'name' => 'Button '.$number,
            'label' => (string) $number,
            'kind' => 'button',
            'at' => [$x, $y],
            'contacts' => [['number' => $number]],
        ];
    }
}
