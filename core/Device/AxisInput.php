<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

/** An axis as a device reports it: whole readings from min to max. */
final readonly class AxisInput
{
    public function __construct(
        public string $ref,
        public string $name,
        public int $number,
        public int $min,
        public int $max,
        public bool $centred,
    ) {}

    /** The reading that a control at rest gives when nobody has measured it. */
    public function restReading(): int
    {
        return $this->centred ? intdiv($this->min + $this->max + 1, 2) : $this->min;
    }
}
