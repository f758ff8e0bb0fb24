<?php

declare(strict_types=1);

namespace App\Memory;

use App\Models\DeviceRecord;
use App\Models\MemoryCopyRecord;
use Illuminate\Support\Collection;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Memory\Bank;
use Nailrod\Core\Memory\BankMemory;
use Nailrod\Core\Memory\DeviceMapping;
use Nailrod\Core\Memory\MemoryCopy;
use Nailrod\Core\Memory\Standing;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\SetBundle;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Wiring\DeviceReader;

/** The memories of the devices on this desk: what is in them, what is written to them, and what was in them before. */
final class Memories
{
    /** Copies of each device that are kept. */
    private const KEPT = 10;

    public static function of(Device $device): BankMemory
    {
        return new BankMemory(FilePort::of($device));
    }

    /** @return array{Standing, int} how a memory stands to a set, and in how many parts it differs */
    public static function standing(BindingSet $set, Device $device): array
    {
        $image = DeviceMapping::of($set, $device);
        $bank = self::of($device)->inForce();
        $stored = self::decoded($bank, $device);
        // What cannot be read differs in all that would be written, and in itself.
        $parts = count($image->since($stored ?? $image->empty())) + (int) ($bank !== null && $stored === null);

        return [Standing::of($bank, $parts, self::lastWritten($device->id)), $parts];
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

    /** @throws FormatError if nothing that can be read is in the memory */
    public static function mapping(Device $device): SetDocument
    {
        return self::decoded(self::of($device)->inForce(), $device) ?? throw FormatError::told('memory of '.$device->name, 'nothing that can be read', 'a mapping');
    }

    /**
     * Writes what a set says of a device. A copy is kept of what was in it, if Nailrod did not write that.
     *
     * @param ?int $cut how many bytes go over the cable before it is cut, to try that out; null: it is not cut
     *
     * @throws \Nailrod\Core\Memory\MemoryError|\Nailrod\Core\Memory\CableCut
     */
    public static function write(BindingSet $set, Device $device, ?int $cut = null): Bank
    {
        return self::put($device, DeviceMapping::of($set, $device)->encode(), 'Written from '.$set->merged->own->name.'.', $cut);
    }

    /**
     * Puts back what was in the memory before, from a copy.
     *
     * @throws \Nailrod\Core\Memory\MemoryError|\Nailrod\Core\Memory\CableCut
     */
    public static function put(Device $device, string $content, string $sentence, ?int $cut = null): Bank
    {
        $port = FilePort::of($device, $cut);
        $memory = new BankMemory($port);
        $before = $memory->inForce()?->content;
        if ($before !== null && $before !== self::lastWritten($device->id) && ! MemoryCopyRecord::query()->where('device_id', $device->id)->where('content', $before)->exists()) {
            self::keep($device->id, false, 'Was in it before: '.(self::decoded(new Bank(0, 0, $before), $device)->name ?? 'it cannot be read').'.', $before);
        }
        $bank = $memory->write($content);
        $port->tellsOf((string) DeviceRecord::query()->find($device->id)?->document);
        self::keep($device->id, true, $sentence, $content);

        return $bank;
    }

    /**
     * A copy that was saved as a file goes back into its device.
     *
     * @param string $file its name
     *
     * @throws FormatError if it is of another device, or nothing is in it
     */
    public static function putCopy(Device $device, MemoryCopy $copy, string $file): Bank
    {
        if ($copy->device->id !== $device->id) {
            throw FormatError::told($file, 'a copy of '.$copy->device->name, 'one of '.$device->name);
        }
        $content = $copy->inForce()->content ?? throw FormatError::told($file, 'a copy in which nothing is stored', 'one with a mapping in it');

        return self::put($device, $content, 'Put back from the file '.$file.'.');
    }

    /** @param string $same with what it was compared */
    public static function said(Device $device, Bank $bank, string $same): string
    {
        return sprintf('Written to bank %d of %s and read back: %d bytes, checksum %s, %s. Verified.', $bank->number + 1, $device->name, strlen($bank->content), $bank->checksum(), $same);
    }

    /** @return Collection<int, MemoryCopyRecord> what was written to a device, or found in it, the latest first */
    public static function copies(string $device): Collection
    {
        return MemoryCopyRecord::query()->where('device_id', $device)->orderByDesc('id')->get();
    }

    /** What is in a memory, as a file. */
    public static function file(Device $device): string
    {
        return MemoryCopy::write(self::document($device), self::of($device)->banks());
    }

    /** @return array<array-key, mixed> what the device says of itself, else what is known of it here */
    private static function document(Device $device): array
    {
        return Json::decode(FilePort::of($device)->tells() ?? DeviceRecord::query()->findOrFail($device->id)->document);
    }

    /** A set that stands alone with its device: what is in a memory. */
    public static function bundle(Device $device): string
    {
        return SetBundle::write([self::mapping($device)], [self::document($device)], []);
    }

    /**
     * Devices that lie on the desk with something in their memory.
     *
     * @return array<string, Device> by id
     */
    public static function onDesk(): array
    {
        $devices = [];
        foreach (FilePort::told() as $document) {
            try {
                $device = DeviceReader::read(Node::of(Json::decode($document)));
            } catch (FormatError) {
                continue;
            }
            if ($device->memory !== null && self::of($device)->inForce() !== null) {
                $devices[$device->id] = $device;
            }
        }

        return $devices;
    }

    /** A device that lies on the desk, or that is known here and has a memory; null if there is none. */
    public static function find(string $device): ?Device
    {
        $known = DeviceRecord::query()->find($device)?->device();

        return self::onDesk()[$device] ?? ($known?->memory === null ? null : $known);
    }

    private static function lastWritten(string $device): ?string
    {
        $content = MemoryCopyRecord::query()->where('device_id', $device)->where('written', true)->orderByDesc('id')->value('content');

        return is_string($content) ? $content : null;
    }

    private static function keep(string $device, bool $written, string $sentence, string $content): void
    {
        MemoryCopyRecord::query()->create(['device_id' => $device, 'written' => $written, 'sentence' => mb_substr($sentence, 0, 200), 'content' => $content]);
        $old = MemoryCopyRecord::query()->where('device_id', $device)->where('written', $written)->orderByDesc('id')->skip(self::KEPT)->take(100)->pluck('id');
        MemoryCopyRecord::query()->whereIn('id', $old)->delete();
    }
}
