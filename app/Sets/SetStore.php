<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\Revision;
use App\Models\SetRecord;
use Illuminate\Support\Facades\DB;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Drafts;
use Nailrod\Core\Set\Excerpt;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;

/** Sets and their revisions: read, edited, undone, redone. */
final class SetStore
{
    public function __construct(private readonly Programs $programs) {}

    public function open(string $id): SetRecord
    {
        return SetRecord::query()->with('head')->findOrFail($id);
    }

    /** The record alone; its head is read only if it has to be compiled. */
    public function record(string $id): SetRecord
    {
        return SetRecord::query()->findOrFail($id);
    }

    public function assemble(SetDocument $set): BindingSet
    {
        return (new Assembly(Drafts::of(new DatabaseLibrary, $set)))->assemble($set);
    }

    /** A set as it would be after an edit of one that is put together already; nothing is saved. */
    public function after(BindingSet $before, SetDocument $after): BindingSet
    {
        return (new Assembly(Drafts::of(new DatabaseLibrary, $after)))->assemble($after, $before);
    }

    /** The set that holds now, put together; read from what was compiled where that is at hand. */
    public function current(SetRecord $record): BindingSet
    {
        return $this->compiled($record, $this->programs->set(...));
    }

    /**
     * Something that was compiled of a set; what is damaged is made anew.
     *
     * @template T
     *
     * @param callable(string): T $read given the key
     *
     * @return T
     */
    private function compiled(SetRecord $record, callable $read): mixed
    {
        try {
            return $read($this->programOf($record));
        } catch (\UnexpectedValueException) {
            return $read($this->programOf($record));
        }
    }

    /**
     * A small part of each of many sets, without reading the whole of them.
     *
     * @template T of Excerpt
     *
     * @param class-string<T> $class
     * @param list<string>    $ids
     *
     * @return array<string, T> by id, in the order asked for
     */
    public function excerpts(string $class, array $ids): array
    {
        $records = SetRecord::query()->findMany($ids)->keyBy('id');
        $excerpts = [];
        foreach (array_filter(array_map($records->get(...), array_combine($ids, $ids))) as $id => $record) {
            $excerpts[$id] = $this->compiled($record, fn (string $key) => $this->programs->excerpt($key, $class));
        }

        return $excerpts;
    }

    /** Key of the compiled program of the set that holds now. */
    public function programOf(SetRecord $record): string
    {
        if ($record->program === null || ! $this->programs->has($record->program)) {
            $key = $this->programs->keep($this->assemble($record->loadMissing('head')->head->set()));
            // Only if the set has not moved on meanwhile: its program is that of the revision that holds.
            SetRecord::query()
                ->where('id', $record->id)
                ->where('head_id', $record->head_id)
                ->update(['program' => $key]);
            $record->setAttribute('program', $key)->syncOriginalAttribute('program');
        }

        return (string) $record->program;
    }

    public function create(SetDocument $set, int $position, string $author, string $sentence): SetRecord
    {
        return DB::transaction(function () use ($set, $position, $author, $sentence): SetRecord {
            $record = SetRecord::query()->create(['id' => $set->id, 'position' => $position, 'redo' => []]);
            $revision = Heads::append($record, $set, $author, $sentence);
            $record->goOnTo($revision, Heads::heading($set));

            return $record;
        });
    }

    /**
     * @param callable(BindingSet): SetDocument $change given the set as it was at the revision the edit was made from
     *
     * @return Revision the one that holds now; the same as before if nothing changed
     *
     * @throws StaleEdit if the set has moved on from that revision
     */
    public function edit(string $id, int $from, string $author, callable $change): Revision
    {
        return DB::transaction(function () use ($id, $from, $author, $change): Revision {
            $record = self::notRemoved($this->open($id));
            $base = $record->head_id === $from ? $record->head : Revision::query()
                ->where('set_id', $id)
                ->findOrFail($from);
            $known = $this->known($record, $base);
            $before = $known->merged->own;
            $after = $change($known);
            if ($record->head_id !== $from) {
                throw new StaleEdit($base, $record->head, $after);
            }
            self::mustFit($after);
            $set = $this->check($after, $known);
            $changes = SetDiff::between($before, $after);
            if ($changes === []) {
                return $base;
            }
            $revision = Heads::append(
                $record,
                $after,
                $author,
                (new Words($set, SetRecord::nameOf(...)))->sentence($changes),
                $from,
            );
            $former = $record->program;
            $record->goOnTo($revision, ['program' => $this->programs->keep($set)] + Heads::heading($after));
            $this->dropFormer($former, $record->program);

            return $revision;
        }, 3);
    }

    /**
     * The set as it would be after an edit; nothing is saved.
     *
     * @param callable(BindingSet): SetDocument $change
     */
    public function preview(string $id, int $from, callable $change): BindingSet
    {
        return $this->assemble(
            $change($this->assemble(Revision::query()->where('set_id', $id)->findOrFail($from)->set())),
        );
    }

    /**
     * Steps back to the revision that the present one was made from; null if there is none.
     *
     * @throws MovedOn if another revision holds than the one that was seen
     */
    public function undo(string $id, int $seen): ?Revision
    {
        return DB::transaction(fn (): ?Revision => $this->checked(Heads::back($this->seenAs($id, $seen))), 3);
    }

    /**
     * Steps forward to the revision that was undone last; null if there is none.
     *
     * @throws MovedOn if another revision holds than the one that was seen
     */
    public function redo(string $id, int $seen): ?Revision
    {
        return DB::transaction(fn (): ?Revision => $this->checked(Heads::forward($this->seenAs($id, $seen))), 3);
    }

    private function checked(?Revision $revision): ?Revision
    {
        if ($revision !== null) {
            try {
                $this->check($revision->set());
            } catch (FormatError $error) {
                throw $error->source === '' ? $error->in('what would come back') : $error;
            }
        }

        return $revision;
    }

    private static function notRemoved(SetRecord $record): SetRecord
    {
        if ($record->put_away) {
            throw FormatError::told(
                'set',
                $record->name.', which is put away with the demo',
                'a set that is there; bring the demo back on its first page',
            );
        }

        return $record->removed ? throw FormatError::told(
            'set',
            $record->name.', which is deleted',
            'a set that is there; bring it back on Sets first',
        ) : $record;
    }

    private function seenAs(string $id, int $seen): SetRecord
    {
        $record = self::notRemoved($this->open($id));

        return $record->head_id === $seen ? $record : throw MovedOn::since();
    }

    /**
     * Takes a set out of the list; it can be brought back as it was. One that others inherit from is refused.
     */
    public function remove(string $id): SetRecord
    {
        return DB::transaction(function () use ($id): SetRecord {
            $record = $this->open($id);
            $heirs = array_column(
                array_filter(SetTree::headings(), fn (array $heading) => $heading['parent'] === $id),
                'name',
            );
            if ($heirs !== []) {
                throw FormatError::told(
                    'delete',
                    $record->name.', which '.implode(' and ', $heirs).(
                        count($heirs) === 1 ? ' inherits' : ' inherit'
                    ).' from',
                    'a set that nothing inherits from; delete those first',
                );
            }
            $record->update(['removed' => true]);

            return $record;
        });
    }

    /** One whose parent is gone is refused. */
    public function bringBack(string $id): SetRecord
    {
        $record = $this->open($id);
        if ($record->parent !== null && $this->open($record->parent)->removed) {
            throw FormatError::told(
                'bring back',
                $this->open($record->parent)->name.' is deleted, which it inherits from',
                'its parent first',
            );
        }
        if ($record->removed && OwnNames::ofSet($record->name) !== $record->name) {
            throw FormatError::told(
                'bring back',
                'another set that is called '.$record->name.' now',
                'that one under another name first',
            );
        }
        $record->update(['removed' => false]);

        return $record;
    }

    /** What is kept can go out as a file and come in again. */
    private static function mustFit(SetDocument $set): void
    {
        // Written with its line ends it is at most some three times as long.
        if (3 * strlen($set->toCompactJson()) > Json::MAX_BYTES) {
            try {
                Json::mustFit($set->toJson());
            } catch (FormatError $error) {
                throw FormatError::told(
                    'the set',
                    $error->found,
                    $error->expected.', so that it can be saved as a file and read again',
                );
            }
        }
    }

    /** What was compiled of a revision that no longer holds goes. */
    private function dropFormer(?string $former, ?string $now): void
    {
        if ($former !== null && $former !== $now && ! SetRecord::query()->where('program', $former)->exists()) {
            $this->programs->drop($former);
        }
    }

    /** The set as it was at a revision: what was compiled of it is at hand where that is the present one. */
    private function known(SetRecord $record, Revision $base): BindingSet
    {
        return $record->head_id === $base->id && $record->program !== null && $this->programs->has($record->program)
            ? $this->current($record)
            : $this->assemble($base->set());
    }

    /** The set and all that inherit from it still hold together; what was compiled of those is no longer good. */
    private function check(SetDocument $set, ?BindingSet $before = null): BindingSet
    {
        $assembly = new Assembly(Drafts::of(new DatabaseLibrary, $set));
        $assembled = $assembly->assemble($set, $before);
        foreach (SetTree::heirs($set->id) as $heir) {
            $other = $this->open($heir);
            $child = $other->head->set();
            try {
                $assembly->assemble($child);
            } catch (FormatError $error) {
                throw $error->in('the set '.$child->name.', which inherits from this one');
            }
            $other->update(['program' => null]);
        }

        return $assembled;
    }
}
