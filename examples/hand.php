<?php

declare(strict_types=1);

/*
 * A hand that plays a recording: php examples/hand.php FILE.csv
 *
 * RIG says where the rig is, TOKEN who asks: php artisan nailrod:token Player --feed=fennel
 * It needs nothing of Nailrod, only PHP.
 */

function ask(string $path, array $body): array
{
    $context = stream_context_create(['http' => [
        'method' => 'POST',
        'header' => "Authorization: Bearer ".getenv('TOKEN')."\r\nContent-Type: application/json",
        'content' => json_encode($body),
        'ignore_errors' => true,
    ]]);

    return (array) json_decode((string) file_get_contents(getenv('RIG').$path, false, $context), true);
}

$lines = @file($argv[1] ?? '', FILE_IGNORE_NEW_LINES);
if ($lines === false || ! getenv('RIG') || ! getenv('TOKEN')) {
    fwrite(STDERR, "RIG=http://127.0.0.1:8081 TOKEN=... php examples/hand.php FILE.csv\n");
    exit(2);
}
$hand = ask('/hands', ['name' => 'hand.php', 'kind' => 'program']);
if (! isset($hand['hand'])) {
    fwrite(STDERR, ($hand['problem'] ?? 'The rig does not answer.')."\n");
    exit(1);
}
$start = hrtime(true);
$n = 0;
$now = static fn (): int => intdiv(hrtime(true) - $start, 1000);
$waiting = [];
foreach ([...array_slice($lines, 1), null] as $line) {
    [$t, $device, $control, $value] = $line === null ? [PHP_INT_MAX, '', '', ''] : explode(',', $line);
    // What is due within 5 ms goes together; a sign of life at least once a second.
    while ($line === null ? $waiting !== [] : $now() < (int) $t) {
        if ($waiting !== [] || $now() > 1_000_000 * ($n + 1)) {
            foreach (ask('/hands/'.$hand['hand'], ['n' => ++$n, 't' => $now(), 'inputs' => $waiting])['problems'] ?? ['The rig does not answer.'] as $problem) {
                fwrite(STDERR, $problem."\n");
            }
            $waiting = [];
        }
        usleep(max(0, min(5000, (int) $t - $now())));
    }
    if ($line !== null) {
        $waiting[] = [(int) $t, $device.'/'.$control, $value + 0];
    }
}
ask('/hands/'.$hand['hand'], ['n' => ++$n, 'bye' => true]);
