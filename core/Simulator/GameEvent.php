<?php

declare(strict_types=1);

namespace Nailrod\Core\Simulator;

use Nailrod\Core\Run\OutputEvent;

/** A variable of the game changed, and by which output; null if the game did it by itself. */
final readonly class GameEvent
{
    /** @param int $t of the game's frame, in µs */
    public function __construct(public int $t, public string $variable, public float $value, public ?OutputEvent $by) {}
}
