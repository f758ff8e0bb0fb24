<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\DeviceRecord;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\OwnDevice;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Hid\Collections;
use Nailrod\Core\Rig\Hid\DescriptorError;
use Nailrod\Core\Rig\Hid\DescriptorText;
use Nailrod\Core\Rig\Hid\ReportDescriptor;
use Nailrod\Core\Rig\Wiring\DeviceBuilder;
use Nailrod\Core\Rig\Wiring\DeviceReader;

/** Devices that people bring: made, named and kept. */
final class Devices
{
    /**
     * @param string $name what it is to be called; a device file has a name of its own, which is taken if this is empty
     * @param string $kind of a device that is made of a descriptor
     *
     * @throws FormatError if it is neither a device file nor a report descriptor
     */
    public function fromFile(string $content, string $name, string $kind, string $fileName): DeviceRecord
    {
        if (! str_starts_with(ltrim($content), '{')) {
            return $name === '' ? throw FormatError::told(
                'Name',
                'nothing',
                'a name for it, since a report descriptor has none',
            ) : $this->fromDescriptor($content, $name, $kind, $fileName);
        }
        try {
            $document = Json::decodeStrictly($content);
            $device = DeviceReader::read(Node::of($document));
        } catch (FormatError $error) {
            throw $error->in($fileName);
        }

        return $this->keep(
            [
                'id' => DeviceRecord::query()
                    ->where('id', $device->id)
                    ->exists() ? $this->freeId($device->id) : $device->id,
            ] + ($name === '' ? [] : ['name' => $name]) + $document,
        );
    }

    /**
     * @param string $content  a report descriptor: binary, hex digits or a list in the style of C
     * @param string $fileName as its owner knows it
     *
     * @throws FormatError if it cannot be read, or has nothing to work with
     */
    public function fromDescriptor(string $content, string $name, string $kind, string $fileName): DeviceRecord
    {
        try {
            $bytes = DescriptorText::bytes($content);
            $descriptor = ReportDescriptor::parse($bytes);
        } catch (DescriptorError $error) {
            throw FormatError::told($fileName, rtrim($error->getMessage(), '.'), 'a report descriptor (HID 1.11)');
        }
        ['document' => $document] = DeviceBuilder::build($descriptor, $this->freeId($name), $name, $kind);
        if ($document['controls'] === []) {
            throw FormatError::told($fileName, 'no axis, button, hat or key', 'a device with something to move');
        }

        return $this->keep(['descriptor' => bin2hex($bytes), 'stand_in' => true] + $document);
    }

    /**
     * A device that a browser reads by its reports: the one that describes itself like this, or a new one.
     *
     * @param Node $collections as the browser has them
     *
     * @return array{DeviceRecord, bool} and whether it is new
     *
     * @throws FormatError if it has nothing to work with, or cannot be described
     */
    public function ofReports(string $name, Node $collections): array
    {
        try {
            $bytes = Collections::bytes($collections);
            $descriptor = ReportDescriptor::parse($bytes);
        } catch (DescriptorError $error) {
            throw FormatError::told($name, rtrim($error->getMessage(), '.'), 'a device with input reports');
        }
        foreach (DeviceRecord::query()->get() as $record) {
            if ($record->device()->descriptor === bin2hex($bytes)) {
                return [$record, false];
            }
        }
        ['document' => $document] = DeviceBuilder::build($descriptor, $this->freeId($name), $name, 'button box');
        if ($document['controls'] === []) {
            throw FormatError::told($name, 'no axis, button, hat or key', 'a device with something to move');
        }

        return [$this->keep(['descriptor' => bin2hex($bytes)] + $document), true];
    }

    /**
     * A device that a program describes: it is there once, and does not change any more.
     *
     * @param array<array-key, mixed> $document that it was read from
     *
     * @throws FormatError if another device has its id
     */
    public function brought(Device $device, array $document): DeviceRecord
    {
        $record = DeviceRecord::query()->find($device->id);
        if ($record !== null && $record->device() != $device) {
            throw FormatError::at(
                'devices',
                $device->id,
                'an id that no other device has, or the very same device as before',
            );
        }

        return $record ?? $this->keep($document);
    }

    /** What its owner is told of a device that has just come. */
    public static function greeting(DeviceRecord $record, bool $isNew): string
    {
        return $record->device()->name.($isNew ? ' is new. It was taken into the rig.' : ' is there.');
    }

    /**
     * What needs no plug and no file, which is there once.
     *
     * @param class-string<OwnDevice> $own
     */
    public function own(string $own): DeviceRecord
    {
        foreach (DeviceRecord::query()->get() as $record) {
            if ($own::isIn(new Rig([$record->device()]))) {
                return $record;
            }
        }

        return $this->keep(['id' => $this->freeId($own::id())] + $own::document());
    }

    /** @param array<array-key, mixed> $document in the open format `nailrod-device` */
    public function keep(array $document): DeviceRecord
    {
        $device = DeviceReader::read(Node::of($document));

        return DeviceRecord::query()->create(
            ['id' => $device->id, 'position' => DeviceRecord::query()->count(), 'document' => Json::encode($document)],
        );
    }

    /** An id that no device has, made of a name. */
    public function freeId(string $name): string
    {
        return Ids::free(
            $name,
            'device',
            fn (string $id): bool => in_array($id, ['sim', Made::DEVICE], true) || DeviceRecord::query()
                ->where('id', $id)
                ->exists(),
        );
    }
}
