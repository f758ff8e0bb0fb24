<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Engine\State\State;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** Button 4 records macro m, button 3 plays what was recorded last; the others are what is recorded. */
final class MacroRecordingTest extends TestCase
{
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    private static function desk(
        array $steps = [['do' => 'tap', 'output' => ['kind' => 'button', 'number' => 50], 'ms' => 10]],
        array ...$first,
    ): Desk {
        return Desk::plain()->saying(
            ['macros' => ['m' => ['name' => 'M', 'steps' => $steps], 'n' => ['name' => 'N', 'steps' => []]]],
        )
            ->cell('base', 'b1', 'follow', ...($first === [] ? [self::button(1)] : $first))
            ->cell('base', 'b4', 'follow', ['kind' => 'record macro', 'macro' => 'm'])
            ->cell('base', 'b3', 'follow', ['kind' => 'play recorded']);
    }

    /** @return list<string> without what tells that something is recorded */
    private static function rows(array $events): array
    {
        return array_values(preg_grep('/ macro /', Desk::rows($events), PREG_GREP_INVERT) ?: []);
    }

    /** @return list<string> what came after this time, in ms */
    private static function after(Desk $desk, int $ms, string ...$lines): array
    {
        return array_values(array_filter($desk->play(...$lines), fn (string $row) => (float) $row > $ms));
    }

    public function test_what_the_game_is_told_between_two_presses_is_played_as_it_was(): void
    {
        $rows = self::desk()->play(
            '10 b4 1',
            '20 b4 0',
            '100 b1 1',
            '150 b1 0',
            '200 b1 1',
            '230 b1 0',
            '300 b4 1',
            '310 b4 0',
            '500 b3 1',
            '510 b3 0',
        );
        $this->assertSame([
            '10 macro m 1', '100 button 1 1', '150 button 1 0', '200 button 1 1', '230 button 1 0', '300 macro m 0',
            // The first press is its beginning.
            '500 button 1 1', '550 button 1 0', '600 button 1 1', '630 button 1 0',
        ], $rows);
    }

    public function test_it_is_recorded_anew_by_the_next_press_and_the_minute_begins_anew(): void
    {
        $lines = [
            '10 b4 1', '20 b4 0', '100 b1 1', '150 b1 0', '300 b4 1', '310 b4 0', '30000 b4 1', '30010 b4 0',
            '65000 b1 1', '65020 b1 0', '70000 b4 1', '70010 b4 0', '80000 b3 1',
        ];
        $this->assertSame(
            ['10 macro m 1', '300 macro m 0', '30000 macro m 1', '70000 macro m 0'],
            array_values(preg_grep('/ macro /', self::desk()->play(...$lines)) ?: []),
        );
        $this->assertSame(['80000 button 1 1', '80020 button 1 0'], self::after(self::desk(), 75000, ...$lines));
    }

    public function test_before_the_first_nothing_is_played(): void
    {
        $this->assertSame([], self::desk()->play('10 b3 1', '20 b3 0'));
        $this->assertSame(
            ['10 macro m 1', '50 macro m 0'],
            self::desk()->play('10 b4 1', '20 b4 0', '50 b4 1', '60 b4 0', '90 b3 1', '95 b3 0'),
            'nothing was told, so nothing is kept',
        );
    }

    public function test_the_macro_plays_it_too_from_then_on_and_where_nothing_was_told_it_stays_as_it_was(): void
    {
        $desk = self::desk()->cell('base', 'b2', 'follow', ['kind' => 'start macro', 'macro' => 'm']);
        $this->assertSame(
            ['200 button 1 1', '230 button 1 0'],
            self::after($desk, 150, '10 b4 1', '20 b4 0', '30 b1 1', '60 b1 0', '100 b4 1', '110 b4 0', '200 b2 1'),
        );
        $this->assertSame(
            ['200 button 50 1', '210 button 50 0'],
            self::after($desk, 150, '10 b4 1', '20 b4 0', '100 b4 1', '110 b4 0', '200 b2 1'),
        );
    }

    public function test_keys_hats_buttons_and_variables_are_recorded_axes_the_wheel_and_inner_outputs_are_not(): void
    {
        $desk = self::desk(
            [],
            ['kind' => 'key', 'code' => 'KeyL', 'with' => ['ShiftLeft']],
            ['kind' => 'consumer control', 'usage' => 233],
            ['kind' => 'flag', 'flag' => 'f'],
            ['kind' => 'lamp', 'lamp' => 'd/lamp'],
        )
            ->cell(
                'base',
                'b2',
                'follow',
                ['kind' => 'mouse button', 'button' => 'right'],
                ['kind' => 'mouse wheel', 'by' => 1],
                ['kind' => 'on/off variable', 'name' => 'gear', 'on' => 1, 'off' => 0],
            )
            ->cell(
                'base',
                'h.north',
                'follow',
                ['kind' => 'hat', 'number' => 1, 'direction' => 'north'],
            )->cell('base', 'h.east', 'follow', ['kind' => 'hat', 'number' => 1, 'direction' => 'east'])
            ->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->axis(
                'base',
                'b',
                ['kind' => 'axis variable', 'name' => 'trim', 'low' => 0, 'high' => 1],
            )
            ->saying(['flags' => ['f' => ['name' => 'F']]]);
        $this->assertSame([
            '1000 key ShiftLeft 1', '1000 key KeyL 1', '1000 consumer 233 1', '1010 consumer 233 0', '1010 key KeyL 0',
            '1010 key ShiftLeft 0',
            '1010 mouse right 1', '1010 variable gear 1', '1020 mouse right 0', '1020 variable gear 0',
            '1030 hat 1 0', '1040 hat 1 1', '1050 hat 1 2', '1060 hat 1 -1',
        ], self::sorted(self::after(
            $desk,
            900,
            '10 b4 1',
            '20 b4 0',
            '100 b1 1',
            '110 b1 0',
            '110 b2 1',
            '115 a 400',
            '115 b 500',
            '120 b2 0',
            '130 h 0',
            '140 h 1',
            '150 h 2',
            '160 h -1',
            '200 b4 1',
            '210 b4 0',
            '1000 b3 1',
        )));
    }

    /**
     * @param list<string> $rows
     *
     * @return list<string> in time order; of one instant in the order in which they are given here
     */
    private static function sorted(array $rows): array
    {
        usort($rows, fn (string $a, string $b) => (float) $a <=> (float) $b);

        return $rows;
    }

    public function test_a_direction_that_was_held_before_is_not_a_part_of_it(): void
    {
        $desk = self::desk()->cell(
            'base',
            'h.north',
            'follow',
            ['kind' => 'hat', 'number' => 1, 'direction' => 'north'],
        )->cell('base', 'h.east', 'follow', ['kind' => 'hat', 'number' => 1, 'direction' => 'east']);
        $this->assertSame(
            ['500 hat 1 2', '520 hat 1 -1'],
            self::after(
                $desk,
                400,
                '5 h 0',
                '10 b4 1',
                '20 b4 0',
                '100 h 1',
                '120 h 0',
                '150 h -1',
                '200 b4 1',
                '210 b4 0',
                '500 b3 1',
            ),
        );
    }

    public function test_what_the_same_control_does_is_left_out_and_what_the_macro_itself_does(): void
    {
        $desk = self::desk()->cell(
            'base',
            'b4',
            'follow',
            ['kind' => 'record macro', 'macro' => 'm'],
            self::button(9),
        )->cell('base', 'b2', 'follow', ['kind' => 'start macro', 'macro' => 'm']);
        $this->assertSame(
            ['1000 button 1 1', '1020 button 1 0'],
            self::after(
                $desk,
                900,
                '10 b4 1',
                '20 b4 0',
                '100 b2 1',
                '200 b1 1',
                '220 b1 0',
                '300 b4 1',
                '310 b4 0',
                '1000 b3 1',
            ),
        );
        $switch = self::desk()->cell(
            'base',
            's.up',
            'follow',
            ['kind' => 'record macro', 'macro' => 'm'],
        )->cell('base', 's.down', 'pulse', self::button(8));
        $this->assertSame(
            ['1000 button 1 1', '1020 button 1 0'],
            self::after($switch, 900, '10 s.up 1', '50 s.up 0', '100 b1 1', '120 b1 0', '300 s.up 1', '1000 b3 1'),
            'the other way of the switch is the same control',
        );
    }

    public function test_another_macro_that_plays_meanwhile_is_a_part_of_it(): void
    {
        $desk = self::desk()->saying([
            'macros' => ['n' => ['name' => 'N', 'steps' => [['do' => 'tap', 'output' => self::button(7), 'ms' => 20]]]],
        ])->cell('base', 'b2', 'follow', ['kind' => 'start macro', 'macro' => 'n']);
        $this->assertSame(
            ['1000 button 7 1', '1020 button 7 0'],
            self::after($desk, 900, '10 b4 1', '20 b4 0', '100 b2 1', '300 b4 1', '310 b4 0', '1000 b3 1'),
        );
    }

    public function test_recording_another_ends_and_keeps_the_first(): void
    {
        $desk = self::desk()->cell('base', 'b2', 'follow', ['kind' => 'record macro', 'macro' => 'n'])->cell(
            'base',
            's.up',
            'follow',
            ['kind' => 'start macro', 'macro' => 'm'],
        );
        $lines = [
            '10 b4 1', '20 b4 0', '30 b1 1', '40 b1 0', '50 b2 1', '60 b2 0', '70 b1 1', '85 b1 0', '100 b2 1',
            '110 b2 0',
        ];
        $this->assertSame(
            ['10 macro m 1', '50 macro m 0', '50 macro n 1', '100 macro n 0'],
            array_values(preg_grep('/ macro /', $desk->play(...$lines)) ?: []),
        );
        $this->assertSame(
            ['1000 button 1 1', '1015 button 1 0'],
            self::after($desk, 900, ...[...$lines, '1000 b3 1']),
            'the last one',
        );
        $this->assertSame(
            ['1000 button 1 1', '1010 button 1 0'],
            self::after($desk, 900, ...[...$lines, '1000 s.up 1']),
            'the first one by its name',
        );
    }

    public function test_a_minute_is_the_most_and_what_is_held_ends_with_it(): void
    {
        $rows = self::desk()->play('10 b4 1', '20 b4 0', '59010 b1 1', '61000 b1 0', '62000 b3 1');
        $this->assertSame(
            [
                '10 macro m 1', '59010 button 1 1', '60010 macro m 0', '61000 button 1 0', '62000 button 1 1',
                '63000 button 1 0',
            ],
            $rows,
        );
    }

    public function test_so_many_presses_are_the_most(): void
    {
        $lines = ['10 b4 1', '11 b4 0'];
        for ($i = 0; $i < 130; $i++) {
            array_push($lines, (100 + 10 * $i).' b1 1', (105 + 10 * $i).' b1 0');
        }
        $machine = Machine::start(self::desk()->program());
        $ends = array_values(preg_grep('/ macro m 0/', Desk::rows($machine->feed(Desk::inputs(...$lines)))) ?: []);
        $this->assertSame(['1290 macro m 0'], $ends, 'with the press of the 120th');
        $this->assertCount(
            120,
            preg_grep('/ 1 1$/', self::rows($machine->feed(Desk::inputs('5000 b3 1', '9000 b3 0')))) ?: [],
        );
    }

    public function test_it_goes_over_a_cut_of_the_inputs_and_the_state_that_was_written(): void
    {
        $program = self::desk()->program();
        $machine = Machine::start($program);
        $machine->feed(Desk::inputs('10 b4 1', '20 b4 0', '100 b1 1'));
        $again = Machine::resume($program, State::restore($machine->state->write()));
        $again->feed(Desk::inputs('150 b1 0', '300 b4 1', '310 b4 0'));
        $last = Machine::resume($program, State::restore($again->state->write()));
        $this->assertSame(
            ['500 button 1 1', '550 button 1 0'],
            self::rows([...$last->feed(Desk::inputs('500 b3 1')), ...$last->finish()]),
        );
    }

    public function test_an_edit_ends_and_keeps_it_and_what_is_written_is_played_as_the_set_says_from_then_on(): void
    {
        $old = self::desk();
        $machine = Machine::start($old->program());
        $machine->feed(Desk::inputs('10 b4 1', '20 b4 0', '100 b1 1', '150 b1 0', '200 b2 0'));
        $new = $old->cell('base', 'b2', 'follow', ['kind' => 'start macro', 'macro' => 'm']);
        [$swapped, $events] = Swap::to($new->program(), $old->program(), $machine->state);
        $this->assertSame(['200 macro m 0'], Desk::rows($events));
        $this->assertSame(
            ['300 button 1 1', '350 button 1 0'],
            self::rows($swapped->feed(Desk::inputs('300 b2 1', '400 b2 0'))),
        );
        // The application has written it; somebody takes that step back.
        $swapped->state->macroRecording->written['m'] = true;
        [$undone] = Swap::to(
            $new->cell('base', 's.up', 'follow', self::button(9))->program(),
            $new->program(),
            $swapped->state,
        );
        $this->assertSame(
            ['500 button 50 1', '510 button 50 0'],
            self::rows([...$undone->feed(Desk::inputs('500 b3 1')), ...$undone->finish()]),
            'last recorded is still that macro',
        );
    }

    public function test_a_macro_that_plays_while_it_is_kept_ends_first(): void
    {
        $desk = self::desk([
            ['do' => 'press', 'output' => self::button(50)], ['do' => 'wait', 'ms' => 1000],
            ['do' => 'release', 'output' => self::button(50)],
        ])->cell('base', 'b2', 'follow', ['kind' => 'start macro', 'macro' => 'm']);
        $this->assertContains(
            '300 button 50 0',
            $desk->play('10 b4 1', '20 b4 0', '100 b2 1', '200 b1 1', '220 b1 0', '300 b4 1', '310 b4 0'),
        );
    }
}
