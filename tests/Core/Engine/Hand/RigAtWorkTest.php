<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Hand;

use Nailrod\Core\Engine\Hand\Batch;
use Nailrod\Core\Engine\Hand\InputSource;
use Nailrod\Core\Engine\Hand\RigAtWork;
use Nailrod\Core\Engine\Hand\SourceError;
use Nailrod\Core\Engine\Hand\SourceKind;
use Nailrod\Core\Engine\Live\Live;
use Nailrod\Core\Engine\Live\LiveState;
use Nailrod\Core\Engine\Live\LiveStep;
use Nailrod\Core\Format\Cause\Input;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

final class RigAtWorkTest extends TestCase
{
    private const S = 1_000_000;

    private RigAtWork $rig;

    /** @var array<string, InputSource> */
    private array $hands = [];

    private int $now = 0;

    protected function setUp(): void
    {
        $this->begin(Desk::plain()
            ->cell('base', 'b1', 'follow', ['kind' => 'button', 'number' => 1])
            ->cell('base', 'b2', 'toggle', ['kind' => 'button', 'number' => 2])
            ->cell('base', 's.up', 'follow', ['kind' => 'button', 'number' => 3])
            ->cell('base', 'b3', 'pulse', ['kind' => 'button', 'number' => 4])
            ->axis('base', 'c', ['kind' => 'axis', 'number' => 1]));
    }

    private function begin(Desk $desk): void
    {
        [$program, $set] = [$desk->program(), $desk->assembled()];
        $live = new Live($program, $set, new LiveState);
        $live->begin();
        $this->rig = new RigAtWork($live, $set, $program);
        $this->now = self::S;
    }

    private function hand(string $id, SourceKind $kind = SourceKind::Page, string ...$devices): InputSource
    {
        return $this->hands[$id] = $this->rig->open($id, ucfirst($id), $kind, array_values($devices), $this->now)[0];
    }

    /** @return list<string> */
    private function batch(string $hand, int $n, string ...$lines): array
    {
        return self::rows(LiveStep::joined(iterator_to_array(
            $this->rig->take($this->hands[$hand], new Batch($n, inputs: Desk::inputs(...$lines)), fn () => $this->now),
            false,
        )));
    }

    /** @return list<string> kind, target, value of contacts and keys; times left out */
    private static function rows(LiveStep $step): array
    {
        return array_values(array_map(
            fn ($event) => $event->kind.' '.$event->target.' '.$event->value,
            array_filter($step->outputs, fn ($event) => $event->kind !== 'axis'),
        ));
    }

    public function test_a_batch_that_was_taken_is_not_taken_again_and_a_missing_one_is_asked_for(): void
    {
        $this->hand('page');
        $this->assertSame(['button 2 1'], $this->batch('page', 1, '0 b2 1', '1 b2 0'));
        $this->assertSame([], $this->batch('page', 1, '0 b2 1', '1 b2 0'));
        $this->assertSame(2, $this->hands['page']->answer?->taken);
        $this->expectException(SourceError::class);
        $this->expectExceptionMessage('Batch 3 came, batch 2 was expected. Nothing was taken; send from batch 2 on.');
        $this->batch('page', 3, '0 b1 1');
    }

    public function test_the_last_word_counts_and_who_does_not_hold_a_contact_cannot_open_it(): void
    {
        $this->hand('page');
        $this->hand('phone');
        $this->assertSame(['button 1 1'], $this->batch('page', 1, '0 b1 1'));
        $this->assertSame([], $this->batch('phone', 1, '0 b1 0'), 'the phone does not hold it');
        $this->assertSame([], $this->batch('phone', 2, '1 b1 1'), 'closed already, but now the phone holds it');
        $this->assertSame([], $this->batch('page', 2, '2 b1 0'));
        $this->assertSame(['button 1 0'], $this->batch('phone', 3, '2 b1 0'));
    }

    public function test_a_hand_that_goes_lets_go_of_what_it_holds_and_of_nothing_else(): void
    {
        $this->hand('page');
        $this->hand('phone');
        $this->batch('page', 1, '0 b1 1', '0 s 1', '0 a 700', '0 c 900');
        $this->batch('page', 2, '1 s.up 1');
        $this->batch('phone', 1, '0 b2 1');
        $rows = self::rows($this->rig->goes($this->hands['page'], $this->now));
        $this->assertSame(['button 1 0'], $rows, 'the switch stays where it was put, the toggle is of the phone');
        $values = $this->rig->live->state->hands;
        $this->assertSame([700, 500, 1, 1], [$values['d/a'], $values['d/c'], $values['d/s.up'], $values['d/b2']]);
        $this->assertSame(['d/b2' => 0], $this->rig->held());
    }

    public function test_of_what_a_hand_says_it_lets_go_only_what_springs_back_does_so(): void
    {
        $this->hand('page');
        $this->hand('phone');
        $this->batch('page', 1, '0 b1 1', '0 s.up 1', '0 a 700', '0 c 900');
        $this->batch('phone', 1, '1 b3 1');
        $step = LiveStep::joined(iterator_to_array(
            $this->rig->take(
                $this->hands['page'],
                new Batch(2, letsGo: ['d/b1', 'd/s.up', 'd/a', 'd/b3', 'no/where']),
                fn () => $this->now,
            ),
            false,
        ));
        $this->assertContains('button 1 0', self::rows($step));
        $values = $this->rig->live->state->hands;
        $this->assertSame(
            [0, 1, 700, 900, 1],
            [$values['d/b1'], $values['d/s.up'], $values['d/a'], $values['d/c'], $values['d/b3']],
        );
    }

    public function test_a_silent_program_goes_and_a_device_that_only_it_fed_is_unplugged(): void
    {
        $this->hand('script', SourceKind::Program, 'd');
        $this->batch('script', 1, '0 b1 1');
        $this->now += 2 * self::S;
        $this->batch('script', 2);
        $this->assertSame([], self::rows($this->rig->run($this->now + 2_900_000)), 'an empty batch is a sign of life');
        $this->assertSame(['button 1 0'], self::rows($this->rig->run($this->now + 3_100_000)));
        $this->assertSame([], $this->rig->hands->all);
        $this->assertSame(['d' => true], $this->rig->live->state->unplugged);
        $this->hand('script', SourceKind::Program, 'd');
        $this->assertSame([], $this->rig->live->state->unplugged);
    }

    public function test_inputs_keep_their_spacing_but_never_come_before_what_was_taken_or_in_the_future(): void
    {
        $this->hand('page');
        $this->hand('phone');
        $times = fn (string $hand, int $n, string ...$lines): array => array_map(
            fn (Input $input) => $input->t,
            LiveStep::joined(iterator_to_array(
                $this->rig->take(
                    $this->hands[$hand],
                    new Batch($n, inputs: Desk::inputs(...$lines)),
                    fn () => $this->now,
                ),
                false,
            ))->taken,
        );
        $this->now = 2 * self::S;
        $this->assertSame([1_970_000, 2_000_000], $times('page', 1, '0 b1 1', '30 b1 0'));
        $this->now = 2_050_000;
        $this->assertSame([2_010_000, 2_020_000, 2_050_000], $times('page', 2, '40 b1 1', '50 b1 0', '80 b3 1'));
        $this->now = 2_060_000;
        $this->assertSame([2_060_000], $times('phone', 1, '900 b4 1'), 'a clock of its own');
        $this->now = 2_070_000;
        $this->assertSame(
            [2_060_000, 2_070_000],
            $times('page', 3, '85 b3 0', '400 b3 1'),
            'cut to what was taken, and to now',
        );
    }

    public function test_what_a_hand_finds_starts_only_what_is_a_state(): void
    {
        $this->hand('pad');
        $step = LiveStep::joined(iterator_to_array(
            $this->rig->take(
                $this->hands['pad'],
                new Batch(
                    1,
                    found: [
                        new Input(0, 'd/b1', 1), new Input(0, 'd/b2', 1), new Input(0, 'd/b3', 1),
                        new Input(0, 'd/a', 300),
                    ],
                ),
                fn () => $this->now,
            ),
            false,
        ));
        $this->assertSame(['button 1 1'], self::rows($step), 'what is held is on; a toggle and a pulse want a press');
        $this->assertSame(300, $this->rig->live->state->hands['d/a']);
    }

    public function test_what_cannot_be_found_is_told(): void
    {
        $this->hand('pad');
        iterator_to_array(
            $this->rig->take(
                $this->hands['pad'],
                new Batch(1, found: [new Input(0, 'd/b1', 7), new Input(0, 'd/b2', 1)]),
                fn () => $this->now,
            ),
            false,
        );
        $this->assertStringStartsWith('Desk Button 1 came with 7', $this->hands['pad']->answer?->problems[0] ?? '');
        $this->assertSame(1, $this->rig->live->state->hands['d/b2']);
    }

    public function test_another_set_keeps_the_controls_and_ends_what_was_toggled(): void
    {
        $this->hand('page');
        $this->batch('page', 1, '0 b2 1', '1 b2 0', '1 b1 1', '1 a 640', '1 s.up 1');
        $desk = Desk::plain()->cell('base', 'b1', 'follow', ['kind' => 'button', 'number' => 9])->cell(
            'base',
            's.up',
            'follow',
            ['kind' => 'button', 'number' => 8],
        );
        $rows = self::rows($this->rig->changeTo($desk->program(), $desk->assembled(), $this->now));
        sort($rows);
        $this->assertSame(['button 1 0', 'button 2 0', 'button 3 0', 'button 8 1', 'button 9 1'], $rows);
        $this->assertSame(640, $this->rig->live->state->hands['d/a']);
        $this->assertSame(['button 9 0'], $this->batch('page', 2, '5 b1 0'), 'the clock goes on');
    }

    public function test_an_encoder_stays_at_its_place_under_another_set(): void
    {
        $this->hand('page');
        $places = fn (int $first): Desk => Desk::plain()->saying(
            ['controls' => ['d' => ['e' => ['places' => 3]]]],
        )->cell('base', 'e.place-2', 'follow', ['kind' => 'button', 'number' => $first]);
        $this->rig->edited($places(5)->program(), $places(5)->assembled(), $this->now);
        $this->assertSame(['button 5 1'], $this->batch('page', 1, '0 e 1'));
        $this->assertSame(
            ['button 5 0', 'button 6 1'],
            self::rows($this->rig->changeTo($places(6)->program(), $places(6)->assembled(), $this->now)),
        );
    }

    public function test_after_an_edit_nothing_is_stuck_and_what_is_held_is_held_by_the_new_program(): void
    {
        $this->hand('page');
        $this->batch('page', 1, '0 b1 1');
        $desk = Desk::plain()->cell('base', 'b1', 'follow', ['kind' => 'button', 'number' => 9]);
        $this->assertSame(
            ['button 1 0', 'button 9 1'],
            self::rows($this->rig->edited($desk->program(), $desk->assembled(), $this->now)),
        );
        $this->assertSame(['button 9 0'], $this->batch('page', 2, '5 b1 0'));
    }

    public function test_after_a_kill_what_was_on_goes_off_once_and_a_toggle_is_on_again(): void
    {
        $this->hand('page');
        $this->batch('page', 1, '0 b2 1', '1 b2 0', '1 b1 1', '1 s.up 1');
        $state = LiveState::restore($this->rig->live->state->write());
        [$live, $step] = Live::again($this->rig->program(), $this->rig->set, $state, $this->rig->held());
        $rows = self::rows($step);
        $off = array_slice($rows, 0, 3);
        sort($off);
        $this->assertSame(['button 1 0', 'button 2 0', 'button 3 0'], $off);
        $this->assertContains('button 2 1', $rows);
        $this->assertContains('button 3 1', $rows, 'the switch is where it was');
        $this->assertSame('button 1 0', end($rows), 'nobody holds the button any more');
    }

    public function test_too_many_hands_are_refused(): void
    {
        for ($i = 0; $i < 32; $i++) {
            $this->hand('hand-'.$i);
        }
        $this->expectException(SourceError::class);
        $this->expectExceptionMessage('There are 32 hands already, which is the most that the rig takes.');
        $this->hand('one-more');
    }
}
