<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\TokenRecord;
use App\Storage\StoreRefuses;

/** The tokens that were given to programs and phones. */
interface TokenList
{
    /** @throws StoreRefuses if it is not known, and the database cannot be read just now */
    public function ofId(string $id): ?TokenRecord;

    /** @throws StoreRefuses if it is not known, and the database cannot be read just now */
    public function ofHash(string $hash): ?TokenRecord;
}
