<?php

declare(strict_types=1);

namespace App\Sets;

use Nailrod\Core\Program\Compiler;
use Nailrod\Core\Program\Program;
use Nailrod\Core\Set\BindingSet;

/**
 * Compiled programs and the sets they were made of, under one key each: the program as a PHP file, so that the opcode
 * cache holds it, the set beside it.
 *
 * @phpstan-import-type Tables from Program
 */
final class Programs
{
    /** Counts up when sets or programs are written in another form, so that what an older version kept is made anew. */
    private const FORM = 12;

    /** @return string the key, a hash of the whole set with its devices and its simulator */
    public function keep(BindingSet $set): string
    {
        $written = serialize($set);
        $key = hash('xxh128', $written);
        if (! $this->has($key)) {
            $this->write($this->file($key, 'set'), $written);
        }

        return $key;
    }

    public function program(string $key): Program
    {
        $file = $this->file($key, 'php');
        if (! is_file($file)) {
            // What is only looked at is never run: a set is compiled when it is first played.
            $this->write($file, Compiler::compile($this->set($key))->toPhp());
        }
        /** @var Tables $tables */
        $tables = require $file;

        return new Program($tables);
    }

    public function set(string $key): BindingSet
    {
        $set = unserialize((string) file_get_contents($this->file($key, 'set')));
        assert($set instanceof BindingSet);

        return $set;
    }

    public function has(string $key): bool
    {
        return is_file($this->file($key, 'set'));
    }

    private function write(string $file, string $content): void
    {
        if (! is_dir(dirname($file))) {
            mkdir(dirname($file), 0o755, true);
        }
        $draft = $file.'.'.bin2hex(random_bytes(4));
        file_put_contents($draft, $content);
        rename($draft, $file);
    }

    private function file(string $key, string $kind): string
    {
        return config('nailrod.programs').'/'.$key.'-'.self::FORM.'.'.$kind;
    }
}
