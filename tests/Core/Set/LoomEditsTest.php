<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Advice\Plan\LayerLink;
use Nailrod\Core\Advice\Plan\LayerMap;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Macro\Bar;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\OutputNumbers;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Conflicts;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\LayerEdits;
use Nailrod\Core\Set\LayerLook;
use Nailrod\Core\Set\MacroEdits;
use Nailrod\Core\Set\OutputUse;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Transfers;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/**
 * What the loom is asked beyond one cell: layers and ways out, transfers, free numbers, conflicts; and the edits of
 * macros.
 */
final class LoomEditsTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    private static function with(Desk $desk, SetDocument $edited): BindingSet
    {
        return (new Assembly($desk))->assemble($edited);
    }

    public function test_the_map_tells_what_leads_where_and_what_is_drawn(): void
    {
        $set = Desk::plain()->layer('water', 'b1')
            ->saying(['layers' => ['trim' => ['name' => 'Trim']]])
            ->cell(
                'base',
                'b2',
                'follow',
                ['kind' => 'step layer', 'direction' => 'next', 'layers' => ['base', 'trim']],
            )
            ->assembled();
        $words = fn (LayerLink $link): string => $link->from.' '.$link->ref.' '.$link->words.' '.$link->to;
        $this->assertSame(
            [
                'base d/b1 hold water', 'base d/b2 next trim', 'water d/b1 hold water', 'water d/b2 next base',
                'trim d/b1 hold water', 'trim d/b2 next base',
            ],
            array_map($words, LayerMap::of($set)->links),
        );
        $this->assertSame([], LayerMap::of($set)->trapped());
        $this->assertSame([], LayerMap::of($set)->unreached());
    }

    public function test_a_layer_whose_way_out_is_cleared_is_pointed_out(): void
    {
        $desk = Desk::plain()->saying(['layers' => ['trim' => ['name' => 'Trim'], 'radio' => ['name' => 'Radio']]])
            ->cell('base', 'b1', 'follow', ['kind' => 'go to layer', 'layer' => 'trim']);
        $this->assertSame(
            [],
            LayerMap::of(
                $desk->cell('trim', 'b2', 'follow', ['kind' => 'go to layer', 'layer' => 'base'])->assembled(),
            )->trapped(),
        );
        $this->assertSame(['radio'], LayerMap::of($desk->assembled())->unreached());
        $this->assertSame(
            ['trim' => 'Button 1 leads to it and stays, and nothing in it leads to another layer'],
            LayerMap::of($desk->assembled())->trapped(),
        );
        $this->assertSame(
            [],
            LayerMap::of(
                $desk->cell('base', 'b2', 'follow', ['kind' => 'go to layer', 'layer' => 'base'])->assembled(),
            )->trapped(),
            'what falls through leads out too',
        );
        $this->assertArrayHasKey(
            'trim',
            LayerMap::of(
                $desk->cell(
                    'base',
                    'b2',
                    'follow',
                    ['kind' => 'go to layer', 'layer' => 'base'],
                )->nothing('trim', 'b2')->assembled(),
            )->trapped(),
        );
        // A layer that is held over it and leads away is a way out too.
        $over = $desk->layer('water', 'b3')->cell(
            'water',
            'b4',
            'follow',
            ['kind' => 'go to layer', 'layer' => 'base'],
        );
        $this->assertSame([], LayerMap::of($over->assembled())->trapped());
    }

    public function test_a_layer_that_is_turned_on_must_be_turned_off_by_the_same_contact(): void
    {
        $desk = Desk::plain()->layer('water', 'b4')->cell(
            'base',
            'b1',
            'toggle',
            ['kind' => 'hold layer', 'layer' => 'water'],
        );
        $this->assertSame([], LayerMap::of($desk->assembled())->trapped());
        $hidden = $desk->cell('water', 'b1', 'follow', self::button(3));
        $this->assertSame(
            ['water' => 'Button 1 turns it on, but means something else in it, so that nothing turns it off'],
            LayerMap::of($hidden->assembled())->trapped(),
        );
        $this->assertSame(
            [],
            LayerMap::of(
                $hidden->cell('base', 'b3', 'follow', ['kind' => 'let go of everything'])->assembled(),
            )->trapped(),
        );
    }

    public function test_what_the_holder_of_a_layer_says_in_it_never_comes_into_play(): void
    {
        $desk = Desk::plain()->layer('water', 'b1')->cell('water', 'b1', 'follow', self::button(3));
        $this->assertSame([['layer' => 'water', 'ref' => 'd/b1']], LayerMap::of($desk->assembled())->idleCells());
        $two = $desk->cell('base', 'b2', 'follow', ['kind' => 'hold layer', 'layer' => 'water']);
        $this->assertSame([], LayerMap::of($two->assembled())->idleCells());
    }

    public function test_cells_rows_and_layers_are_copied_moved_swapped_and_cleared(): void
    {
        $desk = Desk::plain()
            ->layer('water', 'b4')
            ->cell('base', 'b1', 'toggle', self::button(1))
            ->cell('base', 'b2', 'follow', self::button(2))
            ->cell('water', 'b1', 'follow', self::button(3));
        $brief = function (SetDocument $edited) use ($desk): array {
            $brief = [];
            foreach (self::with($desk, $edited)->cells as $layer => $cells) {
                foreach ($cells as $ref => $cell) {
                    $brief[$layer.' '.substr($ref, 2)] = $cell->outputs[0]->inWords(new PlainNames);
                }
            }
            ksort($brief);

            return array_diff_key($brief, ['base b4' => 0]);
        };
        $transfers = new Transfers($desk->assembled());
        $this->assertSame(
            ['base b1' => 'output 1', 'base b2' => 'output 2', 'base b3' => 'output 1', 'water b1' => 'output 3'],
            $brief($transfers->cell('copy', 'base', 'd/b1', 'base', 'd/b3')),
        );
        $this->assertSame(
            ['base b1' => 'output 1', 'water b1' => 'output 3', 'water b2' => 'output 2'],
            $brief($transfers->cell('move', 'base', 'd/b2', 'water', 'd/b2')),
        );
        $this->assertSame(
            ['base b1' => 'output 3', 'base b2' => 'output 2', 'water b1' => 'output 1'],
            $brief($transfers->cell('swap', 'base', 'd/b1', 'water', 'd/b1')),
        );
        $this->assertSame(
            ['base b1' => 'output 2', 'base b2' => 'output 1', 'water b2' => 'output 3'],
            $brief($transfers->row('swap', 'd/b1', 'd/b2')),
        );
        $this->assertSame(
            ['base b1' => 'output 1', 'base b2' => 'output 1', 'water b1' => 'output 3', 'water b2' => 'output 3'],
            $brief($transfers->row('copy', 'd/b1', 'd/b2')),
        );
        $this->assertSame(
            ['base b1' => 'output 3', 'water b1' => 'output 3'],
            $brief($transfers->layerAs('copy', 'water', 'base')),
            'what a layer does not say is cleared in the other',
        );
        $this->assertSame(['base b1' => 'output 3'], $brief($transfers->layerAs('move', 'water', 'base')));
        $this->assertSame(['base b2' => 'output 2'], $brief($transfers->clearRow('d/b1')));
        $this->assertSame(['base b1' => 'output 1', 'base b2' => 'output 2'], $brief($transfers->clearLayer('water')));
        $twice = (
            new Transfers(self::with($desk, $transfers->row('swap', 'd/b1', 'd/b2')))
        )->row('swap', 'd/b1', 'd/b2');
        $this->assertEquals($desk->assembled()->cells, self::with($desk, $twice)->cells);
    }

    public function test_a_transfer_that_cannot_be_is_refused(): void
    {
        $transfers = new Transfers(Desk::plain()->assembled());
        foreach ([
            [
                fn () => $transfers->cell('move', 'base', 'd/a', 'base', 'd/b1'),
                'to: found Button 1, a contact, expected an axis, since Lever A is one',
            ],
            [
                fn () => $transfers->cell('move', 'base', 'd/b1', 'base', 'd/b1'),
                'to: found the same place, expected another one',
            ],
            [
                fn () => $transfers->rows('move', ['d/a' => 'd/b1']),
                'to: found Button 1, a contact, expected an axis, since Lever A is one',
            ],
            [
                fn () => $transfers->cell('bend', 'base', 'd/b1', 'base', 'd/b2'),
                'how: found "bend", expected one of copy, move, swap',
            ],
            [fn () => $transfers->layerAs('copy', 'base', 'moon'), 'layer: found "moon", expected a layer of the set'],
            [
                fn () => $transfers->row('copy', 'd/b1', 'd/none'),
                'ref: found "d/none", expected a contact or an axis of the rig',
            ],
        ] as [$edit, $told]) {
            try {
                $edit();
                $this->fail($told);
            } catch (FormatError $error) {
                $this->assertStringContainsString($told, $error->getMessage());
            }
        }
    }

    public function test_free_numbers_are_found_from_below_from_above_in_blocks_and_in_gaps(): void
    {
        $numbers = new OutputNumbers([1 => ['a'], 2 => ['b'], 5 => ['c'], 10 => ['d'], 40 => ['e']], 12);
        $this->assertSame([3, 4, 6, 7, 8, 9, 11, 12], $numbers->free());
        $this->assertSame([3, 12], [$numbers->lowest(), $numbers->highest()]);
        $this->assertSame([3, 3, 6, 6, null, null], array_map($numbers->block(...), [1, 2, 3, 4, 5, 0]));
        $this->assertSame([3, 4, 6, 7, 8, 9], $numbers->gaps());
        $this->assertSame([40], $numbers->unseen());
        $full = new OutputNumbers([1 => ['a']], 1);
        $this->assertSame([null, null, []], [$full->lowest(), $full->highest(), $full->gaps()]);
        $this->assertNull((new OutputNumbers([], 0))->lowest());
    }

    public function test_where_a_number_is_used_is_told_and_conflicts_are_between_controls(): void
    {
        $set = Desk::plain()->layer('water', 'b4')
            ->saying(
                ['macros' => ['m' => ['name' => 'Horn', 'steps' => [['do' => 'tap', 'output' => self::button(9)]]]]],
            )
            ->cell('base', 's.up', 'follow', self::button(2))->cell(
                'base',
                's.down',
                'follow',
                self::button(2),
            )->cell('base', 'b1', 'follow', self::button(1))->cell('water', 'b2', 'follow', self::button(1))
            ->assembled();
        $this->assertSame([
            1 => ['at' => ['Desk Button 1, Base', 'Desk Button 2, Water'], 'hears' => []],
            2 => ['at' => ['Desk Switch S up, Base', 'Desk Switch S down, Base'], 'hears' => []],
            9 => ['at' => ['macro Horn'], 'hears' => []],
        ], (new OutputUse($set))->chart(ControllerButton::class));
        $this->assertSame([1, 2, 9], array_keys((new OutputUse($set))->buttons()->used));
        $this->assertEquals(['water/d/b2' => true, 'base/d/b1' => true], (new Conflicts($set))->all());
        $this->assertEquals(
            ['water/d/b2' => true, 'base/d/b1' => true],
            (new Conflicts($set, ['d/b1']))->all(),
            'looked at from one of the two',
        );
        $this->assertSame([], (new Conflicts($set, ['d/s.up', 'd/b3']))->all());
        $this->assertSame(
            [['base/d/b1'], ['water/d/b2'], []],
            [
                (new Conflicts($set))->with('water', 'd/b2'), (new Conflicts($set))->with('base', 'd/b1'),
                (new Conflicts($set))->with('base', 'd/s.up'),
            ],
        );
    }

    public function test_the_chart_says_what_the_game_hears_of_each_number_and_who_sends_it(): void
    {
        $chart = (new OutputUse(DemoSets::skerrywing()))->chart(ControllerButton::class);
        $this->assertSame(
            ['at' => ['Fennel Mark button, Cruise', 'macro Three sacks'], 'hears' => ['Drop a sack']],
            $chart[4],
        );
        $set = DemoSets::skerrywing((new Edits(DemoSets::skerrywing()))->clear('base', 'fennel/mark'));
        $this->assertSame(
            ['at' => ['macro Three sacks'], 'hears' => ['Drop a sack']],
            (new OutputUse($set))->chart(ControllerButton::class)[4],
        );
        $this->assertSame(
            array_keys((new OutputUse($set))->buttons()->used),
            array_keys((new OutputUse($set))->chart(ControllerButton::class)),
        );
    }

    public function test_a_layer_is_known_by_its_own_look_else_by_its_place(): void
    {
        $set = Desk::plain()->layer('water', 'b4')->layer('land', 'b3')->assembled();
        $this->assertSame(
            [0, 1, 2],
            array_map(fn (string $layer) => LayerLook::of($set, $layer), ['base', 'water', 'land']),
        );
        $own = Desk::plain()->saying(['layers' => ['water' => ['name' => 'Water', 'colour' => 6]]])->assembled();
        $this->assertSame([0, 5], [LayerLook::of($own, 'base'), LayerLook::of($own, 'water')]);
    }

    public function test_a_flattened_set_keeps_its_simulator_and_says_all_that_it_said(): void
    {
        $set = DemoSets::skerrywing();
        $flat = $set->merged->flattened();
        $this->assertSame(['skerrywing', null], [$flat->simulator, $flat->parent]);
        $this->assertEquals(array_keys($set->cells['base']), array_keys(DemoSets::skerrywing($flat)->cells['base']));
    }

    public function test_a_cell_holds_in_every_layer_or_only_in_its_own(): void
    {
        $desk = Desk::plain()->layer('water', 'b4')->layer('land', 'b3')
            ->cell('base', 'b1', 'follow', self::button(1))->cell(
                'water',
                'b1',
                'follow',
                self::button(3),
            )->cell('land', 'b2', 'follow', self::button(2));
        $transfers = new Transfers($desk->assembled());
        $says = fn (SetDocument $document, string $ref): array => array_map(
            fn (string $layer): string => self::with($desk, $document)
                ->cell($layer, 'd/'.$ref)?->outputs[0]->inWords(new PlainNames) ?? '',
            ['base', 'water', 'land'],
        );
        $this->assertSame(['output 3', '', ''], $says($transfers->everywhere('water', 'd/b1'), 'b1'));
        $this->assertSame(['output 1', '', ''], $says($transfers->everywhere('base', 'd/b1'), 'b1'));
        $this->assertSame(['', 'output 3', ''], $says($transfers->onlyIn('water', 'd/b1'), 'b1'));
        $this->assertSame(['output 2', '', ''], $says($transfers->everywhere('land', 'd/b2'), 'b2'));
        $this->assertSame(
            [true, false],
            [$transfers->isElsewhere('water', 'd/b1'), $transfers->isElsewhere('land', 'd/b2')],
        );
        $this->expectExceptionMessage('layer: found nothing there, expected a layer that says what the control does');
        $transfers->everywhere('land', 'd/b1');
    }

    public function test_what_a_layer_says_anew_is_not_in_conflict_there(): void
    {
        $desk = Desk::plain()->layer('water', 'b4')->cell('base', 'b1', 'follow', self::button(1))->cell(
            'water',
            'b2',
            'follow',
            self::button(1),
        );
        $hidden = new Conflicts($desk->cell('water', 'b1', 'follow', self::button(5))->assembled());
        $this->assertSame([], $hidden->all());
        $this->assertSame([[], []], [$hidden->with('water', 'd/b2'), $hidden->with('base', 'd/b1')]);
        $this->assertCount(2, (new Conflicts($desk->assembled()))->all(), 'but what falls through is');
    }

    public function test_macros_are_made_named_filled_copied_and_taken_away_with_all_that_plays_them(): void
    {
        $layouts = [
            'us' => KeyLayout::fromJson((string) file_get_contents(__DIR__.'/../../../layouts/us.layout.json')),
        ];
        $desk = Desk::plain();
        $edit = fn (BindingSet $set): MacroEdits => new MacroEdits($set, $layouts);
        $set = self::with($desk, $edit($desk->assembled())->add('Harbour call'));
        $set = self::with($desk, $edit($set)->addBar('harbour-call', $edit($set)->typing('Hi', 'us', 10_000, 0)));
        $set = self::with($desk, $edit($set)->addBars('harbour-call', [Bar::of(new KeyStroke('Enter'), 0, 30_000)]));
        $this->assertSame(
            [
                ['do' => 'type', 'text' => 'Hi', 'layout' => 'us', 'ms' => 10],
                ['do' => 'tap', 'output' => ['kind' => 'key', 'code' => 'Enter'], 'ms' => 30],
            ],
            $set->macros['harbour-call']->toArray()['steps'],
        );
        $set = self::with($desk, $edit($set)->moveBar('harbour-call', 1, 60_000, 80_000));
        $set = self::with($desk, $edit($set)->retype('harbour-call', 0, 'Hey', 'us', 10_000));
        $this->assertSame(80_000, $set->macros['harbour-call']->length($layouts));
        $set = self::with($desk, $edit($set)->say('harbour-call', ['name' => 'Call', 'plays' => 'while held']));
        $set = self::with($desk, $edit($set)->copy('harbour-call'));
        $this->assertSame(
            ['harbour-call' => 'Call', 'call-copy' => 'Call copy'],
            array_map(fn ($macro) => $macro->name, $set->macros),
        );
        $playing = self::with($desk, $set->merged->own->with(
            PartPath::cell('base', 'd/b1'),
            ['behaviour' => ['kind' => 'macro', 'macro' => 'harbour-call']],
        )
            ->with(
                PartPath::cell('base', 'd/b2'),
                [
                    'behaviour' => ['kind' => 'follow'],
                    'outputs' => [['kind' => 'start macro', 'macro' => 'harbour-call'], self::button(2)],
                ],
            ));
        $gone = self::with($desk, $edit($playing)->remove('harbour-call'));
        $this->assertSame(['call-copy'], array_keys($gone->macros));
        $this->assertNull($gone->cell('base', 'd/b1'));
        $this->assertCount(1, $gone->cell('base', 'd/b2')->outputs ?? []);
        $this->expectExceptionMessage('macros: found 9, expected the number of a bar, 0 to 1');
        $edit($gone)->removeBar('call-copy', 9);
    }

    public function test_a_colour_that_a_layer_has_by_its_place_is_not_said(): void
    {
        $set = Desk::plain()->saying(
            ['layers' => ['one' => ['name' => 'One'], 'two' => ['name' => 'Two', 'colour' => 5]]],
        )->assembled();
        $said = fn (string $id, int $colour): array => Node::of(
            (new LayerEdits($set))->say($id, ['colour' => $colour])->value(PartPath::layer($id)),
        )->plain();
        $this->assertSame(['name' => 'One'], $said('one', 2));
        $this->assertSame(['colour' => 3, 'name' => 'One'], $said('one', 3));
        $this->assertSame(['colour' => 3, 'name' => 'Two'], $said('two', 3), 'one that was chosen before is said');
    }

    public function test_a_macro_that_is_not_there_is_not_taken_away(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('macros: found "none"');
        (new MacroEdits(Desk::plain()->assembled(), []))->remove('none');
    }
}
