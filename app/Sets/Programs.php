<?php

declare(strict_types=1);

namespace App\Sets;

use App\Storage\StoreRefuses;
use Nailrod\Core\Advice\Plan\RoleColumn;
use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\Program\Tables;
use Nailrod\Core\Format\PhpSource;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Excerpt;
use Nailrod\Core\Set\SetGlance;

/**
 * Compiled programs and the sets they were made of, under one key each: the program as a PHP file, so that the opcode
 * cache holds it, the set beside it, and a small part of that for pages that show many sets. The devices and the
 * simulator of a set, its larger half, are a PHP file of their own, by the first half of the key: all states of a set
 * that differ in nothing but what is bound share it, and so it is in the opcode cache when the next edit comes.
 */
final class Programs
{
    /**
     * A sum over the objects of the core and its compiler, which `nailrod:schema` works out: what is kept in another
     * form is made anew.
     */
    private const FORM = __DIR__.'/form.php';

    /** The set without its devices and its simulator, and its program. */
    private const KINDS = ['set', 'php'];

    /** What pages show on which many sets stand, by the class that says it. */
    private const EXCERPTS = [RoleColumn::class => 'roles', SetGlance::class => 'glance'];

    /** Devices and simulator. */
    private const BASE = 'base';

    /** Length of the part of a key that says which devices and which simulator. */
    private const HALF = 16;

    /** Length of the line that seals a file: its mark, its sum, its end. */
    private const SEAL = 36;

    /** @return string the key: a hash of its devices and its simulator, and one of the rest of the set */
    public function keep(BindingSet $set): string
    {
        $base = [array_values($set->rig->devices), $set->catalogue];
        $rest = serialize($set->on(new Rig([], $set->rig->made), null));
        $key = hash('xxh64', serialize($base)).hash('xxh64', $rest);
        if (! $this->isThere($this->file($key, self::BASE))) {
            $this->writeSource($this->file($key, self::BASE), $base);
        }
        if (! $this->has($key)) {
            $this->write($this->file($key, 'set'), self::sealed('', $rest));
        }

        return $key;
    }

    /** @throws \UnexpectedValueException if the set that it is made of is not there or damaged */
    public function program(string $key): Program
    {
        $file = $this->file($key, 'php');
        // What is only looked at is never run: a set is compiled when it is first played. What is damaged is made anew.
        if (! $this->isThere($file)) {
            $this->writeSource($file, Compiler::compile($this->set($key))->tables);
        }
        /** @var Tables $tables */
        $tables = require $file;

        return new Program($tables);
    }

    /**
     * @template T of Excerpt
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws \UnexpectedValueException if the set that it is of is not there or damaged
     */
    public function excerpt(string $key, string $class): Excerpt
    {
        $kind = self::kindOf($class);
        $excerpt = $this->kept($key, $kind);
        if (! $excerpt instanceof $class) {
            $excerpt = $class::of($this->set($key));
            $this->write($this->file($key, $kind), self::sealed('', serialize($excerpt)));
        }

        return $excerpt;
    }

    /** @param class-string<Excerpt> $class */
    private static function kindOf(string $class): string
    {
        return self::EXCERPTS[$class] ?? throw new \LogicException($class.' is not kept.');
    }

    /** @throws \UnexpectedValueException if it is not there or damaged */
    public function set(string $key): BindingSet
    {
        $rest = $this->kept($key, 'set');
        $base = $this->file($key, self::BASE);
        if (! $rest instanceof BindingSet || ! $this->isThere($base)) {
            @unlink($this->file($key, 'set'));

            throw new \UnexpectedValueException('What was compiled of the set is damaged, and is made anew.');
        }
        /** @var array{list<Device>, ?Catalogue} $read */
        $read = require $base;

        return $rest->on(new Rig($read[0], $rest->rig->made), $read[1]);
    }

    /** Is a file of source there, as it was written? */
    private function isThere(string $file): bool
    {
        return is_file($file) && self::isWhole((string) file_get_contents($file));
    }

    private function writeSource(string $file, mixed $value): void
    {
        $this->write($file, self::sealed("<?php\n", 'return '.PhpSource::of($value).";\n"));
        if (function_exists('opcache_invalidate')) {
            opcache_invalidate($file, true);
        }
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
        return is_file($this->file($key, 'set')) && is_file($this->file($key, self::BASE));
    }

    /** What was compiled under a key goes. */
    public function drop(string $key): void
    {
        foreach ([...self::KINDS, ...self::EXCERPTS] as $kind) {
            @unlink($this->file($key, $kind));
        }
    }

    /**
     * Removes what nobody uses and is old, what another version of the application wrote, and drafts that were never
     * finished.
     *
     * @param array<string, true> $used   keys
     * @param int                 $old    what was last written before this time goes
     *                                    unless it is used, in seconds of the epoch
     * @param int                 $drafts drafts of before this time go
     *
     * @return array{int, int, int} files removed, files kept, bytes kept
     */
    public function tidy(array $used, int $old, int $drafts): array
    {
        $gone = $kept = $bytes = 0;
        $used += array_fill_keys(
            array_map(fn (int|string $key): string => substr((string) $key, 0, self::HALF), array_keys($used)),
            true,
        );
        foreach (glob(config('nailrod.programs').'/*') ?: [] as $file) {
            if (! is_file($file)) {
                continue;
            }
            $isOurs = preg_match(
                '/^([0-9a-f]{16,32})-([0-9a-f]+)\.('.implode(
                    '|',
                    [...self::KINDS, ...self::EXCERPTS, self::BASE],
                ).')$/D',
                basename($file),
                $m,
            ) === 1;
            $isNeeded = $isOurs ? $m[2] === self::form() && (
                isset($used[$m[1]]) || filemtime($file) >= $old
            ) : filemtime($file) >= $drafts;
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

        return $at !== false && $at < 10 && hash(
            'xxh128',
            substr($written, $at + self::SEAL),
        ) === substr($written, $at + 3, 32);
    }

    private function write(string $file, string $content): void
    {
        if (! is_dir(dirname($file))) {
            mkdir(dirname($file), 0o755, true);
        }
        $draft = $file.'.'.bin2hex(random_bytes(4));
        if (@file_put_contents($draft, $content) !== strlen($content)) {
            @unlink($draft);

            throw StoreRefuses::full();
        }
        rename($draft, $file);
    }

    private function file(string $key, string $kind): string
    {
        return config('nailrod.programs').'/'.(
            $kind === self::BASE ? substr($key, 0, self::HALF) : $key
        ).'-'.self::form().'.'.$kind;
    }

    private static function form(): string
    {
        static $form = null;

        return $form ??= require self::FORM;
    }
}
