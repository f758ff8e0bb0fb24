<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CatalogueRecord;
use App\Models\CatalogueRevision;
use App\Models\DeviceRecord;
use App\Models\Revision;
use App\Models\SetRecord;
use App\Sets\ListImport;
use App\Sets\SetStore;
use App\Sets\SetTree;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Set\BindingSet;
use Tests\Core\Exchange\HostileFiles;
use Tests\TestCase;

/** The sets themselves, and what goes out and comes in as files. */
final class SetsTest extends TestCase
{
    /** @param array<string, mixed> $fields */
    private function send(string $set, string $path, array $fields = []): TestResponse
    {
        return $this->from('/sets/'.$set.'/sets')->post(
            '/sets/'.$set.'/'.$path,
            $fields + ['from' => SetRecord::query()->findOrFail($set)->head_id],
        );
    }

    private function current(string $set): BindingSet
    {
        $store = app(SetStore::class);

        return $store->current($store->open($set));
    }

    private function bring(string $name, string $content): TestResponse
    {
        return $this->from('/sets/skerrywing/sets')->post(
            '/import',
            ['file' => UploadedFile::fake()->createWithContent($name, $content)],
        );
    }

    /** @return array<string, int> */
    private function counts(): array
    {
        return [
            'sets' => SetRecord::query()->count(), 'revisions' => Revision::query()->count(),
            'devices' => DeviceRecord::query()->count(), 'catalogues' => CatalogueRecord::query()->count(),
        ];
    }

    public function test_the_list_says_what_each_set_says_and_its_game_as_they_are_now(): void
    {
        $this->get('/sets/house/sets')->assertOk()->assertSeeInOrder(
            ['House', '–', 'Dunlin floatplane', 'Skerrywing', '1 assignment<', 'Quay'],
            false,
        );
        $this->from('/sets/dunlin/assign')->post(
            '/sets/dunlin/cells',
            [
                'from' => SetRecord::query()->findOrFail('dunlin')->head_id, 'layer' => 'base', 'ref' => 'fennel/ring',
                'does' => 'button', 'output' => ['number' => '5'],
            ],
        )->assertSessionHas('said');
        $this->get('/sets/house/sets')->assertOk()->assertSeeInOrder(
            ['Dunlin floatplane', 'Skerrywing', '2 assignments<', 'Knot twin'],
            false,
        );
    }

    public function test_a_set_is_begun_renamed_copied_deleted_and_brought_back(): void
    {
        $this->get('/sets/skerrywing/sets')->assertOk()->assertSee(
            '2 layers, 12 parts of shapings, 1 thing made from axes, 1 macro, 1 assignment',
        )->assertSee('It cannot be deleted while Dunlin floatplane, Knot twin inherit from it.');
        $this->send(
            'skerrywing',
            'sets/new',
            ['name' => 'Plover glider'],
        )->assertRedirect('/sets/plover-glider/sets')->assertSessionHas(
            'said',
            'Plover glider is begun; it inherits from Skerrywing.',
        );
        $this->assertSame('skerrywing', $this->current('plover-glider')->catalogue?->id);
        $this->send('plover-glider', 'sets/rename', ['name' => 'Plover, the glider'])->assertSessionHas(
            'said',
            'The name of the set: Plover glider → Plover, the glider',
        );
        $this->assertSame('Plover, the glider', SetRecord::query()->findOrFail('plover-glider')->name);
        $this->post('/sets/plover-glider/undo', ['from' => SetRecord::query()->findOrFail('plover-glider')->head_id]);
        $this->assertSame('Plover glider', SetRecord::query()->findOrFail('plover-glider')->name);
        $this->send(
            'dunlin',
            'sets/duplicate',
            ['name' => 'Dunlin, second'],
        )->assertRedirect('/sets/dunlin-second/sets');
        $this->assertEquals($this->current('dunlin')->cells, $this->current('dunlin-second')->cells);
        $this->send('skerrywing', 'sets/remove')->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'inherit from'),
        );
        $this->send('dunlin-second', 'sets/remove')->assertRedirect('/sets/skerrywing/sets');
        $this->get('/sets/skerrywing/sets')->assertSee('Bring it back');
        $this->assertNotContains('dunlin-second', array_column(SetTree::headings(), 'id'));
        $this->send(
            'skerrywing',
            'sets/bring-back',
            ['id' => 'dunlin-second'],
        )->assertSessionHas('said', 'Dunlin, second is back.');
        $this->send(
            'house',
            'sets/new',
            ['name' => 'Nothing known', 'simulator' => 'nothing'],
        )->assertSessionHas('problem');
        $this->send('house', 'sets/new', ['name' => 'Other tug', 'simulator' => 'quay-cable']);
        $this->assertSame('quay-cable', $this->current('other-tug')->catalogue?->id);
    }

    public function test_what_would_change_below_is_shown_before_an_edit(): void
    {
        $this->get('/sets/skerrywing/assign?layer=base&ref=fennel/right-lever')->assertSee(
            'A change here also changes Dunlin floatplane. Knot twin has its own.',
        );
        $this->get('/sets/house/shape?axis=gorse/stick.y')->assertSee(
            'A change here also changes Quay &amp; Cable, Hairpin Ladder, Marl truck, Skerrywing and Knot twin. '
                .'Dunlin floatplane has its own.',
            false,
        );
        $this->get('/sets/knot/assign?layer=base&ref=fennel/right-lever')->assertDontSee('A change here also changes');
    }

    public function test_a_set_with_its_parents_comes_into_an_empty_installation_and_is_the_same(): void
    {
        $before = $this->current('knot');
        $file = (string) $this->get('/sets/knot/with-parents')->assertOk()->getContent();
        SetRecord::query()->update(['head_id' => null]);
        \DB::table('revisions')->delete();
        CatalogueRecord::query()->update(['head_id' => null]);
        CatalogueRevision::query()->toBase()->delete();
        foreach ([SetRecord::class, DeviceRecord::class, CatalogueRecord::class] as $model) {
            $model::query()->delete();
        }
        $this->get('/')->assertOk()->assertSee('Begin with my own rig');
        $preview = $this->post(
            '/import',
            ['file' => UploadedFile::fake()->createWithContent('knot.json', $file)],
        )->assertRedirect()->headers->get('Location');
        $this->get((string) $preview)
            ->assertOk()
            ->assertSee('Knot twin')
            ->assertSee('comes with it')
            ->assertSee('in the file');
        $this->post((string) $preview, ['name' => 'Knot twin'])->assertRedirect('/sets/knot/plan');
        $after = $this->current('knot');
        $this->assertEquals(
            [$before->cells, $before->ways, $before->stops, $before->shapings, $before->rig],
            [$after->cells, $after->ways, $after->stops, $after->shapings, $after->rig],
        );
        $this->assertSame(
            ['house', 'skerrywing', 'knot'],
            array_map(fn ($document) => $document->id, $after->merged->chain),
        );
        $this->get('/sets/knot/bench')->assertOk();
    }

    public function test_a_set_whose_parent_was_deleted_here_brings_it_back(): void
    {
        $file = (string) $this->get('/sets/marl/with-parents')->getContent();
        foreach (['marl', 'hairpin-ladder'] as $set) {
            $this->send($set, 'sets/remove');
        }
        $this->assertNotContains('hairpin-ladder', array_column(SetTree::tree(), 'id'));
        $preview = (string) $this->bring('marl.json', $file)->headers->get('Location');
        $this->get($preview)->assertSee('A set of that id is here already; this one comes beside it');
        $this->post($preview, ['name' => 'Marl again'])->assertRedirect('/sets/marl-2/plan');
        $this->assertSame(
            [['hairpin-ladder', 1], ['marl-2', 2]],
            array_values(array_map(
                fn (array $set) => [$set['id'], $set['depth']],
                array_filter(
                    SetTree::tree(),
                    fn (array $set) => in_array($set['id'], ['hairpin-ladder', 'marl-2', 'marl'], true),
                ),
            )),
        );
    }

    public function test_a_set_from_another_rig_is_matched_by_hand_or_left_open(): void
    {
        $file = (string) json_encode(['format' => 'nailrod-set', 'version' => 1, 'id' => 'friend',
            'name' => 'From a friend', 'simulator' => 'skerrywing', 'devices' => ['gorse', 'yarrow'],
            'cells' => ['base' => [
            'yarrow/push-1' => [
                'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'action', 'action' => 'horn']],
            ], 'yarrow/knob' => [
                'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'action', 'action' => 'talk']],
            ],
            'gorse/button-1' => [
                'behaviour' => ['kind' => 'pulse'], 'outputs' => [['kind' => 'action', 'action' => 'prime']],
            ],
        ]]]);
        $preview = (string) $this->bring('friend.json', $file)->headers->get('Location');
        $this->get($preview)
            ->assertOk()
            ->assertSee('1 assignment in 1 layer')
            ->assertSee('Gorse')
            ->assertSee('missing')
            ->assertSee('left open')
            ->assertSee('is Bracken');
        $this->get($preview.'?match[yarrow]=bracken')->assertSee('2 assignments in 1 layer')->assertSee(
            '1 reference has no control here and stays open: bracken/knob. It comes back',
        );
        $before = $this->counts();
        $this->post(
            $preview,
            ['name' => 'From a friend', 'match' => ['yarrow' => 'bracken']],
        )->assertRedirect('/sets/friend/plan');
        $this->assertSame(['bracken/push-1', 'gorse/button-1'], array_keys($this->current('friend')->cells['base']));
        $this->assertSame(['bracken/knob'], $this->current('friend')->missing);
        $this->assertSame(
            ['sets' => $before['sets'] + 1, 'revisions' => $before['revisions'] + 1] + $before,
            $this->counts(),
        );
        $this->post($preview, ['name' => 'Again'])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'bring it again'),
        );
    }

    public function test_a_catalogue_of_ones_own_comes_as_json_or_as_a_table(): void
    {
        $preview = (string) $this->bring(
            'kite.csv',
            "action,group,key,kind,essential\nPull left,Lines,A,momentary,yes\nPull right,Lines,D,momentary,yes\n"
                ."Height,Lines,,axis,\n",
        )->headers->get('Location');
        $this->get($preview)
            ->assertOk()
            ->assertSee('3 actions in 1 group.')
            ->assertSee('names no roles')
            ->assertSee('Pull left')
            ->assertDontSee('keys of');
        $this->post(
            $preview.'/list',
            [
                'for' => ListImport::FRESH, 'whole' => '1', 'simulator' => 'Kite day', 'name' => 'Kite day',
                'parent' => 'house', 'buttons' => '16', 'axes' => '2',
            ],
        )->assertRedirect('/sets/kite-day/plan');
        $this->assertSame(
            [16, 'house', 3],
            [
                $this->current('kite-day')->catalogue?->buttons, $this->current('kite-day')->merged->own->parent,
                count($this->current('kite-day')->catalogue->actions ?? []),
            ],
        );
        foreach (['roles', 'carry'] as $place) {
            $this->get('/sets/kite-day/'.$place)->assertOk()->assertSee(
                'The list of actions of Kite day names no roles.',
            );
            $this->get('/sets/skerrywing/'.$place)->assertOk()->assertDontSee('names no roles');
        }
        $this->get('/sets/kite-day/plan?propose=lines')->assertOk()->assertSee('Take all 3');
        $this->bring(
            'bad.csv',
            "action,key\nPull left,Hyper+A\n",
        )->assertRedirect('/sets/skerrywing/sets')->assertSessionHas(
            'problem',
            fn (string $problem) => str_starts_with($problem, 'bad.csv: line 2, key: found "Hyper+A", expected a key'),
        );
        $json = (string) json_encode(['id' => 'other', 'name' => 'Other'] + json_decode(
            (string) file_get_contents(base_path('demo/catalogues/quay-cable.catalogue.json')),
            true,
        ));
        $preview = (string) $this->bring('other.catalogue.json', $json)->headers->get('Location');
        $this->get($preview)->assertSee('58 actions in');
        $this->post(
            $preview.'/list',
            ['for' => ListImport::FRESH, 'whole' => '1', 'name' => 'Other', 'parent' => 'house'],
        )->assertRedirect('/sets/other/plan');
        // Once more it is the newer list of what is there; by choice it comes beside that, under another id.
        $again = (string) $this->bring('other.catalogue.json', $json)->headers->get('Location');
        $this->get($again)->assertSee('It is the list that is at hand, word for word.');
        $this->get($again.'?for='.ListImport::FRESH)->assertSee(
            'name="simulator" maxlength="60" value="Other 2"',
            false,
        )->assertSee('required value="Other 2"', false);
        $this->from($again)->post(
            $again.'/list',
            ['for' => ListImport::FRESH, 'whole' => '1', 'name' => ' '],
        )->assertSessionHas('problem', fn (string $problem) => str_contains($problem, 'expected a name'));
        $named = fn (string $set, string $simulator): TestResponse => $this->from($again)->post(
            $again.'/list',
            [
                'for' => ListImport::FRESH, 'whole' => '1', 'name' => $set, 'simulator' => $simulator,
                'parent' => 'house',
            ],
        );
        $named('other', 'Other 2')->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains(
                $problem,
                'Name: found “other”, which another set has, expected one of its own, such as “other 2”',
            ),
        );
        $named('Other 2', 'Other')->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'Simulator: found “Other”, which another simulator has'),
        );
        $named('Other 2', 'Other 2')->assertRedirect('/sets/other-2/plan');
        $this->assertSame('other-2', $this->current('other-2')->catalogue?->id);
    }

    public function test_no_two_sets_have_one_name_however_one_comes(): void
    {
        $refused = fn (TestResponse $answer): TestResponse => $answer->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'which another set has'),
        );
        foreach (['sets/new', 'sets/duplicate', 'sets/rename'] as $way) {
            $refused($this->send('dunlin', $way, ['name' => 'SKERRYWING']));
        }
        $refused($this->post('/first/own', ['name' => 'Skerrywing']));
        // What has no name yet gets one that is free; its own name stays.
        $this->post('/first/own');
        $this->post('/first/own')->assertSessionHas(
            'said',
            'My rig 2 is begun. The first steps stand below the places.',
        );
        $this->send('dunlin', 'sets/rename', ['name' => 'DUNLIN'])->assertSessionHas('said');
        $preview = (string) $this->bring(
            'again.json',
            (string) $this->get('/sets/knot/file')->getContent(),
        )->headers->get('Location');
        $this->get($preview)->assertSee('required value="Knot twin 2"', false);
        $refused($this->from($preview)->post($preview, ['name' => 'Knot twin']));
        $this->send('dunlin', 'sets/remove');
        $this->send('skerrywing', 'sets/new', ['name' => 'Dunlin']);
        $this->send('skerrywing', 'sets/bring-back', ['id' => 'dunlin'])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'Bring back: found another set that is called DUNLIN now'),
        );
        $names = SetRecord::shown()->pluck('name')->map(
            fn (mixed $name): string => mb_strtolower((string) $name),
        )->all();
        $this->assertSame(array_unique($names), $names);
    }

    public function test_two_actions_of_a_group_have_names_of_their_own(): void
    {
        $page = (string) $this->bring(
            'kites.csv',
            "action,group,key\nPull,Lines,A\nPull,Lines,B\nPull,Brakes,C\n",
        )->headers->get('Location');
        $take = fn (array $rows): TestResponse => $this->from($page)->post(
            $page.'/list',
            [
                'for' => ListImport::FRESH, 'whole' => '1', 'simulator' => 'Kite night', 'name' => 'Kite night',
                'parent' => 'house', 'rows' => $rows,
            ],
        );
        $take([])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'Pull: found 2 actions of that name in Lines'),
        );
        $take(['pull-2' => ['action' => 'PULL']])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'Pull: found 2 actions of that name in Lines'),
        );
        $take(['pull-2' => ['action' => 'Pull hard']])->assertRedirect('/sets/kite-night/plan');
        $this->assertSame(
            ['Pull', 'Pull hard', 'Pull'],
            array_values(
                array_map(fn ($action) => $action->name, $this->current('kite-night')->catalogue->actions ?? []),
            ),
        );
    }

    public function test_a_key_list_starts_a_set_and_a_binding_list_goes_into_one(): void
    {
        $csv = (string) $this->get('/sets/quay-cable/keys')->assertOk()->getContent();
        $preview = (string) $this->bring('keys.csv', $csv)->headers->get('Location');
        $this->get($preview)->assertSee('Quay &amp; Cable: keys of 58 of its actions, in a set', false);
        $this->post(
            $preview.'/list',
            ['for' => 'keys:quay-cable', 'whole' => '1', 'name' => 'My tug', 'parent' => 'house'],
        )->assertRedirect('/sets/my-tug/plan');
        $this->assertSame('key M', $this->current('my-tug')->wayOf('glasses')?->inWords(new PlainNames));
        $list = str_replace(
            '"KeyM"',
            '"KeyW"',
            (string) $this->get('/sets/quay-cable/bindings')->assertOk()->getContent(),
        );
        $this->send(
            'quay-cable',
            'bindings',
            ['file' => UploadedFile::fake()->createWithContent('list.json', $list)],
        )->assertSessionHas('said');
        $this->assertSame('key W', $this->current('quay-cable')->wayOf('glasses')?->inWords(new PlainNames));
        $this->send(
            'quay-cable',
            'bindings',
            ['file' => UploadedFile::fake()->createWithContent('list.csv', "action,key\nHoot,L\n")],
        )->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'list.csv: line 2, action: found "Hoot"'),
        );
        $this->get('/sets/quay-cable/summary')->assertOk()->assertSee('Simulator: Quay & Cable', false);
        $this->get('/sets/house/bindings')->assertStatus(422)->assertSee('a set for a game');
    }

    public function test_two_hundred_hostile_files_end_in_a_message_and_change_nothing(): void
    {
        $before = $this->counts();
        foreach (HostileFiles::all() as $what => $content) {
            $answer = $this->bring('bad.json', $content);
            $answer->assertRedirect('/sets/skerrywing/sets');
            $this->assertTrue(session()->has('problem') || session()->has('errors'), $what);
            session()->flush();
        }
        $this->assertSame($before, $this->counts());
        $this->get('/import/0123456789abcdef')->assertStatus(422)->assertSee('bring it again');
    }

    public function test_a_file_with_another_parent_or_simulator_is_no_file_without_a_change(): void
    {
        $document = json_decode((string) $this->get('/sets/dunlin/file')->getContent(), true);
        $this->assertSame('skerrywing', $document['parent']);
        $upload = fn (array $with) => $this->send(
            'dunlin',
            'file',
            ['file' => UploadedFile::fake()->createWithContent('dunlin.json', (string) json_encode($with + $document))],
        );
        $upload(['parent' => 'house', 'simulator' => 'skerrywing'])->assertSessionHas(
            'said',
            'What it inherits from: Skerrywing → House; The simulator: not said here → Skerrywing',
        );
        $this->assertSame('house', $this->current('dunlin')->merged->own->parent);
        $this->assertSame('skerrywing', $this->current('dunlin')->catalogue?->id);
        $upload(
            ['parent' => 'house', 'simulator' => 'skerrywing'],
        )->assertSessionHas('said', 'Nothing to change: it is so already.');
    }

    public function test_a_catalogue_whose_set_is_refused_does_not_stay(): void
    {
        $before = $this->counts();
        $catalogue = json_decode(
            (string) file_get_contents(base_path('demo/catalogues/quay-cable.catalogue.json')),
            true,
        );
        $preview = (string) $this->bring(
            'mine.json',
            (string) json_encode(['id' => 'mine', 'name' => 'Mine'] + $catalogue),
        )->headers->get('Location');
        $this->from($preview)->post(
            $preview,
            ['name' => str_repeat(' ', 5), 'parent' => 'house'],
        )->assertSessionHas('problem');
        $this->assertSame($before, $this->counts());
    }

    public function test_a_set_that_is_deleted_is_not_edited(): void
    {
        $from = SetRecord::query()->findOrFail('knot')->head_id;
        $this->send('knot', 'sets/remove', [])->assertSessionHas('said');
        $this->post('/sets/knot/layers', ['from' => $from, 'name' => 'New'])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'Knot twin, which is deleted'),
        );
        $this->assertSame($from, SetRecord::query()->findOrFail('knot')->head_id);
        $this->send('house', 'sets/bring-back', ['id' => 'knot'])->assertSessionHas('said', 'Knot twin is back.');
        $this->post('/sets/knot/layers', ['from' => $from, 'name' => 'New'])->assertSessionHas('said');
    }

    public function test_what_is_not_sent_as_json_is_not_taken_for_it(): void
    {
        $send = fn (string $type) => $this->call(
            'POST',
            '/token',
            [],
            [],
            [],
            ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'],
            '{}',
        );
        $send('text/plain;/json')->assertForbidden();
        $send('application/x-www-form-urlencoded')->assertForbidden();
        $send('application/json')->assertOk();
        $send('application/json; charset=utf-8')->assertOk();
    }

    public function test_signs_that_cannot_be_seen_are_no_name(): void
    {
        foreach (["a\0b", "line\nbreak", "\e[31mred", "\u{202E}txt.exe", "a\u{2028}b"] as $name) {
            $before = $this->counts();
            $this->send('skerrywing', 'layers', ['name' => $name])->assertRedirect();
            $this->assertTrue(session()->has('problem') || session()->has('errors'), (string) json_encode($name));
            $this->assertSame($before, $this->counts());
            session()->flush();
        }
        $this->send('skerrywing', 'layers', ['name' => 'Höhe 👍 ½'])->assertSessionHas('said');
    }
}
