<?php

declare(strict_types=1);

namespace Tests\Core\Memory;

use Nailrod\Core\Device\Device;
use Nailrod\Core\Device\MemorySpec;
use Nailrod\Core\Memory\CableCut;
use Nailrod\Core\Memory\DeviceMapping;
use Nailrod\Core\Memory\MemoryError;
use Nailrod\Core\Memory\TwoBankMemory;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

final class MemoryTest extends TestCase
{
    private const ROOM = 1024;

    public function test_a_write_is_read_back_and_goes_to_the_other_bank_each_time(): void
    {
        $memory = new TwoBankMemory(new CablePort(2 * self::ROOM));
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
        for ($cut = 0; $cut < TwoBankMemory::cost($new); $cut++) {
            $port = new CablePort(2 * self::ROOM);
            (new TwoBankMemory($port))->write('older');
            (new TwoBankMemory($port))->write($old);
            $port->cutAfter($cut);
            try {
                (new TwoBankMemory($port))->write($new);
                $this->fail('The cable was cut after '.$cut.' bytes.');
            } catch (CableCut $error) {
                $this->assertStringContainsString('after '.$cut.' bytes', $error->getMessage());
            }
            $port->mend();
            $this->assertSame($old, (new TwoBankMemory($port))->read(), 'cut after '.$cut.' bytes');
        }
        (new TwoBankMemory($port))->write($new);
        $this->assertSame($new, (new TwoBankMemory($port))->read());
    }

    public function test_what_does_not_fit_is_refused_before_anything_is_written(): void
    {
        $port = new CablePort(2 * self::ROOM);
        $memory = new TwoBankMemory($port);
        $memory->write('old');
        try {
            $memory->write(str_repeat('x', $memory->room() + 1));
            $this->fail('It cannot fit.');
        } catch (MemoryError $error) {
            $this->assertStringContainsString('takes 1009 bytes, and a bank of the device holds 1008', $error->getMessage());
        }
        $this->assertSame('old', $memory->read());
        $this->assertSame(str_repeat('y', $memory->room()), $memory->write(str_repeat('y', $memory->room()))->content);
    }

    public function test_a_memory_that_does_not_keep_what_was_written_is_not_verified(): void
    {
        $port = new CablePort(2 * self::ROOM);
        $memory = new TwoBankMemory($port);
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
            ->cell('base', 'b4', 'pulse', ['kind' => 'set variable', 'name' => 'gear', 'to' => 1], ['kind' => 'button', 'number' => 5])
            ->saying(['stops' => ['far' => ['name' => 'Far', 'axes' => ['x/lever'], 'at' => 0.5, 'opens' => 'held'], 'both' => ['name' => 'Both', 'axes' => ['d/a', 'x/lever'], 'at' => 0.5, 'opens' => 'held']]]);
        $set = $desk->assembled();
        $device = $set->rig->devices['d'];
        $mapping = DeviceMapping::of($set, new Device($device->id, $device->name, $device->kind, true, $device->controls, [], 10, 10, new MemorySpec(2, 4096)));
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
}
