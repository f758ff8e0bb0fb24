<?php

declare(strict_types=1);

namespace App\View\Keep;

use App\Sets\SetStore;
use App\Sets\Shelf;
use App\View\Place;
use App\View\Plot;
use Nailrod\Core\Exchange\Shelf\HoldsFile;
use Nailrod\Core\Exchange\Shelf\ReadyShape;
use Nailrod\Core\Exchange\Shelf\ShelfFit;
use Nailrod\Core\Exchange\Shelf\ShelfItem;
use Nailrod\Core\Exchange\Shelf\ShelfKinds;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Rig\Device\Device;

/**
 * The Shelf place: ready things, what of the picked one fits this rig and this game, and what of this set can be put
 * there.
 */
final readonly class ShelfView
{
    /** @var array<string, ShelfItem> by id, the owner's first */
    public array $items;

    /** Id of the one that is looked at; empty if there is none. */
    public string $picked;

    public ?ShelfItem $item;

    /** How it fits; null for a file of a format of its own, which is looked at on its own page. */
    public ?ShelfFit $fit;

    /** Of a shape: the axis that takes it. */
    public ?string $axis;

    /** @param array<mixed> $devices devices here that were chosen for those of the file */
    public function __construct(public Place $place, string $picked, array $devices, string $axis)
    {
        $this->items = Shelf::own() + Shelf::shipped();
        $place->notHere->ask('thing', $picked, isset($this->items[$picked]));
        $this->picked = isset($this->items[$picked]) ? $picked : (string) array_key_first($this->items);
        $this->item = $this->items[$this->picked] ?? null;
        $isShape = $this->item !== null && $this->item->kind === ReadyShape::class;
        $this->axis = $isShape ? (
            isset($place->set->rig->axes[$axis]) ? $axis : $this->firstThatFits($this->item)
        ) : null;
        $this->fit = $this->item === null || $this->item->holds !== [] ? null : new ShelfFit(
            $place->set,
            $this->item,
            array_filter($devices, is_string(...)),
            $this->axis,
        );
    }

    /** The first axis on which all of a shape fits, else the first there is. */
    private function firstThatFits(ShelfItem $item): ?string
    {
        $axes = Keys::of($this->axes());
        $fit = new ShelfFit($this->place->set, $item);
        foreach ($axes as $axis) {
            if ($fit->fitsAxis($axis)) {
                return $axis;
            }
        }

        return $axes[0] ?? null;
    }

    /** @return array<string, array<string, ShelfItem>> by title of their kind and id */
    public function byKind(): array
    {
        $by = [];
        foreach (ShelfKinds::all() as $class) {
            $by[$class::title()] = array_filter($this->items, fn (ShelfItem $item) => $item->kind === $class);
        }

        return array_filter($by);
    }

    public function isOwn(string $id): bool
    {
        return str_starts_with($id, 'own-');
    }

    /** @return array<string, string> names of axes that a shape can be taken into, by reference */
    public function axes(): array
    {
        $axes = [];
        foreach ($this->place->set->rig->devices as $device) {
            foreach ($device->axes() as $axis) {
                $axes[$axis->ref] = $this->place->set->rig->fullNameOf($axis->ref);
            }
        }

        return $axes;
    }

    /** @return array<string, string> devices that can stand for one of the file, by id; the empty one for none */
    public function devices(): array
    {
        return ['' => 'none'] + array_map(fn (Device $device) => $device->title(), $this->place->set->rig->devices);
    }

    /**
     * @return array<string, array<string, string>> what this set has that can be put there, by title of its kind and by
     *    "kind|id"
     */
    public function offered(): array
    {
        $offered = [];
        foreach (ShelfKinds::all() as $kind => $class) {
            foreach ($class::offered($this->place->set) as $id => $name) {
                $offered[$class::title()][$kind.'|'.$id] = $name;
            }
        }

        return $offered;
    }

    /**
     * The line of a shape as it would be on the axis that was chosen, over 300 by 150 units; empty for anything else,
     * and where it does not fit.
     */
    public function line(SetStore $sets): string
    {
        if ($this->axis === null || $this->fit === null || $this->fit->fits() === 0) {
            return '';
        }
        try {
            $set = $sets->after($this->place->set, $this->fit->take());
        } catch (FormatError) {
            return '';
        }

        return (new Plot(6, 6, 288, 138, samples: 120))->line(
            $set->shapings[$this->axis],
            array_values($set->stopsOf($this->axis)),
        );
    }

    /** @return list<Device> devices here that would be worked */
    public function worked(): array
    {
        $devices = [];
        foreach ($this->axis === null ? $this->fit->devices ?? [] : [] as $id) {
            $devices[] = $this->place->set->rig->devices[$id] ?? null;
        }

        return array_values(array_filter($devices));
    }

    /** Is it looked at on a page of its own, as a file is? */
    public function isFile(): bool
    {
        return $this->item !== null && is_subclass_of($this->item->kind, HoldsFile::class);
    }

    /** "3 of 4 parts fit here." */
    public function inWords(): string
    {
        $rows = count($this->fit?->rows() ?? []);

        return sprintf('%d of %d %s here.', $this->fit?->fits() ?? 0, $rows, $rows === 1 ? 'part fits' : 'parts fit');
    }
}
