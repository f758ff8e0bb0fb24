<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Hid;

/** Usages that Nailrod makes something of (USB-IF, HID Usage Tables 1.5). */
final class Usages
{
    public const DESKTOP = 0x01;
    public const SIMULATION = 0x02;
    public const KEYBOARD = 0x07;
    public const BUTTON = 0x09;
    public const CONSUMER = 0x0C;
    public const VENDOR = 0xFF00;
    public const HAT = 0x39;

    private const AXES = [
        self::DESKTOP => [
            0x30 => 'X',
            0x31 => 'Y',
            0x32 => 'Z',
            0x33 => 'Rx',
            0x34 => 'Ry',
            0x35 => 'Rz',
            0x36 => 'Slider',
            0x37 => 'Dial',
            0x38 => 'Wheel',
        ],
        self::SIMULATION => [
            0xB0 => 'Aileron', 0xB1 => 'Aileron trim', 0xB8 => 'Elevator', 0xB9 => 'Elevator trim', 0xBA => 'Rudder',
            0xBB => 'Throttle', 0xBF => 'Toe brake',
            0xC3 => 'Wing flaps', 0xC4 => 'Accelerator', 0xC5 => 'Brake', 0xC6 => 'Clutch', 0xC7 => 'Shifter',
            0xC8 => 'Steering',
        ],
    ];

    /** The name of an axis; null if the usage is none. */
    public static function axis(int $page, int $usage): ?string
    {
        return self::AXES[$page][$usage] ?? null;
    }
}
