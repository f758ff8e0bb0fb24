<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\SetRecord;
use App\Sets\Programs;
use App\Sets\SetStore;
use App\Storage\StoreRefuses;
use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\SetDocument;

/** Which set the rig works by, and its program as it was compiled last. */
final class SetInPlay
{
    public string $id = '';

    public string $name = '';

    /** Key of the program. */
    public string $program = '';

    /** Why the set as it was edited last is not in play; empty if it is. */
    public string $broken = '';

    public function __construct(private readonly SetStore $sets, private readonly Programs $programs) {}

    /** @return array<string, string> what pages are told of it */
    public function picture(): array
    {
        return ['set' => $this->id, 'name' => $this->name, 'program' => $this->program, 'broken' => $this->broken];
    }

    /**
     * The same id if there is such a set, else that of the one that pages begin with; empty if there is none at all.
     */
    public function orAnother(string $id): string
    {
        $sets = SetRecord::shown();

        return (string) ((clone $sets)->where('id', $id)->value('id') ?? $sets->orderByDesc('position')->value('id'));
    }

    /**
     * @return ?array{Program, BindingSet} of the set that comes into play; null if there is none of that id
     *
     * @throws Refusal if it cannot be put together
     */
    public function put(string $id): ?array
    {
        $record = SetRecord::shown()->find($id);

        return $record === null ? null : $this->taken($record);
    }

    /**
     * @return ?array{Program, BindingSet} of the set as it was edited; null if it is as it was, or cannot be compiled
     */
    public function reread(): ?array
    {
        $record = SetRecord::query()->findOrFail($this->id);
        if ($record->program === $this->program && $this->broken === '') {
            return null;
        }
        $before = $this->program;
        $both = $this->unlessBroken(fn (): array => $this->taken($record));

        return $this->program === $before ? null : $both;
    }

    /**
     * Writes an edit of the set that what plays has already: it goes on as it is.
     *
     * @param callable(BindingSet): SetDocument $change
     *
     * @throws Refusal if it cannot be made, or somebody else is writing
     */
    public function edit(callable $change): void
    {
        $before = SetRecord::query()->findOrFail($this->id);
        $this->sets->edit($this->id, (int) $before->head_id, 'the rig', $change);
        if ($before->program === $this->program) {
            $this->program = (string) SetRecord::query()->findOrFail($this->id)->program;
        }
    }

    /**
     * A set that cannot be put together leaves what is in play as it is, and says why.
     *
     * @template T
     *
     * @param callable(): T $take
     *
     * @return ?T
     *
     * @throws StoreRefuses if the database cannot be read just now
     */
    public function unlessBroken(callable $take): mixed
    {
        try {
            return $take();
        } catch (StoreRefuses $busy) {
            // The set is as it was; what cannot be read just now is read again later.
            throw $busy;
        } catch (Refusal|\UnexpectedValueException $error) {
            $this->broken = $error->getMessage();

            return null;
        }
    }

    /** @return array{Program, BindingSet} */
    private function taken(SetRecord $record): array
    {
        $set = $this->sets->current($record);
        $program = $this->programs->program((string) $record->program);
        [$this->id, $this->name, $this->program, $this->broken] = [
            $record->id,
            $record->name,
            (string) $record->program,
            '',
        ];

        return [$program, $set];
    }
}
