<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print\Mark;

/** Which way a control is moved, as it stands before what comes of it. */
enum Sign: string
{
    case Up = 'up';
    case Down = 'down';
    case Left = 'left';
    case Right = 'right';
    case Middle = 'middle';
    case Clockwise = 'clockwise';
    case Back = 'back';
    case Plus = 'plus';
    case Minus = 'minus';

    /** @return string its path in SVG, on a square from -5 to 5 */
    public function path(): string
    {
        return match ($this) {
            self::Up => 'M0-4 4 3H-4Z',
            self::Down => 'M0 4 4-3H-4Z',
            self::Left => 'M-4 0 3-4V4Z',
            self::Right => 'M4 0-3-4V4Z',
            self::Middle => 'M-3-3H3V3H-3Z',
            self::Clockwise => 'M-3.6 3A4.3 4.3 0 1 1 3.6 3L2.5 2.1A2.9 2.9 0 1 0-2.5 2.1ZM5 .2 4.8 4.6.9 2.5Z',
            self::Back => 'M3.6 3A4.3 4.3 0 1 0-3.6 3L-2.5 2.1A2.9 2.9 0 1 1 2.5 2.1ZM-5 .2-4.8 4.6-.9 2.5Z',
            self::Plus => 'M-1-4H1V-1H4V1H1V4H-1V1H-4V-1H-1Z',
            self::Minus => 'M-4-1H4V1H-4Z',
        };
    }
}
