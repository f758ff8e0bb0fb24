<?php

declare(strict_types=1);

namespace App\Storage;

use Nailrod\Core\Format\Refusal;

/** The database cannot be written just now, or not even read. Nothing was changed. */
final class StoreRefuses extends \RuntimeException implements Refusal
{
    /** What SQLite (https://www.sqlite.org/rescode.html) and the system say, and what that is called here. */
    private const SAID = [
        'database is locked' =>
            'Another window or program is writing just now, and went on for too long. Nothing was changed. Try again',
        'database table is locked' =>
            'Another window or program is writing just now, and went on for too long. Nothing was changed. Try again',
        'database or disk is full' => 'The disk is full. Nothing was changed. Make room on it, then try again',
        'No space left on device' => 'The disk is full. Nothing was changed. Make room on it, then try again',
        'disk I/O error' =>
            'The disk could not be read or written, perhaps because it is full. Nothing was changed. Look after it, '
                .'then try again',
        'file created in the system\'s temporary directory' =>
            'The disk is full, or the folder storage cannot be written to. Nothing was changed. Make room, or give '
                .'Nailrod the right to write there, then try again',
        'Read-only file system' => 'The disk can only be read. Nothing was changed. Look after it, then try again',
        'attempt to write a readonly database' =>
            'The folder of the database cannot be written to. Nothing was changed. Give Nailrod the right to write '
                .'there, then try again',
        'unable to open database file' =>
            'The file of the database cannot be opened. Nothing was changed. Look whether its folder is there and '
                .'can be written to, then try again',
    ];

    /** What a failure says about the database; null if it says something else. */
    public static function of(\Throwable $failure): ?self
    {
        if ($failure instanceof self) {
            return $failure;
        }
        foreach (self::SAID as $said => $words) {
            if (str_contains($failure->getMessage(), $said)) {
                return new self($words, 0, $failure);
            }
        }

        return null;
    }

    /** A file beside the database could not be written whole. */
    public static function full(): self
    {
        return new self(self::SAID['No space left on device']);
    }

    public function isLocked(): bool
    {
        return str_contains((string) $this->getPrevious()?->getMessage(), 'locked');
    }

    /**
     * Does something; what the database refuses is thrown as this.
     *
     * @template T
     *
     * @param callable(): T $do
     *
     * @return T
     *
     * @throws self
     */
    public static function whenDoing(callable $do): mixed
    {
        try {
            return $do();
        } catch (\PDOException $failure) {
            throw self::of($failure) ?? $failure;
        }
    }
}
