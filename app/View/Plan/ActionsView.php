<?php

declare(strict_types=1);

namespace App\View\Plan;

use App\Models\CatalogueRecord;
use App\View\Place;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\ReservedKey;
use Nailrod\Core\Set\Slot;

/**
 * The Actions place: all that the game can be told to do, by which ways, and the keys that nothing else is reached by.
 */
final readonly class ActionsView
{
    public string $find;

    private Reach $reach;

    /** @param ?CatalogueRecord $record the simulator of the set; null if it has none */
    public function __construct(public Place $place, public ?CatalogueRecord $record, string $find)
    {
        $this->find = trim($find);
        $this->reach = Reach::of($place->set);
    }

    /** What a step back in the list undoes; null if there is nothing. */
    public function undo(): ?string
    {
        return ($this->record->head->made_from ?? null) === null ? null : $this->record->head->sentence ?? null;
    }

    /** What would be done again in it; null if there is nothing. */
    public function redo(): ?string
    {
        return $this->record?->undone()?->sentence;
    }

    public function catalogue(): ?Catalogue
    {
        return $this->place->set->catalogue;
    }

    /** @return array<string, list<Action>> those that were asked for, by the name of their group */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->catalogue()?->byGroup() ?? [] as $group => $actions) {
            $found = array_values(array_filter($actions, $this->isFound(...)));
            if ($found !== []) {
                $groups[$this->catalogue()->groups[$group] ?? ''] = $found;
            }
        }

        return $groups;
    }

    /** By a part of its name, its key, its kind or its role. */
    private function isFound(Action $action): bool
    {
        $words = preg_split('/\s+/', mb_strtolower($this->find), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $text = mb_strtolower(
            implode(' ', [$action->name, $action->key?->label() ?? '', $action->kind->value, $action->role]),
        );

        return array_filter($words, fn (string $word) => ! str_contains($text, $word)) === [];
    }

    /** What it is told by in this set; empty if it has no way yet. */
    public function way(Action $action): string
    {
        $way = $this->place->set->wayOf($action->id);

        return $way === null ? '' : $this->place->words->output($way);
    }

    /** @return list<Slot> */
    public function spots(Action $action): array
    {
        return $this->reach->spots($action->id);
    }

    public function where(Action $action): string
    {
        $set = $this->place->set;

        return implode(
            ', ',
            array_map(
                fn (Slot $spot) => $set->rig->fullNameOf($spot->ref).(
                    $spot->layer === 'base' ? '' : ' in '.($set->layers[$spot->layer]->name ?? '')
                ),
                $this->spots($action),
            ),
        );
    }

    /** @return array<string, list<ReservedKey>> keys that are kept, by who keeps them */
    public function kept(): array
    {
        $kept = [];
        foreach ($this->catalogue()->reserved ?? [] as $key) {
            $kept[$key->by === ReservedKey::DESKTOP ? 'The desktop' : $this->catalogue()->name ?? ''][] = $key;
        }

        return $kept;
    }
}
