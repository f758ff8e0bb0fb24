<?php

declare(strict_types=1);

namespace Nailrod\Core\Memory;

/** A valid bank of a device's memory. */
final readonly class Bank
{
    /** @param int $count of writes to the device so far; the highest is in force */
    public function __construct(public int $number, public int $count, public string $content) {}

    public function checksum(): string
    {
        return sprintf('%08x', crc32($this->content));
    }
}
