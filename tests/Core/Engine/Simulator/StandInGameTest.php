<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Simulator;

use Nailrod\Core\Engine\Live\Live;
use Nailrod\Core\Engine\Live\LivePicture;
use Nailrod\Core\Engine\Live\LiveState;
use Nailrod\Core\Engine\Live\Telling;
use Nailrod\Core\Engine\Simulator\GameEvent;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\MeansAction;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Mapping\Output\Outputs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** The simulator stand-in behind a set, and the live session that joins them. */
final class StandInGameTest extends TestCase
{
    /** Looks at the controller every 16 667 µs. */
    private static function desk(): Desk
    {
        $effect = fn (string $do, string $variable, ?float $amount = null): array => array_filter(
            ['do' => $do, 'variable' => $variable, 'amount' => $amount],
            fn ($v) => $v !== null,
        );
        $action = fn (string $id, string $kind, array $effect, ?array $key = null): array => array_filter(
            [
                'id' => $id, 'name' => ucfirst($id), 'group' => 'all', 'kind' => $kind, 'effect' => $effect,
                'key' => $key, 'by_variable' => true,
            ],
            fn ($v) => $v !== null,
        );
        $variable = fn (float $high, array $more = []): array => [
            'name' => 'V', 'group' => 'all', 'low' => 0, 'high' => $high,
        ] + $more;
        $key = fn (string $code, array $with = []): array => ['kind' => 'key', 'code' => $code, 'with' => $with];

        return Desk::plain()->playing([
            'format' => 'nailrod-catalogue', 'version' => 1, 'id' => 'game', 'name' => 'Game', 'vehicle' => 'Cart',
            'frame_us' => 16667,
            'sees' => ['buttons' => 8, 'axes' => 2], 'groups' => [['id' => 'all', 'name' => 'All']],
            'actions' => [
                $action('power', 'axis', $effect('follow', 'power')),
                $action('bell', 'momentary', $effect('hold', 'bell'), $key('KeyB')),
                $action('lamp', 'two-state', $effect('flip', 'lamp'), $key('KeyL')),
                $action('dim', 'two-state', $effect('set', 'lamp', 0.0), $key('KeyL', ['ShiftLeft'])),
                $action('gear', 'step pair', $effect('step', 'gear', 1.0), $key('KeyG')),
            ],
            'variables' => [
                'power' => $variable(100), 'bell' => $variable(1), 'lamp' => $variable(1, ['words' => ['off', 'on']]),
                'gear' => $variable(3),
                'speed' => $variable(100, ['gauge' => 'power', 'lag_ms' => 100]),
            ],
        ])->saying(['ways' => ['power' => ['kind' => 'axis', 'number' => 1]]])
            ->axis('base', 'a', ['kind' => 'action', 'action' => 'power'])
            ->cell('base', 'b1', 'follow', ['kind' => 'action', 'action' => 'bell'])
            ->cell('base', 'b2', 'pulse', ['kind' => 'action', 'action' => 'lamp'])
            ->cell('base', 'b3', 'pulse', ['kind' => 'action', 'action' => 'gear'])
            ->cell('base', 'b4', 'pulse', ['kind' => 'action', 'action' => 'dim']);
    }

    private static function live(Desk $desk): Live
    {
        $live = new Live($desk->program(), $desk->assembled(), new LiveState);
        $live->begin();

        return $live;
    }

    /**
     * @param list<GameEvent> $events
     *
     * @return list<string>
     */
    private static function changes(array $events): array
    {
        return array_map(
            fn (GameEvent $event) => sprintf(
                '%d %s %s',
                intdiv($event->t, 1000),
                $event->variable,
                round($event->value, 1),
            ),
            $events,
        );
    }

    public function test_keys_act_at_once_and_axes_at_the_next_look(): void
    {
        $live = self::live(self::desk());
        $step = $live->step(Desk::inputs('20 a 500', '21 b1 1', '25 b1 0'), 100_000);
        $this->assertSame(['21 bell 1', '25 bell 0', '33 power 50'], self::changes($step->game));
    }

    public function test_a_button_pulse_between_two_looks_is_missed_and_a_longer_one_is_seen(): void
    {
        $desk = self::desk()->saying(['ways' => ['lamp' => ['kind' => 'button', 'number' => 1]]]);
        $short = self::live(
            $desk->cell('base', 'b2', ['kind' => 'pulse', 'width_ms' => 5], ['kind' => 'action', 'action' => 'lamp']),
        );
        $this->assertSame(
            [[GameEvent::MISSED, 1.0]],
            array_map(
                fn (GameEvent $event) => [$event->variable, $event->value],
                $short->step(Desk::inputs('20 b2 1'), 200_000)->game,
            ),
            'it says what it did not see',
        );
        $long = self::live(
            $desk->cell('base', 'b2', ['kind' => 'pulse', 'width_ms' => 20], ['kind' => 'action', 'action' => 'lamp']),
        );
        $this->assertSame(
            ['lamp'],
            array_map(fn ($event) => $event->variable, $long->step(Desk::inputs('20 b2 1'), 200_000)->game),
        );
    }

    public function test_buttons_beyond_what_the_game_sees_do_nothing(): void
    {
        $live = self::live(self::desk()->saying(['ways' => ['lamp' => ['kind' => 'button', 'number' => 9]]]));
        $step = $live->step(Desk::inputs('20 b2 1'), 200_000);
        $this->assertNotSame([], $step->outputs);
        $this->assertSame(
            [[GameEvent::MISSED, 9.0]],
            array_map(fn (GameEvent $event) => [$event->variable, $event->value], $step->game),
        );
    }

    public function test_a_modifier_decides_between_two_actions_on_one_key(): void
    {
        $live = self::live(self::desk());
        $this->assertSame(['20 lamp 1'], self::changes($live->step(Desk::inputs('20 b2 1'), 200_000)->game));
        $this->assertSame(['300 lamp 0'], self::changes($live->step(Desk::inputs('300 b4 1'), 500_000)->game));
        $this->assertSame([], $live->step(Desk::inputs('600 b4 1'), 700_000)->game);
    }

    public function test_steps_end_at_the_limit(): void
    {
        $live = self::live(self::desk());
        $inputs = [];
        for ($i = 1; $i <= 5; $i++) {
            array_push($inputs, (200 * $i).' b3 1', (200 * $i + 50).' b3 0');
        }
        $this->assertCount(3, $live->step(Desk::inputs(...$inputs), 2_000_000)->game);
        $this->assertSame(3.0, $live->state->game->variables['gear']);
    }

    public function test_a_gauge_goes_after_what_it_shows_whatever_the_steps_of_time(): void
    {
        $fine = self::live(self::desk());
        $coarse = self::live(self::desk());
        $fine->step(Desk::inputs('20 a 1000'), 33_334);
        $coarse->step(Desk::inputs('20 a 1000'), 33_334);
        for ($t = 40; $t <= 240; $t += 7) {
            $fine->step([], 1000 * $t);
        }
        $fine->step([], 240_000);
        $coarse->step([], 240_000);
        $this->assertEqualsWithDelta(
            $coarse->state->game->variables['speed'],
            $fine->state->game->variables['speed'],
            1e-6,
        );
        $this->assertEqualsWithDelta(100 * (1 - exp(-2.06)), $coarse->state->game->variables['speed'], 1.0);
        $this->assertTrue($coarse->isGameMoving());
        $coarse->step([], 5_000_000);
        $this->assertFalse($coarse->isGameMoving());
    }

    public function test_the_set_learns_what_the_game_changed_so_that_writing_it_again_is_not_swallowed(): void
    {
        $desk = self::desk()->saying(['ways' => ['dim' => ['kind' => 'set variable', 'name' => 'lamp', 'to' => 0]]]);
        $live = self::live($desk);
        $live->step(Desk::inputs('20 b4 1', '90 b4 0'), 100_000);
        $live->step([new Input(200_000, 'sim/lamp', 1)], 210_000);
        $this->assertSame(1.0, $live->state->game->variables['lamp']);
        $live->step(Desk::inputs('300 b4 1'), 400_000);
        $this->assertSame(0.0, $live->state->game->variables['lamp']);
    }

    public function test_a_live_session_is_written_out_and_read_back_between_any_two_steps(): void
    {
        $desk = self::desk();
        $whole = self::live($desk);
        $cut = self::live($desk);
        $steps = [['20 a 1000'], ['140 b2 1', '141 b1 1'], ['260 b2 0'], ['390 a 0', '395 b1 0']];
        foreach ($steps as $i => $lines) {
            $to = 100_000 * ($i + 1) + 1;
            $expected = $whole->step(Desk::inputs(...$lines), $to);
            $cut = new Live($desk->program(), $desk->assembled(), LiveState::restore($cut->state->write()));
            $actual = $cut->step(Desk::inputs(...$lines), $to);
            $this->assertEquals(Desk::rows($expected->outputs), Desk::rows($actual->outputs));
            $this->assertEquals($expected->sentences, $actual->sentences);
            $this->assertSame(self::changes($expected->game), self::changes($actual->game));
        }
        $this->expectException(\UnexpectedValueException::class);
        LiveState::restore(serialize('nonsense'));
    }

    public function test_sentences_say_what_happened_and_why(): void
    {
        $live = self::live(self::desk()->layer('water', 's.up')->nothing('water', 'b1')->saying(
            ['stops' => ['cruise' => ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.9, 'opens' => 'held']]],
        ));
        $said = function (int $to, string ...$lines) use ($live): array {
            return array_map(
                fn ($sentence) => implode(' → ', $sentence->parts),
                $live->step(Desk::inputs(...$lines), 1000 * $to)->sentences,
            );
        };
        $this->assertSame(
            [
                'Desk · Lever A reads 1000 → travel 100.0 % → Cruise at 90 % is shut → layer Base → Power → sends '
                    .'90.0 % on axis 1',
            ],
            $said(19, '10 a 1000'),
        );
        $this->assertSame(['Desk · Button 2 closed → layer Base → pulse 60 ms → Lamp → key L'], $said(29, '20 b2 1'));
        $this->assertSame(['Desk · Button 2 closed → pulse over → key L up, after 60 ms'], $said(99, '95 b2 0'));
        $this->assertSame(
            ['Desk · Button 4 closed → layer Base → pulse 60 ms → Dim → key Shift+L'],
            $said(109, '100 b4 1'),
        );
        $this->assertSame(
            ['Desk · Switch S up closed → layer Base → follow → layer Water is live'],
            $said(119, '110 s.up 1'),
        );
        $this->assertSame(
            ['Desk · Button 1 closed → layer Water → it is set to do nothing here'],
            $said(129, '120 b1 1'),
        );
        $this->assertSame(
            ['Desk · Lever B reads 500 → travel 50.0 % → layer Water → nothing is assigned to it'],
            $said(139, '130 b 500'),
        );
        $this->assertSame(['Desk · Hat north closed → layer Water → nothing is assigned to it'], $said(149, '140 h 0'));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}> an output that several can hold, and
     *    what it names; of all kinds
     */
    public static function held(): iterable
    {
        foreach (Outputs::all() as $kind => $class) {
            $example = ['kind' => $class::kind()] + $class::fields()->example();
            $example = array_replace($example, array_intersect_key(['lamp' => 'd/lamp'], $example));
            $output = $class::read(Node::of($example), 'x');
            if (! $output instanceof ContactOutput || ! $output->isHeld() || $output instanceof MeansAction) {
                continue;
            }
            $names = [];
            foreach ($output instanceof NamesPart ? $output->names() : [] as [$sort, $id]) {
                $names[$sort.'s'][$id] = ['name' => 'Water'] + (
                    $sort === NamesPart::STOP ? ['axes' => ['d/a'], 'at' => 0.9, 'opens' => 'held'] : []
                );
            }
            yield $kind => [$example, $names];
        }
    }

    /**
     * @param array<string, mixed> $output
     * @param array<string, mixed> $names
     */
    #[DataProvider('held')]
    public function test_a_press_says_who_holds_already_what_it_holds(array $output, array $names): void
    {
        $live = self::live(
            Desk::plain()
                ->saying($names)
                ->cell('base', 'b1', 'follow', $output)
                ->cell('base', 'b3', 'follow', $output)
                ->saying(['cells' => ['base' => ['d/b4' => ['as' => 'd/b1']]]]),
        );
        $said = fn (int $to, string ...$lines): array => array_map(
            fn ($sentence) => implode(' → ', $sentence->parts),
            $live->step(Desk::inputs(...$lines), 1000 * $to)->sentences,
        );
        $this->assertNotSame([], $said(11, '10 b1 1'));
        $layer = isset($names['layers']) ? 'Water' : 'Base';
        $this->assertSame(
            ['Desk · Button 3 closed → layer '.$layer.' → Button 1 holds it already'],
            $said(21, '20 b3 1'),
        );
        $this->assertSame(
            ['Desk · Button 4 closed → as Button 1 does → layer '.$layer.' → Button 1 and Button 3 hold it already'],
            $said(31, '30 b4 1'),
        );
    }

    public function test_a_press_that_is_a_part_of_another_or_turns_off_what_is_held_says_so(): void
    {
        $button = ['kind' => 'button', 'number' => 9];
        $short = ['kind' => 'short/long/double', 'short' => 0, 'long' => 1, 'long_ms' => 500];
        $live = self::live(
            Desk::plain()->cell(
                'base',
                'b1',
                $short,
                $button,
                ['kind' => 'button', 'number' => 8],
            )->cell('base', 'b2', 'toggle', $button)->cell('base', 'b3', 'follow', $button)->saying(
                ['cells' => ['base' => ['d/b4' => ['as' => 'd/b1']]]],
            ),
        );
        $said = fn (int $to, string ...$lines): array => array_map(
            fn ($sentence) => implode(' → ', $sentence->parts),
            $live->step(Desk::inputs(...$lines), 1000 * $to)->sentences,
        );
        $this->assertSame([], $said(11, '10 b1 1'), 'what it will be is not known yet');
        $this->assertSame(
            ['Desk · Button 4 closed → as Button 1 does → layer Base → Button 1 holds it already'],
            $said(21, '20 b4 1'),
        );
        $this->assertCount(2, $said(1_000, '22 b1 0', '23 b4 0'));
        $this->assertCount(1, $said(1_100, '1010 b2 1'));
        $this->assertCount(1, $said(1_200, '1110 b2 0', '1120 b3 1'));
        $this->assertSame(
            ['Desk · Button 2 closed → layer Base → it is off, and something else holds the same'],
            $said(1_300, '1210 b2 1'),
        );
    }

    public function test_what_the_base_does_for_a_layer_that_has_nothing_is_said_so(): void
    {
        $live = self::live(
            self::desk()->layer('water', 's.up')->cell('water', 'b2', 'pulse', ['kind' => 'action', 'action' => 'dim']),
        );
        $said = function (int $to, string ...$lines) use ($live): array {
            return array_map(
                fn ($sentence) => implode(' → ', $sentence->parts),
                $live->step(Desk::inputs(...$lines), 1000 * $to)->sentences,
            );
        };
        $this->assertSame(['Desk · Button 1 closed → layer Base → follow → Bell → key B'], $said(20, '10 b1 1'));
        $this->assertSame(
            ['Desk · Switch S up closed → layer Base → follow → layer Water is live'],
            $said(40, '30 s.up 1'),
            'what leads to it is not passed over',
        );
        $this->assertSame(
            ['Desk · Button 1 opened → key B up, after 40 ms'],
            $said(60, '50 b1 0'),
            'it was begun before',
        );
        $this->assertSame(
            ['Desk · Button 1 closed → layer Water has nothing for it → layer Base → follow → Bell → key B'],
            $said(80, '70 b1 1'),
        );
        $this->assertSame(
            ['Desk · Button 2 closed → layer Water → pulse 60 ms → Dim → key Shift+L'],
            $said(100, '90 b2 1'),
        );
        $this->assertStringContainsString(
            'layer Water has nothing for it → layer Base → Power',
            $said(120, '110 a 400')[0],
        );
        // In one step: the layer goes, then it is pressed.
        $this->assertSame(
            ['Desk · Button 3 closed → layer Base → pulse 60 ms → Gear → key G'],
            array_values(preg_grep('/Button 3/', $said(200, '180 s.up 0', '190 b3 1')) ?: []),
        );
    }

    public function test_an_edit_tells_only_what_it_changes_of_what_is_on(): void
    {
        $old = Desk::plain()->layer('water', 's.up')->cell(
            'base',
            's.up',
            'toggle',
            ['kind' => 'hold layer', 'layer' => 'water'],
        )
            ->cell(
                'base',
                'b1',
                'toggle',
                ['kind' => 'button', 'number' => 1],
            )->cell('base', 'b2', 'toggle', ['kind' => 'button', 'number' => 2]);
        $live = self::live($old);
        $live->step(Desk::inputs('10 b1 1', '20 b1 0', '30 b2 1', '40 b2 0', '50 s.up 1', '60 s.up 0'), 100_000);
        // All goes off and on again for the game; on the tape nothing has happened.
        $new = $old->cell('base', 'b3', 'follow', ['kind' => 'button', 'number' => 7]);
        [$live, $step] = Live::swap($new->program(), $new->assembled(), $old->program(), $live->state);
        $this->assertContains('100 button 1 0', Desk::rows($step->outputs));
        $this->assertContains('100 button 1 1', Desk::rows($step->outputs));
        $this->assertSame([], $step->sentences);
        $then = $new->cell('base', 'b2', 'toggle', ['number' => 8]);
        [, $step] = Live::swap($then->program(), $then->assembled(), $new->program(), $live->state);
        $said = array_map(fn ($sentence) => implode(' → ', $sentence->parts), $step->sentences);
        $this->assertContains('The set was changed → output 2 off, after 70 ms', $said);
        $this->assertSame([], preg_grep('/output 1|layer/', $said));
    }

    public function test_one_of_a_chord_that_is_pressed_alone_is_said_to_be_part_of_it_and_not_free(): void
    {
        $live = self::live(self::desk()->layer('water', 's.up')->saying([
            'chords' => [
                'base' => [
                    'both' => [
                        'name' => 'Both ends', 'of' => ['d/t.up', 'd/t.down'], 'within_ms' => 50,
                        'outputs' => [['kind' => 'button', 'number' => 9]],
                    ],
                ],
            ],
        ]));
        $said = function (int $to, string ...$lines) use ($live): array {
            return array_map(
                fn ($sentence) => implode(' → ', $sentence->parts),
                $live->step(Desk::inputs(...$lines), 1000 * $to)->sentences,
            );
        };
        $alone = $said(100, '10 t.up 1', '90 t.up 0');
        $this->assertContains(
            'Desk · Switch T up closed → layer Base → it is part of chord Both ends, which has not come on',
            $alone,
        );
        $this->assertStringNotContainsString('nothing is assigned', implode("\n", $alone));
        // The layer above says nothing of it, so the chord of the base holds there too.
        $this->assertContains(
            'Desk · Switch T up closed → layer Water → it is part of chord Both ends, which has not come on',
            $said(300, '200 s.up 1', '210 t.up 1'),
        );
    }

    public function test_what_cannot_be_is_left_out_and_told_and_the_rest_is_taken(): void
    {
        $live = self::live(self::desk());
        $step = $live->step(Desk::inputs('20 a 4000', '30 b1 1', '25 b1 0', '35 b1 2'), 40_000);
        $this->assertSame([
            'Desk Lever A came with 4000, and sends whole numbers from 0 to 1000.',
            'd/b1 at 25000 µs: found time 25000 µs, expected 30000 µs or later, since time only goes forward.',
            'Desk Button 1 came with 2, and sends whole numbers from 0 to 1.',
        ], $step->problems);
        $this->assertSame(['30 key KeyB 1'], Desk::rows($step->outputs));
    }

    public function test_an_input_that_no_device_reports_is_told_and_leaves_no_trace(): void
    {
        $live = self::live(self::desk());
        $step = $live->step(
            [
                new Input(20_000, 'x/lever', 5), new Input(20_000, 'd/s.down', 1), new Input(20_000, 'sim/none', 1),
                new Input(20_000, 'nonsense', 1),
            ],
            30_000,
        );
        $this->assertSame(
            [
                'this rig has no device “x”.', 'Desk has nothing called “s.down” that it could send.',
                'the game has nothing called “none”.', 'this rig has no device “nonsense”.',
            ],
            $step->problems,
        );
        $this->assertArrayNotHasKey('x/lever', $live->state->hands);
        $this->assertSame([], $step->outputs);
    }

    public function test_the_limits_of_a_device_hold_also_for_controls_that_the_set_does_not_use(): void
    {
        $live = self::live(self::desk());
        $step = $live->step(
            [
                new Input(20_000, 'd/c', 1001), new Input(21_000, 'd/c', 1.5), new Input(22_000, 'd/s.up', 2),
                new Input(23_000, 'd/c', 1000),
            ],
            30_000,
        );
        $this->assertSame([
            'Desk Stick C came with 1001, and sends whole numbers from 0 to 1000.',
            'Desk Stick C came with 1.5, and sends whole numbers from 0 to 1000.',
            'Desk Switch S up came with 2, and sends whole numbers from 0 to 1.',
        ], $step->problems);
        $this->assertSame([23_000], array_map(fn (Input $input) => $input->t, $step->taken));
        $this->assertSame(1000, $live->state->hands['d/c']);
    }

    public function test_an_unplugged_device_opens_its_contacts_keeps_its_axes_and_is_not_heard(): void
    {
        $desk = self::desk();
        $live = self::live($desk);
        $live->step(Desk::inputs('20 a 700', '30 b1 1', '31 h 2'), 40_000);
        $step = $live->unplug('d');
        $this->assertSame(['40 key KeyB 0'], Desk::rows($step->outputs));
        $picture = new LivePicture($desk->program(), $desk->assembled(), $live->state);
        $this->assertSame([], $picture->closed());
        $this->assertSame(700, $picture->axes()['d/a']['reading']);
        $this->assertStringContainsString(
            'Desk is unplugged',
            $live->step(Desk::inputs('50 b1 1'), 60_000)->problems[0],
        );
        $live->plugIn('d');
        $this->assertSame(['70 key KeyB 1'], Desk::rows($live->step(Desk::inputs('70 b1 1'), 71_000)->outputs));
    }

    public function test_closing_lets_go_of_everything(): void
    {
        $live = self::live(self::desk()->cell('base', 'h.north', 'toggle', ['kind' => 'button', 'number' => 3]));
        $live->step(Desk::inputs('20 b1 1', '30 h 0', '35 b2 1'), 40_000);
        $rows = Desk::rows($live->close()->outputs);
        sort($rows);
        $this->assertSame(['40 button 3 0', '40 key KeyB 0', '40 key KeyL 0'], $rows);
        $this->assertNull($live->nextDue());
    }

    public function test_a_gauge_that_the_game_moves_by_itself_lights_a_row_of_lamps_and_holds_a_condition(): void
    {
        $desk = self::desk()->axis('base', 'a', ['kind' => 'action', 'action' => 'power'])
            ->saying(['lamps' => [
                'row' => ['lamp' => 'd/lamp', 'while' => ['variable' => 'speed', 'from' => 50, 'to' => 100]],
            ],
                'cells' => [
                    'base' => [
                        'd/s.up' => [
                            'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 4]],
                            'when' => ['variable' => 'speed', 'is' => '≥', 'to' => 50],
                        ],
                    ],
                ]]);
        $live = new Live($desk->program(), $desk->assembled(), new LiveState);
        $live->begin();
        $rows = [];
        for ($ms = 20; $ms <= 400; $ms += 20) {
            $step = $live->step(
                $ms === 20 ? [new Input(20_000, 'd/a', 1000)] : (
                    $ms === 40 || $ms === 300 ? [
                        new Input(1000 * $ms, 'd/s.up', 1), new Input(1000 * $ms, 'd/s.up', 0),
                    ] : []
                ),
                1000 * $ms,
            );
            array_push(
                $rows,
                ...array_filter(Desk::rows($step->outputs), fn (string $row) => ! str_contains($row, 'axis')),
            );
            $this->assertNotContains(
                'speed',
                array_map(fn (GameEvent $event) => $event->variable, $step->game),
                'a gauge is no event',
            );
        }
        // The game looks at the lever at 33 ms; its first-order lag of 100 ms has gone half of the way 69 ms later,
        // seen at the next step.
        $this->assertSame(['120 lamp d/lamp 1', '300 button 4 1', '300 button 4 0'], array_values($rows));
    }

    public function test_the_picture_shows_contacts_as_the_engine_has_them(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', 'follow', ['kind' => 'button', 'number' => 1])->cell(
            'base',
            't.middle',
            'follow',
            ['kind' => 'button', 'number' => 2],
        )
            ->saying(['controls' => ['d' => ['b1' => ['debounce_ms' => 100]]]]);
        $live = new Live($desk->program(), $desk->assembled(), new LiveState);
        $live->begin();
        $closed = fn (): array => array_values(array_intersect(
            (new LivePicture($desk->program(), $desk->assembled(), $live->state))->closed(),
            ['d/b1', 'd/t.up', 'd/t.middle', 'd/s.down', 'd/b2'],
        ));
        $this->assertSame(['d/s.down', 'd/t.middle'], $closed());
        $live->step(
            [
                new Input(10_000, 'd/b1', 1), new Input(20_000, 'd/b1', 0), new Input(20_000, 'd/t.up', 1),
                new Input(30_000, 'd/t.up', 0), new Input(30_000, 'd/b2', 1),
            ],
            40_000,
        );
        $this->assertSame(
            ['d/b1', 'd/b2', 'd/s.down'],
            $closed(),
            'the debounce time of one and the settle time of the other run still',
        );
        $live->step([], 120_000);
        $this->assertSame(['d/b2', 'd/s.down', 'd/t.middle'], $closed());
    }

    public function test_an_hour_of_a_latched_repeat_is_counted_rather_than_told(): void
    {
        $desk = self::desk()->cell(
            'base',
            's.up',
            [
                'kind' => 'repeat', 'while' => 'until pressed again', 'delay_ms' => 450, 'period_ms' => 125,
                'width_ms' => 60,
            ],
            ['kind' => 'button', 'number' => 4],
        );
        $live = new Live($desk->program(), $desk->assembled(), new LiveState);
        $live->begin();
        $live->step([new Input(10_000, 'd/s.up', 1)], 20_000);
        $step = $live->step([], 3_600_000_000);
        $this->assertSame(57_594, count($step->outputs));
        $this->assertSame(
            ['Much happened at once', '57 394 changes before these are not told'],
            $step->sentences[0]->parts,
        );
        $this->assertLessThanOrEqual(Telling::MOST_TOLD + 1, count($step->sentences));
    }
}
