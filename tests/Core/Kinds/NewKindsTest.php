<?php

declare(strict_types=1);

namespace Tests\Core\Kinds;

use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Plan\Planner;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Print\Ink;
use Nailrod\Core\Exchange\Print\Mark\ControlMark;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\RefusalWords;
use Nailrod\Core\Set\Section\Sections;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\SetReference;
use Nailrod\Core\Set\SetSchema;
use Nailrod\Core\Set\Words;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Advice\Plan\Games;
use Tests\Core\DemoSets;
use Tests\Core\Desk;
use Tests\Kinds\Knob;
use Tests\Kinds\WithNewKinds;

/**
 * A new kind is one class and one line: those of tests/Kinds are read, refused, written, worded, described, played,
 * stored or left out, planned around and checked with no other file touched. Their forms are in
 * tests/Feature/NewKindsFormTest.php.
 */
final class NewKindsTest extends TestCase
{
    use WithNewKinds;

    private const SETS = [
        'an output' => [
            'cells' => [
                'base' => [
                    'd/b1' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'buzz', 'tone' => 4]]],
                ],
            ],
        ],
        'an output of an axis' => [
            'cells' => ['base' => ['d/a' => ['outputs' => [['kind' => 'tilt', 'degrees' => 10.0]]]]],
        ],
        'a behaviour' => [
            'cells' => [
                'base' => [
                    'd/b1' => [
                        'behaviour' => ['kind' => 'twice', 'beat_ms' => 40],
                        'outputs' => [['kind' => 'button', 'number' => 3]],
                    ],
                ],
            ],
        ],
        'a stage' => [
            'axes' => ['d/a' => ['soft' => ['share' => 0.5]]],
            'cells' => ['base' => ['d/a' => ['outputs' => [['kind' => 'axis', 'number' => 1]]]]],
        ],
        'something made' => [
            'made' => ['ends' => ['kind' => 'outside', 'name' => 'Ends', 'of' => ['d/a'], 'margin' => 0.2]],
            'cells' => [
                'base' => [
                    'made/ends' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 5]],
                    ],
                ],
            ],
        ],
        'a rule for lamps' => ['lamps' => ['on' => ['glows' => 'd/lamp']]],
        'a rule with two flags' => [
            'flags' => ['hot' => ['name' => 'Hot'], 'cold' => ['name' => 'Cold']],
            'lamps' => [
                'on' => [
                    'beacon' => 'd/lamp', 'armed' => 'hot', 'safe' => 'cold', 'quick' => true, 'note' => 'By hand',
                    'steps' => [1, 2],
                ],
            ],
        ],
        'a question' => [
            'cells' => [
                'base' => [
                    'd/b1' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 3]],
                        'when' => [
                            'all' => [
                                ['oddness' => 'flaps', 'is' => 'odd'], ['variable' => 'flaps', 'is' => '>', 'to' => 2],
                            ],
                        ],
                    ],
                ],
            ],
        ],
        'a section' => ['seats' => ['left' => ['back' => 20]]],
    ];

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function sets(): iterable
    {
        foreach (self::SETS as $name => $sections) {
            yield $name => [$sections];
        }
    }

    /** @param array<string, mixed> $sections */
    #[DataProvider('sets')]
    public function test_it_is_read_written_as_it_was_and_fits_the_schema(array $sections): void
    {
        $set = Desk::plain()->saying($sections)->document();

        $this->assertSame($set->toJson(), SetDocument::fromJson($set->toJson())->toJson());
        $schema = json_decode(Json::encode(SetSchema::ofSets()));
        $this->assertTrue((new Validator)->validate(json_decode($set->toJson()), $schema)->isValid());
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string, string}> set, what the file is told, what the page
     *    is told
     */
    public static function wrong(): iterable
    {
        $cell = fn (string $ref, array $behaviour, array $output): array => [
            'cells' => [
                'base' => [
                    'd/'.$ref => ($behaviour === [] ? [] : ['behaviour' => $behaviour]) + ['outputs' => [$output]],
                ],
            ],
        ];
        yield 'an output' => [
            $cell('b1', ['kind' => 'follow'], ['kind' => 'buzz', 'tone' => 12]),
            'cells.base.d/b1.outputs[0].tone: found 12, expected a whole number from 1 to 9.',
            'Button 1 in Base, output 1, tone: found 12, expected a whole number from 1 to 9.',
        ];
        yield 'an output of an axis' => [
            $cell('a', [], ['kind' => 'tilt', 'degrees' => 40]),
            'cells.base.d/a.outputs[0].degrees: found 40, expected a number from 1 to 30.',
            'Lever A in Base, output 1, degrees: found 40, expected a number from 1 to 30.',
        ];
        yield 'a behaviour' => [
            $cell('b1', ['kind' => 'twice', 'beat_ms' => 1], ['kind' => 'button', 'number' => 3]),
            'cells.base.d/b1.behaviour.beat_ms: found 1, expected a number from 5 to 500.',
            'Button 1 in Base, beat: found 1 ms, expected a number from 5 ms to 500 ms.',
        ];
        yield 'a stage' => [
            ['axes' => ['d/a' => ['soft' => ['share' => 2]]]],
            'axes.d/a.soft.share: found 2, expected a number from 0 to 1.',
            'Lever A, softening, share that is sent: found 200 %, expected a number from 0 % to 100 %.',
        ];
        yield 'something made' => [
            ['made' => ['ends' => ['kind' => 'outside', 'name' => 'Ends', 'of' => ['d/a'], 'margin' => 0.5]]],
            'made.ends.margin: found 0.5, expected a number from 0 to 0.4.',
            'What is made, near the ends: found 50 %, expected a number from 0 % to 40 %.',
        ];
        yield 'a rule for lamps' => [
            ['lamps' => ['on' => ['glows' => 'd/lamp', 'colour' => 'brown']]],
            'lamps.on.colour: found "brown", expected one of', 'A lamp, colour: found "brown", expected one of',
        ];
        yield 'a question' => [
            [
                'cells' => [
                    'base' => [
                        'd/b1' => [
                            'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 3]],
                            'when' => ['oddness' => 'flaps', 'is' => 'big'],
                        ],
                    ],
                ],
            ],
            'cells.base.d/b1.when.is: found "big", expected one of odd, even.',
            'Button 1 in Base, condition, is: found "big", expected one of odd, even.',
        ];
        yield 'a section' => [
            ['seats' => ['left' => ['back' => 100]]],
            'seats.left.back: found 100, expected a whole number from 0 to 90.',
            'Seat left, back: found 100, expected a whole number from 0 to 90.',
        ];
    }

    /** @param array<string, mixed> $sections */
    #[DataProvider('wrong')]
    public function test_it_is_refused_when_it_is_wrong_in_the_words_of_the_file_and_of_the_page(
        array $sections,
        string $file,
        string $page,
    ): void {
        try {
            Desk::plain()->saying($sections)->assembled();
            $this->fail('It was taken.');
        } catch (FormatError $error) {
            $this->assertStringStartsWith($file, $error->getMessage());
            $this->assertStringStartsWith($page, (new RefusalWords(Desk::plain()->assembled()))->of($error));
        }
    }

    /** @return iterable<string, array{string, list<string>}> what stands in SETS, and the words of its parts */
    public static function words(): iterable
    {
        yield 'an output' => ['an output', ['Button 1 in Base: buzz at 4']];
        yield 'an output of an axis' => ['an output of an axis', ['Lever A in Base: tilt by 10°']];
        yield 'a behaviour' => ['a behaviour', ['Button 1 in Base: output 3 · twice 40 ms']];
        yield 'a stage' => ['a stage', ['Lever A, softening: 50 % of the value is sent', 'Lever A in Base: axis 1']];
        yield 'something made' => [
            'something made', ['Ends: closes within 20 % of both ends of Lever A', 'Ends in Base: output 5'],
        ];
        yield 'a rule for lamps' => ['a rule for lamps', ['Lamp: Lamp always glows.']];
        yield 'a rule with two flags' => [
            'a rule with two flags',
            ['Flag Hot: named "Hot"', 'Flag Cold: named "Cold"', 'Lamp: Lamp is lit while Hot is up and Cold is not.'],
        ];
        yield 'a question' => ['a question', ['Button 1 in Base: output 3, only while flaps is odd and flaps > 2']];
        yield 'a section' => ['a section', ['Seat left: leans by 20°']];
    }

    /** @param list<string> $said */
    #[DataProvider('words')]
    public function test_it_has_words(string $name, array $said): void
    {
        $set = Desk::plain()->saying(self::SETS[$name])->assembled();
        $words = new Words($set);

        $this->assertSame(
            $said,
            array_values(array_map(
                fn ($part) => $words->subject($part->path, $part).': '.$words->value($part),
                $set->merged->parts(),
            )),
        );
    }

    /**
     * @return iterable<string, array{string, list<string>, list<string>}> what stands in SETS, what is done, what comes
     *    out
     */
    public static function runs(): iterable
    {
        yield 'an output' => ['an output', ['10 b1 1', '20 b1 0'], ['10 buzz 4 1', '20 buzz 4 0']];
        yield 'an output of an axis' => ['an output of an axis', ['10 a 500'], ['10 tilt table 5']];
        yield 'a behaviour' => [
            'a behaviour', ['10 b1 1', '15 b1 0'],
            ['10 button 3 1', '50 button 3 0', '90 button 3 1', '130 button 3 0'],
        ];
        yield 'a stage' => ['a stage', ['10 a 1000'], ['10 axis 1 32768']];
        yield 'something made' => [
            'something made', ['10 a 500', '20 a 900', '30 a 500'], ['20 button 5 1', '30 button 5 0'],
        ];
        yield 'a rule for lamps' => ['a rule for lamps', ['10 b1 1'], ['0 lamp d/lamp 1']];
        yield 'a section' => ['a section', ['10 b1 1'], []];
    }

    /**
     * @param list<string> $lines
     * @param list<string> $rows
     */
    #[DataProvider('runs')]
    public function test_it_works(string $name, array $lines, array $rows): void
    {
        $this->assertSame($rows, Desk::plain()->saying(self::SETS[$name])->play(...$lines));
    }

    public function test_a_new_section_is_inherited_taken_away_given_back_and_never_missed_by_a_difference(): void
    {
        $parent = Desk::plain()->saying(['seats' => ['left' => ['back' => 20], 'right' => ['back' => 30]]])->document();
        $child = SetDocument::fromJson(
            '{"format": "nailrod-set", "version": 1, "id": "child", "name": "Child", "parent": "test"}',
        );
        $path = PartPath::of('seats/left');
        $merged = fn (SetDocument $own): MergedDocument => MergedDocument::of([$parent, $own]);

        $this->assertSame('test', $merged($child)->origin($path));
        $gone = $child->with($path, null);
        $this->assertTrue($merged($gone)->isTakenAway($path));
        $this->assertSame(
            ['seats/left'],
            array_map(fn ($change) => (string) $change->path, SetDiff::between($child, $gone)),
        );
        $this->assertSame($child->toJson(), $gone->without($path)->toJson());
        $this->assertSame(['seats/right'], array_keys($merged($gone)->section('seats')));
        $this->assertContains('seats', Sections::names());
    }

    public function test_what_a_device_cannot_do_by_itself_is_left_out_with_its_reason_and_the_rest_is_stored(): void
    {
        $set = DemoSets::skerrywing();
        $fennel = $set->rig->devices['fennel'];
        $edits = new Edits($set);
        $own = $edits->assign(
            'base',
            'fennel/left-thumb',
            \Nailrod\Core\Mapping\Behaviour\Behaviours::read(\Nailrod\Core\Format\Node::of(['kind' => 'twice'])),
            [
                \Nailrod\Core\Mapping\Output\Outputs::read(
                    \Nailrod\Core\Format\Node::of(['kind' => 'buzz', 'tone' => 2]),
                ),
            ],
        );
        $own = $own->with(
            PartPath::cell('base', 'fennel/right-thumb'),
            ['behaviour' => ['kind' => 'twice'], 'outputs' => [['kind' => 'button', 'number' => 9]]],
        )
            ->with(PartPath::axis('fennel/left-lever', 'soft'), ['share' => 0.5])
            ->with(PartPath::lamp('on'), ['glows' => 'fennel/lamp-1'])
            ->with(PartPath::of('seats/left'), ['back' => 10]);

        $mapping = DeviceMapping::of(DemoSets::skerrywing($own), $fennel);

        $this->assertContains(
            'Left thumb, layer Cruise: buzz at 2 can only be done by Nailrod itself',
            $mapping->leftOut,
        );
        $this->assertSame(
            ['kind' => 'twice', 'beat_ms' => 50],
            $mapping->document->value(PartPath::cell('base', 'fennel/right-thumb'))['behaviour'] ?? null,
        );
        $this->assertSame(['share' => 0.5], $mapping->document->value(PartPath::axis('fennel/left-lever', 'soft')));
        $this->assertNotNull($mapping->document->value(PartPath::lamp('on')));
        $this->assertSame([], $mapping->document->said('seats'));
    }

    public function test_an_axis_returns_to_rest_through_a_further_stage(): void
    {
        $desk = Desk::plain()->layer('water', 'b1')->saying(
            ['axes' => ['d/a' => ['range' => ['low' => 0.4], 'soft' => ['share' => 0.5]]]],
        )->axis('water', 'a', ['kind' => 'axis', 'number' => 2])
            ->saying([
                'cells' => [
                    'base' => [
                        'd/a' => ['outputs' => [['kind' => 'axis', 'number' => 1]], 'leaving' => 'return to rest'],
                    ],
                ],
            ]);
        $this->assertContains('20 axis 1 13107', $desk->play('0 a 1000', '20 b1 1'));
    }

    public function test_a_device_keeps_what_a_rule_names_by_whatever_fields(): void
    {
        $raises = fn (string $flag): array => [
            'behaviour' => ['kind' => 'toggle'], 'outputs' => [['kind' => 'flag', 'flag' => $flag]],
        ];
        $own = DemoSets::skerrywing()->merged->own->with(PartPath::flag('hot'), ['name' => 'Hot'])->with(
            PartPath::flag('cold'),
            ['name' => 'Cold'],
        )
            ->with(PartPath::cell('base', 'fennel/left-thumb'), $raises('hot'))
            ->with(
                PartPath::lamp('on'),
                [
                    'beacon' => 'fennel/lamp-1', 'armed' => 'hot', 'safe' => 'cold', 'quick' => true,
                    'note' => 'By hand', 'steps' => [1, 2],
                ],
            );
        $set = DemoSets::skerrywing($own);

        $mapping = DeviceMapping::of($set, $set->rig->devices['fennel']);

        $this->assertSame(
            ['on'],
            array_values(
                array_filter(array_keys($mapping->document->said('lamps')), fn (string $id): bool => $id === 'on'),
            ),
        );
        $this->assertSame(
            ['cold', 'hot'],
            array_values(array_intersect(['cold', 'hot'], array_keys($mapping->document->said('flags')))),
        );
        $this->assertEquals($mapping->document, DeviceMapping::read($mapping->encode(), $set->rig->devices['fennel']));
        DeviceMapping::check($mapping->encode(), $set->rig->devices['fennel']);
    }

    public function test_a_question_decides_what_is_done_and_a_device_does_not_ask_it(): void
    {
        $desk = Desk::plain()->saying(self::SETS['a question']);
        $this->assertSame(
            ['20 button 3 1', '30 button 3 0'],
            $desk->play('0 sim/flaps 4', '5 b1 1', '8 b1 0', '10 sim/flaps 5', '20 b1 1', '30 b1 0'),
        );
        $plain = Desk::plain()->saying([
            'cells' => [
                'base' => [
                    'd/b1' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 3]],
                        'when' => ['oddness' => 'flaps', 'is' => 'odd'],
                    ],
                ],
            ],
        ])->assembled();
        $this->assertSame(
            ['Button 1, layer Base: only Nailrod itself knows whether it is odd'],
            DeviceMapping::of($plain, $plain->rig->devices['d'])->leftOut,
        );
    }

    public function test_it_is_planned_around_and_checked(): void
    {
        $set = DemoSets::skerrywing((new Edits(DemoSets::skerrywing()))->assign(
            'base',
            'fennel/left-thumb',
            null,
            [
                \Nailrod\Core\Mapping\Output\Outputs::read(
                    \Nailrod\Core\Format\Node::of(['kind' => 'buzz', 'tone' => 2]),
                ),
            ],
        ));
        assert($set->catalogue !== null);
        $proposals = (new Planner($set, $set->catalogue))->plan(array_keys($set->catalogue->actions))->proposals;
        $spots = array_merge(
            ...array_map(
                fn ($proposal) => array_map(fn ($choice) => (string) $choice->spot, $proposal->choices),
                $proposals,
            ),
            ...[[]],
        );
        $this->assertNotContains('base/fennel/left-thumb', $spots);

        $finding = Checks::find($set, 'buzzing:base/fennel/left-thumb');
        $this->assertSame('Left thumb in Cruise buzzes.', $finding?->sentence);
        $mended = DemoSets::skerrywing($finding->mend?->edit() ?? throw new \LogicException('It has a mend.'));
        $this->assertNull(Checks::find($mended, 'buzzing:base/fennel/left-thumb'));
    }

    public function test_a_kind_of_control_is_read_proposed_printed_and_offered(): void
    {
        $knobs = array_map(fn (int $n): array => [
            'id' => 'k'.$n, 'name' => 'Knob '.$n, 'kind' => 'knob', 'at' => [100 * $n, 50],
            'axes' => [['number' => $n, 'min' => 0, 'max' => 255]],
        ], [1, 2]);
        $set = Games::ofAxes(2, $knobs)->assembled();
        $this->assertInstanceOf(Knob::class, $set->rig->controlOf('d1/k1')?->kind);
        $schema = json_decode(Json::encode(SetSchema::ofDevices()));
        $device = ['format' => 'nailrod-device', 'version' => 1, 'id' => 'd', 'name' => 'D', 'kind' => 'button box',
            'face' => ['width' => 600, 'height' => 600], 'controls' => $knobs];
        $this->assertTrue((new Validator)->validate(json_decode(Json::encode($device)), $schema)->isValid());

        $plan = (new Planner($set, $set->catalogue ?? self::fail()))->plan(['a1', 'a2']);
        $this->assertSame(
            ['base/d1/k1', 'base/d1/k2'],
            array_map(fn ($proposal): string => (string) $proposal->choices[0]->spot, $plan->proposals),
        );
        $this->assertStringContainsString(
            (new Knob)->mark(),
            (new ControlMark(new Knob, 10, 10, 0.1, true))->svg(new Ink(true)),
        );
        $this->assertSame('knobs', (new Knob)->several());
        $noted = Desk::plain()->saying(['controls' => ['d' => ['a' => ['kind' => 'knob']]]])->assembled();
        $this->assertInstanceOf(Knob::class, $noted->rig->controlOf('d/a')?->kind);
    }

    public function test_the_page_of_the_formats_tells_of_every_section_and_field(): void
    {
        $page = SetReference::markdown();
        foreach (Sections::all() as $name => $class) {
            $this->assertStringContainsString('## '.ucfirst($class::called()[1])."\n\nA part of `".$name.'`', $page);
            foreach ($class::fields()->all ?? [] as $field) {
                $this->assertStringContainsString('| `'.$field->name.'` | '.$field->help.' |', $page, $name);
            }
        }
    }

    public function test_the_page_of_the_formats_tells_of_it(): void
    {
        $page = SetReference::markdown();
        foreach (
            [
                '### `buzz`', '### `tilt`', '### `twice`', '### `soft`', '### `outside`', '### with `glows`',
                '### with `oddness`', '| `seats` | How the seats of the rig stand. | key |', '## Seats', '| `back` |',
            ] as $part
        ) {
            $this->assertStringContainsString($part, $page);
        }
    }
}
