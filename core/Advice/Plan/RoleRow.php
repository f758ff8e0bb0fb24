<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Set\Slot;

/** One role in several sets. */
final readonly class RoleRow
{
    /** Where most of the sets that reach it have it; the first of those that are as many. Null if none reaches it. */
    public ?Slot $usual;

    /**
     * @param array<string, list<RolePlace>> $places where it is reached, by
     *                                         set; a set whose game has no such action is missing
     * @param int                            $games  how many different games have it
     */
    public function __construct(public string $role, public array $places, public int $games)
    {
        $votes = $by = [];
        foreach ($places as $all) {
            foreach ($all as $place) {
                $votes[(string) $place->spot] = ($votes[(string) $place->spot] ?? 0) + 1;
                $by[(string) $place->spot] = $place->spot;
            }
        }
        arsort($votes);
        $this->usual = $votes === [] ? null : $by[array_key_first($votes)];
    }

    /** Has the game of this set such an action? */
    public function isIn(string $set): bool
    {
        return isset($this->places[$set]);
    }

    /** @return list<RolePlace> where this set reaches it */
    public function at(string $set): array
    {
        return $this->places[$set] ?? [];
    }

    /** Is it reached in this set, but somewhere else than in most? */
    public function differs(string $set): bool
    {
        $places = $this->at($set);

        return $places !== [] && ! in_array(
            (string) $this->usual,
            array_map(fn (RolePlace $place) => (string) $place->spot, $places),
            true,
        );
    }
}
