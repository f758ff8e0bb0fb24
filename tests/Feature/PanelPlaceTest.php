<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Sets\SetStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Set\BindingSet;
use Tests\TestCase;

/** The Panel place: panels, pages and tiles by forms, and what the tiles do. */
final class PanelPlaceTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->does('panel/remove');
    }

    private static function set(): BindingSet
    {
        return app(SetStore::class)->current(app(SetStore::class)->open('skerrywing'));
    }

    /** @param array<string, mixed> $said */
    private function does(string $path, array $said = []): TestResponse
    {
        $from = (int) app(SetStore::class)->open('skerrywing')->head_id;

        return $this->from('/sets/skerrywing/panel')->post(
            '/sets/skerrywing/'.$path,
            $said + ['from' => $from, 'device' => 'clover', 'panel' => 'mail-route', 'onto' => '1'],
        );
    }

    private static function panel(): Panel
    {
        return self::set()->panels['clover']['mail-route'];
    }

    public function test_a_panel_is_drawn_by_forms_and_stands_in_the_place_of_the_tiles_of_the_device(): void
    {
        $this->get('/sets/skerrywing/panel')->assertOk()->assertSeeText('Clover as new')->assertSeeText('Draw it');
        $this->does('panel/add', ['panel' => '', 'name' => 'Mail route'])->assertSessionHas(
            'said',
            fn (string $said) => str_contains(
                $said,
                'Clover, panel Mail route: not said here → "Mail route", 1 page, 0 tiles',
            ),
        );
        $this->does('panel/tiles', ['kind' => 'pair']);
        $this->does('panel/tiles', ['kind' => 'press', 'column' => '3', 'row' => '5']);
        $this->assertSame(['pair', 'press'], array_map(fn ($tile) => $tile->id, self::panel()->tiles()));
        $this->does(
            'panel/tiles/say',
            [
                'tile' => 'press', 'kind' => 'locks on', 'label' => 'Pump', 'colour' => 'moss', 'opacity' => '80',
                'on_lifting' => '1',
            ],
        );
        $tile = self::panel()->tile('press');
        $this->assertSame(
            ['locks on', 'Pump', 'moss', 0.8, true],
            [$tile?->kind->value, $tile?->label, $tile?->colour, $tile?->opacity, $tile?->onLifting],
        );
        $this->does('panel/tiles/move', ['tile' => 'press', 'column' => '0', 'row' => '1']);
        $this->does('panel/tiles/size', ['tile' => 'press', 'across' => '2', 'down' => '2']);
        $this->does('panel/tiles/copy', ['tile' => 'press']);
        $this->assertCount(3, self::panel()->tiles());
        $this->get('/sets/skerrywing/panel?tile=press')
            ->assertOk()
            ->assertSeeText('3 of 24 tiles on this page')
            ->assertSee('value="Pump"', false);
        $this->does('panel/pages');
        $this->does(
            'panel/pages/say',
            ['onto' => '2', 'name' => 'Dock', 'columns' => '3', 'rows' => '3', 'layer' => 'water'],
        );
        $this->assertSame(
            ['Dock', 3, 'water'],
            [self::panel()->pages[1]->name, self::panel()->pages[1]->columns, self::panel()->pages[1]->layer],
        );
        $this->get('/sets/skerrywing/panel?page=2')->assertSeeText('Page Dock');
        $this->get('/sets/skerrywing/rig?device=clover')->assertSee('data-tile="pair"', false)->assertSeeText('Dock');
        $this->does('panel/tiles/remove', ['tile' => 'press-2']);
        $this->does('panel/pages/remove', ['onto' => '2']);
        $this->does('panel/rename', ['name' => 'Other']);
        $this->assertSame(
            ['Other', 1, 2],
            [self::panel()->name, count(self::panel()->pages), count(self::panel()->tiles())],
        );
        $this->does('panel/pick', ['panel' => '']);
        $this->assertCount(40, self::set()->rig->devices['clover']->controls);
        $this->does('undo');
        $this->assertCount(2, self::set()->rig->devices['clover']->controls);
        $this->does('panel/remove');
        $this->assertSame([], self::set()->panels);
    }

    public function test_a_page_is_made_of_a_group_and_an_action_is_picked_for_a_tile(): void
    {
        $this->does('panel/add', ['panel' => '', 'name' => 'Mail route']);
        $this->does('panel/pages/propose', ['group' => 'radio'])->assertSessionHas('said');
        $this->assertSame('Radio', self::panel()->pages[0]->name);
        $this->get('/sets/skerrywing/panel?tile=channel')->assertSeeTextInOrder(
            ['Channel', '−', 'Channel down', '+', 'Channel up'],
        );
        $this->does('panel/tiles', ['kind' => 'press']);
        $this->does('plan/press', ['action' => 'horn', 'layer' => 'base', 'ref' => 'clover/press']);
        $this->assertSame('horn', self::set()->cell('base', 'clover/press')?->outputs[0]->toArray()['action'] ?? '');
    }

    public function test_what_cannot_be_is_refused_in_words(): void
    {
        $this->does('panel/tiles', ['kind' => 'press'])->assertSessionHas(
            'problem',
            fn (string $said) => str_contains($said, 'Panel'),
        );
        $this->does('panel/add', ['panel' => '', 'name' => 'Mail route']);
        foreach (
            [
                ['panel/tiles', ['kind' => 'moon'], 'one of the strip'],
                ['panel/tiles/move', ['tile' => 'moon', 'column' => '0', 'row' => '0'], 'one of the panel'],
                ['panel/pages/propose', ['group' => 'moon'], 'one with actions'],
                ['panel/pages/remove', [], 'always has a page'],
                ['panel/pages/say', ['name' => 'X', 'columns' => '9'], '8'],
                ['panel/add', ['device' => 'gorse', 'name' => 'X'], 'a touch panel'],
            ] as [$path, $said, $problem]
        ) {
            $this->does($path, $said)->assertSessionHas(
                'problem',
                fn (?string $told) => str_contains((string) $told, $problem),
            );
        }
        $this->get('/sets/skerrywing/panel?device=moon&panel=moon&tile=moon')->assertOk()->assertSeeText('moon');
    }

    public function test_it_is_drawn_in_the_shape_of_the_screen_that_it_will_be_on(): void
    {
        $this->does('panel/add', ['panel' => '', 'name' => 'Mail route']);
        $this->does('panel/pages/say', ['name' => 'One', 'columns' => '8', 'rows' => '8', 'layer' => '']);
        $this->get('/sets/skerrywing/panel')
            ->assertSee('viewBox="0 0 980 720"', false)
            ->assertDontSeeText('a finger wants');
        $this->get('/sets/skerrywing/panel?size=390x844')->assertSee('viewBox="0 0 453 980"', false)->assertSeeText(
            'A cell of this page is 7.7 mm there: a finger wants 9.',
        );
        $this->get('/sets/skerrywing/panel?size=&mm_across=160&mm_down=240')
            ->assertSee('viewBox="0 0 653 980"', false)
            ->assertSeeText('160 × 240 mm')
            ->assertDontSeeText('a finger wants');
        $this->get('/sets/skerrywing/panel?size=moon')
            ->assertOk()
            ->assertSee('viewBox="0 0 980 720"', false)
            ->assertSeeText('moon');
    }

    public function test_a_panel_of_the_parent_says_so_and_is_given_back(): void
    {
        $this->does('panel/add', ['panel' => '', 'name' => 'Mail route']);
        $this->get('/sets/dunlin/panel')->assertSeeText('from Skerrywing');
        $from = fn (): int => (int) app(SetStore::class)->open('dunlin')->head_id;
        $this->post(
            '/sets/dunlin/panel/tiles',
            ['from' => $from(), 'device' => 'clover', 'panel' => 'mail-route', 'onto' => '1', 'kind' => 'press'],
        )->assertSessionMissing('problem');
        $this->get('/sets/dunlin/panel')->assertSeeText('give back');
        $this->post(
            '/sets/dunlin/give-back',
            ['from' => $from(), 'path' => 'panels/clover/mail-route'],
        )->assertSessionMissing('problem');
        $this->get('/sets/dunlin/panel')->assertSeeText('from Skerrywing')->assertSeeText('1 page, 0 tiles');
    }

    public function test_pages_of_a_file_are_looked_at_taken_and_gone_again_by_one_step_back(): void
    {
        $this->does('panel/add', ['panel' => '', 'name' => 'Mail route']);
        $this->does('panel/pages/propose', ['group' => 'radio']);
        $file = $this->get(
            '/sets/skerrywing/panel/file?device=clover&panel=mail-route&page=1',
        )->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="radio.panel.json"')->getContent();
        $bring = fn (string $text): TestResponse => $this->from('/sets/hairpin-ladder/panel')->post(
            '/import',
            [
                'for' => 'hairpin-ladder', 'device' => 'clover',
                'file' => UploadedFile::fake()->createWithContent('radio.panel.json', $text),
            ],
        );
        $page = (string) $bring((string) $file)->assertRedirect()->headers->get('Location');
        $this->get($page)->assertOk()->assertSeeText(
            '1 page, 4 tiles of a panel, made for Skerrywing.',
        )->assertSeeText('5 of 6 things that its tiles do are here')->assertSeeText('nothing: Squelch is not here');
        $this->get($page.'&panel=pit-board')->assertSeeText('Pit board, after its pages');
        $this->post(
            explode('?', $page)[0].'/panel',
            ['for' => 'hairpin-ladder', 'device' => 'clover', 'panel' => 'pit-board'],
        )->assertRedirect('/sets/hairpin-ladder/panel?device=clover')->assertSessionHas(
            'said',
            fn (string $said) => str_contains($said, 'Pit board'),
        );
        $panel = fn (): Panel => app(SetStore::class)->current(
            app(SetStore::class)->open('hairpin-ladder'),
        )->panels['clover']['pit-board'];
        $this->assertCount(3, $panel()->pages);
        $this->get($page)->assertStatus(422)->assertSeeText('no file that waits');
        $this->post('/sets/hairpin-ladder/undo', ['from' => app(SetStore::class)->open('hairpin-ladder')->head_id]);
        $this->assertCount(2, $panel()->pages);
        $bring('{"format":"nailrod-panel","version":1,"name":"Moon","pages":[]}')->assertSessionHas(
            'problem',
            fn (string $said) => str_contains($said, 'one page or more'),
        );
        $page = explode('?', (string) $bring((string) $file)->headers->get('Location'))[0];
        $this->post($page, ['name' => 'X'])->assertSessionHas(
            'problem',
            fn (string $said) => str_contains($said, 'pages of a panel'),
        );
        $this->get($page.'?for=house')->assertOk();
    }
}
