<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** Reads a device from the open format `nailrod-device`, version 1 (`schema/device.schema.json`). */
final class DeviceReader
{
    public const FORMAT = 'nailrod-device';
    public const KINDS = ['throttle', 'stick', 'wheel', 'pedals', 'button box', 'gamepad', 'keyboard encoder', 'RC transmitter', 'mouse', 'touch panel', 'phrase list'];
    private const HAT_NAMES = ['north', 'east', 'south', 'west'];

    /** @var array<int, string> input numbers of contacts that are taken, and by what */
    private array $contactNumbers = [];

    /** @var array<int, string> */
    private array $axisNumbers = [];

    private function __construct(private readonly string $id) {}

    public static function read(Node $node): Device
    {
        $node->only(['format', 'version', 'id', 'name', 'kind', 'stand_in', 'face', 'memory', 'controls', 'lamps']);
        $node->get('format')->oneOf([self::FORMAT]);
        $node->get('version')->int(1, 1);
        $id = $node->get('id')->id();
        if ($id === 'sim') {
            throw $node->get('id')->refuse('another name: "sim" stands for the game in a run');
        }
        $face = $node->get('face')->only(['width', 'height']);
        $memory = $node->maybe('memory')?->only(['banks', 'bank_bytes']);
        $reader = new self($id);

        return new Device(
            $id,
            $node->get('name')->string(60),
            $node->get('kind')->oneOf(self::KINDS),
            $node->maybe('stand_in')?->bool() ?? false,
            $reader->controls($node->get('controls')),
            array_map(fn (Node $lamp) => self::lamp($lamp->only(['id', 'at'])), $node->maybe('lamps')?->list(64) ?? []),
            $face->get('width')->int(100, 4000),
            $face->get('height')->int(100, 4000),
            $memory === null ? null : new MemorySpec($memory->get('banks')->int(2, 8), $memory->get('bank_bytes')->int(64, 1_048_576)),
        );
    }

    /** @return list<Control> */
    private function controls(Node $nodes): array
    {
        $controls = [];
        foreach ($nodes->list(256) as $node) {
            $control = $this->control($node);
            if (isset($controls[$control->ref])) {
                throw $node->get('id')->refuse('a name that no other control of the device has');
            }
            $controls[$control->ref] = $control;
        }

        return array_values($controls);
    }

    private function control(Node $node): Control
    {
        $node->only(['id', 'name', 'label', 'kind', 'at', 'axes', 'contacts', 'hat', 'encoder']);
        $ref = $this->id.'/'.$node->get('id')->id();
        [$x, $y] = self::place($node->get('at'));
        $name = $node->get('name')->string(60);
        $hat = $node->maybe('hat')?->int(0, 255);
        $contacts = $hat === null
            ? $this->contacts($node->maybe('contacts'), $ref)
            : array_map(fn (int $d) => ContactInput::direction($ref.'.'.self::HAT_NAMES[$d], self::HAT_NAMES[$d], $ref, $hat, $d), range(0, 3));
        $axes = array_map(fn (Node $axis) => $this->axis($axis, $ref), $node->maybe('axes')?->list(4) ?? []);
        $encoder = $node->maybe('encoder')?->int(0, 65535);
        if ($axes === [] && $contacts === [] && $encoder === null) {
            throw FormatError::missing($node->path, 'axes", "contacts", "hat" or "encoder');
        }

        return new Control(
            $ref,
            $name,
            $node->maybe('label')?->string(20) ?? $name,
            ControlKind::from($node->get('kind')->oneOf(array_column(ControlKind::cases(), 'value'))),
            $axes,
            $contacts,
            $x,
            $y,
            $hat,
            $encoder,
        );
    }

    private function axis(Node $node, string $control): AxisInput
    {
        $node->only(['id', 'name', 'number', 'min', 'max', 'centred']);
        $min = $node->get('min')->int(-2_147_483_648, 2_147_483_646);
        $ref = self::sub($node, $control);
        $number = $node->get('number')->int(0, 65535);
        if (isset($this->axisNumbers[$number])) {
            throw $node->get('number')->refuse('a number that is free ('.$this->axisNumbers[$number].' has it)');
        }
        $this->axisNumbers[$number] = $ref;

        return new AxisInput(
            $ref,
            $node->maybe('name')?->string(40) ?? '',
            $number,
            $min,
            $node->get('max')->int($min + 1, $min + 65535),
            $node->maybe('centred')?->bool() ?? false,
        );
    }

    /** @return list<ContactInput> */
    private function contacts(?Node $nodes, string $control): array
    {
        $contacts = [];
        foreach ($nodes?->list(64) ?? [] as $node) {
            $node->only(['id', 'name', 'number', 'opposite']);
            $ref = self::sub($node, $control);
            $name = $node->maybe('name')?->string(40) ?? '';
            $opposite = $node->maybe('opposite');
            if (isset($contacts[$ref])) {
                throw $node->refuse('a position that is not there yet');
            }
            if ($opposite !== null) {
                $of = $control.($opposite->value === '' ? '' : '.'.$opposite->id());
                if (! isset($contacts[$of]) || $contacts[$of]->opposite !== null) {
                    throw $opposite->refuse('a reported position of the same control, listed before');
                }
                $contacts[$ref] = ContactInput::opposite($ref, $name, $of);
            } else {
                $number = $node->get('number')->int(0, 65535);
                if (isset($this->contactNumbers[$number])) {
                    throw $node->get('number')->refuse('a number that is free ('.$this->contactNumbers[$number].' has it)');
                }
                $this->contactNumbers[$number] = $ref;
                $contacts[$ref] = ContactInput::reported($ref, $name, $number);
            }
        }

        return array_values($contacts);
    }

    private static function sub(Node $node, string $control): string
    {
        $id = $node->maybe('id')?->id();

        return $id === null ? $control : $control.'.'.$id;
    }

    private static function lamp(Node $node): Lamp
    {
        [$x, $y] = self::place($node->get('at'));

        return new Lamp($node->get('id')->id(), $x, $y);
    }

    /** @return array{int, int} */
    private static function place(Node $node): array
    {
        $pair = $node->list(2);
        if (count($pair) !== 2) {
            throw $node->refuse('two numbers, across and down');
        }

        return [$pair[0]->int(0, 4000), $pair[1]->int(0, 4000)];
    }
}
