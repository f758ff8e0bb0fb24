<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Wiring;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Hex;
use Nailrod\Core\Format\Type\NewId;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Format\Type\YesNo;
use Nailrod\Core\Rig\Device\ControlReader;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\DeviceLimits;
use Nailrod\Core\Rig\Device\Lamp;
use Nailrod\Core\Rig\Device\Onboard;
use Nailrod\Core\Rig\Hid\DescriptorError;

/** Reads a device from the open format `nailrod-device`, version 1 (`schema/device.schema.json`). */
final class DeviceReader
{
    public const FORMAT = 'nailrod-device';
    public const KINDS = [
        'throttle',
        'stick',
        'wheel',
        'pedals',
        'button box',
        'gamepad',
        'keyboard',
        'keyboard encoder',
        'RC transmitter',
        'mouse',
        'touch panel',
        'phrase list',
    ];

    /** In bytes. */
    private const LONGEST_DESCRIPTOR = 4096;

    private const MOST_CONTROLS = 256;

    public static function fields(): Fields
    {
        $face = Fields::of(
            Field::required('width', 'Width', new Whole(100, 4000), 'How wide it is.', 660),
            Field::required('height', 'Height', new Whole(100, 4000), 'How high it is.', 860),
        );

        return Fields::of(...[
            Field::required('format', 'Format', Choice::of(self::FORMAT), 'What the file is.'),
            Field::required('version', 'Version', new Whole(1, 1), 'The version of the format.'),
            Field::required(
                'id',
                'Id',
                new NewId('fennel', ['sim' => 'the game in a run', Device::MADE => 'what a set makes from axes']),
                'The name of the device in references; neither "sim" nor "made".',
            ),
            Field::required('name', 'Name', new Text(60), 'What it is called.'),
            Field::required('kind', 'Kind', Choice::of(...self::KINDS), 'What sort of a device it is.'),
            Field::optional(false, 'stand_in', 'Stand-in', new YesNo, 'Is it one that Nailrod moves itself?'),
            Field::required(
                'face',
                'Faceplate',
                new Thing($face, 'the size of the faceplate, in its own units'),
                'The size of the faceplate, in tenths of a millimetre.',
            ),
            ...Onboard::fields(),
            Field::optional(
                null,
                'limits',
                'Limits',
                new Thing(DeviceLimits::fields(), 'what it can have at most'),
                'What it can have at most; no limit if nothing is said.',
            ),
            Field::optional(
                null,
                'descriptor',
                'Descriptor',
                new Hex('a report descriptor', self::LONGEST_DESCRIPTOR),
                'The report descriptor (HID 1.11, 6.2.2), which must fit the controls.',
            ),
            Field::optional(
                null,
                'gamepad',
                'Gamepad',
                new Text(300),
                'The id under which the browser knows the model (W3C Gamepad).',
                'Gorse (Vendor: 1209 Product: 4e31)',
            ),
            Field::required(
                'controls',
                'Controls',
                new Several(ControlReader::type(), 0, self::MOST_CONTROLS),
                'What a hand can move.',
            ),
            Field::optional(
                [],
                'lamps',
                'Lamps',
                new Several(new Thing(Lamp::fields(), 'a lamp', Lamp::read(...)), 0, 64),
                'What it can light.',
            ),
        ]);
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): Device
    {
        $given = self::fields()->read($node);
        $id = $given->text('id');
        $controls = (new ControlReader($id))->controls($given->things('controls'));
        $device = new Device(
            $id,
            $given->text('name'),
            $given->text('kind'),
            $given->yes('stand_in'),
            $controls,
            $given->objects('lamps', Lamp::class),
            $given->thing('face')?->whole('width') ?? 0,
            $given->thing('face')?->whole('height') ?? 0,
            Onboard::read($given, $node, $id, $controls),
            $given->textOrNull('descriptor'),
            $given->textOrNull('gamepad'),
            DeviceLimits::of($given->thing('limits')),
        );
        $device->limits?->check($device, $given->node('controls'));
        if ($device->descriptor !== null) {
            self::checkWiring($device, $given->node('descriptor'));
        }
        foreach (array_values($device->onboard->modes) as $i => $mode) {
            if ($mode->descriptor !== null) {
                self::checkWiring($device->inMode($mode), $given->node('modes')->list(PHP_INT_MAX)[$i]->get('reports'));
            }
        }

        return $device;
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
