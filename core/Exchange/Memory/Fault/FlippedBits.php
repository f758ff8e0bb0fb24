<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\MemoryPort;

/** Bits of one byte are flipped on their way. */
final readonly class FlippedBits implements Fault
{
    use IsFault;

    public static function kind(): string
    {
        return 'flipped bits';
    }

    public static function title(): string
    {
        return 'bits are flipped on their way';
    }

    public function write(MemoryPort $memory, int $offset, string $bytes, Sent $sent, MemoryPort $device): void
    {
        if ($sent->comesTo($this->at, strlen($bytes))) {
            $byte = $this->at - $sent->bytes;
            $bytes[$byte] = chr(ord($bytes[$byte]) ^ 0b101);
        }
        $memory->write($offset, $bytes);
    }
}
