<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Format\Cause\Cause;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** A set is edited while it runs: the new program takes over under the hands. */
final class SwapTest extends TestCase
{
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    /**
     * @param list<string>       $before lines played through the old set
     * @param list<string>       $after  lines played through the new one
     * @param array<string, int> $hands
     *
     * @return array{list<string>, list<string>} what the swap itself sent, and what came after
     */
    private static function swap(Desk $old, Desk $new, array $before, array $after, array $hands = []): array
    {
        $machine = Machine::start($old->program());
        $machine->feed(Desk::inputs(...$before));
        [$swapped, $events] = Swap::to($new->program(), $old->program(), $machine->state, $hands);

        return [Desk::rows($events), Desk::rows([...$swapped->feed(Desk::inputs(...$after)), ...$swapped->finish()])];
    }

    public function test_what_is_held_ends_and_what_is_closed_counts_as_found_in_the_new_set(): void
    {
        $old = Desk::plain()->cell('base', 'b1', 'follow', self::button(1));
        $new = Desk::plain()->cell('base', 'b1', 'follow', self::button(2));
        $this->assertSame(
            [['10 button 1 0', '10 button 2 1'], ['30 button 2 0', '40 button 2 1']],
            self::swap($old, $new, ['5 b1 0', '10 b1 1'], ['30 b1 0', '40 b1 1']),
        );
    }

    public function test_a_press_that_waits_for_a_change_does_not_start_by_an_edit(): void
    {
        $old = Desk::plain()->cell('base', 'b1', 'follow', self::button(1));
        $new = Desk::plain()->cell('base', 'b1', 'pulse', self::button(1));
        $this->assertSame([['10 button 1 0'], []], self::swap($old, $new, ['10 b1 1'], ['30 b1 0']));
    }

    public function test_pulses_and_timers_end_first(): void
    {
        $old = Desk::plain()->cell('base', 'b1', ['kind' => 'pulse', 'width_ms' => 100], self::button(1));
        $this->assertSame(
            [['10 button 1 0'], []],
            self::swap($old, $old->cell('base', 'b2', 'follow', self::button(9)), ['10 b1 1'], ['300 b1 0']),
        );
    }

    public function test_a_toggle_that_is_still_there_stays_on_and_one_that_is_gone_goes_off(): void
    {
        $old = Desk::plain()
            ->cell('base', 'b1', 'toggle', self::button(1))
            ->cell('base', 'b2', 'toggle', self::button(2));
        $new = Desk::plain()
            ->cell('base', 'b1', 'toggle', self::button(1))
            ->cell('base', 'b2', 'toggle', self::button(3));
        [$sent, $after] = self::swap($old, $new, ['10 b1 1', '11 b1 0', '12 b2 1', '13 b2 0'], ['30 b1 1', '40 b2 1']);
        $this->assertSame(['13 button 2 0', '13 button 1 0', '13 button 1 1'], $sent);
        $this->assertSame(['30 button 1 0', '40 button 3 1'], $after);
    }

    public function test_a_toggle_that_holds_another_layer_stays_on_although_its_own_layer_lets_go(): void
    {
        $old = Desk::plain()->saying(
            ['layers' => ['one' => ['name' => 'One', 'lets_go' => true], 'two' => ['name' => 'Two']]],
        )
            ->cell('base', 'b2', 'pulse', ['kind' => 'go to layer', 'layer' => 'one'])
            ->cell('one', 'b1', 'toggle', ['kind' => 'hold layer', 'layer' => 'two'], self::button(1));
        $machine = Machine::start($old->program());
        $machine->feed(Desk::inputs('10 b2 1', '11 b2 0', '20 b1 1', '21 b1 0'));
        [$swapped, $events] = Swap::to(
            $old->cell('two', 'b2', 'follow', self::button(9))->program(),
            $old->program(),
            $machine->state,
        );
        $this->assertSame(
            ['21 button 1 0', '21 layer live One', '21 layer live Two', '21 button 1 1'],
            Desk::rows($events),
        );
        $this->assertSame(
            ['21 button 1 0', '21 layer live One'],
            Desk::rows($swapped->letGoOfEverything(new Cause(Cause::CLOSED))),
            'and it goes off when all is let go of',
        );
    }

    public function test_a_layer_that_a_hand_still_holds_stays_live(): void
    {
        $old = Desk::plain()->layer('water', 'b2');
        $new = $old->cell('water', 'b1', 'follow', self::button(4));
        [, $after] = self::swap($old, $new, ['10 b2 1'], ['30 b1 1', '40 b1 0', '50 b2 0']);
        $this->assertSame(['30 button 4 1', '40 button 4 0', '50 layer live Base'], $after);
    }

    public function test_axes_are_where_they_were_and_take_the_new_shape_at_once(): void
    {
        $old = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1]);
        $new = $old->saying(['axes' => ['d/a' => ['range' => ['high' => 0.5]]]]);
        $this->assertSame([['10 axis 1 32768'], ['20 axis 1 0']], self::swap($old, $new, ['10 a 1000'], ['20 a 0']));
    }

    public function test_an_open_stop_that_is_still_there_stays_open(): void
    {
        $stop = fn (float $at): array => [
            'stops' => [
                'cruise' => ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => $at, 'opens' => 'until drawn back'],
            ],
        ];
        $old = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->saying($stop(0.92))->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'open stop', 'stop' => 'cruise'],
        );
        [$sent, $after] = self::swap(
            $old,
            $old->saying($stop(0.8)),
            ['10 a 1000', '20 b1 1', '30 b1 0'],
            ['50 a 500', '60 a 1000'],
        );
        $this->assertSame([], $sent);
        $this->assertSame(['50 axis 1 32768', '50 stop cruise 0', '60 axis 1 52428'], $after);
    }

    public function test_controls_that_the_old_set_did_not_use_are_known_by_the_hands(): void
    {
        $old = Desk::plain()->cell('base', 'b1', 'follow', self::button(1));
        $new = $old->cell('base', 's.down', 'pulse', self::button(2))->axis(
            'base',
            'a',
            ['kind' => 'axis', 'number' => 1],
        )->cell('base', 'h.east', 'follow', self::button(3));
        [$sent, $after] = self::swap(
            $old,
            $new,
            ['10 b1 0'],
            ['30 s.up 0', '40 h -1'],
            ['d/s.up' => 1, 'd/a' => 500, 'd/h' => 2],
        );
        $this->assertSame(['10 button 3 1', '10 axis 1 32768'], $sent);
        $this->assertSame(['30 button 2 1', '40 button 3 0', '90 button 2 0'], $after);
    }

    public function test_within_a_debounce_time_the_last_word_of_the_hand_counts(): void
    {
        $old = Desk::plain()->cell('base', 'b1', 'follow', self::button(1))->saying(
            ['controls' => ['d' => ['b1' => ['debounce_ms' => 50]]]],
        );
        $new = $old->cell('base', 'b2', 'follow', self::button(9));
        $this->assertSame(
            [['20 button 1 0'], []],
            self::swap($old, $new, ['10 b1 1', '20 b1 0'], ['200 b2 0'], ['d/b1' => 0]),
        );
    }

    public function test_within_a_settle_time_the_middle_is_found(): void
    {
        $old = Desk::plain()->cell('base', 't.middle', 'follow', self::button(1));
        $this->assertSame(
            [['20 button 1 1'], []],
            self::swap(
                $old,
                $old->cell('base', 'b2', 'follow', self::button(9)),
                ['10 t.up 1', '20 t.up 0'],
                ['200 b2 0'],
            ),
        );
    }

    public function test_an_open_stop_goes_on_waiting_to_be_passed_with_what_is_left_of_its_patience(): void
    {
        $old = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'open stop', 'stop' => 'cruise'],
        )
            ->saying([
                'stops' => [
                    'cruise' => [
                        'name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.92, 'opens' => 'until drawn back',
                        'patience_ms' => 500,
                    ],
                ],
            ]);
        $new = $old->cell('base', 'b2', 'follow', self::button(9));
        $this->assertSame(
            [[], ['100 axis 1 32833', '520 stop cruise 0']],
            self::swap($old, $new, ['10 a 500', '20 b1 1', '30 b1 0'], ['100 a 501', '600 a 501']),
        );
        $this->assertSame(
            [[], ['520 stop cruise 0']],
            self::swap($old, $new, ['10 a 500', '20 b1 1', '30 b1 0'], []),
            'also if no reading comes',
        );
        $this->assertSame(
            [['50 stop cruise 0'], []],
            self::swap(
                $old,
                $old->saying(['stops' => ['cruise' => ['at' => 0.98]]]),
                ['10 a 500', '20 b1 1', '30 b1 0', '40 a 960', '50 b2 0'],
                [],
            ),
            'passed, and drawn back by its new place',
        );
    }

    public function test_a_stop_that_is_shut_only_while_held_lets_through_across_an_edit(): void
    {
        $old = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])
            ->cell('base', 'b1', 'follow', ['kind' => 'open stop', 'stop' => 'cruise'])
            ->saying(
                ['stops' => ['cruise' => ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.5, 'opens' => 'held shut']]],
            );
        $this->assertSame(
            [[], ['30 stop cruise 0', '30 axis 1 32768']],
            self::swap($old, $old->cell('base', 'b2', 'follow', self::button(9)), ['10 a 900'], ['30 b1 1']),
        );
    }

    public function test_a_flip_stop_under_a_toggle_does_not_flip_at_an_edit(): void
    {
        $old = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->cell(
            'base',
            'b1',
            'toggle',
            ['kind' => 'open stop', 'stop' => 'cruise'],
        )
            ->saying(
                ['stops' => ['cruise' => ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.92, 'opens' => 'flip']]],
            );
        $this->assertSame(
            [[], ['50 stop cruise 0', '50 axis 1 60292']],
            self::swap(
                $old,
                $old->cell('base', 'b2', 'follow', self::button(9)),
                ['10 a 1000', '20 b1 1', '30 b1 0'],
                ['40 b1 1', '45 b1 0', '50 b1 1'],
            ),
        );
    }

    public function test_a_device_that_is_away_stays_away(): void
    {
        $old = Desk::plain()->cell('base', 's.down', 'follow', self::button(1))->axis(
            'base',
            'c',
            ['kind' => 'mouse movement', 'direction' => 'x', 'speed' => 500],
        );
        $machine = Machine::start($old->program());
        $machine->feed(Desk::inputs('0 c 1000', '10 b2 0'));
        $machine->unplug('d');
        [$swapped, $events] = Swap::to(
            $old->cell('base', 'b2', 'follow', self::button(9))->program(),
            $old->program(),
            $machine->state,
            ['d/c' => 1000],
        );
        $this->assertSame([[], []], [Desk::rows($events), Desk::rows($swapped->finish())]);
    }

    public function test_the_owner_of_a_shared_output_and_a_hold_band_stay(): void
    {
        $old = Desk::plain()->axis(
            'base',
            'a',
            ['kind' => 'axis', 'number' => 1],
        )->axis('base', 'b', ['kind' => 'axis', 'number' => 1])->saying(
            ['axes' => ['d/a' => ['steady' => ['hold' => 0.1]]]],
        );
        $new = $old->cell('base', 'b2', 'follow', self::button(9));
        // Lever A owns the output and holds 500 while it reads 450; lever B has not moved by more than 0.01.
        $this->assertSame(
            [[], ['40 axis 1 45875']],
            self::swap($old, $new, ['0 b 100', '5 a 300', '10 a 500', '20 a 450'], ['30 b 105', '40 a 700']),
        );
    }

    public function test_go_to_layer_is_not_found_again_and_no_axis_dips_to_a_stop_that_a_thumb_holds_open(): void
    {
        $old = Desk::plain()->saying(['layers' => ['one' => ['name' => 'One'], 'two' => ['name' => 'Two']]])
            ->cell(
                'base',
                'b1',
                'follow',
                ['kind' => 'go to layer', 'layer' => 'one'],
            )->cell('base', 'b2', 'pulse', ['kind' => 'go to layer', 'layer' => 'two'])
            ->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->cell(
                'base',
                'b3',
                'follow',
                ['kind' => 'open stop', 'stop' => 'cruise'],
            )
            ->saying(
                ['stops' => ['cruise' => ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.92, 'opens' => 'held']]],
            );
        [$sent] = self::swap(
            $old,
            $old->cell('base', 'b4', 'follow', self::button(9)),
            ['0 a 1000', '10 b3 1', '20 b1 1', '30 b2 1', '100 b2 0'],
            [],
        );
        $this->assertSame(['100 stop cruise 0', '100 stop cruise 1'], $sent);
    }

    public function test_an_edited_threshold_keeps_its_side(): void
    {
        $old = Desk::plain()->saying(
            ['made' => ['x' => ['kind' => 'above', 'name' => 'X', 'of' => ['d/a'], 'at' => 0.6, 'hysteresis' => 0.1]]],
        )->cell('base', 'b1', 'follow', self::button(2));
        $old = $old->saying([
            'cells' => ['base' => ['made/x' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(1)]]]],
        ]);
        $this->assertSame(
            [['10 button 1 0', '10 button 1 1'], ['50 button 1 0']],
            self::swap($old, $old->saying(['made' => ['x' => ['at' => 0.65]]]), ['10 a 620'], ['50 a 540']),
        );
    }

    public function test_what_a_layer_that_the_edit_ended_had_driven_returns_to_rest(): void
    {
        $old = Desk::plain()->layer('water', 'b1')->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->saying([
            'cells' => [
                'water' => ['d/a' => ['outputs' => [['kind' => 'axis', 'number' => 2]], 'leaving' => 'return to rest']],
            ],
        ]);
        $new = Desk::plain()->saying(
            ['layers' => ['water' => ['name' => 'Water']]],
        )->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->saying([
            'cells' => [
                'water' => ['d/a' => ['outputs' => [['kind' => 'axis', 'number' => 2]], 'leaving' => 'return to rest']],
            ],
        ])->cell('base', 'b2', 'follow', self::button(2));
        $this->assertSame(
            ['30 layer live Base', '30 axis 2 0', '30 axis 1 65535'],
            self::swap($old, $new, ['0 a 500', '10 b1 1', '30 a 1000'], [])[0],
        );
    }

    public function test_the_notch_that_an_axis_stands_in_stays_unless_there_are_others(): void
    {
        $stepped = fn (float ...$at): Desk => Desk::plain()->axis(
            'base',
            'a',
            ['kind' => 'axis', 'number' => 1],
        )->saying(['axes' => ['d/a' => ['notches' => ['kind' => 'stepped', 'at' => $at, 'hysteresis' => 0.2]]]]);
        // Half way between the lower two, within the hysteresis: it is in the notch that it came from.
        $before = ['0 a 1000', '5 a 300'];
        $this->assertSame(
            [[], []],
            self::swap(
                $stepped(0.0, 0.5, 1.0),
                $stepped(0.0, 0.5, 1.0)->cell('base', 'b2', 'follow', self::button(9)),
                $before,
                [],
            ),
        );
        $this->assertSame([[], []], self::swap($stepped(0.0, 0.5, 1.0), $stepped(0.1, 0.5, 1.0), $before, []));
        $this->assertSame(
            [['5 axis 1 16384'], []],
            self::swap($stepped(0.0, 0.5, 1.0), $stepped(0.0, 0.25, 0.5, 1.0), $before, []),
        );
    }

    public function test_a_single_spike_that_was_being_waited_out_is_taken_after_what_is_left_of_the_time(): void
    {
        $old = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->saying(
            ['axes' => ['d/a' => ['steady' => ['spikes' => true]]]],
        );
        [$sent, $after] = self::swap(
            $old,
            $old->cell('base', 'b2', 'follow', self::button(9)),
            ['0 a 0', '10 a 0', '20 a 0', '100 a 1000'],
            [],
        );
        $this->assertSame([], $sent);
        $this->assertSame(
            $after,
            array_values(array_filter(
                $old->play('0 a 0', '10 a 0', '20 a 0', '100 a 1000'),
                fn (string $row) => str_ends_with($row, ' 65535'),
            )),
        );
        $this->assertCount(1, $after);
    }

    public function test_an_axis_that_the_old_set_did_not_use_is_steadied_from_where_the_hand_is(): void
    {
        $new = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->saying(
            ['axes' => ['d/a' => ['steady' => ['hold' => 0.1]]]],
        );
        $this->assertSame(
            [['10 axis 1 32768'], ['40 axis 1 42598']],
            self::swap(Desk::plain(), $new, ['10 b1 0'], ['30 a 550', '40 a 650'], ['d/a' => 500]),
        );
    }

    public function test_lamps_are_as_the_new_rules_say(): void
    {
        $lit = fn (string $state): Desk => Desk::plain()->saying([
            'flags' => ['f' => ['name' => 'F']],
            'lamps' => ['one' => ['lamp' => 'd/lamp', 'while' => ['flag' => 'f', 'is' => $state]]],
        ]);
        $this->assertSame(['5 lamp d/lamp 1'], self::swap($lit('up'), $lit('down'), ['5 b1 0'], [])[0]);
        $this->assertSame(['5 lamp d/lamp 0'], self::swap($lit('down'), $lit('up'), ['5 b1 0'], [])[0]);
    }

    public function test_a_stop_that_waits_for_ever_goes_on_doing_so(): void
    {
        $old = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])
            ->cell('base', 'b1', 'follow', ['kind' => 'open stop', 'stop' => 'cruise'])
            ->saying([
                'stops' => [
                    'cruise' => [
                        'name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.9, 'opens' => 'until drawn back',
                        'patience_ms' => 0,
                    ],
                ],
            ]);
        $this->assertSame(
            [[], ['5000 axis 1 65535']],
            self::swap(
                $old,
                $old->cell('base', 'b2', 'follow', self::button(9)),
                ['0 a 500', '10 b1 1', '20 b1 0'],
                ['5000 a 1000'],
            ),
        );
    }

    public function test_what_is_placed_is_placed_to_the_very_integer(): void
    {
        $old = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])
            ->saying([
                'made' => [
                    'x' => ['kind' => 'larger', 'name' => 'X', 'of' => ['d/a', 'd/b']],
                    'far' => ['kind' => 'above', 'name' => 'Far', 'of' => ['made/x'], 'at' => 0.6],
                ],
            ])
            ->saying([
                'cells' => [
                    'base' => [
                        'made/x' => ['outputs' => [['kind' => 'axis', 'number' => 2]]],
                        'made/far' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(3)]],
                    ],
                ],
            ]);
        $new = $old->saying(['axes' => ['d/a' => ['range' => ['high' => 0.8]]]]);
        // 0.333 of 0.8 and 0.7 as they are: nothing but the one output moves, by rounding neither.
        $this->assertSame(
            [
                ['10 button 3 0', '10 button 3 1', '10 axis 1 17459'],
                ['30 axis 2 49151', '40 axis 2 21823', '40 button 3 0'],
            ],
            self::swap($old, $new, ['0 a 333', '10 b 700'], ['30 b 750', '40 b 100']),
        );
    }

    public function test_nothing_of_a_debounce_a_chord_or_the_mouse_is_left_when_all_is_let_go_of(): void
    {
        $desk = Desk::plain()->axis('base', 'c', ['kind' => 'mouse movement', 'direction' => 'x', 'speed' => 100])
            ->saying([
                'controls' => ['d' => ['b1' => ['debounce_ms' => 50]]],
                'chords' => [
                    'base' => ['both' => ['name' => 'Both', 'of' => ['d/b2', 'd/b3'], 'outputs' => [self::button(5)]]],
                ],
            ])
            ->cell('base', 'b1', 'follow', self::button(1));
        $machine = Machine::start($desk->program());
        $machine->feed(Desk::inputs('50 b4 0', '60 c 1000', '100 b1 1', '110 b2 1', '115 b3 1'));
        $machine->letGoOfEverything(new Cause(Cause::CLOSED));
        $state = $machine->state;
        $this->assertSame(
            [[], [], [], []],
            [$state->debounce->bouncing, $state->chords->consumed, $state->mouse->owed, $state->timers],
        );
    }
}
