<?php

declare(strict_types=1);

namespace Tests\Core\Exchange\Memory;

use Nailrod\Core\Exchange\Memory\BankMemory;
use Nailrod\Core\Exchange\Memory\CableCut;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Memory\MemoryError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Mapping\Output\StoredOnDevice;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Keeps;
use Nailrod\Core\Rig\Device\Onboard;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

final class MemoryTest extends TestCase
{
    private const ROOM = 1024;

    public function test_a_write_is_read_back_and_goes_to_the_other_bank_each_time(): void
    {
        $memory = new BankMemory(new CablePort(2 * self::ROOM));
        $this->assertNull($memory->read());
        $this->assertSame(0, $memory->write('first')->number);
        $this->assertSame(1, $memory->write('second')->number);
        $this->assertSame(0, $memory->write('third')->number);
        $this->assertSame('third', $memory->read());
        $this->assertSame([3, 2], array_map(fn ($bank) => $bank?->count, $memory->banks()));
    }

    public function test_a_write_cut_off_at_any_byte_leaves_the_old_mapping_in_force(): void
    {
        $old = str_repeat('old ', 60);
        $new = str_repeat('a new mapping ', 30);
        for ($cut = 0; $cut < BankMemory::cost($new); $cut++) {
            $port = new CablePort(2 * self::ROOM);
            (new BankMemory($port))->write('older');
            (new BankMemory($port))->write($old);
            $port->cutAfter($cut);
            try {
                (new BankMemory($port))->write($new);
                $this->fail('The cable was cut after '.$cut.' bytes.');
            } catch (CableCut $error) {
                $this->assertStringContainsString('after '.$cut.' bytes', $error->getMessage());
            }
            $port->mend();
            $this->assertSame($old, (new BankMemory($port))->read(), 'cut after '.$cut.' bytes');
        }
        (new BankMemory($port))->write($new);
        $this->assertSame($new, (new BankMemory($port))->read());
    }

    public function test_what_does_not_fit_is_refused_before_anything_is_written(): void
    {
        $port = new CablePort(2 * self::ROOM);
        $memory = new BankMemory($port);
        $memory->write('old');
        try {
            $memory->write(str_repeat('x', $memory->room() + 1));
            $this->fail('It cannot fit.');
        } catch (MemoryError $error) {
            $this->assertStringContainsString(
                'takes 1009 bytes, and a bank of the device holds 1008',
                $error->getMessage(),
            );
        }
        $this->assertSame('old', $memory->read());
        $this->assertSame(str_repeat('y', $memory->room()), $memory->write(str_repeat('y', $memory->room()))->content);
    }

    public function test_a_memory_that_does_not_keep_what_was_written_is_not_verified(): void
    {
        $port = new CablePort(2 * self::ROOM);
        $memory = new BankMemory($port);
        $memory->write('old');
        $port->corrupt(self::ROOM + 20);
        try {
            $memory->write(str_repeat('new', 20));
            $this->fail('A byte was lost.');
        } catch (MemoryError $error) {
            $this->assertStringContainsString('not what was written', $error->getMessage());
        }
        $this->assertSame('old', $memory->read());
    }

    public function test_the_mapping_of_a_device_is_what_it_can_do_by_itself(): void
    {
        $desk = Desk::plain()->layer('water', 'b2')
            ->cell('base', 'b1', 'follow', ['kind' => 'key', 'code' => 'KeyA'])
            ->cell('base', 'b3', 'follow', ['kind' => 'on/off variable', 'name' => 'lamp'])
            ->cell(
                'base',
                'b4',
                'pulse',
                ['kind' => 'set variable', 'name' => 'gear', 'to' => 1],
                ['kind' => 'button', 'number' => 5],
            )
            ->saying([
                'stops' => [
                    'far' => ['name' => 'Far', 'axes' => ['x/lever'], 'at' => 0.5, 'opens' => 'held'],
                    'both' => ['name' => 'Both', 'axes' => ['d/a', 'x/lever'], 'at' => 0.5, 'opens' => 'held'],
                ],
            ]);
        $set = $desk->assembled();
        $device = $set->rig->devices['d'];
        $mapping = DeviceMapping::of(
            $set,
            new Device(
                $device->id,
                $device->name,
                $device->kind,
                true,
                $device->controls,
                [],
                10,
                10,
                new Onboard(keeps: Keeps::all(2, 4096)),
            ),
        );
        $this->assertSame([
            'Button 3, layer Base: variable lamp, 1 or 0 can only be done by Nailrod itself',
            'Button 4, layer Base: variable gear set to 1 can only be done by Nailrod itself',
        ], $mapping->leftOut);
        $parts = $mapping->document->parts();
        $this->assertSame([['kind' => 'button', 'number' => 5]], $parts['cells/base/d/b4']->value['outputs']);
        $this->assertArrayNotHasKey('cells/base/d/b3', $parts);
        $this->assertArrayNotHasKey('stops/far', $parts);
        $this->assertSame(['d/a'], $parts['stops/both']->value['axes']);
        $this->assertSame($mapping->document->toJson(), DeviceMapping::decode($mapping->encode())->toJson());
        $this->assertSame([], $mapping->empty()->parts());
    }

    public function test_a_device_keeps_what_goes_down_its_cable_and_not_what_only_the_computer_has(): void
    {
        $kept = array_keys(
            array_filter(Outputs::all(), fn (string $class) => is_subclass_of($class, StoredOnDevice::class)),
        );
        $this->assertSame(
            [
                'action', 'axis variable', 'mouse button', 'mouse movement', 'mouse step', 'mouse wheel',
                'on/off variable', 'play recorded', 'record macro', 'set variable', 'step variable', 'swap variable',
            ],
            array_values(array_diff(self::sorted(array_keys(Outputs::all())), $kept)),
        );

        $set = Desk::plain()->axis(
            'base',
            'c',
            ['kind' => 'mouse movement', 'direction' => 'x', 'speed' => 500],
        )->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->assembled();
        $device = $set->rig->devices['d'];
        $mapping = DeviceMapping::of(
            $set,
            new Device(
                $device->id,
                $device->name,
                $device->kind,
                true,
                $device->controls,
                [],
                10,
                10,
                new Onboard(keeps: Keeps::all(2, 4096)),
            ),
        );
        $this->assertCount(1, $mapping->leftOut);
        $this->assertStringContainsString(
            'mouse left and right, up to 500 px a second can only be done by Nailrod itself',
            $mapping->leftOut[0],
        );
        $this->assertSame(['cells/base/d/a'], array_keys($mapping->document->partsOf('cells')));
    }

    /**
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        sort($names);

        return $names;
    }

    public function test_a_macro_that_the_device_does_not_hold_is_neither_started_nor_stopped_by_it(): void
    {
        $set = Desk::plain()->saying([
            'macros' => [
                'm' => [
                    'name' => 'M', 'when' => ['variable' => 'v1', 'is' => '=', 'to' => 1],
                    'steps' => [['do' => 'tap', 'output' => ['kind' => 'button', 'number' => 1], 'ms' => 10]],
                ],
            ],
        ])
            ->cell(
                'base',
                'b1',
                'pulse',
                ['kind' => 'start macro', 'macro' => 'm'],
                ['kind' => 'button', 'number' => 2],
            )->assembled();
        $mapping = DeviceMapping::of($set, $set->rig->devices['d']);
        $this->assertContains('Button 1, layer Base: its macro is not on the device', $mapping->leftOut);
        $this->assertSame(
            [['kind' => 'button', 'number' => 2]],
            $mapping->document->parts()['cells/base/d/b1']->value['outputs'],
        );
        $this->assertNotNull(
            BindingSet::of(MergedDocument::of([DeviceMapping::decode($mapping->encode())]), $set->rig, null),
            'what it keeps can be read by itself',
        );
    }

    public function test_every_bank_that_a_device_has_is_used_in_turn(): void
    {
        $memory = new BankMemory(new CablePort(4 * self::ROOM, 4));
        $this->assertSame(self::ROOM - 16, $memory->room());
        $this->assertSame(
            [0, 1, 2, 3, 0, 1],
            array_map(fn (int $i) => $memory->write('mapping '.$i)->number, range(1, 6)),
        );
        $this->assertSame(
            ['mapping 5', 'mapping 6', 'mapping 3', 'mapping 4'],
            array_map(fn ($bank) => $bank?->content, $memory->banks()),
        );
        $this->assertSame('mapping 6', $memory->read());
    }

    public function test_what_another_device_has_a_part_in_is_left_out_with_its_reason(): void
    {
        $button = fn (int $number): array => ['kind' => 'button', 'number' => $number];
        $cell = fn (array $outputs, array $more = []): array => [
            'behaviour' => ['kind' => 'pulse'], 'outputs' => $outputs,
        ] + $more;
        $document = SetDocument::read(Node::of(['format' => SetDocument::FORMAT, 'version' => 1, 'id' => 's',
            'name' => 'S', 'devices' => ['d', 'x'],
            'flags' => ['theirs' => ['name' => 'Theirs'], 'ours' => ['name' => 'Ours']],
            'stops' => ['far' => ['name' => 'Far', 'axes' => ['x/lever'], 'at' => 0.5, 'opens' => 'held']],
            'macros' => [
                'm' => [
                    'name' => 'M',
                    'steps' => [
                        ['do' => 'tap', 'output' => ['kind' => 'mouse button', 'button' => 'left'], 'ms' => 20],
                    ],
                ],
                'n' => [
                    'name' => 'N', 'when' => ['stop' => 'far', 'is' => 'open'],
                    'steps' => [['do' => 'tap', 'output' => $button(1), 'ms' => 20]],
                ],
            ],
            'lamps' => ['l' => ['lamp' => 'd/lamp', 'while' => ['flag' => 'theirs', 'is' => 'up']]],
            'cells' => ['base' => [
                'd/b1' => $cell(
                    [['kind' => 'open stop', 'stop' => 'far']],
                ), 'd/b2' => $cell([['kind' => 'lamp', 'lamp' => 'x/lamp']]), 'd/b3' => $cell(
                    [$button(1)],
                    ['when' => ['stop' => 'far', 'is' => 'shut']],
                ),
                'd/b4' => $cell(
                    [$button(1)],
                    ['when' => ['flag' => 'theirs', 'is' => 'down']],
                ), 'd/s.up' => $cell([$button(1)], ['when' => ['flag' => 'ours', 'is' => 'down']]), 'd/s.down' => [
                    'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'flag', 'flag' => 'ours']],
                ],
                'd/t.up' => $cell([['kind' => 'mouse button', 'button' => 'left']]), 'd/t.down' => [
                    'behaviour' => ['kind' => 'macro', 'macro' => 'm'],
                ], 'd/t.middle' => ['behaviour' => ['kind' => 'macro', 'macro' => 'n']],
                'x/button' => [
                    'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'flag', 'flag' => 'theirs']],
                ],
            ]],
        ]));
        $other = DeviceReader::read(Node::of(['format' => 'nailrod-device', 'version' => 1, 'id' => 'x',
            'name' => 'Other', 'kind' => 'stick', 'face' => [
            'width' => 100, 'height' => 100,
        ], 'lamps' => [['id' => 'lamp', 'at' => [5, 5]]], 'controls' => [
            [
                'id' => 'lever', 'name' => 'Lever', 'kind' => 'lever', 'at' => [1, 1],
                'axes' => [['number' => 1, 'min' => 0, 'max' => 100]],
            ], [
                'id' => 'button', 'name' => 'Button', 'kind' => 'button', 'at' => [2, 1],
                'contacts' => [['number' => 1]],
            ],
        ]]));
        $device = Desk::plain()->device('d') ?? throw new \LogicException;
        $set = BindingSet::of(MergedDocument::of([$document]), new Rig([$device, $other]), null);
        $mapping = DeviceMapping::of($set, $device);
        $this->assertSame([
            'Macro M: it does what only Nailrod itself can do',
            'Macro N: it depends on a stop that the device does not keep',
            'Lamp: it shows a flag that is not the device\'s alone',
            'Button 1, layer Base: it opens a stop of another device',
            'Button 2, layer Base: it lights a lamp of another device',
            'Button 3, layer Base: it depends on a stop that the device does not keep',
            'Button 4, layer Base: it depends on a flag that is not the device\'s alone',
            'Switch T up, layer Base: left mouse button can only be done by Nailrod itself',
            'Switch T down, layer Base: its macro is not on the device',
            'Switch T middle, layer Base: its macro is not on the device',
        ], $mapping->leftOut);
        BindingSet::of(MergedDocument::of([DeviceMapping::decode($mapping->encode())]), new Rig([$device]), null);
    }
}
