<?php

declare(strict_types=1);

namespace App\Console;

use App\Storage\Tidy;
use Illuminate\Console\Command;

final class TidyCommand extends Command
{
    protected $signature = 'nailrod:tidy';

    protected $description = 'Removes what is no longer needed from the storage, and says what is kept and why';

    public function handle(Tidy $tidy): int
    {
        foreach ($tidy->all() as $line) {
            $this->line($line);
        }

        return self::SUCCESS;
    }
}
