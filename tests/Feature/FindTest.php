<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\RecordingRecord;
use App\Sets\SetStore;
use App\View\Findables;
use Nailrod\Core\Set\Findable;
use Tests\TestCase;

/** Anything is found by the first letters of its name, and is picked where it leads. */
final class FindTest extends TestCase
{
    private const KINDS = [
        'place', 'device', 'control', 'tile', 'setting', 'action', 'layer', 'macro', 'stop', 'lamp', 'panel', 'page',
        'set', 'recording', 'told',
    ];

    /** @return list<Findable> */
    private static function all(string $set = 'dunlin'): array
    {
        return Findables::of(app(SetStore::class), app(SetStore::class)->open($set), 'bench');
    }

    /** @return list<array{kind: string, name: string, more: string, to: string}> */
    private function found(string $typed, string $set = 'dunlin'): array
    {
        return $this->get(
            '/sets/'.$set.'/find?'.http_build_query(['q' => $typed, 'at' => 'bench']),
        )->assertOk()->json('found');
    }

    public function test_things_of_every_kind_are_found_by_four_letters_and_their_addresses_lead_there(): void
    {
        RecordingRecord::query()->create([
            'id' => 'quiet', 'name' => 'Quiet evening', 'kept' => true, 'rows' => 1, 'length' => 1_000_000,
            'bytes' => 1,
        ]);
        $byKind = [];
        foreach (['dunlin', 'marl'] as $set) {
            foreach (self::all($set) as $one) {
                $byKind[$one->kind][] = [$set, $one];
            }
        }
        $this->assertSame([], array_diff(self::KINDS, array_keys($byKind)), 'a kind is not there');
        $tried = 0;
        foreach ($byKind as $kind => $all) {
            foreach (array_slice($all, 0, 5) as [$set, $one]) {
                $typed = mb_substr($one->name, 0, 4);
                $hits = array_filter(
                    $this->found($typed, $set),
                    fn (array $hit) => $hit['kind'] === $one->kind && $hit['name'] === $one->name,
                );
                // What has the same four letters as forty others comes when more is typed.
                $hits = $hits !== [] ? $hits : array_filter(
                    $this->found($one->name, $set),
                    fn (array $hit) => $hit['kind'] === $one->kind && $hit['name'] === $one->name,
                );
                $this->assertNotSame([], $hits, $kind.' '.$one->name.' by '.$typed);
                $tried++;
            }
            $page = $this->get(explode('#', $all[0][1]->to)[0])->assertOk();
            $page->assertDontSeeText('which is not here');
        }
        $this->assertGreaterThanOrEqual(40, $tried);
    }

    public function test_it_is_picked_where_it_leads(): void
    {
        $first = fn (string $typed): string => $this->found($typed, 'skerrywing')[0]['to'];
        $this->get($first('Ring lever'))->assertSee('aria-current="true"', false)->assertSeeText('hold On water');
        $this->assertStringContainsString('shape?axis=fennel%2Fleft-lever', $first('left lever'));
        $this->assertStringContainsString(
            'macros?macro=three-sacks',
            $this->found('macro three', 'skerrywing')[0]['to'],
        );
        $this->assertStringContainsString('assign?take=fuel-cut', $first('fuel cut'));
        $this->assertStringContainsString('panel?device=clover&panel=mail-route&page=5', $first('dock'));
        $this->assertStringEndsWith('/sets/marl/bench', $first('marl'));
        $this->assertSame('control', $this->found('number 31 fennel', 'skerrywing')[0]['kind']);
    }

    public function test_what_is_new_is_found_at_once_and_what_is_gone_no_more(): void
    {
        $this->assertSame([], $this->found('lonely'));
        $this->post(
            '/sets/skerrywing/layers',
            ['from' => app(SetStore::class)->open('skerrywing')->head_id, 'name' => 'Lonely', 'holder' => ''],
        );
        $this->assertSame('layer', $this->found('lonely')[0]['kind'] ?? '', 'a layer of the parent');
        $this->post('/sets/skerrywing/undo', ['from' => app(SetStore::class)->open('skerrywing')->head_id]);
        $this->assertSame([], $this->found('lonely'));
    }

    public function test_nothing_is_found_by_nothing_and_by_what_is_not_here(): void
    {
        $this->assertSame([[], []], [$this->found(''), $this->found('qwertz')]);
        $this->get('/sets/none/find?q=x')->assertNotFound();
        $this->get('/sets/house/find?q=fennel&at=moon')->assertOk();
    }

    public function test_an_address_that_says_where_it_is_in_a_list_is_answered_too(): void
    {
        $this->getJson('/sets/skerrywing/find?q=mark&at[]=shape')->assertOk()->assertJsonPath(
            'found.0.name',
            fn (string $name) => $name !== '',
        );
    }
}
