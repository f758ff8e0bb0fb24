<?php

declare(strict_types=1);

namespace App\View\Plan;

use App\Sets\SetStore;
use App\View\Place;
use Nailrod\Core\Advice\Plan\RoleColumn;
use Nailrod\Core\Advice\Plan\RoleGrid;
use Nailrod\Core\Advice\Plan\RoleRow;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\Slot;

/** The Roles place: one grid of roles against all sets that have a game. */
final readonly class RolesView
{
    public const FILTERS = ['' => 'what several games have', 'differ' => 'what is not in line', 'all' => 'everything'];

    /** @var array<string, RoleColumn> by id of the set, parents before their children */
    public array $columns;

    public RoleGrid $grid;

    public string $show;

    public function __construct(public Place $place, SetStore $store, string $show)
    {
        $this->columns = array_filter(
            $store->excerpts(RoleColumn::class, array_column($place->sets, 'id')),
            fn (RoleColumn $column) => $column->game !== null,
        );
        $this->grid = RoleGrid::of($this->columns);
        $place->notHere->ask('filter', $show, isset(self::FILTERS[$show]), ucfirst(self::FILTERS['']));
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
        return array_filter(Keys::of($this->columns), $row->differs(...)) !== [];
    }

    /** How many roles are not in the same place everywhere. */
    public function mixed(): int
    {
        return count(array_filter($this->grid->rows, $this->isMixed(...)));
    }

    /** Where a place in a set is assigned. */
    public function assign(string $set, Slot $spot): string
    {
        return $this->place->at('assign', ['layer' => $spot->layer, 'ref' => $spot->ref], $set);
    }

    /**
     * Can the role of a row be brought to a place in a set? Where a parent stands beside it, that is where it is done.
     */
    public function canBring(string $set, ?Slot $to): bool
    {
        $column = $this->columns[$set];

        return $to !== null && $column->hasInput($to->ref) && ! $column->hasParentAmong($this->columns);
    }

    /** Can a set that does not reach the role have it at a place where nothing is? */
    public function canAdd(string $set, ?Slot $to): bool
    {
        return $to !== null && $this->canBring($set, $to) && $this->columns[$set]->isFree($to);
    }
}
