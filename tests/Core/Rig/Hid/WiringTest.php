<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Hid;

use Nailrod\Core\Engine\Live\LiveState;
use Nailrod\Core\Engine\Live\StandIns;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Hid\ReportDescriptor;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Rig\Wiring\Wiring;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a hand does to a drawn device, and what its binary reports say, are the same thing. */
final class WiringTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../../../demo/devices/';
    private const KEPT = __DIR__.'/../../../Kept/devices/';

    private static function device(string $id): Device
    {
        return DeviceReader::read(Node::of(self::raw($id)));
    }

    /** @return array<array-key, mixed> */
    private static function raw(string $id): array
    {
        // The mouse and the phrases of the demo are not read by reports any more; those that were stand in for such.
        $folder = in_array($id, ['mouse', 'phrases'], true) ? self::KEPT : self::FOLDER;

        return Json::decode((string) file_get_contents($folder.$id.'.device.json'));
    }

    /** @return iterable<string, array{string}> */
    public static function demoDevices(): iterable
    {
        foreach ((array) glob(self::FOLDER.'*.device.json') as $file) {
            $id = basename((string) $file, '.device.json');
            yield $id => [$id];
        }
    }

    /** @return list<array{string, int, int}> every port of a device with its lowest and highest value */
    private static function ports(Device $device): array
    {
        $rig = new Rig([$device]);
        $ports = [];
        foreach ($device->controls as $control) {
            $own = array_map(fn ($axis) => $axis->ref, $control->axes);
            foreach ($control->reported() as $contact) {
                $own[] = $contact->hat ?? $contact->ref;
            }
            if ($control->encoder !== null) {
                $own[] = $control->ref;
            }
            foreach (array_unique($own) as $port) {
                [$low, $high] = $control->encoder === null ? $rig->limits($port) : [-3, 3];
                $ports[] = [$port, $low, $high];
            }
        }

        return $ports;
    }

    #[DataProvider('demoDevices')]
    public function test_every_value_of_every_control_arrives_and_moves_nothing_else(string $id): void
    {
        $device = self::device($id);
        $wiring = Wiring::of($device);
        $standIns = new StandIns(new Rig([$device]), new LiveState);
        $hands = AtRest::of($device);
        foreach (self::ports($device) as [$port, $low, $high]) {
            foreach (
                array_unique([$low, $low + 1, intdiv($low + $high, 2), $high - 1, $high, $hands[$port]]) as $value
            ) {
                $arrived = $standIns->through(new Input(7, $port, $value), $hands);
                $isTick = $low === -3;
                $this->assertEquals(
                    $isTick && $value === 0 ? [] : [new Input(7, $port, $value)],
                    $arrived,
                    $port.' '.$value,
                );
            }
        }
    }

    #[DataProvider('demoDevices')]
    public function test_a_report_taken_apart_and_made_again_is_the_same(string $id): void
    {
        $device = self::device($id);
        $wiring = Wiring::of($device);
        $rest = AtRest::of($device);
        $descriptor = ReportDescriptor::parse((string) hex2bin((string) $device->descriptor));
        mt_srand(4711);
        for ($try = 0; $try < 300; $try++) {
            $values = $rest;
            foreach (self::ports($device) as [$port, $low, $high]) {
                if (mt_rand(0, 9) < 3) {
                    $values[$port] = mt_rand($low, $high);
                }
            }
            $read = [];
            foreach (array_keys($descriptor->inputs) as $report) {
                $bytes = $wiring->report($report, $values);
                $read += $wiring->read($bytes);
                $this->assertSame(bin2hex($bytes), bin2hex($wiring->report($report, $wiring->read($bytes))), $id);
            }
            foreach ($values as $port => $value) {
                if ($value !== 0 && ! in_array($id, ['teasel', 'phrases'], true)) {
                    $this->assertSame($value, $read[$port] ?? 0, $port);
                }
            }
        }
    }

    /**
     * @return iterable<string, array{string, array<int, int>, array{int, int, int, int, int}}> bits by report; axes,
     *    encoders, hats, buttons, keys
     */
    public static function demoReports(): iterable
    {
        yield 'fennel' => ['fennel', [1 => 120], [3, 1, 0, 48, 0]];
        yield 'gorse' => ['gorse', [0 => 64], [4, 0, 1, 8, 0]];
        yield 'sedge' => ['sedge', [0 => 40], [3, 0, 0, 0, 0]];
        yield 'rowan' => ['rowan', [3 => 56], [3, 2, 0, 14, 0]];
        yield 'bracken' => ['bracken', [1 => 24, 2 => 32], [0, 4, 0, 20, 0]];
        yield 'teasel' => ['teasel', [0 => 128], [0, 0, 0, 0, 106]];
        yield 'clover' => ['clover', [5 => 40], [0, 0, 0, 40, 0]];
        yield 'burdock' => ['burdock', [0 => 72], [6, 0, 0, 0, 0]];
        yield 'mouse' => ['mouse', [0 => 32], [0, 3, 0, 3, 0]];
        yield 'phrases' => ['phrases', [0 => 16], [0, 0, 0, 12, 0]];
    }

    /**
     * @param array<int, int>                $bits
     * @param array{int, int, int, int, int} $counts
     */
    #[DataProvider('demoReports')]
    public function test_the_descriptors_of_the_demo_rig_parse_to_the_expected_reports(
        string $id,
        array $bits,
        array $counts,
    ): void {
        $descriptor = ReportDescriptor::parse((string) hex2bin((string) self::device($id)->descriptor));
        $this->assertSame($bits, array_map(fn ($report) => $report->bits, $descriptor->inputs));
        $this->assertSame(
            $counts,
            [
                count($descriptor->axes()), count($descriptor->encoders()), count($descriptor->hats()),
                count($descriptor->buttons()), count($descriptor->keys()),
            ],
        );
    }

    public function test_what_an_array_has_no_slot_for_does_not_arrive(): void
    {
        $device = self::device('teasel');
        $standIns = new StandIns(new Rig([$device]), new LiveState);
        $hands = AtRest::of($device);
        foreach (range(1, 15) as $n) {
            $port = 'teasel/input-'.$n;
            [$arrived] = $standIns->through(new Input(0, $port, 1), $hands);
            $hands[$port] = (int) $arrived->value;
            $this->assertSame($n <= 14 ? 1 : 0, $hands[$port], 'press '.$n);
        }
    }

    public function test_ticks_that_are_more_than_a_report_can_hold_come_in_several(): void
    {
        $device = self::device('rowan');
        $arrived = (new StandIns(new Rig([$device]), new LiveState))->through(
            new Input(0, 'rowan/encoder-2', -17),
            AtRest::of($device),
        );
        $this->assertSame([-7, -7, -3], array_map(fn (Input $input) => $input->value, $arrived));
    }

    public function test_the_bytes_of_a_report_are_those_of_its_descriptor(): void
    {
        $wiring = Wiring::of(self::device('gorse'));
        $report = $wiring->report(
            0,
            [
                'gorse/stick.x' => 0xABC, 'gorse/stick.y' => 0x123, 'gorse/twist' => 0x3FF, 'gorse/finger' => 0x5A,
                'gorse/hat' => 2, 'gorse/trigger.half' => 1, 'gorse/button-6' => 1,
            ],
        );
        $this->assertSame('bc3a12ff035a0281', bin2hex($report));
        $this->assertSame(
            '08',
            substr(bin2hex($wiring->report(0, [])), 12, 2),
            'a hat in its middle lies outside 0 to 7',
        );
    }

    /** @return iterable<string, array{callable(array<array-key, mixed>): array<array-key, mixed>, string}> */
    public static function misfits(): iterable
    {
        yield 'no hex' => [
            fn ($d) => ['descriptor' => 'xyz'] + $d,
            'descriptor: found "xyz", expected the bytes of a report descriptor as pairs of hex digits',
        ];
        yield 'cut off' => [
            fn ($d) => ['descriptor' => substr($d['descriptor'], 0, 20)] + $d,
            'a report descriptor that fits the controls: byte',
        ];
        yield 'a button too many' => [
            fn ($d) => self::with($d, 4, ['contacts' => [['number' => 99]]]),
            'gorse/hat is number 99, which the reports do not have.',
        ];
        yield 'an axis too many' => [
            fn ($d) => self::with($d, 2, ['axes' => [['number' => 9, 'min' => 0, 'max' => 255]]]),
            'gorse/finger is axis 9, which the reports do not have.',
        ];
        yield 'another range' => [
            fn ($d) => self::with($d, 2, ['axes' => [['number' => 4, 'min' => 0, 'max' => 200]]]),
            'gorse/finger goes from 0 to 200, the reports from 0 to 255.',
        ];
    }

    /**
     * @param array<array-key, mixed> $device
     * @param array<string, mixed>    $fields
     *
     * @return array<array-key, mixed>
     */
    private static function with(array $device, int $control, array $fields): array
    {
        $device['controls'][$control] = $fields + array_diff_key($device['controls'][$control], ['hat' => 0]);
        $device['controls'][$control]['kind'] = isset($fields['contacts']) ? 'button' : 'slider';

        return $device;
    }

    /** @param callable(array<array-key, mixed>): array<array-key, mixed> $break */
    #[DataProvider('misfits')]
    public function test_a_descriptor_that_does_not_fit_the_controls_is_refused(callable $break, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($message, '/').'/');
        DeviceReader::read(Node::of($break(self::raw('gorse'))));
    }
}
