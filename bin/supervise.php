<?php

declare(strict_types=1);

/*
 * Keeps the server of the pages alive: php bin/supervise.php COMMAND [ARGUMENT ...]
 *
 * The command runs in a process group of its own, so that it and its workers end together. PHP's own server never
 * replaces a worker that died, and its workers outlive it: when one of them is gone, the whole group is begun anew.
 * Starts that end at once back off up to five seconds. TERM, INT and HUP end everything.
 */

const LOOK_US = 200_000;
const LONGEST_PAUSE_S = 5.0;

/** How long the server may take to begin its workers. */
const BEGINS_WITHIN_S = 3.0;

/** @var list<string> $command */
$command = array_slice($argv, 1);
// As many as PHP's own server is told to begin.
$wanted = (int) getenv('PHP_CLI_SERVER_WORKERS');
$ends = false;
pcntl_async_signals(true);
foreach ([SIGTERM, SIGINT, SIGHUP] as $signal) {
    pcntl_signal($signal, function () use (&$ends): void {
        $ends = true;
    });
}

/** @param list<string> $command */
function begin(array $command): int
{
    $pid = pcntl_fork();
    if ($pid === 0) {
        posix_setsid();
        // The server says something for each request; what matters is in its error log.
        fclose(STDERR);
        // What is opened first takes the place of what was closed.
        $nowhere = fopen('/dev/null', 'w');
        pcntl_exec($command[0], array_slice($command, 1));
        exit(127);
    }

    return $pid;
}

/** How many processes a process has begun that are still there; those that have ended and wait to be noticed do not count. */
function workers(int $of): int
{
    $count = 0;
    foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
        $stat = (string) @file_get_contents($file);
        [$state, $parent] = [...explode(' ', trim((string) substr($stat, (int) strrpos($stat, ')') + 1))), '', ''];
        $count += (int) ((int) $parent === $of && $state !== 'Z');
    }

    return $count;
}

function endGroup(int $group): void
{
    foreach ([[SIGTERM, 20], [SIGKILL, 20]] as [$signal, $tries]) {
        @posix_kill(-$group, $signal);
        for ($try = 0; $try < $tries; $try++) {
            pcntl_waitpid($group, $status, WNOHANG);
            if (! @posix_kill(-$group, 0)) {
                return;
            }
            usleep(50_000);
        }
    }
}

$pause = 0.0;
while (! $ends) {
    $started = microtime(true);
    $pid = begin($command);
    $most = 0;
    do {
        usleep(LOOK_US);
        $isGone = pcntl_waitpid($pid, $status, WNOHANG) !== 0;
        $now = workers($pid);
        $most = max($most, $now);
        $isBeginning = $most < $wanted && microtime(true) - $started < BEGINS_WITHIN_S;
    } while (! $ends && ! $isGone && ($now >= $wanted || $isBeginning));
    endGroup($pid);
    if ($ends) {
        break;
    }
    fwrite(STDERR, sprintf("%s %s; the server is begun anew.\n", date('c'), $isGone ? 'The server has ended' : 'A worker of the server has ended'));
    $pause = microtime(true) - $started > 10.0 ? 0.0 : min(LONGEST_PAUSE_S, max(0.25, 2 * $pause));
    for ($waited = 0.0; $waited < $pause && ! $ends; $waited += 0.1) {
        usleep(100_000);
    }
}
exit(0);
