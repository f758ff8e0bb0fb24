<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Format\FormatError;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** Button 1 plays a macro: output 1 pressed, output 2 tapped for 30 ms, 100 ms wait, output 1 released, 20 ms wait. */
final class MacrosTest extends TestCase
{
    /** @param array<string, mixed> $plays */
    private static function desk(array $plays = []): Desk
    {
        $button = fn (int $number): array => ['kind' => 'button', 'number' => $number];

        return Desk::plain()->saying([
            'macros' => ['m' => $plays + ['name' => 'M', 'steps' => [
                ['do' => 'press', 'output' => $button(1)], [
                    'do' => 'tap', 'output' => $button(2), 'ms' => 30,
                ], ['do' => 'wait', 'ms' => 100],
                ['do' => 'release', 'output' => $button(1)], ['do' => 'wait', 'ms' => 20],
            ]]],
            'cells' => ['base' => ['d/b1' => ['behaviour' => ['kind' => 'macro', 'macro' => 'm']]]],
        ]);
    }

    public function test_its_steps_follow_each_other_in_time(): void
    {
        $this->assertSame(
            ['100 button 1 1', '100 button 2 1', '130 button 2 0', '230 button 1 0'],
            self::desk()->play('100 b1 1', '110 b1 0'),
        );
    }

    public function test_a_second_press_is_ignored_starts_it_anew_or_stops_it(): void
    {
        $lines = ['100 b1 1', '110 b1 0', '150 b1 1', '160 b1 0'];
        $this->assertSame(
            ['100 button 1 1', '100 button 2 1', '130 button 2 0', '230 button 1 0'],
            self::desk()->play(...$lines),
        );
        $this->assertSame(
            [
                '100 button 1 1', '100 button 2 1', '130 button 2 0', '150 button 1 0', '150 button 1 1',
                '150 button 2 1', '180 button 2 0', '280 button 1 0',
            ],
            self::desk(['on_second_press' => 'restart'])->play(...$lines),
        );
        $this->assertSame(
            ['100 button 1 1', '100 button 2 1', '130 button 2 0', '150 button 1 0'],
            self::desk(['on_second_press' => 'stop'])->play(...$lines),
        );
    }

    public function test_it_is_repeated_while_it_is_held_and_finishes_its_round_or_stops(): void
    {
        // A round takes 150 ms.
        $this->assertSame(
            ['100', '250', '400'],
            self::times(self::desk(['plays' => 'while held'])->play('100 b1 1', '420 b1 0'), 'button 1 1'),
        );
        $this->assertSame(
            ['230', '380', '530'],
            self::times(self::desk(['plays' => 'while held'])->play('100 b1 1', '420 b1 0'), 'button 1 0'),
        );
        $this->assertSame(
            ['230', '380', '420'],
            self::times(
                self::desk(['plays' => 'while held', 'on_release' => 'stop'])->play('100 b1 1', '420 b1 0'),
                'button 1 0',
            ),
        );
    }

    public function test_once_outputs_start_and_stop_it_and_it_has_one_player(): void
    {
        $desk = self::desk()->cell(
            'base',
            'b2',
            'follow',
            ['kind' => 'start macro', 'macro' => 'm'],
        )->cell('base', 'b3', 'follow', ['kind' => 'stop macro', 'macro' => 'm']);
        $this->assertSame(
            ['100 button 1 1', '100 button 2 1', '115 button 2 0', '115 button 1 0'],
            $desk->play('100 b2 1', '110 b1 1', '115 b3 1'),
        );
    }

    public function test_it_goes_on_over_a_cut_and_a_layer_and_ends_when_everything_is_let_go_of(): void
    {
        $desk = self::desk()->layer('water', 'b2')->cell('base', 'b3', 'follow', ['kind' => 'let go of everything']);
        $program = $desk->program();
        $machine = Machine::start($program);
        $machine->feed(Desk::inputs('100 b1 1', '105 b2 1'));
        $resumed = Machine::resume($program, State::restore($machine->state->write()));
        $this->assertSame(
            ['130 button 2 0', '140 button 1 0', '140 layer live Base'],
            Desk::rows($resumed->feed(Desk::inputs('140 b3 1'))),
        );
        $this->assertSame(
            [],
            Desk::rows($resumed->feed(Desk::inputs('150 b1 0', '160 b2 0'))),
            'a later release does nothing more',
        );
    }

    public function test_actions_are_reached_by_their_ways_and_named_in_the_cause(): void
    {
        $machine = Machine::start(self::desk()->program());
        $this->assertSame(
            'd/b1=1@100000 > closed d/b1 > layer base > macro m',
            $machine->feed(Desk::inputs('100 b1 1'))[0]->cause->compact(),
        );
    }

    public function test_what_cannot_be_played_is_refused(): void
    {
        $refused = function (array $macro, string $message): void {
            try {
                Desk::plain()->saying(['macros' => ['m' => $macro + ['name' => 'M']]])->assembled();
                $this->fail('should be refused');
            } catch (FormatError $error) {
                $this->assertStringContainsString($message, $error->getMessage());
            }
        };
        $refused(
            ['plays' => 'while held', 'steps' => [['do' => 'press', 'output' => ['kind' => 'button', 'number' => 1]]]],
            'macros.m.steps: found a list of 1, expected steps that take some time, since they are repeated',
        );
        $refused(
            ['steps' => [['do' => 'press', 'output' => ['kind' => 'set variable', 'name' => 'x', 'to' => 1]]]],
            'macros.m.steps[0].output: found an object, expected an output that can be held',
        );
        $refused(
            ['steps' => [['do' => 'tap', 'output' => ['kind' => 'flag', 'flag' => 'none']]]],
            'macros.m.steps[0].output.flag: found "none", expected a flag of the set',
        );
        $refused(
            ['plays' => 'while held', 'steps' => []],
            'macros.m.steps: found a list of 0, expected steps that take some time',
        );
        $refused(
            ['plays' => 'while held', 'steps' => [['do' => 'type', 'text' => 'ö', 'layout' => 'us']]],
            'macros.m.steps: found a list of 1, expected steps that take some time',
        );
        $refused(
            ['steps' => [['do' => 'type', 'text' => 'a', 'layout' => 'moon']]],
            'macros.m: found "moon", expected a keyboard layout that is at hand',
        );
        $refused(['steps' => [['do' => 'type', 'text' => "a\x07", 'layout' => 'us']]], 'macros.m.steps[0].text');
        $refused(
            ['when' => ['flag' => 'none', 'is' => 'up'], 'steps' => []],
            'macros.m.when.flag: found "none", expected a flag of the set',
        );
    }

    public function test_a_text_is_typed_key_by_key_for_its_layout(): void
    {
        $typing = fn (string $layout): Desk => self::desk(
            ['steps' => [['do' => 'type', 'text' => "Zy\n", 'layout' => $layout, 'ms' => 10]]],
        );
        $this->assertSame(
            [
                '100 key ShiftLeft 1', '100 key KeyZ 1', '110 key KeyZ 0', '110 key ShiftLeft 0', '120 key KeyY 1',
                '130 key KeyY 0', '140 key Enter 1', '150 key Enter 0',
            ],
            self::typedBy($typing('us')),
        );
        $this->assertSame(
            [
                '100 key ShiftLeft 1', '100 key KeyY 1', '110 key KeyY 0', '110 key ShiftLeft 0', '120 key KeyZ 1',
                '130 key KeyZ 0', '140 key Enter 1', '150 key Enter 0',
            ],
            self::typedBy($typing('german')),
        );
    }

    public function test_macros_that_start_each_other_do_not_go_on_within_one_instant(): void
    {
        $starts = fn (string $other, int $button): array => ['name' => 'X', 'on_second_press' => 'restart', 'steps' => [
            [
                'do' => 'tap', 'output' => ['kind' => 'start macro', 'macro' => $other], 'ms' => 1,
            ], ['do' => 'tap', 'output' => ['kind' => 'button', 'number' => $button], 'ms' => 10],
        ]];
        $desk = Desk::plain()->saying(
            ['macros' => ['a' => $starts('b', 1), 'b' => $starts('a', 2)]],
        )->cell('base', 'b1', ['kind' => 'macro', 'macro' => 'a']);
        $events = Machine::start($desk->program())->feed(Desk::inputs('100 b1 1', '150 b1 0'));
        $this->assertSame(
            ['101 button 2 1', '101 button 1 1', '111 button 2 0', '111 button 1 0'],
            Desk::rows($events),
        );
    }

    public function test_a_flag_switches_it_on_and_off(): void
    {
        $desk = self::desk([
            'when' => ['flag' => 'armed', 'is' => 'up'],
            'steps' => [['do' => 'tap', 'output' => ['kind' => 'button', 'number' => 1], 'ms' => 10]],
        ])
            ->saying(['flags' => ['armed' => ['name' => 'Armed']]])->cell(
                'base',
                'b2',
                'toggle',
                ['kind' => 'flag', 'flag' => 'armed'],
            );
        $this->assertSame(
            ['200 flag armed 1', '300 button 1 1', '310 button 1 0', '400 flag armed 0'],
            $desk->play(
                '100 b1 1',
                '110 b1 0',
                '200 b2 1',
                '210 b2 0',
                '300 b1 1',
                '350 b1 0',
                '400 b2 1',
                '410 b2 0',
                '500 b1 1',
            ),
        );
    }

    /** @return list<string> */
    private static function typedBy(Desk $desk): array
    {
        return $desk->play('100 b1 1', '105 b1 0');
    }

    /**
     * @param list<string> $rows
     *
     * @return list<string>
     */
    private static function times(array $rows, string $what): array
    {
        return array_values(array_map(
            fn (string $row) => explode(' ', $row)[0],
            array_filter($rows, fn (string $row) => str_ends_with($row, $what)),
        ));
    }

    public function test_what_a_step_has_released_is_held_no_more(): void
    {
        $machine = Machine::start(self::desk()->program());
        $machine->feed(Desk::inputs('50 b2 0'));
        $machine->tryMacro('m');
        $this->assertSame([0], array_values($machine->state->macros->players)[0]->held);
        $machine->advance(190_000);
        $this->assertSame([], array_values($machine->state->macros->players)[0]->held);
    }
}
