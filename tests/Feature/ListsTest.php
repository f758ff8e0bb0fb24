<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CatalogueRevision;
use App\Models\Revision;
use App\Models\SetRecord;
use App\Sets\CatalogueStore;
use App\Sets\ListImport;
use App\Sets\SetStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Exchange\ActionRow;
use Nailrod\Core\Exchange\CatalogueEdits;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Set\BindingSet;
use Tests\TestCase;

/**
 * Lists of actions are changed while sets use them: what goes is shown first, and one step back brings all of it back.
 */
final class ListsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->artisan('nailrod:demo')->assertSuccessful();
    }

    private function list(string $id = 'skerrywing'): Catalogue
    {
        return app(CatalogueStore::class)->open($id)->catalogue();
    }

    private function current(string $set): BindingSet
    {
        $store = app(SetStore::class);

        return $store->current($store->open($set));
    }

    /** Takes the list up from the page of a set. */
    private function begin(string $set = 'skerrywing'): string
    {
        return (string) $this->post('/sets/'.$set.'/actions/change')->assertRedirect()->headers->get('Location');
    }

    /**
     * Sends the page of a list, with its hidden fields as they stand there.
     *
     * @param array<string, mixed> $fields
     */
    private function take(string $page, array $fields, string $to = '/list'): TestResponse
    {
        $html = (string) $this->get($page)->assertOk()->getContent();
        $hidden = [];
        foreach (['for', 'seen', 'head', 'whole'] as $name) {
            $hidden[$name] = preg_match('/name="'.$name.'" value="([^"]*)"/', $html, $m) === 1 ? $m[1] : '';
        }

        return $this->from($page)->post(explode('?', $page)[0].$to, $fields + $hidden);
    }

    public function test_what_leaves_the_sets_alone_is_taken_at_once(): void
    {
        $heads = SetRecord::query()->pluck('head_id', 'id')->all();
        $this->take(
            $this->begin(),
            [
                'rows' => [
                    'horn' => ['action' => 'Fog signal', 'key' => 'Y', 'role' => 'fog', 'essential' => 'yes'],
                    'talk' => ['key' => ''],
                ],
                'new' => [['action' => 'Ice lights', 'group' => 'Lights', 'key' => 'Left Shift+I', 'kind' => '']],
            ],
        )
            ->assertRedirect('/sets/skerrywing/actions')->assertSessionHas(
                'said',
                'Talk has no key; Horn is called Fog signal, has the key Y, has the role “fog”, is needed; Ice '
                    .'lights is new: momentary, key Shift+I.',
            );
        $this->assertSame($heads, SetRecord::query()->pluck('head_id', 'id')->all());
        $this->assertSame(
            ['Fog signal', 'Ice lights'],
            [
                $this->current('dunlin')->catalogue?->action('horn')->name ?? '',
                $this->current('knot')->catalogue?->action('ice-lights')->name ?? '',
            ],
        );
        $this->get('/sets/skerrywing/actions?find=fog')->assertSee('Fog signal')->assertSee('Undo in the list');
        $this->get('/sets/skerrywing/plan?propose=lights')->assertSee('Ice lights');
    }

    public function test_what_goes_from_sets_is_shown_before_it_is_taken(): void
    {
        $page = $this->begin();
        $asked = $this->take($page, ['gone' => ['horn', 'power-right']])->assertRedirect()->assertSessionHas(
            'said',
            fn (string $said) => str_starts_with($said, 'Nothing is taken yet'),
        );
        $this->assertArrayHasKey('horn', $this->list()->actions);
        $page = explode('#', (string) $asked->headers->get('Location'))[0];
        $this->get($page)->assertSee('Horn goes.')->assertSee('From <strong>Skerrywing</strong>', false)->assertSee(
            'From <strong>Knot twin</strong> 2 things go',
            false,
        )->assertSee('Trigger full in Cruise: Horn → not said here');
        $this->take($page, [])->assertRedirect('/sets/skerrywing/actions');
        $this->assertArrayNotHasKey('horn', $this->list()->actions);
        foreach (['skerrywing', 'knot', 'dunlin'] as $set) {
            $this->assertStringNotContainsString(
                '"action":"horn"',
                (string) json_encode(array_map(fn ($part) => $part->value, $this->current($set)->merged->parts())),
            );
            $this->get('/sets/'.$set.'/bench')->assertOk();
        }
        $this->assertStringStartsWith(
            'The list of Skerrywing changed: ',
            app(SetStore::class)->open('knot')->head->sentence,
        );
    }

    public function test_one_step_back_brings_the_list_and_the_sets_back_and_one_forward_takes_them_again(): void
    {
        $store = app(CatalogueStore::class);
        $before = [$this->list(), $this->current('skerrywing')->cells, $this->current('knot')->cells];
        $store->change(
            'skerrywing',
            (int) $store->open('skerrywing')->head_id,
            CatalogueEdits::of($this->list())->apply([], ['horn', 'power-right'], [])->checked(),
        );
        $after = [$this->list(), $this->current('skerrywing')->cells, $this->current('knot')->cells];
        $this->assertNotEquals($before, $after);
        $step = fn (string $to) => $this->post(
            '/sets/skerrywing/actions/'.$to,
            ['list' => 'skerrywing', 'seen' => $store->open('skerrywing')->head_id],
        )->assertSessionHas('said');
        $step('undo');
        $this->assertEquals(
            $before,
            [$this->list(), $this->current('skerrywing')->cells, $this->current('knot')->cells],
        );
        $this->get('/sets/skerrywing/actions')->assertSee('Do again in the list')->assertDontSee('Undo in the list');
        $step('redo');
        $this->assertEquals(
            $after,
            [$this->list(), $this->current('skerrywing')->cells, $this->current('knot')->cells],
        );
        // The Undo of a set that went with it undoes all of it too.
        $this->post('/sets/knot/undo', ['from' => app(SetStore::class)->open('knot')->head_id])->assertSessionHas(
            'said',
            fn (string $said) => str_starts_with(
                $said,
                'Undone in the list of Skerrywing: Power, right engine goes; Horn goes',
            ),
        );
        $this->assertEquals(
            $before,
            [$this->list(), $this->current('skerrywing')->cells, $this->current('knot')->cells],
        );
    }

    public function test_a_set_that_was_changed_since_keeps_that_and_follows_as_far_as_it_must(): void
    {
        $store = app(CatalogueStore::class);
        $change = fn (Catalogue $to) => $store->change('skerrywing', (int) $store->open('skerrywing')->head_id, $to);
        $change(
            CatalogueEdits::of($this->list())->apply(
                [],
                ['horn'],
                [new ActionRow(['action' => 'Fog signal', 'key' => 'Y'])],
            )->checked(),
        );
        $from = app(SetStore::class)->open('skerrywing')->head_id;
        $this->post(
            '/sets/skerrywing/cells',
            [
                'from' => $from, 'layer' => 'base', 'ref' => 'fennel/mark', 'behaviour' => 'follow', 'does' => 'action',
                'output' => ['action' => 'fog-signal'],
            ],
        )->assertSessionHas('said');
        $this->assertSame(
            'fog-signal',
            $this->current('skerrywing')->cell('base', 'fennel/mark')?->outputs[0]->toArray()['action'] ?? '',
        );
        $store->undo('skerrywing', (int) $store->open('skerrywing')->head_id);
        // What it had got of the new action goes, what the horn was on stays away: the set went its own way.
        $this->assertArrayHasKey('horn', $this->list()->actions);
        $this->assertNull($this->current('skerrywing')->cell('base', 'fennel/mark'));
        $this->assertStringContainsString('Fog signal → ', app(SetStore::class)->open('skerrywing')->head->sentence);
        // A step back in the set alone would name what the list has no more.
        $this->post(
            '/sets/skerrywing/undo',
            ['from' => app(SetStore::class)->open('skerrywing')->head_id],
        )->assertSessionHas(
            'problem',
            fn (string $problem) => $problem === 'What would come back: Mark button in Cruise, output 1, action: '
                .'found an action that is not in the list, expected an action of Skerrywing.',
        );
        $this->get('/sets/skerrywing/assign')->assertOk();
    }

    public function test_two_tabs_do_not_take_over_each_other(): void
    {
        [$one, $other] = [$this->begin(), $this->begin('dunlin')];
        $html = (string) $this->get($other)->getContent();
        preg_match('/name="head" value="(\d+)"/', $html, $head);
        $this->take($one, ['rows' => ['horn' => ['key' => 'Y']]])->assertSessionHas('said');
        $this->take(
            $other,
            ['rows' => ['horn' => ['key' => 'J']], 'head' => $head[1] ?? ''],
        )->assertRedirect($other.'?for=skerrywing')->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'changed in another tab'),
        );
        $this->assertSame('Y', $this->list()->actions['horn']->key?->label());
        $seen = app(CatalogueStore::class)->open('skerrywing')->head_id;
        $this->post(
            '/sets/skerrywing/actions/undo',
            ['list' => 'skerrywing', 'seen' => $seen - 1],
        )->assertSessionHas('problem');
        $this->post('/sets/skerrywing/actions/undo', ['list' => 'nowhere', 'seen' => $seen])->assertStatus(404);
    }

    public function test_what_cannot_be_read_comes_back_as_it_was_typed(): void
    {
        $page = $this->begin();
        $this->take(
            $page,
            [
                'rows' => ['horn' => ['key' => 'Hyper', 'action' => 'Fog signal'], 'talk' => ['action' => '']],
                'new' => [['action' => 'Ice lights', 'kind' => 'axis', 'amount' => 'much']],
            ],
        )
            ->assertSessionHas(
                'problem',
                fn (string $problem) => count(explode("\n", $problem)) === 3
                    && str_contains($problem, 'Horn, key: found "Hyper"')
                    && str_contains($problem, 'Talk, action: found nothing')
                    && str_contains($problem, 'Ice lights, amount: found "much"'),
            );
        $this->get($page)
            ->assertSee('value="Hyper"', false)
            ->assertSee('value="Fog signal"', false)
            ->assertSee('value="much"', false);
        // A list that was cut off on its way is not taken for one in which the rest was left as it is.
        $this->from($page)->post(
            $page.'/list',
            ['for' => 'skerrywing', 'rows' => ['horn' => ['key' => 'Y']]],
        )->assertSessionHasErrors('whole');
        foreach (
            [
                ['rows' => 'x'], ['gone' => ['nothing-of-the-kind', ['x']]],
                ['rows' => ['horn' => 'x', 'nothing' => ['action' => 'X']]], ['new' => [['action' => ['x']]]],
            ] as $odd
        ) {
            $this->take($this->begin(), $odd)->assertRedirect();
        }
        $this->take($this->begin(), ['gone' => array_keys($this->list()->actions)])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'expected at least one'),
        );
        $this->assertSame(1, CatalogueRevision::query()->where('catalogue_id', 'skerrywing')->count());
        $this->post('/sets/house/actions/change')->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'a set for a simulator'),
        );
    }

    public function test_a_newer_table_of_the_same_game_is_known_and_taken_as_an_update(): void
    {
        $old = $this->list('quay-cable');
        $edits = CatalogueEdits::of($old);
        $csv = "action,key,kind\n";
        foreach ($old->actions as $id => $action) {
            $csv .= $id === 'horn' ? '' : '"'.$action->name.'",'.($id === 'talk' ? 'J' : '').",\n";
        }
        $page = (string) $this->from('/sets/quay-cable/sets')->post(
            '/import',
            ['file' => UploadedFile::fake()->createWithContent('quay-and-cable-2.csv', $csv."Whistle,W,\n")],
        )->headers->get('Location');
        $this->get($page)->assertOk()->assertSee('Quay &amp; Cable: a newer list, with 57 of its 58 actions', false)
            ->assertSee('Horn goes.')
            ->assertSee('Talk has the key J.')
            ->assertSee('Whistle is new: momentary, key W.')
            ->assertSee('From <strong>Quay &amp; Cable</strong>', false);
        $this->take($page, [])->assertRedirect('/sets/quay-cable/actions');
        $this->assertEquals(
            array_keys(
                $edits->apply([], ['horn'], [new ActionRow(['action' => 'Whistle', 'key' => 'W'])])->catalogue->actions,
            ),
            array_keys($this->list('quay-cable')->actions),
        );
        $this->assertSame('look left', $this->list('quay-cable')->actions['look-left']->role);
        // The same file once more changes nothing; as a new simulator it comes beside it.
        $again = (string) $this->from('/sets/quay-cable/sets')->post(
            '/import',
            ['file' => UploadedFile::fake()->createWithContent('quay-and-cable-2.csv', $csv."Whistle,W,\n")],
        )->headers->get('Location');
        $this->take($again, [])->assertRedirect($again.'?for=quay-cable')->assertSessionHas(
            'said',
            'Nothing to change: it is so already.',
        );
        $this->get($again.'?for=nowhere')->assertSee(
            'The address names a use that is not here. It is shown as Quay &amp; Cable: a newer list',
            false,
        );
        $fresh = (string) $this->from('/sets/quay-cable/sets')->post(
            '/import',
            ['file' => UploadedFile::fake()->createWithContent('harbour.csv', $csv)],
        )->headers->get('Location');
        $this->take(
            $fresh.'?for='.urlencode(ListImport::FRESH),
            ['name' => 'Harbour', 'parent' => ''],
        )->assertRedirect('/sets/harbour/plan');
        $this->assertSame(
            ['harbour', 'harbour'],
            [$this->current('harbour')->catalogue?->id, $this->current('harbour')->catalogue?->name],
        );
    }

    public function test_what_was_changed_for_one_use_stays_while_another_is_looked_at(): void
    {
        $page = (string) $this->from('/sets/quay-cable/sets')->post(
            '/import',
            ['file' => UploadedFile::fake()->createWithContent('wherry.csv', "action,key\nSheet in,A\nSheet out,D\n")],
        )->headers->get('Location');
        $this->take(
            $page,
            ['rows' => ['sheet-in' => ['role' => 'sheet in', 'key' => 'Q', 'written' => 'yes']]],
            '/said',
        )->assertRedirect();
        $this->get($page)->assertSee('value="sheet in"', false)->assertSee('value="Q"', false);
        $this->take($page, ['name' => 'Wherry', 'parent' => 'house'])->assertRedirect('/sets/wherry/plan');
        $sheet = $this->current('wherry')->catalogue?->action('sheet-in');
        $this->assertSame(['Q', 'sheet in', true], [$sheet?->key?->label(), $sheet?->role, $sheet?->byVariable]);
        $this->assertSame(
            ['sets' => 1, 'revisions' => 1],
            [
                'sets' => SetRecord::query()->where('id', 'wherry')->count(),
                'revisions' => Revision::query()->where('set_id', 'wherry')->count(),
            ],
        );
        $this->post(
            $page.'/list',
            ['for' => ListImport::FRESH, 'whole' => '1', 'name' => 'Again'],
        )->assertSessionHas('problem', fn (string $problem) => str_contains($problem, 'bring it again'));
    }
}
