<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\BankMemory;
use Nailrod\Core\Exchange\Memory\DeviceRefuses;
use Nailrod\Core\Exchange\Memory\MemoryPort;

/** Another program wants to write in the middle of a write. */
final readonly class OtherWriter implements Fault
{
    use IsFault;

    public static function kind(): string
    {
        return 'two writers';
    }

    public static function title(): string
    {
        return 'another program writes at once';
    }

    public function write(MemoryPort $memory, int $offset, string $bytes, Sent $sent, MemoryPort $device): void
    {
        if ($sent->comesTo($this->at, strlen($bytes)) && ! $sent->isDone) {
            $sent->isDone = true;
            try {
                (new BankMemory($device))->write('what another program would write');
            } catch (DeviceRefuses) {
                // The device takes one write at a time: the other program is told to wait.
            }
        }
        $memory->write($offset, $bytes);
    }
}
