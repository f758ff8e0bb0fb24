<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Behaviour\ShortLongDouble;
use Nailrod\Core\Mapping\Behaviour\Ticks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** Behaviours that do something later, with inputs and outputs written out in time (ms). */
final class LaterBehavioursTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    /** @return list<string> only what begins: "MS TARGET" */
    private static function begun(Desk $desk, string ...$lines): array
    {
        return array_values(array_map(
            fn (string $row) => implode(' ', [explode(' ', $row)[0], explode(' ', $row)[2]]),
            array_filter($desk->play(...$lines), fn (string $row) => str_ends_with($row, ' 1')),
        ));
    }

    public function test_a_repeat_after_450_ms_at_eight_a_second(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            ['kind' => 'repeat', 'delay_ms' => 450, 'period_ms' => 125, 'width_ms' => 60],
            self::button(1),
        );
        $this->assertSame(
            [
                '100 button 1 1', '160 button 1 0', '550 button 1 1', '610 button 1 0', '675 button 1 1',
                '735 button 1 0', '800 button 1 1', '860 button 1 0',
            ],
            $desk->play('100 b1 1', '920 b1 0'),
        );
        $this->assertSame(
            ['100 1', '550 1', '675 1', '800 1'],
            self::begun($desk, '100 b1 1', '801 b1 0'),
            'at the end a running pulse finishes',
        );
    }

    public function test_a_latched_repeat_goes_on_until_it_is_pressed_again(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            [
                'kind' => 'repeat', 'delay_ms' => 200, 'period_ms' => 200, 'width_ms' => 50,
                'while' => 'until pressed again',
            ],
            self::button(1),
        );
        $this->assertSame(['10 1', '210 1', '410 1'], self::begun($desk, '10 b1 1', '20 b1 0', '500 b1 1', '510 b1 0'));
        $this->assertSame([], self::begun($desk, '0 b1 1', '500 b2 1'), 'one that is found pressed does not repeat');
    }

    public function test_a_cycle_of_seven_steps_wraps_and_starts_again_after_idle_time(): void
    {
        $seven = array_map(self::button(...), range(1, 7));
        $press = fn (int ...$times): array => array_merge(
            ...array_map(fn (int $t) => [$t.' b1 1', ($t + 20).' b1 0'], $times),
        );
        $desk = Desk::plain()->cell('base', 'b1', ['kind' => 'cycle', 'width_ms' => 30, 'idle_ms' => 2000], ...$seven);
        $this->assertSame(
            ['100 1', '200 2', '300 3', '400 4', '500 5', '600 6', '700 7', '800 1', '900 2', '2899 3', '4899 1'],
            self::begun($desk, ...$press(100, 200, 300, 400, 500, 600, 700, 800, 900, 2899, 4899)),
        );
        $back = Desk::plain()->cell(
            'base',
            'b1',
            ['kind' => 'cycle', 'width_ms' => 30, 'direction' => 'back'],
            ...$seven,
        );
        $this->assertSame(['100 7', '200 6', '300 5'], self::begun($back, ...$press(100, 200, 300)));
    }

    public function test_the_place_of_a_cycle_is_kept_over_layers_and_edits(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            ['kind' => 'cycle', 'width_ms' => 30],
            self::button(1),
            self::button(2),
            self::button(3),
        )->layer('water', 'b2');
        $this->assertSame(
            ['100 1', '400 2'],
            self::begun(
                $desk->nothing('water', 'b1'),
                '100 b1 1',
                '120 b1 0',
                '200 b2 1',
                '250 b1 1',
                '270 b1 0',
                '300 b2 0',
                '400 b1 1',
            ),
        );
        $program = $desk->program();
        $machine = Machine::start($program);
        $machine->feed(Desk::inputs('100 b1 1', '120 b1 0', '200 b2 0'));
        [$swapped] = Swap::to(
            $desk->cell('base', 'b3', 'follow', self::button(9))->program(),
            $program,
            $machine->state,
        );
        $this->assertSame(['300 button 2 1'], Desk::rows($swapped->feed(Desk::inputs('300 b1 1'))));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>, list<string>}> */
    public static function taps(): iterable
    {
        $all = ['short' => 0, 'long' => 1, 'double' => 2, 'long_ms' => 500, 'double_ms' => 300, 'width_ms' => 60];
        yield 'a short waits for what could be a double' => [
            $all, ['100 b1 1', '200 b1 0'], ['500 button 1 1', '560 button 1 0'],
        ];
        yield 'a double is sent at the second press, its hold counts for nothing' => [
            $all, ['100 b1 1', '200 b1 0', '350 b1 1', '1500 b1 0'], ['350 button 3 1', '410 button 3 0'],
        ];
        yield 'a second press just too late is another short' => [
            $all, ['100 b1 1', '200 b1 0', '500 b1 1', '550 b1 0'],
            ['500 button 1 1', '560 button 1 0', '850 button 1 1', '910 button 1 0'],
        ];
        yield 'a long is on from t1 until the release' => [
            $all, ['100 b1 1', '900 b1 0'], ['600 button 2 1', '900 button 2 0'],
        ];
        yield 'a release at t1 is a long already' => [
            $all, ['100 b1 1', '600 b1 0'], ['600 button 2 1', '600 button 2 0'],
        ];
        yield 'after a double the next press is a new one' => [
            $all, ['100 b1 1', '200 b1 0', '350 b1 1', '400 b1 0', '450 b1 1', '460 b1 0'],
            ['350 button 3 1', '410 button 3 0', '760 button 1 1', '820 button 1 0'],
        ];
        $noDouble = array_diff_key($all, ['double' => 0]);
        yield 'without a double a short is sent at once' => [
            $noDouble, ['100 b1 1', '200 b1 0'], ['200 button 1 1', '260 button 1 0'],
        ];
        $noLong = array_diff_key($all, ['long' => 0]);
        yield 'without a long every release is a short' => [
            $noLong, ['100 b1 1', '2100 b1 0'], ['2400 button 1 1', '2460 button 1 0'],
        ];
        yield 'what is found pressed is none of them' => [$all, ['0 b1 1', '200 b1 0', '900 b1 0'], []];
    }

    /**
     * @param array<string, mixed> $behaviour
     * @param list<string>         $lines
     * @param list<string>         $rows
     */
    #[DataProvider('taps')]
    public function test_short_long_and_double(array $behaviour, array $lines, array $rows): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            ['kind' => 'short/long/double'] + $behaviour,
            self::button(1),
            self::button(2),
            self::button(3),
        );
        $this->assertSame($rows, $desk->play(...$lines));
    }

    public function test_every_tick_has_its_pulse_and_none_overlaps_another(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'e.plus',
            ['kind' => 'ticks', 'width_ms' => 20, 'gap_ms' => 10, 'most_waiting' => 2],
            self::button(1),
        )
            ->cell('base', 'e.minus', ['kind' => 'ticks', 'width_ms' => 20, 'gap_ms' => 10], self::button(2));
        $this->assertSame(
            [
                '100 button 1 1', '120 button 1 0', '130 button 1 1', '150 button 1 0', '160 button 1 1',
                '180 button 1 0', '400 button 2 1', '420 button 2 0',
            ],
            $desk->play('0 e 3', '100 e 2', '110 e 1', '400 e -1'),
        );
    }

    public function test_what_would_wait_beyond_the_limit_is_dropped_and_counted(): void
    {
        $machine = Machine::start(
            Desk::plain()->cell(
                'base',
                'e.plus',
                ['kind' => 'ticks', 'width_ms' => 20, 'gap_ms' => 10, 'most_waiting' => 2],
                self::button(1),
            )->program(),
        );
        $begun = $machine->feed(Desk::inputs('100 b1 0', '100 e 8'));
        $this->assertSame([5], array_values($machine->state->ticks->dropped), 'one at once, two wait');
        $this->assertCount(3, array_filter([...$begun, ...$machine->finish()], fn ($event) => $event->value === 1));
    }

    public function test_fast_turning_sends_the_coarse_output(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'e.plus',
            ['kind' => 'ticks', 'width_ms' => 5, 'gap_ms' => 5, 'coarse_above' => 20],
            self::button(1),
            self::button(2),
        );
        // Five ticks in 200 ms are 25 a second; a tick exactly 200 ms old no longer counts.
        $this->assertSame(
            ['100 1', '140 1', '180 1', '220 1', '260 2', '300 2', '440 1'],
            self::begun($desk, '50 b2 0', '100 e 1', '140 e 1', '180 e 1', '220 e 1', '260 e 1', '300 e 1', '440 e 1'),
        );
    }

    public function test_an_encoder_at_60_ticks_a_second_reaches_a_game_that_looks_60_times_a_second(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'e.plus',
            ['kind' => 'ticks', 'width_ms' => 17, 'gap_ms' => 17, 'most_waiting' => 1000],
            self::button(1),
        );
        $lines = array_map(fn (int $i) => (100 + round(1000 * $i / 60, 3)).' e 1', range(0, 59));
        $rows = $desk->play('1 b1 0', ...$lines);
        $seen = 0;
        $on = false;
        for ($frame = 0; $frame < 250; $frame++) {
            $now = $on;
            foreach ($rows as $row) {
                if ((float) explode(' ', $row)[0] <= $frame * 16.6667) {
                    $now = str_ends_with($row, ' 1');
                }
            }
            $seen += (int) ($now && ! $on);
            $on = $now;
        }
        $this->assertSame(60, $seen);
    }

    public function test_a_tick_flips_a_toggle_and_follow_is_for_what_acts_once(): void
    {
        $toggle = Desk::plain()->cell('base', 'e.plus', 'toggle', self::button(1));
        $this->assertSame(['100 button 1 1', '100 button 1 0', '100 button 1 1'], $toggle->play('1 b2 0', '100 e 3'));
        $steps = Desk::plain()->cell(
            'base',
            'e.plus',
            'follow',
            ['kind' => 'step variable', 'name' => 'trim', 'by' => 0.1, 'low' => 0, 'high' => 1],
        );
        $this->assertSame(
            ['100 variable trim 0.1', '100 variable trim 0.2', '100 variable trim 0.3'],
            $steps->play('1 b2 0', '100 e 3'),
        );
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('expected another behaviour than follow, since a tick is over at once');
        Desk::plain()->cell('base', 'e.plus', 'follow', self::button(1))->assembled();
    }

    public function test_a_device_that_is_unplugged_lets_go_of_what_it_toggled_and_of_its_repeats(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', 'toggle', ['kind' => 'key', 'code' => 'KeyB'])
            ->cell(
                'base',
                'b2',
                [
                    'kind' => 'repeat', 'while' => 'until pressed again', 'delay_ms' => 100, 'period_ms' => 100,
                    'width_ms' => 20,
                ],
                self::button(2),
            )
            ->cell(
                'base',
                'b3',
                ['kind' => 'short/long/double', 'short' => 0, 'long' => 1, 'long_ms' => 100],
                self::button(3),
                self::button(4),
            );
        $machine = Machine::start($desk->program());
        $machine->feed(Desk::inputs('10 b1 1', '20 b1 0', '30 b2 1', '40 b2 0', '50 b3 1', '155 b4 0'));
        $this->assertSame(['155 key KeyB 0', '155 button 4 0'], Desk::rows($machine->unplug('d')));
        $this->assertSame(
            [],
            array_filter(Desk::rows($machine->finish()), fn (string $row) => str_ends_with($row, ' 1')),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'a width as long as the period' => [
            ['kind' => 'repeat', 'period_ms' => 60, 'width_ms' => 60],
            'expected a width of less than the delay and the period, 60 ms',
        ];
        yield 'neither long nor double' => [
            ['kind' => 'short/long/double', 'short' => 0],
            'expected a "long" or a "double", the place of an output in the list',
        ];
        yield 'one output for two' => [
            ['kind' => 'short/long/double', 'short' => 0, 'long' => 0],
            'expected another output for each of short, long and double',
        ];
    }

    /** @param array<string, mixed> $behaviour */
    #[DataProvider('bad')]
    public function test_what_cannot_be_is_refused(array $behaviour, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        Desk::plain()->cell('base', 'b1', $behaviour, self::button(1), self::button(2))->assembled();
    }

    public function test_a_repeat_that_lets_go_of_everything_ends_itself(): void
    {
        $repeat = fn (string $while): array => [
            'kind' => 'repeat', 'while' => $while, 'delay_ms' => 100, 'period_ms' => 100, 'width_ms' => 20,
        ];
        foreach (['held', 'until pressed again'] as $while) {
            $desk = Desk::plain()->cell(
                'base',
                'b1',
                $repeat($while),
                ['kind' => 'let go of everything'],
                self::button(2),
            );
            $this->assertSame(
                ['10 button 2 1', '30 button 2 0', '710 button 2 1', '730 button 2 0'],
                $desk->play('10 b1 1', '600 b1 0', '710 b1 1', '900 b1 0'),
            );
        }
    }

    public function test_let_go_of_everything_ends_kind_by_kind_what_came_on_last_first(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', 'follow', self::button(1), self::button(2))
            ->cell('base', 'b2', 'toggle', self::button(3))
            ->cell('base', 'b3', ['kind' => 'short/long/double', 'long' => 0, 'long_ms' => 50], self::button(4))
            ->cell('base', 's.up', 'follow', self::button(5))
            ->cell('base', 'b4', 'follow', ['kind' => 'let go of everything']);
        $this->assertSame(
            ['200 button 5 0', '200 button 2 0', '200 button 1 0', '200 button 3 0', '200 button 4 0'],
            array_slice(
                $desk->play(
                    '10 b1 1',
                    '20 b2 1',
                    '30 b3 1',
                    '40 s.up 1',
                    '200 b4 1',
                    '300 b1 0',
                    '310 s.up 0',
                    '320 b3 0',
                ),
                -5,
            ),
        );
    }

    public function test_a_tick_that_is_on_ends_with_the_run_and_those_that_wait_never_come(): void
    {
        $machine = Machine::start(
            Desk::plain()->cell(
                'base',
                'e.plus',
                ['kind' => 'ticks', 'width_ms' => 20, 'gap_ms' => 10],
                self::button(1),
            )->program(),
        );
        $machine->feed(Desk::inputs('50 b1 0', '100 e 3'));
        $this->assertSame(['100 button 1 0'], Desk::rows($machine->letGoOfEverything(new Cause(Cause::CLOSED))));
        $this->assertSame([], $machine->finish());
    }

    public function test_exactly_at_its_speed_a_tick_is_fine_still(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'e.plus',
            ['kind' => 'ticks', 'width_ms' => 5, 'gap_ms' => 5, 'coarse_above' => 10],
            self::button(1),
            self::button(2),
        );
        // Two ticks in 200 ms are ten a second, three are fifteen.
        $this->assertSame(['100 1', '150 1', '200 2'], self::begun($desk, '50 b2 0', '100 e 1', '150 e 1', '200 e 1'));
    }

    public function test_presets_name_only_outputs_that_there_are(): void
    {
        foreach (ShortLongDouble::presets() as $words => $places) {
            $this->assertSame(range(0, count($places) - 1), array_values($places), $words);
        }
        $slow = Behaviours::read(Node::of(['kind' => 'ticks', 'coarse_above' => 0.5]));
        $this->assertSame(['slow', 'fast'], $slow instanceof Ticks ? [$slow->roleOf(0), $slow->roleOf(1)] : []);
        $this->assertSame(
            [],
            array_intersect_key($slow->toArray(), ['fine' => null, 'coarse' => null]),
            'the first and the second are not said',
        );
    }

    public function test_a_tick_exactly_200_ms_old_no_longer_counts_for_the_speed(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'e.plus',
            ['kind' => 'ticks', 'width_ms' => 5, 'gap_ms' => 5, 'coarse_above' => 9],
            self::button(1),
            self::button(2),
        );
        $this->assertSame(['100 1', '300 1', '499 2'], self::begun($desk, '50 b2 0', '100 e 1', '300 e 1', '499 e 1'));
    }
}
