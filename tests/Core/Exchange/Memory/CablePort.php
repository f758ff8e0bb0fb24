<?php

declare(strict_types=1);

namespace Tests\Core\Exchange\Memory;

use Nailrod\Core\Exchange\Memory\CableCut;
use Nailrod\Core\Exchange\Memory\MemoryPort;

/** A memory behind a cable that can be cut, and in which a byte can be broken. */
final class CablePort implements MemoryPort
{
    private string $bytes;

    private ?int $left = null;

    private ?int $allowed = null;

    private ?int $broken = null;

    public function __construct(int $size, private readonly int $banks = 2)
    {
        $this->bytes = str_repeat("\xFF", $size);
    }

    public function cutAfter(int $bytes): void
    {
        $this->left = $this->allowed = $bytes;
    }

    public function mend(): void
    {
        $this->left = $this->broken = null;
    }

    public function corrupt(int $offset): void
    {
        $this->broken = $offset;
    }

    public function size(): int
    {
        return strlen($this->bytes);
    }

    public function banks(): int
    {
        return $this->banks;
    }

    public function alone(callable $do): mixed
    {
        return $do();
    }

    public function read(int $offset, int $length): string
    {
        return substr($this->bytes, $offset, $length);
    }

    public function write(int $offset, string $bytes): void
    {
        foreach (str_split($bytes) as $i => $byte) {
            if ($this->left === 0) {
                throw CableCut::after((int) $this->allowed);
            }
            $this->left = $this->left === null ? null : $this->left - 1;
            $this->bytes[$offset + $i] = $offset + $i === $this->broken ? '?' : $byte;
        }
    }
}
