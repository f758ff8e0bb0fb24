<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

/** Key strokes as a person writes them: "L", "Shift+L", "ctrl + page up", "Num 5", or by their codes: "ShiftLeft+KeyL". */
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
        if (array_diff($codes, KeyCodes::MODIFIERS) !== [] || in_array($key, $codes, true) || count(array_unique($codes)) < count($codes)) {
            return null;
        }

        return new KeyStroke($key, $codes);
    }

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
            foreach (KeyCodes::MODIFIERS as $code) {
                $byName[mb_strtolower(KeyCodes::label($code))] ??= $code;
            }
            $byName += ['control' => 'ControlLeft', 'strg' => 'ControlLeft', 'escape' => 'Escape', 'left' => 'ArrowLeft', 'right' => 'ArrowRight', 'up' => 'ArrowUp', 'down' => 'ArrowDown', 'return' => 'Enter', 'space bar' => 'Space', 'pgup' => 'PageUp', 'pgdn' => 'PageDown', 'del' => 'Delete', 'ins' => 'Insert'];
        }

        return $byName[mb_strtolower($name)] ?? null;
    }
}
