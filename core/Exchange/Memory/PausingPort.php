<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

/** Lets who else has something to do go on after every block: a write in a fiber is suspended there. */
final readonly class PausingPort implements MemoryPort
{
    public function __construct(private MemoryPort $port) {}

    public function size(): int
    {
        return $this->port->size();
    }

    public function banks(): int
    {
        return $this->port->banks();
    }

    public function alone(callable $do): mixed
    {
        return $this->port->alone($do);
    }

    public function read(int $offset, int $length): string
    {
        return $this->port->read($offset, $length);
    }

    public function write(int $offset, string $bytes): void
    {
        $this->port->write($offset, $bytes);
        if (\Fiber::getCurrent() !== null) {
            \Fiber::suspend();
        }
    }
}
