<?php

declare(strict_types=1);

namespace App\View\Keep;

use App\Memory\FirmwareBrought;
use App\Memory\Memories;
use App\Memory\Unit;
use App\Models\DeviceRecord;
use App\Models\MemoryCopyRecord;
use App\Models\SetRecord;
use App\View\Changes;
use App\View\Place;
use Illuminate\Support\Collection;
use Nailrod\Core\Exchange\Memory\Bank;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Memory\FirmwareFile;
use Nailrod\Core\Exchange\Memory\ReadBack;
use Nailrod\Core\Exchange\Memory\Readiness;
use Nailrod\Core\Exchange\Memory\Standing;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\Heard;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;

/**
 * The Store place: what each device holds in its own memory, what would be written to it, and what would be read from
 * it.
 */
final readonly class StoreView
{
    /** The unit that is looked at. */
    public Unit $unit;

    /** Its device, with the firmware that is in it. */
    public Device $device;

    public DeviceMapping $mapping;

    public string $content;

    public int $room;

    public ?Bank $inForce;

    /** @var list<?Bank> */
    public array $banks;

    /** What is in the memory; null if nothing is, or it cannot be read. */
    public ?SetDocument $stored;

    /** Why it cannot be read; empty if it can. */
    public string $whyUnread;

    /** What must be so before it takes a write. */
    public Readiness $readiness;

    /** Is it written after each edit, unasked? */
    public bool $writesItself;

    /**
     * @var list<array{Unit, Standing, int, bool}> how the memory of every unit stands to this set, in how many parts it
     *    differs, and can it be written now?
     */
    public array $memories;

    /** @var array<string, string> keys of the units that are in use, by device */
    private array $inUse;

    /** @var list<array{subject: string, before: string, after: string}> from what is stored to what would be written */
    public array $changes;

    /** @var list<array{subject: string, before: string, after: string}> all that the device holds once it is written */
    public array $holds;

    /** @var list<array{subject: string, before: string, after: string}> from what this set says to what it would say */
    public array $reading;

    /** What this set would say with what is in the memory; null if that is not looked at. */
    public ?SetDocument $read;

    /** @var list<string> what would stay as this set says it, though the device has it otherwise */
    public array $stays;

    /** @var Collection<int, MemoryCopyRecord> what was in the memory before, the latest first */
    public Collection $copies;

    /**
     * @param ?list<string> $away  ids of the devices that are unplugged; null if nobody knows
     * @param bool         $isRead is it looked at what reading would change, rather than writing?
     * @param string       $firmware name of one that was brought and is looked at; empty if none is
     */
    public function __construct(
        public Place $place,
        Unit $unit,
        ?array $away,
        public bool $isRead = false,
        public string $firmware = '',
    ) {
        $this->unit = $unit;
        $this->device = $unit->device;
        $memory = $unit->memory();
        $isPlugged = fn (Device $device): ?bool => $away === null ? null : ! in_array($device->id, $away, true);
        $this->mapping = DeviceMapping::of($place->set, $unit->device);
        $this->content = $this->mapping->encode();
        $this->room = $memory->room();
        $this->inForce = $memory->inForce();
        $this->banks = $memory->banks();
        $this->stored = Memories::decoded($this->inForce, $unit->device);
        $this->whyUnread = (string) Memories::whyUnread($this->inForce, $unit->device);
        $this->readiness = Memories::readiness($unit, $isPlugged($unit->device), strlen($this->content));
        $this->writesItself = DeviceRecord::query()
            ->where('id', $unit->device->id)
            ->where('writes_itself', true)
            ->exists();
        $memories = [];
        $keep = array_filter($place->set->rig->devices, fn (Device $one) => $one->keeps() !== null);
        $this->inUse = array_map(fn (Device $one) => Memories::unit($one)->key, $keep);
        foreach ($keep as $one) {
            foreach (Memories::units($one) as $other) {
                $isThis = $other->key === $unit->key && $one->id === $unit->device->id;
                $isReady = $isThis ? $this->readiness->isMet() : Memories::readiness($other, $isPlugged($one), 0)
                    ->isMet();
                $memories[] = [
                    $other,
                    ...(
                        $isThis ? Memories::standingOf($this->mapping, $unit) : Memories::standing($place->set, $other)
                    ),
                    $isReady,
                ];
            }
        }
        $this->memories = $memories;
        $reading = $isRead && $this->stored !== null ? new ReadBack($place->set, $unit->device) : null;
        $this->read = $this->stored === null ? null : $reading?->into($this->stored);
        $this->stays = $reading->left ?? [];
        $this->copies = Memories::copies($unit);
        $empty = $this->mapping->empty();
        $this->changes = Changes::rows($place->words, $this->mapping->since($this->stored ?? $empty));
        $this->holds = $this->stored === null ? $this->changes : Changes::rows(
            $place->words,
            $this->mapping->since($empty),
        );
        $this->reading = $this->read === null ? [] : Changes::rows(
            $place->words,
            SetDiff::between($place->set->merged->own, $this->read),
        );
    }

    /** Is this the unit that is looked at? */
    public function isLookedAt(Unit $unit): bool
    {
        return $unit->device->id === $this->device->id && $unit->key === $this->unit->key;
    }

    /** Is this the unit of its device that is in use? */
    public function isInUse(Unit $unit): bool
    {
        return $this->inUse[$unit->device->id] === $unit->key;
    }

    /** The firmware that is looked at; null if none is. */
    public function brought(): ?FirmwareFile
    {
        return FirmwareBrought::find($this->firmware);
    }

    public function standing(): Standing
    {
        return array_values(array_filter($this->memories, fn (array $one) => $this->isLookedAt($one[0])))[0][1];
    }

    /**
     * The address of this place, or of something that is done to the unit that is looked at.
     *
     * @param array<string, string> $more
     */
    public function link(string $route = 'store', array $more = []): string
    {
        return route(
            $route,
            [
                'set' => $this->place->record->id,
                'device' => $this->device->id,
            ] + ($this->unit->key === '' ? [] : ['unit' => $this->unit->key]) + $more,
        );
    }

    /** The unit by its serial where there are several, in the words of a form. */
    public function serial(): string
    {
        return count($this->device->onboard->serials) > 1 ? (string) $this->unit->serial() : '';
    }

    public function isCurrent(): bool
    {
        return $this->standing() === Standing::InStep;
    }

    /** @return list<string> names of the devices that may be written together, unasked */
    public function toBeWritten(): array
    {
        return array_values(array_map(
            fn (array $one) => $one[0]->title(),
            array_filter(
                $this->memories,
                fn (array $one) => $one[1]->isToBeWritten($one[2]) && $this->isInUse($one[0]),
            ),
        ));
    }

    /** @return list<Device> those of the rig that keep nothing themselves */
    public function keepNothing(): array
    {
        return array_values(array_filter($this->place->set->rig->devices, fn (Device $one) => $one->keeps() === null));
    }

    /** @return list<string> what the game has bound to what the device sends by itself: "button 4 is Drop a sack" */
    public function inGame(): array
    {
        $heard = new Heard($this->place->set);
        $said = [];
        foreach ($this->mapping->sends() as $output) {
            $action = $heard->action($output);
            if ($action !== null) {
                $words = $this->place->words->output($output);
                $said[$words] = $words.' is '.$action->name;
            }
        }

        return array_values($said);
    }

    /**
     * @return ?array{string, ?string} name of the set that the mapping in the memory was written from, if it is another
     *    one, and its id if it is here
     */
    public function writtenFrom(): ?array
    {
        if ($this->stored === null || $this->stored->id === $this->place->record->id) {
            return null;
        }

        return [$this->stored->name, SetRecord::shown()->find($this->stored->id)?->id];
    }
}
