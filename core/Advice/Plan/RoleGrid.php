<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\Keys;

/** Roles against sets: where each is, and where one of them is in another place than in the others. */
final readonly class RoleGrid
{
    /** @param list<RoleRow> $rows in the order in which the games name their roles */
    private function __construct(public array $rows) {}

    /** @param array<string, RoleColumn> $columns by the id of the set; those without a game have no roles */
    public static function of(array $columns): self
    {
        $places = [];
        foreach (Keys::each($columns) as $id => $column) {
            foreach (Keys::each($column->places) as $role => $at) {
                $places[$role][$id] = $at;
            }
        }
        $rows = [];
        foreach (Keys::each($places) as $role => $by) {
            $rows[] = new RoleRow(
                $role,
                $by,
                count(array_unique(array_map(fn (string $id) => $columns[$id]->game, Keys::of($by)))),
            );
        }
        // What several games have comes first: that is what can be the same everywhere.
        usort($rows, fn (RoleRow $a, RoleRow $b) => $b->games <=> $a->games);

        return new self($rows);
    }
}
