<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Live\Answer;
use App\Models\LiveSession;
use App\Sets\SetStore;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class LiveTest extends TestCase
{
    private string $id = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->id = (string) $this->postJson('/live', ['set' => 'skerrywing'])->assertOk()->json('id');
    }

    /**
     * @param list<array{int, string, int|float}> $inputs
     * @param array<string, mixed>                $more
     */
    private function batch(int $n, array $inputs, array $more = []): TestResponse
    {
        return $this->postJson('/live/'.$this->id, $more + ['set' => 'skerrywing', 'n' => $n, 'to' => 100_000 * $n, 'inputs' => $inputs]);
    }

    public function test_a_session_opens_with_the_rig_as_it_is_found(): void
    {
        $answer = $this->postJson('/live/'.$this->id.'/resume', ['set' => 'skerrywing'])->assertOk();
        $this->assertSame(32, strlen($this->id));
        $this->assertSame('Cruise', $answer->json('layer.name'));
        $this->assertSame(2048, $answer->json('axes')['gorse/stick.x']['reading']);
        $this->assertSame(['fennel/switch-1.down', 'fennel/switch-2.down', 'fennel/switch-3.down', 'fennel/switch-4.middle', 'fennel/dial.1'], $answer->json('closed'));
    }

    public function test_a_batch_is_answered_with_outputs_their_causes_and_what_the_game_did(): void
    {
        $answer = $this->batch(1, [[20_000, 'fennel/switch-1.up', 1]])->assertOk();
        $this->assertSame([['button', '5', 1], ['button', '5', 0]], array_map(fn (array $event) => [$event['kind'], $event['target'], $event['value']], $answer->json('sent')));
        $this->assertSame('output 5 · Pitot heat on', $answer->json('sent.0.name'));
        $this->assertSame(['Fennel · Switch 1 up closed', 'layer Cruise', 'pulse 60 ms', 'Pitot heat on', 'output 5 on'], $answer->json('lines.0.parts'));
        $this->assertSame(['pitot_heat', 'on', '20000 button 5'], [$answer->json('game.0.variable'), $answer->json('game.0.words'), $answer->json('game.0.by')]);
    }

    public function test_a_batch_that_was_taken_already_gets_its_stored_answer_again(): void
    {
        $press = [[20_000, 'fennel/mark', 1], [30_000, 'fennel/mark', 0]];
        $first = $this->batch(1, $press)->assertOk()->json();
        $this->assertSame($first, $this->batch(1, $press)->assertOk()->json());
        $this->assertSame(1, (int) $this->batch(2, [])->json('variables.sack.value'));
    }

    public function test_a_batch_out_of_turn_is_refused_and_nothing_is_taken(): void
    {
        $this->batch(3, [[20_000, 'fennel/mark', 1]])->assertOk()->assertJsonPath('untaken', 'Batch 3 came, batch 1 was expected. Nothing was taken; send from batch 1 on.');
        $this->assertSame(0, LiveSession::query()->findOrFail($this->id)->batch);
    }

    public function test_a_reading_outside_the_range_is_told_and_the_rest_is_taken(): void
    {
        $answer = $this->batch(1, [[10_000, 'fennel/left-lever', 70_000], [20_000, 'fennel/mark', 1]])->assertOk();
        $this->assertSame(['fennel/left-lever at 10000 µs: found the value 70000 for fennel/left-lever, expected a whole number from 0 to 65535.'], $answer->json('problems'));
        $this->assertSame('4', $answer->json('sent.0.target'));
    }

    public function test_what_is_not_an_input_is_refused_with_its_place(): void
    {
        $this->postJson('/live/'.$this->id, ['set' => 'skerrywing', 'n' => 1, 'to' => 5, 'inputs' => [[1, 'fennel/mark', 'down']]])
            ->assertStatus(422)->assertJsonPath('message', 'inputs[0]: found [1,"fennel\/mark","down"], expected [time in µs, "device/control", number].');
    }

    public function test_times_that_cannot_be_are_refused(): void
    {
        $this->batch(1, [[PHP_INT_MAX, 'fennel/mark', 1]])->assertStatus(422);
        $this->batch(1, [[-5, 'fennel/mark', 1]])->assertStatus(422);
        $this->batch(1, [], ['to' => PHP_INT_MAX])->assertStatus(422);
        $this->batch(0, [])->assertStatus(422);
        $this->assertSame(0, LiveSession::query()->findOrFail($this->id)->batch);
    }

    public function test_a_session_that_has_ended_says_so(): void
    {
        $this->postJson('/live/'.$this->id.'/close')->assertNoContent();
        $this->batch(1, [])->assertStatus(410);
        $this->postJson('/live/'.$this->id.'/resume', ['set' => 'skerrywing'])->assertStatus(410);
    }

    public function test_an_edit_takes_over_at_the_next_batch(): void
    {
        $this->batch(1, [[20_000, 'fennel/left-lever', 64_903]]);
        $this->from('/sets/skerrywing/shape')->post('/sets/skerrywing/shape/range', [
            'from' => app(SetStore::class)->open('skerrywing')->head_id, 'axis' => 'fennel/left-lever', 'low' => '0', 'high' => '50',
        ]);
        $answer = $this->batch(2, [])->assertOk();
        $this->assertSame(32768, $answer->json('sent.0.value'));
        $this->assertSame(['The set was changed', 'Left lever', 'sends 50.0 % on axis 1'], $answer->json('lines.0.parts'));
        $this->assertSame(app(SetStore::class)->open('skerrywing')->program, $answer->json('program'));
    }

    public function test_a_session_of_another_version_has_ended(): void
    {
        LiveSession::query()->where('id', $this->id)->update(['state' => serialize(['x', 'y', [], []])]);
        $this->postJson('/live/'.$this->id.'/resume', ['set' => 'skerrywing'])->assertStatus(410);
    }

    public function test_a_batch_of_the_same_number_from_another_page_is_not_taken_for_the_one_that_was_taken(): void
    {
        $send = fn (string $page, string $port) => $this->postJson('/live/'.$this->id, ['set' => 'skerrywing', 'n' => 1, 'page' => $page, 'to' => 30_000, 'inputs' => [[20_000, $port, 1]]]);
        $send('left', 'fennel/mark')->assertOk();
        $send('left', 'fennel/mark')->assertOk();
        $send('new', 'fennel/ring')->assertOk()->assertJsonPath('n', 1)->assertJsonStructure(['untaken']);
        $this->postJson('/live/'.$this->id.'/resume', ['set' => 'skerrywing'])->assertJsonPath('n', 1);
    }

    public function test_a_page_of_another_set_takes_the_session_over(): void
    {
        $this->batch(1, [[20_000, 'fennel/left-lever', 64_903]]);
        $answer = $this->postJson('/live/'.$this->id.'/resume', ['set' => 'house'])->assertOk();
        $this->assertSame('house', $answer->json('set'));
        $this->assertSame(64_903, $answer->json('axes')['fennel/left-lever']['reading']);
        $this->assertNull($answer->json('axes')['fennel/left-lever']['sent']);
    }

    public function test_only_its_own_pages_may_ask(): void
    {
        $this->postJson('/live', ['set' => 'skerrywing'], ['Origin' => 'http://example.org'])->assertForbidden();
        $this->postJson('/live', ['set' => 'skerrywing'], ['Sec-Fetch-Site' => 'cross-site'])->assertForbidden();
        $this->post('/live', ['set' => 'skerrywing'])->assertForbidden();
    }

    public function test_lamps_that_the_game_moves_are_lit_and_fill_neither_tape_nor_lanes(): void
    {
        $this->batch(1, [[20_000, 'fennel/left-lever', 58_000]])->assertOk();
        $kinds = $lines = [];
        for ($n = 2; $n < 60; $n++) {
            $answer = $this->postJson('/live/'.$this->id, ['set' => 'skerrywing', 'n' => $n, 'to' => 100_000 * $n, 'inputs' => []])->assertOk();
            array_push($kinds, ...array_column($answer->json('sent'), 'kind'));
            array_push($lines, ...$answer->json('lines'));
        }
        $this->assertStringStartsWith('green', (string) $answer->json('lamps')['rowan/rev-6']);
        $this->assertNotContains('lamp', $kinds);
        $this->assertSame([], $lines);
        $lit = $this->postJson('/live/'.$this->id, ['set' => 'skerrywing', 'n' => $n, 'to' => 100_000 * $n, 'inputs' => [[100_000 * $n - 5, 'fennel/ring', 1]]])->assertOk();
        $lamps = array_values(array_filter($lit->json('sent'), fn (array $row) => $row['kind'] === 'lamp'));
        $this->assertSame([1], array_column($lamps, 'value'), 'what a hand lights is told, and drawn in its lane');
    }

    public function test_a_page_that_slept_for_an_hour_is_told_what_it_can_show(): void
    {
        $this->post('/sets/skerrywing/cells', ['from' => app(SetStore::class)->open('skerrywing')->head_id, 'layer' => 'base', 'ref' => 'fennel/mark', 'does' => 'button', 'behaviour' => 'repeat', 'output' => ['number' => '40'], 'behave' => ['delay_ms' => '450', 'period_ms' => '125', 'width_ms' => '60', 'while' => 'until pressed again']])->assertSessionHas('said');
        $this->postJson('/live/'.$this->id.'/resume', ['set' => 'skerrywing'])->assertOk();
        $this->postJson('/live/'.$this->id, ['set' => 'skerrywing', 'n' => 1, 'to' => 100_000, 'inputs' => [[20_000, 'fennel/mark', 1], [30_000, 'fennel/mark', 0]]])->assertOk();
        $answer = $this->postJson('/live/'.$this->id, ['set' => 'skerrywing', 'n' => 2, 'to' => 3_600_000_000, 'inputs' => []])->assertOk();
        $this->assertCount(Answer::MOST_ROWS, $answer->json('sent'));
        $this->assertGreaterThan(3_599_000_000, $answer->json('sent.'.(Answer::MOST_ROWS - 1).'.t'));
        $this->assertStringEndsWith('changes before these are not told', $answer->json('lines.0.parts.1'));
        $this->assertLessThan(500_000, strlen((string) $answer->getContent()));
    }
}
