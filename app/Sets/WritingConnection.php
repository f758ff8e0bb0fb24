<?php

declare(strict_types=1);

namespace App\Sets;

use App\Storage\StoreRefuses;
use Illuminate\Database\SQLiteConnection;

/**
 * A connection whose transactions hold the write lock from their first moment, so that they wait for each other instead
 * of failing halfway. Laravel itself begins them so only from PHP 8.4 on ("transaction_mode").
 */
final class WritingConnection extends SQLiteConnection
{
    /** How often the write lock is asked for before it is given up. */
    private const TRIES = 3;

    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        if (PHP_VERSION_ID >= 80_400) {
            return;
        }
        // Each try waits as long as the connection is told to (busy_timeout).
        for ($try = 1; ; $try++) {
            try {
                $this->getPdo()->exec('DELETE FROM sets WHERE 0');

                return;
            } catch (\PDOException $error) {
                $refused = StoreRefuses::of($error);
                if ($refused?->isLocked() !== true || $try === self::TRIES) {
                    $this->getPdo()->rollBack();

                    throw $refused ?? $error;
                }
            }
        }
    }
}
