<?php

declare(strict_types=1);

use App\Bench\VersionComparison;

/*
 * Measures two versions in turn and compares each line: php bin/against.php FOLDER ROUNDS PART[,PART ...] [OPTION ...]
 *
 * FOLDER has the other version, ready to run. A part is one of `bin/bench --part=…`. What seems slower is measured
 * again, twice
 * at most, before it is said to be. Ends with 1 if a line is slower here by more than a tenth,
 * with 2 if there was nothing to compare.
 */

require __DIR__.'/../vendor/autoload.php';

[, $there, $rounds, $parts] = $argv;
$options = array_slice($argv, 4);
$comparison = new VersionComparison;
$measure = function (string $part) use ($comparison, $there, $options): void {
    static $round = 0;
    // Who begins is changed each time: the machine may be warmer for the second.
    foreach (++$round % 2 === 0 ? [true, false] : [false, true] as $isHere) {
        $folder = $isHere ? dirname(__DIR__) : $there;
        $process = proc_open(
            ['bash', __DIR__.'/bench', '--part='.$part, '--of='.$folder, ...$options],
            [1 => ['pipe', 'w']],
            $pipes,
        );
        $printed = is_resource($process) ? (string) stream_get_contents($pipes[1]) : '';
        $code = is_resource($process) ? proc_close($process) : 1;
        fwrite(
            STDERR,
            sprintf(
                "== %s of %s%s\n",
                $part,
                $isHere ? 'this version' : 'the other',
                $code === 0 ? '' : ': it could not be measured',
            ),
        );
        $comparison->add($isHere, $printed);
    }
};
foreach (explode(',', $parts) as $part) {
    for ($round = 0; $round < (int) $rounds; $round++) {
        $measure($part);
    }
    // Each part by itself: what it printed is what is slower now.
    for ($again = 0, $before = $seen ?? []; $again < 2 && array_diff($comparison->slower(), $before) !== []; $again++) {
        $measure($part);
    }
    $seen = $comparison->slower();
}
if ($comparison->both() === []) {
    fwrite(STDERR, "Nothing could be compared: the lines above say why.\n");
    exit(2);
}
echo implode("\n", $comparison->table()), "\n";
$slower = $comparison->slower();
echo $slower === [] ? "Nothing is slower by more than a tenth.\n"
    : count($slower)
    ." of them slower by more than a tenth.\n";
exit($slower === [] ? 0 : 1);
