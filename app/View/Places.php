<?php

declare(strict_types=1);

namespace App\View;

use App\Http\Controllers\Keep\PrintController;
use App\Http\Controllers\Keep\SetsController;
use App\Http\Controllers\Keep\ShelfController;
use App\Http\Controllers\Make\PanelController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\Plan\CarryController;
use App\Http\Controllers\Plan\PlanController;
use App\Http\Controllers\Plan\RolesController;

/**
 * Where one can go: five groups in the order of the work, each with its places. A new place is one line here, what
 * shows it, its view, and a page of help by its name in `resources/help`; its route, the head, Ctrl+K and the tests go
 * by this.
 */
final class Places
{
    public const GROUPS = ['Rig', 'Plan', 'Make', 'Prove', 'Keep'];

    /** @var list<PlaceEntry> */
    private static array $added = [];

    /** @var ?array<string, PlaceEntry> a page asks for them many times */
    private static ?array $all = null;

    /** @return list<PlaceEntry> in the order of the head */
    private static function own(): array
    {
        $rig = [PlaceController::class, 'rig'];

        return [
            new PlaceEntry('rig', 'Devices', 'Rig', $rig, isOfRig: true),
            new PlaceEntry('rig?do=try', 'Try out', 'Rig', $rig, isOfRig: true),
            new PlaceEntry('rig?do=measure', 'Measure', 'Rig', $rig, isOfRig: true),
            new PlaceEntry('rig?do=arrange', 'Name & place', 'Rig', $rig, isOfRig: true),
            new PlaceEntry('rig?do=settings', 'Settings', 'Rig', $rig, isOfRig: true),
            new PlaceEntry('rig?do=hands', 'Hands', 'Rig', $rig, isOfRig: true),
            new PlaceEntry('plan', 'Plan', 'Plan', [PlanController::class, 'show']),
            new PlaceEntry('roles', 'Roles', 'Plan', [RolesController::class, 'show']),
            new PlaceEntry('carry', 'Carry over', 'Plan', [CarryController::class, 'show']),
            new PlaceEntry('actions', 'Actions', 'Plan', [PlanController::class, 'actions']),
            new PlaceEntry('shape', 'Shape', 'Make', [PlaceController::class, 'shape']),
            new PlaceEntry('assign', 'Assign', 'Make', [PlaceController::class, 'assign']),
            new PlaceEntry('layers', 'Layers', 'Make', [PlaceController::class, 'layers']),
            new PlaceEntry('macros', 'Macros', 'Make', [PlaceController::class, 'macros']),
            new PlaceEntry('lamps', 'Lamps', 'Make', [PlaceController::class, 'lamps']),
            new PlaceEntry('panel', 'Panel', 'Make', [PanelController::class, 'show']),
            new PlaceEntry('bench', 'Bench', 'Prove', [PlaceController::class, 'bench']),
            new PlaceEntry('recordings', 'Recordings', 'Prove', [PlaceController::class, 'recordings']),
            new PlaceEntry('store', 'Store', 'Keep', [PlaceController::class, 'store']),
            new PlaceEntry('sets', 'Sets', 'Keep', [SetsController::class, 'show']),
            new PlaceEntry('shelf', 'Shelf', 'Keep', [ShelfController::class, 'show']),
            new PlaceEntry('print', 'Print', 'Keep', [PrintController::class, 'show'], isOfRig: true),
        ];
    }

    /** @return array<string, PlaceEntry> by address, those of a group beside each other */
    public static function all(): array
    {
        return self::$all ??= self::listed();
    }

    /** @return array<string, PlaceEntry> */
    private static function listed(): array
    {
        $all = [];
        foreach (self::GROUPS as $group) {
            foreach ([...self::own(), ...self::$added] as $entry) {
                if ($entry->group === $group) {
                    $all[$entry->address] = $entry;
                }
            }
        }

        return $all;
    }

    /** @return array<string, PlaceEntry> by address */
    public static function of(string $group): array
    {
        return array_filter(self::all(), fn (PlaceEntry $entry): bool => $entry->group === $group);
    }

    /** What a test or an extension brings; to be said before the routes are read. */
    public static function add(PlaceEntry $entry): void
    {
        self::$added[] = $entry;
        self::$all = null;
    }

    public static function forgetAdded(): void
    {
        self::$added = [];
        self::$all = null;
    }

    /** @return array{string, array<string, string>} the page of an address, and what it asks that for */
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

    /** @return array<string, array{class-string, string}> who shows it, by page of a set */
    public static function pages(): array
    {
        $pages = [];
        foreach (self::all() as $entry) {
            $pages[$entry->page()] ??= $entry->shownBy;
        }

        return $pages;
    }

    /** Does a page change what the rig is? */
    public static function isOfRig(string $page): bool
    {
        return (self::all()[$page] ?? null)?->isOfRig === true;
    }

    /** What a place is called; empty if there is none at that address. */
    public static function labelOf(string $address): string
    {
        return (self::all()[$address] ?? null)->label ?? '';
    }

    /** The group that a place is in; the first if it is in none. */
    public static function groupOf(string $address): string
    {
        $all = self::all();

        return ($all[$address] ?? $all[explode('?', $address)[0]] ?? null)->group ?? self::GROUPS[0];
    }
}
