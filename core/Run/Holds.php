<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;

/** Outputs that are on while at least one source holds them. */
final class Holds
{
    public function __construct(private readonly Run $run) {}

    public function hold(string $kind, string $target, string $source, Cause $cause): void
    {
        $state = $this->run->state;
        $key = $kind.' '.$target;
        $first = ! isset($state->holders[$key]);
        $state->holders[$key][$source] = true;
        if ($first) {
            $this->run->emit($kind, $target, 1, $cause);
        }
    }

    public function isOn(string $kind, string $target): bool
    {
        return isset($this->run->state->holders[$kind.' '.$target]);
    }

    public function letGo(string $kind, string $target, string $source, Cause $cause): void
    {
        $state = $this->run->state;
        $key = $kind.' '.$target;
        if (! isset($state->holders[$key][$source])) {
            return;
        }
        unset($state->holders[$key][$source]);
        if ($state->holders[$key] === []) {
            unset($state->holders[$key]);
            $this->run->emit($kind, $target, 0, $cause);
        }
    }
}
