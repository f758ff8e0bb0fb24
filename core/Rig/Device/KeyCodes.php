<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/** Keys by the codes of W3C "UI Events KeyboardEvent code Values", section 3. */
final class KeyCodes
{
    public const MODIFIERS = [
        'ShiftLeft',
        'ShiftRight',
        'ControlLeft',
        'ControlRight',
        'AltLeft',
        'AltRight',
        'MetaLeft',
        'MetaRight',
    ];

    private const LETTERS_AND_DIGITS = 'Key[A-Z]|Digit[0-9]|Numpad[0-9]|F([1-9]|1[0-9]|2[0-4])';
    private const OTHERS = [
        'Backquote' => '`', 'Backslash' => '\\', 'BracketLeft' => '[', 'BracketRight' => ']', 'Comma' => ',',
        'Equal' => '=',
        'IntlBackslash' => '<', 'IntlRo' => 'Ro', 'IntlYen' => '¥', 'Minus' => '-', 'Period' => '.', 'Quote' => "'",
        'Semicolon' => ';', 'Slash' => '/', 'Backspace' => 'Backspace', 'CapsLock' => 'Caps lock',
        'ContextMenu' => 'Menu',
        'Enter' => 'Enter', 'Space' => 'Space', 'Tab' => 'Tab', 'Delete' => 'Delete', 'End' => 'End', 'Home' => 'Home',
        'Insert' => 'Insert', 'PageDown' => 'Page down', 'PageUp' => 'Page up', 'ArrowDown' => '↓', 'ArrowLeft' => '←',
        'ArrowRight' => '→', 'ArrowUp' => '↑', 'NumLock' => 'Num lock', 'NumpadAdd' => 'Num +',
        'NumpadComma' => 'Num ,',
        'NumpadDecimal' => 'Num .', 'NumpadDivide' => 'Num /', 'NumpadEnter' => 'Num Enter', 'NumpadEqual' => 'Num =',
        'NumpadMultiply' => 'Num *', 'NumpadSubtract' => 'Num -', 'Escape' => 'Esc', 'PrintScreen' => 'Print',
        'ScrollLock' => 'Scroll lock', 'Pause' => 'Pause',
        'ShiftLeft' => 'Shift', 'ShiftRight' => 'Right Shift', 'ControlLeft' => 'Ctrl', 'ControlRight' => 'Right Ctrl',
        'AltLeft' => 'Alt', 'AltRight' => 'Right Alt', 'MetaLeft' => 'Meta', 'MetaRight' => 'Right Meta',
    ];

    public static function known(string $code): bool
    {
        return isset(self::OTHERS[$code]) || preg_match('/^('.self::LETTERS_AND_DIGITS.')$/D', $code) === 1;
    }

    /** Every code that is known, as a pattern of JSON Schema. */
    public static function pattern(): string
    {
        return '^('.self::LETTERS_AND_DIGITS.'|'.implode('|', array_keys(self::OTHERS)).')$';
    }

    public static function label(string $code): string
    {
        return self::OTHERS[$code] ?? (string) preg_replace(['/^(Key|Digit)/', '/^Numpad/'], ['', 'Num '], $code);
    }

    /** @return array<string, string> label by code, for lists to choose from */
    public static function all(): array
    {
        $all = [];
        foreach ([...range('A', 'Z')] as $letter) {
            $all['Key'.$letter] = (string) $letter;
        }
        foreach (range(0, 9) as $digit) {
            $all['Digit'.$digit] = (string) $digit;
        }
        foreach (range(1, 24) as $f) {
            $all['F'.$f] = 'F'.$f;
        }
        foreach (range(0, 9) as $digit) {
            $all['Numpad'.$digit] = 'Num '.$digit;
        }

        return $all + self::OTHERS;
    }
}
