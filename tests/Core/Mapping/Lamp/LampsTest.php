<?php

declare(strict_types=1);

namespace Tests\Core\Mapping\Lamp;

use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Exchange\Memory\DeviceAlone;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Lamp\LampBar;
use Nailrod\Core\Mapping\Lamp\LampRules;
use Nailrod\Core\Mapping\Lamp\Look;
use Nailrod\Core\Set\LampEdits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

final class LampsTest extends TestCase
{
    private static function desk(): Desk
    {
        return Desk::plain()
            ->saying([
                'flags' => ['f' => ['name' => 'F']],
                'stops' => [
                    'cruise' => [
                        'name' => 'Cruise', 'axes' => ['d/a'], 'side' => 'above', 'at' => 0.9, 'opens' => 'held',
                    ],
                ],
                'cells' => ['base' => ['d/a' => ['outputs' => [['kind' => 'axis', 'number' => 1]]]]],
            ])
            ->layer('water', 'b1')
            ->cell('base', 'b2', 'toggle', ['kind' => 'flag', 'flag' => 'f'])
            ->cell('base', 'b3', 'follow', ['kind' => 'open stop', 'stop' => 'cruise']);
    }

    /**
     * @param array<string, mixed> $rule
     *
     * @return list<string>
     */
    private static function lamps(Desk $desk, array $rule, string ...$lines): array
    {
        return array_values(array_filter(
            $desk->saying(['lamps' => ['rule' => $rule]])->play(...$lines),
            fn (string $row) => str_contains($row, ' lamp '),
        ));
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function edges(): iterable
    {
        yield 'a sum that is not quite the number' => [0.1 + 0.2, 1.0, 0.3];
        yield 'an end said more finely than a variable is kept' => [0.0, 0.1234559, 0.123456];
        yield 'one value alone' => [1 / 3, 1 / 3, 0.333333];
    }

    /** A condition compares in 6 decimals, and so does a lamp: it asks by a condition. */
    #[DataProvider('edges')]
    public function test_a_band_has_its_ends_where_a_condition_has_them(float $from, float $to, float $at): void
    {
        $rows = self::lamps(
            self::desk(),
            ['lamp' => 'd/lamp', 'while' => ['variable' => 'rpm', 'from' => $from, 'to' => $to]],
            '10 sim/rpm 900',
            '20 sim/rpm '.$at,
        );
        $this->assertSame('20 lamp d/lamp 1', end($rows));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function states(): iterable
    {
        yield 'a layer' => [['layer' => 'water'], ['10 lamp d/lamp 1', '20 lamp d/lamp 0']];
        yield 'the base layer, from the start' => [
            ['layer' => 'base'], ['0 lamp d/lamp 1', '10 lamp d/lamp 0', '20 lamp d/lamp 1'],
        ];
        yield 'a flag that is up' => [['flag' => 'f', 'is' => 'up'], ['30 lamp d/lamp 1', '50 lamp d/lamp 0']];
        yield 'a flag that is down' => [
            ['flag' => 'f', 'is' => 'down'], ['0 lamp d/lamp 1', '30 lamp d/lamp 0', '50 lamp d/lamp 1'],
        ];
        yield 'an open stop' => [['stop' => 'cruise', 'is' => 'open'], ['60 lamp d/lamp 1', '70 lamp d/lamp 0']];
        yield 'a contact that is closed' => [['contact' => 'd/b4'], ['80 lamp d/lamp 1', '90 lamp d/lamp 0']];
        yield 'an opposite, as it is found' => [['contact' => 'd/s.down'], ['0 lamp d/lamp 1', '95 lamp d/lamp 0']];
        yield 'always' => [['always' => true], ['0 lamp d/lamp 1']];
        yield 'a variable within a band' => [
            ['variable' => 'rpm', 'from' => 10, 'to' => 20], ['110 lamp d/lamp 1', '120 lamp d/lamp 0'],
        ];
    }

    /**
     * @param array<string, mixed> $while
     * @param list<string>         $expected
     */
    #[DataProvider('states')]
    public function test_a_lamp_is_lit_while_its_state_holds(array $while, array $expected): void
    {
        $this->assertSame($expected, self::lamps(
            self::desk(),
            ['lamp' => 'd/lamp', 'while' => $while],
            '0 s.up 0',
            '10 b1 1',
            '20 b1 0',
            '30 b2 1',
            '40 b2 0',
            '50 b2 1',
            '55 b2 0',
            '60 b3 1',
            '70 b3 0',
            '80 b4 1',
            '90 b4 0',
            '95 s.up 1',
            '100 sim/rpm 9.9',
            '110 sim/rpm 10',
            '120 sim/rpm 20.5',
        ));
    }

    public function test_colour_and_brightness_are_said_and_the_cause_names_the_rule(): void
    {
        $desk = self::desk()->saying([
            'lamps' => [
                'rule' => [
                    'lamp' => 'd/lamp', 'while' => ['contact' => 'd/b4'], 'colour' => 'amber', 'brightness' => 40,
                ],
            ],
        ]);
        $events = Machine::start($desk->program())->feed(Desk::inputs('10 b4 1'));
        $this->assertSame(['10 lamp d/lamp amber 40'], Desk::rows($events));
        $this->assertSame('d/b4=1@10000 > lamp rule', $events[0]->cause->compact());
    }

    public function test_a_lamp_that_lacks_the_colour_of_its_rule_is_lit_in_its_own_and_the_row_says_so(): void
    {
        $rule = ['lamp' => 'd/lamp', 'while' => ['contact' => 'd/b4'], 'colour' => 'blue'];
        $this->assertSame(
            ['10 lamp d/lamp white', '20 lamp d/lamp 0'],
            self::lamps(self::desk(), $rule, '10 b4 1', '20 b4 0'),
        );
        $this->assertSame(
            ['10 lamp d/lamp white 40 fast', '20 lamp d/lamp 0'],
            self::lamps(self::desk(), $rule + ['brightness' => 40, 'pattern' => 'fast'], '10 b4 1', '20 b4 0'),
        );
    }

    public function test_an_output_lights_the_lamp_too_and_the_rule_comes_first(): void
    {
        $desk = self::desk()->cell('base', 'b4', 'follow', ['kind' => 'lamp', 'lamp' => 'd/lamp']);
        $rule = ['lamp' => 'd/lamp', 'while' => ['layer' => 'water'], 'colour' => 'red'];
        $this->assertSame(
            ['10 lamp d/lamp 1', '30 lamp d/lamp 0'],
            self::lamps($desk, ['lamp' => 'd/lamp', 'while' => ['flag' => 'f', 'is' => 'up']], '10 b4 1', '30 b4 0'),
        );
        $this->assertSame(
            ['10 lamp d/lamp 1', '20 lamp d/lamp red', '30 lamp d/lamp 1', '40 lamp d/lamp 0'],
            self::lamps($desk, $rule, '10 b4 1', '20 b1 1', '30 b1 0', '40 b4 0'),
        );
        $this->assertSame(
            ['20 lamp d/lamp red', '50 lamp d/lamp 0'],
            self::lamps($desk, $rule, '20 b1 1', '30 b4 1', '40 b4 0', '50 b1 0'),
        );
    }

    /** @param array<string, mixed> $fields */
    private static function bar(array $fields = []): LampBar
    {
        return LampBar::from(LampBar::fields()->read(Node::of($fields + [
            'lamps' => ['d/1', 'd/2', 'd/3', 'd/4'], 'shows' => 'rpm', 'from' => 0, 'to' => 8000,
            'bands' => [
                ['to' => 4000, 'colour' => 'green'], ['to' => 6000, 'colour' => 'amber'],
                ['to' => 8000, 'colour' => 'red'],
            ],
        ])));
    }

    /** @return array<string, int|string> */
    private static function looks(LampBar $bar, float $value): array
    {
        return array_map(fn (Look $look) => $look->value(), $bar->at($value));
    }

    public function test_a_bar_lights_lamp_by_lamp_each_in_the_colour_of_its_band(): void
    {
        $this->assertSame([], self::looks(self::bar(), 1999));
        $this->assertSame(['d/1' => 'green'], self::looks(self::bar(), 2000));
        $this->assertSame(['d/1' => 'green', 'd/2' => 'green', 'd/3' => 'amber'], self::looks(self::bar(), 7999));
        $this->assertSame(
            ['d/1' => 'green', 'd/2' => 'green', 'd/3' => 'amber', 'd/4' => 'red'],
            self::looks(self::bar(), 9000),
        );
    }

    public function test_all_that_is_lit_takes_the_colour_of_the_band_of_the_value_and_flashes_above_a_limit(): void
    {
        $bar = self::bar(['coloured' => 'whole', 'flash_above' => 7500, 'brightness' => 30]);
        $this->assertSame(['d/1' => 'amber 30', 'd/2' => 'amber 30', 'd/3' => 'amber 30'], self::looks($bar, 6000));
        $this->assertSame(['d/1' => 'red 30', 'd/2' => 'red 30', 'd/3' => 'red 30'], self::looks($bar, 6001));
        $this->assertSame(
            ['d/1' => 'red 30 fast', 'd/2' => 'red 30 fast', 'd/3' => 'red 30 fast'],
            self::looks($bar, 7501),
        );
        $this->assertSame(['d/1' => 1], self::looks(self::bar(['bands' => []]), 2000));
    }

    public function test_after_an_edit_lamps_are_as_the_new_rules_say_and_a_closed_session_leaves_all_dark(): void
    {
        $rule = fn (string $while): Desk => self::desk()->saying(
            ['lamps' => ['rule' => ['lamp' => 'd/lamp', 'while' => ['contact' => $while]]]],
        );
        $old = $rule('d/b3')->program();
        $machine = Machine::start($old);
        $machine->feed(Desk::inputs('10 b4 0', '10 b3 1'));
        $this->assertSame(['d/lamp' => 1], $machine->state->lamps->lit);
        [$again, $events] = Swap::to($old, $old, $machine->state, ['d/b3' => 1, 'd/b4' => 0]);
        $this->assertNotContains('10 lamp d/lamp 0', Desk::rows($events), 'it does not flicker');
        [$other, $events] = Swap::to($rule('d/b4')->program(), $old, $again->state, ['d/b3' => 1, 'd/b4' => 0]);
        $this->assertContains('10 lamp d/lamp 0', Desk::rows($events));
        $other->feed(Desk::inputs('20 b4 1'));
        $this->assertContains('20 lamp d/lamp 0', Desk::rows($other->letGoOfEverything(new Cause(Cause::CLOSED))));
    }

    /** @return iterable<array{array<string, mixed>, string}> */
    public static function broken(): iterable
    {
        yield [
            ['lamp' => 'd/lamp', 'while' => ['layer' => 'none']],
            'lamps.r.while.layer: found "none", expected a layer of the set',
        ];
        yield [
            ['lamp' => 'd/lamp', 'while' => ['flag' => 'f', 'is' => 'open']],
            'lamps.r.while.is: found "open", expected one of up, down',
        ];
        yield [
            ['lamp' => 'd/lamp', 'while' => ['variable' => 'x', 'from' => 3, 'to' => 2]],
            'lamps.r.while.to: found 2, expected a number from 3 to 1000000000',
        ];
        yield [
            ['lamps' => ['d/lamp'], 'shows' => 'x', 'from' => 0, 'to' => 1],
            'lamps.r.lamps: found a list of 1, expected two or more lamps, each once',
        ];
        yield [
            ['lamps' => ['d/lamp', 'd/x'], 'shows' => 'x', 'from' => 1, 'to' => 1],
            'lamps.r.to: found 1, expected a number above 1',
        ];
        yield [
            ['lamp' => 'd/lamp', 'while' => ['contact' => 'd/b1'], 'brightness' => 0],
            'lamps.r.brightness: found 0, expected a whole number from 1 to 100',
        ];
    }

    /** @param array<string, mixed> $rule */
    #[DataProvider('broken')]
    public function test_a_rule_that_does_not_fit_is_refused_with_its_place(array $rule, string $told): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($told);
        self::desk()->saying(['lamps' => ['r' => $rule]])->assembled();
    }

    public function test_a_rule_for_a_lamp_that_the_rig_has_not_is_left_out(): void
    {
        $set = self::desk()->saying(
            ['lamps' => ['r' => ['lamp' => 'gone/lamp', 'while' => ['layer' => 'base']]]],
        )->assembled();
        $this->assertSame([], $set->lamps);
    }

    public function test_a_layer_may_let_go_of_what_was_toggled_in_it(): void
    {
        $desk = fn (bool $letsGo): Desk => self::desk()->saying(
            ['layers' => ['water' => ['name' => 'Water', 'lets_go' => $letsGo]]],
        )->cell('water', 'b4', 'toggle', ['kind' => 'button', 'number' => 7]);
        $lines = ['10 b1 1', '20 b4 1', '30 b4 0', '40 b1 0'];
        $this->assertNotContains('40 button 7 0', $desk(false)->play(...$lines));
        $this->assertContains('40 button 7 0', $desk(true)->play(...$lines));
    }

    public function test_layers_come_in_the_order_they_are_given(): void
    {
        $set = Desk::plain()->saying([
            'layers' => [
                'one' => ['name' => 'One', 'place' => 3], 'two' => ['name' => 'Two', 'place' => 1],
                'base' => ['name' => 'Flight', 'colour' => 4],
            ],
        ])->assembled();
        $this->assertSame(['base', 'two', 'one'], array_keys($set->layers));
        $this->assertSame(['Flight', 4], [$set->layers['base']->name, $set->layers['base']->colour]);
    }

    public function test_several_lamps_are_lit_by_one_rule_in_one_colour_and_pattern(): void
    {
        $set = DemoSets::skerrywing();
        $rule = [
            'lamp' => 'fennel/lamp-1', 'also' => ['fennel/lamp-2', 'fennel/lamp-3', 'fennel/lamp-4', 'fennel/lamp-5'],
            'while' => ['layer' => 'water'], 'colour' => 'red', 'pattern' => 'twice',
        ];
        $own = $set->merged->own->with(PartPath::lamp('five'), $rule);
        foreach (array_keys($set->lamps) as $id) {
            $own = $own->without(PartPath::lamp((string) $id));
        }
        $set = DemoSets::skerrywing($own);
        $machine = Machine::start(Compiler::compile($set));
        $rows = array_values(array_filter(
            Desk::rows($machine->feed([new Input(10_000, 'fennel/ring', 1), new Input(20_000, 'fennel/ring', 0)])),
            fn (string $row) => str_contains($row, ' lamp '),
        ));
        $this->assertSame(
            ['10 lamp fennel/lamp-1 red twice', '10 lamp fennel/lamp-5 red twice', '20 lamp fennel/lamp-1 0'],
            [$rows[0], $rows[4], $rows[5]],
        );
        $this->assertCount(10, $rows);
        $this->assertSame(
            'Lamp 1, Lamp 2, Lamp 3, Lamp 4 and Lamp 5 are red, in two flashes, while layer On water is live.',
            (new Words($set))->lampRule($set->lamps['five']),
        );
        $this->assertSame($rule['also'], $set->lamps['five']->toArray()['also']);
        $this->assertEquals($rule, $set->lamps['five']->toArray());
        $this->assertNull($set->lamps['five']->whyNotOn(new DeviceAlone($set, $set->rig->devices['fennel'])));
        $this->assertSame(
            'it lights a lamp of another device too',
            $set->lamps['five']->whyNotOn(new DeviceAlone($set, $set->rig->devices['rowan'])),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function words(): iterable
    {
        yield 'always' => [['lamp' => 'fennel/lamp-1', 'while' => ['always' => true]], 'Lamp 1 is always lit.'];
        yield 'always, flashing' => [
            ['lamp' => 'fennel/lamp-1', 'while' => ['always' => true], 'colour' => 'green', 'pattern' => 'slow'],
            'Lamp 1 is always green, flashing slowly.',
        ];
        yield 'two, flashing' => [
            [
                'lamp' => 'fennel/lamp-1', 'also' => ['fennel/lamp-2'], 'while' => ['always' => true],
                'brightness' => 40, 'pattern' => 'fast',
            ],
            'Lamp 1 and Lamp 2 are always in its colour at 40 %, flashing.',
        ];
    }

    /** @param array<string, mixed> $rule */
    #[DataProvider('words')]
    public function test_a_rule_is_told_in_words(array $rule, string $words): void
    {
        $this->assertSame($words, (new Words(DemoSets::skerrywing()))->lampRule(LampRules::read(Node::of($rule))));
    }

    public function test_a_rule_that_names_a_lamp_twice_or_is_not_always_is_refused(): void
    {
        foreach (
            [
                ['lamp' => 'd/l', 'also' => ['d/l'], 'while' => ['always' => true]],
                ['lamp' => 'd/l', 'while' => ['always' => false]],
                ['lamp' => 'd/l', 'while' => ['always' => true], 'pattern' => 'thrice'],
            ] as $rule
        ) {
            try {
                LampRules::read(Node::of($rule));
                $this->fail('It was read.');
            } catch (FormatError $error) {
                $this->assertMatchesRegularExpression('/each lamp once|expected true|steady/', $error->getMessage());
            }
        }
    }

    public function test_a_colour_that_a_lamp_does_not_have_is_told(): void
    {
        $own = DemoSets::skerrywing()->merged->own->with(
            PartPath::lamp('ring'),
            ['lamp' => 'rowan/button-1', 'also' => ['rowan/rev-1'], 'while' => ['always' => true], 'colour' => 'white'],
        );
        $told = array_values(array_filter(
            Checks::over(DemoSets::skerrywing($own)),
            fn ($finding) => $finding->kind === 'no such colour',
        ));
        $this->assertCount(1, $told);
        $this->assertSame(
            'Rev 1 cannot be white, though a rule asks for it: Ring of button 1 and Rev 1 are always white.',
            $told[0]->sentence,
        );
    }

    /** @return list<string> what is told of these rules, of which each stands in the file after the one before it */
    private static function contradictions(array ...$rules): array
    {
        $own = DemoSets::skerrywing()->merged->own;
        foreach ($rules as $i => $rule) {
            $own = $own->with(PartPath::lamp('rule-'.$i), $rule);
        }
        $told = array_values(array_filter(
            Checks::over(DemoSets::skerrywing($own)),
            fn (Finding $finding) => $finding->kind === 'rules that contradict',
        ));
        foreach ($told as $finding) {
            $mended = $finding->mend === null ? null : DemoSets::skerrywing($finding->mend->edit());
            self::assertTrue($mended === null || Checks::find($mended, $finding->id()) === null);
        }

        return array_map(
            fn (Finding $finding) => $finding->sentence.($finding->mend === null ? '' : ' > '.$finding->mend->words),
            $told,
        );
    }

    public function test_a_rule_that_a_later_one_hides_is_told_and_one_that_says_the_same_is_not(): void
    {
        $ring = ['lamp' => 'rowan/button-3', 'while' => ['layer' => 'water'], 'colour' => 'white'];
        $always = ['while' => ['always' => true], 'colour' => 'amber'] + $ring;
        $this->assertSame(
            [
                'Ring of button 3: the later one of two rules holds whenever the earlier does, which is never seen: '
                    .'“Ring of button 3 is white while layer On water is live” and “Ring of button 3 is always '
                    .'amber”. > Take the earlier rule away',
            ],
            self::contradictions($ring, $always),
        );
        $this->assertCount(1, self::contradictions($ring, ['colour' => 'amber'] + $ring));
        $this->assertSame([], self::contradictions($always, $ring), 'the later one has its time');
        $this->assertSame(
            [],
            self::contradictions($ring, ['while' => ['layer' => 'base'], 'colour' => 'amber'] + $ring),
        );
        $this->assertSame([], self::contradictions($ring, ['colour' => 'white'] + $always), 'lit alike');
        $this->assertSame([], self::contradictions($ring, ['lamp' => 'rowan/button-4'] + $always));
        // A row hides a lamp of it from its place on.
        $row = [
            'lamps' => ['rowan/button-3', 'rowan/button-4'], 'shows' => 'power', 'from' => 0, 'to' => 100,
            'bands' => [['to' => 100, 'colour' => 'amber']],
        ];
        $this->assertCount(
            1,
            self::contradictions(['while' => ['variable' => 'power', 'from' => 60, 'to' => 90]] + $ring, $row),
        );
    }

    public function test_rules_that_hold_at_once_at_some_values_are_told(): void
    {
        $low = [
            'lamp' => 'rowan/button-3', 'also' => ['rowan/button-4', 'rowan/button-5', 'rowan/button-6'],
            'while' => ['variable' => 'power', 'from' => 0, 'to' => 50], 'colour' => 'white',
        ];
        $high = ['while' => ['variable' => 'power', 'from' => 40, 'to' => 100], 'colour' => 'amber'] + $low;
        $told = self::contradictions($low, $high);
        $this->assertCount(1, $told);
        $this->assertStringStartsWith(
            'Ring of button 3 to Ring of button 6: two rules hold at once at some values, and the later one decides: “',
            $told[0],
        );
        $this->assertSame(
            [],
            self::contradictions($low, ['while' => ['variable' => 'power', 'from' => 50.001, 'to' => 100]] + $high),
        );
        $this->assertSame(
            [],
            self::contradictions($low, ['while' => ['variable' => 'mixture', 'from' => 0, 'to' => 100]] + $high),
        );
    }

    public function test_a_lever_that_turns_to_another_layer_changes_its_lamp_at_that_reading(): void
    {
        $desk = self::desk()->saying([
            'made' => ['far' => ['kind' => 'above', 'name' => 'Far', 'of' => ['d/a'], 'at' => 0.5]],
            'cells' => [
                'base' => [
                    'made/far' => [
                        'behaviour' => ['kind' => 'follow'],
                        'outputs' => [['kind' => 'hold layer', 'layer' => 'water']],
                    ],
                ],
            ],
        ]);
        $this->assertSame(
            ['20 lamp d/lamp 1', '40 lamp d/lamp 0'],
            self::lamps(
                $desk,
                ['lamp' => 'd/lamp', 'while' => ['layer' => 'water']],
                '10 a 400',
                '20 a 600',
                '30 a 610',
                '40 a 300',
                '50 a 200',
            ),
        );
    }

    public function test_a_lamp_that_is_not_there_leaves_the_others_of_its_rule_lit_and_a_row_rests_without_one(): void
    {
        $while = ['while' => ['always' => true]];
        $this->assertSame(
            ['0 lamp d/lamp 1'],
            self::lamps(self::desk(), ['lamp' => 'd/none', 'also' => ['d/lamp', 'x/lamp']] + $while, '0 b1 0'),
        );
        $this->assertSame([], self::lamps(self::desk(), ['lamp' => 'd/none'] + $while, '0 b1 0'));
        $this->assertSame(
            [],
            self::lamps(
                self::desk(),
                ['lamps' => ['d/lamp', 'd/none'], 'shows' => 'rpm', 'from' => 0, 'to' => 0.0001],
                '0 b1 0',
                '10 sim/rpm 5',
            ),
        );
    }

    public function test_an_edit_of_a_rule_keeps_the_lamps_that_are_not_there_just_now(): void
    {
        $set = self::desk()->saying(
            ['lamps' => ['rule' => ['lamp' => 'd/lamp', 'also' => ['x/tile'], 'while' => ['always' => true]]]],
        )->assembled();
        $this->assertSame(['d/lamp'], $set->lamps['rule']->lamps());
        $changed = LampRules::read(Node::of(['lamp' => 'd/lamp', 'while' => ['layer' => 'water']]));
        $this->assertSame(
            ['also' => ['x/tile'], 'lamp' => 'd/lamp', 'while' => ['layer' => 'water']],
            (new LampEdits($set))->save('rule', $changed)->value(PartPath::lamp('rule')),
        );
        $this->assertSame(
            ['lamp' => 'd/lamp', 'while' => ['layer' => 'water']],
            (new LampEdits($set))->save('', $changed)->value(PartPath::lamp('d-lamp')),
        );
    }
}
