<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\HatsState;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** Hats of the controller: 0 to 7 clockwise from north, -1 in the middle, made of the directions that are held. */
final class Hats
{
    private readonly HatsState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->hats;
    }

    /** @param int $direction 0 north to 3 west */
    public function hold(int $hat, int $direction, string $source, Cause $cause): void
    {
        $this->own->holders[$hat][$direction][$source] = true;
        $this->send($hat, $cause);
    }

    public function letGo(int $hat, int $direction, string $source, Cause $cause): void
    {
        if (! isset($this->own->holders[$hat][$direction][$source])) {
            return;
        }
        unset($this->own->holders[$hat][$direction][$source]);
        $this->send($hat, $cause);
    }

    private function send(int $hat, Cause $cause): void
    {
        $held = array_map(fn (int $direction) => ($this->own->holders[$hat][$direction] ?? []) !== [], range(0, 3));
        $up = (int) $held[0] - (int) $held[2];
        $right = (int) $held[1] - (int) $held[3];
        $value = [[7, 0, 1], [6, -1, 2], [5, 4, 3]][1 - $up][1 + $right];
        if (($this->own->values[$hat] ?? -1) !== $value) {
            $this->own->values[$hat] = $value;
            $this->run->emit(OutputEvent::HAT, (string) $hat, $value, $cause);
        }
    }
}
