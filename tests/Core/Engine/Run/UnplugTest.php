<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** A device goes away at the wrong moment: nothing stays on, and nothing comes on later. */
final class UnplugTest extends TestCase
{
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    /**
     * @return array{list<string>, list<string>} what unplugging sent, and what came after, until all timers have run
     */
    private static function unplugged(Desk $desk, string ...$lines): array
    {
        $machine = Machine::start($desk->program());
        $machine->feed(Desk::inputs(...$lines));

        return [Desk::rows($machine->unplug('d')), Desk::rows($machine->finish())];
    }

    public function test_within_a_debounce_time_the_key_goes_up_and_stays_up(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'key', 'code' => 'KeyB'],
        )->saying(['controls' => ['d' => ['b1' => ['debounce_ms' => 50]]]]);
        $this->assertSame([['40 key KeyB 0'], []], self::unplugged($desk, '10 b1 1', '20 b1 0', '30 b1 1', '40 b2 0'));
    }

    public function test_a_press_that_a_chord_delays_never_comes(): void
    {
        $repeat = [
            'kind' => 'repeat', 'while' => 'until pressed again', 'delay_ms' => 100, 'period_ms' => 100,
            'width_ms' => 20,
        ];
        foreach (['toggle', $repeat, 'follow'] as $behaviour) {
            $desk = Desk::plain()->cell('base', 'b1', $behaviour, self::button(1))
                ->saying([
                    'chords' => [
                        'base' => [
                            'both' => [
                                'name' => 'Both', 'of' => ['d/b1', 'd/b2'], 'within_ms' => 50,
                                'outputs' => [self::button(9)],
                            ],
                        ],
                    ],
                ]);
            $this->assertSame([[], []], self::unplugged($desk, '10 b1 1', '20 b3 0'));
        }
    }

    public function test_a_late_release_that_is_on_its_way_stays_due_and_what_came_late_ends_at_once(): void
    {
        $desk = Desk::plain()
            ->cell('base', 'b1', 'follow', self::button(1))
            ->cell('base', 'b2', 'follow', self::button(2))
            ->saying([
                'chords' => [
                    'base' => [
                        'both' => [
                            'name' => 'Both', 'of' => ['d/b1', 'd/b2'], 'within_ms' => 50,
                            'outputs' => [self::button(9)],
                        ],
                    ],
                ],
            ]);
        $this->assertSame([[], ['120 button 1 0']], self::unplugged($desk, '10 b1 1', '70 b1 0', '80 b3 0'));
        $this->assertSame([['80 button 1 0'], []], self::unplugged($desk, '10 b1 1', '80 b3 0'));
        $this->assertSame([['80 button 9 0'], []], self::unplugged($desk, '10 b1 1', '20 b2 1', '80 b3 0'));
    }

    public function test_kind_by_kind_what_came_on_last_goes_off_first_and_pulses_on_release_are_sent_last(): void
    {
        $desk = Desk::plain()->saying([
            'macros' => [
                'm' => [
                    'name' => 'M', 'on_release' => 'stop',
                    'steps' => [['do' => 'press', 'output' => self::button(7)], ['do' => 'wait', 'ms' => 900]],
                ],
            ],
        ])
            ->cell('base', 'b1', 'follow', self::button(1), self::button(2))
            ->cell('base', 'b2', ['kind' => 'pulse', 'on' => 'release', 'width_ms' => 10], self::button(3))
            ->cell('base', 'b3', 'toggle', self::button(4))
            ->cell('base', 'b4', 'follow', self::button(5))
            ->saying(['cells' => ['base' => ['d/s.up' => ['behaviour' => ['kind' => 'macro', 'macro' => 'm']]]]]);
        $this->assertSame(
            [
                ['60 button 7 0', '60 button 5 0', '60 button 2 0', '60 button 1 0', '60 button 4 0', '60 button 3 1'],
                ['70 button 3 0'],
            ],
            self::unplugged($desk, '10 b1 1', '20 b2 1', '30 b3 1', '40 b4 1', '50 s.up 1', '60 a 0'),
        );
    }

    public function test_a_pending_short_or_double_is_dropped(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            ['kind' => 'short/long/double', 'short' => 0, 'double' => 1, 'double_ms' => 200],
            self::button(1),
            self::button(2),
        );
        $this->assertSame([[], []], self::unplugged($desk, '10 b1 1', '20 b1 0', '30 b2 0'));
    }

    public function test_an_axis_of_a_device_that_is_away_does_not_move_the_mouse_when_a_layer_changes(): void
    {
        $desk = Desk::plain()->saying(['layers' => ['water' => ['name' => 'Water']]])->cell(
            'base',
            'b1',
            'toggle',
            ['kind' => 'hold layer', 'layer' => 'water'],
        )
            ->axis(
                'base',
                'c',
                ['kind' => 'mouse movement', 'direction' => 'x', 'speed' => 500],
            )->nothing('water', 'c');
        $machine = Machine::start($desk->program());
        $machine->feed(Desk::inputs('0 c 1000', '5 b1 1'));
        $this->assertSame(['5 layer live Base'], Desk::rows($machine->unplug('d')));
        $this->assertSame([], Desk::rows($machine->finish()));
    }
}
