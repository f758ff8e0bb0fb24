<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CatalogueRecord;
use App\Models\DeviceRecord;
use App\Models\PrintRecord;
use App\Models\SetRecord;
use App\Sets\SetStore;
use App\Sets\SetTree;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Set\BindingSet;
use Tests\TestCase;

/** The first hour: the first page, a rig of one's own, its first steps, the demo put away and brought back. */
final class BeginTest extends TestCase
{
    /** @param array<string, mixed> $fields */
    private function send(string $path, array $fields = [], string $set = 'my-rig'): TestResponse
    {
        return $this->from('/sets/'.$set.'/rig')->post(
            '/sets/'.$set.'/'.$path,
            $fields + ['from' => SetRecord::query()->findOrFail($set)->head_id],
        );
    }

    private function begin(): void
    {
        $this->post('/first/own')->assertRedirect('/sets/my-rig/rig')->assertSessionHas(
            'said',
            'My rig is begun. The first steps stand below the places.',
        );
    }

    private function current(string $set): BindingSet
    {
        return app(SetStore::class)->current(SetRecord::query()->findOrFail($set));
    }

    /** @return list<string> steps that are done, in their order */
    private function done(string $page): array
    {
        preg_match_all(
            '/first__step is-done[^>]*><a[^>]*><span[^>]*>✓<\/span> ([\w ]+)/u',
            (string) $this->get($page)->assertOk()->getContent(),
            $matches,
        );

        return $matches[1];
    }

    public function test_the_first_page_offers_both_ways_until_one_is_taken(): void
    {
        $this->get('/')->assertOk()->assertSee('Look around in the demo')->assertSee('Begin with my own rig');
        $this->post('/first/demo')->assertRedirect('/sets/skerrywing/rig')->assertCookie('been');
        $this->withCookie('been', '1')->get('/')->assertRedirect('/sets/skerrywing/rig');
        $this->get('/sets/skerrywing/rig')->assertDontSee('First steps');
        // Who has said something already is not asked any more.
        $this->from('/sets/skerrywing/shape')->post(
            '/sets/skerrywing/shape/curve',
            [
                'from' => SetRecord::query()->findOrFail('skerrywing')->head_id, 'axis' => 'fennel/left-lever',
                'k' => '31',
            ],
        );
        $this->get('/')->assertRedirect('/sets/skerrywing/rig');
        $this->get('/first')->assertOk()->assertSee('Look around in the demo');
    }

    public function test_a_rig_of_ones_own_begins_empty_and_is_opened_from_then_on(): void
    {
        $this->begin();
        $this->get('/')->assertRedirect('/sets/my-rig/rig');
        $this->get('/sets/my-rig/rig')
            ->assertOk()
            ->assertSee('No device is in this rig yet')
            ->assertSee('Press something on it')
            ->assertSee('First steps');
        foreach (
            [
                'rig?do=try', 'rig?do=measure', 'plan', 'roles', 'carry', 'actions', 'shape', 'assign', 'layers',
                'macros', 'lamps', 'panel', 'bench', 'recordings', 'store', 'sets', 'print', 'print?what=card',
                'print?what=list',
            ] as $place
        ) {
            $this->get('/sets/my-rig/'.$place)->assertOk();
        }
        $this->post('/first/own', ['name' => '  The shed  '])->assertRedirect('/sets/the-shed/rig');
        $this->post('/first/own')->assertRedirect('/sets/my-rig-2/rig');
    }

    public function test_the_first_address_leads_back_to_the_set_that_one_was_in(): void
    {
        $this->begin();
        $this->post('/first/own', ['name' => 'The shed']);
        foreach (['my-rig', 'the-shed', 'my-rig'] as $set) {
            $this->get('/sets/'.$set.'/layers')->assertOk();
            $this->get('/')->assertRedirect('/sets/'.$set.'/rig');
        }
    }

    public function test_a_device_is_drawn_by_counting_looked_at_and_taken(): void
    {
        $this->begin();
        $this->get(
            '/sets/my-rig/rig/draw?kind=button%20box',
        )->assertOk()->assertSee('Push buttons')->assertSee('My own button box');
        $this->get(
            '/sets/my-rig/rig/draw?kind=button%20box&name=Bin&counts[button]=3&counts[two_way]=1',
        )->assertSee('4 contacts');
        $this->get(
            '/sets/my-rig/rig/draw?kind=button%20box&counts[button]=0',
        )->assertSee('Nothing is counted yet.')->assertDontSee('Take it into the rig');
        $this->get('/sets/my-rig/rig/draw?kind=sofa')->assertOk()->assertSee(
            'The address names the kind of device “sofa”',
        );
        $this->send(
            'rig/draw',
            [
                'kind' => 'button box', 'name' => 'Bin', 'counts' => ['button' => '12', 'two_way' => '12'],
                'open' => 'my-rig',
            ],
        )->assertRedirect('/sets/my-rig/rig?device=bin');
        $device = $this->current('my-rig')->rig->devices['bin'];
        $this->assertSame(
            ['button' => 12, 'two-way' => 12],
            array_count_values(array_map(fn (Control $control) => $control->kind::kind(), $device->controls)),
        );
        $this->get('/sets/my-rig/rig')->assertSee('Bin button box');
        $this->send('undo');
        $this->assertSame([], $this->current('my-rig')->rig->devices);
        $this->send(
            'rig/draw',
            ['kind' => 'button box', 'name' => 'Peat button box', 'counts' => ['button' => '2'], 'open' => 'my-rig'],
        );
        $this->assertSame(
            'Peat button box',
            $this->current('my-rig')->rig->devices['peat-button-box']->title(),
            'what it is is not said twice',
        );
        $this->assertSame(
            '',
            $this->current('my-rig')->rig->numberOf('sedge/rudder'),
            'what is not in the rig has no number',
        );
        $this->send('undo');
        $before = DeviceRecord::query()->count();
        foreach (
            [
                ['counts' => ['button' => '-1']], ['counts' => ['button' => '900']], ['counts' => ['button' => '0']],
                ['kind' => 'sofa'], ['name' => ''], ['counts' => 'many'],
            ] as $wrong
        ) {
            $this->send('rig/draw', $wrong + ['kind' => 'button box', 'name' => 'Bin', 'counts' => ['button' => '12']]);
            $this->assertSame($before, DeviceRecord::query()->count());
        }
    }

    public function test_what_is_done_of_the_first_steps_is_seen_in_what_is_there(): void
    {
        $this->begin();
        $this->assertSame([], $this->done('/sets/my-rig/rig'));
        $this->send('rig/draw', ['kind' => 'throttle', 'name' => 'Big', 'counts' => ['lever' => '1', 'button' => '2']]);
        $this->assertSame(['Devices'], $this->done('/sets/my-rig/rig'));
        $this->send(
            'shape/calibrate',
            ['axis' => 'big/lever-1', 'low' => '100', 'high' => '4000', 'rest' => '', 'centred' => '0'],
        );
        $this->assertContains('Measure', $this->done('/sets/my-rig/rig'));
        $this->post('/first/list', ['name' => 'Moor hopper', 'below' => 'my-rig'])->assertRedirect();
        $import = basename((string) parse_url(
            (string) $this->post(
                '/first/list',
                ['name' => 'Moor hopper', 'below' => 'my-rig'],
            )->headers->get('Location'),
            PHP_URL_PATH,
        ));
        $this->get('/import/'.$import)
            ->assertOk()
            ->assertSee('A name is enough')
            ->assertSeeInOrder(['Inherits from', 'My rig', 'House']);
        $this->post(
            '/import/'.$import.'/list',
            [
                'for' => 'new:', 'whole' => '1', 'simulator' => 'Moor hopper', 'buttons' => '32', 'axes' => '8',
                'new' => [['action' => 'Lift', 'key' => 'L'], ['action' => 'Drop']], 'name' => 'Moor hopper',
                'parent' => 'my-rig',
            ],
        )->assertRedirect('/sets/moor-hopper/plan');
        $this->assertSame('my-rig', SetRecord::query()->findOrFail('moor-hopper')->parent);
        $this->assertContains('Game', $this->done('/sets/moor-hopper/plan'));
        $this->get('/sets/my-rig/rig')->assertSee('/sets/moor-hopper/plan', false);
        $this->send(
            'cells',
            ['layer' => 'base', 'ref' => 'big/button-1', 'does' => 'action', 'output' => ['action' => 'lift']],
            'moor-hopper',
        );
        $this->assertNotContains('Plan', $this->done('/sets/moor-hopper/plan'), 'one of two is no plan');
        $this->send(
            'cells',
            ['layer' => 'base', 'ref' => 'big/button-2', 'does' => 'action', 'output' => ['action' => 'drop']],
            'moor-hopper',
        );
        $this->assertContains('Plan', $this->done('/sets/moor-hopper/plan'));
        $this->get('/sets/moor-hopper/plan')->assertSeeInOrder(['Bench', 'Print'])->assertDontSee('> Store<', false);
        $this->assertNotContains(
            'Store',
            $this->done('/sets/moor-hopper/plan'),
            'it keeps nothing, so there is no such step',
        );
        $this->assertNotContains('Bench', $this->done('/sets/moor-hopper/plan'));
        $this->get('/sets/moor-hopper/bench');
        $this->assertContains('Bench', $this->done('/sets/moor-hopper/plan'), 'it stays done');
        PrintRecord::query()->create(['set_id' => 'moor-hopper', 'what' => 'card', 'says' => []]);
        $this->assertContains('Print', $this->done('/sets/moor-hopper/plan'));
    }

    public function test_a_step_is_skipped_and_the_list_is_put_away_and_taken_out_again(): void
    {
        $this->begin();
        $this->post('/sets/my-rig/steps', ['skip' => 'devices'])->assertSessionHas(
            'said',
            'Devices is skipped. It can be done at any time.',
        );
        $this->get('/sets/my-rig/rig')->assertSee('is-skipped', false)->assertSee('Skip Try out');
        $this->post('/sets/my-rig/steps', ['skip' => 'nonsense']);
        $this->post('/sets/my-rig/steps', ['away' => '1'])->assertSessionHas(
            'said',
            'The list of first steps is put away. It can be taken out again on Sets.',
        );
        $this->get('/sets/my-rig/rig')->assertDontSee('first-steps', false);
        $this->get('/sets/my-rig/sets')->assertSee('List the first steps of My rig');
        $this->post('/sets/my-rig/steps', ['again' => '1']);
        $this->get('/sets/my-rig/rig')->assertSee('first-steps', false);
        $this->get('/sets/skerrywing/sets')->assertDontSee('List the first steps');
    }

    public function test_the_demo_is_put_away_and_comes_back_whole(): void
    {
        $this->send('sets/new', ['name' => 'Plover'], 'skerrywing');
        $before = array_map(
            fn (string $set) => $this->current($set),
            ['skerrywing' => 'skerrywing', 'plover' => 'plover', 'marl' => 'marl'],
        );
        $this->begin();
        $this->get('/sets/my-rig/sets')->assertSee('Put the demo away');
        $this->post('/first/put-away')->assertRedirect('/sets/my-rig/sets')->assertSessionHas(
            'said',
            'The demo is put away, and nothing of it is lost.',
        );
        $this->assertSame(['my-rig'], array_column(SetTree::headings(), 'id'));
        $this->get('/sets/my-rig/sets')->assertSee('Bring the demo back')->assertDontSee('Hairpin Ladder');
        $this->get('/')->assertRedirect('/sets/my-rig/rig');
        $this->send(
            'cells',
            ['layer' => 'base', 'ref' => 'fennel/mark', 'does' => 'button', 'output' => ['number' => '5']],
            'skerrywing',
        )->assertSessionHas('problem', fn (string $problem) => str_contains($problem, 'put away'));
        $this->from('/sets/my-rig/sets')
            ->post('/first/bring-back')
            ->assertSessionHas('said', 'The demo is back as it was.');
        $this->assertCount(9, SetTree::headings());
        foreach ($before as $id => $set) {
            $this->assertEquals($set, $this->current($id));
        }
        $this->assertSame(3, CatalogueRecord::query()->count());
    }

    public function test_without_any_set_the_first_page_says_what_can_be_done(): void
    {
        $this->post('/first/put-away')->assertRedirect('/first');
        $this->get('/')->assertOk()->assertSee('Bring the demo back')->assertSee('Begin with my own rig');
        $this->post('/first/demo')->assertRedirect()->assertSessionHas('problem');
    }
}
