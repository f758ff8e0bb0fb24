<?php

declare(strict_types=1);

namespace App\Models;

/** A state that was kept: such rows are only ever added. */
trait NeverChanges
{
    protected static function bootNeverChanges(): void
    {
        self::updating(fn () => throw new \LogicException('A revision is never changed.'));
        self::deleting(fn () => throw new \LogicException('A revision is never deleted.'));
    }
}
