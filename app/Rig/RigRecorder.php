<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\RecordingRecord;
use App\Recordings\BadRecording;
use App\Recordings\RecordingFile;
use App\Recordings\Recordings;
use App\Storage\StoreRefuses;
use Nailrod\Core\Engine\Recording\RecordingReader;
use Nailrod\Core\Engine\Recording\RecordingWriter;
use Nailrod\Core\Format\Cause\Input;

/**
 * Writes down what the rig takes, while somebody wants it. Rows go to the file a few times a second, not one by one;
 * what the database does not take just now is written to it later.
 */
final class RigRecorder
{
    private const MOST_WAITING = 65_536;

    private ?RecordingRecord $record = null;

    private int $from = 0;

    private int $last = 0;

    private int $count = 0;

    private string $rows = '';

    /** @var array<string, RecordingRecord> those of which the database does not have everything yet, by id */
    private array $unsaved = [];

    public function __construct(private readonly Recordings $recordings) {}

    /** When it began, in µs; null if nothing is recorded. */
    public function since(): ?int
    {
        return $this->record === null ? null : $this->from;
    }

    /** Does something wait until the database takes it? */
    public function waits(): bool
    {
        return $this->unsaved !== [];
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
        $bytes = (new RecordingFile($this->recordings->file($id)))->append(
            0,
            RecordingReader::HEADER."\n".RecordingWriter::snapshot($found),
        ) ?? throw BadRecording::noRoom();
        $this->record = new RecordingRecord(
            ['id' => $id, 'name' => '', 'rows' => count($found), 'length' => 0, 'kept' => false, 'bytes' => $bytes],
        );
        $this->save($this->record);
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

    /** What waits goes to the file, and how much of that holds to the database. */
    public function write(): ?string
    {
        $ended = $this->record === null || $this->rows === '' ? null : $this->toFile($this->record);
        array_map($this->save(...), $this->unsaved);

        return $ended;
    }

    private function toFile(RecordingRecord $record): ?string
    {
        $bytes = (new RecordingFile($this->recordings->file($record->id)))->append($record->bytes, $this->rows);
        $this->rows = '';
        if ($bytes === null) {
            $kept = $this->end($record, '');

            return sprintf(
                'The recording was ended, since the disk is full. What came before is kept as "%s".',
                $kept->name,
            );
        }
        $record->fill(
            ['rows' => $record->rows + $this->count, 'length' => max(0, $this->last - $this->from), 'bytes' => $bytes],
        );
        $this->unsaved[$record->id] = $record;
        $this->count = 0;

        return null;
    }

    /** Ends the recording and keeps it; null if none was being made. */
    public function keep(string $name): ?RecordingRecord
    {
        $record = $this->record;
        $this->write();

        // On a full disk it has been ended and kept by then.
        return $this->record === null ? $record : $this->end($this->record, $name);
    }

    private function end(RecordingRecord $record, string $name): RecordingRecord
    {
        $this->record = null;
        $this->count = 0;
        $this->rows = '';
        $record->fill(['kept' => true, 'name' => $name === '' ? $this->freeName() : $name]);
        $this->save($record);

        return $record;
    }

    private function freeName(): string
    {
        try {
            return StoreRefuses::whenDoing($this->recordings->freeName(...));
        } catch (StoreRefuses) {
            return 'Recording of '.date('Y-m-d H:i:s');
        }
    }

    private function save(RecordingRecord $record): void
    {
        $this->unsaved[$record->id] = $record;
        try {
            StoreRefuses::whenDoing($record->save(...));
            unset($this->unsaved[$record->id]);
        } catch (StoreRefuses) {
            // Again in a second.
            return;
        }
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
