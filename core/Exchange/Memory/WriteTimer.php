<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

/**
 * When a device is written after edits: a while after the last of them, but not too long after the first. Times in µs.
 */
final readonly class WriteTimer
{
    private const AFTER_LAST = 2_000_000;
    private const AFTER_FIRST = 10_000_000;

    private function __construct(private ?int $first = null, private ?int $last = null) {}

    public static function idle(): self
    {
        return new self;
    }

    public function edited(int $now): self
    {
        return new self($this->first ?? $now, $now);
    }

    /** When it is to be written; null if nothing was edited. */
    public function due(): ?int
    {
        return $this->first === null || $this->last === null ? null : min(
            $this->last + self::AFTER_LAST,
            $this->first + self::AFTER_FIRST,
        );
    }
}
