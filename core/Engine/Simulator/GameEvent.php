<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Simulator;

use Nailrod\Core\Mapping\Output\OutputEvent;

/**
 * A variable of the game changed, or a window of it opened or shut, and by which output; null if the game did it by
 * itself.
 */
final readonly class GameEvent
{
    /** In place of a variable: a window of the game, open at 1 and shut at 0. */
    public const WINDOW = 'its own window';

    /**
     * In place of a variable: a button that was on and off again between two looks, or one that the game does not look
     * at; the value is its number.
     */
    public const MISSED = 'missed';

    /** In place of a variable: a key that the window which is open takes, or the desktop if none is. */
    public const TAKEN = 'taken';

    /**
     * @param int    $t      of the game's frame, in µs
     * @param string $window what the window is for, of one that opens or takes a key
     */
    public function __construct(
        public int $t,
        public string $variable,
        public float $value,
        public ?OutputEvent $by,
        public string $window = '',
    ) {}

    public function isOfVariable(): bool
    {
        return ! in_array($this->variable, [self::WINDOW, self::MISSED, self::TAKEN], true);
    }
}
