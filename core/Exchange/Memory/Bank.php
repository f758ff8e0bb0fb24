<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

/** A valid bank of a device's memory. */
final readonly class Bank
{
    /** @param int $count of writes to the device so far; the highest is in force */
    public function __construct(public int $number, public int $count, public string $content) {}

    /**
     * @param list<?self> $banks null where nothing valid is stored
     *
     * @return ?self the one in force
     */
    public static function latest(array $banks): ?self
    {
        return array_reduce(
            $banks,
            fn (?self $best, ?self $bank) => $best === null || (
                $bank !== null && $bank->count > $best->count
            ) ? $bank : $best,
        );
    }

    public function checksum(): string
    {
        return sprintf('%08x', crc32($this->content));
    }
}
