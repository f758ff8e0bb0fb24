<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

/** The bytes of a device's memory, as they are reached over the cable. */
interface MemoryPort
{
    /** All banks together, in bytes. */
    public function size(): int;

    /** How many banks of equal size there are, two or more. */
    public function banks(): int;

    /**
     * Does something while nobody else writes.
     *
     * @template T
     *
     * @param callable(): T $do
     *
     * @return T
     */
    public function alone(callable $do): mixed;

    public function read(int $offset, int $length): string;

    /** @throws CableCut if the connection is lost; the bytes before the loss are in the memory */
    public function write(int $offset, string $bytes): void;
}
