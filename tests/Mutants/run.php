<?php

declare(strict_types=1);

/*
 * Changes the core in many places, one at a time, and runs its tests on each: what survives is a place that no test
 * looks at.
 * Run by `bin/test mutants`; not a part of the default run.
 *
 *   php tests/Mutants/run.php [--places=200] [--seed=N] [--processes=2] [--least=85] [--only=core/Engine/Run/Presses]
 *
 * Of what begins with --only, if it is said; else of the folders that are named below.
 *
 * A change is a comparison turned, a statement left out, a number moved by one, or a condition negated.
 * tests/Mutants/same.txt
 * names changes that are no change, each with its reason: FILE METHOD: CHANGE :: REASON, so that a number of one method
 * does not
 * speak for the same number in another.
 */

use PhpParser\Node;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar\Float_;
use PhpParser\Node\Scalar\Int_;
use PhpParser\Node\Stmt;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

require __DIR__.'/../../vendor/autoload.php';
$root = dirname(__DIR__, 2);
chdir($root);

$options = getopt('', ['places::', 'seed::', 'processes::', 'least::', 'only::']);
$places = (int) ($options['places'] ?? 200);
$seed = (int) ($options['seed'] ?? random_int(1, 1_000_000));
$processes = max(1, (int) ($options['processes'] ?? 2));
$least = (float) ($options['least'] ?? 85);

/** An assert() tells PHPStan what it cannot see; it does nothing. */
function isAssertion(Node\Expr $expr): bool
{
    return $expr instanceof Node\Expr\FuncCall
        && $expr->name instanceof Node\Name
        && $expr->name->toString() === 'assert';
}

/**
 * @return list<array{file: string, line: int, from: int, to: int, with: string, what: string}> all changes that can be
 *    made in a file
 */
function changesOf(string $file): array
{
    $source = (string) file_get_contents($file);
    $tree = (new ParserFactory)->createForHostVersion()->parse($source) ?? [];
    $changes = [];
    $text = fn (Node $node): string => substr(
        $source,
        $node->getStartFilePos(),
        $node->getEndFilePos() - $node->getStartFilePos() + 1,
    );
    $add = function (Node $node, string $with, string $what) use (&$changes, $file): void {
        $changes[] = [
            'file' => $file, 'line' => $node->getStartLine(), 'from' => $node->getStartFilePos(),
            'to' => $node->getEndFilePos() + 1, 'with' => $with, 'what' => $what,
        ];
    };
    $turned = ['<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '==='];
    foreach ((new NodeFinder)->findInstanceOf($tree, Stmt\ClassMethod::class) as $method) {
        // What something says of itself in words is not what the engine does.
        if (
            preg_match(
                '/^(about|title|inWords|fields|schema|called|help|label|presetLabel|asItComes|markWords|markName)$/',
                (string) $method->name,
            ) === 1
        ) {
            continue;
        }
        $in = $method->name.': ';
        (new NodeFinder)->find($method->stmts ?? [], function (Node $node) use ($add, $text, $turned, $in): bool {
            if ($node instanceof BinaryOp && isset($turned[$node->getOperatorSigil()])) {
                $add(
                    $node,
                    $text($node->left).' '.$turned[$node->getOperatorSigil()].' '.$text($node->right),
                    $in.$text($node).'  =>  '.$turned[$node->getOperatorSigil()],
                );
            } elseif ($node instanceof BinaryOp\BooleanAnd || $node instanceof BinaryOp\BooleanOr) {
                $add($node, '! ('.$text($node).')', $in.'not '.$text($node));
            } elseif ($node instanceof Int_ || $node instanceof Float_) {
                $add($node, '('.$text($node).' + 1)', $in.$text($node).'  =>  + 1');
            } elseif (
                $node instanceof Stmt\Expression
                    && ! isAssertion($node->expr)
                    && ! $node->expr instanceof Node\Expr\Throw_
                    && ! ($node->expr instanceof Node\Expr\Assign && $node->expr->var instanceof Node\Expr\Variable)
            ) {
                $add($node, ';', $in.'without '.$text($node));
            } elseif ($node instanceof Stmt\If_) {
                $add($node->cond, '! ('.$text($node->cond).')', $in.'if not '.$text($node->cond));
            }

            return false;
        });
    }

    return $changes;
}

$all = [];
$only = (string) ($options['only'] ?? '');
foreach (
    $only === '' ? [
        'core/Engine/Run', 'core/Mapping/Behaviour', 'core/Mapping/Axis', 'core/Set', 'core/Mapping/Condition',
    ] : ['core'] as $folder
) {
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file
    ) {
        if (
            str_starts_with($file->getPathname(), $only) && $file->getExtension() === 'php' && preg_match(
                '#/(SetSchema|SetReference|Words|RefusalWords)\.php$#',
                $file->getPathname(),
            ) === 0
        ) {
            array_push($all, ...changesOf($file->getPathname()));
        }
    }
}
usort(
    $all,
    fn (array $a, array $b) => [
        $a['file'], $a['from'], $a['to'], $a['with'],
    ] <=> [$b['file'], $b['from'], $b['to'], $b['with']],
);
$same = [];
foreach (file(__DIR__.'/same.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
    if (! str_starts_with($line, '#')) {
        is_file(explode(' ', $line)[0]) || exit("same.txt names a file that is not there: $line\n");
        $same[explode(' :: ', $line)[0]] = true;
    }
}
$all = array_values(array_filter(
    $all,
    fn (array $change) => ! isset($same[$change['file'].' '.preg_replace('/\s+/', ' ', $change['what'])]),
));
$dice = new Random\Randomizer(new Random\Engine\Mt19937($seed));
$drawn = array_slice($dice->shuffleArray($all), 0, $places);
printf("%d places of %d, seed %d\n", count($drawn), count($all), $seed);

$homes = [];
for ($i = 0; $i < $processes; $i++) {
    $home = sys_get_temp_dir().'/nailrod-mutant-'.getmypid().'-'.$i;
    mkdir($home);
    // Links rather than copies: only the changed file is written anew.
    passthru(
        'cp -al core tests app vendor layouts demo schema docs bootstrap config composer.json phpunit.xml '
            .escapeshellarg($home)
            .' && cd '
            .escapeshellarg($home)
            .' && rm -rf .phpunit.cache',
        $code,
    );
    $code === 0 || exit(1);
    $homes[$i] = $home;
}
register_shutdown_function(function () use ($homes): void {
    foreach ($homes as $home) {
        exec('rm -rf '.escapeshellarg($home));
    }
});

/** The tests that are nearest, which are run first: most changes are found by them, and then no more are run. */
$near = fn (string $file): array => match (true) {
    str_starts_with($file, 'core/Mapping/Axis') => ['Mapping/Axis', 'Kinds', 'Advice'],
    str_starts_with($file, 'core/Set') => ['Set', 'Kinds', 'Format'],
    default => ['Engine/Run', 'Kinds'],
};
$folders = array_diff(array_map(basename(...), glob('tests/Core/*', GLOB_ONLYDIR) ?: []), ['Laws']);
$paths = fn (array $names): string => implode(' ', array_map(
    // A folder that is not there would fail each time, and each change would seem to be found.
    fn (string $name) => is_dir('tests/Core/'.$name) ? 'tests/Core/'.$name : exit("There is no tests/Core/$name.\n"),
    $names,
));
array_map(fn (string $file) => $paths($near($file)), ['core/Mapping/Axis', 'core/Set', 'core']);
$phpunit = fn (string $what): string =>
    'timeout 120 php -d memory_limit=512M vendor/bin/phpunit --stop-on-defect --do-not-cache-result --exclude-group '
        .'laws '
    .$what
    .' >/dev/null 2>&1';
passthru(
    'cd '.escapeshellarg($homes[0]).' && '.str_replace('timeout 120', 'timeout 900', $phpunit($paths($folders))),
    $code,
);
$code === 0 || exit("The tests of the core fail without any change: mend them first.\n");
$survived = [];
$running = [];
$done = 0;
$next = 0;
while ($next < count($drawn) || $running !== []) {
    foreach ($homes as $i => $home) {
        if (! isset($running[$i]) && $next < count($drawn)) {
            $change = $drawn[$next++];
            $source = (string) file_get_contents($root.'/'.$change['file']);
            unlink($home.'/'.$change['file']);
            file_put_contents(
                $home.'/'.$change['file'],
                substr_replace($source, $change['with'], $change['from'], $change['to'] - $change['from']),
            );
            $tests = $phpunit($paths($near($change['file']))).' && '.$phpunit(
                $paths(array_diff($folders, $near($change['file']))),
            );
            $running[$i] = [
                proc_open(
                    [
                        'bash', '-c',
                        'cd '.escapeshellarg($home)
                            .' && php -l '
                            .escapeshellarg($change['file'])
                            .' >/dev/null 2>&1 && '
                            .$tests,
                    ],
                    [],
                    $pipes,
                ),
                $change,
            ];
        }
    }
    foreach ($running as $i => [$process, $change]) {
        $status = proc_get_status($process);
        if ($status['running']) {
            continue;
        }
        $done++;
        if ($status['exitcode'] === 0) {
            $survived[] = $change;
            printf(
                "survived: %s:%d  %s\n",
                $change['file'],
                $change['line'],
                preg_replace('/\s+/', ' ', $change['what']),
            );
        }
        proc_close($process);
        unlink($homes[$i].'/'.$change['file']);
        link($root.'/'.$change['file'], $homes[$i].'/'.$change['file']);
        unset($running[$i]);
        $done % 20 === 0 && printf("%d of %d, %d survived\n", $done, count($drawn), count($survived));
    }
    usleep(20_000);
}
$killed = 100.0 * (count($drawn) - count($survived)) / max(1, count($drawn));
printf("%.1f %% of %d were killed (wanted: %.0f %%). Seed %d.\n", $killed, count($drawn), $least, $seed);
exit($killed >= $least ? 0 : 1);
