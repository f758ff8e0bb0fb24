<?php

declare(strict_types=1);

namespace App\Storage;

/** Which processes of this machine have a file open (Linux, by /proc). */
final class InUse
{
    /** @return list<int> numbers of other processes, the lowest first; none where the system does not say */
    public static function by(string $file): array
    {
        $real = realpath($file);
        $pids = [];
        foreach ($real === false ? [] : (glob('/proc/[0-9]*', GLOB_NOSORT) ?: []) as $process) {
            $pid = (int) basename($process);
            foreach ($pid === getmypid() ? [] : (@scandir($process.'/fd') ?: []) as $fd) {
                if (@readlink($process.'/fd/'.$fd) === $real) {
                    $pids[] = $pid;
                    break;
                }
            }
        }
        sort($pids);

        return $pids;
    }
}
