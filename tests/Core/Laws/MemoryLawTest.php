<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Exchange\Memory\BankMemory;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Memory\Fault\Faults;
use Nailrod\Core\Exchange\Memory\MemoryPort;
use Nailrod\Core\Exchange\Memory\StandInPort;
use Nailrod\Core\Exchange\Memory\UnitState;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Keeps;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Exchange\Memory\CablePort;

/** A device answers with the old mapping or the new one, whole, whatever happens while it is written. */
#[Group('laws')]
final class MemoryLawTest extends TestCase
{
    use InWorlds;

    private const RUNS = 3;

    private const ROTS = 'a bank rots at rest';

    private const NONE = 'none';

    /** These the device or its port refuses, whatever is written. */
    private const REFUSED = ['wrong mode', 'old firmware', 'wrong board'];

    public function test_law_11_whatever_happens_the_old_mapping_answers_or_the_new_one(): void
    {
        $faults = [self::NONE, self::ROTS, ...array_keys(Faults::all())];
        $this->assertCount(11, $faults);
        $done = array_fill_keys($faults, 0);
        $device = self::device();
        $this->inEveryWorld(function (World $world) use (&$done, $faults, $device): void {
            $new = DeviceMapping::of($world->set, $world->set->rig->devices['d'])->encode();
            $old = $world->chance(20) ? null : str_replace('"name":"World"', '"name":"World of before"', $new);
            $banks = $world->between(2, 4);
            $port = new CablePort($banks * (strlen($new) + 100), $banks);
            $memory = new BankMemory($port);
            for ($i = $old === null ? 0 : $world->between(1, 3); $i > 0; $i--) {
                $memory->write((string) $old);
            }
            $fault = $faults[$world->between(0, count($faults) - 1)];
            $this->under($fault, $world, $port, $device, $old, $new);
            $this->assertContains($memory->read(), [$old, $new], $fault);
            $memory->write($new);
            $this->assertSame($new, $memory->read(), 'after '.$fault.' it can be written again');
            $done[$fault]++;
        }, runs: self::RUNS);
        $this->assertTried(intdiv(self::worlds(), 6), min($done), 'each fault must have been tried');
    }

    /** A write while something is wrong; what is said of it is true. */
    private function under(
        string $fault,
        World $world,
        CablePort $port,
        Device $device,
        ?string $old,
        string $new,
    ): void {
        if ($fault === self::ROTS) {
            $this->rots($world, $port, $old, $new);

            return;
        }
        $at = $world->between(0, BankMemory::cost($new));
        $state = new UnitState('D-1', 'one', 1_000_000, $fault === self::NONE ? null : Faults::of($fault, $at));
        // What has begun in time may end: the clock goes on by ten seconds each time it is looked at.
        $now = 1_010_000;
        $unit = new BankMemory($this->clocked($port, $device, $state, $now));
        try {
            $unit->write($new);
            $this->assertNotContains($fault, self::REFUSED);
            $this->assertSame($new, (new BankMemory($port))->read(), 'it said that it was written');
        } catch (\Exception $error) {
            $this->assertInstanceOf(Refusal::class, $error);
            $this->assertStringEndsWith('.', $error->getMessage());
            $this->assertNotContains($fault, [self::NONE, 'slow', 'two writers'], $error->getMessage());
            $isOld = str_contains($error->getMessage(), 'still works with what was stored before');
            $this->assertTrue($isOld || str_contains($error->getMessage(), 'either with'), $error->getMessage());
            $isOld && $this->assertSame(
                $old,
                (new BankMemory($port))->read(),
                'it said that the old one is in force: '.$error->getMessage(),
            );
        }
    }

    private function clocked(MemoryPort $port, Device $device, UnitState $state, int &$now): StandInPort
    {
        return new StandInPort($port, $device, $state, function () use (&$now): int {
            $now += 10_000;

            return $now - 10_000;
        });
    }

    private function rots(World $world, CablePort $port, ?string $old, string $new): void
    {
        $memory = new BankMemory($port);
        $memory->write($new);
        $bank = $memory->inForce();
        if ($old === null || $bank === null) {
            return;
        }
        $at = $bank->number * intdiv($port->size(), $port->banks()) + $world->between(0, 15 + strlen($bank->content));
        $port->write($at, chr(ord($port->read($at, 1)) ^ (1 << $world->between(0, 7))));
        $this->assertNotSame($new, $memory->read(), 'that it rotted is found');
    }

    /** A device that is let into by a button, in one of two modes, from firmware 1.0 on. */
    private static function device(): Device
    {
        $device = DeviceReader::read(Node::of(Json::decode(Json::compact([
            'format' => 'nailrod-device', 'version' => 1, 'id' => 'd', 'name' => 'D', 'kind' => 'button box',
            'stand_in' => true, 'face' => ['width' => 100, 'height' => 100], 'controls' => [],
            'board' => 'A', 'firmware' => '1.0', 'modes' => [
                ['id' => 'one', 'name' => 'One', 'set_by' => 'Move the slide to the left'],
                ['id' => 'two', 'name' => 'Two', 'set_by' => 'Move the slide to the right', 'writable' => false],
            ],
            'unlock' => ['by' => 'Press the button', 'seconds' => 30], 'keeps' => [
                'banks' => 2, 'bank_bytes' => 4096, 'firmware' => '1.0', 'mode' => 'one',
            ],
        ]))));
        self::assertInstanceOf(Keeps::class, $device->keeps());

        return $device;
    }
}
