<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Sets\WritingConnection;
use App\Storage\StoreRefuses;
use PDO;
use PHPUnit\Framework\TestCase;

/** Two requests that write at once: the second one is kept out from the beginning, not in the middle. */
final class TransactionTest extends TestCase
{
    public function test_a_transaction_holds_the_write_lock_from_its_beginning(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'nailrod');
        $open = function () use ($file): WritingConnection {
            $pdo = new PDO(
                'sqlite:'.$file,
                null,
                null,
                [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 0],
            );
            $pdo->exec('PRAGMA journal_mode = WAL');
            $pdo->exec('CREATE TABLE IF NOT EXISTS sets (id TEXT)');

            return new WritingConnection($pdo, $file);
        };
        $first = $open();
        $second = $open();
        $first->beginTransaction();
        try {
            $second->beginTransaction();
            $this->fail('the second one began as well');
        } catch (StoreRefuses $busy) {
            $this->assertStringContainsString('Try again', $busy->getMessage());
            $this->assertStringContainsString('locked', (string) $busy->getPrevious()?->getMessage());
        }
        $first->insert('INSERT INTO sets VALUES (1)');
        $first->commit();
        $second->beginTransaction();
        $this->assertSame(1, $second->scalar('SELECT COUNT(*) FROM sets'));
        $second->commit();
        array_map(fn (string $end) => is_file($file.$end) && unlink($file.$end), ['', '-wal', '-shm']);
    }
}
