<?php

declare(strict_types=1);

namespace Nailrod\Core\Memory;

/** The bytes of a device's memory, as they are reached over the cable. */
interface MemoryPort
{
    public function size(): int;

    public function read(int $offset, int $length): string;

    /** @throws CableCut if the connection is lost; the bytes before the loss are in the memory */
    public function write(int $offset, string $bytes): void;
}
