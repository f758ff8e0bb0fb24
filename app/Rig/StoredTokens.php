<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\TokenRecord;
use App\Storage\StoreRefuses;

/** As they are in the database. */
final readonly class StoredTokens implements TokenList
{
    public function ofId(string $id): ?TokenRecord
    {
        return StoreRefuses::whenDoing(fn (): ?TokenRecord => TokenRecord::query()->find($id));
    }

    public function ofHash(string $hash): ?TokenRecord
    {
        return StoreRefuses::whenDoing(fn (): ?TokenRecord => TokenRecord::query()->where('hash', $hash)->first());
    }
}
