<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\LargeSet;
use App\Models\CatalogueRecord;
use App\Models\SetRecord;
use App\Sets\Layouts;
use App\Sets\SetStore;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Lamp;
use Nailrod\Core\Set\BindingSet;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The places for layers, macros and lamps, and what their forms do; a session that is left; a large set. */
final class MacrosAndLampsTest extends TestCase
{
    /** @param array<string, mixed> $fields */
    private function send(string $path, array $fields): TestResponse
    {
        return $this->from('/sets/skerrywing/macros')->post(
            '/sets/skerrywing/'.$path,
            $fields + ['from' => app(SetStore::class)->open('skerrywing')->head_id],
        );
    }

    private function set(): BindingSet
    {
        return app(SetStore::class)->current(app(SetStore::class)->open('skerrywing'));
    }

    public function test_a_macro_is_made_filled_and_read_back(): void
    {
        $this->send('macros', ['name' => 'Call'])->assertRedirect('/sets/skerrywing/macros?macro=call');
        $this->send(
            'macros/bars',
            ['id' => 'call', 'does' => 'type', 'text' => "Hi\r\nyou\n", 'layout' => 'german', 'key_ms' => '10'],
        );
        $this->assertSame("Hi\nyou\n", $this->set()->macros['call']->steps[0]->text);
        $this->send(
            'macros/bars',
            ['id' => 'call', 'does' => 'key', 'lasts' => '40', 'output' => ['code' => 'F5', 'with' => ['ShiftLeft']]],
        );
        $this->send('macros/bars/move', ['id' => 'call', 'bar' => '1', 'starts' => '200', 'lasts' => '25']);
        $this->send('macros/say', ['id' => 'call', 'pause' => '30']);
        $this->send(
            'macros/say',
            [
                'id' => 'call', 'plays' => 'while held', 'on_release' => 'stop', 'on_second_press' => 'ignore',
                'when' => '', 'name' => 'Long call',
            ],
        )->assertSessionHas('said');
        $this->get('/sets/skerrywing/macros?macro=call')->assertSee(
            'Types “Hi↵you↵” (German), waits 60 ms, presses key Shift+F5 for 25 ms, waits 30 ms, again and again '
                .'while it is held. 255 ms in all.',
            false,
        );
        $this->send('macros/copy', ['id' => 'call']);
        $this->send('macros/bars/remove', ['id' => 'long-call-copy', 'bar' => '1']);
        $this->assertCount(
            1,
            array_filter($this->set()->macros['long-call-copy']->steps, fn ($step) => $step->does === 'type'),
        );
        $this->send('macros/remove', ['id' => 'call']);
        $this->assertSame(['harbour-call', 'three-sacks', 'long-call-copy'], array_keys($this->set()->macros));
    }

    public function test_what_a_device_cannot_keep_of_a_macro_is_told_where_it_is_made_and_where_it_is_played(): void
    {
        $this->send(
            'cells',
            [
                'layer' => 'base', 'ref' => 'fennel/left-thumb', 'does' => 'macro',
                'output' => ['macro' => 'three-sacks'],
            ],
        )->assertSessionHas('said');
        $told = 'Fennel cannot keep';
        $this->get('/sets/skerrywing/macros?macro=three-sacks')->assertDontSee($told);
        $this->get('/sets/skerrywing/assign?layer=base&ref=fennel/left-thumb')->assertDontSee($told);
        $this->send('macros/say', ['id' => 'three-sacks', 'when' => ['variable mooring ='], 'when_to' => ['0']]);
        $this->get('/sets/skerrywing/macros?macro=three-sacks')->assertSee(
            'Fennel cannot keep it: only Nailrod itself knows the variable that it depends on.',
        );
        $this->get('/sets/skerrywing/assign?layer=base&ref=fennel/left-thumb')->assertSee(
            'Fennel cannot keep macro Three sacks: only Nailrod itself knows the variable that it depends on.',
        );
        // Fennel has room for eight.
        $this->send('macros/say', ['id' => 'three-sacks', 'when' => ['always']]);
        foreach (range(1, 8) as $n) {
            $this->send('macros', ['name' => 'Call '.$n]);
            $this->send(
                'macros/bars',
                ['id' => 'call-'.$n, 'does' => 'key', 'lasts' => '40', 'output' => ['code' => 'F5']],
            );
            $this->send(
                'cells',
                [
                    'layer' => 'water',
                    'ref' => [
                        'fennel/left-thumb', 'fennel/right-thumb', 'fennel/mark', 'fennel/switch-1.up',
                        'fennel/switch-2.up', 'fennel/switch-3.up', 'fennel/switch-4.up', 'fennel/switch-4.down',
                    ][$n - 1],
                    'does' => 'macro', 'output' => ['macro' => 'call-'.$n],
                ],
            );
        }
        $this->get('/sets/skerrywing/macros?macro=call-8')->assertSee(
            'Fennel cannot keep it: the device has room for 8.',
        );
        $this->get('/sets/skerrywing/macros?macro=call-7')->assertDontSee($told);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'a macro that is not there' => [
            'macros/say', ['id' => 'none', 'pause' => '1'], 'Macro: found "none", expected a macro of the set.',
        ];
        yield 'a layout that is not there' => [
            'macros/bars', ['id' => 'three-sacks', 'does' => 'type', 'text' => 'a', 'layout' => 'moon'],
            'Layout: found "moon", expected a keyboard layout that is at hand: french, german, swedish, uk, us.',
        ];
        yield 'a pause that is none' => ['macros/say', ['id' => 'harbour-call', 'pause' => ''], ''];
        yield 'a condition that is none' => [
            'macros/say', ['id' => 'harbour-call', 'when' => 'moon full'],
            'Works: found "moon full", expected a flag, a stop, a layer or a variable that it depends on',
        ];
        yield 'a recording that is none' => [
            'macros/record', ['id' => 'three-sacks', 'events' => '[{"t":1,"kind":"lever","target":"x","on":true}]'],
            'Event 1, kind: found "lever", expected one of key, button.',
        ];
        yield 'a recording whose time goes back' => [
            'macros/record',
            [
                'id' => 'three-sacks',
                'events' =>
                    '[{"t":5,"kind":"key","target":"KeyA","on":true},{"t":4,"kind":"key","target":"KeyA","on":false}]',
            ],
            'Event 2, time: found 4, expected a whole number from 5 on.',
        ];
        yield 'a key that is not one' => [
            'macros/record',
            ['id' => 'three-sacks', 'events' => '[{"t":1,"kind":"key","target":"Unidentified","on":true}]'],
            'Event 1, key: found "Unidentified"',
        ];
        yield 'a rule for no state' => [
            'lamps', ['kind' => 'while', 'say' => ['lamp' => 'fennel/lamp-1', 'while' => 'moon full']],
            'The rule, lit while',
        ];
        yield 'a lamp of another device' => [
            'lamps',
            [
                'kind' => 'shows',
                'say' => [
                    'lamps_first' => 'fennel/lamp-1', 'lamps_last' => 'rowan/rev-1', 'shows' => 'rpm', 'from' => '0',
                    'to' => '1',
                ],
            ],
            'Last lamp: found something that is not there, expected a lamp of the same device as Lamp 1.',
        ];
        yield 'a bar upside down' => [
            'lamps',
            [
                'kind' => 'shows',
                'say' => [
                    'lamps_first' => 'fennel/lamp-1', 'lamps_last' => 'fennel/lamp-3', 'shows' => 'rpm', 'from' => '5',
                    'to' => '1',
                ],
            ],
            'The rule, all are lit at: found 1, expected a number above 5.',
        ];
        yield 'the base layer, moved' => [
            'layers/shift', ['layer' => 'base', 'way' => 'up'],
            'Layer: found Cruise, expected a layer of the set other than the base layer.',
        ];
        yield 'a transfer to nowhere' => [
            'cells/transfer',
            [
                'what' => 'cell', 'how' => 'copy', 'layer' => 'base', 'ref' => 'fennel/mark', 'to_layer' => 'base',
                'to_ref' => 'fennel/left-lever',
            ],
            'To: found Left lever, an axis, expected a contact, since Mark button is one.',
        ];
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('bad')]
    public function test_what_cannot_be_is_told_and_changes_nothing(string $path, array $fields, string $told): void
    {
        $before = app(SetStore::class)->open('skerrywing')->head_id;
        $answer = $this->send($path, $fields);
        if ($told === '') {
            $answer->assertSessionHasErrors();
        } else {
            $this->assertStringContainsString($told, (string) session('problem'));
        }
        $this->assertSame($before, app(SetStore::class)->open('skerrywing')->head_id);
    }

    public function test_lamps_are_ruled_one_by_one_and_in_rows_also_backwards(): void
    {
        $this->send(
            'lamps',
            [
                'rule' => '', 'kind' => 'while',
                'say' => [
                    'lamp' => 'fennel/lamp-4', 'while' => 'contact fennel/mark', 'colour' => 'amber',
                    'brightness' => '40',
                ],
            ],
        );
        $this->send(
            'lamps',
            [
                'rule' => '', 'kind' => 'shows',
                'say' => [
                    'lamps_first' => 'rowan/rev-3', 'lamps_last' => 'rowan/rev-1', 'shows' => 'rpm', 'from' => '0',
                    'to' => '90', 'band' => ['30', '', '90'], 'band_colour' => ['green', 'amber', 'red'],
                    'coloured' => 'whole', 'flash_above' => '80', 'brightness' => '100',
                ],
            ],
        );
        $this->get('/sets/skerrywing/lamps?device=fennel')->assertSee(
            'Lamp 4 is amber at 40 % while Mark button is closed.',
        );
        $this->get('/sets/skerrywing/lamps?device=rowan')->assertSee(
            'Rev 3 to Rev 1 show Engine speed from 0 to 90, green up to 30, red up to 90, all that is lit in the '
                .'colour of the band reached, flashing above 80.',
        );
        $row = array_key_first(array_filter(
            $this->set()->lamps,
            fn ($rule) => str_contains((string) json_encode($rule->toArray()), 'rev-3'),
        ));
        $this->get('/sets/skerrywing/lamps?rule='.$row)->assertSee(
            '<option value="rpm" selected>Engine speed</option>',
            false,
        );
        $this->get('/sets/skerrywing/assign?ref=fennel/mark')->assertDontSee('<option value="rpm"', false);
        $this->send(
            'lamps',
            [
                'rule' => 'fennel-lamp-4', 'kind' => 'while',
                'say' => ['lamp' => 'fennel/lamp-4', 'while' => 'layer water', 'brightness' => '100'],
            ],
        );
        $this->get('/sets/skerrywing/lamps?rule=fennel-lamp-4')->assertSee(
            'Lamp 4 is lit while layer On water is live.',
        );
        $this->send('lamps/remove', ['rule' => 'fennel-lamp-4']);
        $this->assertArrayNotHasKey('fennel-lamp-4', $this->set()->lamps);
    }

    public function test_deleting_a_layer_takes_away_what_leads_to_it(): void
    {
        $this->send('layers', ['name' => 'Trim']);
        $this->send('layers', ['name' => 'Radio']);
        $this->send(
            'cells',
            [
                'layer' => 'base', 'ref' => 'fennel/left-thumb', 'does' => 'step layer',
                'output' => ['direction-step-layer' => 'next', 'layers' => ['base', 'trim', 'radio']],
            ],
        );
        $this->send(
            'cells',
            [
                'layer' => 'base', 'ref' => 'fennel/switch-2.up', 'does' => 'go to layer',
                'output' => ['layer' => 'trim'],
            ],
        );
        $this->send(
            'lamps',
            [
                'rule' => '', 'kind' => 'while',
                'say' => ['lamp' => 'fennel/lamp-4', 'while' => 'layer trim', 'brightness' => '100'],
            ],
        );
        $this->get('/sets/skerrywing/layers')->assertSee('next Left thumb')->assertDontSee('has no way out');
        $this->send('layers/remove', ['layer' => 'trim']);
        $set = $this->set();
        $this->assertSame(
            ['base', 'radio'],
            $set->cell('base', 'fennel/left-thumb')?->outputs[0]->toArray()['layers'] ?? null,
        );
        $this->assertNull($set->cell('base', 'fennel/switch-2.up'));
        $this->assertArrayNotHasKey('fennel-lamp-4', $set->lamps);
    }

    public function test_a_macro_is_tried_without_a_control_and_the_tape_says_so(): void
    {
        $rig = $this->rig();
        $rig->seen(50_000);
        $this->assertSame(204, $rig->order('try macro', ['macro' => 'three-sacks'])->status);
        $this->assertSame(
            ['Tried on its page', 'macro Three sacks', 'Horn', 'output 3 on'],
            array_slice($rig->seen()['lines'][0]['parts'], 0, 4),
        );
        $this->assertSame(
            [422, ['problem' => 'macro: found "none", expected a macro of the set in play.']],
            [
                $rig->order('try macro', ['macro' => 'none'])->status,
                $rig->order('try macro', ['macro' => 'none'])->body,
            ],
        );
    }

    public function test_whoever_wants_it_lets_go_of_everything(): void
    {
        $this->send(
            'cells',
            [
                'layer' => 'base', 'ref' => 'fennel/left-thumb', 'does' => 'key', 'behaviour' => 'toggle',
                'output' => ['code' => 'KeyT'],
            ],
        );
        $rig = $this->rig();
        $rig->step([[10_000, 'fennel/left-thumb', 1], [15_000, 'fennel/left-thumb', 0]], 20_000);
        $holders = fn (): array => $rig->rig->work()->live->state->run->holds->holders;
        $this->assertArrayHasKey('key KeyT', $holders());
        $this->assertSame(204, $rig->order('let go')->status);
        $this->assertSame(
            [],
            array_filter($holders(), fn (string $key) => str_starts_with($key, 'key'), ARRAY_FILTER_USE_KEY),
        );
    }

    public function test_dropped_ticks_and_a_condition_that_does_not_hold_are_told(): void
    {
        $this->send(
            'cells',
            [
                'layer' => 'base', 'ref' => 'fennel/encoder.plus', 'does' => 'button', 'behaviour' => 'ticks',
                'output' => ['number' => '40'],
                'behave' => ['width_ms-ticks' => '20', 'gap_ms' => '20', 'most_waiting' => '2', 'coarse_above' => '0'],
            ],
        );
        $this->send('flags', ['name' => 'Armed']);
        $this->send('cells/depend', ['layer' => 'base', 'ref' => 'fennel/mark', 'when' => 'flag armed up']);
        $lines = $this->rig()->step([[10_000, 'fennel/encoder', 6], [20_000, 'fennel/mark', 1]], 30_000)['lines'];
        $said = array_map(fn (array $line) => implode(' → ', $line['parts']), $lines);
        $this->assertContains('Fennel · Encoder + → 3 ticks were dropped → more came than may wait', $said);
        $this->assertContains('Fennel · Mark button closed → layer Cruise → it works only while Armed is up', $said);
    }

    public function test_every_layout_that_ships_can_be_chosen(): void
    {
        $this->assertSame(
            ['French', 'German', 'Swedish', 'UK English', 'US English'],
            array_values(array_map(fn ($layout) => $layout->name, Layouts::all())),
        );
        $this->assertNull(Layouts::find('../composer'));
    }

    public function test_a_large_set_is_edited_and_what_did_not_change_stays(): void
    {
        $store = app(SetStore::class);
        LargeSet::create($store, CatalogueRecord::query()->findOrFail('skerrywing')->catalogue());
        $before = $store->current($store->open(LargeSet::ID));
        $this->assertSame(LargeSet::ASSIGNMENTS, array_sum(array_map(count(...), $before->cells)));
        $this->from('/sets/large/assign')->post(
            '/sets/large/cells',
            [
                'from' => $store->open('large')->head_id, 'layer' => 'layer-3', 'ref' => 'box-9/b9', 'does' => 'key',
                'output' => ['code' => 'F7'],
            ],
        )->assertSessionHas('said');
        $after = $store->current($store->open(LargeSet::ID));
        $this->assertSame('key F7', $after->cell('layer-3', 'box-9/b9')?->outputs[0]->inWords(new PlainNames));
        $fresh = $store->assemble($store->open(LargeSet::ID)->head->set());
        $this->assertEquals($fresh->cells, $after->cells);
        $this->assertEquals($fresh->rig, $after->rig);
        $this->get('/sets/large/assign?ref=box-9/b9&layer=layer-3')->assertOk()->assertSee('key F7');
    }

    public function test_what_a_macro_is_for_stands_where_it_is_chosen_and_read(): void
    {
        $say = fn (string $about) => $this->from('/sets/skerrywing/macros')->post(
            '/sets/skerrywing/macros/say',
            [
                'from' => (string) SetRecord::query()->findOrFail('skerrywing')->head_id, 'id' => 'three-sacks',
                'about' => $about,
            ],
        );
        $say('Mail for three islands.')->assertSessionHas(
            'said',
            fn (string $said) => str_contains($said, 'Mail for three islands. Presses'),
        );
        $this->get(
            '/sets/skerrywing/macros?macro=three-sacks',
        )->assertSee('value="Mail for three islands."', false)->assertSee('Mail for three islands. Presses');
        $this->get(
            '/sets/skerrywing/assign?layer=base&ref=gorse/button-4',
        )->assertSee('Three sacks: Mail for three islands.');
        $this->get('/sets/skerrywing/summary')->assertSee('Three sacks: Mail for three islands. Presses');
        $this->get('/sets/skerrywing/file')->assertSee('"about": "Mail for three islands."', false);
        $say(str_repeat('x', 201))->assertSessionHasErrors('about');
        $say('')->assertSessionHas('said');
        $this->get('/sets/skerrywing/file')->assertDontSee('about');
    }

    public function test_a_form_offers_only_colours_that_the_lamps_have_and_says_what_a_rule_asks_beyond(): void
    {
        $offered = 0;
        foreach (
            array_filter(
                $this->set()->rig->devices,
                fn (Device $device): bool => $device->lamps !== [],
            ) as $id => $device
        ) {
            preg_match_all(
                '#<select name="say\[(?:band_)?colour\][^"]*".*?</select>#s',
                (string) $this->get('/sets/skerrywing/lamps?device='.$id)->assertOk()->getContent(),
                $lists,
            );
            $has = array_merge(...array_map(fn (Lamp $lamp): array => $lamp->colours, $device->lamps));
            foreach ($lists[0] as $list) {
                preg_match_all('#<option value="(\w+)"#', $list, $options);
                $this->assertSame([], array_diff($options[1], $has), $id);
                $offered += count($options[1]);
            }
        }
        $this->assertGreaterThan(0, $offered);
        $lamp = array_values(array_filter(
            $this->set()->rig->devices['fennel']->lamps,
            fn (Lamp $lamp): bool => array_diff(Lamp::COLOURS, $lamp->colours) !== [],
        ))[0];
        $lacks = array_values(array_diff(Lamp::COLOURS, $lamp->colours))[0];
        $this->send(
            'lamps',
            [
                'rule' => '', 'kind' => 'while',
                'say' => [
                    'lamp' => 'fennel/'.$lamp->id, 'while' => 'layer water', 'colour' => $lacks, 'brightness' => '100',
                ],
            ],
        );
        $said = $lamp->name.' cannot be '.$lacks;
        $this->get('/sets/skerrywing/lamps?device=fennel')->assertSeeText($said);
        $this->get('/sets/skerrywing/plan')->assertSeeText($said);
        // Its own form keeps what it asks for.
        $rule = (string) array_key_last(
            array_filter($this->set()->lamps, fn ($rule): bool => $rule->colours() === [$lacks]),
        );
        $this->get('/sets/skerrywing/lamps?rule='.$rule)->assertSee('<option value="'.$lacks.'" selected>', false);
    }

    public function test_lamp_by_lamp_it_is_said_what_lights_it_those_together_that_the_same_lights(): void
    {
        $page = $this->get('/sets/skerrywing/lamps?device=rowan')->assertOk()->assertSee('Lamp by lamp');
        $page->assertSeeInOrder(['Rev 1 to Rev 10', 'show Engine speed']);
        $this->get('/sets/skerrywing/lamps?device=fennel')->assertSee('dark');
    }
}
