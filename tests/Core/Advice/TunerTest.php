<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Nailrod\Core\Advice\Tuner;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/** The tuner's figures against figures worked by hand. Lever A and stick C read 0 to 1000, C is centred at 500. */
final class TunerTest extends TestCase
{
    /**
     * @param array<string, mixed> $shape
     * @param array<string, mixed> $sections
     */
    private static function tuner(array $shape, string $axis = 'a', array $sections = []): Tuner
    {
        return new Tuner(
            Desk::plain()->saying(['axes' => ['d/'.$axis => $shape]] + $sections)->assembled(),
            'd/'.$axis,
        );
    }

    public function test_an_axis_as_it_comes(): void
    {
        $tuner = self::tuner([]);
        $this->assertEqualsWithDelta(['rest' => 1.0, 'low' => 1.0, 'high' => 1.0], $tuner->response->gains(), 1e-6);
        $this->assertSame(1001, $tuner->response->distinct());
        $this->assertEqualsWithDelta(0.001, $tuner->response->finest(), 1e-12, 'one reading of a thousand');
        // The integer becomes 1 at 0.5/65535.
        $this->assertEqualsWithDelta(0.5 / 65535, (float) $tuner->response->fromRest(), 1e-9);
        $this->assertSame(['0 %' => null, '100 %' => null], $tuner->reached());
        $this->assertSame(0.0, $tuner->delay());
        $this->assertNull($tuner->trembling());
        $this->assertSame([], $tuner->places());
        $this->assertSame([], $tuner->notices());
    }

    public function test_dead_zones_and_expo(): void
    {
        // What is left, 0.8, is stretched by 1.25; expo 0.5 has a slope of 0.5 at the start and 0.5 + 1.5 = 2 at the
        // end.
        $tuner = self::tuner(
            ['dead_zones' => ['low' => 0.1, 'high' => 0.1], 'curve' => ['kind' => 'expo', 'k' => 0.5]],
        );
        $this->assertEqualsWithDelta(['rest' => 0.625, 'low' => 0.625, 'high' => 2.5], $tuner->response->gains(), 1e-4);
        $this->assertSame(801, $tuner->response->distinct(), 'readings 100 to 900');
        $this->assertEqualsWithDelta(0.1 + 0.5 / 65535 / 0.625, (float) $tuner->response->fromRest(), 1e-8);
    }

    public function test_a_centred_axis(): void
    {
        // 0.5 - 0.05 of each half is stretched to 0.5: 1.1111.
        $tuner = self::tuner(['dead_zones' => ['rest' => 0.05], 'steady' => ['hold' => 0.002]], 'c');
        $this->assertEqualsWithDelta(10 / 9, $tuner->response->gains()['rest'], 1e-6);
        $this->assertSame(901, $tuner->response->distinct(), 'the rest zone takes readings 450 to 550 to one value');
        $this->assertEqualsWithDelta(0.05, (float) $tuner->response->fromRest(), 2e-5);
        $this->assertSame(0.002, $tuner->response->finest(), 'the hold band is wider than one reading');
        $this->assertSame(['-100 %' => null, 'centre' => null, '+100 %' => null], $tuner->reached());
    }

    public function test_what_is_not_reached_is_told_with_where_it_is_lost(): void
    {
        $this->assertSame(
            ['0 %' => 'the range: it gives 20 % there', '100 %' => 'the range: it gives 70 % there'],
            self::tuner(['range' => ['low' => 0.2, 'high' => 0.7]])->reached(),
        );
        $this->assertSame(
            ['0 %' => 'the curve: it gives 10 % there', '100 %' => 'the notches: they give 90 % there'],
            self::tuner([
                'curve' => ['kind' => 'points', 'points' => [[0, 0.1], [1, 1]]],
                'notches' => ['kind' => 'stepped', 'at' => [0.1, 0.9]],
            ])->reached(),
        );
        $measured = [
            'measured' => ['low' => 120, 'high' => 810, 'rest' => 120, 'jitter' => 0, 'peak' => 0, 'step' => 1],
        ];
        $this->assertSame(
            ['0 %' => 'the calibration: the hand comes to 12 %', '100 %' => 'the calibration: the hand comes to 81 %'],
            self::tuner($measured)->reached(),
        );
        $this->assertSame(
            [
                '-100 %' => 'the range: it gives -20 % there', 'centre' => 'the range: it gives +40 % there',
                '+100 %' => null,
            ],
            self::tuner(['range' => ['low' => 0.4]], 'c')->reached(),
        );
    }

    public function test_five_notches_send_five_values(): void
    {
        $tuner = self::tuner(
            ['notches' => ['kind' => 'stepped', 'at' => [0, 0.25, 0.5, 0.75, 1], 'hysteresis' => 0.03]],
        );
        $this->assertSame(5, $tuner->response->distinct());
        $this->assertEqualsWithDelta(
            0.06,
            $tuner->response->finest(),
            1e-9,
            'from the hysteresis on one side of a midpoint to the other',
        );
        // 0.125 is the midpoint; from rest it is left there, whatever the hysteresis, by the nearest.
        $this->assertEqualsWithDelta(0.125, (float) $tuner->response->fromRest(), 1e-9);
    }

    public function test_a_wheel_is_as_coarse_as_the_rotation_it_uses(): void
    {
        // 500 readings a half, 1080 of 480 degrees: each is 0.001 · 2.25 of the travel.
        $this->assertEqualsWithDelta(
            0.00225,
            self::tuner(['rotation' => ['degrees' => 1080, 'used' => 480]], 'c')->response->finest(),
            1e-12,
        );
    }

    public function test_the_delay_is_one_reading_and_at_most_20_ms(): void
    {
        $delay = fn (int $interval): ?float => self::tuner(['steady' => ['spikes' => true]] + ($interval === 0 ? [] : [
            'measured' => [
                'low' => 0, 'high' => 1000, 'rest' => 0, 'jitter' => 1, 'peak' => 2, 'step' => 1,
                'interval_us' => $interval,
            ],
        ]))->delay();
        $this->assertSame([8.0, 20.0, null], [$delay(8000), $delay(40_000), $delay(0)]);
    }

    public function test_places_are_held_against_the_trembling(): void
    {
        $measured = ['low' => 0, 'high' => 1000, 'rest' => 0, 'jitter' => 1, 'peak' => 2, 'step' => 1];
        $made = fn (float $h): array => [
            'made' => [
                'cut' => ['kind' => 'below', 'name' => 'Fuel cut', 'of' => ['d/a'], 'at' => 0.04, 'hysteresis' => $h],
            ],
        ];
        $still = ['dead_zones' => ['low' => 0.01, 'high' => 0.01]];
        // It trembles by 2 readings to either side: 0.4 % of 1000.
        $this->assertSame(
            [
                [
                    'good' => true,
                    'words' =>
                        'Fuel cut: 1 % between closing and opening, it trembles over 0.4 %: it does not chatter.',
                ],
            ],
            self::tuner($still + ['measured' => $measured], 'a', $made(0.01))->places(),
        );
        $this->assertSame(
            [
                [
                    'good' => false,
                    'words' => 'Fuel cut: 0.3 % between closing and opening, it trembles over 0.4 %: it can chatter.',
                ],
            ],
            self::tuner($still + ['measured' => $measured], 'a', $made(0.003))->places(),
        );
        $this->assertSame(
            [
                [
                    'good' => true,
                    'words' => 'Fuel cut: 0.3 % between closing and opening, it stands still: it does not chatter.',
                ],
            ],
            self::tuner($still + ['measured' => $measured, 'steady' => ['hold' => 0.005]], 'a', $made(0.003))->places(),
        );
        $notches = self::tuner($still + [
            'measured' => $measured, 'notches' => ['kind' => 'stepped', 'at' => [0, 1], 'hysteresis' => 0.001],
        ])->places();
        $this->assertSame(
            [
                [
                    'good' => false,
                    'words' =>
                        'Notches: 0.2 % between going on and coming back, it trembles over 0.4 %: they can flicker.',
                ],
            ],
            $notches,
        );
        $this->assertSame(
            [
                [
                    'good' => false,
                    'words' =>
                        'Ends: 0 % wide at least, it trembles over 0.4 %: an end can be left while the hand holds it.',
                ],
            ],
            self::tuner(['measured' => $measured])->places(),
        );
        $centred = self::tuner(
            [
                'measured' => ['rest' => 500] + $measured,
                'dead_zones' => ['low' => 0.01, 'high' => 0.01, 'rest' => 0.01],
            ],
            'c',
        )->places();
        $this->assertSame([['good' => true, 'words' => 'Rest: 4 % wide, it trembles over 0.8 %: it rests.']], $centred);
    }

    public function test_a_resting_value_that_is_not_the_centre_is_pointed_out(): void
    {
        $this->assertSame(
            ['At rest it sends +40 %, not the centre.'],
            self::tuner(['range' => ['low' => 0.4]], 'c')->notices(),
        );
        $measured = ['low' => 0, 'high' => 1000, 'rest' => 520, 'jitter' => 0, 'peak' => 0, 'step' => 1];
        $this->assertSame(
            ['Let go, it comes to rest at +4 %, outside the dead zone at rest: it sends +4 % then.'],
            self::tuner(['measured' => $measured], 'c')->notices(),
        );
        $this->assertSame([], self::tuner(['measured' => $measured, 'dead_zones' => ['rest' => 0.03]], 'c')->notices());
    }

    public function test_a_curve_here_and_in_the_game_is_pointed_out(): void
    {
        $this->assertSame(
            ['Skerrywing bends Roll itself: with the curve here it is bent twice. Make one of them straight.'],
            (new Tuner(DemoSets::skerrywing(), 'gorse/stick.x'))->notices(),
        );
        $this->assertSame(
            [],
            (new Tuner(DemoSets::skerrywing(), 'gorse/twist'))->notices(),
            'the simulator leaves the rudder as it is',
        );
    }

    public function test_stops_that_hold_an_end_back_are_named(): void
    {
        $this->assertSame(
            ['Cruise above 92 %'],
            self::tuner(
                [],
                'a',
                ['stops' => ['c' => ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.92, 'opens' => 'held']]],
            )->heldBack(),
        );
    }
}
