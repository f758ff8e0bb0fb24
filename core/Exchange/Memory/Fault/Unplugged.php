<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\CableCut;
use Nailrod\Core\Exchange\Memory\MemoryPort;

/** The device is unplugged in the middle of a write, and not there for what follows. */
final readonly class Unplugged implements Fault
{
    use IsFault;

    public static function kind(): string
    {
        return 'unplugged';
    }

    public static function title(): string
    {
        return 'it is unplugged';
    }

    /** @throws CableCut if it is not there any more */
    public function read(?Sent $sent): void
    {
        if ($sent !== null && $sent->bytes >= $this->at) {
            throw $sent->bytes === 0 ? CableCut::after(0) : CableCut::gone($sent->bytes);
        }
    }

    /** @throws CableCut if the connection is lost */
    public function write(MemoryPort $memory, int $offset, string $bytes, Sent $sent, MemoryPort $device): void
    {
        if ($sent->comesTo($this->at, strlen($bytes))) {
            $memory->write($offset, substr($bytes, 0, $this->at - $sent->bytes));

            throw CableCut::after($this->at);
        }
        $memory->write($offset, $bytes);
    }
}
