<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Format\FormatError;

/** A CSV file (RFC 4180, with a header) as rows by column; a semicolon or a tab may stand for the comma. */
final readonly class Table
{
    public const MAX_BYTES = 1_000_000;
    public const MAX_ROWS = 2000;

    /**
     * @param list<string>                      $columns
     * @param array<int, array<string, string>> $rows    by line of the file
     * @param array<int, FormatError>           $bad     what is wrong with lines that are no rows, by line
     */
    private function __construct(public array $columns, public array $rows, private array $bad) {}

    /**
     * Every row by itself; what is wrong is told of all lines at once.
     *
     * @template T
     *
     * @param callable(array<string, string>, int): T $read given the row and its line
     *
     * @return array<int, T> by line
     *
     * @throws FormatError with all lines that could not be read
     */
    public function each(callable $read): array
    {
        $all = [];
        $bad = $this->bad;
        foreach ($this->rows as $line => $row) {
            try {
                $all[$line] = $read($row, $line);
            } catch (FormatError $error) {
                $bad[$line] = $error;
            }
        }
        ksort($bad);

        return $bad === [] ? $all : throw FormatError::several(array_values($bad));
    }

    /**
     * @param list<string> $known columns that may be there
     * @param list<string> $must  columns that must be
     *
     * @throws FormatError with the line of what is wrong
     */
    public static function read(string $text, array $known, array $must): self
    {
        $text = self::checked($text);
        $stream = fopen('php://memory', 'r+');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $comma = self::separator($text);
        $columns = $rows = $bad = [];
        [$line, $read] = [1, 0];
        while (($cells = fgetcsv($stream, null, $comma, '"', '')) !== false) {
            $cells = array_map(fn (?string $cell) => trim((string) $cell), $cells);
            $at = $line;
            $now = (int) ftell($stream);
            $line += substr_count($text, "\n", $read, $now - $read);
            $read = $now;
            if ($cells === ['']) {
                continue;
            }
            if ($columns === []) {
                $columns = array_map(mb_strtolower(...), $cells);
                self::checkHeader($columns, $known, $must);

                continue;
            }
            if (count($rows) + count($bad) === self::MAX_ROWS) {
                throw FormatError::told('line '.$at, 'more than '.self::MAX_ROWS.' rows', 'at most that many');
            }
            if (count($cells) === count($columns)) {
                $rows[$at] = array_combine($columns, $cells);
            } else {
                $bad[$at] = FormatError::told(
                    'line '.$at,
                    count($cells) === 1 ? '1 column' : count($cells).' columns',
                    count($columns).', as in the first line: '.implode(', ', $columns),
                );
            }
        }
        fclose($stream);

        return $columns === [] ? throw FormatError::told(
            'line 1',
            'nothing',
            'the names of the columns: '.implode(', ', $known),
        ) : new self($columns, $rows, $bad);
    }

    /** @return string without the mark that some programs put before UTF-8 */
    private static function checked(string $text): string
    {
        if (strlen($text) > self::MAX_BYTES) {
            throw FormatError::told('', strlen($text).' bytes', 'at most '.self::MAX_BYTES.' bytes');
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw FormatError::told('', 'signs in another encoding', 'UTF-8; save the file anew as "CSV UTF-8"');
        }

        return str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;
    }

    /** What stands between the columns: what the first line has most of. */
    private static function separator(string $text): string
    {
        $first = (string) strtok($text, "\n");

        return substr_count($first, ';') > substr_count($first, ',') ? ';' : (
            substr_count($first, "\t") > substr_count($first, ',') ? "\t" : ','
        );
    }

    /**
     * @param list<string> $columns
     * @param list<string> $known
     * @param list<string> $must
     */
    private static function checkHeader(array $columns, array $known, array $must): void
    {
        foreach ($columns as $column) {
            if (! in_array($column, $known, true)) {
                throw FormatError::at('line 1', $column, 'one of the columns '.implode(', ', $known));
            }
        }
        if (count(array_unique($columns)) < count($columns)) {
            throw FormatError::told('line 1', 'a column twice', 'each column once');
        }
        foreach (array_diff($must, $columns) as $missing) {
            throw FormatError::told('line 1', implode(', ', $columns), 'a column "'.$missing.'" too');
        }
    }
}
