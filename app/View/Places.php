<?php

declare(strict_types=1);

namespace App\View;

/** Where one can go: five groups in the order of the work, each with its places. A new place is one line. */
final class Places
{
    /** @var array<string, array<string, string>> label of each place by its address within a set, by group */
    public const GROUPS = [
        'Rig' => ['rig' => 'Devices', 'rig?do=try' => 'Try out', 'rig?do=measure' => 'Measure', 'rig?do=arrange' => 'Name & place', 'rig?do=settings' => 'Settings', 'rig?do=hands' => 'Hands'],
        'Plan' => ['plan' => 'Plan', 'roles' => 'Roles', 'carry' => 'Carry over', 'actions' => 'Actions'],
        'Make' => ['shape' => 'Shape', 'assign' => 'Assign', 'layers' => 'Layers', 'macros' => 'Macros', 'lamps' => 'Lamps', 'panel' => 'Panel'],
        'Prove' => ['bench' => 'Bench', 'recordings' => 'Recordings'],
        'Keep' => ['store' => 'Store', 'sets' => 'Sets', 'shelf' => 'Shelf', 'print' => 'Print'],
    ];

    /** @return array{string, array<string, string>} the page of an address as in GROUPS, and what it asks that for */
    public static function split(string $address): array
    {
        [$page, $query] = [...explode('?', $address, 2), ''];
        $asked = [];
        foreach ($query === '' ? [] : explode('&', $query) as $word) {
            [$key, $value] = explode('=', $word, 2);
            $asked[$key] = $value;
        }

        return [$page, $asked];
    }

    /** @return list<string> pages of a set, by the last word of their address */
    public static function pages(): array
    {
        return array_values(array_unique(array_map(fn (string $address): string => explode('?', $address)[0], array_merge(...array_map(array_keys(...), array_values(self::GROUPS))))));
    }

    /** What a place is called; empty if there is none at that address. */
    public static function labelOf(string $address): string
    {
        return self::GROUPS[self::groupOf($address)][$address] ?? '';
    }

    /** The group that a place is in; the first if it is in none. */
    public static function groupOf(string $address): string
    {
        foreach (self::GROUPS as $group => $places) {
            if (isset($places[$address]) || isset($places[explode('?', $address)[0]])) {
                return $group;
            }
        }

        return array_key_first(self::GROUPS);
    }
}
