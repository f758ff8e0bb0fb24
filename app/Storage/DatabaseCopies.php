<?php

declare(strict_types=1);

namespace App\Storage;

/** Copies of the database, made while it is whole, so that there is a way back when it is not. */
final readonly class DatabaseCopies
{
    public const KEPT = 10;

    /** @param string $file of the database */
    public function __construct(private string $file) {}

    /** What is wrong with the database; null if it is whole, or not there yet. */
    public function fault(): ?string
    {
        if (! is_file($this->file) || filesize($this->file) === 0) {
            return null;
        }

        return self::faultOf($this->file);
    }

    /** @return list<string> names of the copies, the newest first */
    public function all(): array
    {
        $copies = array_map(basename(...), glob($this->folder().'/*.sqlite') ?: []);
        rsort($copies);

        return $copies;
    }

    /** Makes a copy of a database that is whole; the oldest beyond KEPT go. */
    public function make(): string
    {
        is_dir($this->folder()) || mkdir($this->folder(), 0o700, true);
        $name = gmdate('Y-m-d-His').'.sqlite';
        for ($n = 2; is_file($this->folder().'/'.$name); $n++) {
            $name = gmdate('Y-m-d-His').'-'.$n.'.sqlite';
        }
        $draft = $this->folder().'/draft';
        @unlink($draft);
        self::open($this->file)->exec('VACUUM INTO '.self::quoted($draft));
        rename($draft, $this->folder().'/'.$name);
        foreach (array_slice($this->all(), self::KEPT) as $old) {
            unlink($this->folder().'/'.$old);
        }

        return $name;
    }

    /**
     * Puts a copy in the place of the database, which is kept beside it.
     *
     * @param string $name of a copy; empty for the newest that is whole
     *
     * @return string the name of the copy that was taken
     *
     * @throws \RuntimeException if there is no such copy, or it is not whole
     */
    public function restore(string $name): string
    {
        foreach ($name === '' ? $this->all() : [basename($name)] as $copy) {
            $file = $this->folder().'/'.$copy;
            if (! is_file($file) || self::faultOf($file) !== null) {
                continue;
            }
            if (is_file($this->file)) {
                rename($this->file, $this->file.'.damaged-'.gmdate('Y-m-d-His'));
            }
            foreach (['-wal', '-shm'] as $end) {
                @unlink($this->file.$end);
            }
            copy($file, $this->file);

            return $copy;
        }

        throw new \RuntimeException(
            $name === '' ? 'There is no copy that is whole.' : 'There is no copy of that name that is whole: '.$name,
        );
    }

    private static function faultOf(string $file): ?string
    {
        try {
            $look = self::open($file)->query('PRAGMA quick_check');
            $said = $look === false ? 'it cannot be looked at' : $look->fetchColumn();

            return $said === 'ok' ? null : (is_string($said) ? $said : 'it cannot be looked at');
        } catch (\PDOException $error) {
            return $error->getMessage();
        }
    }

    private static function open(string $file): \PDO
    {
        return new \PDO(
            'sqlite:'.$file,
            null,
            null,
            [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION, \PDO::ATTR_TIMEOUT => 5],
        );
    }

    private static function quoted(string $text): string
    {
        return "'".str_replace("'", "''", $text)."'";
    }

    private function folder(): string
    {
        return dirname($this->file).'/copies';
    }
}
