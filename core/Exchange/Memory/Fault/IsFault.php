<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\MemoryPort;
use Nailrod\Core\Exchange\Memory\UnitIdentity;
use Nailrod\Core\Rig\Device\Device;

/** What most faults do alike: nothing but their own. */
trait IsFault
{
    public function __construct(public readonly int $at = 0) {}

    public static function after(int $at): self
    {
        return new self($at);
    }

    public function tells(UnitIdentity $told, Device $device): UnitIdentity
    {
        return $told;
    }

    public function read(?Sent $sent): void {}

    public function write(MemoryPort $memory, int $offset, string $bytes, Sent $sent, MemoryPort $device): void
    {
        $memory->write($offset, $bytes);
    }
}
