<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Survey;

use Nailrod\Core\Engine\Survey\Taught;
use Nailrod\Core\Engine\Survey\Teaching;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\ControlNote;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\NotedDevice;
use Nailrod\Core\Rig\Hid\ReportDescriptor;
use Nailrod\Core\Rig\Wiring\DeviceBuilder;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use PHPUnit\Framework\TestCase;

final class TeachingTest extends TestCase
{
    private static function fennel(): Device
    {
        return (new Hands('fennel'))->rig->devices['fennel'];
    }

    /** Fennel as its report descriptor alone shows it: numbered buttons. */
    private static function raw(): Device
    {
        $descriptor = ReportDescriptor::parse((string) hex2bin((string) self::fennel()->descriptor));

        return DeviceReader::read(Node::of(DeviceBuilder::build($descriptor, 'raw', 'Raw', 'throttle')['document']));
    }

    /**
     * @param list<array{int, string, int}> $changes ms, contact without its device, value
     * @param array<string, int>            $found
     */
    private static function teach(Device $device, string $control, array $changes, array $found = []): Taught
    {
        $teaching = new Teaching($device->id, $control, $found);
        $before = $found;
        $t = 0;
        foreach ($changes as [$t, $contact, $value]) {
            $port = $device->id.'/'.$contact;
            $teaching->take(new Input(1000 * $t, $port, $value), $before[$port] ?? 0);
            $before[$port] = $value;
        }

        return $teaching->taught($device, 1000 * $t + 500_000);
    }

    private static function noted(Device $device, Taught $taught): Device
    {
        $missing = [];

        return NotedDevice::of(
            $device,
            [(string) $taught->control?->id() => ControlNote::read(Node::of($taught->note()))],
            $missing,
        );
    }

    public function test_a_two_way_switch_that_reports_only_up(): void
    {
        $taught = self::teach(self::raw(), '', [[1000, 'button-31', 0]], ['raw/button-31' => 1]);
        $this->assertSame('Up is 31 and down reports nothing.', $taught->sentence);
        $this->assertSame(
            [
                'kind' => 'two-way',
                'contacts' => [['name' => 'up', 'number' => 31], ['id' => 'down', 'name' => 'down', 'opposite' => '']],
            ],
            $taught->note(),
        );
        $control = self::noted(self::raw(), $taught)->control('button-31');
        $this->assertSame(
            ['raw/button-31', 'raw/button-31.down'],
            array_map(fn ($c) => $c->ref, $control->contacts ?? []),
        );
    }

    public function test_it_does_not_matter_where_the_switch_was_when_teaching_began(): void
    {
        $up = self::teach(self::raw(), '', [[500, 'button-31', 1], [1200, 'button-31', 0]]);
        $this->assertSame('Up is 31 and down reports nothing.', $up->sentence);
        $this->assertSame('Up reports nothing and down is 31.', $up->turnedRound()->sentence);
    }

    public function test_a_three_way_switch_takes_the_numbers_of_two_buttons_and_keeps_their_names(): void
    {
        $taught = self::teach(
            self::raw(),
            '',
            [[500, 'button-35', 0], [800, 'button-34', 1], [1500, 'button-34', 0], [2000, 'button-35', 1]],
            ['raw/button-35' => 1],
        );
        $this->assertSame('Up is 34, middle reports nothing and down is 35.', $taught->sentence);
        $device = self::noted(self::raw(), $taught);
        $this->assertNull($device->control('button-35'), 'its number belongs to the switch now');
        $switch = $device->control('button-34');
        $this->assertSame(
            ['up' => 'raw/button-34', 'down' => 'raw/button-35', 'middle' => 'raw/button-34.middle'],
            array_column(array_map(fn ($c) => [$c->name, $c->ref], $switch->contacts ?? []), 1, 0),
        );
        $this->assertSame(['raw/button-34', 'raw/button-35'], $switch?->contacts[2]->noneOf);
    }

    public function test_a_flick_through_the_middle_is_no_position_of_its_own(): void
    {
        $taught = self::teach(self::raw(), '', [[500, 'button-34', 0], [520, 'button-35', 1]], ['raw/button-34' => 1]);
        $this->assertSame('Up is 34 and down is 35.', $taught->sentence);
        $this->assertSame('two-way', $taught->note()['kind']);
    }

    public function test_every_switch_of_fennel_keeps_its_references(): void
    {
        $fennel = self::fennel();
        foreach (['switch-1' => 31, 'switch-2' => 32, 'switch-3' => 33] as $id => $number) {
            $taught = self::teach($fennel, 'fennel/'.$id, [[500, $id.'.up', 0]], ['fennel/'.$id.'.up' => 1]);
            $this->assertSame('Up is '.$number.' and down reports nothing.', $taught->sentence);
            $this->assertEquals(
                $fennel->control($id)?->contacts,
                self::noted($fennel, $taught)->control($id)?->contacts,
            );
        }
        $taught = self::teach(
            $fennel,
            'fennel/switch-4',
            [[500, 'switch-4.up', 0], [900, 'switch-4.down', 1]],
            ['fennel/switch-4.up' => 1],
        );
        $this->assertEquals(
            $fennel->control('switch-4')?->contacts,
            self::noted($fennel, $taught)->control('switch-4')?->contacts,
        );
    }

    public function test_a_dial_of_four(): void
    {
        $changes = [];
        foreach ([1, 2, 3] as $n) {
            $changes[] = [600 * $n, 'button-'.(40 + $n), 0];
            $changes[] = [600 * $n, 'button-'.(41 + $n), 1];
        }
        $taught = self::teach(self::raw(), '', $changes, ['raw/button-41' => 1]);
        $this->assertSame('At 1 is 41, at 2 is 42, at 3 is 43 and at 4 is 44.', $taught->sentence);
        $this->assertSame('dial', $taught->note()['kind']);
    }

    public function test_what_cannot_be_told_apart_is_said(): void
    {
        $this->assertStringContainsString('Nothing has changed yet', self::teach(self::raw(), '', [])->sentence);
        $this->assertStringContainsString(
            'cannot be told from the others',
            self::teach(
                self::raw(),
                '',
                [[100, 'button-2', 1], [900, 'button-3', 1], [1500, 'button-2', 0]],
                ['raw/button-3' => 0],
            )->sentence,
        );
        $this->assertFalse(self::teach(self::raw(), '', [])->isDone);
    }
}
