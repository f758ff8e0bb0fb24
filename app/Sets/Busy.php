<?php

declare(strict_types=1);

namespace App\Sets;

use Nailrod\Core\Format\Refusal;

/** Somebody else has been writing for so long that this was given up. Nothing was changed. */
final class Busy extends \RuntimeException implements Refusal
{
    public static function afterTrying(\Throwable $last): self
    {
        return new self('Another window or program is writing just now, and went on for too long. Try again', 0, $last);
    }

    public static function isIt(\Throwable $failure): bool
    {
        return str_contains($failure->getMessage(), 'database is locked') || str_contains($failure->getMessage(), 'database table is locked');
    }
}
