<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\CableCut;
use Nailrod\Core\Exchange\Memory\DeviceRefuses;
use Nailrod\Core\Exchange\Memory\MemoryPort;
use Nailrod\Core\Exchange\Memory\UnitIdentity;
use Nailrod\Core\Rig\Device\Device;

/**
 * Something that can be wrong with a stand-in while it is written, to try out what happens then. A new one is one class
 * and one line in Faults.
 */
interface Fault
{
    /** The word by which it is kept. */
    public static function kind(): string;

    /** What a list calls it. */
    public static function title(): string;

    /** @param int $at byte of the write at which it happens, counted from 0 */
    public static function after(int $at): self;

    /** What the unit says of itself then. */
    public function tells(UnitIdentity $told, Device $device): UnitIdentity;

    /**
     * Something is read.
     *
     * @param ?Sent $sent how far a write has got; null if none is under way
     *
     * @throws CableCut if nothing can be read any more
     */
    public function read(?Sent $sent): void;

    /**
     * A block of a write arrives, or what comes of it.
     *
     * @param Sent       $sent   how far the write had got before it
     * @param MemoryPort $device the whole device, for who else would write to it
     *
     * @throws CableCut|DeviceRefuses
     */
    public function write(MemoryPort $memory, int $offset, string $bytes, Sent $sent, MemoryPort $device): void;
}
