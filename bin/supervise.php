<?php

declare(strict_types=1);

/*
 * Keeps process groups alive: php bin/supervise.php WORKERS COMMAND [ARGUMENT ...] [-- WORKERS COMMAND [ARGUMENT ...]] ...
 *
 * Each command runs in a process group of its own, so that it and its WORKERS processes end together. PHP's own server
 * never replaces a worker that died, and its workers outlive it: when one of them is gone, its whole group is begun anew.
 * Starts that end at once back off up to five seconds. TERM, INT and HUP end everything.
 */

const LOOK_US = 100_000;
const LONGEST_PAUSE_S = 5.0;

/** What has lived for so long has begun well: it is begun again at once. */
const LIVED_S = 1.0;

/** How long a command may take to begin its workers: classes are read before, and a machine may be busy. */
const BEGINS_WITHIN_S = 30.0;

/** A beginning that failed so is given twice the time at the next one, up to so many times: each costs a busy machine more than it has. */
const MOST_PATIENCE = 16;

/** When some are there, but no more come for so long, one has died. What reads the classes is a process too, and ends. A test says less. */
define('STANDS_S', (float) (getenv('NAILROD_STANDS_S') ?: 8.0));

/** A command, its processes, and when it is begun again. */
final class Group
{
    private int $pid = 0;

    private float $started = 0.0;

    private float $pause = 0.0;

    private int $most = 0;

    /** How often as long as usual its workers may take to begin. */
    private int $patience = 1;

    /** How many there were at the last look, and since when. */
    private int $last = 0;

    private float $changed = 0.0;

    /** @param list<string> $command */
    public function __construct(private readonly int $wanted, private readonly array $command) {}

    public function look(): void
    {
        $now = microtime(true);
        if ($this->pid === 0) {
            if ($now >= $this->started + $this->pause) {
                $this->begin();
            }

            return;
        }
        $isGone = pcntl_waitpid($this->pid, $status, WNOHANG) !== 0;
        $workers = $this->wanted === 0 ? 0 : $this->workers();
        $this->most = max($this->most, $workers);
        [$this->changed, $this->last] = [$workers === $this->last ? $this->changed : $now, $workers];
        $isOnItsWay = $workers === 0 || $now < $this->changed + $this->patience * STANDS_S;
        $isBeginning = $this->most < $this->wanted && $now < $this->started + $this->patience * BEGINS_WITHIN_S && $isOnItsWay;
        if ($this->most >= $this->wanted) {
            $this->patience = 1;
        }
        if ($isGone || ($workers < $this->wanted && ! $isBeginning)) {
            $this->patience = $isGone || $this->most >= $this->wanted ? 1 : min(MOST_PATIENCE, 2 * $this->patience);
            $this->end();
            fwrite(STDERR, sprintf("%s %s of %s has ended; it is begun anew.\n", date('c'), $isGone ? 'The process' : 'A worker', basename($this->command[count($this->command) - 1])));
            // Who was killed from outside did not fail: it is begun again at once.
            $wasKilled = $isGone && pcntl_wifsignaled($status) && pcntl_wtermsig($status) === SIGKILL;
            $this->pause = $wasKilled || $now - $this->started > LIVED_S ? 0.0 : min(LONGEST_PAUSE_S, max(0.25, 2 * $this->pause));
            $this->started = $now;
        }
    }

    private function begin(): void
    {
        $this->started = microtime(true);
        $this->most = 0;
        $this->last = 0;
        $pid = pcntl_fork();
        if ($pid === 0) {
            posix_setsid();
            // The server says something for each request; what matters is in its error log.
            fclose(STDERR);
            // What is opened first takes the place of what was closed.
            $nowhere = fopen('/dev/null', 'w');
            pcntl_exec($this->command[0], array_slice($this->command, 1));
            exit(127);
        }
        $this->pid = $pid;
    }

    /** How many processes it has begun that are still there; those that have ended and wait to be noticed do not count. */
    private function workers(): int
    {
        $count = 0;
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
            $stat = (string) @file_get_contents($file);
            [$state, $parent] = [...explode(' ', trim((string) substr($stat, (int) strrpos($stat, ')') + 1))), '', ''];
            $count += (int) ((int) $parent === $this->pid && $state !== 'Z');
        }

        return $count;
    }

    public function end(): void
    {
        foreach ($this->pid === 0 ? [] : [[SIGTERM, 40], [SIGKILL, 20]] as [$signal, $tries]) {
            @posix_kill(-$this->pid, $signal);
            for ($try = 0; $try < $tries; $try++) {
                pcntl_waitpid($this->pid, $status, WNOHANG);
                if (! @posix_kill(-$this->pid, 0)) {
                    break 2;
                }
                usleep(25_000);
            }
        }
        $this->pid = 0;
    }
}

$ends = false;
pcntl_async_signals(true);
foreach ([SIGTERM, SIGINT, SIGHUP] as $signal) {
    pcntl_signal($signal, function () use (&$ends): void {
        $ends = true;
    });
}
$groups = [];
$words = array_slice($argv, 1);
while ($words !== []) {
    $end = array_search('--', $words, true);
    $group = array_splice($words, 0, $end === false ? count($words) : (int) $end);
    array_shift($words);
    $groups[] = new Group((int) array_shift($group), $group);
}
while (! $ends) {
    foreach ($groups as $group) {
        $group->look();
    }
    usleep(LOOK_US);
}
foreach ($groups as $group) {
    $group->end();
}
exit(0);
