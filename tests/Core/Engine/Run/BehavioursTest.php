<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Output\OutputEvent;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

final class BehavioursTest extends TestCase
{
    private const BUTTON = ['kind' => 'button', 'number' => 7];

    public function test_follow_is_on_while_closed(): void
    {
        $this->assertSame(
            ['10 button 7 1', '30 button 7 0'],
            Desk::plain()->cell('base', 'b1', 'follow', self::BUTTON)->play('10 b1 1', '20 b1 1', '30 b1 0'),
        );
    }

    public function test_toggle_flips_at_each_press_and_stays_over_layers(): void
    {
        $desk = Desk::plain()->layer('water', 'b2')->cell('base', 'b1', 'toggle', self::BUTTON);
        $this->assertSame(
            ['10 button 7 1', '30 layer live Water', '40 layer live Base', '50 button 7 0'],
            $desk->play('10 b1 1', '20 b1 0', '30 b2 1', '40 b2 0', '50 b1 1', '60 b1 0'),
        );
    }

    public function test_toggle_waits_for_a_change_if_found_closed(): void
    {
        $this->assertSame(
            ['20 button 7 1'],
            Desk::plain()->cell('base', 'b1', 'toggle', self::BUTTON)->play('0 b1 1', '10 b1 0', '20 b1 1'),
        );
    }

    public function test_pulse_lasts_its_width_whatever_the_hand_does(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', ['kind' => 'pulse', 'width_ms' => 25], self::BUTTON);
        $this->assertSame(['10 button 7 1', '35 button 7 0'], $desk->play('10 b1 1', '12 b1 0'));
        $this->assertSame(['10 button 7 1', '35 button 7 0'], $desk->play('10 b1 1', '900 b1 0'));
    }

    public function test_pulse_on_both_sends_one_at_the_press_and_one_at_the_release(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', ['kind' => 'pulse', 'on' => 'both', 'width_ms' => 20], self::BUTTON);
        $this->assertSame(
            ['10 button 7 1', '30 button 7 0', '100 button 7 1', '120 button 7 0'],
            $desk->play('10 b1 1', '100 b1 0'),
        );
    }

    public function test_a_second_pulse_waits_until_the_first_has_been_off_for_a_width_and_only_one_waits(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', ['kind' => 'pulse', 'width_ms' => 60], self::BUTTON);
        $this->assertSame(
            ['0.1 button 7 1', '60.1 button 7 0', '120.1 button 7 1', '180.1 button 7 0'],
            $desk->play('0.1 b1 1', '5 b1 0', '10 b1 1', '15 b1 0', '20 b1 1', '25 b1 0'),
        );
    }

    public function test_the_pulse_that_waits_is_that_of_the_second_press_not_of_the_third(): void
    {
        $machine = Machine::start(
            Desk::plain()->cell('base', 'b1', ['kind' => 'pulse', 'width_ms' => 60], self::BUTTON)->program(),
        );
        $events = [
            ...$machine->feed(Desk::inputs('0.1 b1 1', '5 b1 0', '10 b1 1', '15 b1 0', '20 b1 1', '25 b1 0')),
            ...$machine->finish(),
        ];
        $this->assertSame(
            ['d/b1=1@100', 'd/b1=1@100', 'd/b1=1@10000', 'd/b1=1@10000'],
            array_map(fn (OutputEvent $event) => explode(' > ', $event->cause->compact())[0], $events),
        );
    }

    public function test_pulses_that_are_on_at_the_close_end_the_latest_first(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', ['kind' => 'pulse', 'width_ms' => 100], self::BUTTON)->cell(
            'base',
            'b2',
            ['kind' => 'pulse', 'width_ms' => 100],
            ['kind' => 'button', 'number' => 8],
        );
        $machine = Machine::start($desk->program());
        $machine->feed(Desk::inputs('10 b1 1', '20 b2 1', '30 b1 0'));
        $this->assertSame(
            ['30 button 8 0', '30 button 7 0'],
            Desk::rows($machine->letGoOfEverything(new Cause(Cause::CLOSED))),
        );
    }

    public function test_pulse_on_release_of_a_switch_found_closed_is_sent_when_it_opens(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            ['kind' => 'pulse', 'on' => 'release', 'width_ms' => 20],
            self::BUTTON,
        );
        $this->assertSame(['50 button 7 1', '70 button 7 0'], $desk->play('0 b1 1', '50 b1 0'));
    }

    public function test_keys_press_their_modifiers_before_and_release_them_after(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'key', 'code' => 'KeyL', 'with' => ['ShiftLeft', 'ControlLeft']],
        );
        $this->assertSame(
            [
                '10 key ShiftLeft 1', '10 key ControlLeft 1', '10 key KeyL 1', '20 key KeyL 0', '20 key ControlLeft 0',
                '20 key ShiftLeft 0',
            ],
            $desk->play('10 b1 1', '20 b1 0'),
        );
    }

    public function test_an_output_with_two_sources_is_on_while_one_of_them_holds_it(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', 'follow', self::BUTTON)->cell('base', 'b2', 'follow', self::BUTTON);
        $this->assertSame(['10 button 7 1', '40 button 7 0'], $desk->play('10 b1 1', '20 b2 1', '30 b1 0', '40 b2 0'));
    }

    public function test_of_several_holds_of_a_variable_the_latest_decides(): void
    {
        $on = fn (float $on): array => ['kind' => 'on/off variable', 'name' => 'lamp', 'on' => $on, 'off' => 0.5];
        $desk = Desk::plain()->cell('base', 'b1', 'follow', $on(1.0))->cell('base', 'b2', 'follow', $on(2.0));
        $this->assertSame(
            [
                '0 variable lamp 0.5', '10 variable lamp 1', '20 variable lamp 2', '30 variable lamp 1',
                '40 variable lamp 0.5',
            ],
            $desk->play('0 b1 0', '10 b1 1', '20 b2 1', '30 b2 0', '40 b1 0'),
        );
    }

    public function test_set_variable_acts_at_every_press_and_is_not_sent_twice(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'set variable', 'name' => 'gear', 'to' => 0.1234567],
        );
        $this->assertSame(
            ['10 variable gear 0.123457', '60 variable gear 0.123457'],
            $desk->play('10 b1 1', '20 b1 0', '30 b1 1', '40 b1 0', '50 sim/gear 1', '60 b1 1'),
        );
    }

    public function test_toggle_of_a_once_output_is_refused(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('cells.base.d/b1.outputs[0]');
        Desk::plain()->cell('base', 'b1', 'toggle', ['kind' => 'set variable', 'name' => 'gear', 'to' => 1])->program();
    }

    public function test_hat_diagonals_close_two_contacts(): void
    {
        $desk = Desk::plain()
            ->cell('base', 'h.north', 'follow', ['kind' => 'button', 'number' => 1])
            ->cell('base', 'h.east', 'follow', ['kind' => 'button', 'number' => 2]);
        $this->assertSame(
            ['10 button 1 1', '20 button 2 1', '30 button 1 0', '40 button 2 0', '50 button 1 1', '60 button 1 0'],
            $desk->play('10 h 0', '20 h 1', '30 h 2', '40 h 4', '50 h 7', '60 h -1'),
        );
    }
}
