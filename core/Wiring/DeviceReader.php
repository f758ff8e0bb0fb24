<?php

declare(strict_types=1);

namespace Nailrod\Core\Wiring;

use Nailrod\Core\Device\ControlReader;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Device\DeviceLimits;
use Nailrod\Core\Device\Lamp;
use Nailrod\Core\Device\MemorySpec;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Hid\DescriptorError;

/** Reads a device from the open format `nailrod-device`, version 1 (`schema/device.schema.json`). */
final class DeviceReader
{
    public const FORMAT = 'nailrod-device';
    public const KINDS = ['throttle', 'stick', 'wheel', 'pedals', 'button box', 'gamepad', 'keyboard encoder', 'RC transmitter', 'mouse', 'touch panel', 'phrase list'];

    /** Longest descriptor, in hex digits. */
    private const LONGEST_DESCRIPTOR = 8192;

    /** @throws FormatError */
    public static function read(Node $node): Device
    {
        $node->only(['format', 'version', 'id', 'name', 'kind', 'stand_in', 'face', 'memory', 'limits', 'descriptor', 'gamepad', 'controls', 'lamps']);
        $node->get('format')->oneOf([self::FORMAT]);
        $node->get('version')->int(1, 1);
        $id = $node->get('id')->id();
        if ($id === 'sim') {
            throw $node->get('id')->refuse('another name: "sim" stands for the game in a run');
        }
        if ($id === Device::MADE) {
            throw $node->get('id')->refuse('another name: "made" stands for what a set makes from axes');
        }
        $face = $node->get('face')->only(['width', 'height']);
        $memory = $node->maybe('memory')?->only(['banks', 'bank_bytes']);
        $device = new Device(
            $id,
            $node->get('name')->string(60),
            $node->get('kind')->oneOf(self::KINDS),
            $node->maybe('stand_in')?->bool() ?? false,
            (new ControlReader($id))->controls($node->get('controls')),
            array_map(Lamp::read(...), $node->maybe('lamps')?->list(64) ?? []),
            $face->get('width')->int(100, 4000),
            $face->get('height')->int(100, 4000),
            $memory === null ? null : new MemorySpec($memory->get('banks')->int(2, 8), $memory->get('bank_bytes')->int(64, 1_048_576)),
            self::descriptor($node->maybe('descriptor')),
            $node->maybe('gamepad')?->string(300),
            DeviceLimits::read($node->maybe('limits')),
        );
        $device->limits?->check($device, $node->get('controls'));
        if ($device->descriptor !== null) {
            self::checkWiring($device, $node->get('descriptor'));
        }

        return $device;
    }

    private static function descriptor(?Node $node): ?string
    {
        $hex = $node?->string(self::LONGEST_DESCRIPTOR);
        if ($node !== null && preg_match('/^(?:[0-9a-f]{2})+$/D', (string) $hex) !== 1) {
            throw $node->refuse('the bytes of a report descriptor as pairs of hex digits, in lower case');
        }

        return $hex;
    }

    /** Everything that the device file names must be in its reports. */
    private static function checkWiring(Device $device, Node $node): void
    {
        try {
            Wiring::of($device);
        } catch (DescriptorError|WiringError $error) {
            throw $node->refuse('a report descriptor that fits the controls: '.$error->getMessage());
        }
    }
}
