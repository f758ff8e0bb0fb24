<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\SetRecord;
use App\Recordings\Recordings;
use App\Sets\Programs;
use App\Sets\SetStore;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Hand\Batch;
use Nailrod\Core\Hand\Hand;
use Nailrod\Core\Hand\HandError;
use Nailrod\Core\Hand\HandKind;
use Nailrod\Core\Hand\RigAtWork;
use Nailrod\Core\Live\Live;
use Nailrod\Core\Live\LiveState;
use Nailrod\Core\Live\LiveStep;
use Nailrod\Core\Program\Program;
use Nailrod\Core\Set\BindingSet;

/** The rig that goes on whether anybody looks or not: the set in play, its hands, its eyes, what is recorded and played. */
final class Resident
{
    public readonly Eyes $eyes;

    public readonly Deck $deck;

    private ?RigAtWork $work = null;

    private ?SetRecord $record = null;

    /** Key of the program that runs. */
    private string $program = '';

    /** When eyes were told last, in µs. */
    private int $told = 0;

    private bool $hasNews = false;

    private bool $isSaved = true;

    /** Why the set that was edited last is not in play as it is now; empty if it is. */
    private string $broken = '';

    public function __construct(private readonly SetStore $sets, private readonly Programs $programs, Recordings $recordings, private readonly Snapshot $snapshot, public readonly Clock $clock)
    {
        $this->eyes = new Eyes(bin2hex(random_bytes(4)));
        $this->deck = new Deck($this, $recordings);
    }

    /** Takes up what the last process left. */
    public function begin(): void
    {
        $this->deck->begin();
        $kept = $this->snapshot->read();
        $this->record = SetRecord::query()->where('removed', false)->find($kept['set'] ?? $this->snapshot->setAlone()) ?? $this->first();
        if ($this->record === null) {
            return;
        }
        [$program, $set] = $this->compiled($this->record);
        if ($kept !== null) {
            $this->clock->set($kept['state']->run->now);
        }
        if ($kept !== null && $kept['program'] === $this->program) {
            [$live, $step] = Live::again($program, $set, $kept['state'], $kept['held']);
        } else {
            // Edited while nothing ran: every control is where it was, all else is found anew.
            $simulator = $set->catalogue->id ?? '';
            $live = new Live($program, $set, $kept === null ? new LiveState : $kept['state']->under($simulator, $simulator, $kept['held']));
            $step = $live->begin($this->clock->now());
        }
        $this->work = new RigAtWork($live, $set, $program);
        $this->keep($step);
    }

    private function first(): ?SetRecord
    {
        return SetRecord::query()->where('removed', false)->orderByDesc('position')->first();
    }

    /** @return array{Program, BindingSet} */
    private function compiled(SetRecord $record): array
    {
        $set = $this->sets->current($record);
        $this->program = (string) $record->program;

        return [$this->programs->program($this->program), $set];
    }

    /** @throws HandError if there is no set, so that there is no rig */
    public function work(): RigAtWork
    {
        return $this->work ?? throw HandError::noSet();
    }

    /** A hand that is there. */
    public function hand(string $id): ?Hand
    {
        return $this->work->hands->all[$id] ?? null;
    }

    /** @return list<Hand> */
    public function hands(): array
    {
        return array_values($this->work->hands->all ?? []);
    }

    public function set(): string
    {
        return $this->record->id ?? '';
    }

    /** Id of the simulator in play; empty if none is. */
    public function simulator(): string
    {
        return $this->work?->set->catalogue->id ?? '';
    }

    /** @param list<string> $devices that only this hand feeds */
    public function open(string $name, HandKind $kind, array $devices): Hand
    {
        [$hand, $step] = $this->work()->open(bin2hex(random_bytes(8)), $name, $kind, $devices, $this->clock->now());
        $this->keep($step);

        return $hand;
    }

    /** @throws HandError if a batch is missing before it */
    public function take(Hand $hand, Batch $batch): void
    {
        foreach ($this->work()->take($hand, $batch, $this->clock->now(...)) as $step) {
            $this->keep($step);
        }
        $this->hasNews = $this->hasNews || ! $batch->isEmpty();
        if ($batch->bye) {
            $this->close($hand);
        }
    }

    public function close(Hand $hand): void
    {
        if (isset($this->work()->hands->all[$hand->id])) {
            $this->keep($this->work()->goes($hand, $this->clock->now()));
        }
    }

    /** Everything that has become due happens. */
    public function run(): void
    {
        if ($this->work === null) {
            return;
        }
        $now = $this->clock->now();
        $this->deck->run($now);
        $this->keep($this->work()->run($now));
        if ($this->hasNews && $now >= $this->told + Eyes::JOINED) {
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
            $this->hasNews ? $this->told + Eyes::JOINED : null,
            $this->work->live->isGameMoving() ? $this->work->now() + 40_000 : null,
        ], is_int(...));

        return $due === [] ? null : max(0, min($due) - $this->clock->now());
    }

    public function tell(): void
    {
        if ($this->work !== null) {
            $this->hasNews = false;
            $this->told = $this->clock->now();
            $this->eyes->flush($this->work, $this->picture(), $this->told);
        }
    }

    public function look(Eye $eye, string $last): void
    {
        if ($eye->page !== '' && $eye->page !== $this->set() && $this->eyes->all === [] && ($this->work->hands->all ?? []) === []) {
            // Nobody else is there: what the only page shows is in play.
            $this->play($eye->page);
        }
        $this->eyes->open($eye, $this->work(), $this->picture(), $this->clock->now(), $last);
    }

    private function picture(): Picture
    {
        return Picture::of($this->work(), [
            'set' => $this->set(),
            'name' => $this->record->name ?? '',
            'program' => $this->program,
            'broken' => $this->broken,
        ] + $this->deck->picture());
    }

    public function changed(): void
    {
        $this->hasNews = true;
    }

    public function keep(LiveStep $step): void
    {
        if ($this->work === null) {
            return;
        }
        $ended = $this->deck->recorder->append($step->taken);
        $this->eyes->keep($ended === null ? $step : $step->withProblem($ended), $this->work);
        if ($step->outputs !== [] || $step->game !== [] || $step->sentences !== [] || $step->problems !== [] || $step->taken !== []) {
            $this->hasNews = true;
            $this->isSaved = false;
        }
    }

    /** Another set comes into play. */
    public function play(string $id): bool
    {
        $record = SetRecord::query()->where('removed', false)->find($id);
        if ($record === null) {
            return false;
        }
        if ($this->record?->id !== $record->id) {
            $this->record = $record;
            [$program, $set] = $this->compiled($record);
            $now = $this->clock->now();
            $step = $this->work?->changeTo($program, $set, $now);
            $this->work ??= new RigAtWork(new Live($program, $set, new LiveState), $set, $program);
            $this->broken = '';
            $this->keep($step ?? $this->work->live->begin($now));
            $this->hasNews = true;
        }

        return true;
    }

    /** Something was written to the store: is the set in play another than it was? */
    public function reread(): void
    {
        $record = SetRecord::query()->where('removed', false)->find($this->set()) ?? $this->first();
        if ($record === null) {
            return;
        }
        if ($record->id !== $this->set()) {
            $this->play($record->id);

            return;
        }
        if ($record->program === $this->program && $this->broken === '') {
            return;
        }
        $former = $this->program;
        try {
            [$program, $set] = $this->compiled($record);
            $this->record = $record;
            if ($this->program !== $former) {
                $this->keep($this->work()->edited($program, $set, $this->clock->now()));
            }
            $this->broken = '';
        } catch (Refusal|\UnexpectedValueException $error) {
            // The old one stays in play.
            $this->program = $former;
            $this->broken = $error->getMessage();
        }
        $this->hasNews = true;
    }

    /** Written at most once a second, when something has changed. */
    public function save(): void
    {
        $this->deck->write();
        if (! $this->isSaved && $this->work !== null) {
            $this->snapshot->write($this->set(), $this->program, $this->work->live->state, $this->work->held());
            $this->isSaved = true;
        }
    }

    /** The process ends as it should: all is let go of, then written. */
    public function end(): void
    {
        if ($this->work !== null) {
            $this->keep(LiveStep::joined([$this->work->live->step([], $this->clock->now()), $this->work->live->leave()]));
            $this->tell();
            $this->isSaved = false;
        }
        $this->save();
        $this->snapshot->isGood();
    }
}
