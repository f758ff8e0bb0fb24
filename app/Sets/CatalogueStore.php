<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\CatalogueRecord;
use App\Models\CatalogueRevision;
use App\Models\Revision;
use App\Models\SetRecord;
use Illuminate\Support\Facades\DB;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\CatalogueChange;
use Nailrod\Core\Set\Drafts;
use Nailrod\Core\Set\Following;
use Nailrod\Core\Set\SetDocument;

/**
 * Simulators and the revisions of their lists of actions: changed, undone, done again, together with the sets that
 * follow.
 */
final class CatalogueStore
{
    public function __construct(private readonly SetStore $sets) {}

    public function open(string $id): CatalogueRecord
    {
        return CatalogueRecord::query()->with('head')->findOrFail($id);
    }

    public function create(Catalogue $catalogue, string $sentence): CatalogueRecord
    {
        return DB::transaction(function () use ($catalogue, $sentence): CatalogueRecord {
            $record = CatalogueRecord::query()->create(['id' => $catalogue->id, 'redo' => []]);
            $record->goOnTo($this->append($record, $catalogue, $sentence, [], null));

            return $record;
        });
    }

    /** What a change of a list does to the sets; nothing is saved. */
    public function following(Catalogue $before, Catalogue $after): Following
    {
        return Following::of(new DatabaseLibrary, self::documents([]), $before, $after);
    }

    /**
     * @return CatalogueRevision the one that holds now; the same as before if nothing changed
     *
     * @throws MovedOn if another revision holds than the one that was seen
     */
    public function change(string $id, int $seen, Catalogue $after): CatalogueRevision
    {
        return DB::transaction(function () use ($id, $seen, $after): CatalogueRevision {
            $record = $this->seenAs($id, $seen);
            $before = $record->catalogue();
            $change = CatalogueChange::between($before, $after);
            if ($change->isNothing()) {
                return $record->head;
            }
            $following = $this->following($before, $after);
            $moved = Heads::follow($following, 'The list of '.$before->name.' changed: ');
            $revision = $this->append(
                $record,
                $after,
                mb_strimwidth($change->sentence(), 0, 480, '...'),
                $moved,
                $seen,
            );
            $record->goOnTo($revision);

            return $revision;
        }, 3);
    }

    /**
     * Steps back to the revision that the present one was made from, with the sets that followed it and were left alone
     * since.
     *
     * @return ?CatalogueRevision the one that is undone; null if there is none
     *
     * @throws MovedOn if another revision holds than the one that was seen
     */
    public function undo(string $id, int $seen): ?CatalogueRevision
    {
        return DB::transaction(function () use ($id, $seen): ?CatalogueRevision {
            $record = $this->seenAs($id, $seen);
            $undone = $record->head;
            $to = $record->before();
            if ($to === null) {
                return null;
            }
            $back = [];
            foreach (Keys::each($undone->sets) as $set => [$before, $after]) {
                $this->sets->open($set)->head_id === $after && $back[$set] = $before;
            }
            $this->moveSets($record->catalogue(), $to->catalogue(), $back, Heads::back(...));
            $record->goBackTo($to);

            return $undone;
        }, 3);
    }

    /**
     * Steps forward to the revision that was undone last, with the sets that went back with it and were left alone
     * since.
     *
     * @return ?CatalogueRevision the one that holds then; null if there is none
     *
     * @throws MovedOn if another revision holds than the one that was seen
     */
    public function redo(string $id, int $seen): ?CatalogueRevision
    {
        return DB::transaction(function () use ($id, $seen): ?CatalogueRevision {
            $record = $this->seenAs($id, $seen);
            $to = $record->undone();
            if ($to === null) {
                return null;
            }
            $forward = [];
            foreach (Keys::each($to->sets) as $set => [$before, $after]) {
                $at = $this->sets->open($set);
                $at->head_id === $before && $at->undone()?->id === $after && $forward[$set] = $after;
            }
            $this->moveSets($record->catalogue(), $to->catalogue(), $forward, Heads::forward(...));
            $record->goForwardTo($to);

            return $to;
        }, 3);
    }

    /**
     * The simulator whose list changed last in the edit by which a revision of a set came to be; null if it came
     * otherwise.
     */
    public function thatBrought(Revision $revision): ?CatalogueRecord
    {
        return CatalogueRecord::query()->with('head')->get()->first(
            fn (CatalogueRecord $record) => ($record->head->sets[$revision->set_id][1] ?? null) === $revision->id,
        );
    }

    /**
     * Sets step along with the list, and those that did not change with it follow what is left of them.
     *
     * @param array<string, int>  $moved revisions that sets move to, by set
     * @param callable(SetRecord): mixed $move
     */
    private function moveSets(Catalogue $before, Catalogue $after, array $moved, callable $move): void
    {
        $drafts = array_map(fn (int $revision) => Revision::query()->findOrFail($revision)->set(), $moved);
        $library = new Drafts(new DatabaseLibrary, $drafts);
        $following = Following::of($library, self::documents($drafts), $before, $after);
        foreach (Keys::of($moved) as $set) {
            $move($this->sets->open($set));
        }
        Heads::follow($following, 'The list of '.$after->name.' changed: ');
    }

    /**
     * Every set there is, also those that were taken out and can be brought back.
     *
     * @param array<string, SetDocument> $instead by id
     *
     * @return list<SetDocument>
     */
    private static function documents(array $instead): array
    {
        return array_values(
            SetRecord::query()->with('head')->orderBy('position')->get()->map(
                fn (SetRecord $record) => $instead[$record->id] ?? $record->head->set(),
            )->all(),
        );
    }

    private function seenAs(string $id, int $seen): CatalogueRecord
    {
        $record = $this->open($id);

        return $record->head_id === $seen ? $record : throw MovedOn::list();
    }

    /** @param array<string, array{int, int}> $sets */
    private function append(
        CatalogueRecord $record,
        Catalogue $catalogue,
        string $sentence,
        array $sets,
        ?int $from,
    ): CatalogueRevision {
        return CatalogueRevision::query()->create([
            'catalogue_id' => $record->id,
            'made_from' => $from,
            'document' => Json::compact($catalogue->toArray()),
            'sentence' => $sentence,
            'sets' => $sets,
        ]);
    }
}
