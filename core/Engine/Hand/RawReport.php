<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Hand;

/** An input report as a device sent it. */
final readonly class RawReport
{
    private const MOST_DIGITS = 2048;

    /**
     * @param int    $t      in µs of the hand's own clock
     * @param string $device id
     * @param string $bytes  the report, its id first if the device uses ids
     */
    private function __construct(public int $t, public string $device, public string $bytes) {}

    /** @param mixed $row [time, device, report id, hex digits]; null if it is none */
    public static function read(mixed $row): ?self
    {
        if (
            ! is_array($row) || ! Batch::isTime($row[0] ?? null)
                || ! is_string($row[1] ?? null)
                || ! is_int($row[2] ?? null)
                || $row[2] < 0
                || $row[2] > 255
        ) {
            return null;
        }
        $digits = $row[3] ?? null;

        return is_string($digits) && strlen($digits) <= self::MOST_DIGITS
            && preg_match('/^([0-9a-f]{2})*$/Di', $digits) === 1
            ? new self($row[0], $row[1], ($row[2] === 0 ? '' : chr($row[2])).hex2bin($digits))
            : null;
    }
}
