<?php

declare(strict_types=1);

namespace Nailrod\Core\Plan;

use Nailrod\Core\Action\Action;

/** One role in several sets. */
final readonly class RoleRow
{
    /** Where most of the sets that reach it have it; the first of those that are as many. Null if none reaches it. */
    public ?Spot $usual;

    /**
     * @param array<string, Action>     $actions the action that has the role, by set; a set whose game has none is missing
     * @param array<string, list<Spot>> $spots   where it is reached, by set
     * @param int                       $games   how many different games have it
     */
    public function __construct(public string $role, public array $actions, public array $spots, public int $games)
    {
        $votes = $by = [];
        foreach ($spots as $all) {
            foreach ($all as $spot) {
                $votes[(string) $spot] = ($votes[(string) $spot] ?? 0) + 1;
                $by[(string) $spot] = $spot;
            }
        }
        arsort($votes);
        $this->usual = $votes === [] ? null : $by[array_key_first($votes)];
    }

    /** Is it reached in this set, but somewhere else than in most? */
    public function differs(string $set): bool
    {
        $spots = $this->spots[$set] ?? [];

        return $spots !== [] && ! in_array((string) $this->usual, array_map(strval(...), $spots), true);
    }
}
