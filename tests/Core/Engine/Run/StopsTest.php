<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Stop;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** 920 of 1000 is 0.92, sent as 60292; 1.0 is 65535. */
final class StopsTest extends TestCase
{
    /** @param array<string, mixed> $stop */
    private static function desk(array $stop, string $behaviour = 'follow'): Desk
    {
        return Desk::plain()
            ->axis('base', 'a', ['kind' => 'axis', 'number' => 1])
            ->axis('base', 'b', ['kind' => 'axis', 'number' => 2])
            ->saying(['stops' => ['cruise' => $stop + ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.92]]])
            ->cell('base', 'b1', $behaviour, ['kind' => 'open stop', 'stop' => 'cruise']);
    }

    public function test_a_held_stop_is_open_while_held_and_drops_the_value_at_once(): void
    {
        $this->assertSame([
            '0 axis 1 0', '10 axis 1 60292', '20 stop cruise 1', '20 axis 1 65535', '30 stop cruise 0',
            '30 axis 1 60292', '40 axis 1 32768',
        ], self::desk(['opens' => 'held'])->play('0 a 0', '10 a 1000', '20 b1 1', '30 b1 0', '40 a 500'));
    }

    public function test_a_stop_until_drawn_back_opens_by_a_tap_and_shuts_when_drawn_back(): void
    {
        $this->assertSame([
            '0 axis 1 0', '10 axis 1 60292', '20 stop cruise 1', '20 axis 1 65535',
            // 0.92 - 0.005 = 0.915: 916 is not drawn back, 915 is
            '40 axis 1 60030', '50 axis 1 59965', '50 stop cruise 0', '60 axis 1 60292',
        ], self::desk(['opens' => 'until drawn back'])->play(
            '0 a 0',
            '10 a 1000',
            '20 b1 1',
            '30 b1 0',
            '40 a 916',
            '50 a 915',
            '60 a 1000',
        ));
    }

    public function test_it_shuts_after_the_patience_if_the_value_has_not_gone_past(): void
    {
        $this->assertSame(
            ['0 axis 1 0', '20 stop cruise 1', '520 stop cruise 0', '600 axis 1 60292'],
            self::desk(
                ['opens' => 'until drawn back', 'patience_ms' => 500],
            )->play('0 a 0', '20 b1 1', '30 b1 0', '600 a 1000'),
        );
    }

    public function test_a_second_press_starts_the_patience_anew(): void
    {
        $this->assertSame(
            ['0 axis 1 0', '20 stop cruise 1', '800 stop cruise 0'],
            self::desk(
                ['opens' => 'until drawn back', 'patience_ms' => 500],
            )->play('0 a 0', '20 b1 1', '30 b1 0', '300 b1 1', '310 b1 0'),
        );
    }

    public function test_patience_0_waits_for_ever(): void
    {
        $this->assertSame(
            ['0 axis 1 0', '20 stop cruise 1', '9000 axis 1 65535'],
            self::desk(
                ['opens' => 'until drawn back', 'patience_ms' => 0],
            )->play('0 a 0', '20 b1 1', '30 b1 0', '9000 a 1000'),
        );
    }

    public function test_it_does_not_shut_while_the_output_is_on_and_shuts_at_off_where_drawn_back(): void
    {
        $this->assertSame(
            ['0 axis 1 0', '20 stop cruise 1', '30 axis 1 65535', '40 axis 1 32768', '50 stop cruise 0'],
            self::desk(['opens' => 'until drawn back', 'patience_ms' => 5])->play(
                '0 a 0',
                '20 b1 1',
                '30 a 1000',
                '40 a 500',
                '50 b1 0',
            ),
        );
    }

    public function test_at_off_it_shuts_where_the_patience_has_run_out(): void
    {
        $this->assertSame(
            ['0 axis 1 0', '20 stop cruise 1', '900 stop cruise 0'],
            self::desk(['opens' => 'until drawn back', 'patience_ms' => 500])->play('0 a 0', '20 b1 1', '900 b1 0'),
        );
    }

    public function test_one_stop_over_two_levers_opens_both_and_each_shuts_by_itself(): void
    {
        $desk = self::desk(['axes' => ['d/a', 'd/b'], 'opens' => 'until drawn back']);
        $this->assertSame([
            '0 axis 1 60292', '0 axis 2 60292', '10 stop cruise 1', '10 axis 1 65535', '10 axis 2 65535',
            '30 axis 1 32768', '40 axis 1 60292', '50 axis 2 32768', '50 stop cruise 0', '60 axis 2 60292',
        ], $desk->play('0 a 1000', '0 b 1000', '10 b1 1', '20 b1 0', '30 a 500', '40 a 1000', '50 b 500', '60 b 1000'));
    }

    public function test_a_stop_from_below_holds_the_value_up(): void
    {
        $this->assertSame(
            [
                '0 axis 1 6554', '10 stop cruise 1', '10 axis 1 0', '20 axis 1 7209', '20 stop cruise 0',
                '30 axis 1 6554',
            ],
            self::desk(
                ['at' => 0.1, 'side' => 'below', 'opens' => 'until drawn back'],
            )->play('0 a 0', '10 b1 1', '15 b1 0', '20 a 110', '30 a 0'),
        );
    }

    public function test_a_held_stop_found_held_is_open_at_once_but_one_until_drawn_back_waits_for_a_press(): void
    {
        $this->assertSame(
            ['0 stop cruise 1', '0 axis 1 65535'],
            self::desk(['opens' => 'held'])->play('0 b1 1', '0 a 1000'),
        );
        $this->assertSame(['0 axis 1 60292'], self::desk(['opens' => 'until drawn back'])->play('0 b1 1', '0 a 1000'));
    }

    public function test_a_toggle_and_a_pulse_can_open_a_stop(): void
    {
        $this->assertSame(
            ['0 axis 1 60292', '10 stop cruise 1', '10 axis 1 65535', '50 stop cruise 0', '50 axis 1 60292'],
            self::desk(['opens' => 'held'], 'toggle')->play('0 a 1000', '10 b1 1', '20 b1 0', '50 b1 1'),
        );
        $this->assertSame(
            ['0 axis 1 60292', '10 stop cruise 1', '10 axis 1 65535', '70 stop cruise 0', '70 axis 1 60292'],
            self::desk(['opens' => 'held'], 'pulse')->play('0 a 1000', '10 b1 1', '20 b1 0'),
        );
    }

    public function test_the_cause_of_a_held_value_names_the_stop(): void
    {
        $machine = Machine::start(self::desk(['opens' => 'held'])->program());
        $events = $machine->feed(Desk::inputs('0 a 0', '10 a 1000'));
        $this->assertSame('d/a=1000@10000 > stop-holds cruise > layer base', $events[1]->cause->compact());
    }

    public function test_a_stop_from_below_over_one_from_above_is_refused(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('stops.floor.at: found 0.95');
        self::desk(['opens' => 'held'])->saying([
            'stops' => [
                'floor' => ['name' => 'Floor', 'axes' => ['d/a'], 'at' => 0.95, 'side' => 'below', 'opens' => 'held'],
            ],
        ])->program();
    }

    public function test_a_stop_at_140_percent_is_refused_with_place_found_and_expected(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('stops.cruise.at: found 1.4, expected a number from 0 to 1.');
        self::desk(['at' => 1.4, 'opens' => 'held'])->document();
    }

    public function test_each_press_changes_a_stop_that_flips(): void
    {
        $this->assertSame(
            [
                '0 axis 1 0', '10 axis 1 60292', '20 stop cruise 1', '20 axis 1 65535', '40 stop cruise 0',
                '40 axis 1 60292', '60 stop cruise 1', '60 axis 1 65535',
            ],
            self::desk(['opens' => 'flip'])->play(
                '0 a 0',
                '10 a 1000',
                '20 b1 1',
                '30 b1 0',
                '40 b1 1',
                '50 b1 0',
                '60 b1 1',
            ),
        );
        $this->assertSame(
            ['0 axis 1 60292'],
            self::desk(['opens' => 'flip'])->play('0 b1 1', '0 a 1000'),
            'one that is found pressed does not flip',
        );
    }

    public function test_held_shut_is_open_from_the_start_and_shut_while_held(): void
    {
        $machine = Machine::start(self::desk(['opens' => 'held shut'])->program());
        $events = $machine->feed(Desk::inputs('0 a 1000', '10 b1 1', '20 b1 0'));
        $this->assertSame(
            [
                '0 stop cruise 1', '0 axis 1 65535', '10 stop cruise 0', '10 axis 1 60292', '20 stop cruise 1',
                '20 axis 1 65535',
            ],
            Desk::rows($events),
        );
        $this->assertSame('start > stop-opens cruise', $events[0]->cause->compact());
        $this->assertSame(
            ['0 stop cruise 1', '0 stop cruise 0', '0 axis 1 60292'],
            self::desk(['opens' => 'held shut'])->play('0 b1 1', '0 a 1000'),
            'found held, it is shut',
        );
    }

    public function test_an_edit_keeps_a_flipped_stop_and_opens_what_is_only_shut_while_held(): void
    {
        $flip = self::desk(['opens' => 'flip'])->program();
        $machine = Machine::start($flip);
        $machine->feed(Desk::inputs('0 a 1000', '10 b1 1', '20 b1 0'));
        [$swapped, $events] = Swap::to(self::desk(['opens' => 'flip', 'at' => 0.8])->program(), $flip, $machine->state);
        $this->assertSame([], Desk::rows($events));
        $this->assertSame(['30 stop cruise 0', '30 axis 1 52428'], Desk::rows($swapped->feed(Desk::inputs('30 b1 1'))));
        $shut = self::desk(['opens' => 'held shut'])->program();
        [$open, $events] = Swap::to($shut, self::desk(['opens' => 'flip', 'at' => 0.8])->program(), $swapped->state);
        $this->assertSame(
            ['30 stop cruise 1', '30 stop cruise 0', '30 axis 1 60292'],
            Desk::rows($events),
            'the button is still held, and the axis does not go there and back',
        );
        $this->assertSame(['40 stop cruise 1', '40 axis 1 65535'], Desk::rows($open->feed(Desk::inputs('40 b1 0'))));
    }

    public function test_every_way_of_opening_is_said(): void
    {
        $words = fn (string $opens): string => Stop::read(
            's',
            Node::of(['name' => 'S', 'axes' => ['d/a'], 'at' => 0.92, 'opens' => $opens]),
        )->inWords('Lever A', 'Button 1', false);
        $this->assertSame('Keeps Lever A at or below 92 % unless Button 1 is held.', $words('held'));
        $this->assertSame('Keeps Lever A at or below 92 %; each press of Button 1 opens or shuts it.', $words('flip'));
        $this->assertSame(
            'Keeps Lever A at or below 92 % while Button 1 is held; it is open otherwise.',
            $words('held shut'),
        );
    }

    public function test_outside_the_range_one_reading_both_passes_a_stop_and_shuts_it(): void
    {
        // The lowest value is 0.4, so it is always past 0.3, and drawn back at the low end.
        $desk = self::desk(['opens' => 'until drawn back', 'at' => 0.3])->saying(
            ['axes' => ['d/a' => ['range' => ['low' => 0.4]]]],
        );
        $this->assertSame(
            ['0 axis 1 19661', '20 stop cruise 1', '20 axis 1 45875', '40 axis 1 19661', '40 stop cruise 0'],
            $desk->play('0 a 500', '20 b1 1', '30 b1 0', '40 a 0'),
        );
    }

    public function test_the_stop_that_holds_is_named_on_either_side(): void
    {
        foreach (['above' => [1000, 500], 'below' => [0, 950]] as $side => [$held, $free]) {
            $machine = Machine::start(self::desk(['opens' => 'held', 'side' => $side])->program());
            $this->assertNull($machine->questions->heldBy('d/a'));
            $machine->feed(Desk::inputs('0 a '.$held));
            $this->assertSame('cruise', $machine->questions->heldBy('d/a'), $side);
            $machine->feed(Desk::inputs('10 a '.$free));
            $this->assertNull($machine->questions->heldBy('d/a'));
        }
    }
}
