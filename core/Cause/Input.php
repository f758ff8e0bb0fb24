<?php

declare(strict_types=1);

namespace Nailrod\Core\Cause;

/** One timed input of the rig, or of the game (device `sim`). */
final readonly class Input
{
    /**
     * @param int       $t     µs since the start of the run
     * @param string    $port  `device/control`, as in the columns of a run
     * @param int|float $value a reading, 0 or 1 of a contact, ±n ticks, a direction of a hat, or a game's variable
     * @param int       $line  line of the file it was read from, 0 if none
     */
    public function __construct(public int $t, public string $port, public int|float $value, public int $line = 0) {}

    public function place(): string
    {
        return $this->line > 0 ? 'line '.$this->line : sprintf('%s at %d µs', $this->port, $this->t);
    }
}
