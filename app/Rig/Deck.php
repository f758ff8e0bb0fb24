<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\RecordingRecord;
use App\Recordings\BadRecording;
use App\Recordings\Recordings;
use Nailrod\Core\Engine\Hand\Batch;
use Nailrod\Core\Engine\Hand\InputSource;
use Nailrod\Core\Engine\Hand\RigAtWork;

/**
 * What is recorded of the rig and what is played to it. It does nothing by itself: the rig asks it and does what is
 * due.
 */
final class Deck
{
    public readonly RigRecorder $recorder;

    private ?RecordingPlayer $player = null;

    public function __construct(private readonly Recordings $recordings, private readonly RecordedMacros $macros)
    {
        $this->recorder = new RigRecorder($recordings);
    }

    /** What was under way when the last process ended is kept. */
    public function begin(): void
    {
        $this->recorder->keepUnfinished();
    }

    /** Does something that was recorded wait until the database takes it? */
    public function waits(?RigAtWork $work): bool
    {
        return $this->recorder->waits() || ($work !== null && $this->macros->wait($work));
    }

    /**
     * What was recorded for a macro is written into the set.
     *
     * @param bool $isLast is there no next time?
     *
     * @return list<string> what became of it, in sentences
     */
    public function writeMacros(RigAtWork $work, bool $isLast): array
    {
        return $this->macros->write($work, $isLast);
    }

    /**
     * @return array{recording: ?int, playing: ?string, played: int} since when is recorded, what is played, and since
     *    when; in µs
     */
    public function picture(): array
    {
        return [
            'recording' => $this->recorder->since(),
            'playing' => $this->player?->name(),
            'played' => $this->player->start ?? 0,
        ];
    }

    /** When the next row of what is played comes, in µs; null if nothing is played. */
    public function due(): ?int
    {
        return $this->player?->due();
    }

    /** @return ?array{InputSource, Batch} the rows that are due next, and the hand that sends them; null if none are */
    public function batch(int $now): ?array
    {
        $batch = $this->player?->batch($now);

        return $this->player === null || $batch === null ? null : [$this->player->hand, $batch];
    }

    /** Has what is played come to its end? In a sentence; null if it has not. */
    public function end(): ?string
    {
        return match (true) {
            $this->player === null || $this->player->due() !== null => null,
            $this->player->problem() === null => sprintf('"%s" has been played.', $this->player->name()),
            default => 'Played up to the damage. '.$this->player->problem(),
        };
    }

    /**
     * The rows of a recording; null if there is none of that id.
     *
     * @throws BadRecording if it cannot be read
     */
    public function rowsOf(string $id): ?Pieces
    {
        $recording = RecordingRecord::query()->where('kept', true)->find($id);

        return $recording === null ? null : new Pieces($this->recordings, $recording);
    }

    public function play(Pieces $rows, InputSource $hand, int $now): void
    {
        $this->player = new RecordingPlayer($rows, $hand, $now);
    }

    /**
     * @return ?array{InputSource, string} nothing is played any more: the hand that did, and the name; null if nothing
     *    was
     */
    public function stop(): ?array
    {
        $player = $this->player;
        $this->player = null;

        return $player === null ? null : [$player->hand, $player->name()];
    }
}
