<?php

declare(strict_types=1);

namespace App\View\Keep;

use App\Models\DeviceRecord;
use App\Models\SetRecord;
use App\Sets\SetTree;
use Nailrod\Core\Exchange\ImportedFile;
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

    /** @var array<string, string> what becomes of each device that the set names: at hand, in the file, missing */
    public array $devices;

    /** @var array<string, string> names of the devices here, by id; read once, since each is taken apart for it */
    public array $here;

    /** @var list<array{string, string}> the parents of the set, and whether they are at hand */
    public array $parents;

    /** @var array<string, string> names of the sets here, by id */
    public array $sets;

    /** @param array<string, string> $match devices of the file that stand for others here */
    public function __construct(
        public string $id,
        public string $name,
        public ImportedFile $incoming,
        public array $match,
    ) {
        $this->merged = $incoming->bundle === null ? null : self::merged($incoming);
        $this->here = DeviceRecord::names();
        $this->sets = array_column(SetTree::headings(), 'name', 'id');
        $devices = [];
        foreach ($this->merged->devices ?? $incoming->bundle->set->devices ?? [] as $device) {
            $devices[$device] = match (true) {
                isset($this->here[$device]) => 'at hand',
                isset($incoming->bundle->devices[$device]) => 'in the file',
                default => 'missing',
            };
        }
        $this->devices = $devices;
        $chain = $this->merged === null ? [] : array_slice($this->merged->chain, 0, -1);
        $known = array_flip(
            SetRecord::query()->whereIn(
                'id',
                array_map(fn (SetDocument $parent): string => $parent->id, $chain),
            )->pluck('id')->all(),
        );
        $this->parents = array_map(
            fn (SetDocument $parent): array => [
                $parent->name,
                isset($known[$parent->id]) ? 'at hand: that one is used' : 'comes with it',
            ],
            $chain,
        );
    }

    private static function merged(ImportedFile $incoming): ?MergedDocument
    {
        assert($incoming->bundle !== null);
        try {
            return (new Assembly($incoming->bundle))->merge($incoming->bundle->set);
        } catch (FormatError) {
            return null;
        }
    }

    public function nameOf(string $device): string
    {
        return $this->incoming->bundle?->device($device)->name ?? $device;
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

        return sprintf(
            '%d %s in %d %s, %d %s',
            $cells,
            $cells === 1 ? 'assignment' : 'assignments',
            count($set->layers),
            count($set->layers) === 1 ? 'layer' : 'layers',
            count($set->macros),
            count($set->macros) === 1 ? 'macro' : 'macros',
        );
    }

    public function isTaken(SetDocument $set): bool
    {
        return SetRecord::query()->find($set->id) !== null;
    }
}
