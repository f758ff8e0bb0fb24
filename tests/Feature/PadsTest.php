<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DeviceRecord;
use App\Sets\SetStore;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class PadsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->artisan('nailrod:demo');
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function pad(int $slot, float $rest, array $more = []): array
    {
        return $more + [
            'slot' => $slot, 'model' => 'Bistort Pad (Vendor: 1209 Product: 0001)', 'mapping' => 'standard',
            'buttons' => 17, 'axes' => [$rest, 0, 0, -$rest],
        ];
    }

    /**
     * @param list<array<string, mixed>> $pads
     * @param list<array<string, mixed>> $gone
     *
     * @return TestResponse<Response>
     */
    private function seen(array $pads, array $gone = []): TestResponse
    {
        return $this->postJson('/pads', ['set' => 'skerrywing', 'pads' => $pads, 'gone' => $gone]);
    }

    public function test_a_new_controller_is_taken_into_the_rig_of_every_set(): void
    {
        $this->seen([self::pad(0, 0.0)])->assertOk()
            ->assertJsonPath('added', true)->assertJsonPath('said', ['Bistort Pad is new. It was taken into the rig.'])
            ->assertJsonPath('pads.0.device', 'bistort-pad')->assertJsonPath(
                'pads.0.axes.1',
                'bistort-pad/left-stick.y',
            );
        $this->get(
            '/sets/skerrywing/rig?device=bistort-pad',
        )->assertOk()->assertSee('Bistort Pad gamepad')->assertSee('Right button in right cluster');
        $this->assertStringEndsWith('Bistort Pad', app(SetStore::class)->open('house')->head->sentence);
        $this->seen([self::pad(0, 0.0)])
            ->assertJsonPath('added', false)
            ->assertJsonPath('said', ['Bistort Pad is there.']);
    }

    public function test_a_controller_counts_as_unplugged_when_the_page_that_read_it_goes(): void
    {
        $this->seen([self::pad(0, 0.0)])->assertOk();
        $rig = $this->rig();
        $hand = $rig->open('Page');
        $rig->call('POST', '/hands/'.$hand, ['n' => 1, 'plugs' => ['bistort-pad' => true, 'fennel' => true]]);
        $this->assertSame([], $rig->seen()['unplugged']);
        $rig->call('DELETE', '/hands/'.$hand);
        $this->assertSame(['bistort-pad'], $rig->seen()['unplugged'], 'a stand-in stays');
    }

    public function test_a_device_that_tells_its_reports_is_taken_in_once_and_its_reports_are_inputs(): void
    {
        $item = [
            'isAbsolute' => true, 'isArray' => false, 'isConstant' => false, 'hasNull' => false, 'logicalMinimum' => 0,
        ];
        $collections = [['usagePage' => 1, 'usage' => 4, 'type' => 1, 'children' => [],
            'inputReports' => [['reportId' => 2, 'items' => [
            $item + [
                'isRange' => false, 'usages' => [0x10030], 'logicalMaximum' => 255, 'reportSize' => 8,
                'reportCount' => 1,
            ],
            $item + [
                'isRange' => true, 'usageMinimum' => 0x90001, 'usageMaximum' => 0x90008, 'logicalMaximum' => 1,
                'reportSize' => 1, 'reportCount' => 8,
            ],
        ]]]]];
        $ask = fn (array $collections) => $this->postJson(
            '/hid',
            ['set' => 'skerrywing', 'name' => 'Yarrow Box', 'collections' => $collections],
        );
        $ask($collections)->assertOk()->assertExactJson(
            ['device' => 'yarrow-box', 'added' => true, 'said' => 'Yarrow Box is new. It was taken into the rig.'],
        );
        $ask($collections)->assertOk()->assertExactJson(
            ['device' => 'yarrow-box', 'added' => false, 'said' => 'Yarrow Box is there.'],
        );
        $rig = $this->rig();
        $seen = $rig->step(
            [[400, 'fennel/mark', 1]],
            1000,
            [
                'reports' => [
                    [300, 'yarrow-box', 2, '4001'], [500, 'yarrow-box', 2, '4000'], [600, 'yarrow-box', 2, '40'],
                    [700, 'nowhere', 2, '40'], [800, 'yarrow-box', 2, 'xx'],
                ],
            ],
        );
        $this->assertSame(64, $seen['hands']['yarrow-box/x']);
        $this->assertContains('fennel/mark', $seen['closed']);
        $this->assertNotContains('yarrow-box/button-1', $seen['closed'], 'pressed and let go again');
        $this->assertSame([
            'reports[4]: found [800,"yarrow-box",2,"xx"], expected [time in µs, "device", report id, "hex digits"].',
            'byte 2: found 1 bytes of data, expected 2 in report 2.',
            'reports: found "nowhere", expected a device of the rig that has a report descriptor.',
        ], $seen['problems']);
        $ask([])->assertStatus(422);
        $ask([['usagePage' => 1]])->assertStatus(422)->assertJsonPath(
            'problem',
            fn (string $problem) => str_contains($problem, 'usage'),
        );
    }

    public function test_two_of_one_model_come_back_in_another_order(): void
    {
        $this->seen(
            [self::pad(0, 0.02), self::pad(1, -0.03)],
        )->assertJsonPath('pads.0.device', 'bistort-pad')->assertJsonPath('pads.1.device', 'bistort-pad-2');
        $gone = [
            ['device' => 'bistort-pad', 'axes' => [0.02, 0, 0, -0.02]],
            ['device' => 'bistort-pad-2', 'axes' => [-0.03, 0, 0, 0.03]],
        ];
        $this->seen([], $gone)->assertJsonPath('absent', ['bistort-pad', 'bistort-pad-2'])->assertJsonPath(
            'said.0',
            'Bistort Pad is gone. Its contacts are open, its axes stay where they were.',
        );
        $this->seen([self::pad(0, -0.03)])
            ->assertJsonPath('pads.0.device', 'bistort-pad-2')
            ->assertJsonPath('pads.0.unsure', null)
            ->assertJsonPath('absent', ['bistort-pad']);
        $this->seen(
            [self::pad(0, -0.03, ['device' => 'bistort-pad-2']), self::pad(1, 0.02)],
        )->assertJsonPath('pads.1.device', 'bistort-pad');
        $this->assertSame(
            2,
            DeviceRecord::query()->get()->filter(fn (DeviceRecord $record) => $record->pad !== null)->count(),
        );
    }

    public function test_two_that_stand_alike_can_be_swapped(): void
    {
        $this->seen([self::pad(0, 0.0), self::pad(1, 0.0)]);
        $this->seen(
            [],
            [
                ['device' => 'bistort-pad', 'axes' => [0, 0, 0, 0]],
                ['device' => 'bistort-pad-2', 'axes' => [0, 0, 0, 0]],
            ],
        );
        $answer = $this->seen([self::pad(0, 0.0), self::pad(1, 0.0)]);
        $answer->assertJsonPath('pads.0.unsure', 'bistort-pad-2');
        $this->assertStringContainsString('if the wrong one lights, swap them', $answer->json('said.0'));
        $this->seen([self::pad(0, 0.0, ['device' => 'bistort-pad-2']), self::pad(1, 0.0, ['device' => 'bistort-pad'])])
            ->assertJsonPath('pads.0.device', 'bistort-pad-2')
                ->assertJsonPath('pads.1.device', 'bistort-pad')
                ->assertJsonPath('said', []);
    }

    public function test_what_no_browser_sends_is_refused(): void
    {
        $this->seen([self::pad(0, 0.0, ['buttons' => 9999])])->assertStatus(422);
        $this->seen([self::pad(0, 7.0)])->assertStatus(422);
        $this->postJson('/pads', ['set' => 'skerrywing', 'pads' => 'x', 'gone' => []])->assertStatus(422);
        $this->seen(
            [self::pad(0, 0.0, ['model' => '(Vendor: 1 Product: 2)', 'axes' => [], 'buttons' => 1])],
        )->assertOk()->assertJsonPath('pads.0.device', 'controller');
    }

    public function test_two_of_one_model_can_be_swapped_also_when_nobody_doubts(): void
    {
        $this->seen([self::pad(0, 0.0), self::pad(1, 0.0)]);
        $this->seen([self::pad(0, 0.0, ['device' => 'bistort-pad-2']), self::pad(1, 0.0, ['device' => 'bistort-pad'])])
            ->assertJsonPath('pads.0.device', 'bistort-pad-2')->assertJsonPath('pads.1.device', 'bistort-pad');
        $this->seen([self::pad(0, 0.0, ['device' => 'bistort-pad']), self::pad(1, 0.0, ['device' => 'bistort-pad-2'])])
            ->assertJsonPath('pads.0.device', 'bistort-pad')->assertJsonPath('pads.1.device', 'bistort-pad-2');
    }
}
