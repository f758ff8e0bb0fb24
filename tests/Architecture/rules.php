<?php

declare(strict_types=1);

/*
 * Rules of the structure that PHPStan does not know, over the syntax of the code. Run by `bin/test static`.
 *   1. Outside core/Mapping/Output and core/Mapping/Behaviour nobody asks for a class of an output or a behaviour, but
 * for an ability.
 *   2. A public method of the core that throws says so.
 *   3. What the compiler makes and what a run remembers are objects: no array with named keys in core/Engine/Program,
 * core/Engine/Run, core/Engine/State.
 *   4. A public method of the core that takes a time says its unit, or its class does.
 *   5. What is refused is a Refusal, so that a page says it and no log fills up with it.
 *   6. A file of the code that a script or a document names by its path is there.
 */

use PhpParser\Node\Expr\ArrayDimFetch;
use PhpParser\Node\Expr\Instanceof_;
use PhpParser\Node\Expr\New_;
use PhpParser\Node\Expr\Throw_;
use PhpParser\Node\Expr\Variable;
use PhpParser\Node\Identifier;
use PhpParser\Node\Name;
use PhpParser\Node\Scalar\String_;
use PhpParser\Node\Stmt\Class_;
use PhpParser\Node\Stmt\ClassLike;
use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;

require __DIR__.'/../../vendor/autoload.php';
chdir(__DIR__.'/../..');

/** Who may ask for a class after all, and why. */
const MAY_ASK = [
    'app/Bench/PlainContacts.php' =>
        'it is the plain loop that the engine is measured against: it knows the outputs of its own set and no others',
];
/** Keys of parts in the open format, of which a program keeps some as they are. */
const OPEN_FORMAT = ['kind' => true, 'steady' => true];
/** What times are called. */
const TIMES = ['t', 'now', 'delay', 'settle', 'pause', 'gap'];

$parser = (new ParserFactory)->createForHostVersion();
$finder = new NodeFinder;
$files = [];
foreach (['core', 'app'] as $folder) {
    /** @var SplFileInfo $file */
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file
    ) {
        if ($file->getExtension() === 'php') {
            $traverser = new NodeTraverser(new NameResolver);
            $files[$file->getPathname()] = $traverser->traverse(
                $parser->parse((string) file_get_contents($file->getPathname())) ?? [],
            );
        }
    }
}
ksort($files);

$kinds = [];
foreach ($files as $name => $tree) {
    if (preg_match('#^core/Mapping/(Output|Behaviour)/#', $name) === 1) {
        foreach ($finder->findInstanceOf($tree, Class_::class) as $class) {
            $kinds[(string) $class->namespacedName] = true;
        }
    }
}

$broken = [];
$asked = 0;
foreach ($files as $name => $tree) {
    if (preg_match('#^core/Mapping/(Output|Behaviour)/#', $name) === 0) {
        foreach ($finder->findInstanceOf($tree, Instanceof_::class) as $ask) {
            if ($ask->class instanceof Name && isset($kinds[$ask->class->toString()]) && is_subclass_of(
                $ask->class->toString(),
                Nailrod\Core\Format\Kind::class,
            )) {
                isset(MAY_ASK[$name]) ? $asked++
                    : $broken[] = $name
                    .':'
                    .$ask->getStartLine()
                    .' asks for '
                    .$ask->class->getLast()
                    .'; it wants to know an ability, which is an interface of its own.';
            }
        }
    }
    if (preg_match('#^core/Engine/(Program|Run|State)/#', $name) === 1) {
        foreach (
            preg_grep(
                '/array\{\s*[\'"]?\w+[\'"]?\??:/',
                explode("\n", (string) file_get_contents($name)),
            ) ?: [] as $line => $text
        ) {
            $broken[] = $name.':'.($line + 1).' has an array with named keys; make it a class.';
        }
        foreach ($finder->findInstanceOf($tree, ArrayDimFetch::class) as $fetch) {
            if ($fetch->dim instanceof String_ && ! isset(OPEN_FORMAT[$fetch->dim->value])) {
                $broken[] = $name.':'.$fetch->getStartLine()
                    ." asks for ['"
                    .$fetch->dim->value
                    ."'] of a row; make the row a class.";
            }
        }
    }
    foreach ($finder->findInstanceOf($tree, Class_::class) as $class) {
        if (str_ends_with((string) $class->extends, 'Exception') && ! is_subclass_of(
            (string) $class->namespacedName,
            Nailrod\Core\Format\Refusal::class,
        )) {
            $broken[] = $name.' is an exception of ours and no Refusal.';
        }
    }
    foreach ($finder->findInstanceOf($tree, ClassMethod::class) as $method) {
        $throws = array_filter(
            $finder->findInstanceOf($method->stmts ?? [], Throw_::class),
            fn (Throw_ $throw) => ! (
                $throw->expr instanceof New_
                    && $throw->expr->class instanceof Name
                    && $throw->expr->class->toString() === LogicException::class
            ),
        );
        if (str_starts_with($name, 'core/') && $method->isPublic() && $throws !== [] && ! str_contains(
            (string) $method->getDocComment(),
            '@throws',
        )) {
            $broken[] = $name.':'.$method->getStartLine().' '.$method->name.' throws and does not say so (@throws).';
        }
        $said = $method->getDocComment().implode(
            '',
            array_map(
                fn (ClassLike $class): string => (string) $class->getDocComment(),
                $finder->findInstanceOf($tree, ClassLike::class),
            ),
        );
        foreach (str_starts_with($name, 'core/') && $method->isPublic() ? $method->params : [] as $param) {
            $isTime = $param->var instanceof Variable
                && in_array($param->var->name, TIMES, true)
                && $param->type instanceof Identifier
                && $param->type->name === 'int';
            if ($isTime && preg_match('/(µs|\bms)\b/u', $said) !== 1) {
                $broken[] = $name.':'.$method->getStartLine()
                    .' '
                    .$method->name
                    .' takes a time and does not say its unit.';
            }
        }
    }
}
$naming = [
    'server.php', 'CONTRIBUTING.md', 'README.md',
    ...glob('bin/*') ?: [],
    ...glob('docs/*.md') ?: [],
    ...glob('core/*/README.md') ?: [],
];
foreach ($naming as $file) {
    preg_match_all('#\b(?:app|core|tests)/[\w/]+\.php\b#', (string) file_get_contents($file), $found);
    foreach (array_unique($found[0]) as $named) {
        is_file($named) || $broken[] = $file.' names '.$named.', which is not there.';
    }
}
foreach ($broken as $line) {
    fwrite(STDERR, $line."\n");
}
printf("%d files; %d questions for a class that are excused.\n", count($files), $asked);
exit($broken === [] ? 0 : 1);
