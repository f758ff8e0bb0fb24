<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Recording;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\InputError;

/**
 * Reads a recording from CSV, row by row: memory does not grow with its length. A control with * after it was not moved
 * by a hand: it was found so, or the game changed its variable itself; * alone is the device, which came (1) or went
 * (0).
 */
final class RecordingReader
{
    public const HEADER = 't_us,device,control,value';
    private const MOST_IN_BATCH = 2000;

    /**
     * @param iterable<string> $lines with or without their line ends
     * @param int              $first number of the header's line in the file
     *
     * @return \Generator<int, non-empty-list<Input>> the inputs in batches, in the order of the file
     *
     * @throws InputError with the line of a row that cannot be read; what is before it was given
     */
    public static function batches(iterable $lines, int $first = 1): \Generator
    {
        $batch = [];
        $number = 0;
        foreach ($lines as $line) {
            $number++;
            $line = rtrim($line, "\r\n");
            if ($number === 1) {
                if (preg_replace('/^\xEF\xBB\xBF/', '', $line) !== self::HEADER) {
                    throw InputError::badRow(1, '"'.mb_strimwidth($line, 0, 60, '...').'"', 'the header '.self::HEADER);
                }

                continue;
            }
            if ($line === '') {
                continue;
            }
            try {
                $batch[] = self::row($line, $number + $first - 1);
            } catch (InputError $error) {
                if ($batch !== []) {
                    yield $batch;
                }

                throw $error;
            }
            if (count($batch) === self::MOST_IN_BATCH) {
                yield $batch;
                $batch = [];
            }
        }
        if ($number === 0) {
            throw InputError::badRow(1, 'an empty file', 'the header '.self::HEADER);
        }
        if ($batch !== []) {
            yield $batch;
        }
    }

    private static function row(string $line, int $number): Input
    {
        $cells = explode(',', $line);
        if (count($cells) !== 4) {
            throw InputError::badRow($number, count($cells).' columns', '4: '.self::HEADER);
        }
        [$t, $device, $control, $value] = $cells;
        if (! ctype_digit($t) || strlen($t) > 18) {
            throw InputError::badRow(
                $number,
                'the time "'.$t.'"',
                'whole microseconds since the start of the recording',
            );
        }
        if (preg_match('/^[+-]?\d{1,18}$/D', $value) === 1) {
            return new Input((int) $t, $device.'/'.$control, (int) $value, $number);
        }
        if ($device === 'sim' && is_numeric($value)) {
            return new Input((int) $t, $device.'/'.$control, (float) $value, $number);
        }

        throw InputError::badRow($number, 'the value "'.$value.'"', 'a whole number');
    }
}
