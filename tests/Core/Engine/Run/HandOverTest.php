<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Format\FormatError;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/**
 * What becomes of the outputs of axes when the layer changes. Readings are thousandths; 500 of them are sent as 32768.
 */
final class HandOverTest extends TestCase
{
    /** @param array<string, mixed> $cell of Lever A in the layer that button 1 holds */
    private static function desk(array $cell): Desk
    {
        return Desk::plain()->layer('water', 'b1')->saying(['cells' => [
            'base' => ['d/a' => ['outputs' => [['kind' => 'axis', 'number' => 1]]]],
            'water' => ['d/a' => $cell],
        ]]);
    }

    /** @return list<string> */
    private static function sent(Desk $desk, string ...$lines): array
    {
        return array_values(array_filter($desk->play(...$lines), fn (string $row) => ! str_contains($row, 'layer')));
    }

    public function test_the_old_output_keeps_its_value_and_the_new_one_takes_the_position_at_once(): void
    {
        $this->assertSame(
            ['0 axis 1 32768', '10 axis 2 32768', '20 axis 2 65535', '30 axis 1 65535', '40 axis 1 0', '50 axis 2 0'],
            self::sent(
                self::desk(['outputs' => [['kind' => 'axis', 'number' => 2]]]),
                '0 a 500',
                '10 b1 1',
                '20 a 1000',
                '30 b1 0',
                '40 a 0',
                '50 b1 1',
            ),
        );
    }

    public function test_it_returns_to_rest_if_the_assignment_says_so(): void
    {
        $this->assertSame(
            ['0 axis 1 32768', '10 axis 2 32768', '20 axis 2 65535', '30 axis 2 0', '30 axis 1 65535'],
            self::sent(
                self::desk(['outputs' => [['kind' => 'axis', 'number' => 2]], 'leaving' => 'return to rest']),
                '0 a 500',
                '10 b1 1',
                '20 a 1000',
                '30 b1 0',
            ),
        );
    }

    /**
     * @param array<string, mixed> $shape
     * @param int                  $rest  0.2 · 65535 = 13107, 0.25 · 65535 = 16384
     */
    #[TestWith([['range' => ['low' => 0.2, 'high' => 1]], 13107])]
    #[TestWith([
        ['range' => ['low' => 0.2, 'high' => 1], 'notches' => ['kind' => 'flat', 'at' => [0.25], 'width' => 0.06]],
        16384,
    ])]
    #[TestWith([
        ['range' => ['low' => 0.2, 'high' => 1], 'notches' => ['kind' => 'stepped', 'at' => [0.25, 0.9]]], 16384,
    ])]
    #[TestWith([['range' => ['low' => 0.2, 'high' => 1], 'dead_zones' => ['low' => 0.1]], 13107])]
    public function test_rest_is_sent_through_all_that_a_value_passes_but_stops(array $shape, int $rest): void
    {
        $desk = self::desk(['outputs' => [['kind' => 'axis', 'number' => 2]], 'leaving' => 'return to rest'])->saying([
            'axes' => ['d/a' => $shape],
            'stops' => [
                'idle' => ['name' => 'Idle', 'axes' => ['d/a'], 'at' => 0.3, 'side' => 'below', 'opens' => 'held'],
            ],
        ]);
        $this->assertContains('30 axis 2 '.$rest, self::sent($desk, '0 a 500', '10 b1 1', '20 a 1000', '30 b1 0'));
    }

    public function test_pick_up_waits_until_the_axis_passes_where_the_output_stands(): void
    {
        $desk = self::desk(['outputs' => [['kind' => 'axis', 'number' => 2]], 'taking' => 'pick up']);
        // An output without a value is taken at once; axis 2 then stays at 200 while A goes to 800 in the base layer.
        $this->assertSame(
            ['0 axis 1 13107', '10 axis 2 13107', '30 axis 1 52428', '60 axis 2 6554', '70 axis 2 0'],
            self::sent($desk, '0 a 200', '10 b1 1', '20 b1 0', '30 a 800', '40 b1 1', '50 a 201', '60 a 100', '70 a 0'),
        );
    }

    public function test_touching_is_enough_and_it_may_come_from_both_sides(): void
    {
        $desk = self::desk(['outputs' => [['kind' => 'axis', 'number' => 2]], 'taking' => 'pick up']);
        $touch = self::sent($desk, '0 a 500', '10 b1 1', '20 b1 0', '30 a 800', '40 b1 1', '50 a 500', '60 a 501');
        $this->assertSame(
            ['60 axis 2 32833'],
            array_slice($touch, -1),
            '500 touches: nothing new to send, but from there on it follows',
        );
        $below = self::sent($desk, '0 a 500', '10 b1 1', '20 b1 0', '30 a 100', '40 b1 1', '50 a 499', '60 a 700');
        $this->assertSame(['60 axis 2 45875'], array_slice($below, -1));
    }

    public function test_an_output_that_was_not_picked_up_is_not_returned_to_rest(): void
    {
        $desk = self::desk(
            ['outputs' => [['kind' => 'axis', 'number' => 2]], 'taking' => 'pick up', 'leaving' => 'return to rest'],
        );
        $rows = self::sent($desk, '0 a 500', '10 b1 1', '20 b1 0', '30 a 800', '40 b1 1', '50 a 900', '60 b1 0');
        $this->assertSame(
            ['0 axis 1 32768', '10 axis 2 32768', '20 axis 2 0', '30 axis 1 52428', '60 axis 1 58982'],
            $rows,
        );
    }

    public function test_waiting_goes_on_over_a_cut_and_an_edit(): void
    {
        $program = self::desk(['outputs' => [['kind' => 'axis', 'number' => 2]], 'taking' => 'pick up'])->program();
        $machine = Machine::start($program);
        $machine->feed(Desk::inputs('0 a 500', '10 b1 1', '20 b1 0', '30 a 800', '40 b1 1'));
        $resumed = Machine::resume($program, State::restore($machine->state->write()));
        $this->assertSame([], $resumed->feed(Desk::inputs('50 a 700')));
        [$swapped, $events] = Swap::to($program, $program, $resumed->state);
        $this->assertSame([], array_filter(Desk::rows($events), fn (string $row) => str_contains($row, 'axis 2')));
        $this->assertSame(['60 axis 2 26214'], Desk::rows($swapped->feed(Desk::inputs('60 a 400'))));
    }

    public function test_two_axes_that_change_places_leave_before_they_take(): void
    {
        $desk = self::desk(['outputs' => [['kind' => 'axis', 'number' => 2]]])->saying(['cells' => [
            'base' => ['d/b' => ['outputs' => [['kind' => 'axis', 'number' => 2]], 'leaving' => 'return to rest']],
            'water' => ['d/b' => ['nothing' => true]],
        ]]);
        $this->assertSame(
            ['10 axis 2 0', '10 axis 2 58982'],
            array_slice(self::sent($desk, '0 a 900', '0 b 400', '10 b1 1'), -2),
        );
    }

    public function test_a_stop_that_opens_can_pick_an_output_up(): void
    {
        $desk = self::desk(['outputs' => [['kind' => 'axis', 'number' => 2]], 'taking' => 'pick up'])
            ->saying(['stops' => ['s' => ['name' => 'S', 'axes' => ['d/a'], 'at' => 0.4, 'opens' => 'held']]])
            ->cell('base', 'b2', 'follow', ['kind' => 'open stop', 'stop' => 's']);
        $rows = self::sent(
            $desk,
            '0 b2 1',
            '0 a 500',
            '10 b1 1',
            '20 b1 0',
            '30 b2 0',
            '40 a 900',
            '50 b1 1',
            '60 b2 1',
        );
        $this->assertSame(
            ['60 stop s 1', '60 axis 2 58982'],
            array_slice($rows, -2),
            '26214 and 58982 lie on both sides of 32768',
        );
    }

    public function test_only_axes_hand_over(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage(
            'cells.base.d/b1: found an object, expected neither "leaving" nor "taking", since this is no axis',
        );
        Desk::plain()->saying([
            'cells' => [
                'base' => [
                    'd/b1' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 1]],
                        'taking' => 'pick up',
                    ],
                ],
            ],
        ])->assembled();
    }

    /** @return array<string, mixed> */
    private static function variable(float $low, float $high): array
    {
        return ['kind' => 'axis variable', 'name' => 'v', 'low' => $low, 'high' => $high];
    }

    public function test_a_variable_with_another_range_is_sent_anew_when_the_layer_changes(): void
    {
        $desk = Desk::plain()
            ->layer('water', 'b1')
            ->axis('base', 'a', self::variable(0, 100))
            ->axis('water', 'a', self::variable(0, 10));
        $this->assertSame(
            ['0 variable v 50', '10 variable v 5', '30 variable v 50'],
            self::sent($desk, '0 a 500', '10 b1 1', '30 b1 0'),
        );
    }

    public function test_a_variable_is_picked_up_at_its_own_value(): void
    {
        $desk = Desk::plain()->layer('water', 'b1')->axis('base', 'a', self::variable(0, 100))
            ->saying(
                ['cells' => ['water' => ['d/a' => ['outputs' => [self::variable(0, 200)], 'taking' => 'pick up']]]],
            );
        // It stands at 50, which 250 of the lever sends there.
        $this->assertSame(
            ['0 variable v 50', '40 variable v 48'],
            self::sent($desk, '0 a 500', '10 b1 1', '20 a 400', '30 a 251', '40 a 240'),
        );
        // The game says 90 meanwhile, which 450 sends.
        $this->assertSame(
            ['0 variable v 50', '30 variable v 88'],
            self::sent($desk, '0 a 500', '10 b1 1', '20 sim/v 90', '30 a 440'),
        );
    }

    public function test_an_output_without_a_value_is_taken_at_once_also_by_an_axis_that_was_not_read(): void
    {
        $desk = Desk::plain()->layer('water', 'b1')->saying(
            ['cells' => ['water' => ['d/a' => ['outputs' => [self::variable(0, 200)], 'taking' => 'pick up']]]],
        );
        $this->assertSame(
            ['20 variable v 80', '30 variable v 82'],
            self::sent($desk, '10 b1 1', '20 a 400', '30 a 410'),
        );
        $this->assertSame(
            ['30 variable v 0.8'],
            self::sent(
                $desk->saying(['cells' => ['water' => ['d/a' => ['outputs' => [self::variable(0, 2)]]]]]),
                '5 sim/v 0.7',
                '10 b1 1',
                '20 a 300',
                '30 a 400',
            ),
            'it has one: two readings must lie on different sides',
        );
    }

    public function test_a_cell_whose_action_has_no_way_hides_what_the_base_layer_says(): void
    {
        $desk = Desk::plain()->layer('water', 'b1')->cell(
            'base',
            'b2',
            'follow',
            ['kind' => 'button', 'number' => 2],
        )->cell('water', 'b2', 'follow', ['kind' => 'action', 'action' => 'horn'])
            ->axis('base', 'a', self::variable(0, 100))->axis('water', 'a', ['kind' => 'action', 'action' => 'power']);
        $this->assertSame(
            ['0 variable v 50'],
            self::sent($desk, '0 a 500', '10 b1 1', '20 b2 1', '30 b2 0', '40 a 600', '50 a 500', '60 b1 0'),
        );
    }

    public function test_another_axis_takes_a_shared_output_when_it_has_moved_by_more_than_a_hundredth(): void
    {
        $desk = Desk::plain()->axis(
            'base',
            'a',
            ['kind' => 'axis', 'number' => 1],
        )->axis('base', 'c', ['kind' => 'axis', 'number' => 1]);
        // Lever A owns the output; the stick counts from 500. 510 is 655 of 65535 away, 511 is 720.
        $this->assertSame(
            ['0 axis 1 13107', '30 axis 1 33488'],
            $desk->play('0 a 200', '10 c 500', '20 c 510', '30 c 511'),
        );
    }

    public function test_an_axis_at_its_very_low_end_counts_for_taking_over_too(): void
    {
        $desk = Desk::plain()->axis(
            'base',
            'a',
            ['kind' => 'axis', 'number' => 1],
        )->axis('base', 'b', ['kind' => 'axis', 'number' => 1]);
        // Lever B takes the output while lever A is at 0; A takes it back at once when it has moved by more than a
        // hundredth.
        $this->assertSame(
            ['0 axis 1 0', '10 axis 1 6554', '30 axis 1 13107'],
            $desk->play('0 a 0', '5 b 0', '10 b 100', '30 a 200'),
        );
    }

    public function test_rest_is_sent_to_the_very_integer(): void
    {
        $desk = Desk::plain()->layer('water', 'b1')->saying(
            ['axes' => ['d/a' => ['range' => ['low' => 0.99]]]],
        )->axis('water', 'a', ['kind' => 'axis', 'number' => 2])
            ->saying([
                'cells' => [
                    'base' => [
                        'd/a' => ['outputs' => [['kind' => 'axis', 'number' => 1]], 'leaving' => 'return to rest'],
                    ],
                ],
            ]);
        $this->assertContains('20 axis 1 64880', $desk->play('0 a 1000', '20 b1 1'));
    }
}
