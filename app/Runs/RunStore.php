<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\LiveSession;
use App\Models\RunRecord;
use Nailrod\Core\Run\Input;
use Nailrod\Core\Run\InputError;
use Nailrod\Core\Run\RunCut;
use Nailrod\Core\Run\RunReader;
use Nailrod\Core\Run\RunWriter;

/** Runs: recorded row by row, kept under a name, read back in pieces. */
final class RunStore
{
    /** Rows that are read at once for playing. */
    public const PIECE = 2000;

    /**
     * Begins a recording with a snapshot of the rig.
     *
     * @param array<string, int> $hands last value by port
     * @param int                $now   of the session, in µs
     */
    public function begin(LiveSession $session, array $hands, int $now): void
    {
        $run = RunRecord::query()->create(['id' => bin2hex(random_bytes(8)), 'name' => '', 'rows' => count($hands), 'length' => 0, 'kept' => false]);
        file_put_contents($this->file($run->id), RunReader::HEADER."\n".RunWriter::snapshot($hands));
        $session->run_id = $run->id;
        $session->run_from = $now;
    }

    /** @param list<Input> $inputs that the session has taken */
    public function append(LiveSession $session, array $inputs): void
    {
        if ($session->run_id === null || $inputs === []) {
            return;
        }
        $rows = '';
        foreach ($inputs as $input) {
            $rows .= RunWriter::line($input, $session->run_from);
        }
        file_put_contents($this->file($session->run_id), $rows, FILE_APPEND);
        RunRecord::query()->where('id', $session->run_id)->increment('rows', count($inputs), ['length' => max(0, $inputs[count($inputs) - 1]->t - $session->run_from)]);
    }

    /** Ends a recording and keeps it; null if none was being made. */
    public function keep(LiveSession $session, string $name): ?RunRecord
    {
        $run = $session->run_id === null ? null : RunRecord::query()->find($session->run_id);
        $session->run_id = null;
        $run?->update(['kept' => true, 'name' => $name === '' ? $this->freeName() : $name]);

        return $run;
    }

    /**
     * Takes a run from a file.
     *
     * @param string $fileName as its owner knows it
     *
     * @throws BadRun with the line of a row that cannot be
     */
    public function import(string $file, string $name, string $fileName): RunRecord
    {
        try {
            [$rows, $now] = $this->measure($file);
        } catch (InputError $error) {
            throw BadRun::in($fileName, $error);
        }
        $run = RunRecord::query()->create(['id' => bin2hex(random_bytes(8)), 'name' => $name, 'rows' => $rows, 'length' => $now, 'kept' => true]);
        copy($file, $this->file($run->id));

        return $run;
    }

    /**
     * Keeps a piece of a run as a run of its own.
     *
     * @param int $from in µs
     * @param int $to   in µs
     *
     * @throws BadRun if nothing lies between
     */
    public function cut(RunRecord $run, int $from, int $to, string $name): RunRecord
    {
        if ($from >= $run->length) {
            throw BadRun::in($run->name, new \DomainException(sprintf('found a start at %.1f s, expected one before its end at %.1f s.', $from / 1e6, $run->length / 1e6)));
        }
        $id = bin2hex(random_bytes(8));
        file_put_contents($this->file($id), RunReader::HEADER."\n");
        $rows = $length = 0;
        foreach (RunCut::rows(RunReader::batches($this->lines($this->file($run->id))), $from, $to) as [$text, $count, $last]) {
            file_put_contents($this->file($id), $text, FILE_APPEND);
            $rows += $count;
            $length = max($length, $last);
        }

        return RunRecord::query()->create(['id' => $id, 'name' => $name === '' ? mb_strimwidth($run->name.', cut', 0, 60) : $name, 'rows' => $rows, 'length' => $length, 'kept' => true]);
    }

    /**
     * @return array{int, int} how many rows, and the time of the last one in µs
     *
     * @throws InputError
     */
    private function measure(string $file): array
    {
        $rows = $now = 0;
        foreach (RunReader::batches($this->lines($file)) as $batch) {
            foreach ($batch as $input) {
                $now = $input->t >= $now ? $input->t : throw InputError::backInTime($input, $now);
                $rows++;
            }
        }

        return [$rows, $now];
    }

    /**
     * A piece of a run.
     *
     * @param int $from byte of the file at which the piece begins; 0 for the first
     *
     * @return array{rows: list<array{int, string, int|float}>, next: ?int} next is null at the end
     */
    public function piece(RunRecord $run, int $from): array
    {
        $handle = fopen($this->file($run->id), 'r');
        assert($handle !== false);
        if ($from === 0) {
            fgets($handle);
        } else {
            fseek($handle, $from);
        }
        $lines = [RunReader::HEADER];
        while (count($lines) <= self::PIECE && ($line = fgets($handle, 4096)) !== false) {
            $lines[] = $line;
        }
        $next = feof($handle) || count($lines) <= self::PIECE ? null : ftell($handle);
        fclose($handle);
        $rows = [];
        foreach (RunReader::batches($lines) as $batch) {
            foreach ($batch as $input) {
                $rows[] = [$input->t, $input->port, $input->value];
            }
        }

        return ['rows' => $rows, 'next' => $next === false ? null : $next];
    }

    public function file(string $id): string
    {
        $folder = (string) config('nailrod.runs');
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }

        return $folder.'/'.$id.'.csv';
    }

    private function freeName(): string
    {
        return 'Run '.(RunRecord::query()->where('kept', true)->count() + 1);
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
