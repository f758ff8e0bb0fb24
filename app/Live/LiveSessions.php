<?php

declare(strict_types=1);

namespace App\Live;

use App\Models\LiveSession;
use App\Models\RecordingRecord;
use App\Models\SetRecord;
use App\Recordings\Recordings;
use App\Sets\Programs;
use App\Sets\SetStore;
use Illuminate\Support\Facades\DB;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Live\Live;
use Nailrod\Core\Live\LivePicture;
use Nailrod\Core\Live\LiveState;
use Nailrod\Core\Live\LiveStep;
use Nailrod\Core\Program\Program;
use Nailrod\Core\Set\BindingSet;

/** Live sessions between requests: opened, stepped, handed over to an edited set, closed. */
final class LiveSessions
{
    private const KEPT_HOURS = 24;

    public function __construct(private readonly SetStore $sets, private readonly Programs $programs, private readonly Recordings $recordings) {}

    /** @return array<string, mixed> the first answer */
    public function open(SetRecord $record): array
    {
        LiveSession::query()->where('updated_at', '<', now()->subHours(self::KEPT_HOURS))->delete();
        $key = $this->sets->programOf($record);
        [$program, $set] = $this->compiled($key);
        $live = new Live($program, $set, new LiveState);
        $step = $live->begin();
        $session = new LiveSession(['id' => bin2hex(random_bytes(16)), 'set_id' => $record->id, 'program' => $key, 'batch' => 0]);

        return $this->save($session, $record, $live, $step, $program, $set);
    }

    /**
     * The present picture, for a page that takes a session up again. The set it shows takes over.
     *
     * @return ?array<string, mixed> null if the session has ended
     */
    public function resume(string $id, SetRecord $record): ?array
    {
        return $this->within($id, function () use ($id, $record): ?array {
            $session = LiveSession::query()->find($id);
            if ($session === null || ! $this->programs->has($session->program)) {
                return null;
            }
            [$live, $step, $program, $set] = $this->at($session, $record);

            return $this->save($session, $record, $live, LiveStep::joined([$step, $live->takeUp()]), $program, $set);
        });
    }

    /**
     * Takes the next batch. One that was taken already gets its stored answer again, so that a lost reply is counted once;
     * one of the same number from another page is out of order, since what it holds was never taken.
     *
     * @return ?array<string, mixed> null if the session has ended
     *
     * @throws OutOfOrder if a batch is missing before this one
     */
    public function step(string $id, SetRecord $record, Batch $batch): ?array
    {
        return $this->within($id, function () use ($id, $record, $batch): ?array {
            $session = LiveSession::query()->find($id);
            if ($session === null || ! $this->programs->has($session->program)) {
                return null;
            }
            if ($batch->number === $session->batch && $batch->page === $session->page) {
                $answer = json_decode($session->answer, true, 64);

                return is_array($answer) ? $answer : throw new \UnexpectedValueException('The stored answer could not be read back.');
            }
            if ($batch->number !== $session->batch + 1) {
                throw OutOfOrder::batch($batch->number, $session->batch + 1);
            }
            [$live, $handOver, $program, $set] = $this->at($session, $record);
            $steps = [$handOver, $live->takeUp()];
            foreach (Keys::each($batch->plugs) as $device => $plugged) {
                $steps[] = $plugged ? $live->plugIn($device) : $live->unplug($device);
            }
            $steps[] = $live->step($batch->inputs, $batch->to);
            $session->batch = $batch->number;
            $session->page = $batch->page;
            $step = LiveStep::joined($steps);
            $ended = $this->recordings->append($session, $step->taken);
            $step = $ended === null ? $step : $step->withProblem($ended);

            return $this->save($session, $record, $live, $step, $program, $set, $batch->look);
        });
    }

    /** Begins to record what the session takes; false if it has ended, or records already. */
    public function record(string $id): bool
    {
        return DB::transaction(function () use ($id): bool {
            $session = LiveSession::query()->find($id);
            $state = $session?->run_id === null ? $session?->live() : null;
            if ($session === null || $state === null) {
                return false;
            }
            $this->recordings->begin($session, $state->hands, $state->run->now);

            return $session->save();
        }, 3);
    }

    /** Ends the recording and keeps it; null if none was being made. */
    public function keep(string $id, string $name): ?RecordingRecord
    {
        return DB::transaction(function () use ($id, $name): ?RecordingRecord {
            $session = LiveSession::query()->find($id);
            $recording = $session === null ? null : $this->recordings->keep($session, $name);
            $session?->save();

            return $recording;
        }, 3);
    }

    /** The bench is left, so that nothing stays down; who comes back finds the rig as it was, and what the hands hold. */
    public function leave(string $id): void
    {
        $this->within($id, function () use ($id): ?array {
            $session = LiveSession::query()->find($id);
            $record = $session === null || ! $this->programs->has($session->program) ? null : SetRecord::query()->find($session->set_id);
            if ($session === null || $record === null) {
                return null;
            }
            [$live] = $this->at($session, $record);
            $live->leave();
            $session->state = $live->state->write();
            $session->save();

            return null;
        });
    }

    /**
     * Plays a macro without a control, on the page where it is made.
     *
     * @param int $to the time now, in µs
     *
     * @return ?array<string, mixed> null if the session has ended
     */
    public function tryMacro(string $id, SetRecord $record, string $macro, int $to): ?array
    {
        return $this->within($id, function () use ($id, $record, $macro, $to): ?array {
            $session = LiveSession::query()->find($id);
            if ($session === null || ! $this->programs->has($session->program)) {
                return null;
            }
            [$live, $handOver, $program, $set] = $this->at($session, $record);
            $steps = [$handOver, $live->takeUp(), $live->step([], $to), $live->tryMacro($macro)];

            return $this->save($session, $record, $live, LiveStep::joined($steps), $program, $set);
        });
    }

    /**
     * What cannot be read back has ended: it was damaged, or written by another version of the application.
     *
     * @param callable(): ?array<string, mixed> $do
     *
     * @return ?array<string, mixed>
     */
    private function within(string $id, callable $do): ?array
    {
        try {
            return DB::transaction($do(...), 3);
        } catch (\UnexpectedValueException) {
            $this->close($id);

            return null;
        }
    }

    public function close(string $id): void
    {
        LiveSession::query()->where('id', $id)->delete();
    }

    /** @return array{Live, LiveStep, Program, BindingSet} */
    private function at(LiveSession $session, SetRecord $record): array
    {
        $state = LiveState::restore($session->state);
        $key = $this->sets->programOf($record);
        [$program, $set] = $this->compiled($key);
        if ($key === $session->program) {
            return [new Live($program, $set, $state), LiveStep::none(), $program, $set];
        }
        [$live, $step] = Live::swap($program, $set, $this->programs->program($session->program), $state);
        $session->program = $key;
        $session->set_id = $record->id;

        return [$live, $step, $program, $set];
    }

    /** @return array{Program, BindingSet} */
    private function compiled(string $key): array
    {
        return [$this->programs->program($key), $this->programs->set($key)];
    }

    /** @return array<string, mixed> */
    private function save(LiveSession $session, SetRecord $record, Live $live, LiveStep $step, Program $program, BindingSet $set, string $look = ''): array
    {
        $answer = ['id' => $session->id, 'n' => $session->batch, 'set' => $record->id, 'program' => $session->program, 'recording' => $session->run_id === null ? null : $session->run_from]
            + Answer::of($live, $step, new LivePicture($program, $set, $live->state), $set, $look);
        $session->state = $live->state->write();
        $session->answer = json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $session->save();

        return $answer;
    }
}
