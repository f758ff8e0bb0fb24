<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

/** It is for ticks of an encoder, which wait for each other. */
interface QueuesTicks extends Behaviour
{
    /** How long a pulse is, in µs. */
    public function width(): int;

    /** How long it is off between two pulses, in µs. */
    public function gap(): int;

    /** How many may wait. */
    public function most(): int;

    /**
     * Which output a tick sends; -1 for none.
     *
     * @param float $speed ticks a second
     */
    public function placeAt(float $speed, Assigned $assigned): int;
}
