<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\LayerEdits;
use Nailrod\Core\Set\MacroEdits;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\Removal;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\ShapeEdits;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;
use Tests\Core\Laws\World;

/** What is taken away leaves no name that leads nowhere, and is never refused for want of cleaning up. */
final class RemovalTest extends TestCase
{
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    /** Everything that can name a stop, a layer, a macro and a flag does. */
    private static function desk(): Desk
    {
        $cell = fn (
            array $behaviour,
            array $outputs,
            ?array $when = null,
        ): array => ['behaviour' => $behaviour, 'outputs' => $outputs] + ($when === null ? [] : ['when' => $when]);
        $open = ['kind' => 'open stop', 'stop' => 'cruise'];
        $start = ['kind' => 'start macro', 'macro' => 'call'];

        return Desk::plain()->saying([
            'layers' => ['one' => ['name' => 'One'], 'two' => ['name' => 'Two']],
            'flags' => ['quiet' => ['name' => 'Quiet']],
            'stops' => ['cruise' => ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.9, 'opens' => 'held']],
            'macros' => [
                'call' => ['name' => 'Call', 'steps' => [['do' => 'tap', 'output' => self::button(1), 'ms' => 20]]],
                'round' => [
                    'name' => 'Round', 'plays' => 'while held', 'when' => ['stop' => 'cruise', 'is' => 'open'],
                    'steps' => [
                        ['do' => 'press', 'output' => $open],
                        ['do' => 'tap', 'output' => ['kind' => 'hold layer', 'layer' => 'one'], 'ms' => 50],
                        ['do' => 'tap', 'output' => $start, 'ms' => 30], ['do' => 'release', 'output' => $open],
                    ],
                ],
            ],
            'lamps' => [
                'l1' => ['lamp' => 'd/lamp', 'while' => ['stop' => 'cruise', 'is' => 'open']],
                'l2' => ['lamp' => 'd/lamp', 'while' => ['layer' => 'one']],
                'l3' => ['lamp' => 'd/lamp', 'while' => ['flag' => 'quiet', 'is' => 'down']],
            ],
            'chords' => [
                'base' => [
                    'c1' => ['name' => 'C1', 'of' => ['d/b1', 'd/b2'], 'outputs' => [$open]],
                    'c2' => [
                        'name' => 'C2', 'of' => ['d/b1', 'd/b3'], 'outputs' => [self::button(9)],
                        'when' => ['stop' => 'cruise', 'is' => 'open'],
                    ],
                ],
                'one' => ['c3' => ['name' => 'C3', 'of' => ['d/b1', 'd/b2'], 'outputs' => [self::button(8)]]],
            ],
            'ways' => ['power-stop' => $open],
            'cells' => [
                'base' => [
                    'd/b1' => $cell(['kind' => 'follow'], [$open]),
                    'd/b2' => $cell(['kind' => 'follow'], [self::button(2)], ['stop' => 'cruise', 'is' => 'open']),
                    'd/b3' => $cell(['kind' => 'follow'], [self::button(3)], ['stop' => 'cruise', 'is' => 'shut']),
                    'd/b4' => $cell(
                        ['kind' => 'short/long/double', 'short' => 0, 'long' => 1, 'double' => 2],
                        [self::button(4), $open, self::button(5)],
                    ),
                    'd/s.up' => $cell(
                        ['kind' => 'pulse'],
                        [['kind' => 'step layer', 'direction' => 'next', 'layers' => ['base', 'one', 'two']]],
                        ['flag' => 'quiet', 'is' => 'down'],
                    ),
                    'd/s.down' => ['behaviour' => ['kind' => 'macro', 'macro' => 'call']],
                    'd/t.up' => $cell(['kind' => 'pulse'], [$start, self::button(7)]),
                    'd/t.down' => $cell(['kind' => 'follow'], [['kind' => 'flag', 'flag' => 'quiet']]),
                ],
                'one' => ['d/b4' => $cell(['kind' => 'pulse'], [['kind' => 'go to layer', 'layer' => 'base']])],
            ],
        ]);
    }

    /** @return array<string, mixed> the values of the parts that are left, by path */
    private static function left(SetDocument $document): array
    {
        return array_map(fn ($part) => $part->value, $document->parts());
    }

    private static function again(SetDocument $document): BindingSet
    {
        return (new Assembly(self::desk()))->assemble($document);
    }

    public function test_a_stop_goes_with_all_that_names_it(): void
    {
        $left = self::left($after = (new Edits(self::desk()->assembled()))->removeStop('cruise'));
        self::again($after);
        foreach (
            [
                'stops/cruise', 'lamps/l1', 'chords/base/c1', 'chords/base/c2', 'ways/power-stop', 'cells/base/d/b1',
                'cells/base/d/b2',
            ] as $path
        ) {
            $this->assertArrayNotHasKey($path, $left);
        }
        $this->assertArrayNotHasKey('when', $left['cells/base/d/b3'], 'a stop that is gone is never open');
        $this->assertEquals(
            [
                'behaviour' => [
                    'kind' => 'short/long/double', 'short' => 0, 'double' => 1, 'long_ms' => 500, 'double_ms' => 300,
                    'width_ms' => 60,
                ],
                'outputs' => [self::button(4), self::button(5)],
            ],
            $left['cells/base/d/b4'],
            'the double stays the double',
        );
        $this->assertArrayNotHasKey('when', $left['macros/round']);
        $this->assertSame(['tap', 'tap'], array_column($left['macros/round']['steps'], 'do'));
    }

    public function test_a_layer_and_a_macro_go_though_a_repeating_macro_depends_on_them(): void
    {
        $left = self::left($after = (new LayerEdits(self::desk()->assembled()))->remove('one'));
        self::again($after);
        $this->assertArrayNotHasKey('chords/one/c3', $left);
        $this->assertArrayNotHasKey('cells/one/d/b4', $left);
        $this->assertArrayNotHasKey('lamps/l2', $left);
        $this->assertSame(['base', 'two'], $left['cells/base/d/s.up']['outputs'][0]['layers']);
        $this->assertEquals(['do' => 'wait', 'ms' => 50], $left['macros/round']['steps'][1], 'it keeps its rhythm');

        $macros = (new MacroEdits(self::desk()->assembled(), []))->remove('call');
        $left = self::left($macros);
        self::again($macros);
        $this->assertArrayNotHasKey('cells/base/d/s.down', $left);
        $this->assertSame([self::button(7)], $left['cells/base/d/t.up']['outputs']);

        $left = (new Removal(self::desk()->assembled()))->of(Gone::part(NamesPart::FLAG, 'quiet'));
        self::again($left);
        $left = self::left($left);
        $this->assertArrayNotHasKey('when', $left['cells/base/d/s.up']);
        $this->assertArrayNotHasKey('cells/base/d/t.down', $left);
        $this->assertArrayNotHasKey('lamps/l3', $left);
    }

    public function test_a_repeating_macro_of_which_no_time_is_left_plays_once(): void
    {
        $desk = Desk::plain()->saying([
            'layers' => ['one' => ['name' => 'One']],
            'macros' => [
                'm' => [
                    'name' => 'M', 'plays' => 'while held',
                    'steps' => [['do' => 'tap', 'output' => ['kind' => 'hold layer', 'layer' => 'one'], 'ms' => 50]],
                ],
            ],
        ]);
        $left = self::left((new LayerEdits($desk->assembled()))->remove('one'));
        $this->assertEquals([['do' => 'wait', 'ms' => 50]], $left['macros/m']['steps']);
        $this->assertSame('while held', $left['macros/m']['plays']);
    }

    public function test_a_child_takes_away_a_layer_in_which_its_parent_says_cells(): void
    {
        $desk = Desk::plain()
            ->cell('base', 'b1', 'follow', self::button(1))
            ->under('house', ['devices' => ['d'], 'layers' => ['water' => ['name' => 'Water']], 'cells' => [
            'base' => [
                'd/b2' => [
                    'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'hold layer', 'layer' => 'water']],
                ],
            ],
            'water' => ['d/b3' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(3)]]],
        ],
            'chords' => [
                'water' => ['c' => ['name' => 'C', 'of' => ['d/b1', 'd/b3'], 'outputs' => [self::button(4)]]],
            ]]);
        $after = (new LayerEdits($desk->assembled()))->remove('water');
        $set = (new Assembly($desk))->assemble($after);
        $this->assertSame(['base'], array_keys($set->layers));
        $this->assertSame(['d/b1'], array_keys($set->cells['base']));
        $this->assertSame([[], false], [$set->chords, isset($set->cells['water'])]);
        $this->expectExceptionMessage('cells.nowhere: found "nowhere", expected a layer of the set');
        Desk::plain()->cell('nowhere', 'b1', 'follow', self::button(1))->assembled();
    }

    public function test_taking_one_output_away_moves_no_other_out_of_its_place(): void
    {
        $fast = ['kind' => 'ticks', 'coarse_above' => 5];
        $desk = Desk::plain()->cell('base', 'e.plus', $fast, self::button(1), self::button(2))->cell(
            'base',
            'b1',
            ['kind' => 'short/long/double', 'short' => 0, 'long' => 1],
            self::button(3),
            self::button(4),
        );
        $edits = new Edits($desk->assembled());
        $this->assertSame(
            ['coarse' => 0],
            array_intersect_key(
                self::left($edits->removeOutput('base', 'd/e.plus', 0))['cells/base/d/e.plus']['behaviour'],
                ['fine' => 0, 'coarse' => 0],
            ),
        );
        $set = (new Assembly($desk))->assemble($edits->removeOutput('base', 'd/e.plus', 0));
        $back = self::left(
            (new Edits($set))->addOutput('base', 'd/e.plus', new ControllerButton(7)),
        )['cells/base/d/e.plus'];
        $this->assertSame(
            ['fine' => 1, 'coarse' => 0],
            array_intersect_key($back['behaviour'], ['fine' => 0, 'coarse' => 0]),
        );
        $this->assertSame(
            1,
            self::left($edits->removeOutput('base', 'd/e.plus', 1))['cells/base/d/e.plus']['outputs'][0]['number'],
        );
        $this->assertEquals(
            ['kind' => 'short/long/double', 'long' => 0, 'long_ms' => 500, 'double_ms' => 300, 'width_ms' => 60],
            self::left($edits->removeOutput('base', 'd/b1', 0))['cells/base/d/b1']['behaviour'],
        );
        $this->assertEquals(
            ['kind' => 'pulse', 'on' => 'release', 'width_ms' => 60],
            self::left($edits->removeOutput('base', 'd/b1', 1))['cells/base/d/b1']['behaviour'],
        );
        $this->expectExceptionMessage('outputs: found no output at place 3, expected one that this cell has.');
        $edits->removeOutput('base', 'd/b1', 2);
    }

    public function test_coarse_ticks_alone_leave_slow_turns_without_an_output(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'e.plus',
            ['kind' => 'ticks', 'coarse_above' => 10, 'coarse' => 0, 'width_ms' => 5, 'gap_ms' => 5],
            self::button(2),
        );
        $this->assertSame(
            ['520 button 2 1', '525 button 2 0'],
            $desk->play('100 e 1', '500 e 1', '510 e 1', '520 e 1'),
        );
    }

    public function test_a_way_names_only_what_is_there_and_is_of_a_kind_that_the_format_has(): void
    {
        foreach (
            [
                ['kind' => 'open stop', 'stop' => 'gone'], ['kind' => 'hold layer', 'layer' => 'gone'],
                ['kind' => 'start macro', 'macro' => 'gone'], ['kind' => 'let go of everything'],
            ] as $way
        ) {
            try {
                Desk::plain()->saying(['ways' => ['horn' => $way]])->assembled();
                $this->fail(json_encode($way).' is no way.');
            } catch (FormatError $error) {
                $this->assertStringStartsWith('ways.horn.', $error->getMessage());
            }
        }
    }

    public function test_what_is_made_goes_with_its_chords_and_lamps(): void
    {
        $desk = Desk::plain()->saying([
            'made' => ['x' => ['kind' => 'above', 'name' => 'X', 'of' => ['d/a'], 'at' => 0.5]],
            'lamps' => ['l' => ['lamp' => 'd/lamp', 'while' => ['contact' => 'made/x.not']]],
            'chords' => [
                'base' => ['c' => ['name' => 'C', 'of' => ['made/x', 'd/b1'], 'outputs' => [self::button(1)]]],
            ],
        ]);
        $this->assertSame([], (new ShapeEdits($desk->assembled()))->removeMade('x')->parts());
    }

    public function test_in_random_sets_whatever_is_removed_leaves_a_set_that_holds_together(): void
    {
        $removed = 0;
        for ($seed = 1; $seed <= 150; $seed++) {
            $set = (new World($seed))->set;
            foreach (
                [
                    'made' => $set->made, NamesPart::STOP => $set->stops,
                    NamesPart::LAYER => array_diff_key($set->layers, ['base' => 0]), NamesPart::MACRO => $set->macros,
                    NamesPart::FLAG => $set->flags,
                ] as $sort => $all
            ) {
                foreach (array_keys($all) as $id) {
                    $after = (new Removal($set))->of(Gone::part($sort, (string) $id));
                    $left = BindingSet::of(
                        MergedDocument::of([$after]),
                        $set->rig->with(null),
                        null,
                        [],
                        $set->layouts,
                    );
                    $this->assertSame([], $left->missing);
                    $this->assertStringNotContainsString('"'.$sort.'":"'.$id.'"', $after->toCompactJson());
                    $removed++;
                }
            }
        }
        $this->assertGreaterThan(500, $removed);
    }
}
