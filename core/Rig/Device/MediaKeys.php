<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/**
 * Media keys and what else a keyboard has for the system: usages of the consumer page (USB-IF HID usage tables, page
 * 0x0C)
 * by the codes of W3C "UI Events KeyboardEvent code Values", section 3.5, where a key has one.
 */
final class MediaKeys
{
    private const BY_CODE = [
        'AudioVolumeMute' => 0xE2, 'AudioVolumeDown' => 0xEA, 'AudioVolumeUp' => 0xE9,
        'MediaPlayPause' => 0xCD, 'MediaStop' => 0xB7, 'MediaTrackNext' => 0xB5, 'MediaTrackPrevious' => 0xB6,
        'MediaSelect' => 0x183, 'Eject' => 0xB8,
        'BrowserBack' => 0x224, 'BrowserForward' => 0x225, 'BrowserHome' => 0x223, 'BrowserRefresh' => 0x227,
        'BrowserSearch' => 0x221, 'BrowserStop' => 0x226, 'BrowserFavorites' => 0x22A,
        'LaunchMail' => 0x18A, 'LaunchApp1' => 0x194, 'LaunchApp2' => 0x192, 'Power' => 0x30, 'Sleep' => 0x32,
    ];

    private const NAMES = [
        0xE2 => 'Mute', 0xEA => 'Volume down', 0xE9 => 'Volume up',
        0xCD => 'Play or pause', 0xB0 => 'Play', 0xB1 => 'Pause', 0xB7 => 'Stop playing', 0xB5 => 'Next track',
        0xB6 => 'Previous track', 0xB3 => 'Fast forward', 0xB4 => 'Rewind', 0xB2 => 'Record', 0xB9 => 'Random play',
        0xBC => 'Repeat', 0xB8 => 'Eject',
        0x6F => 'Brighter screen', 0x70 => 'Darker screen', 0x30 => 'Power', 0x32 => 'Sleep',
        0x224 => 'Browser back', 0x225 => 'Browser forward', 0x223 => 'Browser home', 0x227 => 'Browser refresh',
        0x226 => 'Browser stop', 0x221 => 'Search', 0x22A => 'Bookmarks', 0x22D => 'Zoom in', 0x22E => 'Zoom out',
        0x183 => 'Media player', 0x18A => 'Mail', 0x192 => 'Calculator', 0x194 => 'Files', 0x196 => 'Browser',
    ];

    /** @return array<int, string> names by usage */
    public static function all(): array
    {
        return self::NAMES;
    }

    /** "Volume up"; "media key 0x0123" of one that has no name here. */
    public static function label(int $usage): string
    {
        return self::NAMES[$usage] ?? sprintf('media key 0x%04X', $usage);
    }

    /** Usage of the key with this W3C code; null if it is no media key. */
    public static function usageOf(string $code): ?int
    {
        return self::BY_CODE[$code] ?? null;
    }

    /** @return array<string, int> usages by W3C code */
    public static function byCode(): array
    {
        return self::BY_CODE;
    }
}
