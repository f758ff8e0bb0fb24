<?php

declare(strict_types=1);

namespace App\Recordings;

/**
 * The rows of a recording in its file. How much of the file holds is said by the database, in the same transaction as
 * what was taken: rows that were written in a transaction that never ended are cut off before the next ones come.
 */
final readonly class RecordingFile
{
    public function __construct(private string $path) {}

    /**
     * @param int<0, max> $from bytes of the file that hold; what lies beyond is cut off
     *
     * @return ?int<0, max> bytes that hold then; null if the rows could not be written whole, and the file is as it was
     */
    public function append(int $from, string $rows): ?int
    {
        $handle = @fopen($this->path, 'c');
        if ($handle === false || ! ftruncate($handle, $from)) {
            return null;
        }
        fseek($handle, $from);
        $written = @fwrite($handle, $rows);
        $isWhole = $written === strlen($rows) && @fflush($handle);
        if (! $isWhole) {
            ftruncate($handle, $from);
        }
        fclose($handle);
        if (! $isWhole && $from === 0) {
            // Nothing of it holds: no file without a record stays.
            @unlink($this->path);
        }

        return $isWhole ? $from + strlen($rows) : null;
    }

    /**
     * Cuts off what was written beyond the part that holds.
     *
     * @param int<0, max> $bytes
     */
    public function cut(int $bytes): void
    {
        $handle = is_file($this->path) && filesize($this->path) > $bytes ? fopen($this->path, 'r+') : false;
        if ($handle !== false) {
            ftruncate($handle, $bytes);
            fclose($handle);
        }
    }

    /** The line of the file in which a byte lies, from 1 on. */
    public function lineAt(int $byte): int
    {
        $handle = fopen($this->path, 'r');
        $line = 1;
        for ($left = $byte; $handle !== false && $left > 0 && ! feof($handle); $left -= 65_536) {
            $line += substr_count((string) fread($handle, min(65_536, $left)), "\n");
        }
        if ($handle !== false) {
            fclose($handle);
        }

        return $line;
    }
}
