<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\RecordingRecord;
use App\Recordings\BadRecording;
use App\Recordings\RecordingFile;
use App\Recordings\Recordings;
use Nailrod\Core\Cause\Input;
use Nailrod\Core\Recording\RecordingReader;
use Nailrod\Core\Recording\RecordingWriter;

/** Writes down what the rig takes, while somebody wants it. Rows go to the file a few times a second, not one by one. */
final class Recorder
{
    private const MOST_WAITING = 65_536;

    private ?RecordingRecord $record = null;

    private int $from = 0;

    private int $last = 0;

    private int $count = 0;

    private string $rows = '';

    public function __construct(private readonly Recordings $recordings) {}

    /** When it began, in µs; null if nothing is recorded. */
    public function since(): ?int
    {
        return $this->record === null ? null : $this->from;
    }

    /**
     * @param array<string, int|float> $found how the rig is, by port
     * @param int                      $now   in µs
     *
     * @return bool false if something is recorded already
     *
     * @throws BadRecording if the disk is full
     */
    public function begin(array $found, int $now): bool
    {
        if ($this->record !== null) {
            return false;
        }
        $id = bin2hex(random_bytes(8));
        $bytes = (new RecordingFile($this->recordings->file($id)))->append(0, RecordingReader::HEADER."\n".RecordingWriter::snapshot($found)) ?? throw BadRecording::noRoom();
        $this->record = RecordingRecord::query()->create(['id' => $id, 'name' => '', 'rows' => count($found), 'length' => 0, 'kept' => false, 'bytes' => $bytes]);
        $this->from = $this->last = $now;

        return true;
    }

    /**
     * @param list<Input> $taken
     *
     * @return ?string why the recording was ended; null if it goes on
     */
    public function append(array $taken): ?string
    {
        if ($this->record === null) {
            return null;
        }
        foreach ($taken as $input) {
            $this->rows .= RecordingWriter::line($input, $this->from);
            $this->last = $input->t;
            $this->count++;
        }

        return strlen($this->rows) > self::MOST_WAITING ? $this->write() : null;
    }

    /** What waits goes to the file. */
    public function write(): ?string
    {
        if ($this->record === null || $this->rows === '') {
            return null;
        }
        $bytes = (new RecordingFile($this->recordings->file($this->record->id)))->append($this->record->bytes, $this->rows);
        $this->rows = '';
        if ($bytes === null) {
            $kept = $this->end('');

            return sprintf('The recording was ended, since the disk is full. What came before is kept as "%s".', $kept->name);
        }
        $this->record->update(['rows' => $this->record->rows + $this->count, 'length' => max(0, $this->last - $this->from), 'bytes' => $bytes]);
        $this->count = 0;

        return null;
    }

    /** Ends the recording and keeps it; null if none was being made. */
    public function keep(string $name): ?RecordingRecord
    {
        $record = $this->record;
        $this->write();

        // On a full disk it has been ended and kept by then.
        return $this->record === null ? $record : $this->end($name);
    }

    private function end(string $name): RecordingRecord
    {
        assert($this->record !== null);
        $record = $this->record;
        $this->record = null;
        $this->count = 0;
        $this->rows = '';
        $record->update(['kept' => true, 'name' => $name === '' ? $this->recordings->freeName() : $name]);

        return $record;
    }

    /** Recordings that were under way when the process ended are kept as they are, with a name that says so. */
    public function keepUnfinished(): void
    {
        foreach (RecordingRecord::query()->where('kept', false)->get() as $record) {
            (new RecordingFile($this->recordings->file($record->id)))->cut($record->bytes);
            $record->update(['kept' => true, 'name' => 'Unfinished, '.$record->created_at->format('Y-m-d H:i')]);
        }
    }
}
