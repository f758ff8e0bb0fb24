<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Panel;

/** How a tile of a panel is drawn and touched. What it does is said by its cells, as of any control. */
enum TileKind: string
{
    case Press = 'press';
    /** Drawn as on while what it does is. */
    case LocksOn = 'locks on';
    /** Shows what comes next. */
    case Cycle = 'cycle';
    /** Minus and plus, with a value between. */
    case Pair = 'pair';
    /** Four or eight ways, springs back. */
    case Stick = 'stick';
    /** An axis. */
    case Slide = 'slide';
    case Turn = 'turn to page';
    case Shows = 'only shows';

    /** Does it report something? */
    public function isTouched(): bool
    {
        return $this !== self::Turn && $this !== self::Shows;
    }

    /** Is it touched as a whole, and closed while it is? */
    public function isButton(): bool
    {
        return $this === self::Press || $this === self::LocksOn || $this === self::Cycle;
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Press => 'press',
            self::LocksOn => 'locks on',
            self::Cycle => 'cycle',
            self::Pair => 'pair, minus and plus',
            self::Stick => 'stick',
            self::Slide => 'slide',
            self::Turn => 'turns to a page',
            self::Shows => 'only shows',
        };
    }
}
