<?php

declare(strict_types=1);

namespace App\View;

use App\Models\DeviceRecord;
use App\Models\SetRecord;
use App\Sets\SetList;
use Nailrod\Core\Exchange\Incoming;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\SetDocument;

/** What a file with a set would bring, before it is taken. */
final readonly class ImportView
{
    /** The merged set of a file; null if it is none, or its parents are not at hand. */
    public ?MergedDocument $merged;

    /** @param array<string, string> $match devices of the file that stand for others here */
    public function __construct(public string $id, public string $name, public Incoming $incoming, public array $match)
    {
        $this->merged = $incoming->bundle === null ? null : self::merged($incoming);
    }

    private static function merged(Incoming $incoming): ?MergedDocument
    {
        assert($incoming->bundle !== null);
        try {
            return (new Assembly($incoming->bundle))->merge($incoming->bundle->set);
        } catch (FormatError) {
            return null;
        }
    }

    /** @return array<string, string> what becomes of each device that the set names: at hand, in the file, missing */
    public function devices(): array
    {
        $devices = [];
        foreach ($this->merged->devices ?? $this->incoming->bundle->set->devices ?? [] as $id) {
            $devices[$id] = match (true) {
                DeviceRecord::query()->find($id) !== null => 'at hand',
                isset($this->incoming->bundle->devices[$id]) => 'in the file',
                default => 'missing',
            };
        }

        return $devices;
    }

    public function nameOf(string $device): string
    {
        return $this->incoming->bundle?->device($device)->name ?? $device;
    }

    /** @return array<string, string> names of the devices here, by id */
    public function here(): array
    {
        return DeviceRecord::names();
    }

    /** The set as it would be, put together with what is at hand and in the file; null if it cannot be yet. */
    public function assembled(): ?BindingSet
    {
        $bundle = $this->incoming->bundle;
        if ($bundle === null || $this->merged === null) {
            return null;
        }
        $flat = $this->merged->flattened();
        foreach ($this->match as $old => $new) {
            $flat = $new === '' ? $flat : $flat->withDevice($old, $new);
        }
        $known = array_values(array_filter($flat->devices ?? [], fn (string $id) => $bundle->device($id) !== null));
        try {
            return (new Assembly($bundle))->assemble($flat->withDevices($known));
        } catch (FormatError) {
            return null;
        }
    }

    public function counts(BindingSet $set): string
    {
        $cells = array_sum(array_map(count(...), $set->cells));

        return sprintf('%d %s in %d %s, %d %s', $cells, $cells === 1 ? 'assignment' : 'assignments', count($set->layers), count($set->layers) === 1 ? 'layer' : 'layers', count($set->macros), count($set->macros) === 1 ? 'macro' : 'macros');
    }

    /** @return list<array{string, string}> the parents of the set, and whether they are at hand */
    public function parents(): array
    {
        $parents = [];
        foreach ($this->merged === null ? [] : array_slice($this->merged->chain, 0, -1) as $parent) {
            $parents[] = [$parent->name, SetRecord::query()->find($parent->id) !== null ? 'at hand: that one is used' : 'comes with it'];
        }

        return $parents;
    }

    /** @return array<string, string> names of the sets here, by id */
    public function sets(): array
    {
        return array_column(SetList::headings(), 'name', 'id');
    }

    public function isTaken(SetDocument $set): bool
    {
        return SetRecord::query()->find($set->id) !== null;
    }
}
