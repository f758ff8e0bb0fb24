<?php

declare(strict_types=1);

namespace Tests\Core\Mapping\Made;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Made\Directions;
use Nailrod\Core\Mapping\Made\EightDirections;
use Nailrod\Core\Mapping\Made\MadeKinds;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** Contacts that are made from axes, worked in time. Lever A reads 0 to 1000, stick C as well, centred at 500. */
final class MadeContactsTest extends TestCase
{
    /** @param array<string, mixed> $made */
    private static function desk(array $made, string ...$parts): Desk
    {
        $desk = Desk::plain()->saying(['made' => ['x' => $made + ['name' => 'X', 'of' => ['d/a']]]]);
        foreach ($parts as $i => $part) {
            $desk = $desk->saying([
                'cells' => [
                    'base' => [
                        'made/x'.$part => [
                            'behaviour' => ['kind' => 'follow'],
                            'outputs' => [['kind' => 'button', 'number' => (int) $i + 1]],
                        ],
                    ],
                ],
            ]);
        }

        return $desk;
    }

    public function test_above_closes_at_its_place_and_opens_below_the_hysteresis(): void
    {
        $this->assertSame(
            ['10 button 1 1', '40 button 1 0', '60 button 1 1'],
            self::desk(['kind' => 'above', 'at' => 0.6, 'hysteresis' => 0.05], '')->play(
                '0 a 599',
                '10 a 600',
                '20 a 560',
                '30 a 550',
                '40 a 549',
                '50 a 599',
                '60 a 600',
            ),
        );
    }

    public function test_below_is_the_mirror_image(): void
    {
        $this->assertSame(
            ['10 button 1 1', '40 button 1 0', '60 button 1 1'],
            self::desk(['kind' => 'below', 'at' => 0.4, 'hysteresis' => 0.05], '')->play(
                '0 a 401',
                '10 a 400',
                '20 a 440',
                '30 a 450',
                '40 a 451',
                '50 a 401',
                '60 a 400',
            ),
        );
    }

    public function test_between_has_the_hysteresis_on_both_sides(): void
    {
        $this->assertSame(
            ['10 button 1 1', '30 button 1 0', '50 button 1 1', '70 button 1 0', '90 button 1 1'],
            self::desk(['kind' => 'between', 'at' => 0.4, 'to' => 0.6, 'hysteresis' => 0.05], '')->play(
                '0 a 390',
                '10 a 400',
                '20 a 650',
                '30 a 651',
                '40 a 601',
                '50 a 600',
                '60 a 350',
                '70 a 349',
                '80 a 999',
                '90 a 500',
            ),
        );
    }

    public function test_a_jump_right_over_it_closes_nothing_also_after_many_readings_on_both_sides(): void
    {
        $this->assertSame(
            ['60 button 1 1'],
            self::desk(['kind' => 'between', 'at' => 0.4, 'to' => 0.6], '')->play(
                '0 a 100',
                '10 a 900',
                '20 a 120',
                '30 a 950',
                '40 a 300',
                '50 a 700',
                '60 a 500',
            ),
        );
    }

    public function test_it_looks_at_the_travel_or_at_the_shaped_value(): void
    {
        $shaped = [
            'axes' => [
                'd/a' => [
                    'range' => ['low' => 0, 'high' => 0.5],
                    'notches' => ['kind' => 'flat', 'at' => [0.3], 'width' => 0.1],
                ],
            ],
        ];
        $this->assertSame(
            ['10 button 1 1'],
            self::desk(['kind' => 'above', 'at' => 0.3], '')->saying($shaped)->play('0 a 0', '10 a 300', '20 a 600'),
        );
        // 0.3 of 0.5 is a reading of 600: before the notch, which would pull to it from 400 on.
        $this->assertSame(
            ['30 button 1 1'],
            self::desk(
                ['kind' => 'above', 'at' => 0.3, 'looks_at' => 'shaped value'],
                '',
            )->saying($shaped)->play('0 a 0', '10 a 400', '20 a 599', '30 a 600'),
        );
    }

    public function test_the_opposite_is_a_contact_too_and_what_opens_acts_first(): void
    {
        $this->assertSame(
            ['0 button 2 1', '10 button 2 0', '10 button 1 1', '20 button 1 0', '20 button 2 1'],
            self::desk(['kind' => 'above', 'at' => 0.5], '', '.not')->play('0 a 0', '10 a 600', '20 a 100'),
        );
    }

    public function test_it_is_not_known_until_its_axis_reports_and_then_found(): void
    {
        $desk = self::desk(['kind' => 'above', 'at' => 0.5], '', '.not');
        $this->assertSame([], $desk->play('0 b1 0', '500 b1 1'), 'neither is known, so nothing holds');
        $this->assertSame(
            ['500 button 1 1', '600 button 1 0', '600 button 2 1'],
            $desk->play('0 b1 0', '500 a 700', '600 a 0'),
        );
        $toggled = Desk::plain()->saying([
            'made' => ['x' => ['kind' => 'above', 'name' => 'X', 'of' => ['d/a'], 'at' => 0.5]],
            'cells' => [
                'base' => [
                    'made/x' => [
                        'behaviour' => ['kind' => 'toggle'], 'outputs' => [['kind' => 'button', 'number' => 1]],
                    ],
                ],
            ],
        ]);
        $this->assertSame(
            ['700 button 1 1'],
            $toggled->play('500 a 700', '600 a 0', '700 a 800'),
            'a first reading is no press',
        );
    }

    public function test_the_value_is_sent_before_the_contact_changes(): void
    {
        $this->assertSame(
            ['0 axis 1 0', '10 axis 1 39321', '10 button 1 1'],
            self::desk(['kind' => 'above', 'at' => 0.5], '')->axis(
                'base',
                'a',
                ['kind' => 'axis', 'number' => 1],
            )->play('0 a 0', '10 a 600'),
        );
    }

    public function test_zones_cut_a_travel(): void
    {
        $this->assertSame(
            [
                '0 button 1 1', '20 button 1 0', '20 button 2 1', '40 button 2 0', '40 button 1 1', '50 button 1 0',
                '50 button 3 1',
            ],
            self::desk(
                ['kind' => 'zones', 'bounds' => [0.3, 0.7], 'hysteresis' => 0.02],
                '.1',
                '.2',
                '.3',
            )->play('0 a 299', '10 a 319', '20 a 320', '30 a 280', '40 a 279', '50 a 1000', '60 a 680'),
        );
        $this->assertSame(
            ['0 button 2 1'],
            self::desk(
                ['kind' => 'zones', 'bounds' => [0.3, 0.7], 'hysteresis' => 0.02],
                '.1',
                '.2',
                '.3',
            )->play('0 a 300'),
            'a first reading lies in a zone by t >= b',
        );
    }

    /** @return iterable<string, array{?int, float, float, int}> */
    public static function directions(): iterable
    {
        // x' = 2x - 1 to the right, y' = 1 - 2y upwards; sector 0 is north, 2 east; -1 is none.
        yield 'centre' => [null, 0.5, 0.5, -1];
        yield 'on the dead radius of 0.4' => [null, 0.7, 0.5, -1];
        yield 'just past it, from nowhere' => [null, 0.7001, 0.5, 2];
        yield 'past it, but not by 0.05' => [-1, 0.72, 0.5, -1];
        yield 'past it by 0.05' => [-1, 0.7251, 0.5, 2];
        yield 'north is low y' => [null, 0.5, 0.0, 0];
        yield 'south-west' => [null, 0.1, 0.9, 5];
        // tan 22.5° = 0.41421356: the edge between north and north-east belongs to the clockwise one.
        yield 'on the edge' => [null, 0.5 + 0.5 * 0.414213563, 0.0, 1];
        yield 'before the edge' => [null, 0.5 + 0.5 * 0.4142, 0.0, 0];
        // tan 27.4° = 0.51836, tan 27.6° = 0.52279
        yield 'north is left only 5 degrees past its edge' => [0, 0.5 + 0.5 * 0.51836, 0.0, 0];
        yield 'there it is left' => [0, 0.5 + 0.5 * 0.52279, 0.0, 1];
        // tan 17.6° = 0.31722, tan 17.4° = 0.31338
        yield 'and north-east is left 5 degrees before' => [1, 0.5 + 0.5 * 0.31722, 0.0, 1];
        yield 'there' => [1, 0.5 + 0.5 * 0.31338, 0.0, 0];
    }

    #[DataProvider('directions')]
    public function test_directions_have_sectors_and_edges(?int $was, float $x, float $y, int $stands): void
    {
        $this->assertSame(
            $stands,
            EightDirections::read(
                Node::of(['kind' => 'eight directions', 'name' => 'X', 'of' => ['d/x', 'd/y'], 'dead_radius' => 0.4]),
            )->next($was, [$x, $y]),
        );
    }

    public function test_four_directions_close_two_on_a_diagonal_and_eight_one(): void
    {
        $four = MadeKinds::read(Node::of(['kind' => 'four directions', 'name' => 'X', 'of' => ['d/x', 'd/y']]));
        assert($four instanceof Directions);
        $this->assertSame(
            [
                [true, false, false, false], [true, true, false, false], [true, false, false, true],
                [false, false, false, false],
            ],
            array_map($four->closed(...), [0, 1, 7, -1]),
        );
        $eight = MadeKinds::read(Node::of(['kind' => 'eight directions', 'name' => 'X', 'of' => ['d/x', 'd/y']]));
        assert($eight instanceof Directions);
        $this->assertSame([1], array_keys($eight->closed(1), true, true));
        $this->assertCount(8, $eight->contacts());
    }

    public function test_two_axes_press_directions_and_the_other_rests_until_it_reports(): void
    {
        $desk = self::desk(['kind' => 'four directions', 'of' => ['d/c', 'made/y']], '.north', '.east')
            ->saying(['made' => ['y' => ['kind' => 'difference', 'name' => 'Y', 'of' => ['d/a', 'd/b']]]]);
        // Lever B pulled makes y low, which is north; stick C to the right is east; both are the diagonal.
        $this->assertSame(
            ['0 button 2 1', '20 button 1 1', '30 button 2 0', '40 button 1 0'],
            $desk->play('0 c 1000', '20 b 1000', '30 c 500', '40 b 0'),
        );
    }

    public function test_what_is_made_from_an_axis_that_is_not_there_is_missing_and_the_rest_goes_on(): void
    {
        $set = Desk::plain()->saying([
            'made' => ['x' => ['kind' => 'above', 'name' => 'X', 'of' => ['d/gone'], 'at' => 0.5]],
            'cells' => ['base' => ['made/x' => ['nothing' => true]]],
        ])->assembled();
        $this->assertSame(['d/gone', 'made/x'], $set->missing);
        $this->assertSame([], $set->made);
    }

    public function test_an_edit_finds_thresholds_anew(): void
    {
        $before = self::desk(['kind' => 'above', 'at' => 0.5], '')->program();
        $after = self::desk(['kind' => 'above', 'at' => 0.8], '', '.not')->program();
        $machine = Machine::start($before);
        $machine->feed(Desk::inputs('0 a 700', '1 a 701'));
        [$swapped, $events] = Swap::to($after, $before, $machine->state);
        $this->assertSame(['1 button 1 0', '1 button 2 1'], Desk::rows($events));
        $this->assertSame(['5 button 2 0', '5 button 1 1'], Desk::rows($swapped->feed(Desk::inputs('5 a 800'))));
        [, $same] = Swap::to($after, $after, $swapped->state);
        $this->assertSame(['5 button 1 0', '5 button 1 1'], Desk::rows($same), 'what is held ends and is found again');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'it would never open' => [
            ['kind' => 'above', 'at' => 0.01, 'hysteresis' => 0.02],
            'made.x.at: found 0.01, expected a place from which it can open again: 0.02 below it lies beyond the end',
        ];
        yield 'two axes' => [
            ['kind' => 'above', 'at' => 0.5, 'of' => ['d/a', 'd/b']], 'made.x.of: found a list of 2, expected one axis',
        ];
        yield 'directions of levers' => [
            ['kind' => 'eight directions', 'of' => ['d/a', 'd/b']],
            'made.x.of: found a list of 2, expected two centred axes',
        ];
        yield 'bounds too near' => [
            ['kind' => 'zones', 'bounds' => [0.5, 0.51]],
            'made.x.bounds[1]: found 0.51, expected a bound at least 0.02 above the one before, 0.5',
        ];
        yield 'turned round' => [
            ['kind' => 'between', 'at' => 0.5, 'to' => 0.4], 'made.x.to: found 0.4, expected a number from 0.5 to 1',
        ];
        yield 'another kind' => [
            ['kind' => 'beside', 'at' => 0.5],
            'made.x.kind: found "beside", expected one of above, below, between, zones, four directions, eight '
                .'directions, shared travel, larger, smaller, difference, halves',
        ];
    }

    /** @param array<string, mixed> $made */
    #[DataProvider('bad')]
    public function test_what_cannot_be_made_is_refused(array $made, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        Desk::plain()->saying(['made' => ['x' => $made + ['name' => 'X', 'of' => ['d/a']]]])->assembled();
    }

    public function test_they_say_what_they_do(): void
    {
        $words = fn (array $made): string => MadeKinds::read(
            Node::of($made + ['name' => 'X', 'of' => ['d/a']]),
            'x',
        )->inWords(['Lever A', 'Lever B'], false);
        $this->assertSame(
            'Closes when the travel of Lever A comes to 4 % or below, and opens above 5 %.',
            $words(['kind' => 'below', 'at' => 0.04]),
        );
        $this->assertSame(
            'Closes when what Lever A gives after its curve comes to 92 % or above, and opens below 90 %.',
            $words(['kind' => 'above', 'at' => 0.92, 'hysteresis' => 0.02, 'looks_at' => 'shaped value']),
        );
        $this->assertSame(
            'Closes while the travel of Lever A is between 40 % and 60 %, and opens 1 % outside.',
            $words(['kind' => 'between', 'at' => 0.4, 'to' => 0.6]),
        );
        $this->assertSame(
            'Cuts the travel of Lever A at 30 %, 70 % into 3 zones; it changes 1 % past a bound.',
            $words(['kind' => 'zones', 'bounds' => [0.3, 0.7]]),
        );
        $this->assertSame(
            'Turns Lever A and Lever B into four directions, two of them on a diagonal; none within 40 % of the '
                .'centre.',
            $words(['kind' => 'four directions', 'of' => ['d/x', 'd/y']]),
        );
    }

    public function test_the_first_reading_of_a_second_axis_starts_only_what_is_a_state(): void
    {
        $desk = Desk::plain()->saying(['made' => [
            'x' => ['kind' => 'smaller', 'name' => 'X', 'of' => ['d/a', 'd/b']],
            'y' => ['kind' => 'below', 'name' => 'Y', 'of' => ['made/x'], 'at' => 0.2],
        ],
            'cells' => ['base' => [
                'made/y.not' => [
                    'behaviour' => ['kind' => 'toggle'], 'outputs' => [['kind' => 'button', 'number' => 1]],
                ],
                'made/y' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 2]]],
            ]]]);
        $this->assertSame(
            ['10 button 2 1', '20 button 2 0', '30 button 2 1', '40 button 2 0', '40 button 1 1'],
            $desk->play('10 a 900', '20 b 900', '30 b 100', '40 b 900'),
        );
    }
}
