<?php

declare(strict_types=1);

namespace App\Memory;

use App\Models\DeviceRecord;
use App\Models\MemoryCopyRecord;
use App\Storage\Waits;
use Illuminate\Support\Collection;
use Nailrod\Core\Exchange\Memory\Bank;
use Nailrod\Core\Exchange\Memory\BankMemory;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Memory\FirmwareFile;
use Nailrod\Core\Exchange\Memory\MemoryCopy;
use Nailrod\Core\Exchange\Memory\MemoryError;
use Nailrod\Core\Exchange\Memory\Readiness;
use Nailrod\Core\Exchange\Memory\Standing;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\SetBundle;
use Nailrod\Core\Set\SetDocument;

/** The memories of the devices on this desk: what is in them, what is written to them, and what was in them before. */
final class Memories
{
    /** Copies of each unit that are kept. */
    private const KEPT = 10;

    /** The unit of a device that is in use. */
    public static function unit(Device $device): Unit
    {
        $serial = DeviceRecord::query()->where('id', $device->id)->value('unit');

        return Unit::of($device, is_string($serial) && $serial !== '' ? $serial : null);
    }

    /**
     * The unit of a device that somebody names by its serial, else the one in use.
     *
     * @throws FormatError if there is none of that serial
     */
    public static function asked(Device $device, string $serial): Unit
    {
        if ($serial !== '' && ! in_array($serial, $device->onboard->serials, true)) {
            throw FormatError::told(
                'Unit',
                $serial,
                $device->onboard->serials === []
                    ? 'none, since '
                    .$device->name
                    .' has no serials'
                    : 'one of '
                    .implode(', ', $device->onboard->serials),
            );
        }

        return $serial === '' ? self::unit($device) : Unit::of($device, $serial);
    }

    /** @return list<Unit> all units of a device, one at least */
    public static function units(Device $device): array
    {
        return $device->onboard->serials === [] ? [Unit::of($device)] : array_map(
            fn (string $serial) => Unit::of($device, $serial),
            $device->onboard->serials,
        );
    }

    /** The memory of the unit that is in use. */
    public static function of(Device $device): BankMemory
    {
        return self::unit($device)->memory();
    }

    /**
     * @return array<string, string> the mode that the unit in use of each device is in, where that is not its first; by
     *    device
     */
    public static function modes(Rig $rig): array
    {
        $modes = [];
        foreach (array_filter($rig->devices, fn (Device $device) => count($device->onboard->modes) > 1) as $device) {
            $mode = self::unit($device)->state->modeOf($device)?->id;
            $modes += $mode === array_key_first($device->onboard->modes) ? [] : [$device->id => (string) $mode];
        }

        return $modes;
    }

    /** @return array{Standing, int} how the memory of a unit stands to a set, and in how many parts it differs */
    public static function standing(BindingSet $set, Unit $unit): array
    {
        return self::standingOf(DeviceMapping::of($set, $unit->device), $unit);
    }

    /**
     * @return array{Standing, int} how the memory of a unit stands to what would be written to it, and in how many
     *    parts it differs
     */
    public static function standingOf(DeviceMapping $image, Unit $unit): array
    {
        $bank = $unit->memory()->inForce();
        $stored = self::decoded($bank, $unit->device);
        // What cannot be read differs in all that would be written, and in itself.
        $parts = count($image->since($stored ?? $image->empty())) + (int) ($bank !== null && $stored === null);

        return [Standing::of($bank, $parts, self::lastWritten($unit)), $parts];
    }

    /**
     * What must be so before a unit takes a write, and what of it is.
     *
     * @param ?int $bytes that are to be written to its memory; null for a firmware
     */
    public static function readiness(Unit $unit, ?bool $isPlugged, ?int $bytes): Readiness
    {
        return Readiness::of($unit->device, $unit->tells(), $isPlugged, $bytes, $unit->memory()->room());
    }

    /** What is in a bank, as a set that stands alone; null if that cannot be read. */
    public static function decoded(?Bank $bank, Device $device): ?SetDocument
    {
        try {
            return $bank === null ? null : DeviceMapping::read($bank->content, $device);
        } catch (FormatError) {
            return null;
        }
    }

    /** Why what is in a bank cannot be read as a mapping of a device; null if it can, or nothing is in it. */
    public static function whyUnread(?Bank $bank, Device $device): ?string
    {
        try {
            if ($bank !== null) {
                DeviceMapping::read($bank->content, $device);
            }

            return null;
        } catch (FormatError $error) {
            return $error->getMessage();
        }
    }

    /** @throws FormatError if nothing that can be read is in the memory */
    public static function mapping(Unit $unit): SetDocument
    {
        return self::decoded($unit->memory()->inForce(), $unit->device) ?? throw FormatError::told(
            'memory of '.$unit->title(),
            'nothing that can be read',
            'a mapping',
        );
    }

    /**
     * Writes what a set says of a device. A copy is kept of what was in it, if Nailrod did not write that.
     *
     * @throws Refusal if the unit does not take it, or goes meanwhile
     */
    public static function write(BindingSet $set, Unit $unit): Bank
    {
        return self::put(
            $unit,
            DeviceMapping::of($set, $unit->device)->encode(),
            'Written from '.$set->merged->own->name.'.',
        );
    }

    /**
     * Puts back what was in the memory before, from a copy.
     *
     * @throws Refusal if it is no mapping of this device, or the unit does not take it, or goes meanwhile
     */
    public static function put(Unit $unit, string $content, string $sentence): Bank
    {
        try {
            DeviceMapping::check($content, $unit->device);
        } catch (FormatError $error) {
            throw MemoryError::noMapping($unit->title(), $error->getMessage());
        }
        $before = $unit->memory()->inForce()?->content;
        if ($before !== null && Waits::forStore(
            fn (): bool => $before !== self::lastWritten($unit) && ! self::copies($unit)
                ->contains('content', $before),
        )) {
            self::keep(
                $unit,
                false,
                'Was in it before: '.(
                    self::decoded(new Bank(0, 0, $before), $unit->device)->name ?? 'it cannot be read'
                ).'.',
                $before,
            );
        }
        $bank = $unit->memory(BankMemory::cost($content))->write($content);
        Waits::forStore(fn () => $unit->knows((string) DeviceRecord::query()->find($unit->device->id)?->document));
        self::keep($unit, true, $sentence, $content);

        return $bank;
    }

    /**
     * What of a copy that was saved as a file goes back into its device.
     *
     * @param string $file its name
     *
     * @throws FormatError if it is of another device, or nothing is in it
     */
    public static function contentOf(MemoryCopy $copy, Unit $unit, string $file): string
    {
        if ($copy->device->id !== $unit->device->id) {
            throw FormatError::told($file, 'a copy of '.$copy->device->name, 'one of '.$unit->device->name);
        }

        return $copy->inForce()->content ?? throw FormatError::told(
            $file,
            'a copy in which nothing is stored',
            'one with a mapping in it',
        );
    }

    /**
     * Another firmware goes into a unit. It is looked at once more before the first byte is sent; if it is cut off, the
     * unit goes on with the one that it has.
     *
     * @throws Refusal if it is not for the unit, or the unit does not take it
     */
    public static function update(Unit $unit, FirmwareFile $firmware): void
    {
        $why = $firmware->whyNot($unit->tells());
        if ($why !== null) {
            throw MemoryError::notFor($why);
        }
        (new BankMemory($unit->firmwarePort(BankMemory::cost($firmware->content))))->write($firmware->content);
    }

    /** @param string $same with what it was compared */
    public static function said(Unit $unit, Bank $bank, string $same): string
    {
        return sprintf(
            'Written to bank %d of %s and read back: %d bytes, checksum %s, %s. Verified.',
            $bank->number + 1,
            $unit->title(),
            strlen($bank->content),
            $bank->checksum(),
            $same,
        );
    }

    /** @return Collection<int, MemoryCopyRecord> what was written to a unit, or found in it, the latest first */
    public static function copies(Unit $unit): Collection
    {
        return MemoryCopyRecord::query()
            ->where('device_id', $unit->device->id)
            ->where('unit', $unit->key)
            ->orderByDesc('id')
            ->get();
    }

    /** What is in a memory, as a file. It has no serial, since it may be given away. */
    public static function file(Unit $unit): string
    {
        return MemoryCopy::write(
            self::document($unit),
            $unit->device->onboard->board,
            $unit->device->onboard->firmware,
            $unit->memory()->banks(),
        );
    }

    /** @return array<array-key, mixed> what the unit says of itself, else what is known of it here */
    private static function document(Unit $unit): array
    {
        return array_diff_key(
            Json::decode($unit->document() ?? DeviceRecord::query()->findOrFail($unit->device->id)->document),
            ['serial' => 0, 'more_serials' => 0],
        );
    }

    /** A set that stands alone with its device: what is in a memory. */
    public static function bundle(Unit $unit): string
    {
        return SetBundle::write([self::mapping($unit)], [self::document($unit)], []);
    }

    /**
     * Devices that lie on the desk with something in their memory.
     *
     * @return array<string, Device> by id
     */
    public static function onDesk(): array
    {
        $devices = [];
        foreach (Unit::told() as $document) {
            try {
                $device = DeviceReader::read(Node::of(Json::decode($document)));
            } catch (FormatError) {
                continue;
            }
            if ($device->keeps() !== null && self::of($device)->inForce() !== null) {
                $devices[$device->id] = $device;
            }
        }

        return $devices;
    }

    /** A device that lies on the desk, or that is known here and has a memory; null if there is none. */
    public static function find(string $device): ?Device
    {
        $known = DeviceRecord::query()->find($device)?->device();

        return self::onDesk()[$device] ?? ($known?->keeps() === null ? null : $known);
    }

    private static function lastWritten(Unit $unit): ?string
    {
        $content = MemoryCopyRecord::query()
            ->where('device_id', $unit->device->id)
            ->where('unit', $unit->key)
            ->where('written', true)
            ->orderByDesc('id')
            ->value('content');

        return is_string($content) ? $content : null;
    }

    private static function keep(Unit $unit, bool $written, string $sentence, string $content): void
    {
        $said = ['device_id' => $unit->device->id, 'unit' => $unit->key, 'written' => $written];
        // What is in the device already must be known here too: in the rig it is waited for, without holding anybody
        // up.
        Waits::forStore(function () use ($said, $sentence, $content): void {
            MemoryCopyRecord::query()->create(
                ['sentence' => mb_substr($sentence, 0, 200), 'content' => $content] + $said,
            );
            $old = MemoryCopyRecord::query()->where($said)->orderByDesc('id')->skip(self::KEPT)->take(100)->pluck('id');
            MemoryCopyRecord::query()->whereIn('id', $old)->delete();
        });
    }
}
