<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

/** The four steps of measuring an axis. */
enum SweepPhase: string
{
    case Rest = 'rest';
    case Low = 'low end';
    case High = 'high end';
    case Slow = 'slow pass';

    public function next(): ?self
    {
        return match ($this) {
            self::Rest => self::Low,
            self::Low => self::High,
            self::High => self::Slow,
            self::Slow => null,
        };
    }

    public function task(): string
    {
        return match ($this) {
            self::Rest => 'Let go of it and leave it alone for two seconds; all goes on by itself.',
            self::Low => 'Move it to its low end (down, left, closed, off) and hold it there for a second.',
            self::High => 'Move it to its other end and hold it there for a second.',
            self::Slow => 'Move it slowly and evenly to the low end and back again, three seconds or more each way.',
        };
    }

    /** The least time it takes, in µs. */
    public function least(): int
    {
        return match ($this) {
            self::Rest => 2_000_000,
            self::Low, self::High => 1_000_000,
            self::Slow => 3_000_000,
        };
    }
}
