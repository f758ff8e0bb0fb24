<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\ControlNote;
use Nailrod\Core\Rig\Device\Kind\ThreeWay;
use Nailrod\Core\Rig\Device\NotedDevice;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\RigEdits;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** What an owner says of the controls of a rig, over what the device files say. */
final class NotesTest extends TestCase
{
    /** @param array<string, mixed> $fields */
    private static function noted(string $ref, array $fields, ?BindingSet $on = null): BindingSet
    {
        return DemoSets::skerrywing((new RigEdits($on ?? DemoSets::skerrywing()))->note($ref, $fields));
    }

    public function test_a_name_a_label_and_a_place_hold_everywhere_and_add_up(): void
    {
        $set = self::noted('fennel/mark', ['name' => 'Sack button', 'at' => [700, 240]]);
        $set = self::noted('fennel/mark', ['label' => 'SACK'], $set);
        $control = $set->rig->controlOf('fennel/mark');
        $this->assertSame(
            ['Sack button', 'SACK', 700, 240],
            [$control?->name, $control?->label, $control?->x, $control?->y],
        );
        $this->assertSame('Sack button', $set->rig->nameOf('fennel/mark'));
        $set = self::noted('fennel/mark', ['name' => null, 'label' => null, 'at' => null], $set);
        $this->assertSame('Mark button', $set->rig->nameOf('fennel/mark'));
        $this->assertFalse(
            $set->merged->own->says(PartPath::control('fennel/mark')),
            'a note that says nothing is gone',
        );
    }

    public function test_it_is_told_in_words(): void
    {
        $before = DemoSets::skerrywing();
        $after = self::noted('fennel/mark', ['name' => 'Sack button', 'kind' => 'tile']);
        $this->assertSame(
            'Fennel, Sack button: not said here → named "Sack button", a tile',
            (new Words($after))->sentence(SetDiff::between($before->merged->own, $after->merged->own)),
        );
    }

    public function test_a_switch_that_claims_the_number_of_another_control_takes_it_over(): void
    {
        $set = self::noted('gorse/button-1', ['kind' => 'three-way', 'contacts' => [
            ['name' => 'up', 'number' => 3], ['name' => 'down', 'number' => 4, 'keeps' => 'button-2'], [
                'id' => 'middle', 'name' => 'middle', 'none_of' => ['', 'button-2'],
            ],
        ]]);
        $this->assertNull($set->rig->devices['gorse']->control('button-2'));
        $this->assertInstanceOf(ThreeWay::class, $set->rig->controlOf('gorse/button-2')?->kind);
        $this->assertSame('¬3·4', $set->rig->numberOf('gorse/button-1.middle'));
        $this->assertSame('Button 1 middle', $set->rig->nameOf('gorse/button-1.middle'));
        $mapping = DeviceMapping::of($set, $set->rig->devices['gorse']);
        $this->assertTrue($mapping->document->says(PartPath::control('gorse/button-1')), 'the device plays it alone');
    }

    public function test_devices_are_taken_into_the_rig_and_out_of_it(): void
    {
        $set = DemoSets::skerrywing();
        $less = DemoSets::skerrywing((new RigEdits($set))->removeDevice('gorse'));
        $this->assertArrayNotHasKey('gorse', $less->rig->devices);
        $this->assertNotSame([], $less->missing, 'what was assigned stays in the file');
        $more = DemoSets::skerrywing((new RigEdits($less))->addDevice('gorse'));
        $this->assertArrayHasKey('gorse', $more->rig->devices);
        $this->assertSame([], $more->missing);
        $sentence = (new Words($more))->sentence(SetDiff::between($less->merged->own, $more->merged->own));
        $this->assertStringStartsWith('Devices: ', $sentence);
        $this->assertStringEndsWith('Gorse', $sentence);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no such control' => [
            'fennel/none', ['name' => 'x'], 'controls: found "fennel/none", expected a control of the rig.',
        ];
        yield 'a kind that cannot be' => [
            'fennel/mark', ['kind' => 'lever'],
            'controls.fennel.mark.kind: found "lever", expected a kind that fits what it reports: 0 axes, 1 contacts.',
        ];
        yield 'no kind' => [
            'fennel/mark', ['kind' => 'knob'], 'controls.fennel.mark.kind: found "knob", expected one of lever',
        ];
        yield 'an empty name' => [
            'fennel/mark', ['name' => ''], 'controls.fennel.mark.name: found "", expected a text.',
        ];
        yield 'a number of nobody' => [
            'fennel/mark', ['contacts' => [['number' => 999]]], 'expected a number that Fennel reports.',
        ];
        yield 'positions of a lever' => [
            'fennel/left-lever', ['contacts' => [['number' => 4]]],
            'expected no positions, since this control is no switch.',
        ];
        yield 'off the grid' => ['fennel/mark', ['at' => [1, -3]], 'controls.fennel.mark.at[1]: found -3'];
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_refused_with_its_place(string $ref, array $fields, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        self::noted($ref, $fields);
    }

    public function test_a_number_is_one_of_its_page(): void
    {
        $device = ['format' => 'nailrod-device', 'version' => 1, 'id' => 'd', 'name' => 'D', 'kind' => 'button box',
            'face' => [
            'width' => 100, 'height' => 100,
        ], 'controls' => [
            ['id' => 'a', 'name' => 'A', 'kind' => 'button', 'at' => [1, 1], 'contacts' => [['number' => 5]]],
            [
                'id' => 'b', 'name' => 'B', 'kind' => 'button', 'at' => [2, 1],
                'contacts' => [['number' => 5, 'page' => 'key']],
            ],
            ['id' => 'c', 'name' => 'C', 'kind' => 'button', 'at' => [3, 1], 'contacts' => [['number' => 6]]],
        ]];
        $missing = [];
        $noted = NotedDevice::of(
            DeviceReader::read(Node::of($device)),
            [
                'c' => ControlNote::read(Node::of([
                    'kind' => 'two-way', 'contacts' => [['id' => 'up', 'number' => 6], ['id' => 'down', 'number' => 5]],
                ])),
            ],
            $missing,
        );
        $this->assertNull($noted->control('a'), 'its number was claimed');
        $this->assertNotNull($noted->control('b'), 'key 5 is another input than button 5');
        $this->expectExceptionMessage('found 6, expected a number that D reports');
        NotedDevice::of(
            DeviceReader::read(Node::of($device)),
            [
                'c' => ControlNote::read(
                    Node::of(['kind' => 'button', 'contacts' => [['number' => 6, 'page' => 'key']]]),
                ),
            ],
            $missing,
        );
    }
}
