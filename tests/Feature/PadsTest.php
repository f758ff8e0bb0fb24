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
        return $more + ['slot' => $slot, 'model' => 'Bistort Pad (Vendor: 1209 Product: 0001)', 'mapping' => 'standard', 'buttons' => 17, 'axes' => [$rest, 0, 0, -$rest]];
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
            ->assertJsonPath('pads.0.device', 'bistort-pad')->assertJsonPath('pads.0.axes.1', 'bistort-pad/left-stick.y');
        $this->get('/sets/skerrywing/rig?device=bistort-pad')->assertOk()->assertSee('Bistort Pad gamepad')->assertSee('Right button in right cluster');
        $this->assertStringEndsWith('Bistort Pad', app(SetStore::class)->open('house')->head->sentence);
        $this->seen([self::pad(0, 0.0)])->assertJsonPath('added', false)->assertJsonPath('said', ['Bistort Pad is there.']);
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

    public function test_two_of_one_model_come_back_in_another_order(): void
    {
        $this->seen([self::pad(0, 0.02), self::pad(1, -0.03)])->assertJsonPath('pads.0.device', 'bistort-pad')->assertJsonPath('pads.1.device', 'bistort-pad-2');
        $gone = [['device' => 'bistort-pad', 'axes' => [0.02, 0, 0, -0.02]], ['device' => 'bistort-pad-2', 'axes' => [-0.03, 0, 0, 0.03]]];
        $this->seen([], $gone)->assertJsonPath('absent', ['bistort-pad', 'bistort-pad-2'])->assertJsonPath('said.0', 'Bistort Pad is gone. Its contacts are open, its axes stay where they were.');
        $this->seen([self::pad(0, -0.03)])->assertJsonPath('pads.0.device', 'bistort-pad-2')->assertJsonPath('pads.0.unsure', null)->assertJsonPath('absent', ['bistort-pad']);
        $this->seen([self::pad(0, -0.03, ['device' => 'bistort-pad-2']), self::pad(1, 0.02)])->assertJsonPath('pads.1.device', 'bistort-pad');
        $this->assertSame(2, DeviceRecord::query()->get()->filter(fn (DeviceRecord $record) => $record->pad !== null)->count());
    }

    public function test_two_that_stand_alike_can_be_swapped(): void
    {
        $this->seen([self::pad(0, 0.0), self::pad(1, 0.0)]);
        $this->seen([], [['device' => 'bistort-pad', 'axes' => [0, 0, 0, 0]], ['device' => 'bistort-pad-2', 'axes' => [0, 0, 0, 0]]]);
        $answer = $this->seen([self::pad(0, 0.0), self::pad(1, 0.0)]);
        $answer->assertJsonPath('pads.0.unsure', 'bistort-pad-2');
        $this->assertStringContainsString('if the wrong one lights, swap them', $answer->json('said.0'));
        $this->seen([self::pad(0, 0.0, ['device' => 'bistort-pad-2']), self::pad(1, 0.0, ['device' => 'bistort-pad'])])
            ->assertJsonPath('pads.0.device', 'bistort-pad-2')->assertJsonPath('pads.1.device', 'bistort-pad')->assertJsonPath('said', []);
    }

    public function test_what_no_browser_sends_is_refused(): void
    {
        $this->seen([self::pad(0, 0.0, ['buttons' => 9999])])->assertStatus(422);
        $this->seen([self::pad(0, 7.0)])->assertStatus(422);
        $this->postJson('/pads', ['set' => 'skerrywing', 'pads' => 'x', 'gone' => []])->assertStatus(422);
        $this->seen([self::pad(0, 0.0, ['model' => '(Vendor: 1 Product: 2)', 'axes' => [], 'buttons' => 1])])->assertOk()->assertJsonPath('pads.0.device', 'controller');
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
