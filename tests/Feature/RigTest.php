<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DeviceRecord;
use App\Sets\Devices;
use App\Sets\SetStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Rig\Device\OwnMouse;
use Nailrod\Core\Set\PartPath;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What is said of the rig goes into the root set, and can be undone. */
final class RigTest extends TestCase
{
    private TestRig $rig;

    private int $now = 1;

    protected function setUp(): void
    {
        parent::setUp();
        $this->artisan('nailrod:demo');
        $this->rig = $this->rig();
    }

    private function at(): int
    {
        return (int) app(SetStore::class)->open('house')->head_id;
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return TestResponse<Response>
     */
    private function edit(string $what, array $fields): TestResponse
    {
        return $this->from('/sets/skerrywing/rig')->post(
            '/sets/house/rig/'.$what,
            ['from' => $this->at()] + $fields,
        )->assertRedirect();
    }

    /** @param list<array{int, string, int}> $rows ms from now on, port, value */
    private function work(array $rows, int $ms): void
    {
        $from = $this->now;
        $inputs = array_map(fn (array $row) => [$from + 1000 * $row[0], $row[1], $row[2]], $rows);
        $this->now = $from + 1000 * $ms;
        foreach (array_chunk($inputs, 4000) as $piece) {
            $this->assertSame([], $this->rig->step($piece, $piece[count($piece) - 1][0])['problems']);
        }
    }

    /** @return array<string, mixed> what an eye sees then */
    private function survey(string $what, string $ref = ''): array
    {
        $this->rig->seen($this->now);
        $reply = $this->rig->order('survey', ['what' => $what, 'ref' => $ref]);

        return ['status' => $reply->status] + $this->rig->seen();
    }

    /** @return array<string, mixed> */
    private function now(): array
    {
        return $this->rig->seen($this->now);
    }

    /** The rudder goes from one reading to another in this time, trembling. */
    private function rudder(int $from, int $to, int $ms): void
    {
        $rows = [];
        for ($t = 0; $t < $ms; $t += 20) {
            $rows[] = [$t, 'sedge/rudder', (int) round($from + ($to - $from) * $t / $ms) + ($t / 20 * 7919) % 81 - 40];
        }
        $this->work($rows, $ms);
    }

    public function test_a_control_is_named_labelled_and_placed_for_every_set_and_that_is_undone(): void
    {
        $this->edit(
            'note',
            ['control' => 'fennel/mark', 'name' => 'Sack button', 'label' => 'SACK', 'x' => '700', 'y' => '240'],
        )
            ->assertSessionHas(
                'said',
                'Fennel, Sack button: not said here → named "Sack button", label "SACK", at 700, 240',
            );
        foreach (['house', 'skerrywing'] as $set) {
            $this->get('/sets/'.$set.'/rig?device=fennel')
                ->assertOk()
                ->assertSee('Sack button')
                ->assertSee('translate(700 240)', false);
        }
        $this->get('/sets/skerrywing/assign')->assertSee('SACK');
        $this->from('/sets/skerrywing/rig')->post('/sets/house/undo', ['from' => $this->at()])->assertRedirect();
        $this->get('/sets/skerrywing/rig?device=fennel')->assertSee('Mark button');
        $this->edit('note', ['control' => 'fennel/mark', 'debounce' => '15'])->assertSessionHas(
            'said',
            'Fennel, Mark button: not said here → debounced 15 ms',
        );
        $this->get(
            '/sets/skerrywing/rig?device=fennel&do=arrange&ref=fennel/mark',
        )->assertSee('id="n-debounce" value="15"', false);
        $this->edit('note', ['control' => 'fennel/mark', 'debounce' => '0']);
        $this->edit('note', ['control' => 'fennel/mark', 'name' => 'X']);
        $this->edit('give-back', ['control' => 'fennel/mark']);
        $this->get('/sets/skerrywing/rig?device=fennel')->assertSee('Mark button');
    }

    public function test_what_cannot_be_said_of_a_control_is_refused(): void
    {
        $before = $this->at();
        $this->edit('note', ['control' => 'fennel/mark', 'kind' => 'lever'])->assertSessionHas(
            'problem',
            'Fennel, Mark button, kind: found "lever", expected a kind that fits what it reports: 0 axes, 1 contacts.',
        );
        $this->edit('note', ['control' => 'fennel/mark', 'x' => '9999', 'y' => '1'])->assertSessionHasErrors();
        $this->edit('teach', [])->assertSessionHas(
            'problem',
            'Positions: found no switch that is being taught, expected a switch that was flipped through its '
                .'positions.',
        );
        $this->edit('measured', ['parts' => ['calibrate']])->assertSessionHas(
            'problem',
            'Axis: found no axis that was measured to the end, expected one that went through all four steps.',
        );
        $this->assertSame($before, $this->at());
    }

    public function test_two_tabs_that_name_controls_are_told_of_each_other(): void
    {
        $old = $this->at();
        $this->edit('note', ['control' => 'fennel/mark', 'name' => 'Mine']);
        $this->from('/sets/skerrywing/rig?device=fennel')->post(
            '/sets/house/rig/note',
            ['from' => $old, 'control' => 'fennel/mark', 'name' => 'Yours'],
        )
            ->assertStatus(409)->assertSee('Mine')->assertSee('Yours')->assertSee('/sets/skerrywing/rig', false);
        $this->get('/sets/skerrywing/rig?device=fennel')->assertSee('Mine')->assertDontSee('Yours');
    }

    public function test_a_switch_is_taught_by_flipping_it_once(): void
    {
        $this->work([[10, 'gorse/button-1', 1]], 200);
        $this->assertSame(false, data_get($this->survey('teach', 'gorse/button-1'), 'teaching.done'));
        $this->work([[10, 'gorse/button-1', 0], [400, 'gorse/button-2', 1]], 900);
        $this->assertSame(422, $this->survey('none')['status']);
        $this->assertSame('Up is 3, middle reports nothing and down is 4.', $this->now()['teaching']['sentence']);
        $this->edit('teach', [])->assertSessionHas(
            'said',
            'Gorse, Button 1: not said here → a three-way switch, positions up 3, down 4, middle by none',
        );
        $closed = $this->now()['closed'];
        $this->assertContains('gorse/button-2', $closed, 'down, with the name it had');
        $this->assertNotContains('gorse/button-1.middle', $closed);
        $this->work([[10, 'gorse/button-2', 0]], 100);
        $closed = $this->now()['closed'];
        $this->assertContains('gorse/button-1.middle', $closed);
        $this->assertSame(null, data_get($this->survey('end'), 'teaching'));
    }

    public function test_the_rudder_is_measured_and_takes_the_proposal_in_one_revision(): void
    {
        $this->assertSame(422, $this->survey('measure', 'sedge/none')['status']);
        $this->assertSame('rest', data_get($this->survey('measure', 'sedge/rudder'), 'sweep.phase'));
        $this->rudder(1904, 1904, 900);
        $this->assertSame(
            'That was 0.9 s; it takes 2 s at least. Once more.',
            $this->survey('next')['sweep']['complaint'],
        );
        $this->rudder(1904, 1904, 2200);
        $this->assertSame('low end', data_get($this->now(), 'sweep.phase'), 'it goes on by itself');
        $this->rudder(1904, 491, 500);
        $this->rudder(491, 491, 1000);
        $this->assertSame('high end', data_get($this->survey('next'), 'sweep.phase'), 'or when somebody says so');
        $this->rudder(491, 3317, 500);
        $this->rudder(3317, 3317, 1300);
        $this->assertSame('slow pass', data_get($this->now(), 'sweep.phase'));
        $this->rudder(3317, 491, 3300);
        $this->rudder(491, 3317, 3300);
        $this->rudder(3317, 3317, 1000);
        $this->assertSame(true, data_get($this->now(), 'sweep.done'));
        $page = '/sets/skerrywing/rig?do=measure&ref=sedge/rudder&measured=sedge/rudder';
        $this->get($page)
            ->assertOk()
            ->assertSee('69 % of what the device can report')
            ->assertSee('Take what is ticked')
            ->assertSee('+100.0 %');
        $this->edit('measured', [])->assertSessionHasErrors('parts');
        $this->edit('measured', ['parts' => ['curve']])->assertSessionHasErrors('parts.0');
        $this->edit('measured', ['parts' => ['steady']])->assertSessionHasNoErrors();
        $this->assertFalse(
            app(SetStore::class)->open('house')->head->set()->says(PartPath::axis('sedge/rudder', 'dead_zones')),
            'what is not ticked is left',
        );
        $this->get($page)->assertDontSee('This is how the axis is shaped now.');
        $before = $this->at();
        $this->edit('measured', ['parts' => ['calibrate', 'steady', 'dead_zones']])->assertSessionHasNoErrors();
        $revision = app(SetStore::class)->open('house')->head;
        $this->assertSame($before, $revision->made_from, 'one revision');
        foreach (['calibrate', 'steady', 'dead_zones'] as $part) {
            $this->assertTrue($revision->set()->says(PartPath::axis('sedge/rudder', $part)));
        }
        $this->get($page)->assertSee('This is how the axis is shaped now.');
        foreach ([[491, '-100.0 %'], [1904, '0.0 %'], [3317, '+100.0 %']] as [$reading, $words]) {
            $this->rudder($reading, $reading, 200);
            $this->assertSame($words, $this->now()['axes']['sedge/rudder']['words']['value']);
        }
    }

    public function test_the_sheet_ticks_off_what_was_seen_and_begins_anew(): void
    {
        $this->work([[0, 'bracken/push-1', 1], [80, 'bracken/push-1', 0], [90, 'bracken/encoder-1', 1]], 200);
        $this->rig->order('look', ['eye' => $this->rig->eye?->id, 'device' => 'bracken']);
        $sheet = $this->now()['sheet'];
        $this->assertSame(
            ['seen' => true, 'count' => '1', 'low' => '', 'high' => '', 'shortest' => '80.0 ms', 'bounces' => ''],
            $sheet['rows']['bracken/push-1'],
        );
        $this->assertFalse($sheet['rows']['bracken/encoder-1']['seen'], 'one way only');
        $this->assertSame('1 of 24 inputs seen.', $sheet['summary']);
        $this->assertSame('Nothing of the 24 inputs has been seen yet.', $this->survey('sheet')['sheet']['summary']);
    }

    public function test_trembling_is_found_and_not_told_on_the_tape(): void
    {
        $this->rudder(1904, 1904, 1500);
        $answer = $this->rig->step([[$this->now, 'sedge/rudder', 1930]], $this->now);
        $this->assertSame([], $answer['lines']);
        $this->assertNull($answer['found']['ref']);
        $this->assertStringContainsString('Rudder trembles by itself', $answer['left_out']['sedge/rudder']);
    }

    public function test_a_stand_in_reports_in_binary(): void
    {
        $answer = $this->rig->step([[1000, 'gorse/hat', 2], [2000, 'gorse/button-6', 1]], 9000);
        $this->assertSame(
            '0008800002000280',
            $answer['reports']['gorse'],
            'stick and twist in the middle, the hat east, button 8',
        );
        $this->assertSame(2, $answer['hands']['gorse/hat']);
        $report = $this->rig->step(
            [[10_000, 'gorse/stick.x', 4095], [11_000, 'gorse/stick.y', 0]],
            12_000,
        )['reports']['gorse'];
        $this->assertSame(
            'ff0f',
            substr($report, 0, 4),
            'the report of the one axis says how the other was left just before',
        );
    }

    public function test_a_device_comes_from_its_report_descriptor_and_goes_again(): void
    {
        $text = "// two axes, four buttons\n"
            .'{0x05,0x01,0x09,0x05,0xA1,0x01,0x09,0x30,0x09,0x31,0x15,0x00,0x26,0xFF,0x00,'
            .'0x75,0x08,0x95,0x02,0x81,0x02,0x05,0x09,0x19,0x01,0x29,0x04,0x25,0x01,'
            .'0x75,0x01,0x95,0x04,0x81,0x02,0x95,0x04,0x81,0x03,0xC0}';
        $this->edit(
            'devices',
            [
                'name' => 'Old Thing', 'kind' => 'gamepad',
                'file' => UploadedFile::fake()->createWithContent('thing.txt', $text),
            ],
        )->assertSessionHas('said');
        $this->get('/sets/skerrywing/rig?device=old-thing')
            ->assertOk()
            ->assertSee('Old Thing gamepad')
            ->assertSee('2 axes, 4 contacts');
        $this->assertNotNull(DeviceRecord::query()->find('old-thing'));
        $this->rig->seen();
        $this->assertSame(
            '118008',
            $this->rig->step(
                [[1000, 'old-thing/button-4', 1], [2000, 'old-thing/x', 17]],
                9000,
            )['reports']['old-thing'],
        );
        $this->edit('devices/remove', ['device' => 'old-thing']);
        $this->get('/sets/skerrywing/rig')->assertDontSee('Old Thing gamepad');
        $this->edit(
            'devices',
            [
                'name' => 'Bad', 'kind' => 'stick',
                'file' => UploadedFile::fake()->createWithContent('bad.hex', '05 01 09'),
            ],
        )
            ->assertSessionHas(
                'problem',
                'bad.hex: found byte 2: found 0 bytes of data, expected 1, as the item says, expected a report '
                    .'descriptor (HID 1.11).',
            );
    }

    public function test_the_keyboard_of_the_computer_becomes_a_device_once_and_that_is_undone(): void
    {
        $this->get('/sets/skerrywing/rig')->assertDontSee('key-a', false);
        $this->edit(
            'own',
            ['own' => 'keyboard', 'open' => 'skerrywing'],
        )->assertSessionHasNoErrors()->assertSessionHas('said')->assertRedirect('/sets/skerrywing/rig?device=keyboard');
        $page = $this->get('/sets/skerrywing/rig?device=keyboard')
            ->assertOk()
            ->assertSee('126 contacts')
            ->assertSee('id="listen"', false);
        $this->assertStringContainsString('&quot;KeyA&quot;:&quot;keyboard\/key-a&quot;', (string) $page->getContent());
        $this->rig->seen();
        $this->assertContains(
            'keyboard/shift-left',
            $this->rig->step([[$this->now, 'keyboard/shift-left', 1]], $this->now)['closed'],
        );
        $this->from('/sets/skerrywing/rig')->post('/sets/house/undo', ['from' => $this->at()])->assertRedirect();
        $this->get('/sets/skerrywing/rig')->assertDontSee('key-a', false);
        $this->edit('own', ['own' => 'keyboard'])->assertSessionHas('said');
        $this->assertSame(1, DeviceRecord::query()->where('id', 'keyboard')->count());
        $this->edit('own', ['own' => 'moon'])->assertSessionHas(
            'problem',
            'Device: found "moon", expected keyboard or mouse or phrases.',
        );
    }

    public function test_where_a_mouse_is_read_by_its_reports_the_one_of_the_computer_is_another_device(): void
    {
        $kept = file_get_contents(base_path('tests/Kept/devices/mouse.device.json'));
        DeviceRecord::query()->where('id', 'mouse')->update(['document' => $kept]);
        $this->assertSame('mouse-2', app(Devices::class)->own(OwnMouse::class)->id);
        $this->assertSame('mouse-2', app(Devices::class)->own(OwnMouse::class)->id, 'it is there once');
    }

    public function test_phrases_are_added_renamed_and_removed_and_each_is_undone(): void
    {
        $this->edit('phrases', ['device' => 'phrases', 'phrase' => ' Cast   off '])->assertSessionHas('said');
        $this->get('/sets/skerrywing/rig?device=phrases&do=arrange')->assertOk()->assertSee('value="Cast off"', false);
        $this->rig->seen();
        $this->assertSame('phrases/phrase-13', $this->rig->order('phrase', ['said' => 'cast off'])->body['port']);
        $this->assertContains(
            'phrases/phrase-13',
            $this->rig->step([[$this->now, 'phrases/phrase-13', 1]], $this->now)['closed'],
        );
        $this->edit('note', ['control' => 'phrases/phrase-13', 'name' => 'Let go the lines'])->assertSessionHas('said');
        $this->rig->seen();
        $this->assertSame(
            'phrases/phrase-13',
            $this->rig->order('phrase', ['said' => 'let go the lines'])->body['port'],
        );
        $this->edit('phrases', ['device' => 'phrases', 'phrase' => 'Lights'])->assertSessionHas(
            'problem',
            'Phrase: found "Lights", expected one that the list does not have yet.',
        );
        $this->edit('phrases/remove', ['control' => 'phrases/phrase-13'])->assertSessionHas('said');
        $this->rig->seen();
        $this->assertSame(422, $this->rig->order('phrase', ['said' => 'let go the lines'])->status);
        $this->assertNotContains(
            'phrases/phrase-13',
            $this->rig->seen()['closed'],
            'a phrase that went while it was said is not stuck',
        );
        $this->from('/sets/skerrywing/rig')->post('/sets/house/undo', ['from' => $this->at()])->assertRedirect();
        $this->get('/sets/skerrywing/rig?device=phrases&do=arrange')->assertSee('Let go the lines');
    }

    public function test_a_device_file_of_ones_own_is_taken_where_devices_are_added(): void
    {
        $fennel = json_decode((string) file_get_contents(base_path('demo/devices/fennel.device.json')), true);
        $file = fn (array $document) => UploadedFile::fake()->createWithContent(
            'mine.device.json',
            (string) json_encode($document),
        );
        $this->edit(
            'devices',
            ['name' => '', 'kind' => 'throttle', 'file' => $file(['id' => 'yarrow', 'name' => 'Yarrow'] + $fennel)],
        )->assertSessionHas('said');
        $this->get('/sets/skerrywing/rig?device=yarrow')
            ->assertOk()
            ->assertSee('Yarrow throttle')
            ->assertSee('Ring lever');
        $this->edit(
            'devices',
            [
                'name' => 'Another one', 'kind' => 'throttle',
                'file' => $file(['id' => 'yarrow', 'name' => 'Yarrow'] + $fennel),
            ],
        )->assertSessionHas('said');
        $this->get('/sets/skerrywing/rig?device=yarrow-2')->assertOk()->assertSee('Another one throttle');
        $broken = $fennel;
        $broken['id'] = 'zinnia';
        $broken['controls'][0]['axes'][0]['number'] = 'x';
        $this->edit('devices', ['name' => '', 'kind' => 'throttle', 'file' => $file($broken)])
            ->assertSessionHas(
                'problem',
                fn (string $problem) => str_starts_with($problem, 'mine.device.json: controls[0]') && str_contains(
                    $problem,
                    'found "x", expected a whole number',
                ),
            );
        $this->assertNull(DeviceRecord::query()->find('zinnia'));
    }

    public function test_of_a_device_that_comes_too_late_nothing_stays(): void
    {
        $count = DeviceRecord::query()->count();
        $file = UploadedFile::fake()->createWithContent(
            'thing.txt',
            '05 01 09 05 A1 01 05 09 19 01 29 04 15 00 25 01 75 01 95 04 81 02 95 04 81 03 C0',
        );
        $fields = ['name' => 'Late', 'kind' => 'gamepad', 'file' => $file];
        $stale = $this->at();
        $this->edit('note', ['control' => 'fennel/mark', 'name' => 'Flare']);
        $this->edit('note', ['control' => 'fennel/mark', 'name' => 'Flare gun']);
        $this->from('/sets/skerrywing/rig')->post('/sets/house/rig/devices', ['from' => 99_999_999] + $fields);
        $this->assertSame($count, DeviceRecord::query()->count(), 'from a revision that is not there');
        $this->from('/sets/skerrywing/rig')->post(
            '/sets/nowhere/rig/devices',
            ['from' => $stale] + $fields,
        )->assertNotFound();
        $this->assertSame($count, DeviceRecord::query()->count(), 'into a set that is not there');
    }
}
