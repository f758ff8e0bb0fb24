<?php

declare(strict_types=1);

namespace App\View;

use App\Memory\Memories;
use App\Models\MemoryCopyRecord;
use App\Models\SetRecord;
use Illuminate\Support\Collection;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Memory\Bank;
use Nailrod\Core\Memory\DeviceMapping;
use Nailrod\Core\Memory\ReadBack;
use Nailrod\Core\Memory\Standing;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;

/** The Store place: what each device holds in its own memory, what would be written to it, and what would be read from it. */
final readonly class StoreView
{
    public Device $device;

    public DeviceMapping $mapping;

    public string $content;

    public int $room;

    public ?Bank $inForce;

    /** @var list<?Bank> */
    public array $banks;

    /** What is in the memory; null if nothing is, or it cannot be read. */
    public ?SetDocument $stored;

    /** @var array<string, array{Device, Standing, int}> how every memory of the rig stands to this set, and in how many parts it differs; by device */
    public array $memories;

    /** What this set would say with what is in the memory; null if that is not looked at. */
    public ?SetDocument $read;

    /** @var list<string> what would stay as this set says it, though the device has it otherwise */
    public array $stays;

    /** @var Collection<int, MemoryCopyRecord> what was in the memory before, the latest first */
    public Collection $copies;

    /** @param bool $isRead is it looked at what reading would change, rather than writing? */
    public function __construct(public Place $place, Device $device, public bool $isRead = false)
    {
        $this->device = $device;
        $memory = Memories::of($device);
        $this->mapping = DeviceMapping::of($place->set, $device);
        $this->content = $this->mapping->encode();
        $this->room = $memory->room();
        $this->inForce = $memory->inForce();
        $this->banks = $memory->banks();
        $this->stored = Memories::decoded($this->inForce, $device);
        $memories = [];
        foreach (array_filter($place->set->rig->devices, fn (Device $one) => $one->memory !== null) as $one) {
            $memories[$one->id] = [$one, ...Memories::standing($place->set, $one)];
        }
        $this->memories = $memories;
        $reading = $isRead && $this->stored !== null ? new ReadBack($place->set, $device) : null;
        $this->read = $this->stored === null ? null : $reading?->into($this->stored);
        $this->stays = $reading->left ?? [];
        $this->copies = Memories::copies($device->id);
    }

    public function standing(): Standing
    {
        return $this->memories[$this->device->id][1];
    }

    public function isCurrent(): bool
    {
        return $this->standing() === Standing::InStep;
    }

    /** @return list<string> names of the devices that may be written together, unasked */
    public function toBeWritten(): array
    {
        return array_values(array_map(fn (array $one) => $one[0]->name, array_filter($this->memories, fn (array $one) => $one[1]->isToBeWritten())));
    }

    /** @return list<string> names of the devices of the rig that keep nothing themselves */
    public function keepNothing(): array
    {
        return array_values(array_map(fn (Device $one) => $one->name, array_filter($this->place->set->rig->devices, fn (Device $one) => $one->memory === null)));
    }

    /** @return ?array{string, ?string} name of the set that the mapping in the memory was written from, if it is another one, and its id if it is here */
    public function writtenFrom(): ?array
    {
        if ($this->stored === null || $this->stored->id === $this->place->record->id) {
            return null;
        }

        return [$this->stored->name, SetRecord::query()->where('removed', false)->find($this->stored->id)?->id];
    }

    /** @return list<array{subject: string, before: string, after: string}> from what is stored to what would be written */
    public function changes(): array
    {
        $before = $this->stored ?? $this->mapping->empty();

        return Changes::rows($this->place->words, $this->mapping->since($before));
    }

    /** @return list<array{subject: string, before: string, after: string}> from what this set says to what it would say */
    public function reading(): array
    {
        return $this->read === null ? [] : Changes::rows($this->place->words, SetDiff::between($this->place->set->merged->own, $this->read));
    }

    /** @return list<array{subject: string, before: string, after: string}> all that the device holds once it is written */
    public function holds(): array
    {
        return Changes::rows($this->place->words, $this->mapping->since($this->mapping->empty()));
    }
}
