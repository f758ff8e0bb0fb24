<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Panel;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\LayerEdits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** Panels that an owner draws: pages of tiles, which stand in the place of the controls of a touch panel. */
final class PanelTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function tile(string $id, int $column, int $row, array $more = []): array
    {
        return ['id' => $id, 'column' => $column, 'row' => $row] + $more;
    }

    /** @return array<string, mixed> a panel of two pages with a tile of each kind */
    private static function panel(): array
    {
        return ['name' => 'Mail route', 'pages' => [
            ['name' => 'Radio', 'columns' => 4, 'rows' => 4, 'tiles' => [
                self::tile('swap', 0, 0, ['label' => 'Swap']), self::tile(
                    'tuned',
                    1,
                    0,
                    ['kind' => 'pair', 'across' => 2],
                ), self::tile('view', 0, 1, ['kind' => 'stick', 'across' => 2, 'down' => 2]),
                self::tile('dim', 3, 0, ['kind' => 'slide', 'down' => 4]), self::tile(
                    'on',
                    0,
                    3,
                    ['kind' => 'turn to page', 'page' => 2],
                ), self::tile(
                    'alt',
                    1,
                    3,
                    ['kind' => 'only shows', 'text' => 'Altimeter {altimeter}', 'bar' => ['variable' => 'flaps']],
                ),
            ]],
            ['name' => 'Dock', 'layer' => 'water', 'tiles' => [self::tile('mooring', 0, 0, ['kind' => 'locks on'])]],
        ]];
    }

    private static function set(?callable $change = null): BindingSet
    {
        $document = (new DemoSets)->set('skerrywing') ?? self::fail();
        $document = $document->with(PartPath::panel('clover', 'mail'), self::panel())->with(
            PartPath::setting('clover', 'panel'),
            ['is' => 'mail'],
        );

        return DemoSets::skerrywing($change === null ? $document : $change($document));
    }

    public function test_its_tiles_are_the_controls_and_report_by_their_names(): void
    {
        $device = self::set()->rig->devices['clover'];
        $this->assertSame(
            ['swap', 'tuned', 'view', 'dim', 'mooring'],
            array_map(fn ($control) => $control->id(), $device->controls),
        );
        $this->assertSame(
            ['tile', 'sprung', 'hat', 'slider', 'tile'],
            array_map(fn ($control) => $control->kind::kind(), $device->controls),
        );
        $this->assertSame(
            ['clover/tuned.minus', 'clover/tuned.plus'],
            array_map(fn ($contact) => $contact->ref, $device->control('tuned')->contacts ?? []),
        );
        $this->assertSame(
            [2, 1, 2, null],
            [
                $device->pages(), $device->control('swap')->page ?? 0, $device->control('mooring')->page ?? 0,
                $device->descriptor,
            ],
        );
        $this->assertSame(
            ['Swap', 'Altimeter', 'Mooring'],
            array_map(fn (string $id) => $device->panel?->tile($id)?->name(), ['swap', 'alt', 'mooring']),
        );
        $this->assertSame(['altimeter', 'flaps'], $device->panel?->tile('alt')?->variables());
        $this->assertCount(7, $device->lamps, 'every tile can be lit');
        $this->assertSame(40, count((new DemoSets)->device('clover')->controls ?? []));
        $this->assertSame(
            40,
            count(DemoSets::skerrywing()->rig->devices['clover']->controls),
            'as new where none is picked',
        );
    }

    public function test_what_is_touched_does_what_its_cell_says(): void
    {
        $does = fn (int $n): array => [
            'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => $n]],
        ];
        $set = self::set(
            fn (SetDocument $own) => $own->with(
                PartPath::cell('base', 'clover/tuned.plus'),
                $does(40),
            )->with(PartPath::cell('base', 'clover/view.east'), $does(41))->with(
                PartPath::cell('base', 'clover/dim'),
                ['outputs' => [['kind' => 'axis', 'number' => 8]]],
            ),
        );
        $machine = Machine::start(Compiler::compile($set));
        $events = $machine->feed([
            new Input(0, 'clover/dim', 500), new Input(1000, 'clover/tuned.plus', 1),
            new Input(2000, 'clover/view', 1), new Input(3000, 'clover/view', 4),
            new Input(4000, 'clover/tuned.plus', 0),
        ]);
        $rows = array_values(array_map(
            fn (OutputEvent $event) => $event->t.' '.$event->kind.' '.$event->target.' '.$event->value,
            array_filter($events, fn (OutputEvent $event) => in_array($event->target, ['8', '40', '41'], true)),
        ));
        // North-east closes two ways of the stick, south none of them.
        $this->assertSame(
            ['0 axis 8 32768', '1000 button 40 1', '2000 button 41 1', '3000 button 41 0', '4000 button 40 0'],
            $rows,
        );
    }

    public function test_a_tile_that_the_picked_panel_lacks_rests_and_is_told(): void
    {
        $set = self::set(fn (SetDocument $own) => $own->with(
            PartPath::cell('base', 'clover/tile-3'),
            ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 40]]],
        ));
        $this->assertSame([['clover/tile-3'], null], [$set->missing, $set->cell('base', 'clover/tile-3')]);
        $none = self::set(fn (SetDocument $own) => $own->with(PartPath::setting('clover', 'panel'), ['is' => 'moon']));
        $this->assertContains('clover/moon', $none->missing);
        $this->assertCount(40, $none->rig->devices['clover']->controls);
        $other = self::set(fn (SetDocument $own) => $own->with(PartPath::panel('gorse', 'mail'), self::panel()));
        $this->assertContains('gorse/mail', $other->missing, 'a stick is no touch panel');
    }

    public function test_a_page_stays_when_the_layer_goes_that_it_belongs_to(): void
    {
        $set = self::set(fn (SetDocument $own) => $own->with(PartPath::layer('dock'), ['name' => 'Dock'])->with(
            PartPath::panel('clover', 'mail'),
            array_replace_recursive(self::panel(), ['pages' => [1 => ['layer' => 'dock']]]),
        ));
        $this->assertSame('dock', $set->panels['clover']['mail']->pages[1]->layer);
        $left = (new LayerEdits($set))->remove('dock')->value(PartPath::panel('clover', 'mail'));
        $this->assertSame(['name', 'tiles'], array_keys(is_array($left) ? $left['pages'][1] : []));
    }

    public function test_it_is_told_in_words_and_what_has_no_way_back_is_told(): void
    {
        $set = self::set();
        $part = $set->merged->section('panels')['panels/clover/mail'];
        $words = new Words($set);
        $this->assertSame(
            ['Clover, panel Mail route', '"Mail route", 2 pages, 7 tiles'],
            [$words->subject($part->path, $part), $words->value($part)],
        );
        $this->assertSame([], $set->panels['clover']['mail']->deadEnds(), 'the dock belongs to a layer');
        $this->assertSame(
            ['Dock'],
            Panel::read(
                'p',
                Node::of(['pages' => [self::panel()['pages'][0], ['name' => 'Dock']]] + self::panel()),
            )->deadEnds(),
        );
    }

    public function test_there_is_room_for_a_tile_or_not(): void
    {
        $page = self::set()->panels['clover']['mail']->pages[0];
        $this->assertSame([[2, 1], [2, 1], null], [$page->free(1, 1), $page->free(1, 2), $page->free(4, 1)]);
        $this->assertSame(
            [true, false, true],
            [$page->isFree(2, 1, 1, 2), $page->isFree(0, 0, 1, 1), $page->isFree(0, 0, 1, 1, 'swap')],
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        $with = fn (array ...$tiles): array => [
            'name' => 'P', 'pages' => [['name' => 'One', 'columns' => 2, 'rows' => 2, 'tiles' => array_values($tiles)]],
        ];
        yield 'beyond the grid' => [$with(self::tile('a', 1, 0, ['across' => 2])), 'within the 2 by 2 cells'];
        yield 'over another' => [
            $with(self::tile('a', 0, 0), self::tile('b', 0, 0)), 'no other tile lies over; A does',
        ];
        yield 'one id twice' => [$with(self::tile('a', 0, 0), self::tile('a', 1, 0)), 'a is there twice'];
        yield 'a page that is not there' => [
            $with(self::tile('a', 0, 0, ['kind' => 'turn to page', 'page' => 3])), '1 to 1',
        ];
        yield 'a turn to nowhere' => [$with(self::tile('a', 0, 0, ['kind' => 'turn to page'])), 'from 1 on'];
        yield 'no page' => [['name' => 'P', 'pages' => []], 'one page or more'];
        yield 'a colour that is none' => [$with(self::tile('a', 0, 0, ['colour' => 'pink'])), 'plain'];
        yield 'a grid that is too large' => [
            ['name' => 'P', 'pages' => [['name' => 'One', 'columns' => 9]]], 'from 2 to 8',
        ];
    }

    /** @param array<string, mixed> $panel */
    #[DataProvider('bad')]
    public function test_what_cannot_be_is_refused(array $panel, string $said): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($said);
        Panel::read('p', Node::of($panel));
    }

    public function test_a_panel_with_more_than_its_device_can_have_is_refused(): void
    {
        $many = array_map(fn (int $i) => self::tile('t'.$i, $i % 8, intdiv($i, 8)), range(0, 29));
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('at most 24 tiles on a page, the limit of Clover');
        self::set(fn (SetDocument $own) => $own->with(
            PartPath::panel('clover', 'mail'),
            ['name' => 'P', 'pages' => [['name' => 'One', 'columns' => 8, 'rows' => 8, 'tiles' => $many]]],
        ));
    }
}
