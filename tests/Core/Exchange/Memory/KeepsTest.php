<?php

declare(strict_types=1);

namespace Tests\Core\Exchange\Memory;

use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Keeps;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\BindingSet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/** What a device says that it can hold settles what of a set goes into it; all else is left out with its reason. */
final class KeepsTest extends TestCase
{
    /** @param array<string, mixed> $keeps */
    private static function device(BindingSet $set, array $keeps): Device
    {
        return $set->rig->devices['d']->withFirmware(
            '1.0',
            Keeps::of(Keeps::fields()->read(Node::of(['banks' => 2, 'bank_bytes' => 4096] + $keeps))) ?? self::fail(),
        );
    }

    private static function set(): BindingSet
    {
        $button = fn (int $n): array => [
            'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => $n]],
        ];

        return Desk::plain()->saying([
            'layers' => ['two' => ['name' => 'Two'], 'three' => ['name' => 'Three']],
            'axes' => [
                'd/a' => ['calibrate' => ['low' => 10, 'high' => 900], 'curve' => ['kind' => 'expo', 'k' => 0.3]],
            ],
            'stops' => [
                'gate' => [
                    'name' => 'A gate with a long name', 'axes' => ['d/a'], 'at' => 0.5, 'side' => 'above',
                    'opens' => 'held',
                ],
                'low' => ['name' => 'Low', 'axes' => ['d/b'], 'at' => 0.2, 'side' => 'below', 'opens' => 'held'],
            ],
            'macros' => [
                'm' => [
                    'name' => 'M',
                    'steps' => [['do' => 'tap', 'output' => ['kind' => 'key', 'code' => 'KeyA'], 'ms' => 20]],
                ],
                't' => ['name' => 'T', 'steps' => [['do' => 'type', 'text' => 'Ab', 'layout' => 'us']]],
            ],
            'lamps' => ['one' => ['lamp' => 'd/lamp', 'while' => ['contact' => 'd/b1'], 'colour' => 'white']],
            'chords' => [
                'base' => [
                    'c' => [
                        'name' => 'Both', 'of' => ['d/b3', 'd/b4'], 'outputs' => [['kind' => 'button', 'number' => 9]],
                    ],
                ],
            ],
            'cells' => [
                'base' => [
                    'd/a' => ['outputs' => [['kind' => 'axis', 'number' => 1]]],
                    'd/b1' => $button(1),
                    'd/b2' => ['behaviour' => ['kind' => 'toggle'], 'outputs' => [['kind' => 'key', 'code' => 'KeyB']]],
                    'd/b3' => $button(3),
                    'd/s.up' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'hold layer', 'layer' => 'two']],
                    ],
                    'd/s.down' => [
                        'behaviour' => ['kind' => 'follow'],
                        'outputs' => [['kind' => 'hold layer', 'layer' => 'three']],
                    ],
                    'd/h.north' => ['behaviour' => ['kind' => 'macro', 'macro' => 'm']],
                    'd/h.east' => ['behaviour' => ['kind' => 'macro', 'macro' => 't']],
                    'd/h.south' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'open stop', 'stop' => 'gate']],
                    ],
                ],
                'two' => ['d/b1' => $button(11)],
            ],
        ])->assembled();
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<string>, list<string>}> what the device keeps; parts
     *    that are gone; sentences
     */
    public static function limits(): iterable
    {
        yield 'everything' => [[], [], []];
        yield 'no lamps' => [
            ['parts' => array_values(array_diff(Keeps::PARTS, ['lamps']))], ['lamps/one'],
            ['Lamp: the device keeps no lamps'],
        ];
        yield 'no chords: what its contacts do is late no more, so it goes too' => [
            ['parts' => array_values(array_diff(Keeps::PARTS, ['chords']))], ['chords/base/c', 'cells/base/d/b3'],
            ['Both, layer Base: the device keeps no chords', 'Button 3, layer Base: its chord Both is not kept'],
        ];
        yield 'a behaviour that its firmware does not know' => [
            ['behaviours' => ['follow', 'macro']], ['cells/base/d/b2'],
            ['Button 2, layer Base: its firmware does not know "toggle"'],
        ];
        yield 'an output that it does not send' => [
            ['outputs' => ['button', 'axis', 'hold layer', 'open stop']],
            ['cells/base/d/b2', 'cells/base/d/h.north', 'macros/m'],
            ['Button 2, layer Base: the device does not send a key itself'],
        ];
        yield 'a text is typed by keys, which it does not send' => [
            ['outputs' => ['button']], ['macros/t', 'cells/base/d/h.east'],
            ['Macro T: it does what only Nailrod itself can do'],
        ];
        yield 'shaping: the axis, its stop and its opener go' => [
            ['parts' => array_values(array_diff(Keeps::PARTS, ['shaping']))],
            ['axes/d/a/curve', 'stops/gate', 'cells/base/d/a', 'cells/base/d/h.south'],
            [
                'Lever A, curve: the device keeps no shaping',
                'Stop A gate with a long name: the device keeps no shaping',
            ],
        ];
        yield 'one stop: the second goes' => [
            ['most' => ['stops' => 1]], ['stops/low'], ['Stop Low: the device has room for 1'],
        ];
        yield 'one layer: what leads to the other goes, and all that lies in layers' => [
            ['most' => ['layers' => 1]], ['layers/three', 'cells/base/d/s.down', 'cells/base/d/b1', 'cells/two/d/b1'],
            ['Switch S down, layer Base: the device has room for 1'],
        ];
        yield 'no macro' => [
            ['most' => ['macros' => 0]], ['macros/m', 'cells/base/d/h.north'], ['Macro M: the device has room for 0'],
        ];
    }

    /**
     * @param array<string, mixed> $keeps
     * @param list<string>         $gone
     * @param list<string>         $said
     */
    #[DataProvider('limits')]
    public function test_what_it_does_not_keep_is_left_out_with_the_reason(array $keeps, array $gone, array $said): void
    {
        $set = self::set();
        $all = array_keys(DeviceMapping::of($set, self::device($set, []))->document->parts());
        $mapping = DeviceMapping::of($set, self::device($set, $keeps));
        $held = array_keys($mapping->document->parts());
        foreach ($gone as $path) {
            $this->assertContains($path, $all);
            $this->assertNotContains(
                $path,
                array_keys(array_filter($mapping->document->parts(), fn ($part) => ! isset($part->value['nothing']))),
            );
        }
        foreach ($said as $sentence) {
            $this->assertContains($sentence, $mapping->leftOut);
        }
        $gone === [] && $this->assertSame($all, $held);
    }

    public function test_a_name_is_cut_to_what_it_holds_and_read_back_as_the_set_says_it(): void
    {
        $set = self::set();
        $device = self::device($set, ['name' => 6]);
        $stored = DeviceMapping::of($set, $device)->document;
        $this->assertSame('A gate', $stored->parts()['stops/gate']->value['name'] ?? null);
        $this->assertEquals(
            $set->merged->own,
            (new \Nailrod\Core\Exchange\Memory\ReadBack($set, $device))->into($stored),
        );
    }

    public function test_the_wheel_keeps_its_settings_and_the_pedals_their_calibration(): void
    {
        $set = DemoSets::skerrywing((new DemoSets)->set('marl'));
        $wheel = DeviceMapping::of($set, $set->rig->devices['rowan']);
        $this->assertSame(
            ['rotation' => ['is' => 480], 'spring' => ['is' => 90], 'ring-colour' => ['is' => 'blue']],
            $wheel->document->said('settings')['rowan'],
        );
        $this->assertContains('Wheel, layer Cruise: the device keeps no shaping', $wheel->leftOut);
        $pedals = DeviceMapping::of($set, $set->rig->devices['sedge'])->document->with(
            \Nailrod\Core\Set\PartPath::axis('sedge/rudder', 'calibrate'),
            ['low' => 500, 'high' => 3300],
        );
        $this->assertSame(['axes/sedge/rudder/calibrate'], array_keys($pedals->parts()));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'memory and keeps' => [['memory' => ['banks' => 2, 'bank_bytes' => 4096]], 'memory: found'];
        yield 'macros said twice' => [['limits' => ['macros' => 3]], 'limits: found'];
        yield 'a mode that is not there' => [
            ['keeps' => ['banks' => 2, 'bank_bytes' => 4096, 'mode' => 'moon']], 'the id of a mode of the device',
        ];
        yield 'a count of what is not counted' => [
            ['keeps' => ['banks' => 2, 'bank_bytes' => 4096, 'most' => ['flags' => 3]]], 'keeps.most.flags',
        ];
        yield 'a version that is none' => [['firmware' => 'new'], 'a version such as "2.4"'];
        yield 'two modes of one id' => [
            ['modes' => [['id' => 'a', 'name' => 'A', 'set_by' => 'x'], ['id' => 'a', 'name' => 'B', 'set_by' => 'y']]],
            'an id that no other mode has',
        ];
        yield 'two units of one serial' => [['serial' => 'A', 'more_serials' => ['A']], 'serials of other units'];
        yield 'a usual that it cannot be' => [
            ['settings' => [['id' => 'x', 'name' => 'X', 'kind' => 'number', 'most' => 10, 'usual' => 11]]],
            'settings[0].usual',
        ];
        yield 'off its steps' => [
            ['settings' => [['id' => 'x', 'name' => 'X', 'kind' => 'number', 'step' => 5, 'usual' => 7]]],
            'in steps of 5',
        ];
        yield 'a choice of none' => [
            ['settings' => [['id' => 'x', 'name' => 'X', 'kind' => 'choice', 'usual' => 'a']]], 'one choice or more',
        ];
        yield 'a contact that is not there' => [
            [
                'modes' => [
                    ['id' => 'a', 'name' => 'A', 'set_by' => 'x'],
                    [
                        'id' => 'b', 'name' => 'B', 'set_by' => 'y',
                        'reports' => [
                            'descriptor' => '05010905a101050919012901150025017501950181029507810 3c0',
                            'numbers' => ['moon' => ['button', 1]],
                        ],
                    ],
                ],
            ],
            'expected',
        ];
    }

    /** @param array<string, mixed> $more */
    #[DataProvider('bad')]
    public function test_a_device_that_contradicts_itself_is_refused_with_the_place(array $more, string $said): void
    {
        $plain = [
            'format' => 'nailrod-device', 'version' => 1, 'id' => 'd', 'name' => 'D', 'kind' => 'button box',
            'face' => ['width' => 100, 'height' => 100],
            'controls' => [
                ['id' => 'b', 'name' => 'B', 'kind' => 'button', 'at' => [1, 1], 'contacts' => [['number' => 1]]],
            ],
            'keeps' => ['banks' => 2, 'bank_bytes' => 4096],
        ];
        try {
            DeviceReader::read(Node::of(Json::decode(Json::compact($more + $plain))));
            $this->fail('It was read.');
        } catch (FormatError $error) {
            $this->assertStringContainsString($said, $error->getMessage());
        }
    }

    public function test_what_was_said_before_of_the_memory_is_read_as_what_it_keeps(): void
    {
        $device = DeviceReader::read(Node::of([
            'format' => 'nailrod-device', 'version' => 1, 'id' => 'd', 'name' => 'D', 'kind' => 'button box',
            'face' => ['width' => 100, 'height' => 100], 'controls' => [],
            'memory' => ['banks' => 2, 'bank_bytes' => 4096], 'limits' => ['macros' => 3],
        ]));
        $this->assertEquals(Keeps::all(2, 4096, 3), $device->keeps());
        $this->assertSame('the device has room for 3', $device->keeps()?->whyNot(Keeps::MACROS, 3));
    }
}
