<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

final class LayersTest extends TestCase
{
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    private static function desk(): Desk
    {
        return Desk::plain()->layer('water', 'b2')
            ->cell('base', 'b1', 'follow', self::button(1))
            ->cell('water', 'b1', 'follow', self::button(2));
    }

    public function test_the_live_layer_speaks_first_and_the_base_layer_answers_for_the_rest(): void
    {
        $desk = self::desk()->cell('base', 'b3', 'follow', self::button(3));
        $this->assertSame(
            [
                '10 layer live Water', '20 button 2 1', '30 button 2 0', '40 button 3 1', '50 button 3 0',
                '60 layer live Base', '70 button 1 1',
            ],
            array_slice($desk->play('10 b2 1', '20 b1 1', '30 b1 0', '40 b3 1', '50 b3 0', '60 b2 0', '70 b1 1'), 0, 7),
        );
    }

    public function test_nothing_hides_what_the_base_layer_says(): void
    {
        $this->assertSame(['10 layer live Water', '30 layer live Base'], Desk::plain()->layer('water', 'b2')
            ->cell('base', 'b1', 'follow', self::button(1))->nothing('water', 'b1')
            ->play('10 b2 1', '15 b1 1', '20 b1 0', '30 b2 0'));
    }

    public function test_a_release_goes_to_the_assignment_its_press_was_bound_to(): void
    {
        $this->assertSame(
            ['10 button 1 1', '20 layer live Water', '30 button 1 0', '40 layer live Base'],
            self::desk()->play('10 b1 1', '20 b2 1', '30 b1 0', '40 b2 0'),
        );
        $this->assertSame(
            ['10 layer live Water', '20 button 2 1', '30 layer live Base', '40 button 2 0'],
            self::desk()->play('10 b2 1', '20 b1 1', '30 b2 0', '40 b1 0'),
        );
    }

    public function test_a_pulse_whose_layer_is_let_go_before_the_switch_ends_as_it_began(): void
    {
        $desk = Desk::plain()->layer('water', 'b2')
            ->cell('base', 's.up', ['kind' => 'pulse', 'on' => 'both', 'width_ms' => 60], self::button(1))
            ->cell('water', 's.up', ['kind' => 'pulse', 'on' => 'both', 'width_ms' => 60], self::button(2));
        $this->assertSame(
            [
                '10 layer live Water', '20 button 2 1', '30 layer live Base', '80 button 2 0', '200 button 2 1',
                '260 button 2 0',
            ],
            $desk->play('10 b2 1', '20 s.up 1', '30 b2 0', '200 s.up 0'),
        );
    }

    public function test_held_layers_stack_and_one_can_be_let_go_from_the_middle(): void
    {
        $desk = Desk::plain()->layer('water', 'b2')->layer('radio', 'b3');
        $this->assertSame(
            ['10 layer live Water', '20 layer live Radio', '40 layer live Base'],
            $desk->play('10 b2 1', '20 b3 1', '30 b2 0', '40 b3 0'),
        );
    }

    public function test_a_layer_found_held_is_live_from_the_start(): void
    {
        $this->assertSame(
            ['0 layer live Water', '10 button 2 1', '20 button 2 0'],
            self::desk()->play('0 b2 1', '10 b1 1', '20 b1 0'),
        );
    }

    public function test_an_axis_takes_its_output_in_the_new_layer_at_once_and_the_old_one_keeps_its_value(): void
    {
        $desk = Desk::plain()->layer('water', 'b2')
            ->axis('base', 'a', ['kind' => 'axis', 'number' => 1])
            ->axis('water', 'a', ['kind' => 'axis', 'number' => 2]);
        $this->assertSame(
            [
                '0 axis 1 32768', '10 layer live Water', '10 axis 2 32768', '20 axis 2 65535', '30 layer live Base',
                '30 axis 1 65535',
            ],
            $desk->play('0 a 500', '10 b2 1', '20 a 1000', '30 b2 0'),
        );
    }

    public function test_an_axis_that_says_nothing_in_a_layer_is_silent_there(): void
    {
        $desk = Desk::plain()->layer('water', 'b2')->axis(
            'base',
            'a',
            ['kind' => 'axis', 'number' => 1],
        )->nothing('water', 'a');
        $this->assertSame(
            ['0 axis 1 32768', '10 layer live Water', '30 layer live Base', '30 axis 1 65535'],
            $desk->play('0 a 500', '10 b2 1', '20 a 1000', '30 b2 0'),
        );
    }

    public function test_opposites_open_first_then_close_and_are_known_when_time_moves_on(): void
    {
        $desk = Desk::plain()->cell('base', 's.up', 'follow', self::button(1))->cell(
            'base',
            's.down',
            'follow',
            self::button(2),
        );
        $this->assertSame(
            ['0 button 2 1', '10 button 2 0', '10 button 1 1', '20 button 1 0', '20 button 2 1'],
            $desk->play('0 s.up 0', '10 s.up 1', '20 s.up 0'),
        );
        $this->assertSame(['0 button 1 1', '10 button 1 0', '10 button 2 1'], $desk->play('0 s.up 1', '10 s.up 0'));
    }

    public function test_an_output_driven_by_two_axes_belongs_to_one_until_another_moved_by_more_than_1_percent(): void
    {
        $desk = Desk::plain()->axis(
            'base',
            'a',
            ['kind' => 'axis', 'number' => 1],
        )->axis('base', 'b', ['kind' => 'axis', 'number' => 1]);
        $this->assertSame(
            // 10 of 1000 is 655 of 65535: not more than 0.01; 11 is 721
            ['0 axis 1 0', '20 axis 1 6554', '40 axis 1 33488', '60 axis 1 32768'],
            $desk->play('0 a 0', '10 b 500', '20 a 100', '30 b 509', '40 b 511', '50 a 105', '60 b 500'),
        );
    }

    public function test_the_row_names_the_layer_that_is_live_when_it_is_written(): void
    {
        // In the layer one a toggle holds two; one lies over it again. Leaving one ends the toggle, and two was never
        // told.
        $desk = Desk::plain()->saying(
            ['layers' => ['one' => ['name' => 'One', 'lets_go' => true], 'two' => ['name' => 'Two']]],
        )
            ->cell('base', 'b1', 'follow', ['kind' => 'hold layer', 'layer' => 'one'])
            ->cell('base', 'b3', 'follow', ['kind' => 'hold layer', 'layer' => 'one'])
            ->cell('one', 'b2', 'toggle', ['kind' => 'hold layer', 'layer' => 'two'], self::button(7));
        $this->assertSame(
            [
                '10 layer live One', '20 layer live Two', '20 button 7 1', '40 layer live One', '50 button 7 0',
                '50 layer live Base',
            ],
            $desk->play('10 b1 1', '20 b2 1', '25 b2 0', '30 b1 0', '40 b3 1', '50 b3 0'),
        );
    }

    public function test_a_layer_that_is_pressed_anew_by_the_same_source_comes_on_top(): void
    {
        $desk = self::desk()->saying(['layers' => [
            'one' => ['name' => 'One'], 'two' => ['name' => 'Two'],
        ], 'macros' => [
            'm' => [
                'name' => 'M', 'plays' => 'while held', 'on_release' => 'stop',
                'steps' => [
                    ['do' => 'press', 'output' => ['kind' => 'hold layer', 'layer' => 'one']],
                    ['do' => 'wait', 'ms' => 30],
                ],
            ],
        ],
            'cells' => [
                'base' => ['d/b3' => ['behaviour' => ['kind' => 'macro', 'macro' => 'm']]],
            ]])->cell('base', 'b4', 'follow', ['kind' => 'hold layer', 'layer' => 'two']);
        $this->assertSame(
            ['10 layer live One', '20 layer live Two', '40 layer live One', '45 layer live Two', '100 layer live Base'],
            array_values(array_filter(
                $desk->play('10 b3 1', '20 b4 1', '45 b3 0', '100 b4 0'),
                fn (string $row) => str_contains($row, 'layer'),
            )),
        );
    }

    /**
     * Left by a switch, layer one lets go of a toggle that holds layer three and of one that drives an output: both
     * come before the row.
     */
    public function test_all_that_a_layer_lets_go_of_comes_before_its_row_a_held_layer_too(): void
    {
        $desk = Desk::plain()->saying([
            'layers' => [
                'one' => ['name' => 'One', 'lets_go' => true], 'two' => ['name' => 'Two'],
                'three' => ['name' => 'Three'],
            ],
        ])
            ->cell('base', 'b1', 'follow', ['kind' => 'go to layer', 'layer' => 'one'])
            ->cell('one', 'b2', 'toggle', ['kind' => 'hold layer', 'layer' => 'three'])
            ->cell('one', 'b3', 'toggle', ['kind' => 'button', 'number' => 7])
            ->cell('one', 'b4', 'follow', ['kind' => 'hold layer', 'layer' => 'two']);
        $rows = $desk->play('10 b1 1', '11 b1 0', '20 b3 1', '21 b3 0', '30 b4 1', '40 b4 0');
        $this->assertSame(
            ['10 layer live One', '20 button 7 1', '30 button 7 0', '30 layer live Two', '40 layer live One'],
            $rows,
        );
        $rows = $desk->play('10 b1 1', '11 b1 0', '20 b3 1', '21 b3 0', '30 b2 1');
        $this->assertSame(['10 layer live One', '20 button 7 1', '30 button 7 0', '30 layer live Three'], $rows);
    }
}
