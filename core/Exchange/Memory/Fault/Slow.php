<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\MemoryPort;

/** The device takes its time for every block. */
final readonly class Slow implements Fault
{
    use IsFault;

    public static function kind(): string
    {
        return 'slow';
    }

    public static function title(): string
    {
        return 'it is slow';
    }

    public function write(MemoryPort $memory, int $offset, string $bytes, Sent $sent, MemoryPort $device): void
    {
        // A fifth of a second at most for all that is sent, so that somebody who looks sees that it takes longer.
        usleep(min(10_000, 20 * strlen($bytes)));
        $memory->write($offset, $bytes);
    }
}
