<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\ChordEdits;
use Nailrod\Core\Set\Drafts;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/** Buttons 1 and 2 together are output 9, within 50 ms; by themselves they are outputs 1 and 2. */
final class ChordsTest extends TestCase
{
    private static function desk(): Desk
    {
        return Desk::plain()
            ->cell('base', 'b1', 'follow', ['kind' => 'button', 'number' => 1])
            ->cell('base', 'b2', 'follow', ['kind' => 'button', 'number' => 2])
            ->saying([
                'chords' => [
                    'base' => [
                        'both' => [
                            'name' => 'Both', 'of' => ['d/b1', 'd/b2'], 'within_ms' => 50,
                            'outputs' => [['kind' => 'button', 'number' => 9]],
                        ],
                    ],
                ],
            ]);
    }

    public function test_together_they_are_the_chord_and_neither_fires_by_itself(): void
    {
        $this->assertSame(
            ['120 button 9 1', '300 button 9 0'],
            self::desk()->play('100 b1 1', '120 b2 1', '300 b2 0', '400 b1 0'),
        );
    }

    public function test_one_alone_comes_as_much_later_as_the_chord_may_take(): void
    {
        $this->assertSame(['150 button 1 1', '350 button 1 0'], self::desk()->play('100 b1 1', '300 b1 0'));
        $this->assertSame(
            ['150 button 1 1', '160 button 1 0'],
            self::desk()->play('100 b1 1', '110 b1 0'),
            'a short tap too',
        );
    }

    public function test_exactly_at_the_limit_it_does_not_form(): void
    {
        $this->assertSame(
            ['150 button 1 1', '200 button 2 1', '350 button 1 0', '350 button 2 0'],
            self::desk()->play('100 b1 1', '150 b2 1', '300 b1 0', '300 b2 0'),
        );
    }

    public function test_it_forms_anew_only_after_all_were_pressed_anew(): void
    {
        $this->assertSame(
            [
                '110 button 9 1', '200 button 9 0', '260 button 1 1', '450 button 1 0', '510 button 9 1',
                '600 button 9 0',
            ],
            self::desk()->play(
                '100 b1 1',
                '110 b2 1',
                '200 b1 0',
                '210 b1 1',
                '400 b1 0',
                '410 b2 0',
                '500 b1 1',
                '510 b2 1',
                '600 b1 0',
                '610 b2 0',
            ),
        );
    }

    public function test_quick_taps_keep_their_order(): void
    {
        $this->assertSame(
            ['150 button 1 1', '160 button 1 0', '170 button 1 1', '180 button 1 0'],
            self::desk()->play('100 b1 1', '110 b1 0', '120 b1 1', '130 b1 0'),
        );
    }

    public function test_the_layer_is_judged_when_the_contact_closes(): void
    {
        $desk = self::desk()->layer('water', 'b3')->cell('water', 'b1', 'follow', ['kind' => 'button', 'number' => 5]);
        $rows = array_values(array_filter(
            $desk->play('100 b1 1', '120 b3 1', '300 b1 0'),
            fn (string $row) => ! str_contains($row, 'layer'),
        ));
        $this->assertSame(['150 button 1 1', '350 button 1 0'], $rows);
        $there = array_values(array_filter(
            $desk->play('50 b3 1', '100 b1 1', '110 b2 1', '300 b1 0', '310 b2 0'),
            fn (string $row) => ! str_contains($row, 'layer'),
        ));
        $this->assertSame(
            ['100 button 5 1', '160 button 2 1', '300 button 5 0', '360 button 2 0'],
            $there,
            'the layer says something of button 1, so the chord of the base does not count for it',
        );
    }

    public function test_a_chord_in_a_layer_hides_what_the_base_says_of_its_members(): void
    {
        $desk = self::desk()->layer('water', 'b3')->saying([
            'chords' => [
                'water' => [
                    'two' => [
                        'name' => 'Two', 'of' => ['d/b1', 'd/b4'], 'within_ms' => 50,
                        'outputs' => [['kind' => 'button', 'number' => 8]],
                    ],
                ],
            ],
        ]);
        $rows = array_values(array_filter(
            $desk->play('10 b3 1', '100 b1 1', '120 b1 0', '300 b1 1', '310 b4 1', '400 b1 0', '410 b4 0'),
            fn (string $row) => ! str_contains($row, 'layer'),
        ));
        $this->assertSame(['310 button 8 1', '400 button 8 0'], $rows);
    }

    public function test_a_member_of_several_waits_for_the_longest_and_the_first_in_the_file_forms(): void
    {
        $desk = self::desk()->saying([
            'chords' => [
                'base' => [
                    'other' => [
                        'name' => 'Other', 'of' => ['d/b2', 'd/b3'], 'within_ms' => 80,
                        'outputs' => [['kind' => 'button', 'number' => 7]],
                    ],
                ],
            ],
        ]);
        $this->assertSame(['180 button 2 1', '280 button 2 0'], $desk->play('100 b2 1', '200 b2 0'));
        // Both are complete with button 2: button 3 is left, and comes by itself, but nothing is assigned to it.
        $this->assertSame(
            ['120 button 9 1', '300 button 9 0'],
            $desk->play('100 b1 1', '110 b3 1', '120 b2 1', '300 b1 0', '310 b2 0', '320 b3 0'),
        );
    }

    public function test_it_goes_on_over_a_cut_and_unplugging_lets_go(): void
    {
        $program = self::desk()->program();
        $machine = Machine::start($program);
        $machine->feed(Desk::inputs('100 b1 1'));
        $resumed = Machine::resume($program, State::restore($machine->state->write()));
        $this->assertSame(['120 button 9 1'], Desk::rows($resumed->feed(Desk::inputs('120 b2 1'))));
        $this->assertSame(['120 button 9 0'], Desk::rows($resumed->unplug('d')));
    }

    public function test_what_is_found_closed_is_no_chord(): void
    {
        $this->assertSame(
            ['0 button 1 1', '0 button 2 1', '100 button 1 0'],
            self::desk()->play('0 b1 1', '0 b2 1', '100 b1 0'),
        );
    }

    public function test_a_chord_that_contains_another_is_refused(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage(
            'chords.base.three.of: found a list of 3, expected contacts that do not contain, and are not contained '
                .'in, those of Both',
        );
        self::desk()->saying([
            'chords' => [
                'base' => [
                    'three' => [
                        'name' => 'Three', 'of' => ['d/b1', 'd/b2', 'd/b3'],
                        'outputs' => [['kind' => 'button', 'number' => 7]],
                    ],
                ],
            ],
        ])->assembled();
    }

    public function test_a_member_pressed_anew_where_it_is_none_ends_by_its_own_release(): void
    {
        $desk = Desk::plain()->layer('two', 'b3')->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'button', 'number' => 1],
        )->cell('two', 'b1', 'follow', ['kind' => 'button', 'number' => 2])
            ->saying([
                'chords' => [
                    'two' => [
                        'both' => [
                            'name' => 'Both', 'of' => ['d/b1', 'd/b2'], 'within_ms' => 50,
                            'outputs' => [['kind' => 'button', 'number' => 9]],
                        ],
                    ],
                ],
            ]);
        $this->assertSame(
            [
                '10 layer live Two', '70 button 2 1', '90 layer live Base', '95 button 1 1', '105 button 1 0',
                '130 button 2 0',
            ],
            $desk->play('10 b3 1', '20 b1 1', '80 b1 0', '90 b3 0', '95 b1 1', '105 b1 0'),
        );
    }

    public function test_what_came_late_lets_go_of_everything_and_holds_what_comes_after(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'let go of everything'],
            ['kind' => 'button', 'number' => 1],
        )->cell('base', 'b3', 'follow', ['kind' => 'button', 'number' => 3])
            ->saying(
                ['chords' => ['base' => ['both' => ['name' => 'Both', 'of' => ['d/b1', 'd/b2'], 'within_ms' => 50,
                    'outputs' => [['kind' => 'button', 'number' => 9]]]]]],
            );
        $this->assertSame(
            ['5 button 3 1', '60 button 3 0', '60 button 1 1', '250 button 1 0'],
            $desk->play('5 b3 1', '10 b1 1', '200 b1 0', '300 b3 0'),
        );
    }

    public function test_a_late_press_whose_device_has_gone_leaves_no_timer(): void
    {
        $machine = Machine::start(self::desk()->program());
        $machine->feed(Desk::inputs('100 b1 1', '160 b1 0'));
        $this->assertCount(1, $machine->state->timers, 'its release is on its way');
        $this->assertSame(['160 button 1 0'], Desk::rows($machine->letGoOfEverything(new Cause(Cause::CLOSED))));
        $this->assertSame([[], []], [$machine->state->timers, $machine->state->chords->presses]);
    }

    public function test_a_press_that_is_over_is_forgotten(): void
    {
        $machine = Machine::start(self::desk()->program());
        $machine->feed(Desk::inputs('50 b3 0', '100 b1 1', '300 b1 0', '900 b3 1'));
        $this->assertSame([[], []], [$machine->state->timers, $machine->state->chords->presses]);
    }

    public function test_let_go_of_everything_forgets_a_late_release(): void
    {
        $desk = self::desk()->cell('base', 'b3', 'follow', ['kind' => 'let go of everything']);
        $machine = Machine::start($desk->program());
        $rows = Desk::rows($machine->feed(Desk::inputs('100 b1 1', '160 b1 0', '170 b3 1')));
        $this->assertSame(['150 button 1 1', '170 button 1 0'], $rows);
        $this->assertSame([[], []], [$machine->state->timers, $machine->state->chords->presses]);
    }

    public function test_let_go_of_everything_forgets_a_press_that_is_on_its_way(): void
    {
        $machine = Machine::start(self::desk()->program());
        $machine->feed(Desk::inputs('50 b3 0', '100 b1 1', '110 b1 0'));
        $this->assertCount(2, $machine->state->timers);
        $this->assertSame([], $machine->letGoOfEverything(new Cause(Cause::CLOSED)));
        $this->assertSame([[], []], [$machine->state->timers, $machine->state->chords->presses]);
        $unplugged = Machine::start(self::desk()->program());
        $unplugged->feed(Desk::inputs('50 b3 0', '100 b1 1', '110 b1 0'));
        $unplugged->unplug('d');
        $this->assertSame([[], []], [$unplugged->state->timers, $unplugged->state->chords->presses]);
    }

    public function test_chords_of_which_one_contains_another_are_refused_in_whatever_order_they_stand(): void
    {
        $chord = fn (string $name, string ...$of): array => [
            'name' => $name, 'of' => array_map(fn (string $control) => 'd/'.$control, $of),
            'outputs' => [['kind' => 'button', 'number' => 1]],
        ];
        foreach ([['b1', 'b2'], ['b2', 'b1'], ['b3', 'b1'], ['b2', 'b3']] as $small) {
            foreach (
                [
                    [$chord('Small', ...$small), $chord('Large', 'b1', 'b2', 'b3')],
                    [$chord('Large', 'b1', 'b2', 'b3'), $chord('Small', ...$small)],
                ] as $both
            ) {
                try {
                    Desk::plain()->saying(['chords' => ['base' => ['x' => $both[0], 'y' => $both[1]]]])->assembled();
                    $this->fail(implode(' and ', $small).' are contained.');
                } catch (FormatError $error) {
                    $this->assertStringContainsString(
                        'expected contacts that do not contain, and are not contained in, those of '.$both[0]['name'],
                        $error->getMessage(),
                    );
                }
            }
        }
        $this->assertCount(
            2,
            Desk::plain()->saying(
                ['chords' => ['base' => ['x' => $chord('X', 'b1', 'b2'), 'y' => $chord('Y', 'b2', 'b3')]]],
            )->assembled()->chords['base'],
        );
    }

    private static function heldDesk(): Desk
    {
        return self::desk()->saying(['chords' => ['base' => ['both' => ['held_ms' => 1000]]]]);
    }

    public function test_held_for_a_while_it_comes_on_only_then_and_neither_fires_by_itself(): void
    {
        $this->assertSame(
            ['1120 button 9 1', '1300 button 9 0'],
            self::heldDesk()->play('100 b1 1', '120 b2 1', '1300 b2 0', '1400 b1 0'),
        );
        $this->assertSame(
            ['1120 button 9 1', '1120 button 9 0'],
            self::heldDesk()->play('100 b1 1', '120 b2 1', '1120 b2 0', '1400 b1 0'),
            'held just long enough',
        );
    }

    public function test_a_slip_sends_nothing_for_good_and_it_forms_anew_after_all_were_pressed_anew(): void
    {
        $this->assertSame(
            [],
            self::heldDesk()->play('100 b1 1', '120 b2 1', '920 b2 0', '2000 b1 0'),
            'let go of after 0.8 s',
        );
        $this->assertSame(
            ['970 button 2 1', '1150 button 2 0', '3010 button 9 1', '3100 button 9 0'],
            self::heldDesk()->play(
                '100 b1 1',
                '120 b2 1',
                '900 b2 0',
                '920 b2 1',
                '1100 b2 0',
                '1200 b1 0',
                '2000 b1 1',
                '2010 b2 1',
                '3100 b1 0',
                '3110 b2 0',
            ),
        );
    }

    public function test_one_that_waits_is_dropped_when_all_is_let_go_of_or_the_device_goes_and_lives_over_a_cut(): void
    {
        $desk = self::heldDesk()->cell('base', 'b3', 'follow', ['kind' => 'let go of everything']);
        $this->assertSame([], $desk->play('100 b1 1', '120 b2 1', '500 b3 1', '510 b3 0', '2000 b1 0', '2010 b2 0'));

        $machine = Machine::start(self::heldDesk()->program());
        $machine->feed(Desk::inputs('100 b1 1', '120 b2 1'));
        $machine->unplug('d');
        $this->assertSame([], Desk::rows($machine->finish()));

        $machine = Machine::start(self::heldDesk()->program());
        $machine->feed(Desk::inputs('100 b1 1', '120 b2 1'));
        $again = Machine::resume(self::heldDesk()->program(), State::restore($machine->state->write()));
        $this->assertSame(['1120 button 9 1', '1200 button 9 0'], Desk::rows($again->feed(Desk::inputs('1200 b1 0'))));
    }

    public function test_how_it_forms_and_is_held_is_told_and_a_device_does_not_wait(): void
    {
        $set = self::heldDesk()->assembled();
        $this->assertSame(
            'Button 1 and Button 2 together for 1000 ms: output 9',
            (new Words($set))->chord($set->chords['base']['both']),
        );
        $this->assertSame(
            [
                'Both, layer Base: the device does not wait for a while before a chord comes on',
                'Button 1, layer Base: its chord Both is not kept', 'Button 2, layer Base: its chord Both is not kept',
            ],
            DeviceMapping::of($set, $set->rig->devices['d'])->leftOut,
        );
        $timed = (new ChordEdits($set))->time('base', 'both', 80, 0)->value(PartPath::chord('base', 'both'));
        $this->assertSame([80.0, false], [$timed['within_ms'], isset($timed['held_ms'])]);
    }

    public function test_contacts_of_two_devices_form_one_and_a_device_by_itself_leaves_it_out(): void
    {
        $set = DemoSets::skerrywing();
        $document = (new ChordEdits($set))->add(
            'base',
            ['fennel/mark', 'gorse/button-3'],
            60,
            0,
            new ControllerButton(40),
        );
        $both = (new Assembly(new Drafts(new DemoSets, [$document->id => $document])))->assemble($document);
        $machine = Machine::start(Compiler::compile($both));
        $events = $machine->feed([new Input(100_000, 'fennel/mark', 1), new Input(120_000, 'gorse/button-3', 1)]);
        $this->assertSame(['120 button 40 1'], Desk::rows($events));
        // The device of one of them goes: the chord is over.
        $this->assertSame(['120 button 40 0'], Desk::rows($machine->unplug('gorse')));
        foreach (['fennel' => 'Button 3', 'gorse' => 'Mark button'] as $device => $away) {
            $this->assertStringContainsString(
                $away.' is on another device',
                implode("\n", DeviceMapping::of($both, $set->rig->devices[$device])->leftOut),
            );
        }
    }
}
