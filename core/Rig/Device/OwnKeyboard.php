<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/**
 * The keyboard of the computer as a device: a contact for each key, by its W3C code (UI Events KeyboardEvent code
 * Values), numbered by its usage (USB-IF, HID Usage Tables 1.5, pages 0x07 and 0x0C).
 */
final class OwnKeyboard implements HeardDevice
{
    private const ID = 'keyboard';

    /** Of a key on the faceplate, in grid units. */
    private const KEY = 100;

    /** Where keys lie, row by row and page by page; an empty word leaves a place free. */
    private const ROWS = [
        1 => [
            [
                'Escape',
                'F1',
                'F2',
                'F3',
                'F4',
                'F5',
                'F6',
                'F7',
                'F8',
                'F9',
                'F10',
                'F11',
                'F12',
                '',
                'PrintScreen',
                'ScrollLock',
                'Pause',
            ],
            [
                'Backquote',
                'Digit1',
                'Digit2',
                'Digit3',
                'Digit4',
                'Digit5',
                'Digit6',
                'Digit7',
                'Digit8',
                'Digit9',
                'Digit0',
                'Minus',
                'Equal',
                'Backspace',
                'Insert',
                'Home',
                'PageUp',
            ],
            [
                'Tab',
                'KeyQ',
                'KeyW',
                'KeyE',
                'KeyR',
                'KeyT',
                'KeyY',
                'KeyU',
                'KeyI',
                'KeyO',
                'KeyP',
                'BracketLeft',
                'BracketRight',
                'Backslash',
                'Delete',
                'End',
                'PageDown',
            ],
            [
                'CapsLock',
                'KeyA',
                'KeyS',
                'KeyD',
                'KeyF',
                'KeyG',
                'KeyH',
                'KeyJ',
                'KeyK',
                'KeyL',
                'Semicolon',
                'Quote',
                '',
                'Enter',
            ],
            [
                'ShiftLeft',
                'IntlBackslash',
                'KeyZ',
                'KeyX',
                'KeyC',
                'KeyV',
                'KeyB',
                'KeyN',
                'KeyM',
                'Comma',
                'Period',
                'Slash',
                '',
                'ShiftRight',
                '',
                'ArrowUp',
            ],
            [
                'ControlLeft',
                'MetaLeft',
                'AltLeft',
                '',
                '',
                'Space',
                '',
                '',
                '',
                'AltRight',
                'MetaRight',
                'ContextMenu',
                '',
                'ControlRight',
                'ArrowLeft',
                'ArrowDown',
                'ArrowRight',
            ],
        ],
        2 => [
            [
                'F13',
                'F14',
                'F15',
                'F16',
                'F17',
                'F18',
                '',
                '',
                'NumLock',
                'NumpadDivide',
                'NumpadMultiply',
                'NumpadSubtract',
            ],
            ['F19', 'F20', 'F21', 'F22', 'F23', 'F24', '', '', 'Numpad7', 'Numpad8', 'Numpad9', 'NumpadAdd'],
            ['', '', '', '', '', '', '', '', 'Numpad4', 'Numpad5', 'Numpad6', 'NumpadComma'],
            [
                'AudioVolumeMute',
                'AudioVolumeDown',
                'AudioVolumeUp',
                '',
                '',
                '',
                '',
                '',
                'Numpad1',
                'Numpad2',
                'Numpad3',
                'NumpadEnter',
            ],
            [
                'MediaTrackPrevious',
                'MediaPlayPause',
                'MediaTrackNext',
                'MediaStop',
                '',
                '',
                '',
                '',
                'Numpad0',
                '',
                'NumpadDecimal',
                'NumpadEqual',
            ],
        ],
    ];

    /** Usages on the keyboard page; letters, digits and the first functions follow one another. */
    private const USAGES = [
        'Digit0' => 0x27, 'Enter' => 0x28, 'Escape' => 0x29, 'Backspace' => 0x2A, 'Tab' => 0x2B, 'Space' => 0x2C,
        'Minus' => 0x2D, 'Equal' => 0x2E, 'BracketLeft' => 0x2F, 'BracketRight' => 0x30, 'Backslash' => 0x31,
        'Semicolon' => 0x33, 'Quote' => 0x34, 'Backquote' => 0x35, 'Comma' => 0x36, 'Period' => 0x37, 'Slash' => 0x38,
        'CapsLock' => 0x39, 'PrintScreen' => 0x46, 'ScrollLock' => 0x47, 'Pause' => 0x48,
        'Insert' => 0x49, 'Home' => 0x4A, 'PageUp' => 0x4B, 'Delete' => 0x4C, 'End' => 0x4D, 'PageDown' => 0x4E,
        'ArrowRight' => 0x4F, 'ArrowLeft' => 0x50, 'ArrowDown' => 0x51, 'ArrowUp' => 0x52,
        'NumLock' => 0x53, 'NumpadDivide' => 0x54, 'NumpadMultiply' => 0x55, 'NumpadSubtract' => 0x56,
        'NumpadAdd' => 0x57, 'NumpadEnter' => 0x58, 'Numpad0' => 0x62, 'NumpadDecimal' => 0x63,
        'IntlBackslash' => 0x64, 'ContextMenu' => 0x65, 'NumpadEqual' => 0x67, 'NumpadComma' => 0x85,
        'ControlLeft' => 0xE0, 'ShiftLeft' => 0xE1, 'AltLeft' => 0xE2, 'MetaLeft' => 0xE3, 'ControlRight' => 0xE4,
        'ShiftRight' => 0xE5, 'AltRight' => 0xE6, 'MetaRight' => 0xE7,
    ];

    /** Media keys, and what fits on them. */
    private const MEDIA = [
        'AudioVolumeMute' => 'Mute', 'AudioVolumeDown' => 'Vol -', 'AudioVolumeUp' => 'Vol +',
        'MediaTrackPrevious' => 'Prev', 'MediaPlayPause' => 'Play', 'MediaTrackNext' => 'Next', 'MediaStop' => 'Stop',
    ];

    /** What fits on a key whose name does not. */
    private const SHORT = [
        'Escape' => 'Esc', 'PrintScreen' => 'Print', 'ScrollLock' => 'Scroll', 'Backspace' => 'Back',
        'PageUp' => 'PgUp', 'PageDown' => 'PgDn', 'Insert' => 'Ins', 'Delete' => 'Del', 'CapsLock' => 'Caps',
        'ContextMenu' => 'Menu',
        'ShiftRight' => 'Shift', 'ControlRight' => 'Ctrl', 'AltRight' => 'Alt', 'MetaRight' => 'Meta',
        'NumLock' => 'Num',
    ];

    public static function id(): string
    {
        return self::ID;
    }

    public static function offer(): string
    {
        return 'The keyboard of this computer: every key a contact';
    }

    public static function short(): string
    {
        return 'Keys';
    }

    public static function listening(): string
    {
        return 'The keyboard works the rig, as the device Keyboard: keys of this page rest.';
    }

    public static function document(): array
    {
        $controls = [];
        foreach (self::ROWS as $page => $rows) {
            foreach ($rows as $y => $row) {
                foreach (array_filter($row) as $x => $code) {
                    $controls[] = self::control($code, self::KEY * $x + 80, self::KEY * $y + 80, $page);
                }
            }
        }

        return [
            'format' => 'nailrod-device', 'version' => 1, 'id' => self::ID, 'name' => 'Keyboard', 'kind' => 'keyboard',
            'face' => ['width' => 17 * self::KEY + 60, 'height' => 6 * self::KEY + 60], 'controls' => $controls,
        ];
    }

    /** @return array<string, string> reference of the contact of each key, by its W3C code */
    public static function contacts(): array
    {
        $contacts = [];
        foreach (self::ROWS as $rows) {
            foreach (array_filter(array_merge(...$rows)) as $code) {
                $contacts[$code] = self::ID.'/'.self::idOf($code);
            }
        }

        return $contacts;
    }

    public static function isIn(Rig $rig): bool
    {
        return isset($rig->devices[self::ID]);
    }

    /** @return array<string, string> references of the contacts by W3C code */
    public static function inputs(Rig $rig): array
    {
        return array_filter(self::contacts(), $rig->has(...));
    }

    /** @return array<string, mixed> */
    private static function control(string $code, int $x, int $y, int $page): array
    {
        $usage = MediaKeys::usageOf($code);

        return [
            'id' => self::idOf($code), 'name' => $usage === null
                ? KeyCodes::label($code)
                : MediaKeys::label($usage), 'kind' => 'key', 'at' => [$x, $y],
            'label' => self::MEDIA[$code] ?? self::SHORT[$code] ?? str_replace('Num ', '', KeyCodes::label($code)),
            'contacts' => [
                ['number' => $usage ?? self::usageOf($code), 'page' => $usage === null ? 'key' : 'consumer'],
            ],
        ] + ($page === 1 ? [] : ['page' => $page]);
    }

    /** "key-a" of KeyA, "shift-left" of ShiftLeft, "f13" of F13. */
    private static function idOf(string $code): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z0-9])/', '-', $code));
    }

    private static function usageOf(string $code): int
    {
        return match (true) {
            preg_match('/^Key([A-Z])$/', $code, $match) === 1 => 0x04 + ord($match[1]) - ord('A'),
            preg_match('/^Digit([1-9])$/', $code, $match) === 1 => 0x1E + (int) $match[1] - 1,
            preg_match('/^Numpad([1-9])$/', $code, $match) === 1 => 0x59 + (int) $match[1] - 1,
            preg_match('/^F(\d+)$/', $code, $match) === 1 => (
                (int) $match[1] <= 12 ? 0x3A - 1 : 0x68 - 13
            ) + (int) $match[1],
            default => self::USAGES[$code],
        };
    }
}
