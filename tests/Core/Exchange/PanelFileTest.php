<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Nailrod\Core\Exchange\PanelFile;
use Nailrod\Core\Exchange\PanelFit;
use Nailrod\Core\Exchange\PanelFitRow;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** A page of a panel, or all of it, as a file that is taken into another set, of another game. */
final class PanelFileTest extends TestCase
{
    private static function set(string $id, ?SetDocument $document = null): BindingSet
    {
        $demo = new DemoSets(withPanels: true);

        return (new Assembly($demo))->assemble($document ?? $demo->set($id) ?? self::fail());
    }

    /** @return array<string, mixed> */
    private static function written(string $set, string $panel, ?int $page, ?SetDocument $document = null): array
    {
        return PanelFile::write(self::set($set, $document), 'clover', $panel, $page);
    }

    private static function read(array $document): PanelFile
    {
        return PanelFile::read(Node::of(Json::decode(Json::encode($document))));
    }

    /** @return array<string, string> what each end does here, by tile and end */
    private static function rows(PanelFit $fit): array
    {
        $rows = [];
        foreach ($fit->rows() as $row) {
            $rows[trim($row->tile.' '.$row->end)] = $row->did.' -> '.(
                $row->lacks === '' ? $row->does : 'no '.$row->lacks
            );
        }

        return $rows;
    }

    public function test_a_page_goes_into_another_game_by_role_and_what_it_lacks_is_left_out(): void
    {
        $file = self::read(self::written('skerrywing', 'mail-route', 0));
        $ladder = self::set('hairpin-ladder');
        $fit = new PanelFit($ladder, $file, 'clover');
        $this->assertEquals([
            'Channel +' => 'Channel up -> Channel up', 'Channel −' => 'Channel down -> Channel down',
            'Volume +' => 'Volume up -> Volume up', 'Volume −' => 'Volume down -> Volume down',
            'Talk' => 'Talk -> Talk', 'Squelch' => 'Squelch -> no Squelch', 'Avionics' => 'Avionics -> no Avionics',
            'Battery' => 'Battery -> Ignition', 'Pause' => 'Pause -> Pause',
        ], self::rows($fit));
        $taken = self::set('hairpin-ladder', $fit->take('pit-board'));
        $pages = $taken->panels['clover']['pit-board']->pages;
        $this->assertSame(['Pit', 'Stage', 'Radio'], array_map(fn ($page) => $page->name, $pages));
        $ids = array_map(fn ($tile) => $tile->id, $pages[2]->tiles);
        $this->assertSame(
            ['channel-2', 'volume', 'talk-2', 'squelch', 'avionics', 'battery', 'pause'],
            $ids,
            'names that are taken get others, and tiles that turned elsewhere are gone',
        );
        $this->assertSame(
            ['channel-up', 'ignition'],
            [
                $taken->actionOf($taken->cell('base', 'clover/channel-2.plus')?->outputs[0])?->id,
                $taken->actionOf($taken->cell('base', 'clover/battery')?->outputs[0])?->id,
            ],
        );
        $this->assertNull($taken->cell('base', 'clover/squelch'));
        $this->assertSame(
            $ladder->cell('base', 'clover/channel.plus')?->outputs[0]->toArray(),
            $taken->cell('base', 'clover/channel.plus')?->outputs[0]->toArray(),
            'what was there is as it was',
        );
    }

    public function test_values_conditions_and_lamps_follow_the_actions_that_change_them(): void
    {
        $file = self::read(self::written('hairpin-ladder', 'pit-board', 1));
        $fit = new PanelFit(self::set('skerrywing'), $file, 'clover');
        $this->assertSame(
            'Headlights on, Headlights off -> Landing light on, Landing light off',
            self::rows($fit)['Headlights'],
        );
        $taken = self::set('skerrywing', $fit->take(''));
        $panel = $taken->panels['clover']['stage'];
        $this->assertSame(
            ['Stage', 'stage'],
            [$panel->name, $taken->rig->devices['clover']->panel?->id],
            'a panel of its own is shown',
        );
        $lights = $taken->merged->value(PartPath::cell('base', 'clover/headlights'));
        $this->assertSame(
            'landing_light',
            is_array($lights) ? $lights['when']['variable'] : '',
            'main light on is Landing light here',
        );
        $this->assertNotNull($taken->wayOf('landing-light-on'), 'nothing reached it: it has a way now');
        $this->assertSame(
            ['', null],
            [$panel->tile('wipers')?->text, $panel->tile('engine')?->bar],
            'this game has no wipers and calls its engine otherwise',
        );
        $this->assertSame('{channel}', $panel->tile('channel-2')?->text);
    }

    public function test_a_tile_that_writes_a_value_goes_by_what_changes_it_or_is_told_and_left_out(): void
    {
        $sets = fn (string $variable): array => [
            'behaviour' => ['kind' => 'pulse', 'width_ms' => 60],
            'outputs' => [['kind' => 'set variable', 'name' => $variable, 'to' => 1]],
        ];
        $own = ((new DemoSets(withPanels: true))->set('skerrywing') ?? self::fail())->with(
            PartPath::cell('base', 'clover/channel.plus'),
            $sets('landing_light'),
        )->with(PartPath::cell('base', 'clover/channel.minus'), $sets('flaps'));
        $fit = new PanelFit(
            self::set('hairpin-ladder'),
            self::read(self::written('skerrywing', 'mail-route', 0, $own)),
            'clover',
        );
        $this->assertSame('something of its own -> the same', self::rows($fit)['Channel +']);
        $this->assertSame('something of its own -> no what Flaps one down changes', self::rows($fit)['Channel −']);
        $taken = self::set('hairpin-ladder', $fit->take(''));
        $light = $taken->catalogue?->byRole()['main light on']->effect->variable;
        $tile = array_values(
            array_filter($taken->panels['clover']['radio']->tiles(), fn ($tile) => $tile->label === 'Channel'),
        )[0]->id;
        $this->assertSame(
            [$light, null],
            [
                $taken->cell('base', 'clover/'.$tile.'.plus')?->outputs[0]->toArray()['name'] ?? '',
                $taken->cell('base', 'clover/'.$tile.'.minus'),
            ],
        );
    }

    public function test_the_whole_panel_comes_back_as_it_was_in_its_own_game(): void
    {
        $document = self::written('skerrywing', 'mail-route', null);
        $file = self::read($document);
        $this->assertSame(
            ['Skerrywing', 5, ['mooring'], ['three-sacks', 'harbour-call']],
            [$file->game, count($file->panel->pages), array_keys($file->lit), array_keys($file->macros)],
        );
        $bare = (new DemoSets)->set('skerrywing') ?? self::fail();
        $home = (new Assembly(new DemoSets))->assemble($bare);
        $fit = new PanelFit($home, $file, 'clover');
        $this->assertSame([], array_filter(array_map(fn (PanelFitRow $row) => $row->lacks, $fit->rows())));
        $taken = (new Assembly(new DemoSets))->assemble($fit->take(''));
        $again = PanelFile::write($taken, 'clover', 'mail-route', null);
        $this->assertEquals($document, $again);
        $this->assertSame('water', $taken->panels['clover']['mail-route']->pages[4]->layer);
    }

    public function test_into_a_panel_with_pages_its_turns_lead_to_its_own(): void
    {
        $taken = self::set(
            'hairpin-ladder',
            (new PanelFit(
                self::set('hairpin-ladder'),
                self::read(self::written('hairpin-ladder', 'pit-board', null)),
                'clover',
            ))->take('pit-board'),
        );
        $this->assertSame(
            [2, 1, 4, 3],
            array_values(
                array_filter(array_map(fn ($tile) => $tile->page, $taken->panels['clover']['pit-board']->tiles())),
            ),
        );
    }

    public function test_more_than_the_device_can_have_is_refused(): void
    {
        $fit = new PanelFit(
            self::set('skerrywing'),
            self::read(self::written('skerrywing', 'mail-route', null)),
            'clover',
        );
        $this->expectExceptionMessage('at most 6 pages, the limit of Clover');
        self::set('skerrywing', $fit->take('mail-route'));
    }

    public function test_macros_of_a_file_that_play_each_other_are_left_out(): void
    {
        $plays = fn (string $macro): array => ['behaviour' => ['kind' => 'macro', 'macro' => $macro]];
        $file = self::read(['format' => PanelFile::FORMAT, 'version' => 1, 'name' => 'Round', 'pages' => [
            [
                'name' => 'One',
                'tiles' => [['id' => 'a', 'column' => 0, 'row' => 0], ['id' => 'b', 'column' => 1, 'row' => 0]],
            ],
        ],
            'does' => ['a' => $plays('first'), 'b' => $plays('lone')], 'macros' => [
                'first' => [
                    'name' => 'First',
                    'steps' => [['do' => 'tap', 'output' => ['kind' => 'start macro', 'macro' => 'first']]],
                ],
                'lone' => ['name' => 'Lone', 'steps' => [['do' => 'wait', 'ms' => 5]]],
            ]]);
        $fit = new PanelFit(self::set('skerrywing'), $file, 'clover');
        $this->assertSame(['a macro', ''], array_map(fn (PanelFitRow $row) => $row->lacks, $fit->rows()));
        $taken = self::set('skerrywing', $fit->take(''));
        $this->assertSame([false, true], [isset($taken->macros['first']), isset($taken->macros['lone'])]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        $good = ['version' => 1, 'name' => 'P', 'pages' => [['name' => 'One']]];
        yield 'no page' => [['pages' => []] + $good, 'pages: found a list of 0, expected one page or more'];
        yield 'a field of nobody' => [['moon' => 1] + $good, 'moon: found a field that this format does not have'];
        yield 'another version' => [['version' => 2] + $good, 'version: found 2'];
        yield 'a tile beyond its page' => [
            [
                'pages' => [['name' => 'One', 'columns' => 2, 'tiles' => [['id' => 'a', 'column' => 5, 'row' => 0]]]],
            ] + $good,
            'a tile within the 2 by 6 cells of the page',
        ];
        yield 'what a tile does by no tile' => [['does' => ['a/b' => []]] + $good, 'by the id of a tile'];
        yield 'a macro by no id' => [['macros' => ['A B' => []]] + $good, 'macros'];
        yield 'an action without its variable' => [['actions' => ['horn' => ['name' => 'Horn']]] + $good, 'variable'];
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('bad')]
    public function test_what_is_wrong_with_a_file_is_said_with_its_place(array $document, string $message): void
    {
        try {
            self::read($document);
            $this->fail('should be refused');
        } catch (FormatError $error) {
            $this->assertStringContainsString($message, $error->getMessage());
        }
    }
}
