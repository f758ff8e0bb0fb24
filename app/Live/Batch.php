<?php

declare(strict_types=1);

namespace App\Live;

use Illuminate\Http\Request;
use Nailrod\Core\Cause\Input;
use Nailrod\Core\Format\Keys;

/**
 * A batch of timed inputs: `n`, `to` (µs), `set`, `inputs` as [t, port, value], `plugs` by device. Read by hand, not by
 * the rules of a form, since it comes many times a second.
 */
final readonly class Batch
{
    private const MOST = 5000;

    /** The latest time, in µs: some thirty years. */
    private const LATEST = 1_000_000_000_000_000;

    /**
     * @param int                 $number counted from 1
     * @param list<Input>         $inputs
     * @param array<string, bool> $plugs  devices that were plugged in (true) or unplugged (false)
     * @param string              $page   a name that the page gave itself, so that batches of one that was just left are told from its own
     * @param string              $look   the device whose sheet the page shows; empty if none
     */
    private function __construct(public int $number, public string $set, public int $to, public array $inputs, public array $plugs, public string $look, public string $page) {}

    /** What is not shaped like a batch is refused with its place (422). */
    public static function of(Request $request): self
    {
        $body = $request->json()->all();
        $n = $body['n'] ?? null;
        $to = $body['to'] ?? null;
        $set = $body['set'] ?? null;
        if (! is_int($n) || $n < 1) {
            self::refuse('n', $n, 'the number of the batch, from 1 on');
        }
        if (! is_int($to) || $to < 0 || $to > self::LATEST) {
            self::refuse('to', $to, 'a time in µs');
        }
        if (! is_string($set)) {
            self::refuse('set', $set, 'the id of a set');
        }

        return new self($n, $set, $to, self::inputs($body['inputs'] ?? []), self::plugs($body['plugs'] ?? []), self::word($body['look'] ?? ''), self::word($body['page'] ?? ''));
    }

    /** @return list<Input> */
    private static function inputs(mixed $rows): array
    {
        if (! is_array($rows) || count($rows) > self::MOST) {
            self::refuse('inputs', $rows, 'a list of at most '.self::MOST);
        }
        $inputs = [];
        foreach ($rows as $i => $row) {
            if (! is_array($row) || ! isset($row[0], $row[1], $row[2]) || ! is_int($row[0]) || $row[0] < 0 || $row[0] > self::LATEST || ! is_string($row[1]) || ! (is_int($row[2]) || is_float($row[2]))) {
                self::refuse('inputs['.$i.']', $row, '[time in µs, "device/control", number]');
            }
            $inputs[] = new Input($row[0], $row[1], $row[2]);
        }

        return $inputs;
    }

    private static function word(mixed $word): string
    {
        return is_string($word) ? mb_substr($word, 0, 40) : '';
    }

    /** @return array<string, bool> */
    private static function plugs(mixed $plugs): array
    {
        if (! is_array($plugs) || count($plugs) > 64 || ($plugs !== [] && array_is_list($plugs))) {
            self::refuse('plugs', $plugs, 'true or false by device');
        }

        $said = [];
        foreach (Keys::each($plugs) as $device => $isThere) {
            if (! is_bool($isThere)) {
                self::refuse('plugs', $plugs, 'true or false by device');
            }
            $said[(string) $device] = $isThere;
        }

        return $said;
    }

    private static function refuse(string $place, mixed $found, string $expected): never
    {
        abort(422, sprintf('%s: found %s, expected %s.', $place, mb_strimwidth((string) json_encode($found), 0, 60, '...'), $expected));
    }
}
