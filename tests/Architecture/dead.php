<?php

declare(strict_types=1);

/*
 * What nobody uses, over the syntax of the code: methods, constants and cases of core/ and app/ that no line of the
 * application
 * names, be it by a call, a callable, a string or a view; those too that only tests name. Run by `bin/test static`.
 *
 * It goes by names alone: what shares its name with something that is used is not found.
 */

use PhpParser\Node;
use PhpParser\Node\Expr\CallLike;
use PhpParser\Node\Expr\ClassConstFetch;
use PhpParser\Node\Expr\MethodCall;
use PhpParser\Node\Expr\NullsafeMethodCall;
use PhpParser\Node\Expr\StaticCall;
use PhpParser\Node\Identifier;
use PhpParser\Node\Scalar\String_;
use PhpParser\Node\Stmt\ClassConst;
use PhpParser\Node\Stmt\ClassLike;
use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\Node\Stmt\EnumCase;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

require __DIR__.'/../../vendor/autoload.php';
chdir(__DIR__.'/../..');

/** Called or read by the framework, or by PHP. */
const CALLED_FROM_OUTSIDE = [
    'rules', 'messages', 'attributes', 'authorize', 'prepareForValidation', 'handle', 'boot', 'register', 'casts',
    'report', 'render', 'toResponse', 'schedule', 'provides', 'jsonSerialize', 'getIterator', 'count', 'offsetGet',
    'offsetSet', 'offsetExists', 'offsetUnset', 'toHtml', 'validateResolved', 'filter', 'bootNeverChanges',
    'UPDATED_AT',
];
/** What is there for who extends it, and why. */
const MAY_REST = [
    'forgetAdded' => 'takes back what an extension, or a test, has added',
];

$parser = (new ParserFactory)->createForHostVersion();
$finder = new NodeFinder;

/** @return array<string, string> contents by path */
function read(string ...$folders): array
{
    $contents = [];
    foreach ($folders as $folder) {
        $all = is_dir($folder) ? iterator_to_array(
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)),
            false,
        ) : [new SplFileInfo($folder)];
        foreach ($all as $file) {
            if ($file instanceof SplFileInfo && $file->isFile() && $file->getExtension() === 'php') {
                $contents[$file->getPathname()] = (string) file_get_contents($file->getPathname());
            }
        }
    }

    return $contents;
}

/**
 * @param array<string, string> $contents by path
 *
 * @return array<string, true> names of methods and constants that some code uses
 */
function used(array $contents): array
{
    $parser = (new ParserFactory)->createForHostVersion();
    $finder = new NodeFinder;
    $names = [];
    foreach ($contents as $path => $content) {
        if (str_ends_with($path, '.blade.php')) {
            preg_match_all('/(?:->|::)\s*([A-Za-z_]\w*)|\'([A-Za-z_]\w*)\'/', $content, $found);
            $names += array_fill_keys(array_filter([...$found[1], ...$found[2]]), true);

            continue;
        }
        foreach (
            $finder->find(
                $parser->parse($content) ?? [],
                fn (Node $node): bool => $node instanceof CallLike
                    || $node instanceof ClassConstFetch
                    || $node instanceof String_,
            ) as $node
        ) {
            $name = match (true) {
                $node instanceof MethodCall, $node instanceof NullsafeMethodCall, $node instanceof StaticCall,
                $node instanceof ClassConstFetch => $node->name instanceof Identifier
                    ? (string) $node->name
                    : '',
                $node instanceof String_ => preg_match('/^[A-Za-z_]\w*$/D', $node->value) === 1 ? $node->value : '',
                default => '',
            };
            $names += $name === '' ? [] : [$name => true];
        }
    }

    return $names;
}

$inUse = used(read(
    'core',
    'app',
    'routes',
    'config',
    'bootstrap/app.php',
    'bootstrap/providers.php',
    'bootstrap/preload.php',
    'database',
    'bin',
    'resources/views',
    'server.php',
    'public/index.php',
));
$inTests = used(read('tests'));
$troubles = [];
foreach (read('core', 'app') as $path => $content) {
    foreach ($finder->findInstanceOf($parser->parse($content) ?? [], ClassLike::class) as $class) {
        foreach ($class->stmts as $statement) {
            $names = match (true) {
                $statement instanceof ClassMethod => [(string) $statement->name],
                $statement instanceof ClassConst => array_map(
                    fn ($const): string => (string) $const->name,
                    $statement->consts,
                ),
                // A case of an enum may be read by its value.
                $statement instanceof EnumCase
                    && ! ($class->scalarType ?? null) instanceof Node => [(string) $statement->name],
                default => [],
            };
            foreach ($names as $name) {
                if (
                    isset($inUse[$name])
                        || isset(MAY_REST[$name])
                        || str_starts_with($name, '__')
                        || in_array($name, CALLED_FROM_OUTSIDE, true)
                ) {
                    continue;
                }
                $troubles[] = sprintf(
                    '%s:%d: %s %s',
                    $path,
                    $statement->getStartLine(),
                    $name,
                    isset($inTests[$name]) ? 'is named by tests alone' : 'is named by nobody',
                );
            }
        }
    }
}
foreach ($troubles as $trouble) {
    echo $trouble, "\n";
}
echo count($troubles), " that nobody uses.\n";
exit($troubles === [] ? 0 : 1);
