<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\RecordingRecord;
use App\Recordings\BadRecording;
use App\Recordings\Recordings;
use App\Sets\Programs;
use App\Sets\SetStore;
use App\Storage\StoreRefuses;
use Nailrod\Core\Engine\Hand\Batch;
use Nailrod\Core\Engine\Hand\InputSource;
use Nailrod\Core\Engine\Hand\RigAtWork;
use Nailrod\Core\Engine\Hand\SourceError;
use Nailrod\Core\Engine\Hand\SourceKind;
use Nailrod\Core\Engine\Live\Live;
use Nailrod\Core\Engine\Live\LiveState;
use Nailrod\Core\Engine\Live\LiveStep;
use Nailrod\Core\Format\Refusal;

/**
 * The rig that goes on whether anybody looks or not: the set in play, its hands, its eyes, what is recorded and played.
 */
final class RigService
{
    public readonly Subscribers $eyes;

    private readonly Deck $deck;

    /** Inputs that all hands have sent since the process began. */
    public int $taken = 0;

    /** Somebody wants the process to begin again. */
    public bool $isToEnd = false;

    private ?RigAtWork $work = null;

    private readonly SetInPlay $in;

    private bool $isSaved = true;

    /** Was something not read of the database that is to be read again? */
    public bool $isToReread = false;

    public function __construct(
        SetStore $sets,
        Programs $programs,
        Recordings $recordings,
        private readonly Snapshot $snapshot,
        public readonly RigClock $clock,
        private readonly OnDesk $desk = new OnDesk,
        private readonly Measuring $measuring = new Measuring,
        private readonly News $news = new News,
        private readonly Lateness $lateness = new Lateness,
    ) {
        $this->eyes = new Subscribers(bin2hex(random_bytes(4)));
        $this->in = new SetInPlay($sets, $programs);
        $this->deck = new Deck($recordings, new RecordedMacros($this->in));
    }

    /** Takes up what the last process left. */
    public function begin(): void
    {
        $this->deck->begin();
        $kept = $this->snapshot->read();
        $both = $this->in->unlessBroken(
            fn () => $this->in->put($this->in->orAnother($kept['set'] ?? $this->snapshot->setAlone())),
        );
        if ($both === null) {
            return;
        }
        [$program, $set] = $both;
        if ($kept !== null) {
            $this->clock->set($kept['state']->run->now);
            OnDesk::inModes($kept['state'], $set);
        }
        if ($kept !== null && $kept['program'] === $this->in->program) {
            [$live, $step] = Live::again($program, $set, $kept['state'], $kept['held']);
        } else {
            // Edited while nothing ran: every control is where it was, all else is found anew.
            $simulator = $set->catalogue->id ?? '';
            $live = new Live(
                $program,
                $set,
                $kept === null ? OnDesk::inModes(new LiveState, $set)
                    : $kept['state']->under($simulator, $simulator, $kept['held']),
            );
            $step = $live->begin($this->clock->now());
        }
        $this->work = new RigAtWork($live, $set, $program);
        $this->keep($step);
        $this->desk->edited($this->clock->now());
    }

    /** @throws SourceError if there is no set that could be played, so that there is no rig */
    public function work(): RigAtWork
    {
        return $this->work ?? throw SourceError::noSet($this->in->broken);
    }

    /** A hand that is there. */
    public function hand(string $id): ?InputSource
    {
        return $this->work->hands->all[$id] ?? null;
    }

    /** @return list<InputSource> */
    public function hands(): array
    {
        return array_values($this->work->hands->all ?? []);
    }

    public function set(): string
    {
        return $this->in->id;
    }

    /** Id of the simulator in play; empty if none is. */
    public function simulator(): string
    {
        return $this->work?->set->catalogue->id ?? '';
    }

    /** @param list<string> $devices that it feeds: each goes with the last hand that does */
    public function open(string $name, SourceKind $kind, array $devices): InputSource
    {
        [$hand, $step] = $this->work()->open(bin2hex(random_bytes(8)), $name, $kind, $devices, $this->clock->now());
        $this->keep($step);
        $this->eyes->notice(...$this->work()->sharedNow());

        return $hand;
    }

    /** @throws SourceError if a batch is missing before it */
    public function take(InputSource $hand, Batch $batch): void
    {
        foreach ($this->taking($hand, $batch) as $ignored) {
            continue;
        }
    }

    /**
     * Takes a batch piece by piece; if the hand goes meanwhile, the rest of it is not taken.
     *
     * @return \Generator<int, null>
     *
     * @throws SourceError if a batch is missing before it
     */
    public function taking(InputSource $hand, Batch $batch): \Generator
    {
        $before = $hand->inputs;
        foreach ($this->work()->take($hand, $batch, $this->clock->now(...)) as $step) {
            $this->keep($step, $hand);
            yield;
            if ($this->hand($hand->id) === null) {
                return;
            }
        }
        $this->taken += $hand->inputs - $before;
        $this->eyes->notice(...$this->work()->sharedNow());
        if (! $batch->isEmpty()) {
            $this->news->came(true);
        }
        if ($batch->bye) {
            $this->close($hand);
        }
    }

    public function close(InputSource $hand): void
    {
        if (isset($this->work()->hands->all[$hand->id])) {
            $this->keep($this->work()->goes($hand, $this->clock->now()), $hand);
        }
    }

    /** Everything that has become due happens. */
    public function run(): void
    {
        if ($this->work === null) {
            return;
        }
        $now = $this->clock->now();
        $this->runDeck($now);
        $this->keep($this->work()->run($now));
        $this->eyes->notice(...$this->desk->run($this->work(), $now));
        if ($this->measuring->run($this->work(), $now)) {
            $this->news->came();
        }
        if ($this->news->isDue($now)) {
            $this->tell();
        }
    }

    /** When run() is to be called again, in µs from now; at least every 40 ms while the game moves. */
    public function wait(): ?int
    {
        if ($this->work === null) {
            return null;
        }
        $due = array_filter([
            $this->work->live->nextDue(),
            $this->deck->due(),
            $this->news->due(),
            $this->work->live->isGameMoving() ? $this->work->latest() + 40_000 : null,
            $this->measuring->due($this->work),
            $this->desk->due($this->clock->now()),
        ], is_int(...));

        return $due === [] ? null : max(0, min($due) - $this->clock->now());
    }

    public function tell(): void
    {
        if ($this->work !== null) {
            $now = $this->clock->now();
            $this->news->told($now);
            $this->eyes->flush($this->work, $this->picture(), $now);
        }
    }

    public function look(Subscriber $eye, string $last): void
    {
        if (
            $eye->page !== '' && $eye->page !== $this->set()
                && $this->eyes->all === []
                && ($this->work->hands->all ?? []) === []
        ) {
            // Nobody else is there: what the only page shows is in play, unless it cannot be read just now.
            try {
                StoreRefuses::whenDoing(fn () => $this->in->unlessBroken(fn () => $this->play($eye->page)));
            } catch (StoreRefuses) {
                $this->news->came();
            }
        }
        $this->eyes->open($eye, $this->work(), $this->picture(), $this->clock->now(), $last);
    }

    private function picture(): RigPicture
    {
        return RigPicture::of($this->work(), $this->in->picture() + $this->deck->picture());
    }

    public function changed(): void
    {
        $this->news->came();
    }

    /** @param ?InputSource $by the hand that did it; who it was is told where it was not the only page */
    public function keep(LiveStep $step, ?InputSource $by = null): void
    {
        if ($this->work === null) {
            return;
        }
        $ended = $this->deck->recorder->append($step->taken);
        if ($ended !== null) {
            $this->eyes->notice($ended);
        }
        $isTold = $by !== null && ($by->kind !== SourceKind::Page || count($this->work->hands->all) > 1);
        $this->eyes->keep($ended === null ? $step : $step->withProblem($ended), $this->work, $isTold ? $by->name : '');
        if (
            $step->outputs !== [] || $step->game !== []
                || $step->sentences !== []
                || $step->problems !== []
                || $step->taken !== []
        ) {
            $this->news->came();
            $this->isSaved = false;
        }
    }

    /**
     * Another set comes into play.
     *
     * @return bool false if there is none of that id
     *
     * @throws Refusal if it cannot be put together, or cannot be read just now
     */
    public function play(string $id): bool
    {
        $ending = $id === $this->in->id ? null : $this->work;
        if ($ending !== null) {
            // What is being recorded for a macro is kept.
            $this->keep($ending->live->keepMacro());
            $this->writeMacros($ending, true);
        }
        $both = $id === $this->in->id ? [] : StoreRefuses::whenDoing(fn () => $this->in->put($id));
        if ($both !== null && $both !== []) {
            [$program, $set] = $both;
            $now = $this->clock->now();
            $step = $this->work?->changeTo($program, $set, $now);
            $work = $this->work ??= new RigAtWork(
                new Live($program, $set, OnDesk::inModes(new LiveState, $set)),
                $set,
                $program,
            );
            $this->keep($step ?? $work->live->begin($now));
            $this->news->came();
            $this->desk->edited($now);
            try {
                StoreRefuses::whenDoing(function () use ($work, $set, $now): void {
                    $this->keep($this->desk->modes($work, $now));
                    $this->eyes->notice(...$this->desk->wants($set));
                });
            } catch (StoreRefuses) {
                // The modes of the devices are looked at again when the database is.
                $this->isToReread = true;
            }
        }

        return $both !== null;
    }

    /**
     * Something was written to the store: is the set in play another than it was?
     *
     * @throws StoreRefuses if it cannot be read just now
     */
    public function reread(): void
    {
        $this->isToReread = false;
        $id = $this->in->orAnother($this->in->id);
        if ($id !== $this->in->id || $id === '') {
            $this->in->unlessBroken(fn () => $this->play($id));

            return;
        }
        $wasBroken = $this->in->broken;
        $both = $this->in->reread();
        if ($both !== null) {
            $this->keep($this->work()->edited($both[0], $both[1], $this->clock->now()));
            $this->desk->edited($this->clock->now());
        }
        $this->keep($this->desk->modes($this->work(), $this->clock->now()));
        if ($both !== null || $wasBroken !== $this->in->broken) {
            $this->news->came();
        }
    }

    /** Written at most once a second, when something has changed. */
    public function save(): void
    {
        if ($this->work !== null) {
            $this->writeMacros($this->work, false);
        }
        $ended = $this->deck->recorder->write();
        if ($ended !== null) {
            $this->keep(LiveStep::none()->withProblem($ended));
            $this->eyes->notice($ended);
        }
        if (! $this->isSaved && $this->work !== null) {
            $this->isSaved = $this->snapshot->write(
                $this->set(),
                $this->in->program,
                $this->work->live->state,
                $this->work->held(),
            );
        }
        $this->eyes->notice(...$this->lateness->look($this->deck->waits($this->work), $this->clock->now()));
    }

    /**
     * @return bool false if something is recorded already
     *
     * @throws BadRecording if the disk is full
     */
    public function record(): bool
    {
        $this->changed();

        return $this->deck->recorder->begin($this->work()->live->state->asFound(), $this->clock->now());
    }

    /** Ends the recording and keeps it; null if none was being made. */
    public function keepRecording(string $name): ?RecordingRecord
    {
        $this->changed();

        return $this->deck->recorder->keep($name);
    }

    /**
     * Plays a recording, as a hand of its own; false if there is none of that id.
     *
     * @throws BadRecording if it cannot be read
     */
    public function playRecording(string $id): bool
    {
        // Its first rows are read before there is a hand: a recording that cannot be read leaves none behind.
        $rows = $this->deck->rowsOf($id);
        if ($rows === null) {
            return false;
        }
        $this->stopPlaying();
        $this->deck->play($rows, $this->open($rows->name(), SourceKind::Recording, []), $this->clock->now());
        $this->changed();

        return true;
    }

    /**
     * What is played ends.
     *
     * @param string $said why; empty if somebody wanted it
     */
    public function stopPlaying(string $said = ''): void
    {
        $stopped = $this->deck->stop();
        if ($stopped !== null) {
            [$hand, $name] = $stopped;
            $this->close($hand);
            // First the picture in which nothing is played, so that what is said stays on the page.
            $this->tell();
            $this->eyes->say('played', ['said' => $said === '' ? sprintf('"%s" was stopped.', $name) : $said]);
            $this->changed();
        }
    }

    /** Rows of what is played that are due are taken. */
    private function runDeck(int $now): void
    {
        while (($due = $this->deck->batch($now)) !== null) {
            $this->take(...$due);
        }
        $said = $this->deck->end();
        if ($said !== null) {
            $this->stopPlaying($said);
        }
    }

    /** @param bool $isLast is there no next time? */
    private function writeMacros(RigAtWork $work, bool $isLast): void
    {
        foreach ($this->deck->writeMacros($work, $isLast) as $said) {
            $this->tell();
            $this->eyes->notice($said);
            $this->changed();
        }
    }

    /** The process ends as it should: all is let go of, then written. */
    public function end(): void
    {
        if ($this->work !== null) {
            $this->keep(
                LiveStep::joined([$this->work->live->step([], $this->clock->now()), $this->work->live->close()]),
            );
            $this->tell();
            $this->isSaved = false;
        }
        $this->save();
        $this->snapshot->isGood();
    }
}
