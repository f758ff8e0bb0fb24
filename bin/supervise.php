<?php

declare(strict_types=1);

/*
 * Keeps process groups alive: php bin/supervise.php WORKERS COMMAND [ARGUMENT ...] [-- WORKERS COMMAND [ARGUMENT ...]]
 * ...
 *
 * Each command runs in a process group of its own, so that it and its WORKERS processes end together. PHP's own server
 * never replaces a worker that died, and its workers outlive it: when one of them is gone, its whole group is begun
 * anew.
 * Starts that end at once back off up to five seconds. TERM, INT and HUP end everything.
 */

const LOOK_US = 100_000;
const LONGEST_PAUSE_S = 5.0;

/** What has lived for so long has begun well: it is begun again at once. */
const LIVED_S = 1.0;

/**
 * A beginning whose processes neither use the processor nor wait for it or for the disk for so long has stuck: a worker
 * died, or never came. On a machine that is busy it may take as long as it takes. A test says less.
 */
define('STANDS_S', (float) (getenv('NAILROD_STANDS_S') ?: 8.0));

/** A command, its processes, and when it is begun again. */
final class Group
{
    private int $pid = 0;

    private float $started = 0.0;

    private float $pause = 0.0;

    private int $most = 0;

    /** Ticks of the processor that its processes had used at the last look, and when they had used more. */
    private int $ticks = 0;

    private float $worked = 0.0;

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
        [$workers, $ticks, $isBusy] = $this->wanted === 0 ? [0, 0, false] : $this->processes();
        $this->most = max($this->most, $workers);
        if ($isBusy || $ticks !== $this->ticks) {
            [$this->ticks, $this->worked] = [$ticks, $now];
        }
        $isBeginning = $this->most < $this->wanted && $now < $this->worked + STANDS_S;
        if ($isGone || ($workers < $this->wanted && ! $isBeginning)) {
            $this->end();
            fwrite(
                STDERR,
                sprintf(
                    "%s %s of %s has ended; it is begun anew.\n",
                    date('c'),
                    $isGone ? 'The process' : 'A worker',
                    basename($this->command[count($this->command) - 1]),
                ),
            );
            // Who was killed from outside did not fail: it is begun again at once.
            $wasKilled = $isGone && pcntl_wifsignaled($status) && pcntl_wtermsig($status) === SIGKILL;
            $this->pause = $wasKilled || $now - $this->started > LIVED_S ? 0.0 : min(
                LONGEST_PAUSE_S,
                max(0.25, 2 * $this->pause),
            );
            $this->started = $now;
        }
    }

    private function begin(): void
    {
        $this->started = microtime(true);
        $this->most = $this->ticks = 0;
        $this->worked = $this->started;
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

    /**
     * What its processes do; those that have ended and wait to be noticed do not count.
     *
     * @return array{int, int, bool} how many it has begun, ticks of the processor that all have used, and does one of
     * them run, or wait for the disk?
     */
    private function processes(): array
    {
        [$count, $ticks, $isBusy] = [0, 0, false];
        foreach (glob('/proc/[0-9]*/stat', GLOB_NOSORT) ?: [] as $file) {
            $stat = (string) @file_get_contents($file);
            $words = explode(' ', trim((string) substr($stat, (int) strrpos($stat, ')') + 1)));
            // Of its group are all that it has begun, and those that they have begun (proc(5): state, ppid, pgrp, ...
            // utime, stime).
            if ((int) ($words[2] ?? 0) !== $this->pid || $words[0] === 'Z') {
                continue;
            }
            $count += (int) ((int) $words[1] === $this->pid);
            $ticks += (int) $words[11] + (int) $words[12];
            $isBusy = $isBusy || in_array($words[0], ['R', 'D'], true);
        }

        return [$count, $ticks, $isBusy];
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
