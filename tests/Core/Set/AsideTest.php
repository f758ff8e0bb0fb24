<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\AsideEdits;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Drafts;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Played;
use Nailrod\Core\Set\Removal;
use Nailrod\Core\Set\Section\Aside;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/**
 * What is set aside is kept and does nothing, as if it were not there; but an assignment set aside still hides what the
 * base layer says.
 */
final class AsideTest extends TestCase
{
    private const REST = ['is' => 'resting'];

    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    public function test_an_assignment_set_aside_does_nothing_and_hides_what_the_base_layer_says(): void
    {
        $desk = Desk::plain()->layer('water', 'b2')->cell('base', 'b1', 'follow', self::button(7))->cell(
            'water',
            'b1',
            'follow',
            self::button(8),
        );
        $water = $desk->saying(['aside' => ['cells' => ['d/b1/water' => self::REST]]]);
        $this->assertSame(
            ['10 button 7 1', '20 button 7 0', '30 layer live Water'],
            $water->play('10 b1 1', '20 b1 0', '30 b2 1', '40 b1 1', '50 b1 0'),
        );
        $base = $desk->saying(['aside' => ['cells' => ['d/b1/base' => self::REST]]]);
        $this->assertSame(
            ['30 layer live Water', '40 button 8 1', '50 button 8 0'],
            $base->play('10 b1 1', '20 b1 0', '30 b2 1', '40 b1 1', '50 b1 0'),
        );
        // The axis of a cell set aside sends nothing.
        $axis = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1]);
        $this->assertNotSame([], $axis->play('0 a 0', '10 a 1000'));
        $this->assertSame(
            [],
            $axis->saying(['aside' => ['cells' => ['d/a/base' => self::REST]]])->play('0 a 0', '10 a 1000'),
        );
    }

    public function test_a_stop_set_aside_holds_nothing_and_is_shut_for_whoever_asks(): void
    {
        $desk = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'open stop', 'stop' => 's'],
            self::button(5),
        )
            ->cell('base', 'b2', 'follow', self::button(1))->cell('base', 'b3', 'follow', self::button(2))
            ->saying([
                'stops' => ['s' => ['name' => 'S', 'axes' => ['d/a'], 'at' => 0.5, 'opens' => 'held']],
                'lamps' => ['l' => ['lamp' => 'd/lamp', 'while' => ['stop' => 's', 'is' => 'shut']]],
                'cells' => [
                    'base' => [
                        'd/b2' => ['when' => ['stop' => 's', 'is' => 'open']],
                        'd/b3' => ['when' => ['stop' => 's', 'is' => 'shut']],
                    ],
                ],
            ]);
        $aside = $desk->saying(['aside' => ['stops' => ['s' => self::REST]]]);
        $run = ['0 a 0', '10 a 1000', '20 b1 1', '30 b2 1', '40 b2 0', '50 b3 1', '60 b3 0', '70 b1 0'];
        $this->assertContains('10 axis 1 32768', $desk->play(...$run));
        $this->assertSame(
            [
                '0 lamp d/lamp 1', '0 axis 1 0', '10 axis 1 65535', '20 button 5 1', '50 button 2 1', '60 button 2 0',
                '70 button 5 0',
            ],
            $aside->play(...$run),
        );
    }

    public function test_a_macro_set_aside_is_not_played_started_or_stopped(): void
    {
        $macro = ['name' => 'M', 'steps' => [['do' => 'tap', 'output' => self::button(3), 'ms' => 20]]];
        $other = [
            'name' => 'N',
            'steps' => [
                ['do' => 'tap', 'output' => ['kind' => 'start macro', 'macro' => 'm'], 'ms' => 10],
                ['do' => 'tap', 'output' => self::button(4), 'ms' => 10],
            ],
        ];
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            'pulse',
            ['kind' => 'start macro', 'macro' => 'm'],
            self::button(6),
        )->cell('base', 'b2', 'pulse', ['kind' => 'start macro', 'macro' => 'n'])
            ->saying([
                'macros' => ['m' => $macro, 'n' => $other],
                'cells' => ['base' => ['d/b3' => ['behaviour' => ['kind' => 'macro', 'macro' => 'm']]]],
            ]);
        $aside = $desk->saying(['aside' => ['macros' => ['m' => self::REST]]]);
        $this->assertCount(2, preg_grep('/ button 3 1$/', $desk->play('10 b1 1', '200 b3 1', '300 b3 0')) ?: []);
        $this->assertSame(
            ['10 button 6 1', '70 button 6 0', '410 button 4 1', '420 button 4 0'],
            $aside->play('10 b1 1', '20 b1 0', '200 b3 1', '300 b3 0', '400 b2 1', '410 b2 0'),
        );
        // One that depends on a stop which cannot be open is never begun either.
        $needs = $desk->saying([
            'stops' => ['s' => ['name' => 'S', 'axes' => ['d/a'], 'at' => 0.5, 'opens' => 'held']],
            'macros' => ['m' => ['when' => ['stop' => 's', 'is' => 'open']]],
            'aside' => ['stops' => ['s' => self::REST]],
        ]);
        $this->assertSame([], $needs->play('200 b3 1', '300 b3 0'));
    }

    public function test_a_threshold_set_aside_never_closes_nor_does_its_opposite(): void
    {
        $desk = Desk::plain()->saying([
            'made' => ['half' => ['name' => 'Half', 'kind' => 'above', 'of' => ['d/a'], 'at' => 0.5]],
            'lamps' => ['l' => ['lamp' => 'd/lamp', 'while' => ['contact' => 'made/half.not']]],
            'chords' => [
                'base' => [
                    'c' => [
                        'name' => 'C', 'of' => ['d/b1', 'made/half'], 'outputs' => [self::button(9)], 'within_ms' => 50,
                    ],
                ],
            ],
            'cells' => [
                'base' => [
                    'made/half' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(1)]],
                    'made/half.not' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(2)]],
                ],
            ],
        ])->cell('base', 'b1', 'follow', self::button(5));
        $this->assertContains('10 button 2 0', $desk->play('0 a 0', '10 a 1000'));
        $aside = $desk->saying(['aside' => ['made' => ['half' => self::REST]]]);
        // The chord that it is a part of delays no member.
        $this->assertSame(['20 button 5 1', '30 button 5 0'], $aside->play('0 a 0', '10 a 1000', '20 b1 1', '30 b1 0'));
    }

    public function test_a_built_axis_goes_on_whatever_a_file_says_of_it(): void
    {
        $desk = Desk::plain()->saying([
            'made' => ['both' => ['name' => 'Both', 'kind' => 'larger', 'of' => ['d/a', 'd/b']]],
            'cells' => ['base' => ['made/both' => ['outputs' => [['kind' => 'axis', 'number' => 3]]]]],
        ]);
        $run = ['0 a 0', '0 b 0', '10 a 1000'];
        $this->assertContains('10 axis 3 65535', $desk->play(...$run));
        $this->assertSame(
            $desk->play(...$run),
            $desk->saying(['aside' => ['made' => ['both' => self::REST]]])->play(...$run),
        );
    }

    public function test_a_lamp_rule_set_aside_lights_nothing(): void
    {
        $desk = Desk::plain()->saying(['lamps' => ['l' => ['lamp' => 'd/lamp', 'while' => ['layer' => 'base']]]]);
        $this->assertSame(['0 lamp d/lamp 1'], $desk->play('10 b1 1'));
        $this->assertSame([], $desk->saying(['aside' => ['lamps' => ['l' => self::REST]]])->play('10 b1 1'));
    }

    public function test_what_is_set_aside_comes_back_as_it_was_and_is_told_by_its_name(): void
    {
        $set = DemoSets::skerrywing();
        $path = PartPath::cell('base', 'gorse/button-3');
        $aside = self::of((new AsideEdits($set))->turn($path));
        $this->assertTrue($aside->isAside($path));
        $this->assertSame(
            ['Button 3 in Cruise: not said here → set aside'],
            (new Words($set))->lines(SetDiff::between($set->merged->own, $aside->merged->own)),
        );
        $this->assertEquals($set->merged->own->toJson(), (new AsideEdits($aside))->turn($path)->toJson());
        $this->assertEquals(
            $aside->merged->own->toJson(),
            SetDocument::fromJson($aside->merged->own->toJson())->toJson(),
        );
        // What it was the only way to is not reached meanwhile, and its place stays taken.
        $this->assertTrue(Reach::of($set)->reaches('cabin-light'));
        $this->assertFalse(Reach::of($aside)->reaches('cabin-light'));
        $this->assertNotNull($aside->cell('base', 'gorse/button-3'));
        $this->assertSame($set, Played::of($set));
    }

    public function test_a_set_sets_aside_what_its_parent_says_and_takes_it_up_again(): void
    {
        $library = new DemoSets;
        $dunlin = (new Assembly($library))->assemble($library->set('dunlin') ?? throw new \LogicException);
        $path = PartPath::cell('base', 'gorse/button-3');
        $aside = (new AsideEdits($dunlin))->setAside($path);
        $this->assertTrue(self::of($aside)->isAside($path));
        $this->assertFalse(DemoSets::skerrywing()->isAside($path));
        // What a parent has set aside is taken up in the one that wants it.
        $parent = (new AsideEdits(DemoSets::skerrywing()))->setAside($path);
        $below = (new Assembly(new Drafts($library, ['skerrywing' => $parent])))->assemble($dunlin->merged->own);
        $this->assertTrue($below->isAside($path));
        $up = (new AsideEdits($below))->turn($path);
        $this->assertFalse(
            (
                new Assembly(new Drafts($library, ['skerrywing' => $parent, 'dunlin' => $up]))
            )->assemble($up)->isAside($path),
        );
    }

    public function test_of_two_writers_one_is_set_aside_and_no_more_is_told(): void
    {
        $library = new DemoSets;
        $write = [
            'behaviour' => ['kind' => 'follow'],
            'outputs' => [['kind' => 'on/off variable', 'name' => 'landing_light', 'on' => 1, 'off' => 0]],
        ];
        $own = ($library->set('skerrywing') ?? throw new \LogicException)->with(
            PartPath::cell('base', 'fennel/switch-2.up'),
            $write,
        )->with(PartPath::cell('base', 'fennel/switch-3.up'), $write);
        $set = self::of($own);
        $kinds = fn (BindingSet $set): array => array_map(fn (Finding $finding) => $finding->kind, Checks::over($set));
        $this->assertContains('two writers', $kinds($set));
        $this->assertNotContains(
            'two writers',
            $kinds(self::of((new AsideEdits($set))->setAside(PartPath::cell('base', 'fennel/switch-3.up')))),
        );
    }

    public function test_it_is_left_out_of_a_device_with_its_reason(): void
    {
        $set = DemoSets::skerrywing();
        $aside = self::of((new AsideEdits($set))->setAside(PartPath::cell('base', 'fennel/switch-1.up')));
        $mapping = DeviceMapping::of($aside, $aside->rig->devices['fennel']);
        $this->assertContains('Switch 1 up in Cruise: it is set aside', $mapping->leftOut);
        $this->assertSame(['nothing' => true], $mapping->document->value(PartPath::cell('base', 'fennel/switch-1.up')));
        $this->assertNull($mapping->document->value(Aside::path(PartPath::cell('base', 'fennel/switch-1.up'))));
    }

    public function test_it_goes_with_what_it_is_about_and_along_with_its_device(): void
    {
        $desk = Desk::plain()->layer('water', 'b2')->cell('water', 'b1', 'follow', self::button(8))
            ->saying([
                'stops' => ['s' => ['name' => 'S', 'axes' => ['d/a'], 'at' => 0.5, 'opens' => 'held']],
                'aside' => [
                    'stops' => ['s' => self::REST], 'cells' => ['d/b1/water' => self::REST, 'd/b2/base' => self::REST],
                ],
            ]);
        $set = $desk->assembled();
        $this->assertSame(
            ['cells'],
            array_keys((new Removal($set))->of(Gone::part(NamesPart::STOP, 's'))->said('aside')),
        );
        $this->assertSame(
            ['stops'],
            array_keys(array_filter((new Removal($set))->of(Gone::part(NamesPart::LAYER, 'water'))->said('aside'))),
        );
        // What is cleared and assigned anew is not set aside any more.
        $this->assertFalse((new Edits($set))->clear('base', 'd/b2')->says(Aside::path(PartPath::cell('base', 'd/b2'))));
        $this->assertSame(
            ['x/b1/water', 'x/b2/base'],
            array_keys($set->merged->own->withDevice('d', 'x')->said('aside')['cells']),
        );
    }

    public function test_two_stops_share_an_opener_and_neither_takes_it_from_the_other(): void
    {
        $set = DemoSets::skerrywing();
        $stop = fn (string $axis): array => [
            'name' => ucfirst($axis), 'axes' => ['fennel/'.$axis], 'at' => 0.7, 'opens' => 'held',
        ];
        $both = self::of((new Edits($set))->stop('one', $stop('left-lever'), 'fennel/left-thumb'));
        $both = self::of((new Edits($both))->stop('two', $stop('right-lever'), 'fennel/left-thumb'));
        $this->assertSame(
            [['fennel/left-thumb'], ['fennel/left-thumb']],
            [$both->openersOf('one'), $both->openersOf('two')],
        );
        // Another opener for the one leaves the other with its own.
        $moved = self::of((new Edits($both))->stop('one', $stop('left-lever'), 'bracken/push-9'));
        $this->assertSame(
            [['bracken/push-9'], ['fennel/left-thumb']],
            [$moved->openersOf('one'), $moved->openersOf('two')],
        );
        // What a contact does already is not taken from it.
        $this->expectExceptionMessage('which does this already');
        (new Edits($both))->stop('one', $stop('left-lever'), 'fennel/mark');
    }

    #[TestWith(['chords/base/c'])]
    #[TestWith(['stops/nowhere'])]
    #[TestWith(['cells/base/fennel/switch-3.up'])]
    #[TestWith(['layers/water'])]
    public function test_only_what_is_there_and_can_be_is_set_aside(string $path): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('nothing that can be set aside');
        (new AsideEdits(DemoSets::skerrywing()))->setAside(PartPath::of($path));
    }

    #[TestWith(['{"cells": {"d/b1/base": {"is": "gone"}}}', 'aside.cells.d/b1/base.is'])]
    #[TestWith(['{"layers": {"water": {"is": "resting"}}}', 'aside.layers: found "layers", expected one of cells, '
        .'stops, made, lamps, macros'])]
    public function test_a_file_that_sets_aside_what_cannot_be_is_refused(string $aside, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        SetDocument::fromJson('{"format": "nailrod-set", "version": 1, "id": "a", "name": "A", "aside": '.$aside.'}');
    }

    private static function of(SetDocument $document): BindingSet
    {
        return (new Assembly(new Drafts(new DemoSets, [$document->id => $document])))->assemble($document);
    }

    /**
     * @return array<string, array{0: Desk, 1: string, 2: array<string, mixed>}> a set in which two parts do not go
     *    together, where that is told, and which is set aside
     */
    public static function apart(): array
    {
        $stop = fn (string $side, float $at): array => [
            'name' => $side, 'axes' => ['d/a'], 'side' => $side, 'at' => $at, 'opens' => 'held',
        ];
        $stops = Desk::plain()->saying(['stops' => ['low' => $stop('below', 0.6), 'high' => $stop('above', 0.4)]]);
        $as = Desk::plain()->saying(['cells' => ['base' => ['d/b1' => ['as' => 'd/b2'], 'd/b2' => ['as' => 'd/b3']]]]);
        $threshold = ['kind' => 'above', 'name' => 'Past', 'of' => ['d/a'], 'at' => 0.5];
        $chord = fn (string ...$of): array => ['name' => implode($of), 'of' => $of, 'outputs' => [self::button(9)]];
        $chords = Desk::plain()->saying([
            'made' => ['p' => $threshold],
            'chords' => ['base' => ['x' => $chord('d/b1', 'd/b2'), 'y' => $chord('d/b1', 'd/b2', 'made/p')]],
        ]);
        $game = [
            'format' => 'nailrod-catalogue', 'version' => 1, 'id' => 'g', 'name' => 'Game', 'vehicle' => 'Cart',
            'frame_us' => 16667, 'sees' => ['buttons' => 8, 'axes' => 2],
            'groups' => [['id' => 'all', 'name' => 'All']],
            'variables' => ['gear' => ['name' => 'Gear', 'group' => 'all', 'low' => 0, 'high' => 1]],
            'actions' => [
                [
                    'id' => 'gear', 'name' => 'Gear', 'group' => 'all', 'kind' => 'momentary',
                    'effect' => ['do' => 'hold', 'variable' => 'gear'],
                ],
            ],
        ];
        $axis = ['ways' => ['gear' => ['kind' => 'axis', 'number' => 2]]];
        $does = ['kind' => 'action', 'action' => 'gear'];
        $cell = Desk::plain()->playing($game)->cell('base', 'b1', 'follow', $does)->saying($axis);
        $held = ['ways' => ['gear' => self::button(4)]];
        $tick = Desk::plain()->playing($game)->cell('base', 'e.plus', 'follow', $does)->saying($held);
        $lever = Desk::plain()->playing($game)->axis(
            'base',
            'a',
            ['kind' => 'action', 'action' => 'gear'],
        )->saying($held);
        $macro = Desk::plain()->playing($game)->saying(
            ['macros' => ['m' => ['name' => 'M', 'steps' => [['do' => 'tap', 'output' => $does, 'ms' => 20]]]]],
        )->saying($axis);
        $directions = Desk::plain()->saying(
            ['made' => ['w' => ['kind' => 'eight directions', 'name' => 'Ways', 'of' => ['d/a', 'd/b']]]],
        );

        return [
            'a stop from below over one from above, the lower' => [$stops, 'stops', ['stops' => ['low' => self::REST]]],
            'a stop from below over one from above, the upper' => [
                $stops, 'stops', ['stops' => ['high' => self::REST]],
            ],
            'a control that does as one that does as another, the first' => [
                $as, 'cells', ['cells' => ['d/b1/base' => self::REST]],
            ],
            'a control that does as one that does as another, the second' => [
                $as, 'cells', ['cells' => ['d/b2/base' => self::REST]],
            ],
            'a button whose action is reached by an axis' => [$cell, 'cells', ['cells' => ['d/b1/base' => self::REST]]],
            'an axis whose action is reached by a button' => [$lever, 'cells', ['cells' => ['d/a/base' => self::REST]]],
            'a tick that holds' => [$tick, 'cells', ['cells' => ['d/e.plus/base' => self::REST]]],
            'a macro whose action is reached by an axis' => [$macro, 'macros', ['macros' => ['m' => self::REST]]],
            'a chord with a threshold in it that contains another' => [
                $chords, 'chords', ['made' => ['p' => self::REST]],
            ],
            'directions of axes without a centre' => [$directions, 'made', ['made' => ['w' => self::REST]]],
        ];
    }

    /** @param array<string, mixed> $aside */
    #[DataProvider('apart')]
    public function test_what_is_set_aside_is_in_nobodys_way_until_it_is_taken_up(
        Desk $desk,
        string $place,
        array $aside,
    ): void {
        try {
            $desk->assembled();
            $this->fail('both are played, and that is not refused');
        } catch (FormatError $error) {
            $this->assertStringStartsWith($place, $error->place);
        }
        $set = $desk->saying(['aside' => $aside])->assembled();
        Compiler::compile($set);
        Checks::over($set);
        $section = array_key_first($aside);
        $up = (new AsideEdits($set))->takeUp(
            Aside::target(new PartPath(Aside::name(), $section, array_key_first($aside[$section]))),
        );
        $this->expectException(FormatError::class);
        (new Assembly($desk))->assemble($up, $set);
    }
}
