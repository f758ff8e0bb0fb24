<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Hid;

/** Where in the reports of a device one port lies, and how a value stands there. */
final readonly class Wire
{
    /** Positions of a hat, clockwise from north. */
    private const DIRECTIONS = 8;

    /**
     * @param int   $report id
     * @param int   $usage  of a contact that an array names; else that of the field
     * @param int   $rest   what the port is when nobody touches it
     * @param bool  $isHat  are its values 0 to 7, or -1?
     */
    public function __construct(
        public string $port,
        public int $report,
        public ReportField $field,
        public int $usage,
        public int $rest,
        public bool $isHat,
    ) {}

    /** The value of the port, from what the field holds. */
    public function portValue(int $held): int
    {
        if (! $this->isHat) {
            return $held;
        }

        return $this->field->holds($held) ? intdiv(
            ($held - $this->field->logicalMin) * self::DIRECTIONS,
            $this->positions(),
        ) : -1;
    }

    /** What the field holds for a value of the port; a hat in its middle lies outside the logical range. */
    public function fieldValue(int $value): int
    {
        if (! $this->isHat) {
            return $value;
        }

        return $value < 0 ? $this->outside() : $this->field->logicalMin + intdiv(
            $value * $this->positions(),
            self::DIRECTIONS,
        );
    }

    private function positions(): int
    {
        return $this->field->logicalMax - $this->field->logicalMin + 1;
    }

    private function outside(): int
    {
        return $this->field->logicalMax + 1 < 1 << $this->field->size
            ? $this->field->logicalMax
            + 1
            : $this->field->logicalMin - 1;
    }
}
