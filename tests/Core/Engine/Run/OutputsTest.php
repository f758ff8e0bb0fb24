<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\Output\Outputs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** Outputs, layers, flags, conditions and debouncing, with inputs and outputs written out in time (ms). */
final class OutputsTest extends TestCase
{
    /** @param array<string, mixed> $output */
    private static function pressing(array $output): Desk
    {
        return Desk::plain()->cell('base', 'b1', 'follow', $output);
    }

    public function test_hats_are_made_of_the_directions_that_are_held_and_opposites_cancel(): void
    {
        $desk = Desk::plain();
        foreach (['b1' => 'north', 'b2' => 'east', 'b3' => 'south'] as $button => $direction) {
            $desk = $desk->cell('base', $button, 'follow', ['kind' => 'hat', 'number' => 1, 'direction' => $direction]);
        }
        $this->assertSame(
            ['10 hat 1 0', '20 hat 1 1', '30 hat 1 2', '40 hat 1 3', '50 hat 1 4', '60 hat 1 -1'],
            $desk->play('10 b1 1', '20 b2 1', '30 b3 1', '40 b1 0', '50 b2 0', '60 b3 0'),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function outputs(): iterable
    {
        yield 'a mouse button' => [
            ['kind' => 'mouse button', 'button' => 'right'],
            ['10 mouse right 1', '20 mouse right 0', '30 mouse right 1', '40 mouse right 0'],
        ];
        yield 'the wheel, at every press' => [
            ['kind' => 'mouse wheel', 'by' => -2], ['10 mouse wheel -2', '30 mouse wheel -2'],
        ];
        yield 'a mouse step' => [
            ['kind' => 'mouse step', 'direction' => 'y', 'by' => 40], ['10 mouse y 40', '30 mouse y 40'],
        ];
        yield 'a consumer control' => [
            ['kind' => 'consumer control', 'usage' => 0xE9],
            ['10 consumer 233 1', '20 consumer 233 0', '30 consumer 233 1', '40 consumer 233 0'],
        ];
        yield 'a lamp' => [
            ['kind' => 'lamp', 'lamp' => 'd/lamp'],
            ['10 lamp d/lamp 1', '20 lamp d/lamp 0', '30 lamp d/lamp 1', '40 lamp d/lamp 0'],
        ];
        yield 'a swap, from neither to the first' => [
            ['kind' => 'swap variable', 'name' => 'v', 'first' => 3, 'second' => 7],
            ['10 variable v 3', '30 variable v 7'],
        ];
        yield 'a step that stops at its limit' => [
            ['kind' => 'step variable', 'name' => 'v', 'by' => 0.7, 'low' => 0, 'high' => 1],
            ['10 variable v 0.7', '30 variable v 1'],
        ];
        yield 'a step that wraps exactly to the other limit' => [
            ['kind' => 'step variable', 'name' => 'v', 'by' => 0.7, 'low' => -2, 'high' => 1, 'at_limit' => 'wraps'],
            ['10 variable v 0.7', '30 variable v -2'],
        ];
        yield 'a step down' => [
            ['kind' => 'step variable', 'name' => 'v', 'by' => -1, 'low' => -1.5, 'high' => 1],
            ['10 variable v -1', '30 variable v -1.5'],
        ];
    }

    /**
     * @param array<string, mixed> $output
     * @param list<string>         $rows
     */
    #[DataProvider('outputs')]
    public function test_outputs_act_as_they_are_meant(array $output, array $rows): void
    {
        $this->assertSame($rows, self::pressing($output)->play('10 b1 1', '20 b1 0', '30 b1 1', '40 b1 0'));
        $read = Outputs::read(Node::of($output));
        $this->assertEquals($read, Outputs::read(Node::of($read->toArray())));
        $this->assertNotSame('', $read->inWords(new PlainNames));
    }

    public function test_ten_steps_of_a_tenth_come_to_exactly_one(): void
    {
        $lines = array_merge(...array_map(fn (int $i) => [(10 * $i).' b1 1', (10 * $i + 5).' b1 0'], range(1, 10)));
        $this->assertSame(
            '100 variable v 1',
            array_slice(
                self::pressing([
                    'kind' => 'step variable', 'name' => 'v', 'by' => 0.1, 'low' => 0, 'high' => 1,
                    'at_limit' => 'wraps',
                ])->play(...$lines),
                -1,
            )[0],
        );
    }

    public function test_a_dial_gives_a_layer_for_each_position_and_a_held_layer_lies_over_it(): void
    {
        $desk = Desk::plain()->layer('radio', 'b4')->saying(
            ['layers' => ['water' => ['name' => 'Water'], 'night' => ['name' => 'Night']]],
        );
        foreach (['b1' => 'base', 'b2' => 'water', 'b3' => 'night'] as $button => $layer) {
            $desk = $desk->cell('base', $button, 'follow', ['kind' => 'go to layer', 'layer' => $layer]);
        }
        $this->assertSame(
            ['10 layer live Water', '30 layer live Radio', '60 layer live Night'],
            $desk->play('0 b1 1', '10 b1 0', '10 b2 1', '30 b4 1', '40 b2 0', '50 b3 1', '60 b4 0'),
            'a change of the settled layer shows after the release',
        );
        $this->assertSame(['0 layer live Night'], $desk->play('0 b3 1'), 'a dial that is found somewhere is there');
    }

    public function test_next_and_previous_wrap_or_stop_and_come_into_the_list_from_outside(): void
    {
        $step = fn (string $direction, string $end): array => [
            'kind' => 'step layer', 'direction' => $direction, 'layers' => ['one', 'two', 'three'], 'at_end' => $end,
        ];
        $desk = fn (string $end): Desk => Desk::plain()->saying(
            ['layers' => ['one' => ['name' => 'One'], 'two' => ['name' => 'Two'], 'three' => ['name' => 'Three']]],
        )
            ->cell('base', 'b1', 'follow', $step('next', $end))->cell('base', 'b2', 'follow', $step('previous', $end));
        $lines = [
            '10 b1 1', '11 b1 0', '20 b1 1', '21 b1 0', '30 b1 1', '31 b1 0', '40 b1 1', '41 b1 0', '50 b2 1',
            '51 b2 0',
        ];
        $this->assertSame(
            [
                '10 layer live One', '20 layer live Two', '30 layer live Three', '40 layer live One',
                '50 layer live Three',
            ],
            $desk('wraps')->play(...$lines),
        );
        $this->assertSame(
            ['10 layer live One', '20 layer live Two', '30 layer live Three', '50 layer live Two'],
            $desk('stops')->play(...$lines),
        );
        $this->assertSame(['10 layer live Three'], $desk('wraps')->play('10 b2 1', '11 b2 0'));
    }

    public function test_a_flag_a_stop_and_a_variable_decide_when_the_contact_closes(): void
    {
        $desk = fn (array $when): Desk => Desk::plain()->saying([
            'flags' => ['armed' => ['name' => 'Armed']],
            'stops' => ['s' => ['name' => 'S', 'axes' => ['d/a'], 'at' => 0.5, 'opens' => 'held']],
            'cells' => [
                'base' => [
                    'd/b1' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 1]],
                        'when' => $when,
                    ],
                ],
            ],
        ])->axis('base', 'a', ['kind' => 'axis', 'number' => 1])
            ->cell('base', 'b2', 'follow', ['kind' => 'flag', 'flag' => 'armed'])->cell(
                'base',
                'b3',
                'follow',
                ['kind' => 'open stop', 'stop' => 's'],
            );
        $only = fn (array $rows): array => array_values(
            array_filter($rows, fn (string $row) => str_contains($row, 'button')),
        );
        $this->assertSame(
            ['30 button 1 1', '50 button 1 0'],
            $only($desk(['flag' => 'armed', 'is' => 'up'])->play(
                '10 b1 1',
                '20 b1 0',
                '25 b2 1',
                '30 b1 1',
                '40 b2 0',
                '50 b1 0',
            )),
            'the release goes where the press went',
        );
        $this->assertSame(
            ['10 button 1 1', '20 button 1 0'],
            $only(
                $desk(['flag' => 'armed', 'is' => 'down'])->play('10 b1 1', '20 b1 0', '25 b2 1', '30 b1 1', '50 b1 0'),
            ),
        );
        $this->assertSame(
            ['30 button 1 1', '50 button 1 0'],
            $only($desk(['stop' => 's', 'is' => 'open'])->play('10 b1 1', '20 b1 0', '25 b3 1', '30 b1 1', '50 b1 0')),
        );
        $this->assertSame(
            ['30 button 1 1', '50 button 1 0'],
            $only($desk(['variable' => 'gear', 'is' => '≥', 'to' => 1])->play(
                '10 b1 1',
                '20 b1 0',
                '25 sim/gear 1',
                '30 b1 1',
                '50 b1 0',
            )),
        );
        $this->expectExceptionMessage('cells.base.d/b1.when.flag: found "none", expected a flag of the set');
        $this->expectException(FormatError::class);
        $desk(['flag' => 'none', 'is' => 'up'])->assembled();
    }

    public function test_two_sources_hold_a_flag_until_both_let_go(): void
    {
        $desk = Desk::plain()->saying(['flags' => ['f' => ['name' => 'F']]])->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'flag', 'flag' => 'f'],
        )->cell('base', 'b2', 'toggle', ['kind' => 'flag', 'flag' => 'f']);
        $this->assertSame(
            ['10 flag f 1', '50 flag f 0'],
            $desk->play('10 b1 1', '20 b2 1', '25 b2 0', '30 b1 0', '50 b2 1'),
        );
    }

    public function test_a_contact_that_chatters_is_debounced(): void
    {
        $desk = self::pressing(['kind' => 'button', 'number' => 1])->saying(
            ['controls' => ['d' => ['b1' => ['debounce_ms' => 20]]]],
        );
        $this->assertSame(
            ['100 button 1 1', '200 button 1 0'],
            $desk->play('100 b1 1', '103 b1 0', '106 b1 1', '200 b1 0', '204 b1 1', '209 b1 0'),
            'the first change counts at once, what comes within the time is ignored',
        );
        $this->assertSame(
            ['100 button 1 1', '120 button 1 0', '140 button 1 1'],
            $desk->play('100 b1 1', '105 b1 0', '125 b1 1'),
            'at its end the true state is taken, and that starts a new time',
        );
        $this->assertSame(
            ['0 button 1 1', '5 button 1 0'],
            $desk->play('0 b1 1', '5 b1 0'),
            'what is found starts none',
        );
    }

    public function test_let_go_of_everything_ends_what_is_held_and_lets_pulses_finish(): void
    {
        $desk = Desk::plain()->layer('water', 'b2')->cell('base', 'b1', 'toggle', ['kind' => 'button', 'number' => 1])
            ->cell('base', 'b3', ['kind' => 'pulse', 'width_ms' => 50], ['kind' => 'button', 'number' => 3])
            ->cell(
                'base',
                's.up',
                [
                    'kind' => 'repeat', 'delay_ms' => 100, 'period_ms' => 100, 'width_ms' => 10,
                    'while' => 'until pressed again',
                ],
                ['kind' => 'button', 'number' => 4],
            )
            ->cell('base', 'b4', 'follow', ['kind' => 'let go of everything']);
        $this->assertSame(
            [
                '10 button 1 1', '20 layer live Water', '30 button 3 1', '40 button 4 1', '50 button 4 0',
                '50 layer live Base', '50 button 1 0', '80 button 3 0',
            ],
            $desk->play('10 b1 1', '15 b1 0', '20 b2 1', '30 b3 1', '40 s.up 1', '50 b4 1', '60 b4 0', '70 b2 0'),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'a lamp that is not there' => [
            ['kind' => 'lamp', 'lamp' => 'd/none'], 'lamp: found "d/none", expected a lamp of a device of the rig',
        ];
        yield 'a layer that is not there' => [
            ['kind' => 'go to layer', 'layer' => 'none'], 'layer: found "none", expected a layer of the set',
        ];
        yield 'a step of nothing' => [
            ['kind' => 'step variable', 'name' => 'v', 'by' => 0, 'low' => 0, 'high' => 1],
            'by: found 0, expected a step up or down',
        ];
        yield 'a swap with itself' => [
            ['kind' => 'swap variable', 'name' => 'v', 'first' => 1, 'second' => 1],
            'second: found 1, expected another value than the first',
        ];
        yield 'a list of one layer' => [
            ['kind' => 'step layer', 'direction' => 'next', 'layers' => ['base']],
            'layers: found a list of 1, expected two or more layers, each once',
        ];
    }

    /** @param array<string, mixed> $output */
    #[DataProvider('bad')]
    public function test_an_output_that_leads_nowhere_is_refused(array $output, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        self::pressing($output)->assembled();
    }

    public function test_a_variable_begins_as_the_game_does(): void
    {
        $variable = fn (string $id, float $low, float $high, array $more = []): array => [
            'id' => $id, 'name' => $id, 'group' => 'all', 'low' => $low, 'high' => $high,
        ] + $more;
        $step = fn (string $name, float $by, float $low, float $high): array => [
            'kind' => 'step variable', 'name' => $name, 'by' => $by, 'low' => $low, 'high' => $high,
        ];
        $desk = Desk::plain()->playing([
            'format' => 'nailrod-catalogue', 'version' => 1, 'id' => 'game', 'name' => 'Game', 'vehicle' => 'Cart',
            'frame_us' => 16667, 'sees' => ['buttons' => 8, 'axes' => 2], 'groups' => [
                ['id' => 'all', 'name' => 'All'],
            ], 'actions' => [],
            'variables' => [
                'channel' => ['name' => 'Channel', 'group' => 'all', 'low' => 1, 'high' => 99, 'start' => 7],
                'altimeter' => ['name' => 'Altimeter', 'group' => 'all', 'low' => 950, 'high' => 1050, 'start' => 1013],
                'mooring' => ['name' => 'Mooring', 'group' => 'all', 'low' => 0, 'high' => 1, 'start' => 1],
                'flaps' => ['name' => 'Flaps', 'group' => 'all', 'low' => 2, 'high' => 5],
            ],
        ])->cell(
            'base',
            'b1',
            'pulse',
            $step('channel', 1, 1, 99),
            $step('altimeter', -1, 950, 1050),
            $step('flaps', 1, 2, 5),
            $step('other', 1, -5, 5),
        )
            ->cell('base', 'b3', 'pulse', ['kind' => 'swap variable', 'name' => 'mooring', 'first' => 1, 'second' => 0])
            ->saying(['cells' => [
                'base' => [
                    'd/b2' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 2]],
                        'when' => ['variable' => 'mooring', 'is' => '=', 'to' => 1],
                    ],
                ],
            ],
                'lamps' => [
                    'l' => ['lamp' => 'd/lamp', 'while' => ['variable' => 'channel', 'from' => 7, 'to' => 7]],
                ]]);
        $this->assertSame(
            [
                '0 lamp d/lamp 1', '10 variable channel 8', '10 variable altimeter 1012', '10 variable flaps 3',
                '10 variable other 1', '10 lamp d/lamp 0', '20 button 2 1', '25 button 2 0', '30 variable mooring 0',
            ],
            $desk->play('10 b1 1', '20 b2 1', '25 b2 0', '30 b3 1', '40 b2 1'),
        );
        // How it begins was neither sent nor said: the first sending of that value gives a row.
        $this->assertSame(
            ['10 variable channel 7'],
            array_values(array_filter(
                $desk->cell(
                    'base',
                    'b4',
                    'pulse',
                    ['kind' => 'set variable', 'name' => 'channel', 'to' => 7],
                )->play('10 b4 1'),
                fn (string $row) => str_contains($row, 'variable'),
            )),
        );
    }
}
