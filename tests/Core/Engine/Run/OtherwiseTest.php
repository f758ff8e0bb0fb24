<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Tape\Narrator;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Removal;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** Button 1 is output 1 while the flag is up, and otherwise output 2; button 4 raises the flag. */
final class OtherwiseTest extends TestCase
{
    private const WHEN = ['flag' => 'armed', 'is' => 'up'];

    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    private static function desk(
        array|string $behaviour = 'follow',
        array|string $otherwise = 'follow',
        array $when = self::WHEN,
    ): Desk {
        $kind = fn (array|string $said): array => is_string($said) ? ['kind' => $said] : $said;

        return Desk::plain()
            ->saying(['flags' => ['armed' => ['name' => 'Armed']]])
            ->cell('base', 'b4', 'follow', ['kind' => 'flag', 'flag' => 'armed'])
            ->saying([
                'cells' => [
                    'base' => [
                        'd/b1' => [
                            'behaviour' => $kind($behaviour), 'outputs' => [self::button(1)], 'when' => $when,
                            'otherwise' => ['behaviour' => $kind($otherwise), 'outputs' => [self::button(2)]],
                        ],
                    ],
                ],
            ]);
    }

    /** @return list<string> without the flag itself */
    private static function play(Desk $desk, string ...$lines): array
    {
        return array_values(preg_grep('/ flag /', $desk->play(...$lines), PREG_GREP_INVERT) ?: []);
    }

    private static function edited(SetDocument $document, BindingSet $set): BindingSet
    {
        return BindingSet::of(MergedDocument::of([$document]), $set->rig, null);
    }

    public function test_what_is_done_is_judged_when_the_contact_closes_and_the_release_goes_to_it(): void
    {
        $this->assertSame(
            ['10 button 2 1', '30 button 2 0', '40 button 1 1', '60 button 1 0'],
            self::play(self::desk(), '10 b1 1', '20 b4 1', '30 b1 0', '40 b1 1', '50 b4 0', '60 b1 0'),
        );
    }

    public function test_each_has_a_toggle_and_a_place_of_its_own(): void
    {
        // Up, and it is toggled on; down, and the other is; each goes off by itself.
        $this->assertSame(
            ['10 button 2 1', '40 button 1 1', '80 button 2 0', '110 button 1 0'],
            self::play(
                self::desk('toggle', 'toggle'),
                '10 b1 1',
                '20 b1 0',
                '30 b4 1',
                '40 b1 1',
                '50 b1 0',
                '60 b4 0',
                '80 b1 1',
                '90 b1 0',
                '100 b4 1',
                '110 b1 1',
            ),
        );
    }

    public function test_behaviours_may_differ(): void
    {
        $this->assertSame(
            ['10 button 2 1', '30 button 2 0', '110 button 1 1', '200 button 1 0'],
            self::play(
                self::desk('follow', ['kind' => 'pulse', 'width_ms' => 20]),
                '10 b1 1',
                '50 b1 0',
                '100 b4 1',
                '110 b1 1',
                '200 b1 0',
            ),
        );
    }

    public function test_joined_conditions_decide_too(): void
    {
        $desk = self::desk(when: ['any' => [self::WHEN, ['layer' => 'water', 'is' => 'live']]])->layer('water', 'b3');
        $rows = array_values(
            preg_grep(
                '/ button /',
                $desk->play(
                    '10 b1 1',
                    '20 b1 0',
                    '30 b3 1',
                    '40 b1 1',
                    '50 b1 0',
                    '60 b3 0',
                    '70 b4 1',
                    '80 b1 1',
                    '90 b1 0',
                ),
            ) ?: [],
        );
        $this->assertSame(
            ['10 button 2 1', '20 button 2 0', '40 button 1 1', '50 button 1 0', '80 button 1 1', '90 button 1 0'],
            $rows,
        );
    }

    public function test_a_tick_does_what_is_done_otherwise(): void
    {
        $desk = self::desk()->saying([
            'cells' => [
                'base' => [
                    'd/e.plus' => [
                        'behaviour' => ['kind' => 'ticks', 'width_ms' => 10, 'gap_ms' => 0],
                        'outputs' => [self::button(5)], 'when' => self::WHEN,
                        'otherwise' => [
                            'behaviour' => ['kind' => 'ticks', 'width_ms' => 10, 'gap_ms' => 0],
                            'outputs' => [self::button(6)],
                        ],
                    ],
                ],
            ],
        ]);
        $this->assertSame(
            ['10 button 6 1', '20 button 6 0', '40 button 5 1', '50 button 5 0'],
            self::play($desk, '10 e 1', '30 b4 1', '40 e 1'),
        );
    }

    public function test_the_layer_lets_go_of_both_in_the_order_of_the_cell(): void
    {
        $cell = [
            'behaviour' => ['kind' => 'toggle'], 'outputs' => [self::button(1)], 'when' => self::WHEN,
            'otherwise' => ['behaviour' => ['kind' => 'toggle'], 'outputs' => [self::button(2)]],
        ];
        $desk = Desk::plain()->saying([
            'flags' => ['armed' => ['name' => 'Armed']],
            'layers' => ['water' => ['name' => 'Water', 'lets_go' => true]],
        ])
            ->cell('base', 'b4', 'follow', ['kind' => 'flag', 'flag' => 'armed'])->cell(
                'base',
                'b3',
                'follow',
                ['kind' => 'hold layer', 'layer' => 'water'],
            )->saying(['cells' => ['water' => ['d/b1' => $cell]]]);
        $this->assertSame(
            ['20 button 2 1', '50 button 1 1', '70 button 1 0', '70 button 2 0'],
            array_values(
                preg_grep(
                    '/ button /',
                    $desk->play('10 b3 1', '20 b1 1', '30 b1 0', '40 b4 1', '50 b1 1', '60 b1 0', '70 b3 0'),
                ) ?: [],
            ),
        );
    }

    public function test_without_a_way_for_what_it_does_the_other_is_done_all_the_same(): void
    {
        $desk = self::desk()->saying([
            'cells' => [
                'base' => [
                    'd/b2' => [
                        'behaviour' => ['kind' => 'cycle'], 'outputs' => [['kind' => 'action', 'action' => 'horn']],
                        'when' => self::WHEN,
                        'otherwise' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(2)]],
                    ],
                ],
            ],
        ]);
        $this->assertSame(
            ['10 button 2 1', '20 button 2 0'],
            self::play($desk, '10 b2 1', '20 b2 0', '30 b4 1', '40 b2 1', '50 b2 0'),
        );
    }

    public function test_it_is_read_back(): void
    {
        $set = self::desk('follow', 'pulse')->assembled();
        $this->assertSame(
            'When Button 1 closes in Base, only while Armed is up: output 1, follow; otherwise: output 2, pulse 60 ms.',
            (new Words($set))->sentenceOf('base', 'd/b1'),
        );
        $this->assertSame(
            'output 1, only while Armed is up; otherwise output 2 · pulse 60 ms',
            (new Words($set))->cell($set->cell('base', 'd/b1')),
        );
    }

    public function test_the_tape_says_that_it_is_done_otherwise(): void
    {
        $desk = self::desk();
        $events = Machine::start($desk->program())->feed(Desk::inputs('10 b1 1'));
        $this->assertSame(
            ['Desk · Button 1 closed', 'layer Base', 'otherwise', 'follow', 'output 2 on'],
            (new Narrator($desk->assembled()))->sentences($events)[0]->parts,
        );
    }

    public function test_what_it_does_otherwise_is_edited_by_itself(): void
    {
        $set = self::desk()->assembled();
        $edits = (new Edits($set))->otherwise();
        $more = self::edited($edits->addOutput('base', 'd/b1', new ControllerButton(7)), $set);
        $this->assertCount(1, $more->cell('base', 'd/b1')->outputs);
        $this->assertEquals(
            [new ControllerButton(2), new ControllerButton(7)],
            $more->cell('base', 'd/b1')->otherwise->outputs,
        );
        $less = self::edited((new Edits($more))->otherwise()->removeOutput('base', 'd/b1', 0), $set);
        $this->assertEquals([new ControllerButton(7)], $less->cell('base', 'd/b1')->otherwise->outputs);
        $this->assertNull(
            self::edited(
                (new Edits($less))->otherwise()->removeOutput('base', 'd/b1', 0),
                $set,
            )->cell('base', 'd/b1')->otherwise,
        );
        $this->assertNull(self::edited($edits->clear('base', 'd/b1'), $set)->cell('base', 'd/b1')->otherwise);
        $always = self::edited((new Edits($set))->dependOn('base', 'd/b1', null), $set)->cell('base', 'd/b1');
        $this->assertNull($always->when ?? $always->otherwise);
        // Where the only output of what it does goes, what it did otherwise is done when the condition does not hold.
        $left = self::edited((new Edits($set))->removeOutput('base', 'd/b1', 0), $set)->cell('base', 'd/b1');
        $this->assertEquals([new ControllerButton(2)], $left->outputs);
        $this->assertSame(['flag' => 'armed', 'is' => 'down'], $left->when->toArray());
        $this->expectExceptionMessage('Otherwise: found no condition, expected one under which it works');
        (
            new Edits(self::edited((new Edits($set))->dependOn('base', 'd/b1', null), $set))
        )->otherwise()->assign('base', 'd/b1', null, [new ControllerButton(3)]);
    }

    public function test_when_the_flag_goes_what_was_done_otherwise_is_what_it_does(): void
    {
        $set = self::desk()->assembled();
        $left = (new Removal($set))->of(Gone::part(NamesPart::FLAG, 'armed'));
        $this->assertEquals(
            ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(2)]],
            $left->value(PartPath::cell('base', 'd/b1')),
        );
        $down = self::desk(when: ['is' => 'down'] + self::WHEN)->assembled();
        $this->assertEquals(
            ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(1)]],
            (new Removal($down))->of(Gone::part(NamesPart::FLAG, 'armed'))->value(PartPath::cell('base', 'd/b1')),
        );
    }

    public function test_a_macro_set_aside_takes_nothing_from_what_is_done_otherwise(): void
    {
        $desk = self::desk()->saying([
            'macros' => ['m' => ['name' => 'M', 'steps' => [['do' => 'tap', 'output' => self::button(9), 'ms' => 10]]]],
            'aside' => ['macros' => ['m' => ['is' => 'resting']]],
            'cells' => [
                'base' => [
                    'd/b2' => [
                        'behaviour' => ['kind' => 'macro', 'macro' => 'm'], 'when' => self::WHEN,
                        'otherwise' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(3)]],
                    ],
                ],
            ],
        ]);
        $this->assertSame(
            ['10 button 3 1', '20 button 3 0'],
            self::play($desk, '10 b2 1', '20 b2 0', '30 b4 1', '40 b2 1', '50 b2 0'),
        );
    }

    public function test_a_device_does_not_keep_it_and_says_why(): void
    {
        $set = self::desk()->assembled();
        $mapping = DeviceMapping::of($set, $set->rig->devices['d']);
        $this->assertContains('Button 1, layer Base: the device has nothing that it does otherwise', $mapping->leftOut);
        $joined = Desk::plain()->saying([
            'cells' => [
                'base' => [
                    'd/b1' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(1)],
                        'when' => [
                            'all' => [['layer' => 'base', 'is' => 'live'], ['layer' => 'base', 'is' => 'not live']],
                        ],
                    ],
                ],
            ],
        ])->assembled();
        $this->assertSame(
            ['Button 1, layer Base: it depends on several things together, which the device cannot judge'],
            DeviceMapping::of($joined, $joined->rig->devices['d'])->leftOut,
        );
    }

    public function test_what_cannot_be_is_refused(): void
    {
        foreach ([
            'cells.base.d/b1.otherwise: found an object, expected a condition beside it ("when")' => ['when' => null],
            'cells.base.d/b1.otherwise.when' => ['otherwise' => ['when' => self::WHEN]],
            'cells.base.d/b1.when.all[1].flag: found "none", expected a flag of the set' => [
                'when' => ['all' => [self::WHEN, ['flag' => 'none', 'is' => 'up']]],
            ],
            'cells.base.d/b1.otherwise: found no field "behaviour"' => ['otherwise' => ['behaviour' => null]],
        ] as $says => $change) {
            $cell = array_replace_recursive(
                [
                    'behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(1)], 'when' => self::WHEN,
                    'otherwise' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(2)]],
                ],
                $change,
            );
            $cell = array_filter($cell, fn ($value) => $value !== null);
            $cell['otherwise'] = array_filter($cell['otherwise'], fn ($value) => $value !== null);
            if (isset($change['when']['all'])) {
                $cell['when'] = $change['when'];
            }
            try {
                Desk::plain()->saying(
                    ['flags' => ['armed' => ['name' => 'Armed']], 'cells' => ['base' => ['d/b1' => $cell]]],
                )->assembled();
                $this->fail($says);
            } catch (FormatError $error) {
                $this->assertStringStartsWith($says, $error->getMessage());
            }
        }
    }
}
