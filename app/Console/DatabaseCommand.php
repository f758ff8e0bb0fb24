<?php

declare(strict_types=1);

namespace App\Console;

use App\Storage\DatabaseCopies;
use App\Storage\InUse;
use Illuminate\Console\Command;

/**
 * Looks at the database before it is used: makes a copy of one that is whole, says how to go back from one that is not.
 */
final class DatabaseCommand extends Command
{
    protected $signature = 'nailrod:database {--restore= : put a copy in its place: its name, or "newest"}';

    protected $description = 'Checks the database and makes a copy of it, or puts a copy in its place';

    public function handle(): int
    {
        $file = (string) config('database.connections.sqlite.database');
        $copies = new DatabaseCopies($file);
        $restore = $this->option('restore');
        if (is_string($restore)) {
            $users = InUse::by($file);
            if ($users !== []) {
                $this->error(sprintf(
                    'Nailrod runs with this database, as process %s. A copy would take it away under it, with '
                        .'what is being edited. Stop it first (Ctrl+C where it was started), then restore.',
                    implode(', ', $users),
                ));

                return self::FAILURE;
            }
            try {
                $this->line(
                    'The database is again as in the copy '
                        .$copies->restore($restore === 'newest' ? '' : $restore)
                        .'. What was there before is kept beside it.',
                );
            } catch (\RuntimeException $error) {
                $this->error($error->getMessage());

                return self::FAILURE;
            }
        }
        $fault = $copies->fault();
        if ($fault !== null) {
            $this->error('The database is damaged: '.mb_strimwidth($fault, 0, 160, '...'));
            $this->line(
                $copies->all() === [] ? 'There is no copy of it.'
                    : 'Copies that were made at earlier starts, the newest first: '
                    .implode(', ', $copies->all()),
            );
            $this->line('To go back to the newest one that is whole: bin/start --restore');

            return self::FAILURE;
        }
        $copies->make();

        return self::SUCCESS;
    }
}
