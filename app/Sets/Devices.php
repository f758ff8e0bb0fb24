<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\DeviceRecord;
use Nailrod\Core\Device\DeviceReader;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Hid\DescriptorError;
use Nailrod\Core\Hid\DescriptorText;
use Nailrod\Core\Hid\DeviceBuilder;
use Nailrod\Core\Hid\ReportDescriptor;

/** Devices that people bring: made, named and kept. */
final class Devices
{
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

    /** @param array<string, mixed> $document in the open format `nailrod-device` */
    public function keep(array $document): DeviceRecord
    {
        $device = DeviceReader::read(Node::of($document));

        return DeviceRecord::query()->create(['id' => $device->id, 'position' => DeviceRecord::query()->count(), 'document' => Json::encode($document)]);
    }

    /** An id that no device has, made of a name. */
    public function freeId(string $name): string
    {
        $base = trim(mb_substr((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($name)), 0, 40), '-') ?: 'device';
        $id = $base === 'sim' ? 'sim-device' : $base;
        for ($n = 2; DeviceRecord::query()->where('id', $id)->exists(); $n++) {
            $id = $base.'-'.$n;
        }

        return $id;
    }
}
