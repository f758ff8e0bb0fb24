<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Panel;

/**
 * How a tile of a panel is drawn and touched. What it does is said by its cells, as of any control. How it reports as a
 * control stands in Device\PanelDevice.
 */
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

    /** Does a form of a tile of this kind show a field of Tile? What all kinds have is not named here. */
    public function hasField(string $name): bool
    {
        return match ($name) {
            'ways' => $this === self::Stick,
            'page' => $this === self::Turn,
            'on_lifting' => $this->isButton(),
            'text' => $this === self::Pair || $this === self::Shows,
            'bar' => $this === self::Shows,
            'icon' => $this !== self::Stick && $this !== self::Slide,
            default => true,
        };
    }

    /** @return array{int, int} how many cells a new tile takes across and down, if the page has them */
    public function size(): array
    {
        return match ($this) {
            self::Pair => [2, 1],
            self::Stick => [2, 2],
            self::Slide => [1, 3],
            default => [1, 1],
        };
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
