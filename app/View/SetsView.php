<?php

declare(strict_types=1);

namespace App\View;

use App\Models\CatalogueRecord;
use App\Sets\SetList;
use App\Sets\SetStore;
use Nailrod\Core\Set\Section\Sections;
use Nailrod\Core\Set\SetDocument;

/** The sets: what each says itself, what is out and in as files. */
final readonly class SetsView
{
    public function __construct(public Place $place, private SetStore $store) {}

    /** @return list<array{id: string, name: string, depth: int, game: string, says: string}> */
    public function sets(): array
    {
        $sets = $games = [];
        $names = $this->games();
        // Parents come before their children, and a game holds until a child says another.
        foreach ($this->place->sets as $heading) {
            $own = $heading['id'] === $this->place->record->id ? $this->place->set->merged->own : $this->store->open($heading['id'])->head->set();
            $games[$own->id] = $own->simulator ?? $games[$own->parent ?? ''] ?? '';
            $sets[] = $heading + ['game' => $names[$games[$own->id]] ?? '', 'says' => self::says($own)];
        }

        return $sets;
    }

    /** What a set says itself, section by section. */
    private static function says(SetDocument $own): string
    {
        $says = [];
        foreach (Sections::all() as $section => $class) {
            [$one, $many] = $class::called();
            $n = count($own->partsOf($section));
            if ($n > 0) {
                $says[] = $n.' '.($n === 1 ? $one : $many);
            }
        }

        return $says === [] ? 'nothing of its own yet' : implode(', ', $says);
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
