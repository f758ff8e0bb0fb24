<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping;

use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Rig\Device\KeyCodes;

/** A sheet of paper in a typewriter: what keys that go down and up would type where a keyboard layout is chosen. */
final class TypingTest
{
    /** Keys that type the same in every layout: those of the number pad, and the bar. */
    private const PLAIN = [
        'Space' => ' ',
        'NumpadAdd' => '+',
        'NumpadSubtract' => '-',
        'NumpadMultiply' => '*',
        'NumpadDivide' => '/',
        'NumpadEnter' => "\n",
    ];

    /** Modifiers that choose another character of a key; with any other it is no writing but a command. */
    private const LEVELS = ['ShiftLeft' => 'ShiftLeft', 'ShiftRight' => 'ShiftLeft', 'AltRight' => 'AltRight'];

    /** @var array<string, string> characters by strokes, see KeyLayout::characters() */
    private readonly array $characters;

    /** @var array<string, true> what begins a stroke of two keys */
    private array $dead = [];

    /** @var array<string, true> keys that are down */
    private array $down = [];

    /** The dead key that was pressed; empty if none waits. */
    private string $waiting = '';

    private bool $hasCaps = false;

    /** @var list<string> what stands there, sign by sign */
    private array $signs = [];

    public function __construct(KeyLayout $layout)
    {
        $this->characters = $layout->characters();
        foreach (array_keys($this->characters) as $strokes) {
            $both = explode(' ', (string) $strokes);
            if (count($both) === 2) {
                $this->dead[$both[0]] = true;
            }
        }
    }

    /** A key goes down or up. */
    public function key(string $code, bool $isDown): void
    {
        if (! $isDown) {
            unset($this->down[$code]);

            return;
        }
        if (! isset($this->down[$code])) {
            $this->down[$code] = true;
            $this->press($code);
        }
    }

    /** What is no writing stands there by its name: [F7], [Ctrl+R]. */
    public function text(): string
    {
        return implode('', $this->signs);
    }

    private function press(string $code): void
    {
        if (in_array($code, KeyCodes::MODIFIERS, true)) {
            return;
        }
        $held = array_keys(array_intersect_key($this->down, array_flip(KeyCodes::MODIFIERS)));
        $levels = array_values(array_unique(array_intersect_key(self::LEVELS, array_flip($held))));
        match (true) {
            $code === 'CapsLock' => $this->hasCaps = ! $this->hasCaps,
            count($held) > count(array_intersect_key(self::LEVELS, array_flip($held))) => $this->name($code, $held),
            $code === 'Backspace' => array_pop($this->signs),
            default => $this->type($code, $levels),
        };
    }

    /** @param list<string> $levels */
    private function type(string $code, array $levels): void
    {
        $stroke = (new KeyStroke($code, $levels))->codes();
        $sign = $this->characters[trim($this->waiting.' '.$stroke)] ?? null;
        $plain = $this->characters[$stroke] ?? self::PLAIN[$code] ?? (
            preg_match('/^Numpad(\\d)$/D', $code, $digit) === 1 ? $digit[1] : null
        );
        if ($this->waiting === '' && isset($this->dead[$stroke])) {
            $this->waiting = $stroke;
        } elseif ($sign === null && $plain === null) {
            $this->waiting = '';
            $this->name($code, $levels);
        } else {
            $this->waiting = '';
            $sign ??= $plain;
            $this->signs[] = $this->hasCaps ? (
                mb_strtoupper((string) $sign) === $sign ? mb_strtolower($sign) : mb_strtoupper((string) $sign)
            ) : (string) $sign;
        }
    }

    /** @param list<string> $held */
    private function name(string $code, array $held): void
    {
        $this->signs[] = '['.(
            new KeyStroke($code, array_values(array_intersect(KeyCodes::MODIFIERS, $held)))
        )->label().']';
    }
}
