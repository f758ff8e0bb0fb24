<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\CurveFit;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Rig\Device\AxisInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CurveFitTest extends TestCase
{
    /** @param array<string, mixed> $parts */
    private static function shaping(array $parts, bool $centred = false): Shaping
    {
        return Shaping::read(
            new AxisInput('d/a', '', 1, 0, 1000, $centred),
            array_map(fn (array $part) => Node::of($part), $parts),
        );
    }

    public function test_when_i_press_this_hard_send_60_percent(): void
    {
        $parts = ['dead_zones' => ['low' => 0.1, 'high' => 0.1], 'range' => ['low' => 0, 'high' => 0.8]];
        $points = (new CurveFit(self::shaping($parts)))->sending(0.7, 0.6, false);
        // (0.7 - 0.1)/0.8 = 0.75 across, 0.6/0.8 = 0.75 up
        $this->assertSame([[0.0, 0.0], [0.75, 0.75], [1.0, 1.0]], $points);
        $fitted = self::shaping($parts + ['curve' => ['kind' => 'points', 'points' => $points]]);
        $this->assertEqualsWithDelta(0.6, $fitted->shape(0.7), 1e-6);
    }

    public function test_a_second_wish_keeps_the_first_unless_it_contradicts(): void
    {
        $first = (new CurveFit(self::shaping([])))->sending(0.5, 0.2, false);
        $with = fn (array $points): CurveFit => new CurveFit(
            self::shaping(['curve' => ['kind' => 'points', 'points' => $points]]),
        );
        $this->assertSame([[0.0, 0.0], [0.5, 0.2], [0.8, 0.6], [1.0, 1.0]], $with($first)->sending(0.8, 0.6, false));
        $this->assertSame(
            [[0.0, 0.0], [0.8, 0.1], [1.0, 1.0]],
            $with($first)->sending(0.8, 0.1, false),
            '0.5 gave 0.2 already, which is more',
        );
        $this->assertSame(
            [[0.0, 0.0], [0.51, 0.3], [1.0, 1.0]],
            $with($first)->sending(0.51, 0.3, false),
            'a wish near a point takes its place',
        );
    }

    public function test_a_centred_axis_is_alike_on_both_sides_if_wanted(): void
    {
        $fit = new CurveFit(self::shaping([], true));
        $this->assertSame([[0.0, 0.0], [0.2, 0.3], [0.5, 0.5], [0.8, 0.7], [1.0, 1.0]], $fit->sending(0.8, 0.7, true));
        $this->assertSame([[0.0, 0.0], [0.5, 0.5], [0.8, 0.7], [1.0, 1.0]], $fit->sending(0.8, 0.7, false));
    }

    public function test_a_point_can_be_put_on_the_line_without_moving_it(): void
    {
        $fit = new CurveFit(self::shaping(['curve' => ['kind' => 'expo', 'k' => 0.5]]));
        // 0.5·x + 0.5·x³ at the quarters
        $this->assertSame([[0.0, 0.0], [0.25, 0.1328], [0.5, 0.3125], [0.75, 0.5859], [1.0, 1.0]], $fit->points());
        $this->assertSame([0.6, 0.408], $fit->withPointAt(0.6)[3]);
        $this->assertSame(
            [0.125, 0.0635],
            $fit->withPointAt(0.505)[1],
            'near a point it goes into the widest gap instead, the first of several',
        );
    }

    /** @return iterable<string, array{float, float, string}> */
    public static function impossible(): iterable
    {
        yield 'outside the range' => [0.7, 0.9, 'sends: found 90 %, expected something within the range, 0 % to 80 %'];
        yield 'in the dead zone' => [
            0.05, 0.4,
            'where the hand is: found 5 %, expected a place between rest and the end, outside the dead zones',
        ];
    }

    #[DataProvider('impossible')]
    public function test_what_no_curve_can_do_is_refused(float $travel, float $sent, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        (
            new CurveFit(self::shaping(['dead_zones' => ['low' => 0.1], 'range' => ['low' => 0, 'high' => 0.8]]))
        )->sending($travel, $sent, false);
    }

    public function test_what_is_put_beside_others_goes_where_it_is_wished_or_into_the_widest_gap(): void
    {
        $this->assertSame(0.5, CurveFit::apart(0.5, [], 0.02));
        $this->assertSame(0.5, CurveFit::apart(0.5, [0.48, 0.52], 0.02), 'just far enough');
        $this->assertSame(0.745, CurveFit::apart(0.5, [0.49], 0.02));
        $this->assertSame(0.25, CurveFit::apart(0.5, [0.5], 0.02), 'the first of two equal gaps');
        $this->assertSame(0.3, CurveFit::apart(0.6, [0.6, 0.9], 0.02), 'from the low end to the first');
        $this->assertSame(0.75, CurveFit::apart(0.2, [0.2, 0.5], 0.02), 'from the last to the high end');
    }

    public function test_the_ends_of_the_range_can_be_wished_for(): void
    {
        $fit = new CurveFit(self::shaping(['range' => ['low' => 0.1, 'high' => 0.9]]));
        $this->assertSame([[0.0, 0.0], [0.5, 1.0], [1.0, 1.0]], $fit->sending(0.5, 0.9, false));
        $this->assertSame([[0.0, 0.0], [0.5, 0.0], [1.0, 1.0]], $fit->sending(0.5, 0.1, false));
        $centred = new CurveFit(self::shaping([], true));
        $this->assertSame(
            [[0.0, 0.0], [0.5, 0.5], [0.8, 0.5], [1.0, 1.0]],
            $centred->sending(0.8, 0.5, false),
            'the centre value is on both sides',
        );
    }
}
