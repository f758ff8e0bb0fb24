<?php

declare(strict_types=1);

namespace App\Sets;

use Nailrod\Core\Plan\RoleColumn;
use Nailrod\Core\Program\Compiler;
use Nailrod\Core\Program\Program;
use Nailrod\Core\Program\Tables;
use Nailrod\Core\Set\BindingSet;

/**
 * Compiled programs and the sets they were made of, under one key each: the program as a PHP file, so that the opcode
 * cache holds it, the set beside it, and a small part of that for pages that show many sets.
 */
final class Programs
{
    /** Counts up when sets or programs are written in another form, so that what an older version kept is made anew. */
    private const FORM = 22;

    /** What the objects of a set look like in that form; where a test finds it changed, FORM has to be counted up. */
    public const LOOKS = 'fef7711238db5092ff238987aaf23048';

    /** The set, its program, and what the grid of roles shows of it. */
    private const KINDS = ['set', 'php', 'roles'];

    /** Length of the line that seals a file: its mark, its sum, its end. */
    private const SEAL = 36;

    /** @return string the key, a hash of the whole set with its devices and its simulator */
    public function keep(BindingSet $set): string
    {
        $written = serialize($set);
        $key = hash('xxh128', $written);
        if (! $this->has($key)) {
            $this->write($this->file($key, 'set'), self::sealed('', $written));
        }

        return $key;
    }

    /** @throws \UnexpectedValueException if the set that it is made of is not there or damaged */
    public function program(string $key): Program
    {
        $file = $this->file($key, 'php');
        $source = is_file($file) ? (string) file_get_contents($file) : '';
        if (! self::isWhole($source)) {
            // What is only looked at is never run: a set is compiled when it is first played. What is damaged is made anew.
            $this->write($file, self::sealed("<?php\n", substr(Compiler::compile($this->set($key))->toPhp(), 6)));
            if (function_exists('opcache_invalidate')) {
                opcache_invalidate($file, true);
            }
        }
        /** @var Tables $tables */
        $tables = require $file;

        return new Program($tables);
    }

    /** @throws \UnexpectedValueException if the set that it is of is not there or damaged */
    public function roles(string $key): RoleColumn
    {
        $roles = $this->kept($key, 'roles');
        if (! $roles instanceof RoleColumn) {
            $roles = RoleColumn::of($this->set($key));
            $this->write($this->file($key, 'roles'), self::sealed('', serialize($roles)));
        }

        return $roles;
    }

    /** @throws \UnexpectedValueException if it is not there or damaged */
    public function set(string $key): BindingSet
    {
        $set = $this->kept($key, 'set');
        if (! $set instanceof BindingSet) {
            @unlink($this->file($key, 'set'));

            throw new \UnexpectedValueException('What was compiled of the set is damaged, and is made anew.');
        }

        return $set;
    }

    /** What was kept; null if it is not there or damaged. */
    private function kept(string $key, string $kind): mixed
    {
        $file = $this->file($key, $kind);
        $written = is_file($file) ? (string) file_get_contents($file) : '';

        return self::isWhole($written) ? @unserialize(substr($written, strpos($written, "\n//") + self::SEAL)) : null;
    }

    public function has(string $key): bool
    {
        return is_file($this->file($key, 'set'));
    }

    /** What was compiled under a key goes. */
    public function drop(string $key): void
    {
        foreach (self::KINDS as $kind) {
            @unlink($this->file($key, $kind));
        }
    }

    /**
     * Removes what nobody uses and is old, what another version of the application wrote, and drafts that were never finished.
     *
     * @param array<string, true> $used   keys
     * @param int                 $old    what was last written before this time goes unless it is used, in seconds of the epoch
     * @param int                 $drafts drafts of before this time go
     *
     * @return array{int, int, int} files removed, files kept, bytes kept
     */
    public function tidy(array $used, int $old, int $drafts): array
    {
        $gone = $kept = $bytes = 0;
        foreach (glob(config('nailrod.programs').'/*') ?: [] as $file) {
            if (! is_file($file)) {
                continue;
            }
            $isOurs = preg_match('/^([0-9a-f]{32})-(\d+)\.('.implode('|', self::KINDS).')$/D', basename($file), $m) === 1;
            $isNeeded = $isOurs ? (int) $m[2] === self::FORM && (isset($used[$m[1]]) || filemtime($file) >= $old) : filemtime($file) >= $drafts;
            if ($isNeeded) {
                $kept++;
                $bytes += (int) filesize($file);
            } else {
                $gone += (int) @unlink($file);
            }
        }

        return [$gone, $kept, $bytes];
    }

    /** Content with a line before it by which it is seen whether all of it is there and as it was written. */
    private static function sealed(string $head, string $content): string
    {
        return $head."\n//".hash('xxh128', $content)."\n".$content;
    }

    private static function isWhole(string $written): bool
    {
        $at = strpos($written, "\n//");

        return $at !== false && $at < 10 && hash('xxh128', substr($written, $at + self::SEAL)) === substr($written, $at + 3, 32);
    }

    private function write(string $file, string $content): void
    {
        if (! is_dir(dirname($file))) {
            mkdir(dirname($file), 0o755, true);
        }
        $draft = $file.'.'.bin2hex(random_bytes(4));
        if (@file_put_contents($draft, $content) !== strlen($content)) {
            @unlink($draft);

            throw new \RuntimeException('Nothing more can be written to '.basename(dirname($file)).': the disk is full.');
        }
        rename($draft, $file);
    }

    private function file(string $key, string $kind): string
    {
        return config('nailrod.programs').'/'.$key.'-'.self::FORM.'.'.$kind;
    }
}
