<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Survey;

use Nailrod\Core\Engine\Survey\AxisReport;
use Nailrod\Core\Engine\Survey\ShapeProposal;
use Nailrod\Core\Engine\Survey\Sweep;
use Nailrod\Core\Engine\Survey\SweepPhase;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Rig\Device\AxisInput;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SweepTest extends TestCase
{
    private const STEP_MS = 10;

    private int $ms = 0;

    protected function setUp(): void
    {
        mt_srand(7);
        $this->ms = 0;
    }

    private static function rudder(): AxisInput
    {
        return (new Hands('sedge'))->rig->axes['sedge/rudder'];
    }

    private static function lever(): AxisInput
    {
        return new AxisInput('d/a', 'A', 1, 0, 65535, false);
    }

    /** A hand takes an axis from one reading to another within a time; every reading trembles. */
    private function move(Sweep $sweep, float $from, float $to, int $ms, int $noise = 0, ?callable $bend = null): void
    {
        for ($i = 0; $i <= $ms; $i += self::STEP_MS) {
            $reading = $from + ($to - $from) * $i / $ms;
            $reading = $bend === null ? $reading : $bend($reading);
            $sweep->take((int) round($reading) + ($noise === 0 ? 0 : mt_rand(-$noise, $noise)), 1000 * $this->ms);
            $this->ms += self::STEP_MS;
        }
    }

    private function next(Sweep $sweep, AxisInput $axis): string
    {
        $sweep->next($axis, 1000 * $this->ms);

        return $sweep->complaint;
    }

    /** The whole sweep of an axis between two readings; the slow pass can be bent by a fault of the axis. */
    private function sweep(
        AxisInput $axis,
        float $low,
        float $rest,
        float $high,
        int $noise,
        ?callable $bend = null,
    ): Sweep {
        $sweep = new Sweep($axis->ref, (int) $rest, 0);
        $this->move($sweep, $rest, $rest, 2500, $noise);
        $this->assertSame('', $this->next($sweep, $axis));
        $this->move($sweep, $rest, $low, 500, $noise);
        $this->move($sweep, $low, $low, 1000, $noise);
        $this->assertSame('', $this->next($sweep, $axis));
        $this->move($sweep, $low, $high, 700, $noise);
        $this->move($sweep, $high, $high, 1000, $noise);
        $this->assertSame('', $this->next($sweep, $axis));
        $this->move($sweep, $high, $low, 3500, $noise, $bend);
        $this->move($sweep, $low, $high, 3500, $noise, $bend);
        $this->assertSame('', $this->next($sweep, $axis));
        $this->assertTrue($sweep->isDone);

        return $sweep;
    }

    public function test_sedges_rudder_is_measured_and_by_the_proposal_reaches_its_ends_and_rests(): void
    {
        $axis = self::rudder();
        $sweep = $this->sweep($axis, 491, 1904, 3317, 44);
        $report = AxisReport::of($sweep, $axis);
        $this->assertEqualsWithDelta(491, $report->low, 8);
        $this->assertEqualsWithDelta(3317, $report->high, 8);
        $this->assertEqualsWithDelta(1904, $report->rest, 8);
        $this->assertEqualsWithDelta(0.69, $report->share(), 0.005);
        $this->assertGreaterThan(10, $report->jitter);
        $this->assertGreaterThan($report->jitter, $report->peak);
        $this->assertLessThanOrEqual(60, $report->peak);
        $this->assertSame([[], [], 0], [$report->flats, $report->jumps, $report->spikes]);

        $proposal = ShapeProposal::of($report, $sweep);
        $before = $proposal->figures(Shaping::read($axis, []));
        $after = $proposal->figures($proposal->shaping([]));
        $this->assertGreaterThan(0.1, $before['low']);
        $this->assertLessThan(0.83, $before['high']);
        $this->assertGreaterThan(0.01, $before['rest_to'] - $before['rest_from']);
        $this->assertSame(['low' => 0.0, 'high' => 1.0, 'rest_from' => 0.5, 'rest_to' => 0.5], $after);
        $this->assertStringContainsString('69 % of what the device can report', $proposal->reasons['calibrate']);
    }

    public function test_an_axis_that_is_mounted_the_other_way_round_is_turned(): void
    {
        $sweep = $this->sweep(self::lever(), 60000, 60000, 3000, 0);
        $report = AxisReport::of($sweep, self::lever());
        $this->assertTrue($report->isReversed());
        $proposal = ShapeProposal::of($report, $sweep);
        $this->assertSame(['low' => 3000, 'high' => 60000, 'reverse' => true], $proposal->parts['calibrate']);
        $this->assertNull($proposal->parts['steady']);
        $this->assertNull($proposal->parts['dead_zones']);
        $after = $proposal->figures($proposal->shaping([]));
        $this->assertSame([0.0, 1.0], [$after['low'], $after['high']]);
    }

    public function test_a_wheel_keeps_its_rotation(): void
    {
        $wheel = (new Hands('rowan'))->rig->axes['rowan/wheel'];
        $sweep = $this->sweep($wheel, 400, 32768, 65200, 20);
        $proposal = ShapeProposal::of(AxisReport::of($sweep, $wheel), $sweep);
        $this->assertArrayNotHasKey('rotation', $proposal->parts);
        $this->assertSame(
            ['low' => 0.0, 'high' => 1.0, 'rest_from' => 0.5, 'rest_to' => 0.5],
            $proposal->figures($proposal->shaping([])),
        );
    }

    public function test_single_spikes_do_not_move_the_ends_and_bring_the_spike_filter(): void
    {
        $spiked = function (float $reading): float {
            static $n = 0;

            return ++$n % 150 === 0 ? 65000.0 : $reading;
        };
        $sweep = new Sweep('d/a', 1000, 0);
        foreach (
            [
                [1000, 1000, 2500], [1000, 1000, 1500], [1000, 40000, 400], [40000, 40000, 1100], [40000, 1000, 3500],
                [1000, 40000, 3500],
            ] as $i => [$from, $to, $ms]
        ) {
            $this->move($sweep, $from, $to, $ms, 0, $i === 2 ? null : $spiked);
            if ($i !== 2 && $i !== 4) {
                $this->assertSame('', $this->next($sweep, self::lever()));
            }
        }
        $report = AxisReport::of($sweep, self::lever());
        $this->assertSame([1000, 40000], [$report->low, $report->high]);
        $this->assertGreaterThanOrEqual(8, $report->spikes);
        $this->assertSame(['spikes' => true], ShapeProposal::of($report, $sweep)->parts['steady']);
    }

    public function test_flat_spots_and_jumps_are_found_where_they_are_both_ways(): void
    {
        $flat = fn (float $reading): float => $reading > 20000 && $reading < 28000 ? 20000 : $reading;
        $report = AxisReport::of($this->sweep(self::lever(), 1000, 1000, 60000, 0, $flat), self::lever());
        $this->assertNotSame([], $report->flats);
        $this->assertEqualsWithDelta(20000, $report->flats[0], 1500);
        $this->assertEqualsWithDelta(24000, $report->jumps[0], 4500);
        $even = AxisReport::of($this->sweep(self::lever(), 1000, 1000, 60000, 0), self::lever());
        $this->assertSame([[], []], [$even->flats, $even->jumps]);
    }

    public function test_the_resolution_is_what_the_readings_really_take(): void
    {
        $coarse = fn (float $reading): float => 64 * round($reading / 64);
        $sweep = new Sweep('d/a', 0, 0);
        foreach (
            [
                [0, 0, 2500], [0, 0, 1500], [0, 64000, 400], [64000, 64000, 1100], [64000, 0, 3500], [0, 64000, 3500],
            ] as $i => [$from, $to, $ms]
        ) {
            $this->move($sweep, $from, $to, $ms, 0, $coarse);
            if ($i !== 2 && $i !== 4) {
                $this->assertSame('', $this->next($sweep, self::lever()));
            }
        }
        $report = AxisReport::of($sweep, self::lever());
        $this->assertSame(64, $report->step);
        $this->assertEqualsWithDelta(9.97, $report->bits(), 0.01);
    }

    public function test_drift_at_rest_is_measured(): void
    {
        $sweep = new Sweep('d/a', 30000, 0);
        $this->move($sweep, 30000, 30900, 3000);
        $this->assertSame('', $this->next($sweep, self::lever()));
        $this->assertEqualsWithDelta(600, $sweep->trace(SweepPhase::Rest)->drift(), 30);
    }

    public function test_what_was_too_short_moved_or_jerky_is_told_apart_and_asked_for_again(): void
    {
        $axis = self::rudder();
        $sweep = new Sweep($axis->ref, 2000, 0);
        $this->move($sweep, 2000, 2000, 900, 10);
        $this->assertSame('That was 0.9 s; it takes 2 s at least. Once more.', $this->next($sweep, $axis));
        $this->move($sweep, 1000, 3000, 2500, 10);
        $this->assertMatchesRegularExpression(
            '/^It moved over 4\d % of its range while it should rest\./',
            $this->next($sweep, $axis),
        );
        $this->assertSame(SweepPhase::Rest, $sweep->phase);
        $this->move($sweep, 2000, 2000, 2500, 10);
        $this->assertSame('', $this->next($sweep, $axis));
        $this->move($sweep, 2000, 2100, 1500, 10);
        $this->assertMatchesRegularExpression(
            '/^It is only \d % of its range away from rest\./',
            $this->next($sweep, $axis),
        );
        $this->move($sweep, 2000, 500, 1500, 10);
        $this->assertMatchesRegularExpression('/^It was not held still/', $this->next($sweep, $axis));
        $this->move($sweep, 500, 500, 1500, 10);
        $this->assertSame('', $this->next($sweep, $axis));
        $this->move($sweep, 500, 600, 300, 10);
        $this->move($sweep, 600, 600, 1300, 10);
        $this->assertMatchesRegularExpression(
            '/^It is only \d % of its range away from the low end\./',
            $this->next($sweep, $axis),
        );
        $this->move($sweep, 3000, 3000, 1500, 10);
        $this->assertSame('', $this->next($sweep, $axis));
        $this->move($sweep, 3000, 1500, 3500, 10);
        $this->assertMatchesRegularExpression('/^It went over \d\d % of the way only\./', $this->next($sweep, $axis));
        $this->move($sweep, 3000, 500, 150, 10);
        $this->move($sweep, 500, 500, 3500, 10);
        $this->assertMatchesRegularExpression(
            '/^That was jerky: \d+ % of the way in 0\.\d s\./',
            $this->next($sweep, $axis),
        );
        $this->move($sweep, 500, 3000, 3500, 10);
        $this->assertSame('', $this->next($sweep, $axis));
        $this->assertTrue($sweep->isDone);
    }

    public function test_a_reading_from_before_it_began_says_where_the_axis_stands_and_is_no_movement(): void
    {
        $sweep = new Sweep('d/a', 65000, 1_000_000);
        $sweep->take(30000, 990_000);
        $this->ms = 1000;
        $this->move($sweep, 30000, 30000, 2500, 10);
        $this->assertSame('', $this->next($sweep, self::lever()), 'it rested, whatever was read of it before');
        $this->assertLessThanOrEqual(20, AxisReport::of($sweep, self::lever())->measured->peak ?? 0);
        $this->assertEqualsWithDelta(0, $sweep->trace(SweepPhase::Rest)->drift(), 20);
    }

    /** The same hand, with nobody who says that a step is done: it is looked every 150 ms, as the rig does. */
    private function works(Sweep $sweep, AxisInput $axis, float $from, float $to, int $ms, int $noise = 0): void
    {
        for ($left = $ms; $left > 0; $left -= 150) {
            $part = min(150, $left);
            [$a, $b] = [
                $from + ($to - $from) * ($ms - $left) / $ms, $from + ($to - $from) * ($ms - $left + $part) / $ms,
            ];
            $this->move($sweep, $a, $b, $part, $noise);
            $sweep->goOn($axis, 1000 * $this->ms);
        }
    }

    #[TestWith([0])]
    #[TestWith([40])]
    #[TestWith([400])]
    public function test_it_goes_on_when_a_step_has_what_it_needs_and_gives_what_it_gives_by_hand(int $noise): void
    {
        $axis = self::lever();
        $sweep = new Sweep($axis->ref, 30_000, 0);
        // It is still let go of when it begins; what was then is no part of its rest.
        $this->works($sweep, $axis, 45_000, 30_000, 900, $noise);
        $this->works($sweep, $axis, 30_000, 30_000, 1500, $noise);
        $this->assertSame(SweepPhase::Rest, $sweep->phase);
        $this->works($sweep, $axis, 30_000, 30_000, 900, $noise);
        $this->assertSame(SweepPhase::Low, $sweep->phase);
        $this->works($sweep, $axis, 30_000, 30_000, 6000, $noise);
        $this->assertSame(
            SweepPhase::Low,
            $sweep->phase,
            'in the middle of its way it has no low end, however long it stands',
        );
        $this->works($sweep, $axis, 30_000, 2000, 1500, $noise);
        $this->assertSame(SweepPhase::Low, $sweep->phase, 'while it moves it is not there yet');
        $this->works($sweep, $axis, 2000, 2000, 1300, $noise);
        $this->assertSame(SweepPhase::High, $sweep->phase);
        $this->works($sweep, $axis, 2000, 2000, 4000, $noise);
        $this->assertSame(SweepPhase::High, $sweep->phase);
        $this->works($sweep, $axis, 2000, 63_000, 1000, $noise);
        $this->works($sweep, $axis, 63_000, 63_000, 1300, $noise);
        $this->assertSame(SweepPhase::Slow, $sweep->phase);
        $this->works($sweep, $axis, 63_000, 2000, 3500, $noise);
        $this->works($sweep, $axis, 2000, 2000, 1500, $noise);
        $this->assertFalse($sweep->isDone, 'it has not come back');
        $this->works($sweep, $axis, 2000, 63_000, 3500, $noise);
        $this->works($sweep, $axis, 63_000, 63_000, 1000, $noise);
        $this->assertTrue($sweep->isDone, $sweep->complaint);
        $report = AxisReport::of($sweep, $axis);
        $this->assertEqualsWithDelta(
            [2000, 63_000, 30_000],
            [$report->low, $report->high, $report->rest],
            1.5 * $noise + 1,
        );
    }

    public function test_a_lever_that_lies_at_its_low_end_need_not_be_moved_there_but_has_time_to(): void
    {
        $axis = self::lever();
        $sweep = new Sweep($axis->ref, 812, 0);
        $this->works($sweep, $axis, 812, 812, 2250);
        $this->assertSame(SweepPhase::Low, $sweep->phase);
        $this->works($sweep, $axis, 812, 812, 2400);
        $this->assertSame(SweepPhase::Low, $sweep->phase);
        $this->works($sweep, $axis, 812, 812, 900);
        $this->assertSame(SweepPhase::High, $sweep->phase);
        // Of a centred axis no end is where it rests.
        $this->ms = 0;
        $rudder = self::rudder();
        $sweep = new Sweep($rudder->ref, $rudder->min, 0);
        $this->works($sweep, $rudder, $rudder->min, $rudder->min, 9000);
        $this->assertSame(SweepPhase::Low, $sweep->phase);
    }

    public function test_a_jerky_pass_is_asked_for_again_by_itself(): void
    {
        $axis = self::lever();
        $sweep = new Sweep($axis->ref, 812, 0);
        $this->works($sweep, $axis, 812, 812, 6000);
        $this->works($sweep, $axis, 812, 64_000, 800);
        $this->works($sweep, $axis, 64_000, 64_000, 1300);
        $this->works($sweep, $axis, 64_000, 812, 300);
        $this->works($sweep, $axis, 812, 64_000, 3000);
        $this->works($sweep, $axis, 64_000, 64_000, 1000);
        $this->assertFalse($sweep->isDone);
        $this->assertStringContainsString('That was jerky', $sweep->complaint);
        $this->works($sweep, $axis, 64_000, 812, 3300);
        $this->works($sweep, $axis, 812, 64_000, 3300);
        $this->works($sweep, $axis, 64_000, 64_000, 1000);
        $this->assertTrue($sweep->isDone);
        $this->assertFalse($sweep->goOn($axis, 1000 * $this->ms), 'what is done goes nowhere');
    }
}
