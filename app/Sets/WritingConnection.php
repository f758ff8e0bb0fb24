<?php

declare(strict_types=1);

namespace App\Sets;

use Illuminate\Database\SQLiteConnection;

/**
 * A connection whose transactions hold the write lock from their first moment, so that they wait for each other instead
 * of failing halfway. Laravel itself begins them so only from PHP 8.4 on ("transaction_mode").
 */
final class WritingConnection extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        if (PHP_VERSION_ID >= 80_400) {
            return;
        }
        try {
            $this->getPdo()->exec('DELETE FROM sets WHERE 0');
        } catch (\PDOException $error) {
            $this->getPdo()->rollBack();

            throw $error;
        }
    }
}
