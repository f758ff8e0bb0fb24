<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\DeviceRefuses;
use Nailrod\Core\Exchange\Memory\MemoryPort;

/** There is less room in the device than it says. */
final readonly class Full implements Fault
{
    use IsFault;

    public static function kind(): string
    {
        return 'full';
    }

    public static function title(): string
    {
        return 'its memory is full';
    }

    /** @throws DeviceRefuses where it is full */
    public function write(MemoryPort $memory, int $offset, string $bytes, Sent $sent, MemoryPort $device): void
    {
        if ($sent->bytes + strlen($bytes) > $this->at && ! $sent->isDone) {
            // It takes what it has room for, and then no more of this write.
            $sent->isDone = true;
            $memory->write($offset, substr($bytes, 0, max(0, $this->at - $sent->bytes)));

            throw DeviceRefuses::full($this->at);
        }
        $memory->write($offset, $bytes);
    }
}
