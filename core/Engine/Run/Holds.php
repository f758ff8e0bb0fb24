<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\HoldsState;
use Nailrod\Core\Format\Cause\Cause;

/** Outputs that are on while at least one source holds them. */
final class Holds
{
    private readonly HoldsState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->holds;
    }

    public function hold(string $kind, string $target, string $source, Cause $cause): void
    {
        $key = $kind.' '.$target;
        $first = ! isset($this->own->holders[$key]);
        $this->own->holders[$key][$source] = true;
        if ($first) {
            $this->run->emit($kind, $target, 1, $cause);
        }
    }

    public function isOn(string $kind, string $target): bool
    {
        return isset($this->own->holders[$kind.' '.$target]);
    }

    public function letGo(string $kind, string $target, string $source, Cause $cause): void
    {
        $key = $kind.' '.$target;
        if (! isset($this->own->holders[$key][$source])) {
            return;
        }
        unset($this->own->holders[$key][$source]);
        if ($this->own->holders[$key] === []) {
            unset($this->own->holders[$key]);
            $this->run->emit($kind, $target, 0, $cause);
        }
    }
}
