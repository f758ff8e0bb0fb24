<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DeviceRecord;
use App\Models\SetRecord;
use App\Rig\Asker;
use App\Rig\Scope;
use App\Rig\Subscribers;
use App\Sets\SetStore;
use Nailrod\Core\Engine\Hand\InputSources;
use Tests\TestCase;

/** The rig that goes on, under a clock of the test. */
final class ResidentTest extends TestCase
{
    private TestRig $rig;

    protected function setUp(): void
    {
        parent::setUp();
        $this->rig = $this->rig();
    }

    /** @param array<string, mixed> $fields */
    private function edit(string $what, array $fields): void
    {
        $this->from('/sets/skerrywing/shape')->post(
            '/sets/skerrywing/'.$what,
            ['from' => app(SetStore::class)->open('skerrywing')->head_id] + $fields,
        )->assertSessionHas('said');
    }

    public function test_it_begins_with_the_rig_as_it_is_found(): void
    {
        $seen = $this->rig->seen();
        $this->assertSame('Cruise', $seen['layer']['name']);
        $this->assertSame(2048, $seen['axes']['gorse/stick.x']['reading']);
        $this->assertSame(
            [
                'fennel/switch-1.down', 'fennel/switch-2.down', 'fennel/switch-3.down', 'fennel/switch-4.middle',
                'fennel/dial.1',
            ],
            $seen['closed'],
        );
    }

    public function test_what_comes_out_is_told_with_its_cause_and_what_the_game_did(): void
    {
        $seen = $this->rig->step([[20_000, 'fennel/switch-1.up', 1]], 100_000);
        $this->assertSame(
            [['button', '5', 1]],
            array_map(
                fn (array $event) => [$event['kind'], $event['target'], $event['value']],
                array_slice($seen['sent'], 0, 1),
            ),
        );
        $this->assertSame('output 5 · Pitot heat on', $seen['sent'][0]['name']);
        $this->assertSame(
            ['Fennel · Switch 1 up closed', 'layer Cruise', 'pulse 60 ms', 'Pitot heat on', 'output 5 on'],
            $seen['lines'][0]['parts'],
        );
        $this->assertSame(
            ['pitot_heat', 'on', '20000 button 5'],
            [$seen['game'][0]['variable'], $seen['game'][0]['words'], $seen['game'][0]['by']],
        );
    }

    public function test_timers_fire_though_nobody_sends_anything(): void
    {
        $this->rig->step([[20_000, 'fennel/switch-1.up', 1]], 30_000);
        $this->assertLessThanOrEqual(50_000, $this->rig->rig->wait());
        $seen = $this->rig->seen(81_000);
        $this->assertSame(
            [80_000, '5', 0],
            [$seen['sent'][0]['t'], $seen['sent'][0]['target'], $seen['sent'][0]['value']],
        );
    }

    public function test_a_batch_that_was_taken_is_answered_again_and_not_counted_again(): void
    {
        $body = ['n' => 1, 't' => 40_000, 'inputs' => [[20_000, 'fennel/mark', 1], [30_000, 'fennel/mark', 0]]];
        $this->rig->clock->time = 40_000;
        $first = $this->rig->call('POST', '/hands/'.$this->rig->hand, $body);
        $this->assertEquals($first, $this->rig->call('POST', '/hands/'.$this->rig->hand, $body));
        $this->assertSame(2, $first->body['taken']);
        $this->assertEquals(1, $this->rig->seen(200_000)['variables']['sack']['value']);
        $missing = $this->rig->call('POST', '/hands/'.$this->rig->hand, ['n' => 3]);
        $this->assertSame(
            [409, 'Batch 3 came, batch 2 was expected. Nothing was taken; send from batch 2 on.', 2],
            [$missing->status, $missing->body['problem'], $missing->body['next']],
        );
    }

    public function test_a_reading_outside_the_range_is_told_and_the_rest_is_taken(): void
    {
        $seen = $this->rig->step([[10_000, 'fennel/left-lever', 70_000], [20_000, 'fennel/mark', 1]], 50_000);
        $this->assertSame(
            ['Fennel Left lever came with 70000, and sends whole numbers from 0 to 65535.'],
            $seen['problems'],
        );
        $this->assertSame('4', $seen['sent'][0]['target']);
    }

    public function test_others_have_their_turn_while_a_long_batch_is_taken(): void
    {
        $this->rig->clock->time = 1_000_000;
        $long = fn (string $hand, int $n) => $this->rig->calls->begin(
            'POST',
            '/hands/'.$hand,
            (string) json_encode([
                'n' => $n,
                'inputs' => array_map(fn (int $i) => [900_000 + $i, 'fennel/left-lever', 30_000 + $i], range(1, 1000)),
            ]),
            new Scope(all: true),
            Asker::here(),
        );
        $slow = $this->rig->open('Slow', 'program');
        $work = $long($slow, 1);
        $work->current();
        $this->assertSame(30_100, $this->rig->rig->work()->live->state->hands['fennel/left-lever']);
        $this->assertContains(
            'fennel/mark',
            $this->rig->step([[5, 'fennel/mark', 1]], 1_000_000)['closed'],
            'a hand of which nobody would wait',
        );
        $this->assertSame(
            503,
            $this->rig->call('POST', '/hands/'.$slow, ['n' => 1])->status,
            'the same batch, asked for meanwhile',
        );
        while ($work->valid()) {
            $work->next();
        }
        $this->assertSame(1000, $work->getReturn()->body['taken']);
        $this->assertSame(
            1000,
            $this->rig->call('POST', '/hands/'.$slow, ['n' => 1])->body['taken'],
            'asked for once more',
        );
        $this->assertSame(31_000, $this->rig->seen()['hands']['fennel/left-lever']);
        $work = $long($slow, 2);
        $work->current();
        $this->rig->call('DELETE', '/hands/'.$slow);
        $work->next();
        $this->assertSame([false, 410], [$work->valid(), $work->getReturn()->status], 'the hand has gone meanwhile');
    }

    public function test_an_edit_is_under_the_hands_at_once_and_nothing_is_stuck(): void
    {
        $this->rig->step([[20_000, 'fennel/left-lever', 64_903], [30_000, 'fennel/ring', 1]], 100_000);
        $this->edit('shape/range', ['axis' => 'fennel/left-lever', 'low' => '0', 'high' => '50']);
        $seen = $this->rig->seen();
        $this->assertContains(32768, array_column($seen['sent'], 'value'));
        $this->assertContains(
            ['The set was changed', 'Left lever', 'sends 50.0 % on axis 1'],
            array_column($seen['lines'], 'parts'),
        );
        $this->assertSame(app(SetStore::class)->open('skerrywing')->program, $seen['program']);
        $this->assertSame('On water', $seen['layer']['name'], 'what is held is held still');
        $this->assertSame('Cruise', $this->rig->step([[110_000, 'fennel/ring', 0]], 120_000)['layer']['name']);
    }

    public function test_another_set_is_put_in_play_only_by_an_order(): void
    {
        $this->rig->step([[20_000, 'fennel/left-lever', 64_903]], 50_000);
        $this->rig->calls->look(['page' => 'house'], '', new Scope(all: true), static function (): void {});
        $this->assertSame('skerrywing', $this->rig->seen()['set'], 'somebody else is there');
        $this->assertSame(204, $this->rig->order('put in play', ['set' => 'house'])->status);
        $seen = $this->rig->seen();
        $this->assertSame('house', $seen['set']);
        $this->assertSame(64_903, $seen['axes']['fennel/left-lever']['reading']);
        $this->assertNull($seen['axes']['fennel/left-lever']['sent']);
        $this->assertSame(422, $this->rig->order('put in play', ['set' => 'nowhere'])->status);
    }

    public function test_each_simulator_keeps_its_game_while_another_is_in_play(): void
    {
        $this->rig->step([[20_000, 'fennel/mark', 1]], 200_000);
        $this->assertEquals(1, $this->rig->seen()['variables']['sack']['value']);
        $this->rig->order('put in play', ['set' => 'hairpin-ladder']);
        $this->assertArrayNotHasKey('sack', $this->rig->seen(300_000)['variables']);
        $this->rig->order('put in play', ['set' => 'skerrywing']);
        $this->assertEquals(1, $this->rig->seen(400_000)['variables']['sack']['value']);
    }

    public function test_the_only_page_has_its_set_in_play(): void
    {
        $rig = $this->rig('', withHand: false);
        $this->assertSame('skerrywing', $rig->rig->set());
        $rig->calls->look(['page' => 'hairpin-ladder'], '', new Scope(all: true), static function (): void {});
        $this->assertSame('hairpin-ladder', $rig->rig->set());
    }

    public function test_after_a_kill_places_and_toggles_are_there_and_nothing_is_stuck(): void
    {
        $this->edit(
            'cells',
            [
                'layer' => 'base', 'ref' => 'fennel/left-thumb', 'does' => 'key', 'behaviour' => 'toggle',
                'output' => ['code' => 'KeyT'],
            ],
        );
        $this->rig->seen();
        $this->rig->step(
            [
                [10_000, 'fennel/left-thumb', 1], [15_000, 'fennel/left-thumb', 0], [16_000, 'fennel/ring', 1],
                [17_000, 'fennel/switch-1.up', 1], [18_000, 'fennel/left-lever', 40_000],
            ],
            20_000,
        );
        $this->rig->rig->save();
        $again = new TestRig($this->rig->snapshot, '');
        $seen = $again->seen();
        $this->assertSame('Cruise', $seen['layer']['name'], 'who held the ring is not there');
        $this->assertContains('fennel/switch-1.up', $seen['closed']);
        $this->assertSame(40_000, $seen['hands']['fennel/left-lever']);
        $this->assertArrayHasKey('key KeyT', $again->rig->work()->live->state->run->holds->holders);
        $this->assertGreaterThanOrEqual(20_000, $again->clock->time, 'time goes on');
    }

    public function test_told_to_end_it_lets_go_of_everything_and_then_remembers(): void
    {
        $this->edit('cells', [
            'layer' => 'base', 'ref' => 'fennel/left-thumb', 'does' => 'key',
            'behaviour' => 'toggle', 'output' => ['code' => 'KeyT']]);
        $this->rig->seen();
        $this->rig->step(
            [[10_000, 'fennel/left-thumb', 1], [15_000, 'fennel/left-thumb', 0], [18_000, 'fennel/left-lever', 40_000]],
            20_000,
        );
        $this->rig->rig->end();
        $this->assertContains(
            ['key', 'KeyT', 0],
            array_map(fn (array $row) => [$row['kind'], $row['target'], $row['value']], $this->rig->seen()['sent']),
        );
        $again = new TestRig($this->rig->snapshot, '');
        $this->assertArrayNotHasKey('key KeyT', $again->rig->work()->live->state->run->holds->holders);
        $this->assertSame(40_000, $again->seen()['hands']['fennel/left-lever']);
    }

    public function test_edited_while_nothing_ran_the_controls_are_where_they_were(): void
    {
        $this->rig->step([[18_000, 'fennel/left-lever', 40_000], [19_000, 'fennel/ring', 1]], 20_000);
        $this->rig->rig->save();
        $this->edit('shape/range', ['axis' => 'fennel/left-lever', 'low' => '0', 'high' => '50']);
        $seen = (new TestRig($this->rig->snapshot, ''))->seen();
        $this->assertSame([40_000, 'Cruise'], [$seen['hands']['fennel/left-lever'], $seen['layer']['name']]);
    }

    public function test_a_snapshot_that_is_damaged_is_not_read_but_the_set_stays_in_play(): void
    {
        $this->rig->order('put in play', ['set' => 'house']);
        $this->rig->step([[18_000, 'fennel/left-lever', 40_000]], 20_000);
        $this->rig->rig->save();
        $content = (string) file_get_contents($this->rig->snapshot);
        $content[strlen($content) - 40] = chr(ord($content[strlen($content) - 40]) ^ 1);
        file_put_contents($this->rig->snapshot, $content);
        $this->assertSame('house', (new TestRig($this->rig->snapshot, ''))->seen()['set']);
    }

    public function test_a_set_that_cannot_be_put_together_leaves_the_old_one_in_play_and_says_so(): void
    {
        $this->rig->step([[5, 'fennel/ring', 1]], 10);
        $fennel = DeviceRecord::query()->findOrFail('fennel');
        $document = $fennel->document;
        $fennel->update(['document' => '{"format":"nailrod-device"}']);
        SetRecord::query()->where('id', 'skerrywing')->update(['program' => null]);
        $seen = $this->rig->seen();
        $this->assertNotSame('', $seen['broken']);
        $this->assertSame('On water', $seen['layer']['name']);
        $this->assertSame('Cruise', $this->rig->step([[20, 'fennel/ring', 0]], 30)['layer']['name']);
        $fennel->update(['document' => $document]);
        $this->assertSame('', $this->rig->seen()['broken']);
    }

    public function test_a_rig_whose_set_cannot_be_put_together_begins_says_why_and_goes_on_once_it_is_mended(): void
    {
        $fennel = DeviceRecord::query()->findOrFail('fennel');
        $document = $fennel->document;
        $fennel->update(['document' => '{"format":"nailrod-device"}']);
        SetRecord::query()->update(['program' => null]);
        $rig = $this->rig('', withHand: false);
        $reply = $rig->call('POST', '/hands', ['name' => 'X', 'kind' => 'page']);
        $this->assertSame(422, $reply->status);
        $this->assertStringStartsWith(
            'Nothing is in play, since the set cannot be put together: ',
            $reply->body['problem'],
        );
        $this->assertSame(200, $rig->call('GET', '/health')->status);
        $fennel->update(['document' => $document]);
        $rig->rig->reread();
        $this->assertSame(200, $rig->call('POST', '/hands', ['name' => 'X', 'kind' => 'page'])->status);
    }

    public function test_a_phrase_is_known_however_it_is_written(): void
    {
        $this->assertSame(
            ['port' => 'phrases/phrase-4'],
            $this->rig->order('phrase', ['said' => ' lines   IN '])->body,
        );
        $reply = $this->rig->order('phrase', ['said' => 'Fly home']);
        $this->assertSame(
            [422, 'No phrase of the rig is called "Fly home".'],
            [$reply->status, $reply->body['problem']],
        );
    }

    public function test_a_set_that_is_removed_gives_its_place_to_another(): void
    {
        $this->rig->order('put in play', ['set' => 'hairpin-ladder']);
        $this->assertSame('hairpin-ladder', $this->rig->seen()['set']);
        SetRecord::query()->where('id', 'hairpin-ladder')->update(['removed' => true]);
        $this->assertSame('skerrywing', $this->rig->seen()['set']);
    }

    public function test_an_eye_that_comes_back_is_told_what_it_missed_and_after_long_all_of_it(): void
    {
        $this->rig->step([[20_000, 'fennel/mark', 1]], 30_000);
        $frames = '';
        $eye = $this->rig->calls->look([], '', new Scope(all: true), function (string $frame) use (&$frames): void {
            $frames .= $frame;
        });
        preg_match_all('/^id: (\S+)$/m', $frames, $ids);
        $last = (string) end($ids[1]);
        $this->rig->calls->gone($eye);
        $this->rig->step([[40_000, 'fennel/ring', 1]], 50_000);
        $frames = '';
        $this->rig->calls->look([], $last, new Scope(all: true), function (string $frame) use (&$frames): void {
            $frames .= $frame;
        });
        $this->assertStringContainsString('On water', $frames);
        $this->assertStringNotContainsString('"whole":true', $frames);
        $this->rig->seen(20_000_000);
        $this->rig->step([[20_000_000, 'fennel/ring', 0]], 20_000_001);
        foreach ([$last, 'another-boot-7', 'nonsense'] as $id) {
            $frames = '';
            $this->rig->calls->look([], $id, new Scope(all: true), function (string $frame) use (&$frames): void {
                $frames .= $frame;
            });
            $this->assertStringContainsString('"whole":true', $frames, $id);
        }
    }

    public function test_a_new_eye_is_told_the_sheet_after_the_picture_that_it_belongs_to(): void
    {
        $frames = '';
        $this->rig->calls->look(
            ['look' => 'fennel'],
            '',
            new Scope(all: true),
            function (string $frame) use (&$frames): void {
                $frames .= $frame;
            },
        );
        preg_match_all('/^event: (\w+)$/m', $frames, $kinds);
        $this->assertSame(['hello', 'rows', 'picture', 'sheet'], $kinds[1]);
    }

    /** @return array<string, int|float|string> what an eye that comes now is told to be on, by kind and target */
    private function on(string $last = ''): array
    {
        $this->rig->on = [];
        $this->rig->look($last);

        return array_combine(
            array_map(fn (array $row): string => $row['kind'].' '.$row['target'], $this->rig->on),
            array_column($this->rig->on, 'value'),
        );
    }

    public function test_an_eye_is_told_first_what_is_on_and_one_that_comes_back_goes_on(): void
    {
        $before = $this->on();
        $this->assertArrayNotHasKey('button 1', $before);
        $this->rig->step([[20_000, 'fennel/ring', 1]], 100_000);
        $held = $this->on();
        $this->assertSame(
            ['On water', 'green'],
            [$held['layer live'], $held['lamp fennel/lamp-2'] ?? $held['lamp fennel/lamp-1'] ?? ''],
        );
        $this->assertIsInt($held['axis 1'], 'axes that were sent');
        $this->assertArrayHasKey('variable lights_cabin', $held + ['variable lights_cabin' => 0]);
        $last = $this->rig->eye?->id;
        $id = '';
        $this->rig->calls->look(['see' => 'rows'], '', new Scope(all: true), function (string $frame) use (&$id): void {
            $id = preg_match('/^id: (\S+)$/m', $frame, $match) === 1 ? $match[1] : $id;
        });
        $this->assertNotNull($last);
        $this->assertSame([], $this->on($id), 'the same process, nothing missed');
        $this->assertNotSame([], $this->on('another-1'), 'another process');
        $this->rig->step([[200_000, 'fennel/ring', 0]], 300_000);
        $this->assertSame('Cruise', $this->on()['layer live']);
    }

    public function test_a_device_goes_with_the_last_hand_that_feeds_it_and_a_second_one_is_told(): void
    {
        $first = $this->rig->open('Box', 'program', 'bracken');
        $second = $this->rig->call(
            'POST',
            '/hands',
            ['name' => 'Box again', 'kind' => 'program', 'devices' => ['bracken']],
        )->body;
        $this->assertSame(['bracken' => ['Box']], $second['shared']);
        $this->assertContains(
            'Bracken is fed by Box again too, beside Box. It stays until the last of them goes.',
            $this->rig->said,
        );
        $this->rig->call('DELETE', '/hands/'.$first);
        $this->assertSame([], $this->rig->seen()['unplugged']);
        $this->assertSame(
            200,
            $this->rig->call(
                'POST',
                '/hands/'.$second['hand'],
                ['n' => 1, 'inputs' => [[1, 'bracken/push-1', 1]]],
            )->status,
        );
        $this->assertContains('bracken/push-1', $this->rig->seen()['closed'], 'the one that stays is heard');
        $this->rig->call('DELETE', '/hands/'.$second['hand']);
        $this->assertSame(['bracken'], $this->rig->seen()['unplugged']);
        // Of two browsers that read one controller one no longer sees it.
        [$one, $other] = [
            $this->rig->open('One browser', 'page', 'gorse'), $this->rig->open('Other browser', 'page', 'gorse'),
        ];
        $this->rig->call('POST', '/hands/'.$other, ['n' => 1, 'plugs' => ['gorse' => false]]);
        $this->assertSame(['bracken'], $this->rig->seen()['unplugged'], 'the first browser reads it still');
        $this->rig->call('POST', '/hands/'.$one, ['n' => 1, 'plugs' => ['gorse' => false]]);
        $this->assertSame(['bracken', 'gorse'], $this->rig->seen()['unplugged']);
    }

    public function test_a_hand_that_was_given_up_does_not_take_the_device_of_the_one_that_came_after(): void
    {
        $this->rig->open('Box', 'program', 'bracken');
        $again = $this->rig->open('Box', 'program', 'bracken');
        foreach ([1_000_000, 2_000_000, 3_500_000] as $n => $now) {
            $this->rig->clock->time = $now;
            $this->rig->call('POST', '/hands/'.$again, ['n' => $n + 1]);
            $seen = $this->rig->seen();
        }
        $this->assertSame(
            [['Box'], []],
            [
                array_column(
                    array_filter(
                        $this->rig->health->told($this->rig->rig)['hands'],
                        fn (array $hand) => $hand['kind'] === 'program',
                    ),
                    'name',
                ),
                $seen['unplugged'],
            ],
        );
    }

    public function test_an_address_and_a_phone_have_few_hands_and_eyes_and_a_part_is_kept_for_this_machine(): void
    {
        $ask = fn (int $address, string $phone = ''): int => $this->rig->calls->answer(
            'POST',
            '/hands',
            '{"name": "X", "kind": "panel"}',
            new Scope(panel: 'clover', phone: 'Phone', of: $phone),
            Asker::at('tcp://192.168.7.'.$address.':4000'),
        )->status;
        $this->assertSame([200, 200, 422], [$ask(9), $ask(9), $ask(9)], 'two of an address');
        $this->assertSame(
            [200, 200, 422],
            [$ask(10, 'a'), $ask(11, 'a'), $ask(12, 'a')],
            'two of a phone, wherever it is',
        );
        $statuses = array_map(fn (int $address): int => $ask($address), range(20, 60));
        $this->assertSame(
            InputSources::MOST - 8,
            4 + count(array_keys($statuses, 200, true)),
            'of all that come from elsewhere',
        );
        for ($n = 1; $n < 8; $n++) {
            $this->assertSame(200, $this->rig->call('POST', '/hands', ['name' => 'Desk', 'kind' => 'program'])->status);
        }
        $this->assertSame(
            [422, 422],
            [$this->rig->call('POST', '/hands', ['name' => 'Desk', 'kind' => 'program'])->status, $ask(9)],
        );
        $look = fn (int $address): mixed => $this->rig->calls->look(
            [],
            '',
            new Scope(panel: 'clover'),
            static function (): void {},
            Asker::at('tcp://192.168.8.'.$address.':4000'),
        );
        $look(9);
        $look(9);
        $this->expectExceptionMessage('There are too many eyes from elsewhere: 2 is the most.');
        $look(9);
    }

    public function test_a_hand_of_a_page_goes_with_its_eye(): void
    {
        $eye = $this->rig->calls->look([], '', new Scope(all: true), static function (): void {});
        $hand = (string) $this->rig->call(
            'POST',
            '/hands',
            ['name' => 'Page', 'kind' => 'page', 'eye' => $eye->id],
        )->body['hand'];
        $this->rig->call('POST', '/hands/'.$hand, ['n' => 1, 'inputs' => [[5, 'fennel/ring', 1]]]);
        $this->assertSame('On water', $this->rig->seen()['layer']['name']);
        $this->rig->calls->gone($eye);
        $this->assertSame('Cruise', $this->rig->seen()['layer']['name']);
        $this->assertSame(410, $this->rig->call('POST', '/hands/'.$hand, ['n' => 2])->status);
    }

    public function test_a_token_allows_what_it_says_and_nothing_else(): void
    {
        $feed = new Scope(feeds: ['fennel']);
        $hand = (string) $this->rig->call(
            'POST',
            '/hands',
            ['name' => 'Script', 'kind' => 'program'],
            $feed,
        )->body['hand'];
        $reply = $this->rig->call(
            'POST',
            '/hands/'.$hand,
            [
                'n' => 1, 'inputs' => [[5, 'fennel/mark', 1], [6, 'gorse/hat', 2], [7, 'sim/sack', 3]],
                'plugs' => ['gorse' => false],
            ],
            $feed,
        );
        $this->assertSame(1, $reply->body['taken']);
        $this->assertStringStartsWith(
            'gorse/hat: This token does not allow to move gorse.',
            $reply->body['problems'][0],
        );
        $this->assertSame([], $this->rig->seen()['unplugged']);
        $this->assertSame(403, $this->rig->call('POST', '/orders', ['order' => 'let go'], $feed)->status);
        $this->assertSame(
            403,
            $this->rig->call(
                'POST',
                '/hands',
                ['name' => 'Script', 'kind' => 'program', 'devices' => ['gorse']],
                $feed,
            )->status,
        );
        $this->assertSame(
            403,
            $this->rig->call('POST', '/hands', ['name' => 'Script', 'kind' => 'program'], new Scope(see: true))->status,
        );
        $this->assertSame(403, $this->rig->call('GET', '/survey', [], $feed)->status);
        $this->assertSame(
            403,
            $this->rig->call(
                'POST',
                '/hands/'.$this->rig->hand,
                ['n' => 1, 'inputs' => [[5, 'gorse/hat', 2]]],
                $feed,
            )->status,
            'the hand of a page, whose id every eye sees',
        );
        $this->assertSame(
            403,
            $this->rig->call('DELETE', '/hands/'.$this->rig->hand, [], new Scope(see: true))->status,
        );
        $game = new Scope(games: ['skerrywing']);
        $hand = (string) $this->rig->call('POST', '/hands', ['name' => 'Game', 'kind' => 'game'], $game)->body['hand'];
        $reply = $this->rig->call(
            'POST',
            '/hands/'.$hand,
            ['n' => 1, 'inputs' => [[5, 'sim/sack', 3], [5, 'fennel/mark', 1]]],
            $game,
        );
        $this->assertSame([1, 1], [$reply->body['taken'], count($reply->body['problems'])]);
    }

    public function test_a_program_brings_a_device_that_stays_and_is_plugged_in_while_it_is_there(): void
    {
        $box = ['format' => 'nailrod-device', 'version' => 1, 'id' => 'yarrow', 'name' => 'Yarrow',
            'kind' => 'button box', 'face' => [
            'width' => 300, 'height' => 300,
        ], 'controls' => [
            ['id' => 'knob', 'name' => 'Knob', 'kind' => 'button', 'at' => [150, 150], 'contacts' => [['number' => 1]]],
        ]];
        $scope = new Scope(feeds: ['yarrow']);
        $open = fn (array $device, Scope $scope) => $this->rig->call(
            'POST',
            '/hands',
            ['name' => 'Box', 'kind' => 'program', 'devices' => [$device]],
            $scope,
        );
        $this->assertSame(403, $open($box, new Scope(feeds: ['fennel']))->status);
        $hand = (string) $open($box, $scope)->body['hand'];
        $this->assertSame(
            1,
            $this->rig->call(
                'POST',
                '/hands/'.$hand,
                ['n' => 1, 'inputs' => [[5, 'yarrow/knob', 1]]],
                $scope,
            )->body['taken'],
        );
        $this->assertContains('yarrow/knob', $this->rig->seen()['closed']);
        $this->get('/sets/skerrywing/rig?device=yarrow')->assertOk()->assertSee('Yarrow button box');
        $this->rig->call('DELETE', '/hands/'.$hand, [], $scope);
        $this->assertSame(
            [['yarrow'], false],
            [$this->rig->seen()['unplugged'], in_array('yarrow/knob', $this->rig->seen()['closed'], true)],
        );
        $this->assertSame(200, $open($box, $scope)->status, 'the same once more');
        $this->assertSame([], $this->rig->seen()['unplugged']);
        $reply = $open(['name' => 'Another'] + $box, $scope);
        $this->assertSame(
            [
                422,
                'devices: found "yarrow", expected an id that no other device has, or the very same device as before.',
            ],
            [$reply->status, $reply->body['problem']],
        );
        $reply = $open(['controls' => [['id' => 'knob']]] + $box, $scope);
        $this->assertSame(422, $reply->status);
        $this->assertStringStartsWith('devices.controls[0]', $reply->body['problem']);
        $this->assertSame(
            422,
            $this->rig->call('POST', '/hands', ['name' => 'Box', 'kind' => 'program', 'devices' => [5]])->status,
        );
        $this->assertSame(
            422,
            $this->rig->call(
                'POST',
                '/hands',
                ['name' => 'Box', 'kind' => 'program', 'devices' => array_fill(0, 17, 'fennel')],
            )->status,
        );
    }

    public function test_the_tape_says_which_hand_did_it_unless_it_was_the_only_page(): void
    {
        $this->assertArrayNotHasKey('by', $this->rig->step([[5, 'fennel/mark', 1]], 10)['lines'][0]);
        $hand = $this->rig->open('My box', 'program');
        $this->rig->call(
            'POST',
            '/hands/'.$hand,
            ['n' => 1, 'inputs' => [[5, 'fennel/ring', 1], [6, 'fennel/left-lever', 99_999]]],
        );
        $this->assertSame('My box', $this->rig->seen()['lines'][0]['by']);
        $this->assertSame(
            'Test',
            $this->rig->step([[30_000, 'fennel/mark', 0], [40_000, 'fennel/mark', 1]], 50_000)['lines'][0]['by'],
        );
    }

    public function test_what_makes_no_sense_is_refused_with_its_place(): void
    {
        foreach ([
            ['/hands', ['name' => '', 'kind' => 'page'], 'name: found "", expected a name for the hand.'],
            [
                '/hands', ['name' => 'X', 'kind' => 'ghost'],
                'kind: found "ghost", expected page, panel, program, game, recording.',
            ],
            [
                '/hands', ['name' => 'X', 'kind' => 'page', 'devices' => ['nowhere']],
                'devices: found "nowhere", expected a device of the rig.',
            ],
            [
                '/orders', ['order' => 'dance'],
                'order: found "dance", expected put in play, let go, phrase, shut window, try macro, survey, look, '
                    .'record, keep, play, stop or start again.',
            ],
            [
                '/orders', ['order' => 'survey', 'what' => 'measure', 'ref' => 'nowhere/x'],
                'ref: found "nowhere/x", expected an axis, a control or a device of the rig.',
            ],
        ] as [$path, $body, $problem]) {
            $reply = $this->rig->call('POST', $path, $body);
            $this->assertSame([422, $problem], [$reply->status, $reply->body['problem']]);
        }
        foreach (['{', '[]x', '"text"', '[1]', "\xff", str_repeat('[', 600)] as $body) {
            $this->assertSame(
                422,
                $this->rig->calls->answer('POST', '/orders', $body, new Scope(all: true))->status,
                $body,
            );
        }
        $this->assertSame(404, $this->rig->call('GET', '/nothing')->status);
    }

    public function test_lamps_that_the_game_moves_are_lit_and_fill_neither_tape_nor_lanes(): void
    {
        $this->rig->step([[20_000, 'fennel/left-lever', 58_000]], 100_000);
        $kinds = $lines = [];
        for ($n = 2; $n < 60; $n++) {
            $seen = $this->rig->seen(100_000 * $n);
            array_push($kinds, ...array_column($seen['sent'], 'kind'));
            array_push($lines, ...$seen['lines']);
        }
        $this->assertStringStartsWith('green', (string) $seen['lamps']['rowan/rev-6']);
        $this->assertNotContains('lamp', $kinds);
        $this->assertSame([], $lines);
        $this->assertContains(
            'rowan/rev-6',
            array_column($this->rig->byItself, 'target'),
            'a program that drives the lamps is told',
        );
        $this->assertStringStartsWith(
            'green',
            (string) array_column($this->rig->byItself, 'value', 'target')['rowan/rev-6'],
            'as in the CSV',
        );
        $lit = $this->rig->step([[100_000 * $n - 5, 'fennel/ring', 1]], 100_000 * $n);
        $this->assertSame(
            ['green'],
            array_column(array_filter($lit['sent'], fn (array $row) => $row['kind'] === 'lamp'), 'value'),
            'what a hand lights is told, and drawn in its lane',
        );
    }

    public function test_after_an_hour_of_sleep_an_eye_is_told_what_it_can_show(): void
    {
        $this->edit(
            'cells',
            [
                'layer' => 'base', 'ref' => 'fennel/mark', 'does' => 'button', 'behaviour' => 'repeat',
                'output' => ['number' => '40'],
                'behave' => [
                    'delay_ms' => '450', 'period_ms' => '125', 'width_ms' => '60', 'while' => 'until pressed again',
                ],
            ],
        );
        $this->rig->seen();
        $this->rig->step([[20_000, 'fennel/mark', 1], [30_000, 'fennel/mark', 0]], 100_000);
        $seen = $this->rig->seen(600_000_000);
        $this->assertLessThanOrEqual(Subscribers::MOST_ROWS, count($seen['sent']));
        $this->assertGreaterThan(599_000_000, end($seen['sent'])['t']);
    }

    public function test_how_late_timers_were_is_told_for_a_minute_and_no_longer(): void
    {
        $late = fn () => $this->rig->call('GET', '/health')->body['latest_timer_us'];
        $this->assertSame(0, $late());
        $this->rig->health->late(-300);
        $this->assertSame(0, $late());
        foreach ([4000, 7000, 2000] as $us) {
            $this->rig->health->late($us);
        }
        $this->rig->health->second($this->rig->rig);
        $this->rig->health->late(5000);
        for ($second = 2; $second <= 59; $second++) {
            $this->rig->health->second($this->rig->rig);
        }
        $this->assertSame(7000, $late());
        $this->rig->health->second($this->rig->rig);
        $this->assertSame(5000, $late());
        $this->rig->health->second($this->rig->rig);
        $this->assertSame(0, $late());
    }
}
