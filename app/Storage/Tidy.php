<?php

declare(strict_types=1);

namespace App\Storage;

use App\Models\RecordingRecord;
use App\Models\SetRecord;
use App\Recordings\Recordings;
use App\Sets\Programs;

/**
 * Everything in the storage that would grow for ever has a bound: what is made anew when it is needed goes after a day,
 * what was removed by its owner after a month, logs are cut. Sets, revisions, devices, catalogues and kept recordings
 * are never touched.
 */
final readonly class Tidy
{
    private const DAY = 86_400;
    private const REMOVED_DAYS = 30;
    private const HOUR = 3600;

    /** A log is begun anew past this many bytes; so many old ones are kept. */
    public const LOG_BYTES = 1_000_000;
    public const LOGS_KEPT = 3;

    public function __construct(private Programs $programs, private Recordings $recordings) {}

    /** @return list<string> what was done and what is kept, one sentence each */
    public function all(): array
    {
        return [...$this->compiled(), ...$this->recordings(), ...$this->files(), ...$this->logs()];
    }

    /** @return list<string> */
    private function compiled(): array
    {
        $used = array_fill_keys(SetRecord::query()->whereNotNull('program')->pluck('program')->all(), true);
        [$gone, $kept, $bytes] = $this->programs->tidy($used, time() - self::DAY, time() - self::HOUR);

        return [
            sprintf(
                'Compiled sets: %d files removed, %d kept (%s), since a set uses them or they are of the last day.',
                $gone,
                $kept,
                self::size($bytes),
            ),
        ];
    }

    /** @return list<string> */
    private function recordings(): array
    {
        $gone = 0;
        foreach (RecordingRecord::query()->get() as $recording) {
            $age = time() - (int) $recording->updated_at->getTimestamp();
            if (
                (
                    $recording->removed && $age > self::REMOVED_DAYS * self::DAY
                ) || (! $recording->kept && $age > self::DAY)
            ) {
                @unlink($this->recordings->file($recording->id));
                $recording->delete();
                $gone++;
            }
        }
        $known = array_fill_keys(RecordingRecord::query()->pluck('id')->all(), true);
        foreach (glob(dirname($this->recordings->file('x')).'/*.csv') ?: [] as $file) {
            if (! isset($known[basename($file, '.csv')]) && self::isOlder($file, time() - self::DAY)) {
                @unlink($file);
                $gone++;
            }
        }

        return [
            sprintf(
                'Recordings: %d removed (removed by you for %d days, or never kept), %d kept.',
                $gone,
                self::REMOVED_DAYS,
                RecordingRecord::query()->count(),
            ),
        ];
    }

    /** @return list<string> */
    private function files(): array
    {
        $gone = 0;
        $imports = (string) config('cache.stores.file.path');
        foreach (self::below($imports) as $file) {
            // The first ten digits of a kept value say when it is over.
            $until = (int) file_get_contents($file, false, null, 0, 10);
            $gone += (int) ($until < time() && @unlink($file));
        }
        $sessions = (string) config('session.files');
        foreach ($sessions === '' ? [] : self::below($sessions) as $file) {
            $gone += (int) (self::isOlder($file, time() - 60 * (int) config('session.lifetime')) && @unlink($file));
        }

        return [
            sprintf(
                'Files that waited to be looked at, and sessions of browsers: %d that are over were removed.',
                $gone,
            ),
        ];
    }

    /** @return list<string> */
    private function logs(): array
    {
        $turned = 0;
        foreach (glob(storage_path('logs').'/*.log') ?: [] as $log) {
            if (filesize($log) > self::LOG_BYTES) {
                for ($n = self::LOGS_KEPT - 1; $n >= 1; $n--) {
                    is_file($log.'.'.$n) && rename($log.'.'.$n, $log.'.'.($n + 1));
                }
                // Copied and emptied rather than renamed: the server that writes it has it open.
                copy($log, $log.'.1');
                file_put_contents($log, '');
                $turned++;
            }
        }

        return [
            sprintf(
                'Logs: %d were past %s and were begun anew; %d old ones of each are kept.',
                $turned,
                self::size(self::LOG_BYTES),
                self::LOGS_KEPT,
            ),
        ];
    }

    /** @return \Generator<string> */
    private static function below(string $folder): \Generator
    {
        if (! is_dir($folder)) {
            return;
        }
        /** @var \SplFileInfo $file */
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            if ($file->isFile() && ! str_starts_with($file->getFilename(), '.')) {
                yield $file->getPathname();
            }
        }
    }

    private static function isOlder(string $file, int $than): bool
    {
        return (int) @filemtime($file) < $than;
    }

    private static function size(int $bytes): string
    {
        return $bytes < 1_000_000 ? round($bytes / 1000).' KB' : round($bytes / 1_000_000, 1).' MB';
    }
}
