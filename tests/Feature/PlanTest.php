<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SetRecord;
use App\Sets\SetStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Set\BindingSet;
use Tests\TestCase;

final class PlanTest extends TestCase
{
    /**  */
    protected function setUp(): void
    {
        parent::setUp();
        $this->asNew('skerrywing', 'hairpin-ladder');
    }

    private function send(string $set, string $path, array $fields): TestResponse
    {
        return $this->from('/sets/'.$set.'/plan')->post(
            '/sets/'.$set.'/'.$path,
            $fields + ['from' => SetRecord::query()->findOrFail($set)->head_id],
        );
    }

    private function current(string $set): BindingSet
    {
        $store = app(SetStore::class);

        return $store->current($store->open($set));
    }

    /** @return list<string> */
    private function at(string $set, string $action): array
    {
        return array_map(strval(...), Reach::of($this->current($set))->spots($action));
    }

    public function test_a_group_is_proposed_taken_in_part_turned_down_and_undone(): void
    {
        $this->get('/sets/dunlin/plan')
            ->assertOk()
            ->assertSee('Propose the whole plan')
            ->assertSee('of 55 reached', false)
            ->assertSee('Ask for a group');
        $this->get('/sets/dunlin/plan?propose=water')->assertOk()->assertSee('Fennel Switch 2 up')->assertSee(
            'so its variable is written and they stay in step',
        )->assertSee('Not there');
        $this->get(
            '/sets/dunlin/plan?propose=water&not[]=water-rudder-down:fennel/switch-2.up',
        )->assertOk()->assertSee('Fennel Switch 3 up');
        $this->send(
            'dunlin',
            'plan',
            ['propose' => 'water', 'only' => 'anchor'],
        )->assertRedirect()->assertSessionHas('said');
        $this->assertSame(
            [['base/fennel/switch-3.up'], []],
            [$this->at('dunlin', 'anchor'), $this->at('dunlin', 'water-rudder-down')],
        );
        $this->send('dunlin', 'plan', ['propose' => 'all']);
        $this->assertSame(
            [],
            array_diff(
                array_keys($this->current('dunlin')->catalogue->actions ?? []),
                array_keys(Reach::of($this->current('dunlin'))->byAction),
            ),
        );
        $this->get('/sets/dunlin/plan?propose=all')->assertSee('Everything here is reached.');
        $head = SetRecord::query()->findOrFail('dunlin')->head_id;
        $this->post('/sets/dunlin/undo', ['from' => $head]);
        $this->assertSame([], $this->at('dunlin', 'water-rudder-down'), 'the whole plan was one edit');
        $this->send(
            'dunlin',
            'plan',
            ['propose' => 'water', 'only' => 'nothing-of-the-sort'],
        )->assertSessionHas('problem');
        $this->get('/sets/house/plan')->assertOk()->assertSee('has no simulator');
    }

    public function test_the_actions_are_a_list_with_their_ways_and_the_keys_that_are_kept(): void
    {
        $this->get('/sets/skerrywing/actions')->assertOk()->assertSeeInOrder([
            'Power', 'axis', 'axis, variable', 'axis 1', 'Fennel Left lever', 'Keys that are kept', 'The desktop',
            'Alt+Tab', 'List of windows',
        ]);
        $this->get(
            '/sets/skerrywing/actions?find=look+num',
        )->assertOk()->assertSee('Look higher')->assertDontSee('Propeller pitch');
        $this->get('/sets/skerrywing/actions?find=nowhere')->assertOk()->assertSee('No action has “nowhere”');
        $this->get('/sets/house/actions')->assertOk()->assertSee('has no simulator');
    }

    public function test_a_plan_is_made_for_chosen_devices_by_output_or_by_key_and_leaves_out_what_is_not_there(): void
    {
        $all = $this->get('/sets/dunlin/plan?propose=water')->assertSee('none picked: all of them');
        $all->assertSee('Fennel Switch 2 up');
        $some = $this->get(
            '/sets/dunlin/plan?propose=all&devices[]=bracken&devices[]=gorse',
        )->assertOk()->assertSee('only these');
        preg_match_all('/class="proposal__what"><b>[^<]+<\/b>.*?<\/span> (\w+)/', (string) $some->getContent(), $found);
        $this->assertSame([], array_diff($found[1], ['Bracken', 'Gorse']));
        $this->assertContains('Bracken', $found[1]);
        $keys = $this->get(
            '/sets/dunlin/plan?propose=all&devices[]=bracken&by=key',
        )->assertSee('A key was asked for')->assertSee('By output');
        $this->assertStringContainsString('otherwise', (string) $keys->getContent());
        $this->send(
            'dunlin',
            'plan',
            [
                'propose' => 'all', 'devices' => ['bracken'], 'by' => 'key', 'otherwise' => ['squelch'],
                'only' => 'squelch',
            ],
        )->assertSessionHas('said', fn (string $said) => str_contains($said, 'output 7'));
        $this->assertStringStartsWith('base/bracken/', $this->at('dunlin', 'squelch')[0]);
        $this->send(
            'dunlin',
            'plan',
            ['propose' => 'all', 'devices' => ['bracken'], 'by' => 'key', 'only' => 'prime'],
        )->assertSessionHas('said', fn (string $said) => str_contains($said, 'Prime'));
        $this->assertSame('key P', $this->current('dunlin')->wayOf('prime')?->inWords(new PlainNames));
        // What is unplugged is left out, unless it is asked for.
        $rig = new TestRig((string) tempnam(sys_get_temp_dir(), 'nailrod'), 'dunlin');
        $rig->step([], 1000, ['plugs' => ['fennel' => false]]);
        $this->get('/sets/dunlin/plan?propose=water')
            ->assertSee('none picked: all that are there')
            ->assertSee('<small>not there</small>', false)
            ->assertDontSee('</span> Fennel Switch 2 up', false);
        $this->get('/sets/dunlin/plan?propose=water&devices[]=fennel')->assertSee('</span> Fennel Switch 2 up', false);
    }

    public function test_an_action_that_is_pressed_gets_the_way_of_a_plan_and_says_why(): void
    {
        $this->send(
            'dunlin',
            'plan/press',
            ['action' => 'squelch', 'layer' => 'base', 'ref' => 'rowan/button-1'],
        )->assertSessionHas(
            'said',
            'Button 1 in Cruise: not said here → Squelch · pulse 60 ms; The way to Squelch: not said here → output '
                .'7. Output 7 is the lowest that is free and seen.',
        );
        $this->from('http://localhost/sets/dunlin/plan?take=anchor&device=rowan')->post(
            '/sets/dunlin/plan/press',
            [
                'from' => (string) \App\Models\SetRecord::query()->findOrFail('dunlin')->head_id, 'action' => 'anchor',
                'layer' => 'base', 'ref' => 'fennel/switch-2.up',
            ],
        )
            ->assertRedirect('http://localhost/sets/dunlin/plan?device=rowan');
        $this->assertSame(
            'variable anchor, 1 or 0',
            $this->current('dunlin')->wayOf('anchor')?->inWords(new PlainNames),
        );
        $this->send(
            'dunlin',
            'plan/press',
            ['action' => 'power-right', 'layer' => 'base', 'ref' => 'rowan/button-2'],
        )->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'an axis, since Power, right engine is one'),
        );
        $this->send(
            'dunlin',
            'plan/press',
            ['action' => 'nothing', 'layer' => 'base', 'ref' => 'rowan/button-2'],
        )->assertSessionHas('problem');
        $this->send(
            'dunlin',
            'plan/press',
            ['action' => 'squelch', 'layer' => 'nowhere', 'ref' => 'rowan/button-2'],
        )->assertSessionHas('problem');
    }

    public function test_what_is_told_is_mended(): void
    {
        $this->get('/sets/quay-cable/told')->assertOk()->assertSee(
            'which the game keeps for its harbour map',
        )->assertSee('Reach it by key /');
        $this->send('quay-cable', 'mend', ['finding' => 'reserved-key:glasses'])->assertSessionHas('said');
        $this->assertSame([], Checks::over($this->current('quay-cable')));
        $this->send('quay-cable', 'mend', ['finding' => 'reserved-key:glasses'])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'it may have been mended already'),
        );
        $this->get('/sets/quay-cable/told')->assertSee('Nothing: no key is lost');
    }

    public function test_roles_stand_in_one_grid_and_are_brought_in_line(): void
    {
        $this->get('/sets/skerrywing/roles')
            ->assertOk()
            ->assertSee('look left')
            ->assertSee('Marl truck')
            ->assertSee('elsewhere')
            ->assertDontSee('handbrake');
        $this->get('/sets/skerrywing/roles?show=all')->assertSee('handbrake');
        $this->send(
            'skerrywing',
            'roles',
            ['role' => 'main light on', 'layer' => 'base', 'ref' => 'fennel/switch-1.up', 'only' => 'quay-cable'],
        )->assertSessionHas('said', 'Main light on is in line now in Quay & Cable. Undo is in each of these sets.');
        $this->assertSame(['base/fennel/switch-1.up'], $this->at('quay-cable', 'deck-light-on'));
        $this->assertSame(
            ['base/fennel/switch-2.up'],
            $this->at('quay-cable', 'make-fast'),
            'what was there took its place',
        );
        $this->send(
            'skerrywing',
            'roles',
            ['role' => 'horn', 'layer' => 'base', 'ref' => 'rowan/button-9'],
        )->assertSessionHas(
            'said',
            fn (string $said) => str_contains($said, 'Quay & Cable, Hairpin Ladder, Skerrywing'),
        );
        foreach (['quay-cable', 'hairpin-ladder', 'marl', 'skerrywing', 'dunlin', 'knot'] as $set) {
            $this->assertSame(['base/rowan/button-9'], $this->at($set, 'horn'), $set);
        }
        $this->send(
            'skerrywing',
            'roles',
            ['role' => 'horn', 'layer' => 'base', 'ref' => 'rowan/button-9'],
        )->assertSessionHas('said', 'Horn is there already.');
        $this->send(
            'skerrywing',
            'roles',
            ['role' => 'squelch', 'layer' => 'base', 'ref' => 'rowan/button-9', 'only' => 'skerrywing'],
        )->assertSessionHas('problem', fn (string $problem) => str_contains($problem, 'in use for something else'));
    }

    public function test_roles_and_devices_are_carried_over(): void
    {
        $this->get('/sets/hairpin-ladder/carry')->assertOk()->assertSee('Pick a set, or two devices');
        $this->get(
            '/sets/hairpin-ladder/carry?from=skerrywing',
        )->assertOk()->assertSee('heat on')->assertSee('Fennel Switch');
        $this->send('hairpin-ladder', 'carry', ['carry' => 'skerrywing'])->assertSessionHas('said');
        $this->assertNotSame([], $this->at('hairpin-ladder', 'screen-heat-on'));
        $this->get('/sets/hairpin-ladder/carry?from=skerrywing')->assertSee('Nothing is left to carry over');
        $this->get(
            '/sets/hairpin-ladder/carry?old=bracken&new=teasel',
        )->assertOk()->assertSee('Encoder 1')->assertSee('2 buttons beside each other do the same');
        $this->send(
            'hairpin-ladder',
            'carry',
            ['old' => 'bracken', 'new' => 'teasel', 'only' => 'bracken/push-1'],
        )->assertSessionHas('said');
        $this->assertSame(['base/teasel/input-1'], $this->at('hairpin-ladder', 'handbrake'));
        $this->send('hairpin-ladder', 'carry', ['old' => 'bracken', 'new' => 'teasel']);
        $this->get('/sets/hairpin-ladder/carry?old=bracken&new=teasel')->assertSee('so there is nothing to carry over');
        $this->send('hairpin-ladder', 'carry', ['old' => 'bracken', 'new' => 'teasel'])->assertSessionHas('problem');
        $this->send('hairpin-ladder', 'carry', ['old' => 'bracken', 'new' => 'nothing'])->assertSessionHas('problem');
    }

    public function test_what_is_told_can_be_meant_here_or_from_a_parent_on_and_told_again(): void
    {
        $head = fn (string $set): string => (string) SetRecord::query()->findOrFail($set)->head_id;
        $say = fn (array $fields): TestResponse => $this->from('/sets/skerrywing/plan')->post(
            '/sets/skerrywing/meant',
            $fields + ['from' => $head('skerrywing'), 'finding' => 'half-a-pair:cast-off'],
        );
        $say(['why' => ' '])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'the reason why it is meant'),
        );
        $say(['why' => 'By hand', 'in' => 'marl'])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'one that it inherits from'),
        );
        $say(['why' => 'By hand', 'finding' => 'half-a-pair:horn'])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'may have been mended'),
        );
        $say(['why' => 'By hand'])->assertSessionHas(
            'said',
            fn (string $said) => str_ends_with($said, 'is meant: “By hand”'),
        );
        $this->get('/sets/skerrywing/plan')->assertSee('2 to look at, 1 meant')->assertSee('“By hand”');
        $this->get('/sets/dunlin/told')->assertSee('Meant: 1');
        $this->get('/sets/skerrywing/summary')->assertSee(
            'Meant: Cast mooring off is reached, Make mooring fast is not',
            false,
        );
        $this->post('/sets/skerrywing/undo', ['from' => $head('skerrywing')]);
        $this->get('/sets/skerrywing/plan')->assertSee('3 to look at')->assertDontSee('1 meant');
        $say(['why' => 'By hand', 'in' => 'house'])->assertSessionHas(
            'said',
            fn (string $said) => str_starts_with($said, 'In House: That cast mooring off'),
        );
        $this->get('/sets/skerrywing/told')->assertSee('Meant: 1');
        $say(['again' => '1'])->assertSessionHas('said');
        $this->get('/sets/skerrywing/told')->assertDontSee('Meant: 1');
        // Away over an export and an import.
        $say(['why' => 'By hand']);
        $file = (string) $this->get('/sets/skerrywing/file')->getContent();
        $this->assertStringContainsString('By hand', $file);
        $preview = (string) $this->from('/sets/skerrywing/sets')->post(
            '/import',
            ['file' => UploadedFile::fake()->createWithContent('mine.json', $file)],
        )->headers->get('Location');
        $this->post($preview, ['name' => 'Mine again'])->assertRedirect('/sets/skerrywing-2/plan');
        $this->get('/sets/skerrywing-2/plan')->assertSee('2 to look at, 1 meant');
    }

    public function test_before_a_set_is_picked_it_is_said_what_each_could_bring(): void
    {
        $page = $this->get('/sets/skerrywing/carry')->assertOk()->assertSee('Not reached here yet')->assertSeeInOrder(
            ['Quay &amp; Cable', 'Hairpin Ladder'],
            false,
        );
        // One that brings something leads to it, and there it is.
        $this->assertMatchesRegularExpression(
            '#<th scope="row">Hairpin Ladder</th>.*?carry\?from=hairpin-ladder#s',
            (string) $page->getContent(),
        );
        $this->get('/sets/skerrywing/carry?from=hairpin-ladder')->assertSee('Take all');
        $this->get('/sets/skerrywing/carry?old=gorse&new=rowan')->assertSeeInOrder(
            ['The two devices', 'Gorse stick', 'Rowan wheel'],
            false,
        );
    }
}
