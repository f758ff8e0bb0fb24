<?php

declare(strict_types=1);

namespace Tests\Ways;

use Composer\Autoload\ClassLoader;

/**
 * Notes which files of the code had a method called. Classes are loaded with one statement more at the beginning of
 * each method; whether a constructor was called is not noted.
 */
final class Trace
{
    /** @var array<string, true> files that had a method called since begin(), by their path below the root */
    public static array $called = [];

    /** From now on what is loaded of core/ and app/ is noted; to be called before any of it is. */
    public static function load(ClassLoader $classes, string $root): void
    {
        spl_autoload_register(function (string $class) use ($classes, $root): void {
            $file = preg_match('/^(Nailrod\\\\Core|App)\\\\/', $class) === 1 ? $classes->findFile($class) : false;
            $path = $file === false ? '' : (string) realpath($file);
            if (str_starts_with($path, $root.'/')) {
                // @phpstan-ignore-next-line the code is ours, with a statement more in each method
                eval(self::noted(
                    substr((string) file_get_contents($path), strlen('<?php')),
                    $path,
                    substr($path, strlen($root) + 1),
                ));
            }
        }, prepend: true);
    }

    public static function begin(): void
    {
        self::$called = [];
    }

    /** The code with a statement more at the beginning of each method. */
    private static function noted(string $code, string $path, string $name): string
    {
        $noted = '';
        $function = $depth = null;
        $tokens = \PhpToken::tokenize('<?php'.$code);
        foreach (array_slice($tokens, 1, null, true) as $i => $token) {
            if ($token->is(T_FUNCTION)) {
                $next = $tokens[$i + 2] ?? $token;
                $function = $next->is([T_STRING]) || $next->is(
                    [T_LIST, T_READONLY, T_EMPTY, T_USE, T_MATCH, T_PRINT],
                ) ? $next->text : null;
                $depth = 0;
            } elseif ($function !== null && $token->text === '(') {
                $depth++;
            } elseif ($function !== null && $token->text === ')') {
                $depth--;
            } elseif ($function !== null && $depth === 0 && $token->text === ';') {
                $function = null;
            }
            $noted .= match (true) {
                $token->is(T_DIR) => var_export(dirname($path), true),
                $token->is(T_FILE) => var_export($path, true),
                default => $token->text,
            };
            if ($function !== null && $depth === 0 && $token->text === '{') {
                $noted .= $function === '__construct'
                    ? ''
                    : ' \\'
                    .self::class
                    .'::$called['
                    .var_export($name, true)
                    .'] = true; ';
                $function = null;
            }
        }

        return $noted;
    }
}
