<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Rig\Device\KeyCodes;

/**
 * Key strokes as a person writes them: "L", "Shift+L", "ctrl + page up", "Num 5", or by their codes: "ShiftLeft+KeyL".
 */
final class KeyNames
{
    /** @return ?KeyStroke null if it names no key stroke */
    public static function read(string $text): ?KeyStroke
    {
        $parts = preg_split('/\s*\+\s*(?=.)/u', trim($text), -1, PREG_SPLIT_NO_EMPTY);
        if ($parts === false || $parts === [] || count($parts) > 5) {
            return null;
        }
        $codes = [];
        foreach ($parts as $part) {
            $code = self::code($part);
            if ($code === null) {
                return null;
            }
            $codes[] = $code;
        }
        $key = array_pop($codes);
        if (
            array_diff($codes, KeyCodes::MODIFIERS) !== []
                || in_array($key, $codes, true)
                || count(array_unique($codes)) < count($codes)
        ) {
            return null;
        }

        return new KeyStroke($key, $codes);
    }

    /** Words of people and of other languages for keys, as they stand in lists of keys. */
    private const ALSO = [
        'control' => 'ControlLeft', 'strg' => 'ControlLeft', 'umschalt' => 'ShiftLeft', 'alt gr' => 'AltRight',
        'altgr' => 'AltRight', 'option' => 'AltLeft',
        'super' => 'MetaLeft', 'win' => 'MetaLeft', 'windows' => 'MetaLeft', 'cmd' => 'MetaLeft',
        'command' => 'MetaLeft',
        'escape' => 'Escape', 'return' => 'Enter', 'eingabe' => 'Enter', 'space bar' => 'Space', 'spacebar' => 'Space',
        'leertaste' => 'Space', 'blank' => 'Space',
        'left' => 'ArrowLeft', 'right' => 'ArrowRight', 'up' => 'ArrowUp', 'down' => 'ArrowDown',
        'arrow left' => 'ArrowLeft', 'arrow right' => 'ArrowRight', 'arrow up' => 'ArrowUp',
        'arrow down' => 'ArrowDown',
        'pgup' => 'PageUp', 'pgdn' => 'PageDown', 'pgdown' => 'PageDown', 'bild auf' => 'PageUp',
        'bild ab' => 'PageDown', 'pos1' => 'Home', 'ende' => 'End',
        'del' => 'Delete', 'entf' => 'Delete', 'ins' => 'Insert', 'einfg' => 'Insert', 'tabulator' => 'Tab',
        'caps' => 'CapsLock', 'capslock' => 'CapsLock', 'numlock' => 'NumLock', 'scrolllock' => 'ScrollLock',
        'scroll' => 'ScrollLock', 'print screen' => 'PrintScreen', 'prtsc' => 'PrintScreen', 'druck' => 'PrintScreen',
        'break' => 'Pause',
        'plus' => 'Equal', '+' => 'Equal', 'minus' => 'Minus', 'hyphen' => 'Minus', 'comma' => 'Comma',
        'komma' => 'Comma', 'period' => 'Period', 'dot' => 'Period', 'punkt' => 'Period', 'slash' => 'Slash',
        'backslash' => 'Backslash', 'semicolon' => 'Semicolon', 'apostrophe' => 'Quote', 'backtick' => 'Backquote',
        'grave' => 'Backquote',
        'num enter' => 'NumpadEnter', 'num plus' => 'NumpadAdd', 'num minus' => 'NumpadSubtract',
        'num -' => 'NumpadSubtract', 'num dot' => 'NumpadDecimal', 'num star' => 'NumpadMultiply',
        'num slash' => 'NumpadDivide', 'num add' => 'NumpadAdd', 'num subtract' => 'NumpadSubtract',
        'num multiply' => 'NumpadMultiply', 'num divide' => 'NumpadDivide', 'num decimal' => 'NumpadDecimal',
    ];

    private static function code(string $name): ?string
    {
        if (KeyCodes::known($name)) {
            return $name;
        }
        /** @var array<string, string> $byName */
        static $byName = [];
        if ($byName === []) {
            foreach (KeyCodes::all() as $code => $label) {
                $byName[mb_strtolower($label)] ??= $code;
            }
            $byName += self::ALSO;
        }
        $word = self::plain($name);

        return $byName[$word] ?? self::sided($word, $byName);
    }

    /** In small letters, the words apart: "Keypad5" and "numpad 5" are "num 5". */
    private static function plain(string $name): string
    {
        $words = (string) preg_replace('/[\s_]+/u', ' ', mb_strtolower(trim($name)));

        return (string) preg_replace(
            [
                '/^(?:numpad|keypad|numeric|num|kp|ziffernblock) ?(?=.)(?! ?lock)/u',
                '/^(?:key|letter|digit|taste) (?=.$)/u',
            ],
            ['num ', ''],
            $words,
        );
    }

    /**
     * A modifier with its side: "left shift", "rctrl", "alt right".
     *
     * @param array<string, string> $byName
     */
    private static function sided(string $word, array $byName): ?string
    {
        if (
            preg_match(
                '/^(?:(?<side>left|right|linke|rechte|l|r) ?(?<key>.+)|(?<keyed>.+?) ?(?<sided>left|right))$/u',
                $word,
                $match,
            ) !== 1
        ) {
            return null;
        }
        $code = $byName[trim($match['key'] !== '' ? $match['key'] : $match['keyed'])] ?? '';
        $side = in_array(
            $match['side'] !== '' ? $match['side'] : $match['sided'],
            ['right', 'r', 'rechte'],
            true,
        ) ? 'Right' : 'Left';
        $both = str_replace(['Left', 'Right'], $side, $code);

        return in_array($code, KeyCodes::MODIFIERS, true) && in_array($both, KeyCodes::MODIFIERS, true) ? $both : null;
    }
}
