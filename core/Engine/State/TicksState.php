<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Ticks of encoders, by assignment. */
final class TicksState implements PartState
{
    use EndsWithItsProgram;

    /** @var array<int, TickQueue> */
    public array $queues = [];

    /** @var array<int, list<int>> times of the latest ticks in µs */
    public array $times = [];

    /** @var array<int, int> ticks that were dropped */
    public array $dropped = [];
}
