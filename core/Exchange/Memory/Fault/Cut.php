<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\CableCut;
use Nailrod\Core\Exchange\Memory\MemoryPort;

/** The cable is cut in the middle of a write, and mended after it. */
final readonly class Cut implements Fault
{
    use IsFault;

    public static function kind(): string
    {
        return 'cut';
    }

    public static function title(): string
    {
        return 'the cable is cut';
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
