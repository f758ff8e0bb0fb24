<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\SetRecord;
use App\Sets\Demo;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'nailrod:demo';

    protected $description = 'Loads the demo rig, its simulators and sets into an empty database';

    public function handle(Demo $demo): int
    {
        if (SetRecord::query()->count() > 0) {
            $this->line('The database is in use already; the demo was not loaded again.');

            return self::SUCCESS;
        }
        $demo->load();
        $this->line('The demo rig, its simulators and the sets are loaded.');

        return self::SUCCESS;
    }
}
