<?php

declare(strict_types=1);

namespace App\Console;

use App\Recordings\Recordings;
use App\Rig\Brought;
use App\Rig\Calls;
use App\Rig\Door;
use App\Rig\Health;
use App\Rig\KnownTokens;
use App\Rig\Orders;
use App\Rig\RigLog;
use App\Rig\RigService;
use App\Rig\Server;
use App\Rig\Snapshot;
use App\Rig\SteadyClock;
use App\Rig\Tokens;
use App\Sets\Programs;
use App\Sets\SetStore;
use App\Storage\StoreRefuses;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use React\EventLoop\StreamSelectLoop;

final class RigCommand extends Command
{
    use RefusesInWords;

    protected $signature = 'nailrod:rig {address=127.0.0.1} {--pages=8080 : port of the pages} {--port= : port of '
        .'the rig; that of the pages + 1 if nothing is said} {--check : only say whether it could be started}';

    protected $description = 'Runs the rig: the process that works the set in play, whether anybody looks or not';

    /** Between two tries to read the database, in µs. */
    private const AGAIN_US = 250_000;

    /** Did it end as it should? */
    private bool $hasEnded = false;

    public function handle(
        SetStore $sets,
        Programs $programs,
        Recordings $recordings,
        Tokens $tokens,
        Brought $brought,
    ): int {
        $pages = (int) $this->option('pages');
        $port = (int) ($this->option('port') ?? Door::portBeside($pages));
        $database = (string) config('database.connections.sqlite.database');
        $lock = fopen($database.'.rig', 'c+');
        if ($lock === false || ! flock($lock, LOCK_EX | LOCK_NB)) {
            return $this->refused(sprintf(
                'The rig of this database runs already, as process %s. End that one first.',
                $lock === false ? '?' : trim((string) stream_get_contents($lock)),
            ));
        }
        if ($this->option('check')) {
            return self::SUCCESS;
        }
        ftruncate($lock, 0);
        fwrite($lock, (string) getmypid());
        fflush($lock);
        $log = new RigLog(storage_path('logs/rig.log'));
        $snapshot = $this->snapshot($database.'.snapshot', $log);
        $rig = new RigService($sets, $programs, $recordings, $snapshot, new SteadyClock);
        $known = new KnownTokens;
        $this->once(function () use ($rig, $known): void {
            $known->read();
            $rig->begin();
        }, $log);
        // From now on others wait for the rig: it waits for nobody.
        DB::connection()->statement('PRAGMA busy_timeout = 0');
        $health = new Health;
        try {
            /** @var list<string> $hosts */
            $hosts = config('app.hosts', []);
            $server = new Server(
                new StreamSelectLoop,
                $rig,
                new Calls($rig, new Orders, $health, $brought),
                $tokens->by($known),
                $known,
                new Door($port, $pages, $hosts),
                $health,
                DB::connection()->getPdo(),
                $log,
                $snapshot,
                (string) $this->argument('address'),
                $port,
            );
        } catch (\RuntimeException) {
            $this->hasEnded = true;

            return $this->refused(
                sprintf('Port %d is in use. Start with another: bin/start --port %d', $port, $pages + 2),
            );
        }
        $server->run();
        $this->hasEnded = true;

        return self::SUCCESS;
    }

    /** Begins, as soon as the database can be read: nobody waits for the rig yet. */
    private function once(\Closure $begin, RigLog $log): void
    {
        for ($isTold = false; ; usleep(self::AGAIN_US)) {
            try {
                StoreRefuses::whenDoing($begin);

                return;
            } catch (StoreRefuses $refused) {
                $isTold || $log->say('The rig waits for the database: '.$refused->getMessage().'.');
                $isTold = true;
            }
        }
    }

    /** What the rig remembers; a process that ends by a fault of its own says so to the next one. */
    private function snapshot(string $file, RigLog $log): Snapshot
    {
        $snapshot = new Snapshot($file);
        if ($snapshot->begins()) {
            $log->say(
                'What the rig remembered ended its process three times; it was moved aside, and the rig is found anew.',
            );
        }
        $began = microtime(true);
        register_shutdown_function(function () use ($snapshot, $began): void {
            if (! $this->hasEnded) {
                $snapshot->fault(microtime(true) - $began);
            }
        });

        return $snapshot;
    }
}
