<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Advice\Plan\Seats;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Engine\Tape\Narrator;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\ControlNote;
use Nailrod\Core\Rig\Device\Kind\Encoder;
use Nailrod\Core\Rig\Device\Rotary;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\RigEdits;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** A dial of four positions used as ticks, and an encoder used as places. */
final class RotariesTest extends TestCase
{
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    /** @param array<string, mixed> $note further fields */
    private static function dial(array $note = []): Desk
    {
        $positions = array_map(fn (int $n): array => ['id' => 'p'.$n, 'name' => 'at '.$n, 'number' => $n], range(1, 4));

        return Desk::plain()->saying([
            'controls' => [
                'd' => [
                    'b1' => ['name' => 'Dial', 'kind' => 'dial', 'contacts' => $positions, 'ticks' => true] + $note,
                ],
            ],
        ])
            ->cell('base', 'b1.tick-plus', ['kind' => 'ticks', 'width_ms' => 2, 'gap_ms' => 2], self::button(1))
            ->cell('base', 'b1.tick-minus', ['kind' => 'ticks', 'width_ms' => 2, 'gap_ms' => 2], self::button(2));
    }

    /** @param array<string, mixed> $note further fields */
    private static function encoder(int $places, array $note = []): Desk
    {
        $desk = Desk::plain()->saying(['controls' => ['d' => ['e' => ['places' => $places] + $note]]]);
        foreach (range(1, $places) as $place) {
            $desk = $desk->cell('base', 'e.place-'.$place, 'follow', self::button($place));
        }

        return $desk;
    }

    /** @return list<string> only what begins */
    private static function begun(Desk $desk, string ...$lines): array
    {
        return array_values(preg_grep('/ 1$/', $desk->play(...$lines)) ?: []);
    }

    public function test_each_position_that_is_passed_gives_a_tick_and_the_first_known_none(): void
    {
        $this->assertSame(
            ['20 button 1 1', '22 button 1 0'],
            self::dial()->play('0 b1.p1 1', '15 b1.p1 0', '20 b1.p2 1'),
        );
        $this->assertSame(
            ['20 button 1 1', '24 button 1 1'],
            self::begun(self::dial(), '0 b1.p2 1', '15 b1.p2 0', '20 b1.p4 1'),
            'a position that was flown over counts',
        );
        $this->assertSame(
            ['20 button 2 1', '24 button 2 1', '28 button 2 1'],
            self::begun(self::dial(), '0 b1.p4 1', '15 b1.p4 0', '20 b1.p1 1'),
            'it has ends: back all the way',
        );
        $this->assertSame(
            ['30 button 1 1'],
            self::begun(self::dial(), '10 b1.p3 1', '20 b1.p3 0', '30 b1.p4 1'),
            'none was known before',
        );
        $this->assertSame([], self::begun(self::dial(), '0 b1.p1 1', '20 b1.p1 0', '30 b1.p1 1'), 'it came back');
    }

    public function test_round_it_goes_the_shorter_way_and_up_where_both_are_equal(): void
    {
        $round = self::dial(['round' => true]);
        $this->assertSame(['20 button 1 1'], self::begun($round, '0 b1.p4 1', '15 b1.p4 0', '20 b1.p1 1'));
        $this->assertSame(['20 button 2 1'], self::begun($round, '0 b1.p1 1', '15 b1.p1 0', '20 b1.p4 1'));
        $this->assertSame(
            ['20 button 1 1', '24 button 1 1'],
            self::begun($round, '0 b1.p3 1', '15 b1.p3 0', '20 b1.p1 1'),
            'two either way: up',
        );
        $five = new Rotary('d/x', ['1', '2', '3', '4', '5'], true);
        $this->assertSame(
            [2, -2, -1, 1],
            [
                $five->ticksBetween(0, 2), $five->ticksBetween(0, 3), $five->ticksBetween(0, 4),
                $five->ticksBetween(4, 0),
            ],
        );
    }

    public function test_the_positions_do_what_they_do_and_the_ticks_come_after(): void
    {
        $desk = self::dial()->cell('base', 'b1.p2', 'follow', self::button(7));
        $this->assertSame(
            ['20 button 7 1', '20 button 1 1', '22 button 1 0', '30 button 7 0'],
            $desk->play('0 b1.p1 1', '15 b1.p1 0', '20 b1.p2 1', '30 b1.p2 0'),
        );
    }

    public function test_none_between_two_is_waited_for_and_a_silent_position_counts_once_it_has_settled(): void
    {
        $positions = [
            ['id' => 'p1', 'number' => 1], ['id' => 'p2', 'number' => 2],
            ['id' => 'off', 'none_of' => ['p1', 'p2'], 'settle_ms' => 40],
        ];
        $desk = Desk::plain()->saying(
            ['controls' => ['d' => ['b1' => ['kind' => 'dial', 'contacts' => $positions, 'ticks' => true]]]],
        )
            ->cell('base', 'b1.tick-plus', ['kind' => 'ticks', 'width_ms' => 2, 'gap_ms' => 2], self::button(1))->cell(
                'base',
                'b1.tick-minus',
                ['kind' => 'ticks', 'width_ms' => 2, 'gap_ms' => 2],
                self::button(2),
            );
        $this->assertSame(
            ['30 button 1 1'],
            self::begun($desk, '0 b1.p1 1', '10 b1.p1 0', '30 b1.p2 1'),
            'a flick through what is between',
        );
        $this->assertSame(
            ['50 button 1 1', '54 button 1 1'],
            self::begun($desk, '0 b1.p1 1', '10 b1.p1 0'),
            'from the first to what reports nothing, over the second',
        );
    }

    public function test_ticks_come_after_debounce(): void
    {
        $this->assertSame(
            ['20 button 1 1'],
            self::begun(
                self::dial(['debounce_ms' => 10]),
                '0 b1.p1 1',
                '15 b1.p1 0',
                '20 b1.p2 1',
                '21 b1.p2 0',
                '22 b1.p2 1',
                '23 b1.p2 0',
                '24 b1.p2 1',
            ),
        );
    }

    public function test_after_it_was_unplugged_the_first_position_gives_none(): void
    {
        $machine = Machine::start(self::dial()->program());
        $machine->feed(Desk::inputs('0 b1.p1 1', '10 b2 0'));
        $machine->unplug('d');
        $machine->plugIn('d');
        $this->assertSame([], $machine->feed(Desk::inputs('30 b1.p4 1')));
        $this->assertSame(['40 button 2 1'], Desk::rows($machine->feed(Desk::inputs('35 b1.p4 0', '40 b1.p3 1'))));
    }

    public function test_a_tick_moves_an_encoder_to_the_next_place_and_its_ends_stop_it(): void
    {
        $this->assertSame(
            [
                '0 button 1 1', '20 button 1 0', '20 button 2 1', '40 button 2 0', '40 button 3 1', '70 button 3 0',
                '70 button 2 1',
            ],
            self::encoder(3)->play('20 e 1', '40 e 1', '50 e 1', '60 e 2', '70 e -1'),
        );
        $this->assertSame(['0 button 1 1'], self::encoder(3)->play('20 e -1'));
    }

    public function test_round_it_goes_on_and_a_row_of_several_passes_each_in_turn(): void
    {
        $round = self::encoder(3, ['round' => true]);
        $this->assertSame(['0 button 1 1', '20 button 1 0', '20 button 3 1'], $round->play('20 e -1'));
        $this->assertSame(
            ['0 button 1 1', '20 button 1 0', '20 button 2 1', '40 button 2 0', '40 button 1 1'],
            $round->play('20 e 1', '40 e -1'),
        );
        $this->assertSame(
            [
                '0 button 1 1', '20 button 1 0', '20 button 2 1', '20 button 2 0', '20 button 3 1', '20 button 3 0',
                '20 button 1 1',
            ],
            $round->play('20 e 3'),
        );
        $both = $round->cell('base', 'e.plus', ['kind' => 'ticks', 'width_ms' => 2, 'gap_ms' => 2], self::button(9));
        $this->assertSame(
            ['20 button 9 1', '20 button 1 0', '20 button 2 1', '22 button 9 0'],
            array_slice($both->play('20 e 1'), 1),
            'its ticks stay what they are',
        );
    }

    public function test_a_place_is_found_and_starts_only_what_is_a_state(): void
    {
        $desk = Desk::plain()->saying(
            ['controls' => ['d' => ['e' => ['places' => 2]]]],
        )->cell('base', 'e.place-1', 'pulse', self::button(1));
        $this->assertSame(['60 button 1 1'], self::begun($desk, '20 e 1', '60 e -1'));
        $this->assertSame(['0 button 1 1'], self::encoder(2)->play('0 e 1'), 'a row at time 0 turns nothing');
    }

    public function test_an_unplugged_encoder_keeps_its_place_which_is_found_on_return(): void
    {
        $machine = Machine::start(self::encoder(3)->program());
        $machine->feed(Desk::inputs('20 e 1'));
        $this->assertSame(['20 button 2 0'], Desk::rows($machine->unplug('d')));
        $this->assertSame(['20 button 2 1'], Desk::rows($machine->plugIn('d')));
        $pulse = Machine::start(
            Desk::plain()->saying(
                ['controls' => ['d' => ['e' => ['places' => 2]]]],
            )->cell('base', 'e.place-2', 'pulse', self::button(1))->program(),
        );
        $pulse->feed(Desk::inputs('20 e 1', '200 b1 0'));
        $pulse->unplug('d');
        $this->assertSame([], $pulse->plugIn('d'));
    }

    public function test_the_state_is_written_and_read_back_between_two_ticks(): void
    {
        $program = self::encoder(3)->program();
        $machine = Machine::start($program);
        $machine->feed(Desk::inputs('20 e 1'));
        $again = Machine::resume($program, State::restore($machine->state->write()));
        $this->assertSame(['30 button 2 0', '30 button 3 1'], Desk::rows($again->feed(Desk::inputs('30 e 1'))));
    }

    public function test_an_edit_leaves_a_place_where_it_is_and_a_dial_too(): void
    {
        $old = self::encoder(3);
        $machine = Machine::start($old->program());
        $machine->feed(Desk::inputs('20 e 1'));
        $next = $old->cell('base', 'b2', 'follow', self::button(20))->program();
        [$swapped, $events] = Swap::to($next, $old->program(), $machine->state);
        $this->assertSame(['20 button 2 0', '20 button 2 1'], Desk::rows($events));
        $this->assertSame(['30 button 2 0', '30 button 3 1'], Desk::rows($swapped->feed(Desk::inputs('30 e 1'))));
        [, $fewer] = Swap::to(self::encoder(2)->program(), $next, $swapped->state);
        $this->assertSame(
            ['30 button 3 0', '30 button 1 1'],
            Desk::rows($fewer),
            'a place that is not there any more: the first',
        );

        $dial = self::dial();
        $machine = Machine::start($dial->program());
        $machine->feed(Desk::inputs('0 b1.p2 1', '10 a 0'));
        [$swapped] = Swap::to(
            $dial->cell('base', 'b1.p1', 'follow', self::button(20))->program(),
            $dial->program(),
            $machine->state,
            ['d/b1.p2' => 1],
        );
        $this->assertSame(['30 button 1 1'], Desk::rows($swapped->feed(Desk::inputs('25 b1.p2 0', '30 b1.p3 1'))));
    }

    public function test_the_tape_says_what_it_was_turned_to(): void
    {
        $set = self::dial()->assembled();
        $machine = Machine::start(self::dial()->program());
        $events = $machine->feed(Desk::inputs('0 b1.p1 1', '15 b1.p1 0', '20 b1.p2 1'));
        $this->assertStringContainsString(
            'turned to Dial at 2',
            implode(', ', (new Narrator($set))->sentences($events)[0]->parts),
        );
        $this->assertSame(
            ['e1·2', '1… +', 'Encoder place 2', 'Dial −'],
            [
                self::encoder(3)->assembled()->rig->numberOf('d/e.place-2'), $set->rig->numberOf('d/b1.tick-plus'),
                self::encoder(3)->assembled()->rig->nameOf('d/e.place-2'), $set->rig->nameOf('d/b1.tick-minus'),
            ],
        );
    }

    public function test_it_is_made_and_taken_back_and_only_where_it_fits(): void
    {
        $set = Desk::plain()->assembled();
        $note = fn (bool $both, bool $round) => (new RigEdits($set))
            ->turn('d/e', $both, $round, 8)
            ->value(PartPath::control('d/e'));
        $this->assertSame(
            [['places' => 8, 'round' => true], ['places' => 8], null],
            [$note(true, true), $note(true, false), $note(false, true)],
        );
        $dial = self::dial(['round' => true])->assembled();
        $this->assertSame(
            ['name', 'kind', 'contacts'],
            array_keys((new RigEdits($dial))->turn('d/b1', false, false, 6)->value(PartPath::control('d/b1'))),
        );
        $this->assertArrayNotHasKey(
            'ticks',
            (new RigEdits($dial))->note(
                'd/b1',
                ['kind' => 'three-way', 'contacts' => [['id' => 'p1', 'number' => 1], ['id' => 'p2', 'number' => 2]]],
            )->value(PartPath::control('d/b1')),
            'what is no dial any more has no ticks',
        );
        $this->assertSame(
            'also as 8 places, goes round',
            ControlNote::read(Node::of(['places' => 8, 'round' => true]))->inWords(),
        );
        foreach (['b1' => ['ticks' => true], 's' => ['places' => 4], 'e' => ['ticks' => true]] as $control => $said) {
            try {
                Desk::plain()->saying(['controls' => ['d' => [$control => $said]]])->assembled();
                $this->fail($control);
            } catch (FormatError $error) {
                $this->assertStringContainsString(
                    'is no '.(isset($said['ticks']) ? 'dial' : 'encoder'),
                    $error->getMessage(),
                );
            }
        }
        $this->expectExceptionMessage('a dial or an encoder');
        (new RigEdits($set))->turn('d/s', true, false, 6);
    }

    public function test_a_tick_holds_nothing_and_a_place_stays(): void
    {
        $rig = self::encoder(2)->assembled()->rig;
        $this->assertSame(
            [true, false, false],
            [
                $rig->latches('d/e.place-1'), $rig->latches('d/e.plus'),
                self::dial()->assembled()->rig->latches('d/b1.tick-plus'),
            ],
        );
        $this->expectExceptionMessage('a tick is over at once');
        self::dial()->saying([
            'cells' => [
                'water' => ['d/b1.tick-plus' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(1)]]],
            ],
            'layers' => ['water' => ['name' => 'Water']],
        ])->assembled();
    }

    public function test_a_device_keeps_neither_and_says_so(): void
    {
        $left = fn (Desk $desk): string => implode(
            '; ',
            DeviceMapping::of($desk->assembled(), $desk->assembled()->rig->devices['d'])->leftOut,
        );
        $this->assertStringContainsString('Dial +, layer Base: the device has no ticks of a dial', $left(self::dial()));
        $this->assertStringContainsString(
            'Encoder place 2, layer Base: the device has no places of an encoder',
            $left(self::encoder(2)),
        );
    }

    public function test_a_plan_does_not_seat_actions_on_them(): void
    {
        $seats = new Seats(Desk::plain()->saying(['controls' => ['d' => ['e' => ['places' => 4]]]])->assembled());
        $this->assertSame(
            [['d/e.plus'], ['d/e.minus']],
            iterator_to_array($seats->contacts(new Encoder, 'base', 1), false),
        );
    }
}
