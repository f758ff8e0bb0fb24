<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Hid;

/** One input report of a device: its fields in the order in which they lie. */
final readonly class HidReport
{
    /**
     * @param int         $id   0 if the device uses none
     * @param int         $bits length of the data, the report id not counted
     * @param list<ReportField> $fields padding is not among them
     */
    public function __construct(public int $id, public int $bits, public array $fields) {}

    /** Length of the data in whole bytes, the report id not counted. */
    public function bytes(): int
    {
        return intdiv($this->bits + 7, 8);
    }
}
