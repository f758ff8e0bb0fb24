<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\TokenRecord;
use App\Storage\StoreRefuses;

/** As they were when the database was read last, so that what a program sends asks nothing of it. */
final class KnownTokens implements TokenList
{
    /** @var array<string, TokenRecord> by id */
    private array $byId = [];

    /** @var array<string, TokenRecord> by hash */
    private array $byHash = [];

    public function __construct(private readonly TokenList $stored = new StoredTokens) {}

    /**
     * Somebody has written to the database: they are read anew.
     *
     * @throws StoreRefuses if it cannot be read just now; what was known stays
     */
    public function read(): void
    {
        $all = StoreRefuses::whenDoing(fn (): array => TokenRecord::query()->get()->all());
        $this->byId = $this->byHash = [];
        array_map($this->learn(...), $all);
    }

    public function ofId(string $id): ?TokenRecord
    {
        return $this->byId[$id] ?? $this->learn($this->stored->ofId($id));
    }

    public function ofHash(string $hash): ?TokenRecord
    {
        return $this->byHash[$hash] ?? $this->learn($this->stored->ofHash($hash));
    }

    private function learn(?TokenRecord $record): ?TokenRecord
    {
        if ($record !== null) {
            $this->byId[$record->id] = $this->byHash[$record->hash] = $record;
        }

        return $record;
    }
}
