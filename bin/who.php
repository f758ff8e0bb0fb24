<?php

declare(strict_types=1);

/*
 * Who listens at a port of this machine, if it is Nailrod: php bin/who.php PORT
 *
 * Prints a sentence with the processes and how to end them; nothing if it is somebody else, or the system does not say
 * (Linux, by /proc). A supervisor that was killed leaves pages and rig behind: they are ended by their groups.
 */

$port = sprintf('%04X', (int) ($argv[1] ?? 0));
$inodes = [];
foreach (['/proc/net/tcp', '/proc/net/tcp6'] as $table) {
    foreach (@file($table) ?: [] as $line) {
        $words = preg_split('/\s+/', trim($line)) ?: [];
        // Local address, state (0A: it listens), inode.
        if (str_ends_with($words[1] ?? '', ':'.$port) && ($words[3] ?? '') === '0A') {
            $inodes['socket:['.$words[9].']'] = true;
        }
    }
}
$groups = [];
$parents = [];
foreach ($inodes === [] ? [] : (glob('/proc/[0-9]*', GLOB_NOSORT) ?: []) as $process) {
    $command = str_replace("\0", ' ', (string) @file_get_contents($process.'/cmdline'));
    if (preg_match('/ (server\.php|bin/gate\.php|nailrod:rig) /', $command.' ') !== 1) {
        continue;
    }
    foreach (@scandir($process.'/fd') ?: [] as $fd) {
        if (isset($inodes[(string) @readlink($process.'/fd/'.$fd)])) {
            $stat = (string) @file_get_contents($process.'/stat');
            [, $parent, $group] = [
                ...explode(' ', trim((string) substr($stat, (int) strrpos($stat, ')') + 1))),
                '',
                '',
                '',
            ];
            $groups[(int) $group] = true;
            $parents[(int) $parent] = str_replace(
                "\0",
                ' ',
                (string) @file_get_contents('/proc/'.(int) $parent.'/cmdline'),
            );
            break;
        }
    }
}
$supervisor = array_key_first(
    array_filter($parents, fn (string $command): bool => str_contains($command, 'supervise.php')),
);
if ($supervisor !== null) {
    printf("Nailrod runs there already, as process %d. To end it: kill %d\n", $supervisor, $supervisor);
} elseif ($groups !== []) {
    $ids = array_keys($groups);
    printf(
        "What is there was left behind by a Nailrod whose watcher was killed, as process group %s. To end it: "
            ."kill -- %s\n",
        implode(', ', $ids),
        implode(' ', array_map(fn (int $id): string => '-'.$id, $ids)),
    );
}
