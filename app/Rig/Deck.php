<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\RecordingRecord;
use App\Recordings\BadRecording;
use App\Recordings\Recordings;
use Nailrod\Core\Engine\Hand\HandKind;
use Nailrod\Core\Engine\Hand\RigAtWork;
use Nailrod\Core\Engine\Live\LiveStep;

/** Records what the rig takes, and plays recordings to it; writes the macros that were recorded from it. */
final class Deck
{
    public readonly Recorder $recorder;

    private ?Player $player = null;

    public function __construct(private readonly Resident $rig, private readonly Recordings $recordings, private readonly RecordedMacros $macros)
    {
        $this->recorder = new Recorder($recordings);
    }

    /** What was under way when the last process ended is kept. */
    public function begin(): void
    {
        $this->recorder->keepUnfinished();
    }

    /** What waits to be recorded goes to the file, and what was recorded for a macro into the set. */
    public function write(?RigAtWork $work): void
    {
        if ($work !== null) {
            $this->writeMacros($work, false);
        }
        $ended = $this->recorder->write();
        if ($ended !== null) {
            $this->rig->keep(LiveStep::none()->withProblem($ended));
            $this->rig->eyes->notice($ended);
        }
    }

    /** Does something that was recorded wait until the database takes it? */
    public function waits(?RigAtWork $work): bool
    {
        return $this->recorder->waits() || ($work !== null && $this->macros->wait($work));
    }

    /** What is being recorded for a macro is kept: another set comes into play. */
    public function endMacro(?RigAtWork $work): void
    {
        if ($work !== null) {
            $this->rig->keep($work->live->keepMacro());
            $this->writeMacros($work, true);
        }
    }

    /** @param bool $isLast is there no next time? */
    private function writeMacros(RigAtWork $work, bool $isLast): void
    {
        foreach ($this->macros->write($work, $isLast) as $said) {
            $this->rig->tell();
            $this->rig->eyes->notice($said);
            $this->rig->changed();
        }
    }

    /** @return array{recording: ?int, playing: ?string, played: int} since when is recorded, what is played, and since when; in µs */
    public function picture(): array
    {
        return ['recording' => $this->recorder->since(), 'playing' => $this->player?->name(), 'played' => $this->player->start ?? 0];
    }

    /** When the next row of what is played comes, in µs; null if nothing is played. */
    public function due(): ?int
    {
        return $this->player?->due();
    }

    /** Rows that are due are taken. */
    public function run(int $now): void
    {
        while ($this->player !== null && ($batch = $this->player->batch($now)) !== null) {
            $this->rig->take($this->player->hand, $batch);
        }
        if ($this->player !== null && $this->player->due() === null) {
            $this->stop($this->player->problem() === null ? sprintf('"%s" has been played.', $this->player->name()) : 'Played up to the damage. '.$this->player->problem());
        }
    }

    /**
     * @return bool false if something is recorded already
     *
     * @throws BadRecording if the disk is full
     */
    public function record(): bool
    {
        $this->rig->changed();

        return $this->recorder->begin($this->rig->work()->live->state->asFound(), $this->rig->clock->now());
    }

    /** Ends the recording and keeps it; null if none was being made. */
    public function keep(string $name): ?RecordingRecord
    {
        $this->rig->changed();

        return $this->recorder->keep($name);
    }

    /**
     * Plays a recording, as a hand of its own; false if there is none of that id.
     *
     * @throws BadRecording if it cannot be read
     */
    public function play(string $id): bool
    {
        $recording = RecordingRecord::query()->where('kept', true)->find($id);
        if ($recording === null) {
            return false;
        }
        // Its first rows are read before there is a hand: a recording that cannot be read leaves none behind.
        $pieces = new Pieces($this->recordings, $recording);
        $this->stop();
        $this->player = new Player($pieces, $this->rig->open($recording->name, HandKind::Recording, []), $this->rig->clock->now());
        $this->rig->changed();

        return true;
    }

    /** @param string $said why; empty if somebody wanted it */
    public function stop(string $said = ''): void
    {
        if ($this->player !== null) {
            $player = $this->player;
            $this->player = null;
            $this->rig->close($player->hand);
            // First the picture in which nothing is played, so that what is said stays on the page.
            $this->rig->tell();
            $this->rig->eyes->say('played', ['said' => $said === '' ? sprintf('"%s" was stopped.', $player->name()) : $said]);
            $this->rig->changed();
        }
    }
}
