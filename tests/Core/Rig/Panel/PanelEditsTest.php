<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Panel;

use Nailrod\Core\Advice\Plan\PanelPlan;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Rig\Panel\TileKind;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PanelEdits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\TileEdits;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** What a person does to panels, their pages and their tiles; a page of a group of actions. */
final class PanelEditsTest extends TestCase
{
    private BindingSet $set;

    protected function setUp(): void
    {
        $this->set = DemoSets::skerrywing();
        $this->take($this->panels()->add('Mine'));
    }

    private function take(SetDocument $own): void
    {
        $this->set = DemoSets::skerrywing($own);
    }

    private function panels(): PanelEdits
    {
        return new PanelEdits($this->set, 'clover');
    }

    private function tiles(): TileEdits
    {
        return new TileEdits($this->set, 'clover');
    }

    private function panel(): Panel
    {
        return $this->set->panels['clover']['mine'];
    }

    /** @return list<string> tiles of a page as "id column,row acrossxdown" */
    private function drawn(int $page = 0): array
    {
        return array_map(
            fn (Tile $tile) => sprintf(
                '%s %d,%d %dx%d',
                $tile->id,
                $tile->column,
                $tile->row,
                $tile->across,
                $tile->down,
            ),
            $this->panel()->pages[$page]->tiles,
        );
    }

    private function refused(callable $edit, string $said): void
    {
        try {
            $edit();
            $this->fail('It was taken: '.$said);
        } catch (FormatError $error) {
            $this->assertStringContainsString($said, $error->getMessage());
        }
    }

    public function test_a_new_panel_is_shown_another_one_is_picked_and_as_new_is_as_the_device_says(): void
    {
        $this->assertSame(
            ['mine', 0],
            [$this->set->setting('clover', 'panel'), count($this->set->rig->devices['clover']->controls)],
        );
        $this->take($this->panels()->add('Mine'));
        $this->assertSame(
            ['mine-2', ['mine', 'mine-2']],
            [$this->set->setting('clover', 'panel'), array_keys($this->set->panels['clover'])],
        );
        $this->take($this->panels()->pick('mine'));
        $this->take($this->panels()->rename('mine', 'Yours'));
        $this->assertSame(['mine', 'Yours'], [$this->set->setting('clover', 'panel'), $this->panel()->name]);
        $this->take($this->panels()->pick(''));
        $this->assertCount(40, $this->set->rig->devices['clover']->controls);
        $this->take($this->panels()->pick('mine'));
        $this->take($this->panels()->remove('mine'));
        $this->assertCount(40, $this->set->rig->devices['clover']->controls);
        $this->refused(fn () => $this->panels()->pick('mine'), 'one of the device');
        $this->refused(fn () => (new PanelEdits($this->set, 'gorse'))->add('X'), 'a touch panel of the rig');
    }

    public function test_tiles_are_added_where_there_is_room_moved_stretched_copied_and_taken_away(): void
    {
        foreach ([TileKind::Press, TileKind::Pair, TileKind::Stick, TileKind::Slide, TileKind::Turn] as $kind) {
            $this->take($this->tiles()->addTile('mine', 0, $kind, null, $kind === TileKind::Press ? 'Swap' : ''));
        }
        $this->assertSame(
            ['swap 0,0 1x1', 'pair 1,0 2x1', 'stick 0,1 2x2', 'slide 3,0 1x3', 'turn-to-page 2,1 1x1'],
            $this->drawn(),
        );
        $this->take($this->tiles()->move('mine', 'swap', 0, 2, 1));
        $this->assertSame(
            ['swap 2,1 1x1', 'turn-to-page 0,0 1x1'],
            [$this->drawn()[0], $this->drawn()[4]],
            'two of one size change places',
        );
        $this->refused(fn () => $this->tiles()->move('mine', 'swap', 0, 0, 1), 'Stick lies there');
        $this->take($this->tiles()->size('mine', 'swap', 1, 3));
        $this->refused(fn () => $this->tiles()->size('mine', 'swap', 2, 3), 'free cells beside it');
        $this->take($this->tiles()->copyTile('mine', 'swap'));
        $this->assertSame(['swap 2,1 1x3', 'swap-2 0,3 1x3'], [$this->drawn()[0], $this->drawn()[5]]);
        $this->take($this->tiles()->tile('mine', 'swap', ['label' => 'Over', 'colour' => 'moss']));
        $this->assertSame(
            ['Over', 'moss'],
            [$this->panel()->tile('swap')?->label, $this->panel()->tile('swap')?->colour],
        );
        $this->take($this->tiles()->removeTile('mine', 'swap'));
        $this->assertNull($this->panel()->tile('swap'));
        $this->take($this->tiles()->addTile('mine', 0, TileKind::Press, [3, 5]));
        $this->assertContains('press 3,5 1x1', $this->drawn());
        $this->refused(fn () => $this->tiles()->tile('mine', 'moon', []), 'one of the panel');
    }

    public function test_pages_come_and_go_with_what_turns_to_them(): void
    {
        $this->take($this->panels()->addPage('mine'));
        $this->take($this->panels()->addPage('mine'));
        $this->take(
            $this->panels()->page('mine', 2, ['name' => 'Dock', 'layer' => 'water', 'columns' => 2, 'rows' => 2]),
        );
        foreach ([2, 3] as $to) {
            $this->take($this->tiles()->addTile('mine', 0, TileKind::Turn, null));
            $this->take($this->tiles()->tile('mine', $to === 2 ? 'turn-to-page' : 'turn-to-page-2', ['page' => $to]));
        }
        $this->take($this->tiles()->addTile('mine', 2, TileKind::Press, null, 'Line'));
        $this->take($this->tiles()->move('mine', 'line', 1, 1, 1));
        $this->assertSame(['line 1,1 1x1'], $this->drawn(1));
        $this->take($this->tiles()->move('mine', 'line', 2, 5, 5));
        $this->assertSame(['line 1,1 1x1'], $this->drawn(2), 'within the grid');
        $this->take($this->panels()->removePage('mine', 1));
        $this->assertSame(
            [['Page 1', 'Dock'], [2]],
            [
                array_map(fn ($page) => $page->name, $this->panel()->pages),
                array_map(fn (Tile $tile) => $tile->page, $this->panel()->pages[0]->tiles),
            ],
        );
        $this->take($this->panels()->removePage('mine', 0));
        $this->refused(fn () => $this->panels()->removePage('mine', 0), 'a panel always has a page');
        for ($i = 0; $i < 3; $i++) {
            $this->take($this->tiles()->addTile('mine', 0, TileKind::Press, null));
        }
        $this->refused(fn () => $this->tiles()->addTile('mine', 0, TileKind::Press, null), 'no room on Dock');
    }

    public function test_a_page_of_a_group_has_a_tile_for_each_and_does_it(): void
    {
        $plan = new PanelPlan($this->set, $this->set->catalogue ?? self::fail(), 'clover');
        $this->assertContains('radio', $plan->groups());
        $this->take($plan->page('mine', 'radio'));
        $this->assertSame('Radio', $this->panel()->pages[0]->name);
        $this->assertSame(
            ['talk 0,0 1x1', 'channel 1,0 2x1', 'volume 0,1 2x1', 'squelch 2,1 1x1'],
            $this->drawn(),
            'what is needed comes first',
        );
        $this->assertSame(
            [TileKind::Press, TileKind::Pair, TileKind::Pair, TileKind::LocksOn],
            array_map(fn (Tile $tile) => $tile->kind, $this->panel()->tiles()),
        );
        $this->assertSame('{channel}', $this->panel()->tile('channel')?->text);
        $does = fn (string $ref): string => (string) json_encode(
            $this->set->cell('base', 'clover/'.$ref)?->outputs[0]->toArray(),
        );
        $this->assertSame(
            ['channel-up', 'channel-down', 'talk', 'squelch'],
            array_map(
                fn (string $ref) => json_decode($does($ref), true)['action'],
                ['channel.plus', 'channel.minus', 'talk', 'squelch'],
            ),
        );
        $this->assertSame(
            ['mic', 'radio', 'volume-2', 'radio'],
            array_map(fn (Tile $tile) => $tile->icon, $this->panel()->tiles()),
            'icons are guessed from the role',
        );
        $this->take(
            (new PanelPlan($this->set, $this->set->catalogue ?? self::fail(), 'clover'))->page('mine', 'lights'),
        );
        $this->assertSame(['Radio', 'Lights'], array_map(fn ($page) => $page->name, $this->panel()->pages));
        $heat = $this->set->merged->value(PartPath::cell('base', 'clover/pitot-heat'));
        $this->assertSame(
            ['pitot-heat-on', '=', 'pitot-heat-off'],
            is_array($heat) ? [
                $heat['outputs'][0]['action'], $heat['when']['is'], $heat['otherwise']['outputs'][0]['action'],
            ] : [],
            'one tile sets on and off, the game decides',
        );
        $this->assertSame(
            [TileKind::LocksOn, 'Pitot heat'],
            [$this->panel()->tile('pitot-heat')?->kind, $this->panel()->tile('pitot-heat')?->label],
        );
        $this->refused(fn () => $plan->page('mine', 'moon'), 'one with actions');
        $this->assertSame(
            $this->set->merged->own->value(PartPath::panel('clover', 'mine')),
            $this->set->merged->value(PartPath::panel('clover', 'mine')),
        );
    }

    public function test_a_tile_is_given_an_action_and_does_what_belongs_to_it(): void
    {
        $plan = fn (): PanelPlan => new PanelPlan($this->set, $this->set->catalogue ?? self::fail(), 'clover');
        $does = fn (string $ref): string => $this->set->actionOf(
            $this->set->cell('base', 'clover/'.$ref)?->outputs[0],
        )->id ?? '';
        foreach (
            [
                TileKind::Pair, TileKind::Stick, TileKind::Press, TileKind::LocksOn, TileKind::Slide, TileKind::Shows,
            ] as $kind
        ) {
            $this->take($this->tiles()->addTile('mine', 0, $kind, null));
        }
        $this->take($plan()->give('mine', 'pair', 'heading-left'));
        $this->assertSame(['heading-right', 'heading-left'], [$does('pair.plus'), $does('pair.minus')]);
        $pair = $this->panel()->tile('pair');
        $this->assertSame(['Heading mark', 'compass', '{heading_mark}'], [$pair?->label, $pair?->icon, $pair?->text]);
        $this->take($plan()->give('mine', 'pair', 'talk', 'minus'));
        $this->assertSame(['heading-right', 'talk'], [$does('pair.plus'), $does('pair.minus')], 'one end of it alone');
        $this->refused(fn () => $plan()->give('mine', 'pair', 'talk', 'north'), 'one of its ends');
        $this->take($plan()->give('mine', 'stick', 'look-higher'));
        $this->take($plan()->give('mine', 'stick', 'look-left'));
        $this->assertSame(
            ['look-higher', 'look-left', ''],
            [$does('stick.north'), $does('stick.west'), $does('stick.south')],
        );
        $this->take($this->tiles()->tile('mine', 'press', ['label' => 'Mine']));
        $this->take($plan()->give('mine', 'press', 'cast-off'));
        $this->assertSame(
            ['cast-off', 'Mine', null],
            [
                $does('press'), $this->panel()->tile('press')?->label,
                $this->set->cell('base', 'clover/press')?->otherwise,
            ],
        );
        $this->take($plan()->give('mine', 'locks-on', 'cast-off'));
        $this->assertNotNull($this->set->cell('base', 'clover/locks-on')?->otherwise);
        $this->take($plan()->give('mine', 'locks-on', 'talk'));
        $this->assertSame(
            'toggle',
            $this->set->cell('base', 'clover/locks-on')?->behaviour?->toArray()['kind'],
            'what would be held stays on',
        );
        $this->refused(fn () => $plan()->give('mine', 'slide', 'horn'), 'an axis of the game');
        $this->refused(fn () => $plan()->give('mine', 'press', 'look-across'), 'this wants a slide');
        $this->take($plan()->give('mine', 'slide', 'look-across'));
        $this->assertSame('look-across', $does('slide'));
        $this->refused(fn () => $plan()->give('mine', 'only-shows', 'horn'), 'one that is touched');
        $this->refused(fn () => $plan()->give('mine', 'none', 'horn'), 'one of the panel');
        $this->refused(fn () => $plan()->give('mine', 'press', 'none'), 'one of Skerrywing');
    }
}
