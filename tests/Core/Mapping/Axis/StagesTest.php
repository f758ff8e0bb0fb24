<?php

declare(strict_types=1);

namespace Tests\Core\Mapping\Axis;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Calibration;
use Nailrod\Core\Mapping\Axis\Curves;
use Nailrod\Core\Mapping\Axis\DeadZones;
use Nailrod\Core\Mapping\Axis\Expo;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Axis\Range;
use Nailrod\Core\Mapping\Axis\Rotation;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Rig\Device\AxisInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each stage against figures that were worked by hand. */
final class StagesTest extends TestCase
{
    private static function lever(int $min = 0, int $max = 65535, bool $centred = false): AxisInput
    {
        return new AxisInput('d/a', '', 1, $min, $max, $centred);
    }

    /** @return iterable<string, array{array<string, mixed>, bool, int, float}> */
    public static function calibrations(): iterable
    {
        yield 'low end' => [['low' => 100, 'high' => 900], false, 100, 0.0];
        yield 'a quarter' => [['low' => 100, 'high' => 900], false, 300, 0.25];
        yield 'under the low end' => [['low' => 100, 'high' => 900], false, 12, 0.0];
        yield 'over the high end' => [['low' => 100, 'high' => 900], false, 1000, 1.0];
        yield 'reversed quarter' => [['low' => 100, 'high' => 900, 'reverse' => true], false, 300, 0.75];
        yield 'rest is the middle' => [['low' => 100, 'high' => 900, 'rest' => 300], true, 300, 0.5];
        yield 'half way below rest' => [['low' => 100, 'high' => 900, 'rest' => 300], true, 200, 0.25];
        yield 'half way above rest' => [['low' => 100, 'high' => 900, 'rest' => 300], true, 600, 0.75];
        yield 'rest not measured: intdiv(100+901+1, 2) = 501' => [['low' => 100, 'high' => 901], true, 501, 0.5];
    }

    /** @param array<string, mixed> $part */
    #[DataProvider('calibrations')]
    public function test_calibration_turns_readings_into_travel(
        array $part,
        bool $centred,
        int $reading,
        float $travel,
    ): void {
        $this->assertEqualsWithDelta(
            $travel,
            Calibration::read(Node::of($part), self::lever(0, 1000, $centred))->travel($reading),
            1e-12,
        );
    }

    /** @return iterable<string, array{array<string, float>, bool, float, float}> */
    public static function deadZones(): iterable
    {
        yield 'inside the low end' => [['low' => 0.1, 'high' => 0.1], false, 0.05, 0.0];
        yield 'just at the low end' => [['low' => 0.1, 'high' => 0.1], false, 0.1, 0.0];
        yield 'the middle of what is left' => [['low' => 0.1, 'high' => 0.3], false, 0.4, 0.5];
        yield 'inside the high end' => [['low' => 0.1, 'high' => 0.1], false, 0.95, 1.0];
        yield 'rest zone of 0.05 is 10 % of a half' => [['rest' => 0.05], true, 0.55, 0.5];
        yield 'half of what is left above rest' => [['rest' => 0.05], true, 0.775, 0.75];
        yield 'half of what is left below rest' => [['rest' => 0.05], true, 0.225, 0.25];
        yield 'centred with ends' => [['low' => 0.1, 'high' => 0.2, 'rest' => 0.1], true, 0.25, 0.25];
        yield 'centred high end' => [['low' => 0.1, 'high' => 0.2, 'rest' => 0.1], true, 0.7, 0.75];
    }

    /** @param array<string, float> $part */
    #[DataProvider('deadZones')]
    public function test_dead_zones_stretch_what_is_left(array $part, bool $centred, float $in, float $out): void
    {
        $this->assertEqualsWithDelta(
            $out,
            DeadZones::read(Node::of($part), self::lever(centred: $centred))->apply($in),
            1e-12,
        );
    }

    /** @return iterable<string, array{array<string, float>, bool}> */
    public static function allDeadZones(): iterable
    {
        yield 'none' => [[], false];
        yield 'none, centred' => [[], true];
        yield 'at both ends' => [['low' => 0.12, 'high' => 0.3], false];
        yield 'about rest' => [['rest' => 0.07], true];
        yield 'all three' => [['low' => 0.05, 'high' => 0.1, 'rest' => 0.03], true];
    }

    /** @param array<string, float> $part */
    #[DataProvider('allDeadZones')]
    public function test_the_travel_of_a_value_is_that_which_gives_it(array $part, bool $centred): void
    {
        $zones = DeadZones::read(Node::of($part), self::lever(centred: $centred));
        for ($value = 0.0; $value <= 1.0; $value += 0.0625) {
            $travel = $zones->undo($value);
            $this->assertEqualsWithDelta($value, $zones->apply($travel), 1e-12, 'value '.$value);
            if ($value !== 0.5) {
                $this->assertGreaterThan(
                    1e-4,
                    abs($zones->apply($travel + ($value < 0.5 ? 0.001 : -0.001)) - $value),
                    'it begins to change there: value '.$value,
                );
            }
        }
    }

    public function test_a_zone_about_rest_is_for_centred_axes(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('rest');
        DeadZones::read(Node::of(['rest' => 0.1], 'axes.d/a.dead_zones'), self::lever());
    }

    public function test_dead_zones_that_leave_nothing_are_refused(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage(
            'axes.d/a.dead_zones: found an object, expected dead zones that leave something of the travel',
        );
        DeadZones::read(Node::of(['low' => 0.6, 'high' => 0.4], 'axes.d/a.dead_zones'), self::lever());
    }

    /** @return iterable<string, array{float, bool, float, float}> */
    public static function curves(): iterable
    {
        yield 'k = 0.5 at a half: 0.25 + 0.0625' => [0.5, false, 0.5, 0.3125];
        yield 'k = 1 at a half is the cube' => [1.0, false, 0.5, 0.125];
        yield 'k = -1 undoes the cube' => [-1.0, false, 0.125, 0.5];
        yield 'k = -0.5 undoes k = 0.5' => [-0.5, false, 0.3125, 0.5];
        yield 'k = -0.001 stays near the straight line: 0.5 + 0.000375' => [-0.001, false, 0.5, 0.50037518];
        yield 'centred, outwards from the middle' => [0.5, true, 0.75, 0.65625];
        yield 'centred, the other half' => [0.5, true, 0.25, 0.34375];
        yield 'the ends stay' => [-0.7, true, 1.0, 1.0];
    }

    #[DataProvider('curves')]
    public function test_expo_gives_the_worked_figures(float $k, bool $centred, float $in, float $out): void
    {
        $this->assertEqualsWithDelta($out, Expo::of($k, $centred)->apply($in), 1e-7);
    }

    public function test_a_negative_expo_undoes_the_positive_one_to_the_last_digits(): void
    {
        foreach ([1e-9, 1e-4, 0.01, 0.3, 0.77, 0.999, 1.0] as $k) {
            for ($x = 0.0; $x <= 1.0; $x += 0.03125) {
                $this->assertEqualsWithDelta(
                    $x,
                    Expo::of(-$k, false)->apply(Expo::of($k, false)->apply($x)),
                    2e-14 + ($k > 0.9 ? 1e-10 : 0.0),
                    "k {$k}, x {$x}",
                );
            }
        }
    }

    public function test_range_spreads_the_travel_over_a_part_of_the_output(): void
    {
        $range = Range::read(Node::of(['low' => 0.2, 'high' => 0.7]), self::lever());
        $this->assertEqualsWithDelta(0.2, $range->apply(0.0), 1e-12);
        $this->assertEqualsWithDelta(0.45, $range->apply(0.5), 1e-12);
        $this->assertSame(0.7, $range->apply(1.0));
    }

    public function test_a_range_that_ends_where_it_begins_is_refused(): void
    {
        $this->expectException(FormatError::class);
        Range::read(Node::of(['low' => 0.7, 'high' => 0.7]), self::lever());
    }

    public function test_the_stages_follow_each_other_in_their_order(): void
    {
        $shaping = Shaping::read(self::lever(0, 1000), Node::of([
            'calibrate' => ['low' => 100, 'high' => 900], 'dead_zones' => ['low' => 0.1, 'high' => 0.1],
            'curve' => ['kind' => 'expo', 'k' => 0.5], 'range' => ['low' => 0.0, 'high' => 0.8],
        ])->map());
        // 500 -> 0.5 -> dead zones 0.5 -> expo 0.3125 -> range 0.25
        $this->assertEqualsWithDelta(0.25, $shaping->value(500), 1e-12);
        // 340 -> 0.3 -> (0.3 - 0.1) / 0.8 = 0.25 -> 0.125 + 0.0078125 = 0.1328125 -> 0.10625
        $this->assertEqualsWithDelta(0.10625, $shaping->value(340), 1e-12);
        $this->assertEqualsWithDelta($shaping->value(777), $shaping->table()[777], 0.0);
    }

    public function test_the_integer_is_rounded_half_up_once(): void
    {
        $this->assertSame([0, 32768, 60292, 65535], array_map(Shaping::integer(...), [0.0, 0.5, 0.92, 1.0]));
    }

    public function test_every_stage_says_what_it_does(): void
    {
        $this->assertSame(
            '2 % at the low end, 1.5 % at the high end count for nothing.',
            DeadZones::read(Node::of(['low' => 0.02, 'high' => 0.015]), self::lever())->inWords(false),
        );
        $this->assertSame(
            '6 % each side of rest counts for nothing.',
            DeadZones::read(Node::of(['rest' => 0.03]), self::lever(centred: true))->inWords(true),
        );
        $this->assertSame('Expo 28 %: calm at the start, quicker at the end.', Expo::of(0.28, false)->inWords(false));
        $this->assertSame('Expo -30 %: quick about rest, calmer at the ends.', Expo::of(-0.3, true)->inWords(true));
        $this->assertSame('', Expo::of(0.0, true)->inWords(true));
        $this->assertSame(
            'The whole travel sends 20 % to 70 %.',
            Range::read(Node::of(['low' => 0.2, 'high' => 0.7]), self::lever())->inWords(false),
        );
        $this->assertSame(
            'Readings from 100 to 900 are the whole travel, turned round.',
            Calibration::read(
                Node::of(['low' => 100, 'high' => 900, 'reverse' => true]),
                self::lever(),
            )->inWords(false),
        );
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function tooNarrow(): iterable
    {
        $calibration = fn (int $low, int $high) => fn () => Calibration::read(
            Node::of(['low' => $low, 'high' => $high]),
            self::lever(0, 1000),
        );
        yield 'a range of no width' => [
            fn () => Range::read(Node::of(['low' => 0.5, 'high' => 0.5]), self::lever()),
            'expected a high end above the low end',
        ];
        yield 'calibrated to one reading' => [$calibration(500, 501), 'expected a whole number from 502 to 1000'];
        yield 'calibrated at the very end' => [$calibration(999, 1000), 'expected a whole number from 0 to 998'];
        yield 'two points above each other' => [
            fn () => Curves::read(Node::of(['kind' => 'points', 'points' => [[0, 0], [0.5, 0.2], [0.5, 0.4], [1, 1]]])),
            'expected a number above that of the point before, 0.5',
        ];
        yield 'a first point that is not the first' => [
            fn () => Curves::read(Node::of(['kind' => 'points', 'points' => [[0.5, 0], [0.5, 0.4], [1, 1]]])),
            'expected a number above that of the point before, 0.5',
        ];
        yield 'a point lower than the one before' => [
            fn () => Curves::read(Node::of(['kind' => 'points', 'points' => [[0, 0], [0.5, 0.6], [0.7, 0.4], [1, 1]]])),
            'expected a number not below that of the point before, 0.6',
        ];
    }

    #[DataProvider('tooNarrow')]
    public function test_what_has_no_width_is_refused(callable $read, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        $read();
    }

    public function test_the_least_that_a_calibration_can_span_is_taken(): void
    {
        $this->assertSame(
            [0.0, 0.5, 1.0],
            array_map(
                Calibration::read(Node::of(['low' => 998, 'high' => 1000]), self::lever(0, 1000))->travel(...),
                [998, 999, 1000],
            ),
        );
    }

    public function test_exactly_at_a_stop_is_not_past_it_from_either_side(): void
    {
        $stop = fn (string $side): Stop => Stop::read(
            's',
            Node::of(['name' => 'S', 'axes' => ['d/a'], 'at' => 0.5, 'side' => $side, 'opens' => 'held']),
        );
        $this->assertSame([false, true], [$stop('above')->isPast(0.5), $stop('above')->isPast(0.501)]);
        $this->assertSame([false, true], [$stop('below')->isPast(0.5), $stop('below')->isPast(0.499)]);
    }

    public function test_rotation_is_offered_for_the_axis_of_a_wheel_only(): void
    {
        $this->assertTrue(Rotation::isOffered(new AxisInput('d/w', '', 1, 0, 1000, true, 900)));
        $this->assertFalse(Rotation::isOffered(self::lever()));
        $this->assertFalse(Rotation::isOffered(new AxisInput('made/w', '', 1, 0, 1000, true, 900, built: true)));
    }

    public function test_the_whole_travel_sends_exactly_the_high_end(): void
    {
        for ($low = 0; $low < 100; $low++) {
            for ($high = $low + 1; $high <= 100; $high++) {
                $this->assertSame(
                    (float) ($high / 100),
                    Range::read(Node::of(['low' => $low / 100, 'high' => $high / 100]), self::lever())->apply(1.0),
                );
            }
        }
        $this->assertSame(
            [0.333333, 0.666667, 0.015],
            [Percent::part(33.3333339), Percent::partAt(33.3333339, true), Percent::partBy(3.0, true)],
        );
    }
}
