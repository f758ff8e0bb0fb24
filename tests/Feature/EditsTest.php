<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Models\SetRecord;
use App\Sets\SetStore;
use App\Sets\StaleEdit;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\Output\HoldLayer;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\PartPath;
use Tests\TestCase;

final class EditsTest extends TestCase
{
    private const LEFT = 'fennel/left-lever';

    /** @param array<string, mixed> $fields */
    private function send(string $path, array $fields, string $set = 'skerrywing'): TestResponse
    {
        return $this->from('/sets/'.$set.'/shape')->post(
            '/sets/'.$set.'/'.$path,
            $fields + ['from' => $this->latest($set)->id],
        );
    }

    private function latest(string $set = 'skerrywing'): Revision
    {
        return SetRecord::query()->with('head')->findOrFail($set)->head;
    }

    private function current(string $set = 'skerrywing'): BindingSet
    {
        $store = app(SetStore::class);

        return $store->current($store->open($set));
    }

    public function test_a_wheel_is_used_for_a_part_of_its_rotation_and_steadied(): void
    {
        $from = fn (): int => (int) app(SetStore::class)->open('skerrywing')->head_id;
        $this->get('/sets/skerrywing/shape?axis=rowan/wheel')
            ->assertOk()
            ->assertSee('Rotation')
            ->assertSee('Every reading counts as it comes.')
            ->assertDontSee('Lock to lock');
        $this->from('/sets/skerrywing/shape?axis=rowan/wheel')->post(
            '/sets/skerrywing/settings',
            ['from' => $from(), 'device' => 'rowan', 'setting' => 'rotation', 'value' => '540'],
        )
            ->assertSessionHas('said', 'Rowan, rotation: as inherited, 1080 ° → 540 °');
        $this->assertSame(540, $this->current()->shapings['rowan/wheel']->rotation->used);
        $this->post(
            '/sets/skerrywing/shape/steady',
            ['from' => $from(), 'axis' => 'rowan/wheel', 'hold' => '3', 'spikes' => '1', 'centred' => '1'],
        )
            ->assertSessionHas(
                'said',
                'Wheel, steadying: not said here → a single reading that jumps is left out, movements up to 3 % are '
                    .'held',
            );
        $this->get('/sets/skerrywing/shape?axis=rowan/wheel')->assertSee('movements up to 3 % are held');
        $this->get('/sets/skerrywing/shape?axis=fennel/left-lever')->assertDontSee('Rowan itself');
    }

    public function test_an_edit_is_a_new_revision_with_a_sentence(): void
    {
        $before = $this->latest();
        $this->send('shape/dead_zones', ['axis' => self::LEFT, 'low' => '3', 'high' => '1.5'])
            ->assertRedirect('/sets/skerrywing/shape')
            ->assertSessionHas(
                'said',
                'Left lever, dead zones: as inherited, 2 % at the low end, 1.5 % at the high end count for nothing → '
                    .'3 % at the low end, 1.5 % at the high end count for nothing',
            );
        $this->assertSame($before->id, $this->latest()->made_from);
        $this->assertSame('you', $this->latest()->author);
        $this->assertEqualsWithDelta(
            0.03,
            $this->current()->merged->value(PartPath::axis(self::LEFT, 'dead_zones'))['low'],
            1e-12,
        );
        $this->assertSame($before->document, Revision::query()->findOrFail($before->id)->document);
    }

    public function test_a_revision_can_be_neither_changed_nor_deleted(): void
    {
        $this->expectException(\LogicException::class);
        $this->latest()->update(['sentence' => 'something else']);
    }

    public function test_the_same_value_again_makes_no_revision(): void
    {
        $this->send('shape/curve', ['axis' => self::LEFT, 'k' => '20']);
        $head = $this->latest()->id;
        $this->send(
            'shape/curve',
            ['axis' => self::LEFT, 'k' => '20'],
        )->assertSessionHas('said', 'Nothing to change: it is so already.');
        $this->assertSame($head, $this->latest()->id);
    }

    public function test_an_edit_from_an_old_revision_is_refused_with_the_difference_and_can_be_made_on_top(): void
    {
        $old = $this->latest()->id;
        $this->send('shape/dead_zones', ['axis' => self::LEFT, 'low' => '7', 'high' => '1.5']);
        $now = $this->latest();
        $this->send('shape/curve', ['axis' => self::LEFT, 'k' => '40', 'from' => $old])
            ->assertStatus(409)
            ->assertSee('What changed in the meantime')
                ->assertSee('data-place="shape"', false)
                ->assertSee('7 % at the low end')
            ->assertSee('What you meant to change')->assertSee('expo 40 %')
            ->assertSee('name="k" value="40"', false)->assertSee('name="from" value="'.$now->id.'"', false);
        $this->assertSame($now->id, $this->latest()->id);
        $this->send('shape/curve', ['axis' => self::LEFT, 'k' => '40', 'from' => $now->id]);
        $this->assertStringContainsString('"k":0.4', $this->latest()->document);
        $this->assertStringContainsString('"low":0.07', $this->latest()->document);
    }

    public function test_a_stale_edit_keeps_what_was_meant(): void
    {
        $old = $this->latest()->id;
        $this->send('shape/curve', ['axis' => self::LEFT, 'k' => '10']);
        try {
            app(SetStore::class)->edit(
                'skerrywing',
                $old,
                'you',
                fn (BindingSet $base) => (new Edits($base))->clear('base', 'fennel/mark'),
            );
            $this->fail('The edit was made from an old revision.');
        } catch (StaleEdit $stale) {
            $this->assertFalse($stale->meant->says(PartPath::cell('base', 'fennel/mark')));
            $this->assertTrue($stale->head->set()->says(PartPath::cell('base', 'fennel/mark')));
        }
    }

    public function test_undo_and_redo_walk_over_the_revisions_and_a_new_edit_forgets_what_was_undone(): void
    {
        $documents = [$this->latest()->document];
        for ($i = 1; $i <= 10; $i++) {
            $this->send('shape/curve', ['axis' => self::LEFT, 'k' => (string) (5 * $i)]);
            $documents[] = $this->latest()->document;
        }
        for ($i = 9; $i >= 0; $i--) {
            $this->send('undo', [])->assertSessionHas('said');
            $this->assertSame($documents[$i], $this->latest()->document);
        }
        $this->send('undo', [])->assertSessionHas('said', 'There is nothing to undo in Skerrywing.');
        for ($i = 1; $i <= 10; $i++) {
            $this->send('redo', []);
            $this->assertSame($documents[$i], $this->latest()->document);
        }
        $this->send('redo', [])->assertSessionHas('said', 'There is nothing to redo in Skerrywing.');
        $this->send('undo', []);
        $this->send('shape/curve', ['axis' => self::LEFT, 'k' => '-3']);
        $this->send('redo', [])->assertSessionHas('said', 'There is nothing to redo in Skerrywing.');
        $this->assertSame(12, Revision::query()->where('set_id', 'skerrywing')->count());
    }

    public function test_undo_and_redo_from_an_old_page_are_refused_and_nothing_changes(): void
    {
        $old = $this->latest()->id;
        $this->send('shape/curve', ['axis' => self::LEFT, 'k' => '10']);
        $now = $this->latest()->id;
        $this->send('undo', ['from' => $old])->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'changed in another tab'),
        );
        $this->send('redo', ['from' => $old])->assertSessionHas('problem');
        $this->assertSame($now, $this->latest()->id);
        $this->send('undo', [])->assertSessionHas('said');
        $this->assertSame($old, $this->latest()->id);
    }

    public function test_a_stop_at_140_percent_is_refused_and_nothing_changes(): void
    {
        $head = $this->latest()->id;
        $this->send('stops', self::stop(['at' => '140']))->assertSessionHas(
            'problem',
            'The new stop, holds at: found 140 %, expected a number from 0 % to 100 %.',
        );
        $this->send('stops', self::stop(['axes' => ['fennel/none']]))->assertSessionHas(
            'problem',
            'The new stop, acts on: found something that is not there, expected an axis of the rig.',
        );
        $this->assertSame($head, $this->latest()->id);
    }

    public function test_a_stop_is_put_in_with_what_opens_it_and_taken_away_with_it(): void
    {
        $this->send('stops', self::stop())->assertSessionHas('said');
        $this->assertSame(['fennel/left-thumb'], $this->current()->openersOf('stop-1'));
        $this->send('stops', self::stop(['opener' => 'gorse/button-5']));
        $this->assertSame(['gorse/button-5'], $this->current()->openersOf('stop-1'));
        $this->assertNull($this->current()->cell('base', 'fennel/left-thumb'));
        $this->send('stops/remove', ['stop' => 'stop-1']);
        $this->assertSame([], $this->current()->stops);
        $this->assertNull($this->current()->cell('base', 'gorse/button-5'));
    }

    public function test_a_control_that_is_picked_for_a_stop_or_a_layer_does_not_silently_lose_its_job(): void
    {
        $this->send('stops', self::stop())->assertSessionHas('said');
        $this->send('stops', self::stop(['stop' => 'stop-2', 'name' => 'Second']))->assertSessionHas('said');
        $this->assertSame(
            [['fennel/left-thumb'], ['fennel/left-thumb']],
            [$this->current()->openersOf('stop-1'), $this->current()->openersOf('stop-2')],
            'two stops may share a thumb',
        );
        $this->send('stops', self::stop(['stop' => 'stop-3', 'opener' => 'fennel/mark']))
            ->assertSessionHas(
                'problem',
                fn (string $problem) => str_starts_with(
                    $problem,
                    'Opened by: found Mark button, which does this already: Drop a sack · pulse 60 ms, expected',
                ),
            );
        $this->send('layers', ['name' => 'Radio', 'holder' => 'fennel/ring'])
            ->assertSessionHas(
                'problem',
                fn (string $problem) => str_contains(
                    $problem,
                    'Held by: found Ring lever, which does this already: hold On water',
                ),
            );
        $this->assertNotNull($this->current()->cell('base', 'fennel/ring'));
    }

    public function test_an_action_without_a_way_gets_the_lowest_free_output_and_its_usual_behaviour(): void
    {
        $this->send(
            'cells',
            [
                'layer' => 'base', 'ref' => 'fennel/switch-2.up', 'does' => 'action',
                'output' => ['action' => 'landing-light-on'],
            ],
        );
        $set = $this->current();
        $this->assertSame('output 7', $set->wayOf('landing-light-on')?->inWords(new PlainNames));
        $this->assertSame(
            'pulse 60 ms',
            $set->cell('base', 'fennel/switch-2.up')?->behaviour?->inWords(new PlainNames),
        );
        $this->send(
            'cells',
            ['layer' => 'base', 'ref' => 'gorse/button-6', 'does' => 'action', 'output' => ['action' => 'talk']],
        );
        $this->assertSame(
            'follow',
            $this->current()->cell('base', 'gorse/button-6')?->behaviour?->inWords(new PlainNames),
        );
    }

    public function test_every_kind_of_output_can_be_assigned_and_cleared(): void
    {
        $kinds = [
            ['does' => 'key', 'behaviour' => 'toggle', 'output' => ['code' => 'KeyL', 'with' => ['ShiftLeft']]],
            [
                'does' => 'button', 'behaviour' => 'pulse', 'output' => ['number' => '40'],
                'behave' => ['width_ms' => '35', 'on' => 'both'],
            ],
            [
                'does' => 'on/off variable', 'behaviour' => 'follow',
                'output' => ['name' => 'anchor', 'on' => '1', 'off' => '0'],
            ],
            ['does' => 'set variable', 'behaviour' => 'pulse', 'output' => ['name' => 'flaps', 'to' => '2']],
            ['does' => 'hold layer', 'behaviour' => 'follow', 'output' => ['layer' => 'water']],
            ['does' => 'nothing'],
        ];
        $said = [];
        foreach ($kinds as $fields) {
            $this->send(
                'cells',
                ['layer' => 'base', 'ref' => 'gorse/button-4'] + $fields,
            )->assertSessionMissing('problem');
            $cell = $this->current()->cell('base', 'gorse/button-4');
            $said[] = implode(
                ' ',
                [
                    $cell?->behaviour?->inWords(new PlainNames) ?? '',
                    $cell?->outputs === [] ? 'nothing' : $cell?->outputs[0]->inWords(new PlainNames) ?? '',
                ],
            );
        }
        $this->assertSame([
            'toggle key Shift+L', 'pulse 35 ms when it closes and when it opens output 40',
            'follow variable anchor, 1 or 0',
            'pulse 60 ms variable flaps set to 2', 'follow hold water', ' nothing',
        ], $said);
        $this->send('cells/clear', ['layer' => 'base', 'ref' => 'gorse/button-4']);
        $this->assertNull($this->current()->cell('base', 'gorse/button-4'));
    }

    public function test_what_a_parent_says_can_be_overridden_taken_away_and_given_back(): void
    {
        $ring = PartPath::cell('base', 'fennel/ring');
        $this->assertSame('house', $this->current()->merged->origin($ring));
        $this->send('cells/clear', ['layer' => 'base', 'ref' => 'fennel/ring']);
        $this->assertNull($this->current()->cell('base', 'fennel/ring'));
        $this->assertNotNull($this->current('house')->cell('base', 'fennel/ring'));
        $this->send('give-back', ['path' => (string) $ring]);
        $this->assertSame('house', $this->current()->merged->origin($ring));
        $this->assertFalse($this->latest()->set()->says($ring));
    }

    public function test_an_edit_of_a_parent_that_breaks_a_child_is_refused_and_names_the_child(): void
    {
        $this->send('layers/remove', ['layer' => 'water'], 'house')
            ->assertSessionHas(
                'problem',
                fn (string $problem) => str_starts_with(
                    $problem,
                    'The set Quay & Cable, which inherits from this one: Assignments in On water: found',
                ),
            );
        $this->assertArrayHasKey('water', $this->current('house')->layers);
    }

    public function test_a_child_follows_its_parent_at_once(): void
    {
        $this->current();
        $this->send('shape/curve', ['axis' => self::LEFT, 'k' => '33'], 'house');
        $this->assertSame(0.33, $this->current()->merged->value(PartPath::axis(self::LEFT, 'curve'))['k']);
    }

    public function test_layers_are_made_renamed_and_removed(): void
    {
        $this->send('layers', ['name' => 'Radio & more', 'holder' => 'gorse/button-6']);
        $this->assertEquals([new HoldLayer('radio-more')], $this->current()->cell('base', 'gorse/button-6')?->outputs);
        $this->send('layers', ['name' => 'Radio more']);
        $this->assertArrayHasKey('radio-more-2', $this->current()->layers);
        $this->send('layers/rename', ['layer' => 'radio-more', 'name' => 'Radio']);
        $this->assertSame('Radio', $this->current()->layers['radio-more']->name);
        $this->send('layers/remove', ['layer' => 'radio-more']);
        $this->assertArrayNotHasKey('radio-more', $this->current()->layers);
        $this->assertNull($this->current()->cell('base', 'gorse/button-6'));
        $this->send('layers/remove', ['layer' => 'base'])->assertSessionHas('problem');
    }

    public function test_a_switch_is_kept_in_step_by_the_variable_of_an_action_that_only_flips(): void
    {
        foreach (['up', 'down'] as $position) {
            $this->send(
                'cells',
                [
                    'layer' => 'base', 'ref' => 'fennel/switch-2.'.$position, 'does' => 'action',
                    'output' => ['action' => 'anchor-light'],
                ],
            );
        }
        $this->get(
            '/sets/skerrywing/assign?layer=base&ref=fennel/switch-2.up',
        )->assertSee('The game only offers a flip for this.');
        $this->send('cells/in-step', ['layer' => 'base', 'ref' => 'fennel/switch-2.up']);
        $set = $this->current();
        $this->assertSame('variable anchor_light, 1 or 0', $set->wayOf('anchor-light')?->inWords(new PlainNames));
        $this->assertSame('follow', $set->cell('base', 'fennel/switch-2.up')?->behaviour?->inWords(new PlainNames));
        $this->assertNull($set->cell('base', 'fennel/switch-2.down'));
        $this->send('cells/in-step', ['layer' => 'base', 'ref' => 'fennel/mark'])->assertSessionHas('problem');
    }

    public function test_a_way_can_be_chosen(): void
    {
        $this->send('ways', ['action' => 'drop-sack', 'way' => '{"kind":"key","code":"KeyD"}']);
        $this->assertSame('key D', $this->current()->wayOf('drop-sack')?->inWords(new PlainNames));
        $this->send('ways', ['action' => 'drop-sack', 'way' => 'nonsense'])->assertSessionHas('problem');
    }

    public function test_a_set_goes_out_as_a_file_and_comes_in_again(): void
    {
        $document = $this->get('/sets/skerrywing/file')
            ->assertOk()
            ->assertDownload('skerrywing.set.json')
            ->getContent();
        $this->send('shape/curve', ['axis' => self::LEFT, 'k' => '12']);
        $this->send(
            'file',
            ['file' => UploadedFile::fake()->createWithContent('mine.set.json', (string) $document)],
        )->assertSessionHas('said');
        $this->assertSame($document, $this->get('/sets/skerrywing/file')->getContent());
    }

    public function test_a_file_with_an_unknown_field_is_refused_by_its_path(): void
    {
        $document = str_replace('"width_ms"', '"widht_ms"', (string) $this->get('/sets/skerrywing/file')->getContent());
        $head = $this->latest()->id;
        $this->send('file', ['file' => UploadedFile::fake()->createWithContent('mine.set.json', $document)])
            ->assertSessionHas(
                'problem',
                'mine.set.json: cells.base.fennel/mark.behaviour.widht_ms: found a field that this format does not '
                    .'have, expected one of kind, on, width_ms.',
            );
        $other = str_replace(
            '"id": "skerrywing"',
            '"id": "another"',
            (string) $this->get('/sets/skerrywing/file')->getContent(),
        );
        $this->send('file', ['file' => UploadedFile::fake()->createWithContent('mine.set.json', $other)])
            ->assertSessionHas(
                'problem',
                'mine.set.json: id: found "another", expected the set "skerrywing", since this file is to take its '
                    .'place.',
            );
        $this->assertSame($head, $this->latest()->id);
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function stop(array $fields = []): array
    {
        return $fields + [
            'stop' => 'stop-1', 'name' => 'Cruise', 'at' => '92', 'side' => 'above', 'opens' => 'until drawn back',
            'axes' => [
                self::LEFT, 'fennel/right-lever',
            ], 'opener' => 'fennel/left-thumb', 'rearm' => '0.5', 'patience_ms' => '3000',
        ];
    }
}
