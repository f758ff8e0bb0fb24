<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Hand;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Keys;

/**
 * What a hand sends at a time: how it finds what it feeds, timed inputs, devices that came or went. Times in µs of the
 * hand's own clock.
 */
final readonly class Batch
{
    /** Inputs of one batch. */
    public const MOST = 4000;

    private const MOST_PLUGS = 64;

    /** The latest time: some three thousand years, so that any clock has room. */
    private const LATEST = 100_000_000_000_000_000;

    private const ROW = '[time in µs, "device/control", number]';

    /**
     * @param int                 $n        number of the batch, from 1 on
     * @param list<Input>         $found    how the hand finds its controls; the time of each is 0
     * @param list<Input>         $inputs   in the order in which they were sent
     * @param array<string, bool> $plugs    devices that came (true) or went (false)
     * @param ?int                $sent     when it was sent, if the hand says so
     * @param bool                $bye      is it the last one?
     * @param list<string>        $problems rows that are no inputs, in words; they are left out
     * @param list<RawReport>     $reports  as devices sent them
     * @param list<string>        $letsGo   ports that nobody behind this hand holds any more
     */
    public function __construct(
        public int $n,
        public array $found = [],
        public array $inputs = [],
        public array $plugs = [],
        public ?int $sent = null,
        public bool $bye = false,
        public array $problems = [],
        public array $reports = [],
        public array $letsGo = [],
    ) {}

    /** Is it only a sign of life? */
    public function isEmpty(): bool
    {
        return $this->letsGo === [] && $this->found === []
            && $this->inputs === []
            && $this->reports === []
            && $this->plugs === []
            && $this->problems === [];
    }

    /**
     * @param array<array-key, mixed> $body
     *
     * @throws SourceError if it is not shaped like a batch; a row that is no input is left out and told
     */
    public static function read(array $body): self
    {
        $n = $body['n'] ?? null;
        $bye = $body['bye'] ?? false;
        if (! is_bool($bye)) {
            throw SourceError::shape('bye', $bye, 'true or false');
        }
        if (! is_int($n) || $n < 1) {
            throw SourceError::shape('n', $n, 'the number of the batch, from 1 on');
        }
        $sent = $body['t'] ?? null;
        if ($sent !== null && ! self::isTime($sent)) {
            throw SourceError::shape('t', $sent, 'a time in µs');
        }
        $problems = [];
        $found = self::found($body['found'] ?? [], $problems);
        $inputs = self::inputs($body['inputs'] ?? [], $problems);

        $reports = [];
        foreach (self::rows('reports', $body['reports'] ?? []) as $i => $row) {
            $report = RawReport::read($row);
            if ($report === null) {
                $problems[] = SourceError::shape("reports[$i]", $row, '[time in µs, "device", report id, "hex digits"]')
                    ->getMessage();
            } else {
                $reports[] = $report;
            }
        }

        return new self(
            $n,
            $found,
            $inputs,
            self::plugs($body['plugs'] ?? []),
            $sent,
            $bye,
            $problems,
            $reports,
            array_values(array_filter(self::rows('lets_go', $body['lets_go'] ?? []), is_string(...))),
        );
    }

    /** @phpstan-assert-if-true int $t */
    public static function isTime(mixed $t): bool
    {
        return is_int($t) && $t >= 0 && $t <= self::LATEST;
    }

    /**
     * @param list<string> $problems
     *
     * @return list<Input>
     */
    private static function found(mixed $rows, array &$problems): array
    {
        $found = [];
        foreach (self::rows('found', $rows) as $i => $row) {
            if (is_array($row) && is_string($row[0] ?? null) && is_int($row[1] ?? null)) {
                $found[] = new Input(0, $row[0], $row[1]);
            } else {
                $problems[] = SourceError::shape("found[$i]", $row, '["device/control", whole number]')->getMessage();
            }
        }

        return $found;
    }

    /**
     * @param list<string> $problems
     *
     * @return list<Input>
     */
    private static function inputs(mixed $rows, array &$problems): array
    {
        $inputs = [];
        foreach (self::rows('inputs', $rows) as $i => $row) {
            $value = is_array($row) ? $row[2] ?? null : null;
            if (is_array($row) && self::isTime($row[0] ?? null) && is_string($row[1] ?? null) && (
                is_int($value) || (is_float($value) && is_finite($value))
            )) {
                $inputs[] = new Input($row[0], $row[1], $value);
            } else {
                $problems[] = SourceError::shape("inputs[$i]", $row, self::ROW)->getMessage();
            }
        }

        return $inputs;
    }

    /** @return list<mixed> */
    private static function rows(string $name, mixed $rows): array
    {
        if (! is_array($rows) || ! array_is_list($rows) || count($rows) > self::MOST) {
            throw SourceError::shape(
                $name,
                is_array($rows) && count($rows) > self::MOST ? count($rows).' rows' : $rows,
                'a list of at most '.self::MOST,
            );
        }

        return $rows;
    }

    /** @return array<string, bool> */
    private static function plugs(mixed $plugs): array
    {
        if (! is_array($plugs) || count($plugs) > self::MOST_PLUGS) {
            throw SourceError::shape('plugs', $plugs, 'true or false by device');
        }
        $said = [];
        foreach (Keys::each($plugs) as $device => $isThere) {
            $said[$device] = is_bool($isThere) ? $isThere : throw SourceError::shape(
                'plugs',
                $plugs,
                'true or false by device',
            );
        }

        return $said;
    }
}
