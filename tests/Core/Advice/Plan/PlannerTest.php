<?php

declare(strict_types=1);

namespace Tests\Core\Advice\Plan;

use Nailrod\Core\Advice\Plan\Plan;
use Nailrod\Core\Advice\Plan\PlanEdits;
use Nailrod\Core\Advice\Plan\PlannedCell;
use Nailrod\Core\Advice\Plan\Planner;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Advice\Plan\Seats;
use Nailrod\Core\Advice\Plan\Wishes;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Action\Pairs;
use Nailrod\Core\Mapping\Output\ControllerAxis;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\OnOffVariable;
use Nailrod\Core\Rig\Device\Kind\AxisSwitch;
use Nailrod\Core\Rig\Device\Kind\ControlKind;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;
use Nailrod\Core\Rig\Device\Kind\PushButton;
use Nailrod\Core\Rig\Device\Kind\Reports;
use Nailrod\Core\Rig\Device\Kind\Sprung;
use Nailrod\Core\Rig\Device\Kind\Stick;
use Nailrod\Core\Rig\Device\Kind\TwoWay;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Slot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

final class PlannerTest extends TestCase
{
    private const CASES = 800;

    /** @param callable(BindingSet, Plan, string): void $holds */
    private static function always(callable $holds): void
    {
        for ($seed = 1; $seed <= self::CASES; $seed++) {
            $set = Games::random($seed)->assembled();
            assert($set->catalogue !== null);
            $holds($set, (new Planner($set, $set->catalogue))->plan(), 'seed '.$seed);
        }
    }

    /** @return list<PlannedCell> */
    private static function choices(Plan $plan): array
    {
        return array_merge(...array_map(fn ($proposal) => $proposal->choices, $plan->proposals), ...[[]]);
    }

    public function test_a_plan_never_goes_over_what_the_game_sees_and_never_takes_a_key_that_is_kept(): void
    {
        self::always(function (BindingSet $set, Plan $plan, string $seed): void {
            $new = [];
            foreach (self::choices($plan) as $choice) {
                $way = $choice->way->way;
                if ($way instanceof ControllerButton || $way instanceof ControllerAxis) {
                    $this->assertLessThanOrEqual(
                        $way instanceof ControllerButton ? $set->catalogue?->buttons : $set->catalogue?->axes,
                        $way->number,
                        $seed,
                    );
                }
                if ($way instanceof KeyStroke) {
                    $this->assertFalse($set->catalogue?->isReserved($way), $seed.' '.$way->label());
                }
                if ($choice->way->isNew && ! $way instanceof OnOffVariable) {
                    $this->assertNotContains($way->inWords(new PlainNames), $new, $seed);
                    $new[] = $way->inWords(new PlainNames);
                }
            }
        });
    }

    public function test_nothing_that_is_there_is_moved_and_no_contact_is_taken_twice(): void
    {
        self::always(function (BindingSet $set, Plan $plan, string $seed): void {
            $reach = Reach::of($set);
            $spots = [];
            foreach (self::choices($plan) as $choice) {
                $this->assertNull($set->cell($choice->spot->layer, $choice->spot->ref), $seed);
                $this->assertFalse($reach->reaches($choice->action->id), $seed);
                $this->assertNotContains((string) $choice->spot, $spots, $seed);
                $spots[] = (string) $choice->spot;
                if ($choice->way->isNew && isset($set->ways[$choice->action->id])) {
                    $this->assertStringContainsString('does not reach the game', $choice->way->why, $seed);
                }
            }
            $after = Games::random((int) substr($seed, 5))->assembled((new PlanEdits($set))->take($plan->proposals));
            foreach ($set->ways as $action => $way) {
                if ($reach->reaches($action)) {
                    $this->assertEquals($way, $after->wayOf($action), $seed);
                }
            }
            foreach ($plan->left as $action => $why) {
                $this->assertFalse(Reach::of($after)->reaches($action), $seed);
                $this->assertNotSame('', $why);
            }
            foreach ($set->cells as $layer => $cells) {
                foreach ($cells as $ref => $cell) {
                    $this->assertEquals($cell, $after->cell($layer, $ref), $seed);
                }
            }
        });
    }

    public function test_every_pair_is_complete_or_left_alone(): void
    {
        self::always(function (BindingSet $set, Plan $plan, string $seed): void {
            $reach = Reach::of($set);
            $planned = array_map(fn (PlannedCell $choice) => $choice->action->id, self::choices($plan));
            foreach (self::choices($plan) as $choice) {
                $partner = $set->catalogue === null ? null : (new Pairs($set->catalogue))->partnerOf($choice->action);
                if ($partner !== null) {
                    $this->assertTrue(
                        in_array($partner->id, $planned, true) || $reach->reaches($partner->id),
                        $seed.' '.$choice->action->id,
                    );
                }
                $control = $set->rig->controlOf($choice->spot->ref);
                if ($control?->kind instanceof TwoWay && $choice->action->effect->kind === EffectKind::Flip) {
                    $this->assertTrue($choice->action->byVariable, $seed);
                }
            }
        });
    }

    public function test_the_same_set_gives_the_same_plan(): void
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            $plans = array_map(function () use ($seed): Plan {
                $set = Games::random($seed)->assembled();
                assert($set->catalogue !== null);

                return (new Planner($set, $set->catalogue))->plan();
            }, [1, 2]);
            $this->assertEquals($plans[0], $plans[1], 'seed '.$seed);
        }
    }

    public function test_each_choice_says_why_and_can_be_turned_down_for_the_next_one(): void
    {
        $set = DemoSets::skerrywing();
        assert($set->catalogue !== null);
        $wanted = [
            'anchor', 'bilge', 'altimeter-up', 'altimeter-down', 'landing-light-on', 'landing-light-off', 'zoom-in',
            'power-right', 'flaps-up',
        ];
        $plan = (new Planner($set, $set->catalogue))->plan($wanted);
        $said = [];
        foreach ($plan->proposals as $proposal) {
            $said[$proposal->id()] = implode(
                ' + ',
                array_map(fn (PlannedCell $choice) => $choice->spot->ref, $proposal->choices),
            ).' | '.$proposal->why.' | '.$proposal->choices[0]->way->why;
        }
        $this->assertSame([
            'power-right' => 'gorse/finger | a free slider | axis 7 is the lowest that is free and seen',
            'anchor' =>
                'fennel/switch-2.up | it is on or off, as the switch is | the game only offers a flip and the switch '
                    .'has two positions, so its variable is written and they stay in step',
            'landing-light-on' =>
                'fennel/switch-3.up + fennel/switch-3.down | the switch has two positions, and the game one action '
                    .'for each | output 7 is the lowest that is free and seen',
            'altimeter-up' =>
                'fennel/encoder.plus + fennel/encoder.minus | steps both ways are what an encoder turns | output 9 '
                    .'is the lowest that is free and seen',
            'zoom-in' =>
                'rowan/encoder-1.plus + rowan/encoder-1.minus | steps both ways are what an encoder turns | output '
                    .'11 is the lowest that is free and seen',
        ], $said);
        $refused = (
            new Planner($set, $set->catalogue, wishes: new Wishes(['anchor' => ['fennel/switch-2.up']]))
        )->plan($wanted);
        $this->assertContains(
            'anchor:fennel/switch-3.up',
            array_map(fn ($proposal) => $proposal->refusal(), $refused->proposals),
        );
    }

    public function test_a_role_goes_where_it_is_elsewhere_if_there_is_room(): void
    {
        $set = DemoSets::skerrywing();
        assert($set->catalogue !== null);
        $known = [
            'squelch' => [new Slot('base', 'fennel/mark'), new Slot('base', 'gorse/button-5')],
            'anchor' => [new Slot('nowhere', 'gorse/button-6')], 'paddle' => [new Slot('base', 'fennel/switch-3.up')],
        ];
        $plan = (new Planner($set, $set->catalogue, $known, 'Elsewhere'))->plan(['squelch', 'anchor', 'paddle']);
        $at = [];
        foreach ($plan->proposals as $proposal) {
            $at[$proposal->id()] = [(string) $proposal->choices[0]->spot, $proposal->why];
        }
        $this->assertEquals(
            [
                'squelch' => ['base/gorse/button-5', 'the same job is there in Elsewhere'],
                'anchor' => ['base/gorse/button-6', 'the same job is there in Elsewhere'],
                'paddle' => ['base/fennel/left-thumb', 'a free push button'],
            ],
            $at,
            'a taken place is passed over, a layer that is not there is the base layer, a flip does not go to a switch',
        );
    }

    public function test_what_a_macro_does_counts_as_what_its_contact_does(): void
    {
        $own = DemoSets::skerrywing()->merged->own
            ->with(
                PartPath::macro('to-water'),
                [
                    'name' => 'To water',
                    'steps' => [
                        ['do' => 'press', 'output' => ['kind' => 'hold layer', 'layer' => 'water']],
                        ['do' => 'tap', 'output' => ['kind' => 'action', 'action' => 'squelch']],
                    ],
                ],
            )
            ->with(
                PartPath::cell('base', 'fennel/left-thumb'),
                ['behaviour' => ['kind' => 'macro', 'macro' => 'to-water']],
            );
        $set = DemoSets::skerrywing($own);
        assert($set->catalogue !== null);
        $this->assertSame(['base/fennel/left-thumb'], array_map(strval(...), Reach::of($set)->spots('squelch')));
        $this->assertFalse(
            (new Seats($set))->isFree('water', 'fennel/left-thumb'),
            'it leads to the layer, so it has no room in it',
        );
        $this->assertSame([], (new Planner($set, $set->catalogue))->plan(['squelch'])->proposals);
    }

    public function test_a_game_takes_only_what_it_sees_and_nobody_keeps(): void
    {
        $game = (new DemoSets)->catalogue('hairpin-ladder') ?? throw new \LogicException;
        $takes = array_map(
            $game->takes(...),
            [
                new ControllerButton(32), new ControllerButton(33), new ControllerAxis(8), new ControllerAxis(9),
                new KeyStroke('KeyB'), new KeyStroke('F1'), new KeyStroke('F1', ['ShiftLeft']),
                new OnOffVariable('horn', 1, 0),
            ],
        );
        $this->assertSame([true, false, true, false, true, false, true, true], $takes);
    }

    public function test_only_chosen_devices_are_used_and_all_of_it_can_go_by_keys_or_one_the_other_way(): void
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            $set = Games::random($seed)->assembled();
            assert($set->catalogue !== null);
            $devices = array_map(strval(...), array_keys($set->rig->devices));
            $some = array_slice($devices, 0, 1 + $seed % max(1, count($devices)));
            $plan = (new Planner($set, $set->catalogue, wishes: new Wishes(devices: $some, by: Wishes::KEY)))->plan();
            foreach (self::choices($plan) as $choice) {
                $this->assertContains(explode('/', $choice->spot->ref, 2)[0], $some, 'seed '.$seed);
                if ($choice->way->way instanceof ControllerButton) {
                    $this->assertFalse(
                        $choice->way->isNew
                            && ! str_contains($choice->way->why, 'does not reach')
                            && $this->hasKeyLeft($set),
                        'seed '.$seed.': '.$choice->way->why,
                    );
                }
            }
            $this->assertSame(
                [],
                (new Planner($set, $set->catalogue, wishes: new Wishes(devices: [])))->plan()->proposals,
                'seed '.$seed,
            );
        }
    }

    /** A key search only ends when all that a game leaves alone are used, which these games are too small for. */
    private function hasKeyLeft(BindingSet $set): bool
    {
        return count($set->catalogue->actions ?? []) < 60;
    }

    public function test_one_action_goes_the_other_way(): void
    {
        $set = DemoSets::skerrywing();
        assert($set->catalogue !== null);
        $ways = fn (Wishes $wishes): array => array_map(
            fn (PlannedCell $choice) => $choice->way->way::kind(),
            array_column(
                array_map(
                    fn (PlannedCell $choice) => [$choice->action->id, $choice],
                    self::choices(
                        (new Planner($set, $set->catalogue, wishes: $wishes))->plan(['squelch', 'prime', 'horn']),
                    ),
                ),
                1,
                0,
            ),
        );
        $this->assertSame(
            ['prime' => 'button', 'squelch' => 'button'],
            array_intersect_key($ways(new Wishes), ['prime' => 0, 'squelch' => 0]),
        );
        $this->assertSame(
            ['prime' => 'key', 'squelch' => 'key'],
            array_intersect_key($ways(new Wishes(by: Wishes::KEY)), ['prime' => 0, 'squelch' => 0]),
        );
        $this->assertSame(
            ['prime' => 'button', 'squelch' => 'key'],
            array_intersect_key($ways(new Wishes(otherwise: ['squelch'])), ['prime' => 0, 'squelch' => 0]),
        );
        $this->assertSame(
            ['prime' => 'key', 'squelch' => 'button'],
            array_intersect_key(
                $ways(new Wishes(by: Wishes::KEY, otherwise: ['squelch'])),
                ['prime' => 0, 'squelch' => 0],
            ),
        );
    }

    /** @return iterable<string, array{ControlKind}> */
    public static function kindsWithAnAxis(): iterable
    {
        foreach (ControlKinds::all() as $kind) {
            if ($kind->fits(new Reports(1, 0, false, false)) || $kind->fits(new Reports(2, 0, false, false))) {
                yield $kind::kind() => [$kind];
            }
        }
    }

    #[DataProvider('kindsWithAnAxis')]
    public function test_two_controls_of_a_kind_that_moves_by_degrees_are_proposed_for_two_axes(ControlKind $kind): void
    {
        $axis = fn (int $number): array => ['number' => $number, 'min' => 0, 'max' => 255];
        $axes = fn (int $n): array => $kind instanceof Stick ? [
            ['id' => 'x'] + $axis(2 * $n), ['id' => 'y'] + $axis(2 * $n + 1),
        ] : [$axis($n)];
        $set = Games::ofAxes(
            2,
            array_map(
                fn (int $n): array => [
                    'id' => 'c'.$n, 'name' => 'C'.$n, 'kind' => $kind::kind(), 'at' => [100 * $n, 50],
                    'axes' => $axes($n),
                ],
                [1, 2],
            ),
        )->assembled();
        $plan = (new Planner($set, $set->catalogue ?? self::fail()))->plan(['a1', 'a2']);
        // A switch that arrives as an axis has places, and no degrees.
        $this->assertCount($kind instanceof AxisSwitch ? 0 : 2, $plan->proposals);
        $this->assertSame(! $kind instanceof AxisSwitch, in_array($kind, ControlKinds::forAxis('power'), true));
    }

    public function test_no_switch_that_stays_is_proposed_for_a_sprung_one_nor_two_buttons_where_one_is_free(): void
    {
        self::always(function (BindingSet $set, Plan $plan, string $seed): void {
            $seats = new Seats($set);
            foreach ($plan->proposals as $proposal) {
                foreach ($proposal->choices as $choice) {
                    $seats->take($choice->spot);
                }
            }
            foreach ($plan->proposals as $proposal) {
                $first = $proposal->choices[0];
                $kind = $set->rig->controlOf($first->spot->ref)?->kind;
                if (
                    count($proposal->choices) === 2
                        && $first->action->effect->kind === EffectKind::Step
                        && ! str_contains($proposal->why, 'other side')
                        && ! str_contains($proposal->why, 'same job')
                ) {
                    $this->assertFalse($kind?->latches(), $seed.' '.$first->action->id);
                    if ($kind instanceof PushButton) {
                        $this->assertSame(
                            [],
                            iterator_to_array($seats->contacts(new Sprung, $first->spot->layer, 2), false),
                            $seed.' '.$first->action->id,
                        );
                    }
                }
            }
        });
    }
}
