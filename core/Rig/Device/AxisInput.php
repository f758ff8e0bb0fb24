<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/** An axis as a device reports it: whole readings from min to max. */
final readonly class AxisInput
{
    /**
     * @param ?int  $degrees of a wheel, lock to lock; null for all else
     * @param ?int  $jumps   how many positions a switch has that arrives as an axis; null for all else
     * @param ?Play $play    how the hand of a stand-in moves it; null if exactly and all the way
     * @param bool  $built   made from other axes: nothing reports it, and its readings stand for its travel
     */
    public function __construct(
        public string $ref,
        public string $name,
        public int $number,
        public int $min,
        public int $max,
        public bool $centred,
        public ?int $degrees = null,
        public ?int $jumps = null,
        public ?Play $play = null,
        private bool $built = false,
    ) {}

    /** The same under another number. */
    public function numbered(int $number): self
    {
        return new self(
            $this->ref,
            $this->name,
            $number,
            $this->min,
            $this->max,
            $this->centred,
            $this->degrees,
            $this->jumps,
            $this->play,
            $this->built,
        );
    }

    public function isBuilt(): bool
    {
        return $this->built;
    }

    /** The reading that a control at rest gives when nobody has measured it. */
    public function restReading(): int
    {
        return $this->centred ? intdiv($this->min + $this->max + 1, 2) : $this->min;
    }

    /** The reading at which a stand-in lets it rest. */
    public function standInRest(): int
    {
        return $this->play === null ? $this->restReading() : $this->play->rest($this);
    }

    public function width(): int
    {
        return $this->max - $this->min;
    }
}
