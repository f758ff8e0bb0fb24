<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

/** How what is in the memory of a device stands to a set. */
enum Standing
{
    /** It is what the set would write. */
    case InStep;

    /** It is what Nailrod wrote last; the set has been edited since. */
    case NotWritten;

    /** Nailrod did not write it last. */
    case Differs;

    /** Nothing valid is in it. */
    case Empty;

    /**
     * @param ?Bank   $inForce what is in the memory
     * @param int     $parts   in which it differs from what the set would write
     * @param ?string $last    what Nailrod wrote last; null if it never did
     */
    public static function of(?Bank $inForce, int $parts, ?string $last): self
    {
        return match (true) {
            $inForce === null => self::Empty,
            $parts === 0 => self::InStep,
            $inForce->content === $last => self::NotWritten,
            default => self::Differs,
        };
    }

    /** @param int $parts in which it differs from what the set would write */
    public function inWords(int $parts): string
    {
        return match ($this) {
            self::InStep => 'in step',
            self::NotWritten => $parts === 1 ? '1 part not written' : $parts.' parts not written',
            self::Differs => 'differs',
            self::Empty => 'empty',
        };
    }

    /**
     * May it be written with all others, unasked? What Nailrod did not write may be the only copy.
     *
     * @param int $parts in which it differs from what the set would write
     */
    public function isToBeWritten(int $parts): bool
    {
        return $parts > 0 && ($this === self::NotWritten || $this === self::Empty);
    }
}
