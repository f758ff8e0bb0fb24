<?php

declare(strict_types=1);

namespace App\Sets;

use Nailrod\Core\Program\Compiler;
use Nailrod\Core\Program\Program;
use Nailrod\Core\Set\BindingSet;

/**
 * Compiled programs, kept as PHP files by their hash so that the opcode cache holds them.
 *
 * @phpstan-import-type Tables from Program
 */
final class Programs
{
    public function compile(BindingSet $set): string
    {
        $program = Compiler::compile($set);
        $hash = $program->hash();
        $file = $this->file($hash);
        if (! is_file($file)) {
            if (! is_dir(dirname($file))) {
                mkdir(dirname($file), 0o755, true);
            }
            $draft = $file.'.'.bin2hex(random_bytes(4));
            file_put_contents($draft, $program->toPhp());
            rename($draft, $file);
        }

        return $hash;
    }

    public function load(string $hash): Program
    {
        /** @var Tables $tables */
        $tables = require $this->file($hash);

        return new Program($tables);
    }

    public function has(string $hash): bool
    {
        return is_file($this->file($hash));
    }

    private function file(string $hash): string
    {
        return config('nailrod.programs').'/'.$hash.'.php';
    }
}
