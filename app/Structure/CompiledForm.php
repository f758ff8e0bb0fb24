<?php

declare(strict_types=1);

namespace App\Structure;

/**
 * A sum over what compiled sets and programs depend on: the properties of all objects of the core, and the code of the
 * compiler. What was compiled by code with another sum is not read but made anew.
 */
final class CompiledForm
{
    /** The folder whose code, not only its objects, decides what is compiled. */
    private const COMPILER = 'core/Engine/Program';

    /** @return string 12 hexadecimal digits */
    public static function of(string $root): string
    {
        $looks = [];
        foreach (self::filesIn($root.'/core') as $file) {
            $path = substr($file, strlen($root) + 1);
            if (str_starts_with($path, self::COMPILER.'/')) {
                $looks[] = $path.' '.self::code($file);
            }
            $class = 'Nailrod\\Core\\'.strtr(substr($path, strlen('core/'), -strlen('.php')), '/', '\\');
            // What is no class would be run by looking for one.
            if (
                ctype_upper(basename($path)[0]) && class_exists($class) && (
                    $properties = self::properties(new \ReflectionClass($class))
                ) !== []
            ) {
                $looks[] = $class.' '.implode(' ', $properties);
            }
        }
        sort($looks);

        return substr(hash('xxh128', implode("\n", $looks)), 0, 12);
    }

    /** @return list<string> paths of the PHP files below a folder */
    private static function filesIn(string $folder): array
    {
        $files = [];
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }

    /**
     * @param \ReflectionClass<object> $class
     *
     * @return list<string> type and name of each property that an object keeps
     */
    private static function properties(\ReflectionClass $class): array
    {
        $kept = array_filter(
            $class->getProperties(),
            fn (\ReflectionProperty $property): bool => ! $property->isStatic(),
        );

        return array_values(array_map(
            fn (\ReflectionProperty $property): string => $property->getType().' '.$property->getName(),
            $kept,
        ));
    }

    /** Code without its comments, its spaces and commas at the end of lists: how it is laid out changes nothing. */
    private static function code(string $file): string
    {
        $code = [];
        foreach (\PhpToken::tokenize((string) file_get_contents($file)) as $token) {
            if ($token->is([T_COMMENT, T_DOC_COMMENT, T_WHITESPACE])) {
                continue;
            }
            if (in_array($token->text, [')', ']'], true) && end($code) === ',') {
                array_pop($code);
            }
            $code[] = trim($token->text);
        }

        return implode(' ', $code);
    }
}
