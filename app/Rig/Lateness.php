<?php

declare(strict_types=1);

namespace App\Rig;

/**
 * Tells once that something cannot be written just now, when that has been so for a second; and once that it is
 * written.
 */
final class Lateness
{
    /** In µs. */
    private const AFTER = 1_000_000;

    /** Since when something waits, in µs; null if nothing does. */
    private ?int $since = null;

    private bool $isTold = false;

    /**
     * @param bool $waits does something wait to be written?
     * @param int  $now   in µs
     *
     * @return list<string>
     */
    public function look(bool $waits, int $now): array
    {
        $this->since = $waits ? $this->since ?? $now : null;
        $isLate = $this->since !== null && $now - $this->since >= self::AFTER;
        if ($isLate === $this->isTold || ($waits && ! $isLate)) {
            return [];
        }
        $this->isTold = $isLate;

        return [$isLate
            ? 'The database cannot be written just now: another program holds it, or the disk is full. The rig goes '
                .'on; what it recorded is written as soon as that is possible.'
            : 'The database can be written again. What the rig recorded is in it.'];
    }
}
