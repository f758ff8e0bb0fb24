<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

/** A device at the end of its cable: what it says of itself, and its memory. */
interface DevicePort extends MemoryPort
{
    /** @throws CableCut if it does not answer */
    public function tells(): UnitIdentity;
}
