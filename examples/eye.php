<?php

declare(strict_types=1);

/*
 * An eye that prints what is sent, as rows: php examples/eye.php [SECONDS]
 *
 * RIG says where the rig is, TOKEN who asks: php artisan nailrod:token Logger --see
 * It needs nothing of Nailrod, only PHP.
 */

$stream = @fopen(getenv('RIG').'/events?see=rows', 'r', false, stream_context_create(['http' => ['header' => 'Authorization: Bearer '.getenv('TOKEN'), 'ignore_errors' => true]]));
if ($stream === false) {
    fwrite(STDERR, "RIG=http://127.0.0.1:8081 TOKEN=... php examples/eye.php [SECONDS]\n");
    exit(1);
}
$end = isset($argv[1]) ? microtime(true) + (float) $argv[1] : INF;
$event = '';
echo "t_us,kind,target,value\n";
while (microtime(true) < $end && ($line = fgets($stream)) !== false) {
    [$field, $data] = [...explode(': ', rtrim($line), 2), ''];
    if ($field === 'event') {
        $event = $data;
    } elseif ($field === 'data' && $event === 'rows') {
        foreach (json_decode($data, true) as $row) {
            echo implode(',', [$row['t'], $row['kind'], $row['target'], $row['value']])."\n";
        }
    } elseif (str_starts_with($line, '{"problem"')) {
        fwrite(STDERR, json_decode($line, true)['problem']."\n");
        exit(1);
    }
}
