<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Revision;
use App\Models\SetRecord;
use App\Sets\Heirs;
use App\Sets\SetStore;
use App\Sets\SetTree;
use Illuminate\Support\HtmlString;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Words;

/** What every place shows: the set that is open, its parents, what can be undone. */
final readonly class Place
{
    public PartFindings $told;

    /**
     * @param SetRecord $root the set that says what the rig is, so that it holds for every simulator
     * @param SetRecord $edited the set that edits of this place change, and whose steps are undone here: where it is
     *     about what the rig is,
     * the root
     * @param list<array{id: string, name: string, depth: int, hasSteps: bool}> $sets every set, parents before their
     *     children
     * @param ?string                                           $undo what would be undone
     * @param ?string                                           $redo what would be done again
     */
    private function __construct(
        public string $name,
        public SetRecord $record,
        public SetRecord $root,
        public SetRecord $edited,
        public BindingSet $set,
        public Words $words,
        public array $sets,
        public ?string $undo,
        public ?string $redo,
        private Heirs $heirs,
        private string $base,
        public NotHere $notHere = new NotHere,
        public Picked $picked = new Picked,
    ) {
        $this->told = new PartFindings($set);
    }

    /**
     * @param ?BindingSet $instead shown in place of the set that holds now
     * @param bool        $isOwn   is it about what the open set says itself, though the place is about what the rig is?
     */
    public static function open(
        SetStore $store,
        string $id,
        string $name,
        ?BindingSet $instead = null,
        bool $isOwn = false,
    ): self {
        $record = $store->open($id);
        $set = $instead ?? $store->current($record);
        $isOfRig = Places::isOfRig($name);
        $root = $isOfRig && $set->merged->chain[0]->id !== $id ? $store->open($set->merged->chain[0]->id) : $record;
        $edited = $isOwn ? $record : $root;

        return new self(
            $name,
            $record,
            $root,
            $edited,
            $set,
            new Words($set),
            SetTree::tree(),
            $edited->head->made_from === null ? null : $edited->head->sentence,
            $edited->undone()?->sentence,
            new Heirs($record->id),
            dirname(route('rig', $record->id)),
        );
    }

    /**
     * The address of a place, as route() gives it; a page has many.
     *
     * @param array<string, string> $query
     * @param string                $set   id of another set than this one
     */
    public function at(string $name, array $query = [], string $set = ''): string
    {
        return ($set === '' ? $this->base : dirname($this->base).'/'.$set).'/'.$name.(
            $query === [] ? '' : '?'.http_build_query($query, '', '&', PHP_QUERY_RFC3986)
        );
    }

    /** Where this is, as the bar names it. */
    public function address(): string
    {
        return $this->picked->at === '' ? $this->name : $this->picked->at;
    }

    /**
     * The address of a place with what is picked here.
     *
     * @param string $place as in Places
     */
    public function on(string $place): string
    {
        [$name, $asked] = Places::split($place);

        return $this->at($name, $asked + $this->picked->toArray());
    }

    /** The place that an address leads to; the rig if it leads to none. */
    public static function nameIn(string $url): string
    {
        $last = basename((string) parse_url($url, PHP_URL_PATH));

        return isset(Places::pages()[$last]) ? $last : 'rig';
    }

    /**
     * What every form of an edit sends along: the token of the page, and the revision that it was made from.
     *
     * @param ?SetRecord $of the set that it changes, if that is another than the place is about
     */
    public function from(?SetRecord $of = null): HtmlString
    {
        return new HtmlString(
            csrf_field().'<input type="hidden" name="from" value="'.($of ?? $this->edited)->head_id.'">',
        );
    }

    /** @return array<string, int> the revision that holds of each set that forms of this page change, by id */
    public function revisions(): array
    {
        return array_map(
            fn (SetRecord $set): int => (int) $set->head_id,
            array_column([$this->record, $this->root, $this->edited], null, 'id'),
        );
    }

    /** Where the set says this part itself, or which parent says it; null if nobody does. */
    public function originOf(PartPath $path): ?Origin
    {
        $merged = $this->set->merged;
        $origin = $merged->origin($path);

        return $origin === null ? null : new Origin(
            $origin === $merged->own->id,
            $merged->nameOf($origin),
            count($merged->chain) > 1,
        );
    }

    /**
     * @return array<string, float> how bright the lamps of devices are that are dimmed, as a part of the whole, by
     *     device
     */
    public function brightness(): array
    {
        $bright = array_map(fn (array $settings) => $settings[Setting::BRIGHTNESS] ?? null, $this->set->settings);

        return array_map(
            fn (mixed $percent) => round((float) $percent / 100, 2),
            array_filter($bright, is_numeric(...)),
        );
    }

    /** Does the set itself say something of this part, even if only that it is taken away? */
    public function saysItself(PartPath $path): bool
    {
        return $this->set->merged->own->says($path);
    }

    /**
     * What else an edit of this part would change, shown before it is made; empty where nothing inherits from this set.
     */
    public function below(PartPath $path): string
    {
        return $this->heirs->inWords($path);
    }

    /**
     * @param int $most how many are wanted
     *
     * @return list<Revision> of the set, the newest first; those that were undone are not among them
     */
    public function history(int $most = 30): array
    {
        // One question for all of them: each names the one that it was made from.
        return array_values(Revision::query()->fromRaw(
            '(WITH RECURSIVE line(id, made_from, author, sentence, created_at, back) AS ('
            .'SELECT id, made_from, author, sentence, created_at, 1 FROM revisions WHERE id = ? UNION ALL '
            .'SELECT r.id, r.made_from, r.author, r.sentence, r.created_at, back + 1 FROM revisions r JOIN line ON '
            .'r.id = line.made_from WHERE back < ?'
            .') SELECT * FROM line) AS revisions',
            [$this->record->head_id, $most],
        )->orderBy('back')->get()->all());
    }
}
