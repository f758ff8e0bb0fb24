<?php

declare(strict_types=1);

namespace App\Recordings;

use App\Models\RecordingRecord;
use Nailrod\Core\Engine\Recording\RecordingCut;
use Nailrod\Core\Engine\Recording\RecordingReader;
use Nailrod\Core\Format\Cause\InputError;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\FreeName;

/** Recordings: recorded row by row, kept under a name, read back in pieces. */
final class Recordings
{
    /** Rows that are read at once for playing. */
    public const PIECE = 2000;

    /**
     * Takes a recording from a file.
     *
     * @param string $fileName as its owner knows it
     *
     * @throws BadRecording with the line of a row that cannot be
     */
    public function import(string $file, string $name, string $fileName): RecordingRecord
    {
        try {
            [$rows, $now] = $this->measure($file);
        } catch (InputError $error) {
            throw BadRecording::in($fileName, $error);
        }
        $id = bin2hex(random_bytes(8));
        if (! @copy($file, $this->file($id))) {
            $this->noRoomFor($id);
        }

        return RecordingRecord::query()->create([
            'id' => $id,
            'name' => $name,
            'rows' => $rows,
            'length' => $now,
            'kept' => true,
            'bytes' => (int) filesize($this->file($id)),
        ]);
    }

    /**
     * Keeps a piece of a recording as a recording of its own.
     *
     * @param int $from in µs
     * @param int $to   in µs
     *
     * @throws BadRecording if nothing lies between, or the file is gone
     */
    public function cut(RecordingRecord $recording, int $from, int $to, string $name): RecordingRecord
    {
        if ($from >= $recording->length) {
            throw BadRecording::in(
                $recording->name,
                new \DomainException(sprintf(
                    'found a start at %.1f s, expected one before its end at %.1f s.',
                    $from / 1e6,
                    $recording->length / 1e6,
                )),
            );
        }
        $this->written($recording);
        $id = bin2hex(random_bytes(8));
        $file = new RecordingFile($this->file($id));
        $bytes = $file->append(0, RecordingReader::HEADER."\n") ?? throw BadRecording::noRoom();
        $rows = $length = 0;
        foreach (
            RecordingCut::rows(
                RecordingReader::batches($this->lines($this->written($recording))),
                $from,
                $to,
            ) as [$text, $count, $last]
        ) {
            $bytes = $file->append($bytes, $text) ?? $this->noRoomFor($id);
            $rows += $count;
            $length = max($length, $last);
        }

        return RecordingRecord::query()->create([
            'id' => $id,
            'name' => $name === '' ? mb_strimwidth($recording->name.', cut', 0, 60) : $name,
            'rows' => $rows,
            'length' => $length,
            'kept' => true,
            'bytes' => $bytes,
        ]);
    }

    /** @throws BadRecording */
    private function noRoomFor(string $id): never
    {
        @unlink($this->file($id));

        throw BadRecording::noRoom();
    }

    /**
     * @return array{int, int} how many rows, and the time of the last one in µs
     *
     * @throws InputError
     */
    private function measure(string $file): array
    {
        $rows = $now = 0;
        foreach (RecordingReader::batches($this->lines($file)) as $batch) {
            foreach ($batch as $input) {
                $now = $input->t >= $now ? $input->t : throw InputError::backInTime($input, $now);
                $rows++;
            }
        }

        return [$rows, $now];
    }

    /**
     * A piece of a recording.
     *
     * @param int $from byte of the file at which the piece begins; 0 for the first
     *
     * @return array{rows: list<array{int, string, int|float}>, next: ?int, problem: ?string} next is null at the end; a
     * damaged file gives what is before
     *                                                                                       the damage, and says where
     * that is
     *
     * @throws BadRecording if there is no file
     */
    public function piece(RecordingRecord $recording, int $from): array
    {
        $handle = fopen($this->written($recording), 'r') ?: throw BadRecording::gone($recording->name);
        if ($from === 0) {
            fgets($handle);
        } else {
            // A piece begins where a row does.
            if (fseek($handle, $from - 1) !== 0 || fgetc($handle) !== "\n") {
                fclose($handle);

                throw FormatError::at('from', $from, 'the place where a row begins, as the piece before told it');
            }
        }
        $lines = [RecordingReader::HEADER];
        while (count($lines) <= self::PIECE && ($line = fgets($handle, 4096)) !== false) {
            $lines[] = $line;
        }
        $next = feof($handle) || count($lines) <= self::PIECE ? null : ftell($handle);
        fclose($handle);
        $rows = [];
        $problem = null;
        try {
            foreach (
                RecordingReader::batches(
                    $lines,
                    $from === 0 ? 1 : (new RecordingFile($this->file($recording->id)))->lineAt($from) - 1,
                ) as $batch
            ) {
                foreach ($batch as $input) {
                    $rows[] = [$input->t, $input->port, $input->value];
                }
            }
        } catch (InputError $error) {
            [$problem, $next] = [$recording->name.': '.$error->getMessage(), null];
        }

        return ['rows' => $rows, 'next' => $next === false ? null : $next, 'problem' => $problem];
    }

    /**
     * The file of a recording that is to be read.
     *
     * @throws BadRecording if it is gone, or cannot be read
     */
    public function written(RecordingRecord $recording): string
    {
        $file = $this->file($recording->id);

        return is_file($file) && is_readable($file) ? $file : throw BadRecording::gone($recording->name);
    }

    public function file(string $id): string
    {
        $folder = (string) config('nailrod.runs');
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }

        return $folder.'/'.$id.'.csv';
    }

    public function freeName(): string
    {
        $taken = RecordingRecord::query()->where('kept', true)->pluck('name')->all();

        return FreeName::numbered('Recording', array_filter($taken, is_string(...)), count($taken) + 1);
    }

    /** @return \Generator<string> */
    private function lines(string $file): \Generator
    {
        $handle = fopen($file, 'r');
        while ($handle !== false && ($line = fgets($handle, 4096)) !== false) {
            yield $line;
        }
        if ($handle !== false) {
            fclose($handle);
        }
    }
}
