<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\MacroUse;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\Sections;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

final class SetsTest extends TestCase
{
    private static function inherited(): Desk
    {
        return Desk::plain()->under('house', [
            'layers' => ['base' => ['name' => 'Cruise'], 'water' => ['name' => 'On water']],
            'axes' => ['d/a' => ['curve' => ['kind' => 'expo', 'k' => 0.2], 'dead_zones' => ['low' => 0.1]]],
            'stops' => ['cruise' => ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.9, 'opens' => 'held']],
            'cells' => ['base' => [
                'd/b1' => [
                    'behaviour' => ['kind' => 'follow'],
                    'outputs' => [['kind' => 'open stop', 'stop' => 'cruise'], ['kind' => 'button', 'number' => 9]],
                ],
                'd/b2' => [
                    'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'hold layer', 'layer' => 'water']],
                ],
            ]],
        ]);
    }

    public function test_every_part_of_a_merged_set_knows_where_it_comes_from(): void
    {
        $set = self::inherited()->saying(
            ['axes' => ['d/a' => ['curve' => ['kind' => 'expo', 'k' => 0.5]]]],
        )->assembled();
        $origin = fn (PartPath $path) => $set->merged->origin($path);
        $this->assertSame('test', $origin(PartPath::axis('d/a', 'curve')));
        $this->assertSame('house', $origin(PartPath::axis('d/a', 'dead_zones')));
        $this->assertSame('house', $origin(PartPath::stop('cruise')));
        $this->assertSame('house', $origin(PartPath::cell('base', 'd/b1')));
        $this->assertNull($origin(PartPath::cell('base', 'd/b3')));
        $this->assertNotSame(
            $set->merged->own->id,
            $set->merged->origin(PartPath::layer('water')) ?? $set->merged->own->id,
        );
        $this->assertSame('Cruise', $set->layers['base']->name);
        foreach ($set->merged->parts() as $path => $part) {
            $this->assertNotNull($set->merged->origin(PartPath::of($path)), $path);
            $this->assertSame((string) PartPath::of($path), (string) $part->path);
        }
    }

    public function test_null_takes_away_what_the_parent_says_and_without_gives_it_back(): void
    {
        $desk = self::inherited();
        $edits = new Edits($desk->assembled());
        $gone = $edits->clear('base', 'd/b2');
        $this->assertStringContainsString('"d/b2": null', $gone->toJson());
        $this->assertSame(
            $desk->document()->toJson(),
            $gone->without(PartPath::cell('base', 'd/b2'))->without(PartPath::cell('base', 'd/b2'))->toJson(),
        );
    }

    public function test_a_stop_is_taken_away_with_its_opener_but_not_with_what_else_that_does(): void
    {
        $set = self::inherited()->assembled();
        $document = (new Edits($set))->removeStop('cruise');
        $cell = $document->parts()['cells/base/d/b1']->value;
        $this->assertIsArray($cell);
        $this->assertSame([['kind' => 'button', 'number' => 9]], $cell['outputs']);
        $this->assertNull($document->parts()['stops/cruise']->value);
    }

    public function test_all_that_is_said_of_a_device_is_said_of_another(): void
    {
        $set = SetDocument::read(Node::of([
            'format' => SetDocument::FORMAT, 'version' => 1, 'id' => 'x', 'name' => 'X',
            'devices' => ['gorse', 'fennel', 'rowan'],
            'controls' => [
                'fennel' => ['mark' => ['name' => 'fennel/mark']], 'rowan' => ['button-1' => ['name' => 'One']],
            ],
            'cells' => [
                'base' => [
                    'fennel/mark' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'lamp', 'lamp' => 'fennel/lamp']],
                    ],
                    'rowan/button-1' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 1]],
                    ],
                ],
            ],
        ]))->withDevice('fennel', 'fennel-2');
        $this->assertSame(['gorse', 'fennel-2', 'rowan'], $set->devices);
        $this->assertSame(
            ['rowan/button-1', 'fennel-2/mark'],
            array_map(fn ($part) => $part->path->key.'/'.$part->path->inner, array_values($set->partsOf('controls'))),
        );
        $this->assertSame(
            ['name' => 'fennel/mark'],
            $set->partsOf('controls')['controls/fennel-2/mark']->value,
            'a name is no reference',
        );
        $this->assertSame(
            ['base/fennel-2/mark', 'base/rowan/button-1'],
            array_map(fn ($part) => $part->path->key.'/'.$part->path->inner, array_values($set->partsOf('cells'))),
        );
        $this->assertSame(
            'fennel-2/lamp',
            $set->partsOf('cells')['cells/base/fennel-2/mark']->value['outputs'][0]['lamp'],
        );
    }

    public function test_documents_read_back_as_they_were_written(): void
    {
        foreach (glob(__DIR__.'/../../../demo/sets/*.json') ?: [] as $file) {
            $text = (string) file_get_contents($file);
            $this->assertSame($text, SetDocument::fromJson($text)->toJson(), basename($file));
        }
    }

    public function test_a_difference_names_each_part_before_and_after(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', 'follow', ['kind' => 'button', 'number' => 1]);
        $before = $desk->document();
        $after = $before->with(
            PartPath::axis('d/a', 'curve'),
            ['kind' => 'expo', 'k' => 0.3],
        )->without(PartPath::cell('base', 'd/b1'));
        $changes = SetDiff::between($before, $after);
        $this->assertSame(
            ['axes/d/a/curve', 'cells/base/d/b1'],
            array_map(fn ($change) => (string) $change->path, $changes),
        );
        $this->assertSame(
            'Lever A, curve: not said here → expo 30 %: calm at the start, quicker at the end; Button 1 in Base: '
                .'output 1 → not said here',
            (new Words($desk->assembled()))->sentence($changes),
        );
        $this->assertSame([], SetDiff::between($before, $before));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function sentences(): iterable
    {
        yield 'an action of its own' => [
            'base', 'd/b1', 'When Button 1 closes in Cruise: open Cruise and output 9, follow.',
        ];
        yield 'a layer' => ['base', 'd/b2', 'When Button 2 closes in Cruise: hold On water, follow.'];
        yield 'falling through' => [
            'water', 'd/b2', 'On water says nothing of Button 2, so it does as in Cruise: hold On water.',
        ];
        yield 'nothing yet' => ['base', 'd/b3', 'Button 3 does nothing in Cruise yet.'];
        yield 'said to be nothing' => ['water', 'd/b1', 'Nothing happens when Button 1 is used in On water.'];
        yield 'an axis' => ['base', 'd/a', 'Lever A drives axis 3 in Cruise.'];
    }

    #[DataProvider('sentences')]
    public function test_a_cell_is_read_back_as_a_sentence(string $layer, string $ref, string $sentence): void
    {
        $desk = self::inherited()->nothing('water', 'b1')->axis('base', 'a', ['kind' => 'axis', 'number' => 3]);
        $this->assertSame($sentence, (new Words($desk->assembled()))->sentenceOf($layer, $ref));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function contradictions(): iterable
    {
        $cell = fn (string $ref, array $cell): array => ['cells' => ['base' => [$ref => $cell]]];
        $follow = ['kind' => 'follow'];
        yield 'a layer that is not there' => [
            ['cells' => ['radio' => ['d/b1' => ['nothing' => true]]]],
            'cells.radio: found "radio", expected a layer of the set: base.',
        ];
        yield 'holding the base layer' => [
            $cell('d/b1', ['behaviour' => $follow, 'outputs' => [['kind' => 'hold layer', 'layer' => 'base']]]),
            'outputs[0].layer: found "base", expected a layer of the set other than the base layer.',
        ];
        yield 'a stop that is not there' => [
            $cell('d/b1', ['behaviour' => $follow, 'outputs' => [['kind' => 'open stop', 'stop' => 'none']]]),
            'outputs[0].stop: found "none", expected a stop of the set (it has none).',
        ];
        yield 'a contact that drives an axis' => [
            $cell('d/b1', ['behaviour' => $follow, 'outputs' => [['kind' => 'axis', 'number' => 1]]]),
            'expected an output that a contact can drive.',
        ];
        yield 'an axis that drives a key' => [
            $cell('d/a', ['outputs' => [['kind' => 'key', 'code' => 'KeyA']]]),
            'expected an output that an axis can drive.',
        ];
        yield 'an axis with a behaviour' => [
            $cell('d/a', ['behaviour' => $follow, 'outputs' => [['kind' => 'axis', 'number' => 1]]]),
            'expected one output and no behaviour, since this is an axis.',
        ];
        yield 'a contact without a behaviour' => [
            $cell('d/b1', ['outputs' => [['kind' => 'button', 'number' => 1]]]),
            'cells.base.d/b1: found no field "behaviour"',
        ];
        yield 'a chord under a name that is none' => [
            [
                'chords' => [
                    'base' => [
                        'Both!' => [
                            'name' => 'Both', 'of' => ['d/b1', 'd/b2'],
                            'outputs' => [['kind' => 'button', 'number' => 1]],
                        ],
                    ],
                ],
            ],
            'chords.base.Both!: found "Both!", expected lower-case letters, digits',
        ];
        yield 'a chord of one' => [
            [
                'chords' => [
                    'base' => [
                        'one' => [
                            'name' => 'One', 'of' => ['d/b1'], 'outputs' => [['kind' => 'button', 'number' => 1]],
                        ],
                    ],
                ],
            ],
            'chords.base.one.of: found a list of 1, expected two or more contacts, each once',
        ];
        yield 'a field that no cell has' => [
            $cell(
                'd/b1',
                ['behaviour' => $follow, 'outputs' => [['kind' => 'button', 'number' => 1]], 'colour' => 'red'],
            ),
            'cells.base.d/b1.colour: found a field that this format does not have',
        ];
        yield 'a cell that does not do nothing' => [
            $cell('d/b1', ['nothing' => false]),
            'cells.base.d/b1.nothing: found false, expected true, and no other field beside it',
        ];
        yield 'rest of an axis that has none' => [
            ['axes' => ['d/a' => ['calibrate' => ['low' => 0, 'high' => 900, 'rest' => 4]]]],
            'axes.d/a.calibrate.rest: found 4, expected no rest, since the axis is not centred.',
        ];
        yield 'a device that is not at hand' => [
            ['devices' => ['x']], 'devices: found "x", expected a device that is at hand',
        ];
        yield 'a parent that is not at hand' => [
            ['parent' => 'x'], 'parent: found "x", expected a set that is at hand',
        ];
        yield 'a parent of itself' => [['parent' => 'test'], 'parent: found "test", expected'];
    }

    /** @param array<string, mixed> $sections */
    #[DataProvider('contradictions')]
    public function test_a_set_that_contradicts_itself_is_refused_with_its_place(array $sections, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        Desk::plain()->saying($sections)->assembled();
    }

    public function test_controls_that_the_rig_does_not_have_are_kept_and_told(): void
    {
        $set = Desk::plain()->saying([
            'cells' => ['base' => ['x/lever' => ['nothing' => true]]],
            'axes' => ['x/lever' => ['range' => ['low' => 0.1]]],
        ])->assembled();
        $this->assertEqualsCanonicalizing(['x/lever'], $set->missing);
    }

    public function test_keys_are_known_by_their_codes_and_shown_by_their_labels(): void
    {
        $key = KeyStroke::read(
            Node::of(['kind' => 'key', 'code' => 'Numpad4', 'with' => ['ControlLeft', 'ShiftLeft']]),
        );
        $this->assertSame('key Ctrl+Shift+Num 4', $key->inWords(new PlainNames));
        $this->assertSame(
            ['kind' => 'key', 'code' => 'Numpad4', 'with' => ['ControlLeft', 'ShiftLeft']],
            $key->toArray(),
        );
        $this->expectExceptionMessage('expected each key once');
        KeyStroke::read(Node::of(['kind' => 'key', 'code' => 'KeyA', 'with' => ['ShiftLeft', 'ShiftLeft']]));
    }

    public function test_very_many_chords_are_told_apart_at_once_and_more_than_can_be_worked_with_are_refused(): void
    {
        $refs = [
            'd/b1', 'd/b2', 'd/b3', 'd/b4', 'd/s.up', 'd/s.down', 'd/t.up', 'd/t.down', 'd/t.middle', 'd/h.north',
            'd/h.east', 'd/h.south', 'd/h.west',
        ];
        $chords = [];
        foreach ($refs as $i => $a) {
            foreach (array_slice($refs, $i + 1) as $j => $b) {
                foreach (array_slice($refs, $i + $j + 2) as $c) {
                    $chords['c'.count($chords)] = [
                        'name' => 'C', 'of' => [$a, $b, $c], 'outputs' => [['kind' => 'button', 'number' => 1]],
                    ];
                }
            }
        }
        $this->assertCount(286, Desk::plain()->saying(['chords' => ['base' => $chords]])->assembled()->chords['base']);
        foreach ([['d/b1', 'd/s.up'], ['d/t.middle', 'd/h.west']] as $pair) {
            try {
                Desk::plain()->saying([
                    'chords' => [
                        'base' => $chords + [
                            'last' => [
                                'name' => 'Last', 'of' => $pair, 'outputs' => [['kind' => 'button', 'number' => 1]],
                            ],
                        ],
                    ],
                ])->assembled();
                $this->fail('It is contained in another one.');
            } catch (FormatError $error) {
                $this->assertStringContainsString('are not contained in', $error->getMessage());
            }
        }
        $this->expectExceptionMessage('chords.base: found 858 of them, expected at most 500.');
        Desk::plain()->saying([
            'chords' => [
                'base' => array_combine(
                    array_map(fn (int $i) => 'x'.$i, range(1, 858)),
                    [...array_values($chords), ...array_values($chords), ...array_values($chords)],
                ),
            ],
        ])->assembled();
    }

    public function test_a_set_that_was_kept_says_the_same(): void
    {
        $set = self::inherited()->saying(['axes' => ['d/a' => ['curve' => ['kind' => 'expo', 'k' => 0.5]]]])
            ->assembled();
        $kept = unserialize(serialize($set));
        $this->assertInstanceOf(BindingSet::class, $kept);
        $this->assertSame($set->merged->own->toJson(), $kept->merged->own->toJson());
        $this->assertSame($set->merged->own->toJson(), $kept->merged->own->toJson(), 'also when it is asked again');
        $this->assertEquals(
            $set->merged->value(PartPath::stop('cruise')),
            $kept->merged->value(PartPath::stop('cruise')),
        );
        // What is asked for before the whole is, said or not, is no part of it for that.
        $asked = unserialize(serialize($set->merged->own));
        $this->assertInstanceOf(SetDocument::class, $asked);
        array_map($asked->partsOf(...), Sections::names());
        $this->assertSame($set->merged->own->toJson(), $asked->toJson());
        $this->assertSame(Compiler::compile($set)->hash(), Compiler::compile($kept)->hash());
    }

    public function test_below_another_parent_or_none_a_set_says_so(): void
    {
        $own = self::inherited()->document();
        $this->assertSame(
            ['other', 'Other', 'quay'],
            [
                $own->placed('other', 'Other', 'quay')->id, $own->placed('other', 'Other', 'quay')->name,
                $own->placed('other', 'Other', 'quay')->parent,
            ],
        );
        $this->assertNull($own->placed('other', 'Other', null)->parent);
        $this->assertStringNotContainsString('parent', $own->placed('other', 'Other', null)->toJson());
    }

    /** What an edit says is read again wherever it could change whether a cell fits. */
    public function test_an_edit_beside_a_cell_is_read_with_the_cell(): void
    {
        $desk = Desk::plain()->saying(['flags' => ['f' => ['name' => 'F']]])->cell(
            'base',
            'b1',
            'toggle',
            ['kind' => 'flag', 'flag' => 'f'],
        );
        $before = $desk->assembled();
        $without = $before->merged->own->without(PartPath::flag('f'));
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('cells.base.d/b1.outputs[0]');
        (new Assembly($desk))->assemble($without, $before);
    }

    /** Whatever is taken away or said otherwise is accepted, or refused, as a reading of the whole set would. */
    public function test_an_edit_is_accepted_as_the_whole_set_would_be(): void
    {
        $demo = new DemoSets;
        $own = $demo->set('skerrywing') ?? self::fail();
        $outcome = function (SetDocument $set, ?BindingSet $before) use ($demo): string {
            try {
                return Compiler::compile((new Assembly($demo))->assemble($set, $before))->hash();
            } catch (FormatError $error) {
                return $error->getMessage();
            }
        };
        $contacts = array_keys(DemoSets::skerrywing()->rig->contacts);
        [$contact, $free] = [
            end($contacts), array_values(array_diff($contacts, array_keys(DemoSets::skerrywing()->cells['base'])))[0],
        ];
        $once = $own->with(PartPath::cell('base', $free), ['as' => 'fennel/mark']);
        $refused = 0;
        foreach ([$own, $once] as $document) {
            $before = (new Assembly($demo))->assemble($document);
            foreach ($before->merged->parts() as $part) {
                $after = $document->with($part->path, $part->path->section === 'cells' ? ['as' => $contact] : null);
                $said = $outcome($after, null);
                $this->assertSame(
                    $said,
                    $outcome($after, $before),
                    $part->path->section.' '.$part->path->key.' '.$part->path->inner,
                );
                $refused += str_contains($said, ': found ') ? 1 : 0;
            }
        }
        $this->assertGreaterThan(10, $refused, 'some of it is refused');
    }

    public function test_a_child_is_not_taken_for_its_parent(): void
    {
        $child = self::inherited();
        $parent = Desk::plain()->cell('base', 'b4', 'follow', ['kind' => 'button', 'number' => 4])->assembled();
        $fresh = $child->assembled();
        $over = (new Assembly($child))->assemble($child->document(), $parent);
        $this->assertEquals(array_keys($fresh->cells['base']), array_keys($over->cells['base']));
        $this->assertSame(Compiler::compile($fresh)->hash(), Compiler::compile($over)->hash());
    }

    public function test_an_edited_cell_is_read_anew_and_one_that_is_as_it_was_is_not_missed(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'button', 'number' => 1],
        )->cell('base', 'b2', 'follow', ['kind' => 'button', 'number' => 2]);
        $before = $desk->assembled();
        $after = (new Assembly($desk))->assemble(
            $desk->cell('base', 'b1', 'follow', ['kind' => 'button', 'number' => 7])->document(),
            $before,
        );
        $this->assertEquals(
            [['number' => 7], ['number' => 2]],
            array_map(fn (string $ref) => $after->cells['base'][$ref]->outputs[0]->values(), ['d/b1', 'd/b2']),
        );
        $this->assertSame($before->cells['base']['d/b2'], $after->cells['base']['d/b2']);
    }

    public function test_what_plays_a_macro_is_told_with_where(): void
    {
        $macro = fn (string $name): array => [
            'name' => $name, 'steps' => [['do' => 'tap', 'output' => ['kind' => 'button', 'number' => 1], 'ms' => 30]],
        ];
        $set = Desk::plain()->saying(['macros' => ['m' => $macro('M'), 'n' => $macro('N')]])
            ->saying(['cells' => ['base' => ['d/b1' => ['behaviour' => ['kind' => 'macro', 'macro' => 'm']]]]])
            ->cell(
                'base',
                'b2',
                'pulse',
                ['kind' => 'start macro', 'macro' => 'm'],
                ['kind' => 'stop macro', 'macro' => 'n'],
            )->cell('base', 's.up', 'follow', ['kind' => 'record macro', 'macro' => 'n'])
            ->saying([
                'chords' => [
                    'base' => [
                        'c' => [
                            'name' => 'Both', 'of' => ['d/b3', 'd/b4'],
                            'outputs' => [['kind' => 'stop macro', 'macro' => 'm']],
                        ],
                    ],
                ],
            ]);
        $use = new MacroUse($set->assembled());
        $this->assertSame(
            ['Desk Button 1 in Base plays it', 'Desk Button 2 in Base starts it', 'Both together in Base stops it'],
            array_column($use->of('m'), 'words'),
        );
        $this->assertSame(
            ['Desk Button 2 in Base stops it', 'Desk Switch S up in Base records it'],
            array_column($use->of('n'), 'words'),
        );
    }

    public function test_parts_of_an_axis_that_is_not_known_yet_are_looked_at_too(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('axes.x/none.calibrate.lo: found a field that this format does not have');
        Desk::plain()->saying(['axes' => ['x/none' => ['calibrate' => ['lo' => 1]]]])->document();
    }

    public function test_a_set_has_at_most_eight_parents(): void
    {
        $of = fn (int $n): Library => new class ($n) implements Library {
            public function __construct(private int $most) {}

            public function set(string $id): ?SetDocument
            {
                $n = (int) substr($id, 1);

                return SetDocument::read(Node::of(
                    [
                        'format' => 'nailrod-set', 'version' => 1, 'id' => $id, 'name' => $id,
                    ] + ($n < $this->most ? ['parent' => 's'.($n + 1)] : []),
                ));
            }

            public function device(string $id): ?Device
            {
                return null;
            }

            public function catalogue(string $id): ?Catalogue
            {
                return null;
            }

            public function layout(string $id): ?KeyLayout
            {
                return null;
            }
        };
        $this->assertCount(9, (new Assembly($of(8)))->merge($of(8)->set('s0') ?? throw new \LogicException)->chain);
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('expected parents that end: at most 8, none of them twice');
        (new Assembly($of(9)))->merge($of(9)->set('s0') ?? throw new \LogicException);
    }

    public function test_a_name_has_at_most_60_characters(): void
    {
        $named = fn (int $letters): SetDocument => SetDocument::read(Node::of(
            ['format' => SetDocument::FORMAT, 'version' => 1, 'id' => 'x', 'name' => str_repeat('é', $letters)],
        ));
        $this->assertSame(60, mb_strlen($named(60)->name));
        $this->expectExceptionMessage('name: found 61 characters, expected at most 60 characters');
        $named(61);
    }
}
