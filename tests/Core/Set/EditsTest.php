<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\Axis\StartingShape;
use Nailrod\Core\Mapping\Behaviour\Pulse;
use Nailrod\Core\Mapping\Behaviour\Toggle;
use Nailrod\Core\Mapping\Output\ActionOutput;
use Nailrod\Core\Mapping\Output\ControllerAxis;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\HoldLayer;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Set\Advice;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\LayerEdits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\ShapeEdits;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/** Edits of the demo sets, without storage. */
final class EditsTest extends TestCase
{
    /** @return iterable<string, array{callable(Edits): SetDocument, string}> */
    public static function refused(): iterable
    {
        $stop = ['name' => 'S', 'axes' => ['fennel/left-lever'], 'at' => 0.5, 'opens' => 'held'];
        yield 'an axis that is not there' => [
            fn () => (new ShapeEdits(DemoSets::skerrywing()))->shape(
                'fennel/none',
                'curve',
                ['kind' => 'expo', 'k' => 0.1],
            ),
            'axes: found "fennel/none", expected an axis of the rig.',
        ];
        yield 'a part that is not one' => [
            fn () => (new ShapeEdits(DemoSets::skerrywing()))->shape('fennel/left-lever', 'colour', ['red' => 1]),
            'axes.fennel/left-lever.colour: found a field that this format does not have',
        ];
        yield 'an opener that is not there' => [
            fn (Edits $e) => $e->stop('s', $stop, 'fennel/none'),
            'cells.base: found "fennel/none", expected a contact of the rig.',
        ];
        yield 'an axis as an opener' => [
            fn (Edits $e) => $e->stop('s', $stop, 'fennel/friction'),
            'cells.base: found "fennel/friction", expected a contact of the rig.',
        ];
        yield 'a stop without axes' => [
            fn (Edits $e) => $e->stop('s', ['axes' => []] + $stop, null),
            'stops.s.axes: found a list of 0, expected one or more axes, each once.',
        ];
        yield 'a layer that is not there' => [
            fn (Edits $e) => $e->assign('radio', 'fennel/mark', null, [new ControllerButton(1)]),
            'cells: found "radio", expected a layer of the set.',
        ];
        yield 'a control that is not there' => [
            fn (Edits $e) => $e->nothing('base', 'fennel/none'),
            'cells.base: found "fennel/none", expected a contact or an axis of the rig.',
        ];
        yield 'no output' => [
            fn (Edits $e) => $e->assign('base', 'fennel/mark', null, []),
            'cells.base.fennel/mark.outputs: found a list of 0, expected at least one output.',
        ];
        yield 'a stop that is not there' => [
            fn (Edits $e) => $e->removeStop('none'), 'stops: found "none", expected a stop of the set.',
        ];
        yield 'the base layer' => [
            fn () => (new LayerEdits(DemoSets::skerrywing()))->remove('base'),
            'layers.base: found the base layer, expected another layer',
        ];
        yield 'a layer to rename that is not there' => [
            fn () => (new LayerEdits(DemoSets::skerrywing()))->rename('radio', 'Radio'),
            'layers: found "radio", expected a layer of the set.',
        ];
        yield 'nothing to fall out of step with' => [
            fn (Edits $e) => $e->keepInStep('base', 'fennel/mark'),
            'cells.base.fennel/mark: found no action that a switch can fall out of step with',
        ];
    }

    /** @param callable(Edits): SetDocument $edit */
    #[DataProvider('refused')]
    public function test_an_edit_that_cannot_be_is_refused_with_its_place(callable $edit, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        $edit(new Edits(DemoSets::skerrywing()));
    }

    public function test_a_layer_goes_with_all_that_it_says_and_what_leads_to_it(): void
    {
        $set = DemoSets::skerrywing((new LayerEdits(DemoSets::skerrywing()))->add('Radio', 'gorse/button-5'));
        $set = DemoSets::skerrywing(
            (new Edits($set))->assign('radio', 'fennel/mark', null, [new ControllerButton(50)]),
        );
        $this->assertEquals([new HoldLayer('radio')], $set->cell('base', 'gorse/button-5')?->outputs);
        $without = DemoSets::skerrywing((new LayerEdits($set))->remove('radio'));
        $this->assertNull($without->cell('base', 'gorse/button-5'));
        $this->assertArrayNotHasKey('radio', $without->layers);
        $this->assertSame(DemoSets::skerrywing()->merged->own->toJson(), $without->merged->own->toJson());
        $water = DemoSets::skerrywing((new LayerEdits($set))->remove('water'));
        $this->assertArrayNotHasKey('water', $water->layers);
        $this->assertNull($water->cell('base', 'fennel/ring'), 'the ring lever of the house set held it');
    }

    public function test_a_layer_that_is_moved_takes_its_place_and_only_those_that_it_passes_are_said_anew(): void
    {
        $set = Desk::plain()->saying([
            'layers' => [
                'one' => ['name' => 'One', 'place' => 1], 'two' => ['name' => 'Two', 'place' => 2],
                'three' => ['name' => 'Three', 'place' => 3],
            ],
        ])->assembled();
        $places = fn (SetDocument $document): array => array_map(
            fn (mixed $layer) => is_array($layer) ? $layer['place'] ?? null : null,
            $document->said('layers'),
        );
        $this->assertSame(['one' => 1, 'two' => 3, 'three' => 2], $places((new LayerEdits($set))->shift('three', -1)));
        $this->assertSame(['one' => 3, 'two' => 1, 'three' => 2], $places((new LayerEdits($set))->shift('one', 9)));
        $below = Desk::plain()->under(
            'parent',
            [
                'layers' => [
                    'one' => ['name' => 'One', 'place' => 1], 'two' => ['name' => 'Two', 'place' => 2],
                    'three' => ['name' => 'Three', 'place' => 3],
                ],
            ],
        )->assembled();
        $this->assertSame(
            ['three' => 2, 'two' => 3],
            $places((new LayerEdits($below))->shift('three', -1)),
            'the first is still where the parent says',
        );
    }

    public function test_a_set_without_its_parents_says_all_that_it_inherits(): void
    {
        $set = Desk::plain()->under(
            'parent',
            [
                'flags' => ['armed' => ['name' => 'Armed']],
                'cells' => [
                    'base' => [
                        'd/b2' => [
                            'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 1]],
                        ],
                    ],
                ],
            ],
        )->cell('base', 'b1', 'follow', ['kind' => 'button', 'number' => 1])->assembled();
        $flat = $set->merged->flattened();
        $this->assertNull($flat->parent);
        $this->assertSame(['flags/armed', 'cells/base/d/b2', 'cells/base/d/b1'], array_keys($flat->parts()));
        $this->assertSame(['d'], $flat->devices);
    }

    public function test_the_name_of_a_layer_makes_its_id_and_two_of_one_name_differ(): void
    {
        $set = DemoSets::skerrywing();
        foreach (['Très long: ééé!', 'On water', '///'] as $name) {
            $set = DemoSets::skerrywing((new LayerEdits($set))->add($name, null));
        }
        $this->assertSame(['base', 'water', 'tr-s-long', 'on-water', 'layer'], array_keys($set->layers));
    }

    public function test_a_behaviour_that_was_chosen_is_kept_and_what_was_not_is_usual(): void
    {
        $edits = new Edits(DemoSets::skerrywing());
        $kind = fn (SetDocument $document, string $ref): string => DemoSets::skerrywing($document)
            ->cell('base', $ref)?->behaviour?->inWords(new PlainNames) ?? 'none';
        $this->assertSame(
            'toggle',
            $kind($edits->assign('base', 'gorse/button-6', new Toggle, [new ActionOutput('horn')]), 'gorse/button-6'),
        );
        $this->assertSame(
            'follow',
            $kind($edits->assign('base', 'gorse/button-6', null, [new ActionOutput('horn')]), 'gorse/button-6'),
        );
        $this->assertSame(
            'pulse 60 ms',
            $kind($edits->assign('base', 'gorse/button-6', null, [new ActionOutput('hatch')]), 'gorse/button-6'),
        );
        $this->assertSame(
            'follow',
            $kind($edits->assign('base', 'gorse/button-6', null, [new KeyStroke('KeyZ')]), 'gorse/button-6'),
        );
        $this->assertSame(
            'none',
            $kind($edits->assign('base', 'gorse/finger', null, [new ControllerAxis(8)]), 'gorse/finger'),
        );
    }

    public function test_brief_words_leave_out_what_is_usual(): void
    {
        $set = DemoSets::skerrywing();
        $words = new Words($set);
        $brief = fn (string $ref): string => $words->brief($set->cell('base', $ref) ?? throw new \LogicException($ref));
        $this->assertSame(
            ['Drop a sack', 'Starter', 'hold On water'],
            array_map($brief, ['fennel/mark', 'fennel/right-thumb', 'fennel/ring']),
        );
        $set = DemoSets::skerrywing(
            (new Edits($set))->assign('base', 'fennel/mark', Pulse::on('both', 90), [new ActionOutput('drop-sack')]),
        );
        $this->assertSame(
            'Drop a sack · pulse 90 ms when it closes and when it opens',
            (new Words($set))->brief($set->cell('base', 'fennel/mark') ?? throw new \LogicException),
        );
    }

    public function test_advice_is_given_for_two_way_switches_on_flips_only(): void
    {
        $with = function (string $ref, string $action): ?string {
            $set = DemoSets::skerrywing(
                (new Edits(DemoSets::skerrywing()))->assign('base', $ref, null, [new ActionOutput($action)]),
            );

            return (new Advice($set))->outOfStep('base', $ref)?->action->id;
        };
        $this->assertSame('anchor-light', $with('fennel/switch-2.up', 'anchor-light'));
        $this->assertNull($with('gorse/button-5', 'anchor-light'), 'a push button does not stay');
        $this->assertNull($with('fennel/switch-2.up', 'landing-light-on'), 'the game offers on and off');
        $this->assertNull($with('fennel/switch-2.up', 'bilge'), 'its variable cannot be written');
    }

    public function test_any_chain_of_edits_gives_documents_that_read_back_and_compile_with_differences_in_words(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        $set = DemoSets::skerrywing();
        $done = 0;
        for ($i = 0; $i < 250; $i++) {
            $before = $set->merged->own;
            try {
                $after = $this->randomEdit($set, $dice);
                $set = DemoSets::skerrywing($after);
                $done++;
            } catch (FormatError $error) {
                $this->assertNotSame('', $error->getMessage());

                continue;
            }
            $this->assertSame($after->toJson(), SetDocument::fromJson($after->toJson())->toJson());
            $changes = SetDiff::between($before, $after);
            $this->assertNotSame('', (new Words($set))->sentence($changes));
            $this->assertSame($changes === [], $before->toJson() === $after->toJson());
            Compiler::compile($set);
        }
        $this->assertGreaterThan(130, $done);
    }

    private function randomEdit(BindingSet $set, Randomizer $dice): SetDocument
    {
        $edits = new Edits($set);
        $pick = fn (array $keys): string => (string) $keys[$dice->getInt(0, count($keys) - 1)];
        $axis = $pick(array_keys($set->rig->axes));
        $contact = $pick(array_keys($set->rig->contacts));
        $layer = $pick(array_keys($set->layers));
        $stop = $pick([...array_keys($set->stops), 'one', 'two']);

        $shapes = new ShapeEdits($set);
        $made = $pick([...array_keys($set->made), 'none']);

        return match ($dice->getInt(0, 17)) {
            0 => $shapes->shape(
                $axis,
                'dead_zones',
                ['low' => $dice->getInt(0, 60) / 100, 'high' => $dice->getInt(0, 60) / 100],
            ),
            1 => $shapes->shape($axis, 'curve', ['kind' => 'expo', 'k' => $dice->getInt(-110, 110) / 100]),
            2 => $edits->stop(
                $stop,
                [
                    'name' => 'S', 'axes' => [$axis], 'at' => $dice->getInt(0, 100) / 100,
                    'side' => $pick(['above', 'below']), 'opens' => $pick(['held', 'until drawn back']),
                ],
                $contact,
            ),
            3 => $edits->removeStop($stop),
            4 => $edits->assign(
                $layer,
                $contact,
                null,
                [new ActionOutput($pick(array_keys($set->catalogue->actions ?? [])))],
            ),
            5 => $edits->assign($layer, $contact, null, [new HoldLayer($pick(array_keys($set->layers)))]),
            6 => $edits->nothing($layer, $pick([$axis, $contact])),
            7 => $edits->clear($layer, $pick([$axis, $contact])),
            8 => (new LayerEdits($set))->add('Layer '.$dice->getInt(1, 5), $contact),
            9 => (new LayerEdits($set))->remove($layer),
            10 => $shapes->add(
                $axis,
                $pick([
                    'point', 'notch', 'stop', 'threshold', 'zones', 'halves', 'larger', 'shared travel',
                    'four directions',
                ]),
                $dice->getInt(0, 100) / 100,
                $pick(array_keys($set->rig->axes)),
            ),
            11 => $shapes->remove($pick(['point', 'notch']), $axis, $dice->getInt(0, 3)),
            12 => $shapes->removeMade($made),
            13 => $shapes->fit(
                $axis,
                $dice->getInt(0, 100) / 100,
                $dice->getInt(0, 100) / 100,
                $dice->getInt(0, 1) === 1,
            ),
            14 => $shapes->beginWith($axis, $pick(array_keys(StartingShape::all()))),
            15 => $shapes->remove('bound', $made, 0),
            16 => $edits->giveBack(PartPath::cell($layer, $contact)),
            default => $edits->way(
                $pick(array_keys($set->catalogue->actions ?? [])),
                new ControllerButton($dice->getInt(1, 40)),
            ),
        };
    }

    public function test_paths_are_read_as_they_are_written(): void
    {
        foreach (DemoSets::skerrywing()->merged->parts() as $path => $part) {
            $this->assertEquals($part->path, PartPath::of($path));
        }
        $this->expectExceptionMessage('path: found "cells/base", expected the path of a part, such as stops/cruise.');
        PartPath::of('cells/base');
    }

    public function test_a_cell_reads_what_it_writes(): void
    {
        foreach (DemoSets::skerrywing()->merged->section('cells') as $part) {
            $this->assertSame($part->value, Node::of($part->value)->plain());
        }
    }

    public function test_a_layer_that_is_moved_by_nothing_or_past_an_end_stays_among_the_others(): void
    {
        $set = Desk::plain()->saying(['layers' => [
            'one' => ['name' => 'One', 'place' => 1], 'two' => ['name' => 'Two', 'place' => 2],
            'three' => ['name' => 'Three', 'place' => 3]]])->assembled();
        $order = fn (string $id, int $by): array => array_keys(
            (new Assembly(Desk::plain()))->assemble((new LayerEdits($set))->shift($id, $by))->layers,
        );
        $this->assertSame(['base', 'one', 'two', 'three'], $order('two', 0));
        $this->assertSame(['base', 'one', 'three', 'two'], $order('two', 1));
        $this->assertSame(['base', 'two', 'one', 'three'], $order('two', -5));
        $this->assertSame(['base', 'one', 'three', 'two'], $order('two', 5));
    }

    public function test_a_switch_that_is_kept_in_step_has_the_other_position_free(): void
    {
        $set = DemoSets::skerrywing();
        foreach (['fennel/switch-2.up', 'fennel/switch-2.down'] as $position) {
            $set = DemoSets::skerrywing(
                (new Edits($set))->assign('base', $position, null, [new ActionOutput('anchor-light')]),
            );
        }
        $after = DemoSets::skerrywing((new Edits($set))->keepInStep('base', 'fennel/switch-2.up'));
        $this->assertNull($after->cell('base', 'fennel/switch-2.down'));
        $this->assertNotNull($after->cell('base', 'fennel/switch-2.up'));
    }

    public function test_what_is_added_to_a_picture_stands_where_the_hand_is_but_not_at_the_very_end(): void
    {
        $at = function (float $travel): float {
            $set = Desk::plain()->assembled();
            $after = (new Assembly(Desk::plain()))->assemble((new ShapeEdits($set))->add('d/a', 'stop', $travel));

            return array_values($after->stops)[0]->at;
        };
        $this->assertSame([0.01, 0.4, 0.99], array_map($at, [0.0, 0.4, 1.0]));
    }
}
