<?php

declare(strict_types=1);

namespace App\View;

use App\Models\CatalogueRecord;
use App\Sets\SetList;
use App\Sets\SetStore;
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

        return array_map(fn (array $heading) => $heading + ['game' => $names[$glances[$heading['id']]->game ?? ''] ?? '', 'says' => $glances[$heading['id']]->inWords()], $this->place->sets);
    }

    /** @return array<string, string> names of the games, by id */
    public function games(): array
    {
        return CatalogueRecord::names();
    }

    /** @return array<string, string> names by id */
    public function removed(): array
    {
        return SetList::removed();
    }

    /** @return list<string> names of the sets that inherit from this one directly */
    public function children(): array
    {
        return array_column(array_filter(SetList::headings(), fn (array $heading) => $heading['parent'] === $this->place->record->id), 'name');
    }
}
