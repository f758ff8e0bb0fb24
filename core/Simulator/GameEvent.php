<?php

declare(strict_types=1);

namespace Nailrod\Core\Simulator;

use Nailrod\Core\Output\OutputEvent;

/** A variable of the game changed, or a window of it opened or shut, and by which output; null if the game did it by itself. */
final readonly class GameEvent
{
    /** In place of a variable: a window of the game, open at 1 and shut at 0. */
    public const WINDOW = 'its own window';

    /** In place of a variable: a button that was on and off again between two looks, or one that the game does not look at; the value is its number. */
    public const MISSED = 'missed';

    /**
     * @param int    $t      of the game's frame, in µs
     * @param string $window what the window is for, of one that opens
     */
    public function __construct(public int $t, public string $variable, public float $value, public ?OutputEvent $by, public string $window = '') {}

    public function isOfVariable(): bool
    {
        return $this->variable !== self::WINDOW && $this->variable !== self::MISSED;
    }
}
