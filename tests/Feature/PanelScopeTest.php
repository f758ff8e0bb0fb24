<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Rig\NotAllowed;
use App\Rig\Scope;
use App\Sets\SetStore;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What a paired phone gets from the rig: its own hand, and of what happens only what is on its panel. */
final class PanelScopeTest extends TestCase
{
    private TestRig $rig;

    private Scope $scope;

    /** @var list<array{string, mixed}> what the phone was told: the kind, and what */
    private array $told = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->draw();
        $this->rig = new TestRig(sys_get_temp_dir().'/nailrod-panel-'.bin2hex(random_bytes(4)));
        $this->scope = new Scope(panel: 'clover');
    }

    /** A panel with a button, and a text with one variable on it. */
    private function draw(): void
    {
        $does = fn (string $path, array $said) => $this->post(
            '/sets/skerrywing/'.$path,
            $said + [
                'from' => app(SetStore::class)->open('skerrywing')->head_id, 'device' => 'clover', 'panel' => 'route',
                'onto' => '1',
            ],
        )->assertSessionMissing('problem');
        $does('panel/add', ['panel' => '', 'name' => 'Route']);
        $does('panel/tiles', ['kind' => 'press']);
        $does('panel/tiles', ['kind' => 'only shows', 'column' => '2', 'row' => '0']);
        $does('panel/tiles/say', ['tile' => 'only-shows', 'kind' => 'only shows', 'text' => 'Altimeter {altimeter}']);
    }

    private function look(): string
    {
        $eye = $this->rig->calls->look([
            'see' => 'rows,tape,game,picture', 'look' => 'fennel', 'page' => 'skerrywing',
        ], '', $this->scope, function (string $frames): void {
            foreach (array_filter(explode("\n\n", trim($frames))) as $frame) {
                preg_match('/^event: (\w+)$/m', $frame, $kind);
                preg_match('/^data: (.*)$/m', $frame, $data);
                $this->told[] = [$kind[1] ?? '', json_decode($data[1] ?? 'null', true)];
            }
        });

        return $eye->id;
    }

    public function test_it_moves_its_own_tiles_and_nothing_else(): void
    {
        $hand = (string) $this->rig->call(
            'POST',
            '/hands',
            ['name' => 'Phone', 'kind' => 'page'],
            $this->scope,
        )->body['hand'];
        $reply = $this->rig->call(
            'POST',
            '/hands/'.$hand,
            [
                'n' => 1, 'inputs' => [[0, 'clover/press', 1], [0, 'teasel/pump', 1], [0, 'sim/altimeter', 29]],
                'plugs' => ['clover' => false, 'teasel' => false],
            ],
            $this->scope,
        );
        $this->assertSame([200, 1], [$reply->status, $reply->body['taken']]);
        $this->assertStringContainsString('teasel/pump: ', implode(' ', $reply->body['problems']));
        $seen = $this->rig->seen(20_000);
        $this->assertSame(1, $seen['hands']['clover/press']);
        $this->assertSame([], $seen['unplugged']);
    }

    #[TestWith(['GET', '/health'])]
    #[TestWith(['GET', '/survey'])]
    #[TestWith(['POST', '/orders', ['order' => 'find anew']])]
    #[TestWith(['POST', '/orders', ['order' => 'put in play', 'set' => 'hairpin-ladder']])]
    #[TestWith(['GET', '/nothing'])]
    #[TestWith(['POST', '/hands', ['name' => 'Phone', 'kind' => 'page', 'devices' => ['teasel']]])]
    #[TestWith(['POST', '/hands', ['name' => 'Phone', 'kind' => 'page', 'devices' => ['clover']]])]
    #[TestWith([
        'POST', '/hands',
        ['name' => 'Phone', 'kind' => 'page', 'devices' => [['format' => 'nailrod-device', 'id' => 'clover']]],
    ])]
    public function test_all_else_is_refused(string $method, string $path, array $body = []): void
    {
        $this->assertSame(403, $this->rig->call($method, $path, $body, $this->scope)->status);
    }

    public function test_the_hand_of_a_page_cannot_be_worked_by_it(): void
    {
        $this->assertSame(403, $this->rig->call('POST', '/hands/'.$this->rig->hand, ['n' => 1], $this->scope)->status);
        $this->expectException(NotAllowed::class);
        $this->rig->calls->look([], '', new Scope, static function (): void {});
    }

    public function test_it_sees_its_tiles_its_lamps_the_values_on_it_and_the_layer_and_nothing_of_the_rest(): void
    {
        $eye = $this->look();
        $hand = (string) $this->rig->call(
            'POST',
            '/hands',
            ['name' => 'Phone', 'kind' => 'page', 'eye' => $eye],
            $this->scope,
        )->body['hand'];
        $this->rig->step([[1000, 'teasel/pump', 1], [1000, 'fennel/left-lever', 0.5]], 20_000);
        $this->rig->call('POST', '/hands/'.$hand, ['n' => 1, 'inputs' => [[0, 'clover/press', 1]]], $this->scope);
        $this->rig->seen(60_000);
        $this->rig->rig->eyes->notice('A notice for pages.');
        $this->rig->rig->eyes->say('beat', ['clock' => 1, 'new_code' => false]);
        $kinds = array_values(array_unique(array_column($this->told, 0)));
        $this->assertSame(['hello', 'picture', 'beat'], $kinds);
        $all = (string) json_encode($this->told);
        $this->assertStringContainsString('clover\/press', $all);
        foreach (['teasel', 'fennel', 'gorse', 'by_hand', 'notice', 'survey'] as $word) {
            $this->assertStringNotContainsString($word, $all);
        }
        $whole = $this->told[1][1];
        $this->assertSame('skerrywing', $whole['set']);
        $this->assertSame('base', $whole['layer']['id']);
        $this->assertSame(['altimeter'], array_keys($whole['variables']));
        $pictures = array_filter(array_column($this->told, 1), fn (mixed $said) => isset($said['in']['batches']));
        $this->assertSame(
            [$hand],
            array_keys(array_merge(...array_values(array_map(fn (array $said) => $said['in']['batches'], $pictures)))),
        );
    }

    public function test_its_hand_lets_go_of_all_when_the_phone_is_cut_off(): void
    {
        $eye = $this->look();
        $hand = (string) $this->rig
            ->call('POST', '/hands', ['name' => 'Phone', 'kind' => 'page', 'eye' => $eye], $this->scope)->body['hand'];
        $this->rig->call('POST', '/hands/'.$hand, ['n' => 1, 'inputs' => [[0, 'clover/press', 1]]], $this->scope);
        $this->assertSame(1, $this->rig->seen(20_000)['hands']['clover/press']);
        $this->rig->calls->gone($this->rig->rig->eyes->all[$eye]);
        $this->assertSame(0, $this->rig->seen(40_000)['hands']['clover/press']);
    }

    public function test_a_tablet_that_was_given_more_sees_all_and_with_everything_orders_too(): void
    {
        $this->scope = new Scope(see: true, panel: 'clover');
        $this->look();
        $pictures = array_values(array_filter($this->told, fn (array $told) => $told[0] === 'picture'));
        $this->assertArrayHasKey('flags', $pictures[0][1], 'the whole picture');
        $this->assertSame(403, $this->rig->call('POST', '/orders', ['order' => 'let go'], $this->scope)->status);
        $hand = (string) $this->rig->call(
            'POST',
            '/hands',
            ['name' => 'Tablet', 'kind' => 'page'],
            $this->scope,
        )->body['hand'];
        $this->rig->call('POST', '/hands/'.$hand, ['n' => 1, 'inputs' => [[0, 'fennel/mark', 1]]], $this->scope);
        $this->assertArrayNotHasKey(
            'fennel/mark',
            array_filter((array) $this->rig->seen(20_000)['hands']),
            'to look at is not to move',
        );
        $all = new Scope(all: true, panel: 'clover');
        $this->assertNotSame(403, $this->rig->call('POST', '/orders', ['order' => 'let go'], $all)->status);
        $hand = (string) $this->rig->call('POST', '/hands', ['name' => 'Tablet', 'kind' => 'page'], $all)->body['hand'];
        $this->rig->call('POST', '/hands/'.$hand, ['n' => 1, 'inputs' => [[0, 'fennel/mark', 1]]], $all);
        $this->assertSame(1, $this->rig->seen(40_000)['hands']['fennel/mark']);
        $this->assertEquals(
            [$all, $this->scope, new Scope(panel: 'clover')],
            array_map(
                fn (Scope $scope) => Scope::of($scope->toArray()),
                [$all, $this->scope, new Scope(panel: 'clover')],
            ),
        );
        $this->assertFalse(Scope::of(['all' => true])->all, 'no program is given everything');
    }
}
