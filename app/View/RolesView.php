<?php

declare(strict_types=1);

namespace App\View;

use App\Sets\SetStore;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Plan\RoleGrid;
use Nailrod\Core\Plan\RoleRow;
use Nailrod\Core\Plan\Spot;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;

/** The Roles place: one grid of roles against all sets that have a game. */
final readonly class RolesView
{
    public const FILTERS = ['' => 'what several games have', 'differ' => 'what is not in line', 'all' => 'everything'];

    /** @var array<string, BindingSet> by id, parents before their children */
    public array $sets;

    public RoleGrid $grid;

    public string $show;

    public function __construct(public Place $place, SetStore $store, string $show)
    {
        $sets = [];
        foreach ($place->sets as ['id' => $id]) {
            $set = $id === $place->record->id ? $place->set : $store->current($store->record($id));
            if ($set->catalogue !== null) {
                $sets[$id] = $set;
            }
        }
        $this->sets = $sets;
        $this->grid = RoleGrid::of($sets);
        $this->show = isset(self::FILTERS[$show]) ? $show : '';
    }

    /** @return list<RoleRow> */
    public function rows(): array
    {
        return array_values(array_filter($this->grid->rows, fn (RoleRow $row) => match ($this->show) {
            'differ' => $this->isMixed($row),
            'all' => true,
            default => $row->games > 1,
        }));
    }

    public function isMixed(RoleRow $row): bool
    {
        return array_filter(Keys::of($this->sets), $row->differs(...)) !== [];
    }

    /** How many roles are not in the same place everywhere. */
    public function mixed(): int
    {
        return count(array_filter($this->grid->rows, $this->isMixed(...)));
    }

    public function spot(string $set, Spot $spot): string
    {
        $rig = $this->sets[$set]->rig;

        return $rig->deviceNameOf($spot->ref).' '.$rig->nameOf($spot->ref);
    }

    /** The layer of a place, where it is not the base layer. */
    public function layer(string $set, Spot $spot): string
    {
        return $spot->layer === 'base' ? '' : ($this->sets[$set]->layers[$spot->layer]->name ?? $spot->layer);
    }

    /** Does the set inherit the place from a parent that is in the grid too? */
    public function inherits(string $set, Spot $spot): bool
    {
        $merged = $this->sets[$set]->merged;
        $origin = $merged->origin(PartPath::cell($spot->layer, $spot->ref));

        return $origin !== null && $origin !== $merged->own->id;
    }

    /** Can the role of a row be brought to a place in a set? Where a parent stands beside it, that is where it is done. */
    public function canBring(string $set, ?Spot $to): bool
    {
        $merged = $this->sets[$set]->merged;
        foreach (array_slice($merged->chain, 0, -1) as $parent) {
            if (isset($this->sets[$parent->id])) {
                return false;
            }
        }

        return $to !== null && $this->sets[$set]->rig->has($to->ref);
    }

    /** Is there nothing at this place in a set? */
    public function isFree(string $set, ?Spot $spot): bool
    {
        return $spot !== null && $this->sets[$set]->cell(isset($this->sets[$set]->layers[$spot->layer]) ? $spot->layer : 'base', $spot->ref) === null;
    }
}
