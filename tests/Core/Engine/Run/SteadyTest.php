<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Steady;
use Nailrod\Core\Rig\Device\AxisInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** Steadying: single spikes left out, small movements held. */
final class SteadyTest extends TestCase
{
    /** @param array<string, mixed> $steady */
    private static function desk(array $steady, string $axis = 'a'): Desk
    {
        return Desk::plain()->axis('base', $axis, ['kind' => 'axis', 'number' => 1])->saying(
            ['axes' => ['d/'.$axis => ['steady' => $steady]]],
        );
    }

    /** @return list<string> */
    private static function sent(Desk $desk, string ...$lines): array
    {
        return array_map(function (string $row): string {
            [$t, , , $value] = explode(' ', $row);

            return $t.' '.round((int) $value * 1000 / 65535);
        }, $desk->play(...$lines));
    }

    public function test_a_single_spike_is_left_out(): void
    {
        $this->assertSame(
            ['0 100', '15 102', '25 104'],
            self::sent(
                self::desk(['spikes' => true]),
                '0 a 100',
                '5 a 900',
                '10 a 100',
                '15 a 102',
                '20 a 104',
                '25 a 104',
            ),
        );
    }

    public function test_with_no_newer_reading_for_20_ms_the_last_one_is_taken(): void
    {
        $this->assertSame(
            ['0 100', '25 900', '50 100'],
            self::sent(self::desk(['spikes' => true]), '0 a 100', '5 a 900', '30 a 100'),
        );
    }

    public function test_after_that_all_three_readings_are_the_last_one(): void
    {
        $this->assertSame(
            ['0 100', '20 300', '41 200', '110 500'],
            self::sent(
                self::desk(['spikes' => true]),
                '0 a 100',
                '10 a 300',
                '20 a 300',
                '40 a 200',
                '41 a 200',
                '100 a 900',
                '110 a 500',
                '130 a 500',
            ),
        );
    }

    public function test_small_movements_are_held_and_the_hand_is_followed_past_them(): void
    {
        $this->assertSame(
            ['0 500', '4 551', '6 499'],
            self::sent(
                self::desk(['hold' => 0.05]),
                '0 a 500',
                '1 a 540',
                '2 a 460',
                '3 a 549',
                '4 a 551',
                '5 a 502',
                '6 a 499',
            ),
        );
    }

    public function test_the_ends_and_the_middle_of_a_centred_axis_are_always_taken(): void
    {
        $this->assertSame(
            ['0 30', '1 0', '2 60'],
            self::sent(self::desk(['hold' => 0.05]), '0 a 30', '1 a 0', '2 a 60', '3 a 20'),
        );
        $this->assertSame(
            ['0 480', '1 500', '3 560'],
            self::sent(self::desk(['hold' => 0.05], 'c'), '0 c 480', '1 c 500', '2 c 530', '3 c 560'),
        );
    }

    public function test_it_says_what_it_does(): void
    {
        $this->assertSame(
            'A single reading that jumps is left out, movements up to 1.5 % are held.',
            Steady::read(
                Node::of(['hold' => 0.015, 'spikes' => true]),
                new AxisInput('d/a', '', 1, 0, 9, false),
            )->inWords(false),
        );
        $this->assertSame('', Steady::none()->inWords(false));
    }

    public function test_spike_filters_due_at_one_instant_are_taken_in_the_order_of_the_rig_before_other_timers(): void
    {
        $spikes = ['steady' => ['spikes' => true]];
        $desk = Desk::plain()->axis(
            'base',
            'a',
            ['kind' => 'axis', 'number' => 1],
        )->axis('base', 'b', ['kind' => 'axis', 'number' => 2])->saying(
            ['axes' => ['d/a' => $spikes, 'd/b' => $spikes]],
        )
            ->cell('base', 'b1', ['kind' => 'pulse', 'width_ms' => 20], ['kind' => 'button', 'number' => 1]);
        $this->assertSame(
            ['30 axis 1 65535', '30 axis 2 65535', '30 button 1 0'],
            array_slice($desk->play('0 a 0', '0 b 0', '10 b1 1', '10 b 1000', '10 a 1000'), -3),
        );
    }

    public function test_exactly_the_hold_band_is_held_in_both_directions(): void
    {
        // 0.5 and 0.25 are exact, so that it is the limit itself that is met.
        $this->assertSame(
            ['0 500', '20 751'],
            self::sent(self::desk(['hold' => 0.25]), '0 a 500', '10 a 750', '20 a 751'),
        );
        $this->assertSame(
            ['0 500', '20 249'],
            self::sent(self::desk(['hold' => 0.25]), '0 a 500', '10 a 250', '20 a 249'),
        );
    }
}
