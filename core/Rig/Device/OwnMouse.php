<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/**
 * The mouse of the computer as a device: five buttons by their usage (USB-IF, HID Usage Tables 1.5, page 0x09), a wheel
 * whose ticks are counted, and where it is over a pad on the page.
 */
final class OwnMouse implements HeardDevice
{
    private const PAD = 'pad';
    private const WHEEL = 'wheel';

    /**
     * Of each button: the number that W3C UI Events gives it, its usage, its id, its name, its label and where it is
     * drawn.
     */
    private const BUTTONS = [
        [0, 1, 'left', 'Left button', 'Left', [130, 120]], [
            1,
            3,
            'middle',
            'Middle button',
            'Middle',
            [310, 120],
        ], [2, 2, 'right', 'Right button', 'Right', [490, 120]],
        [3, 4, 'back', 'Back button', 'Back', [130, 300]], [4, 5, 'forward', 'Forward button', 'Forward', [490, 300]],
    ];

    /** Highest reading across and up the pad; the lowest is 0. */
    private const FULL = 65535;

    public static function id(): string
    {
        return 'mouse';
    }

    public static function offer(): string
    {
        return 'The mouse of this computer: five buttons, its wheel, and where it is over a pad';
    }

    public static function short(): string
    {
        return 'Mouse';
    }

    public static function listening(): string
    {
        return 'Over the pad the mouse works the rig, as the device Mouse.';
    }

    public static function document(): array
    {
        $axis = fn (string $id, string $name, int $number): array => [
            'id' => $id,
            'name' => $name,
            'number' => $number,
            'min' => 0,
            'max' => self::FULL,
        ];
        $controls = array_map(
            fn (array $button): array => [
                'id' => $button[2],
                'name' => $button[3],
                'label' => $button[4],
                'kind' => 'button',
                'at' => $button[5],
                'contacts' => [['number' => $button[1]]],
            ],
            self::BUTTONS,
        );
        $controls[] = [
            'id' => self::WHEEL,
            'name' => 'Mouse wheel',
            'label' => 'Wheel',
            'kind' => 'encoder',
            'at' => [310, 290],
            'encoder' => 1,
        ];
        $controls[] = [
            'id' => self::PAD,
            'name' => 'Mouse',
            'label' => 'Pad',
            'kind' => 'stick',
            'at' => [300, 580],
            'axes' => [$axis('x', 'across', 1), $axis('y', 'up', 2)],
        ];

        return [
            'format' => 'nailrod-device',
            'version' => 1,
            'id' => self::id(),
            'name' => 'Mouse',
            'kind' => 'mouse',
            'face' => ['width' => 620, 'height' => 840],
            'controls' => $controls,
        ];
    }

    public static function isIn(Rig $rig): bool
    {
        return self::inputs($rig) !== [];
    }

    /**
     * @return array{}|array{buttons: array<int, string>, wheel: string, across: array{string, int, int},
     *     up: array{string, int, int}} references of the inputs; of an axis also its lowest and highest reading
     */
    public static function inputs(Rig $rig): array
    {
        foreach ($rig->devices as $device) {
            $pad = $device->kind === 'mouse' ? $device->control(self::PAD) : null;
            $wheel = $device->control(self::WHEEL);
            if ($pad === null || $wheel?->encoder === null || count($pad->axes) !== 2) {
                continue;
            }
            $buttons = [];
            foreach (self::BUTTONS as [$button, , $id]) {
                $contact = $device->control($id)->contacts[0] ?? null;
                $buttons += $contact === null ? [] : [$button => $contact->ref];
            }
            [$across, $up] = array_map(fn (AxisInput $axis): array => [$axis->ref, $axis->min, $axis->max], $pad->axes);

            return ['buttons' => $buttons, 'wheel' => $wheel->ref, 'across' => $across, 'up' => $up];
        }

        return [];
    }
}
