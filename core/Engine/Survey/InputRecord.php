<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

/** What has been seen of one input while the rig was tried out. Times in µs. */
final class InputRecord
{
    /** Changes that follow each other faster than this are a bounce of the contact. */
    public const BOUNCE = 20_000;

    /** Ticks within this time belong to one turn of an encoder. */
    private const TURN = 150_000;

    /** How often it was pressed, moved or turned. */
    public int $count = 0;

    /** Lowest and highest reading, or ticks backward (negative) and forward. */
    public ?int $low = null;

    public ?int $high = null;

    /** The shortest time that it was closed; null if it has not been pressed and let go. */
    public ?int $shortest = null;

    public int $bounces = 0;

    /** Single ticks against the direction of the turn. */
    public int $wrong = 0;

    /** Was it closed when the sheet was begun, and has it been so ever since? */
    public bool $neverOpened = false;

    /** Directions of a hat that were seen, one bit each. */
    public int $directions = 0;

    private int $changedAt = PHP_INT_MIN;

    /** @var array{int, int} directions of the last two ticks, the older first */
    private array $turning = [0, 0];

    public function contact(bool $closed, int $t): void
    {
        $this->neverOpened = false;
        $since = $this->changedAt === PHP_INT_MIN ? null : $t - $this->changedAt;
        if ($since !== null && $since < self::BOUNCE) {
            $this->bounces++;
        }
        if ($closed) {
            $this->count++;
        } elseif ($since !== null) {
            $this->shortest = min($this->shortest ?? PHP_INT_MAX, $since);
        }
        $this->changedAt = $t;
    }

    public function reading(int $reading): void
    {
        $this->count++;
        $this->low = min($this->low ?? $reading, $reading);
        $this->high = max($this->high ?? $reading, $reading);
    }

    public function ticks(int $ticks, int $t): void
    {
        $this->count++;
        $this->low = ($this->low ?? 0) + min(0, $ticks);
        $this->high = ($this->high ?? 0) + max(0, $ticks);
        $direction = $ticks <=> 0;
        [$before, $last] = $t - $this->changedAt < self::TURN ? $this->turning : [0, 0];
        if ($last === -$direction && $before === $direction) {
            $this->wrong++;
            $last = $direction;
        }
        $this->turning = [$last, $direction];
        $this->changedAt = $t;
    }

    /** @param int $value 0 to 7 clockwise from north, or -1 */
    public function hat(int $value): void
    {
        if ($value >= 0) {
            $this->count++;
            $this->directions |= 1 << $value;
        }
    }
}
