<?php

declare(strict_types=1);

namespace Nailrod\Core\Plan;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\BindingSet;

/** Roles against sets: where each is, and where one of them is in another place than in the others. */
final readonly class RoleGrid
{
    /** @param list<RoleRow> $rows in the order in which the games name their roles */
    private function __construct(public array $rows) {}

    /** @param array<string, BindingSet> $sets by id; those without a game have no roles */
    public static function of(array $sets): self
    {
        $actions = $spots = [];
        foreach (Keys::each($sets) as $id => $set) {
            $reach = Reach::of($set);
            foreach (Keys::each($set->catalogue?->byRole() ?? []) as $role => $action) {
                $actions[$role][$id] = $action;
                $spots[$role][$id] = $reach->spots($action->id);
            }
        }
        $rows = [];
        foreach (Keys::each($actions) as $role => $by) {
            $games = array_unique(array_map(fn (string $id) => $sets[$id]->catalogue?->id, Keys::of($by)));
            $rows[] = new RoleRow((string) $role, $by, $spots[$role], count($games));
        }
        // What several games have comes first: that is what can be the same everywhere.
        usort($rows, fn (RoleRow $a, RoleRow $b) => $b->games <=> $a->games);

        return new self($rows);
    }
}
