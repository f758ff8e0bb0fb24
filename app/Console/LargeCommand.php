<?php

declare(strict_types=1);

namespace App\Console;

use App\Bench\LargeSet;
use App\Models\CatalogueRecord;
use App\Sets\SetStore;
use Illuminate\Console\Command;

/** For measuring: a set as large as they come. */
final class LargeCommand extends Command
{
    protected $signature = 'nailrod:large';

    protected $description = 'Adds a set of 16 devices, 400 contacts, 8 layers and 1,500 assignments, to measure with';

    public function handle(SetStore $store): int
    {
        LargeSet::create($store, CatalogueRecord::query()->findOrFail('skerrywing')->catalogue());

        return self::SUCCESS;
    }
}
