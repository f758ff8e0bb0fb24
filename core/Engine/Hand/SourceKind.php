<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Hand;

/** What sends inputs. */
enum SourceKind: string
{
    case Page = 'page';
    case Panel = 'panel';
    case Program = 'program';
    case Game = 'game';
    case Recording = 'recording';

    /** After so long without a sign of life a hand is gone, in µs; null if it is not judged by that. */
    public function silence(): ?int
    {
        return match ($this) {
            self::Page, self::Panel, self::Program, self::Game => 3_000_000,
            self::Recording => null,
        };
    }

    /** Does it work drawn devices, whose reports are made here? All others say what a device has reported. */
    public function isDrawn(): bool
    {
        return $this === self::Page || $this === self::Panel;
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Page => 'a page',
            self::Panel => 'a panel',
            self::Program => 'a program',
            self::Game => 'a game',
            self::Recording => 'a recording that is played',
        };
    }
}
