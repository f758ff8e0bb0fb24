<?php

declare(strict_types=1);

namespace App\View\Keep;

use App\Models\CatalogueRecord;
use App\Models\SetRecord;
use App\Sets\Demo;
use App\Sets\SetStore;
use App\Sets\SetTree;
use App\View\Place;
use Nailrod\Core\Set\SetGlance;

/** The sets: what each says itself, what is out and in as files. */
final readonly class SetsView
{
    public function __construct(public Place $place, private SetStore $store) {}

    /** @return list<array{id: string, name: string, depth: int, game: string, says: string}> */
    public function sets(): array
    {
        $names = $this->games();
        $glances = $this->store->excerpts(SetGlance::class, array_column($this->place->sets, 'id'));

        return array_map(
            fn (array $heading) => $heading + [
                'game' => $names[$glances[$heading['id']]->game ?? ''] ?? '',
                'says' => $glances[$heading['id']]->inWords(),
            ],
            $this->place->sets,
        );
    }

    /** @return array<string, string> names of the games, by id */
    private function games(): array
    {
        return CatalogueRecord::names();
    }

    /** @return array<string, string> names of the games that a new set can be for, by id */
    public function offered(): array
    {
        return array_diff_key($this->games(), Demo::isAway() ? array_flip(Demo::catalogues()) : []);
    }

    /** Is the demo there (true), put away (false), or was it never loaded (null)? */
    public function demo(): ?bool
    {
        return Demo::isLoaded() ? ! Demo::isAway() : null;
    }

    /** The root of this rig, if its list of first steps was put away; null if it is listed, and in the demo. */
    public function withoutSteps(): ?SetRecord
    {
        $root = SetRecord::query()->find($this->place->set->merged->chain[0]->id);

        return $root === null || $root->steps !== null || Demo::isOf($root) ? null : $root;
    }

    /** @return array<string, string> names by id */
    public function removed(): array
    {
        return SetTree::removed();
    }

    /** @return list<string> names of the sets that inherit from this one directly */
    public function children(): array
    {
        return array_column(
            array_filter(SetTree::headings(), fn (array $heading) => $heading['parent'] === $this->place->record->id),
            'name',
        );
    }
}
