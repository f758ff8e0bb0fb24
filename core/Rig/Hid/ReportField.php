<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Hid;

/** One value in a report. An array field names, by its value, which of a range of usages is on. */
final readonly class ReportField
{
    /**
     * @param int $bitOffset  from the start of the report's data, the report id not counted
     * @param int $size       in bits
     * @param int $usage      the only one, or the lowest of an array
     * @param int $lastUsage  the highest of an array, else the same
     * @param bool $nullState does a value outside the logical range say that nothing is there?
     */
    public function __construct(
        public int $page,
        public int $usage,
        public int $lastUsage,
        public int $bitOffset,
        public int $size,
        public int $logicalMin,
        public int $logicalMax,
        public bool $relative,
        public bool $array,
        public bool $nullState,
    ) {}

    /** The value in the data of a report, sign-extended if the logical range goes below 0. */
    public function read(string $data): int
    {
        $value = 0;
        for ($byte = $this->bitOffset + $this->size - 1 >> 3; $byte >= $this->bitOffset >> 3; $byte--) {
            $value = $value << 8 | ord($data[$byte] ?? "\0");
        }
        $value = $value >> ($this->bitOffset & 7) & (1 << $this->size) - 1;

        return $this->logicalMin < 0 && ($value >> ($this->size - 1) & 1) === 1 ? $value - (1 << $this->size) : $value;
    }

    /** The data of a report with this value put in. */
    public function write(string $data, int $value): string
    {
        for ($bit = 0; $bit < $this->size; $bit++) {
            $at = $this->bitOffset + $bit;
            $byte = ord($data[$at >> 3]) & ~(1 << ($at & 7));
            $data[$at >> 3] = chr($byte | ($value >> $bit & 1) << ($at & 7));
        }

        return $data;
    }

    /** Is there a value, or does it lie outside the logical range, as a hat in its middle? */
    public function holds(int $value): bool
    {
        return $value >= $this->logicalMin && $value <= $this->logicalMax;
    }
}
