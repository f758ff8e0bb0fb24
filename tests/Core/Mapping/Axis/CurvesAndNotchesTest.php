<?php

declare(strict_types=1);

namespace Tests\Core\Mapping\Axis;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Curve;
use Nailrod\Core\Mapping\Axis\Expo;
use Nailrod\Core\Mapping\Axis\Notches;
use Nailrod\Core\Mapping\Axis\PointCurve;
use Nailrod\Core\Mapping\Axis\Range;
use Nailrod\Core\Mapping\Axis\Rotation;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\StartingShape;
use Nailrod\Core\Rig\Device\AxisInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Point curves, notches and the rotation of wheels against figures that were worked by hand. */
final class CurvesAndNotchesTest extends TestCase
{
    private static function axis(bool $centred = false): AxisInput
    {
        return new AxisInput('d/a', '', 1, 0, 65535, $centred);
    }

    /** @return iterable<string, array{list<array{float, float}>, float, float}> */
    public static function points(): iterable
    {
        // Secants 0.4 and 1.6, so tangents 0.4, 1.0, 1.6; alpha² + beta² is 7.25 and 1.39, so none is scaled.
        $bent = [[0.0, 0.0], [0.5, 0.2], [1.0, 1.0]];
        yield 'a quarter: 0.1 + 0.5·0.25·(0.4·0.5 - 1.0·0.5)' => [$bent, 0.25, 0.0625];
        yield 'three quarters: 0.6 + 0.125·(1.0·0.5 - 1.6·0.5)' => [$bent, 0.75, 0.5625];
        yield 'on a point' => [$bent, 0.5, 0.2];
        // Secants 5 and 1/9, tangents 5, 2.5556, 0.1111; on the right alpha is 23, so both are scaled by 3/sqrt(530) =
        // 0.130312.
        $steep = [[0.0, 0.0], [0.1, 0.5], [1.0, 0.6]];
        yield 'a scaled piece: 0.55 + 0.225·0.5·(0.333019 - 0.014479)' => [$steep, 0.55, 0.5858358];
        // The tangent in the middle is 0.333019 by then: 0.25 + 0.1·0.25·0.5·(5 - 0.333019)
        yield 'the piece before a scaled one' => [$steep, 0.05, 0.3083373];
        // Secants 1.25, 0, 1.25: the level piece makes both its tangents 0.
        $level = [[0.0, 0.0], [0.4, 0.5], [0.6, 0.5], [1.0, 1.0]];
        yield 'before a level piece: 0.25 + 0.4·0.25·1.25·0.5' => [$level, 0.2, 0.3125];
        yield 'on the level piece' => [$level, 0.47, 0.5];
        yield 'after it: 0.75 - 0.0625' => [$level, 0.8, 0.6875];
        $short = [[0.2, 0.1], [0.8, 0.9]];
        yield 'level below the first point' => [$short, 0.1, 0.1];
        yield 'level above the last point' => [$short, 0.9, 0.9];
        yield 'two points are a straight line' => [$short, 0.35, 0.3];
    }

    /** @param list<array{float, float}> $points */
    #[DataProvider('points')]
    public function test_a_curve_through_points_gives_the_worked_figures(array $points, float $in, float $out): void
    {
        $this->assertEqualsWithDelta(
            $out,
            Curve::read(Node::of(['kind' => 'points', 'points' => $points]), self::axis())->stage->apply($in),
            2e-7,
        );
    }

    public function test_starting_shapes_fit_an_axis_that_is_centred_or_one_that_is_not(): void
    {
        $centred = array_keys(StartingShape::fitting(true));
        $plain = array_keys(StartingShape::fitting(false));
        $this->assertContains('flaps', $plain);
        $this->assertNotContains('flaps', $centred);
        foreach (StartingShape::all() as $id => $shape) {
            $this->assertSame(
                [$shape->centred !== false, $shape->centred !== true],
                [in_array($id, $centred, true), in_array($id, $plain, true)],
                $id,
            );
        }
    }

    public function test_the_kinds_of_curve(): void
    {
        $this->assertInstanceOf(
            PointCurve::class,
            Curve::read(Node::of(['kind' => 'points', 'points' => [[0, 0], [1, 1]]]), self::axis(true))->stage,
        );
        $this->assertInstanceOf(
            Expo::class,
            Curve::read(Node::of(['kind' => 'expo', 'k' => 0.2]), self::axis(true))->stage,
        );
        $this->assertTrue(Curve::read(Node::of(['kind' => 'straight']), self::axis(true))->isStraight());
        $this->assertSame(0.37, Curve::read(null, self::axis())->stage->apply(0.37));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badCurves(): iterable
    {
        yield 'one point' => [
            ['kind' => 'points', 'points' => [[0, 0]]], 'curve.points: found a list of 1, expected 2 to 16 points',
        ];
        yield 'x not rising' => [
            ['kind' => 'points', 'points' => [[0, 0], [0.4, 0.2], [0.4, 0.5]]],
            'curve.points[2][0]: found 0.4, expected a number above that of the point before, 0.4',
        ];
        yield 'y falling' => [
            ['kind' => 'points', 'points' => [[0, 0.3], [1, 0.2]]],
            'curve.points[1][1]: found 0.2, expected a number not below that of the point before, 0.3',
        ];
        yield 'no pair' => [
            ['kind' => 'points', 'points' => [[0, 0], [1]]],
            'curve.points[1]: found a list of 1, expected a pair of numbers, across and up',
        ];
        yield 'another kind' => [
            ['kind' => 'wavy'], 'curve.kind: found "wavy", expected one of straight, expo, points',
        ];
    }

    /** @param array<string, mixed> $curve */
    #[DataProvider('badCurves')]
    public function test_a_curve_that_is_none_is_refused_with_its_place(array $curve, string $message): void
    {
        $this->expectExceptionMessage($message);
        $this->expectException(FormatError::class);
        Curve::read(Node::of($curve, 'curve'), self::axis());
    }

    /** @return iterable<string, array{list<float>, float, float, float, float, float}> places, width, range, in, out */
    public static function flat(): iterable
    {
        yield 'on the way to the first: 0.1 of 0.2 is half of 0.25' => [[0.25, 0.75], 0.05, 0.0, 1.0, 0.1, 0.125];
        yield 'at the edge of its capture' => [[0.25, 0.75], 0.05, 0.0, 1.0, 0.2, 0.25];
        yield 'past its middle' => [[0.25, 0.75], 0.05, 0.0, 1.0, 0.29, 0.25];
        yield 'half way between two' => [[0.25, 0.75], 0.05, 0.0, 1.0, 0.5, 0.5];
        yield 'a quarter of the way between two: 0.25 + 0.25·0.5' => [[0.25, 0.75], 0.05, 0.0, 1.0, 0.4, 0.375];
        yield 'on the way to the high end' => [[0.25, 0.75], 0.05, 0.0, 1.0, 0.9, 0.875];
        yield 'a notch at the low end: (0.55 - 0.1)/0.9' => [[0.0], 0.1, 0.0, 1.0, 0.55, 0.5];
        yield 'the range is the outer end: 0.2 + (0.3 - 0.2)/(0.45 - 0.2)·0.3' => [[0.5], 0.05, 0.2, 0.9, 0.3, 0.32];
        yield 'and the other one: 0.5 + (0.72 - 0.55)/(0.9 - 0.55)·0.4' => [[0.5], 0.05, 0.2, 0.9, 0.72, 0.694285714];
    }

    /** @param list<float> $at */
    #[DataProvider('flat')]
    public function test_flat_notches_give_the_worked_figures(
        array $at,
        float $width,
        float $low,
        float $high,
        float $in,
        float $out,
    ): void {
        $range = Range::read(Node::of(['low' => $low, 'high' => $high]), self::axis());
        $this->assertEqualsWithDelta(
            $out,
            Notches::read(
                Node::of(['kind' => 'flat', 'at' => $at, 'width' => $width]),
                self::axis(),
                $range,
            )->apply($in),
            1e-9,
        );
    }

    public function test_stepped_notches_move_past_one_midpoint_at_a_time_by_the_hysteresis(): void
    {
        $notches = Notches::read(
            Node::of(['kind' => 'stepped', 'at' => [0, 0.25, 0.5, 0.75, 1], 'hysteresis' => 0.02]),
            self::axis(),
            Range::whole(),
        );
        $this->assertSame(0, $notches->step(null, 0.125), 'the lower on a tie');
        $this->assertSame(1, $notches->step(null, 0.126));
        $this->assertSame(0, $notches->step(0, 0.145), 'not past 0.125 + 0.02');
        $this->assertSame(1, $notches->step(0, 0.146));
        $this->assertSame(1, $notches->step(1, 0.105), 'not past 0.125 - 0.02');
        $this->assertSame(0, $notches->step(1, 0.104));
        $this->assertSame(4, $notches->step(0, 1.0));
        $this->assertSame(3, $notches->step(4, 0.61), 'past 0.875 by more than 0.02, not past 0.625 by it');
        $this->assertSame(2, $notches->step(4, 0.6));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badNotches(): iterable
    {
        yield 'captures touch' => [
            ['kind' => 'flat', 'at' => [0.2, 0.3], 'width' => 0.05],
            'notches.at[1]: found 0.3, expected a place whose capture of 0.05 either side does not touch that of the '
                .'one before, at 0.2',
        ];
        yield 'outside the range' => [
            ['kind' => 'stepped', 'at' => [0.05, 0.5]],
            'notches.at[0]: found 0.05, expected a place within the range, 0.1 to 0.9',
        ];
        yield 'not rising' => [
            ['kind' => 'stepped', 'at' => [0.5, 0.5]],
            'notches.at[1]: found 0.5, expected a place above the one before, 0.5',
        ];
        yield 'none' => [['kind' => 'flat', 'at' => []], 'notches.at: found a list of 0, expected 1 to 32 places'];
    }

    /** @param array<string, mixed> $part */
    #[DataProvider('badNotches')]
    public function test_notches_that_cannot_be_are_refused(array $part, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        Notches::read(
            Node::of($part, 'notches'),
            self::axis(),
            Range::read(Node::of(['low' => 0.1, 'high' => 0.9]), self::axis()),
        );
    }

    public function test_a_wheel_of_1080_degrees_used_for_480_reaches_full_lock_at_240_either_way(): void
    {
        $wheel = new AxisInput('d/w', '', 1, 0, 1080, true, 1080);
        $shaping = Shaping::read($wheel, ['rotation' => Node::of(['used' => 480])]);
        // 540 is straight on, so 300 and 780 are 240 degrees to either side.
        $this->assertEqualsWithDelta(
            [0.0, 0.0, 0.25, 0.5, 0.75, 1.0, 1.0],
            array_map($shaping->travel(...), [0, 300, 420, 540, 660, 780, 1080]),
            1e-12,
        );
        $this->assertSame([0.0, 1.0], [$shaping->travel(300), $shaping->travel(780)]);
        $this->assertGreaterThan(0.0, $shaping->travel(301));
        $this->assertLessThan(1.0, $shaping->travel(779));
        $this->assertSame(
            'Full lock is reached at 240 degrees either way: 480 of 1080 degrees are used.',
            $shaping->rotation->inWords(true),
        );
    }

    public function test_rotation_is_for_wheels(): void
    {
        $other = new AxisInput('d/w', '', 1, 0, 900, true);
        $this->assertSame(
            [0.0, 1.0],
            array_map(
                Shaping::read($other, ['rotation' => Node::of(['used' => 450, 'degrees' => 900])])->travel(...),
                [225, 675],
            ),
            'one whose file says no degrees can be told them',
        );
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage(
            'rotation.used: found 540, expected no rotation, since the axis is not that of a wheel.',
        );
        Rotation::read(Node::of(['used' => 540], 'rotation'), new AxisInput('d/a', '', 1, 0, 9, false));
    }

    public function test_the_whole_chain_in_its_order(): void
    {
        $shaping = Shaping::read(new AxisInput('d/a', '', 1, 0, 1000, false), Node::of([
            'calibrate' => [
                'low' => 0, 'high' => 1000, 'reverse' => true,
            ], 'dead_zones' => ['low' => 0.1, 'high' => 0.1],
            'curve' => [
                'kind' => 'points', 'points' => [[0, 0], [0.5, 0.2], [1, 1]],
            ], 'range' => ['low' => 0.2, 'high' => 1],
            'notches' => ['kind' => 'flat', 'at' => [0.6], 'width' => 0.1],
        ])->map());
        // 300 -> turned round 0.7 -> (0.7 - 0.1)/0.8 = 0.75 -> 0.5625 -> 0.2 + 0.8·0.5625 = 0.65 -> the notch holds
        // it: 0.6
        $this->assertEqualsWithDelta(0.65, $shaping->shape($shaping->travel(300)), 1e-9);
        $this->assertSame(0.6, $shaping->value(300));
        // 500 -> 0.5 -> 0.2 -> 0.36 -> (0.36 - 0.2)/(0.5 - 0.2) of 0.4 above 0.2: 0.413333
        $this->assertEqualsWithDelta(0.41333333, $shaping->value(500), 1e-8);
        $this->assertSame(0.2, $shaping->restValue());
    }

    public function test_an_axis_that_is_built_has_no_readings_to_shape(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage(
            'steady: found an object, expected no such part, since this axis is built from others',
        );
        Shaping::read(
            new AxisInput('made/x', '', 0, 0, 65535, false, built: true),
            ['steady' => Node::of(['hold' => 0.1], 'steady')],
        );
    }

    public function test_they_say_what_they_do(): void
    {
        $this->assertSame(
            'Through 3 points: 0 % gives 0 %, 50 % gives 20 %, 100 % gives 100 %.',
            PointCurve::read(Node::of(['kind' => 'points', 'points' => [[0, 0], [0.5, 0.2], [1, 1]]]))->inWords(false),
        );
        $this->assertSame(
            'Sends only 0 %, 50 %, 100 %; it changes 2 % past the middle between two.',
            Notches::read(Node::of(['kind' => 'stepped', 'at' => [0, 0.5, 1]]), self::axis())->inWords(false),
        );
        $this->assertSame(
            'Settles at 30 % within 4 % either side.',
            Notches::read(Node::of(['kind' => 'flat', 'at' => [0.3], 'width' => 0.04]), self::axis())->inWords(false),
        );
        $this->assertSame('', Notches::none()->inWords(false));
    }
}
