<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Advice\Check\NotWired;
use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Axis\WheelForce;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\RigEdits;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** What a set says that its devices shall be like, and what comes of it in a run. */
final class SettingsTest extends TestCase
{
    private static function set(string $id, ?callable $change = null): BindingSet
    {
        $document = (new DemoSets)->set($id);
        assert($document !== null);

        return DemoSets::skerrywing($change === null ? $document : $change($document));
    }

    /** @return list<string> what leaves at angles of the wheel, lock to lock 1080 degrees */
    private static function turned(BindingSet $set, float ...$angles): array
    {
        $machine = Machine::start(Compiler::compile($set));
        $inputs = array_map(
            fn (float $angle, int $i) => new Input(
                1_000_000 * $i,
                'rowan/wheel',
                (int) round(65535 * (0.5 + $angle / 1080)),
            ),
            $angles,
            array_keys($angles),
        );
        $events = array_filter($machine->feed($inputs), fn (OutputEvent $event) => $event->kind === OutputEvent::AXIS);

        return array_values(
            array_map(fn (OutputEvent $event) => intdiv($event->t, 1_000_000).' '.$event->value, $events),
        );
    }

    public function test_the_rotation_of_the_device_is_how_much_of_it_is_the_whole_travel(): void
    {
        $truck = self::set('marl');
        $this->assertSame(
            ['0 65535', '2 0'],
            array_values(array_filter(
                self::turned($truck, 241, 300, -240),
                fn (string $row) => preg_match('/ (0|65535)$/', $row) === 1,
            )),
        );
        $this->assertStringEndsNotWith('65535', implode("\n", self::turned(self::set('hairpin-ladder'), 241)));
        $sameAsAxis = fn (SetDocument $set) => $set->without(PartPath::setting('rowan', 'rotation'))->with(
            PartPath::axis('rowan/wheel', 'rotation'),
            ['used' => 480],
        );
        $this->assertSame(
            self::turned($truck, 10, 100, 200, 260, -90),
            self::turned(self::set('marl', $sameAsAxis), 10, 100, 200, 260, -90),
            'what is said of the axis is read as it',
        );
    }

    public function test_of_both_the_nearer_word_counts_and_in_one_set_the_setting(): void
    {
        $both = fn (SetDocument $set) => $set->with(PartPath::axis('rowan/wheel', 'rotation'), ['used' => 300]);
        $this->assertSame(480, self::set('marl', $both)->setting('rowan', 'rotation'));
        $this->assertSame(
            300,
            self::set('hairpin-ladder', $both)->setting('rowan', 'rotation'),
            'the house is farther away',
        );
        foreach (['marl' => 480, 'hairpin-ladder' => 300] as $id => $degrees) {
            $flat = DemoSets::skerrywing(self::set($id, $both)->merged->flattened());
            $this->assertSame($degrees, $flat->setting('rowan', 'rotation'), $id.' as one set says the same');
        }
        $this->assertSame(
            1080,
            self::set(
                'marl',
                fn (SetDocument $set) => $set->without(PartPath::setting('rowan', 'rotation')),
            )->setting('rowan', 'rotation'),
        );
        $gone = fn (SetDocument $set) => $set->with(PartPath::setting('rowan', 'rotation'), null);
        $this->assertSame(
            [1080, []],
            [
                self::set('marl', $gone)->setting('rowan', 'rotation'),
                array_intersect_key(self::set('marl', $gone)->settings['rowan'], ['rotation' => 0]),
            ],
            'taken away, it is as usual',
        );
    }

    public function test_readings_span_all_that_the_wheel_turns_whatever_is_used(): void
    {
        foreach (['marl', 'hairpin-ladder'] as $id) {
            $shaping = self::set($id)->shapings['rowan/wheel'];
            $this->assertEqualsWithDelta(
                [-540.0, 0.0, 267.5, 540.0],
                array_map($shaping->angle(...), [0, 32768, 49000, 65535]),
                0.05,
            );
        }
        $this->assertNull(self::set('marl')->shapings['rowan/left-paddle']->angle(3));
    }

    public function test_the_force_grows_to_the_end_of_the_rotation_and_beyond_it_the_end_stop_holds(): void
    {
        $force = new WheelForce(1080, 480, 60, 80);
        $this->assertSame([0.0, 30.0, 60.0, 60.0], array_map($force->ofSpring(...), [0.0, -120.0, 240.0, 400.0]));
        $this->assertSame(
            [0.0, 0.0, 40.0, 80.0, 80.0],
            array_map($force->ofEndStop(...), [100.0, 240.0, -250.0, 260.0, 500.0]),
        );
        $this->assertSame([30.0, 60.0, 80.0, 100.0], array_map($force->at(...), [120.0, 240.0, 245.0, 260.0]));
        $this->assertSame([true, false], [$force->hasEndStop(), (new WheelForce(1080, 1080, 60, 80))->hasEndStop()]);
    }

    public function test_what_the_device_settles_itself_takes_the_place_of_the_note(): void
    {
        $noted = fn (SetDocument $set) => $set->with(PartPath::control('teasel/input-1'), ['debounce_ms' => 20]);
        $of = fn (BindingSet $set): array => array_map(
            fn (string $input) => $set->rig->contacts['teasel/'.$input]->debounce,
            ['input-1', 'input-2'],
        );
        $this->assertSame([20_000, 0], $of(self::set('house', $noted)));
        $this->assertSame(
            [8_000, 8_000],
            $of(self::set(
                'house',
                fn (SetDocument $set) => $noted($set)->with(PartPath::setting('teasel', 'debounce'), ['is' => 8]),
            )),
        );
    }

    public function test_what_cannot_be_is_refused_with_its_place_and_what_the_device_does_not_have_is_missing(): void
    {
        foreach (
            [
                [PartPath::setting('rowan', 'rotation'), ['is' => 485], 'settings.rowan.rotation.is: found 485'],
                [PartPath::setting('rowan', 'sweep'), ['is' => 'on'], 'settings.rowan.sweep.is'],
                [PartPath::setting('teasel', 'wired'), ['is' => '30'], 'one of 16, 24, 40'],
            ] as [$path, $value, $said]
        ) {
            try {
                self::set('house', fn (SetDocument $set) => $set->with($path, $value));
                $this->fail((string) $path);
            } catch (FormatError $error) {
                $this->assertStringContainsString($said, $error->getMessage());
            }
        }
        $this->assertSame(
            ['rowan/moon'],
            self::set(
                'house',
                fn (SetDocument $set) => $set->with(PartPath::setting('rowan', 'moon'), ['is' => 1]),
            )->missing,
        );
        $this->expectExceptionMessage('one that the device has');
        (new RigEdits(self::set('house')))->set('gorse', 'spring', 3);
    }

    public function test_what_is_assigned_to_an_input_that_is_not_wired_is_told(): void
    {
        $wired = fn (string $inputs): array => array_values(array_map(
            fn (Finding $finding) => $finding->sentence,
            array_filter(
                Checks::over(self::set(
                    'skerrywing',
                    fn (SetDocument $set) => $set->with(PartPath::setting('teasel', 'wired'), ['is' => $inputs])->with(
                        PartPath::cell('base', 'teasel/input-20'),
                        ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'key', 'code' => 'KeyZ']]],
                    ),
                )),
                fn (Finding $finding) => $finding->kind === NotWired::KIND,
            ),
        ));
        $this->assertSame(
            [[], ['Input 20 in Cruise is assigned, and Teasel has only 16 inputs wired.']],
            [$wired('24'), $wired('16')],
        );
    }

    public function test_settings_go_with_their_device_and_are_told_in_words(): void
    {
        $document = (new DemoSets)->set('marl')?->withDevice('rowan', 'dock');
        $this->assertSame(['dock'], array_keys($document?->said('settings') ?? []));
        $set = self::set('marl');
        $words = new \Nailrod\Core\Set\Words($set);
        $said = [];
        foreach ($set->merged->section('settings') as $part) {
            $said[] = $words->subject($part->path, $part).': '.$words->value($part);
        }
        $this->assertSame(
            ['Rowan, rotation: 480 °', 'Rowan, centring spring: 90 %', 'Rowan, button rings at rest: blue'],
            $said,
        );
    }
}
