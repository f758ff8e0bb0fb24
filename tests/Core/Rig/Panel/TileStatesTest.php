<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Panel;

use Nailrod\Core\Engine\Live\Live;
use Nailrod\Core\Engine\Live\LiveState;
use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Set\PartPath;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/**
 * How tiles stand: what locks on is drawn as on while it is, a cycle shows what comes next, and one of two what it
 * would do.
 */
final class TileStatesTest extends TestCase
{
    /** @param array<string, array<string, mixed>> $cells of Clover's tiles, by id */
    private static function live(array $cells): Live
    {
        $tile = fn (string $id, int $column, string $kind): array => [
            'id' => $id, 'column' => $column, 'row' => 0, 'kind' => $kind,
        ];
        $document = ((new DemoSets)->set('skerrywing') ?? self::fail())
            ->with(
                PartPath::panel('clover', 'test'),
                [
                    'name' => 'Test',
                    'pages' => [
                        [
                            'name' => 'One', 'columns' => 8,
                            'tiles' => [
                                $tile('line', 0, 'press'), $tile('seven', 1, 'cycle'), $tile('on', 2, 'locks on'),
                                $tile('two', 3, 'pair'),
                            ],
                        ],
                    ],
                ],
            )
            ->with(PartPath::flag('moored'), ['name' => 'Moored'])
            ->with(PartPath::setting('clover', 'panel'), ['is' => 'test']);
        foreach ($cells as $id => $cell) {
            $document = $document->with(PartPath::cell('base', 'clover/'.$id), $cell);
        }
        $set = DemoSets::skerrywing($document);
        $live = new Live(Compiler::compile($set), $set, new LiveState);
        $live->begin(0);

        return $live;
    }

    /** @return array<string, mixed> */
    private static function action(string $id): array
    {
        return ['kind' => 'action', 'action' => $id];
    }

    private static function tap(Live $live, int $ms, string $tile): void
    {
        $live->step(
            [new Input($ms * 1000, 'clover/'.$tile, 1), new Input($ms * 1000 + 400_000, 'clover/'.$tile, 0)],
            $ms * 1000 + 900_000,
        );
    }

    public function test_one_of_two_shows_what_it_would_do_and_the_game_decides(): void
    {
        $live = self::live(['line' => [
            'behaviour' => ['kind' => 'pulse'], 'outputs' => [self::action('cast-off')], 'when' => [
                'variable' => 'mooring', 'is' => '=', 'to' => 1,
            ],
            'otherwise' => ['behaviour' => ['kind' => 'pulse'], 'outputs' => [self::action('make-fast')]],
        ]]);
        $this->assertSame(['on' => false, 'next' => 'Cast mooring off'], $live->tiles()['clover/line']);
        self::tap($live, 1000, 'line');
        $this->assertSame(0.0, (float) $live->state->game->variables['mooring']);
        $this->assertSame('Make mooring fast', $live->tiles()['clover/line']['next']);
        self::tap($live, 3000, 'line');
        $this->assertSame(1.0, (float) $live->state->game->variables['mooring']);
        $this->assertSame('Cast mooring off', $live->tiles()['clover/line']['next']);
    }

    public function test_a_cycle_of_seven_shows_what_comes_next_and_begins_anew_after_its_time(): void
    {
        $numbered = array_map(fn (int $n): array => ['kind' => 'button', 'number' => $n], range(101, 106));
        $live = self::live([
            'seven' => [
                'behaviour' => ['kind' => 'cycle', 'idle_ms' => 5000],
                'outputs' => [$numbered[0], self::action('horn'), ...array_slice($numbered, 1)],
            ],
        ]);
        $next = [];
        for ($ms = 1000; $ms <= 7000; $ms += 1000) {
            $next[] = $live->tiles()['clover/seven']['next'];
            self::tap($live, $ms, 'seven');
        }
        $this->assertCount(7, array_unique($next));
        $this->assertSame('Horn', $next[1]);
        $this->assertStringContainsString('106', $next[6]);
        $this->assertSame($next[0], $live->tiles()['clover/seven']['next'], 'after the last comes the first');
        self::tap($live, 8000, 'seven');
        $this->assertSame('Horn', $live->tiles()['clover/seven']['next']);
        $live->step([], 16_000_000);
        $this->assertSame($next[0], $live->tiles()['clover/seven']['next']);
    }

    public function test_one_of_two_by_a_flag_and_a_tile_that_does_as_another(): void
    {
        $live = self::live([
            'line' => [
                'behaviour' => ['kind' => 'pulse'], 'outputs' => [self::action('cast-off')],
                'when' => ['flag' => 'moored', 'is' => 'up'],
                'otherwise' => ['behaviour' => ['kind' => 'pulse'], 'outputs' => [self::action('make-fast')]],
            ],
            'on' => ['behaviour' => ['kind' => 'toggle'], 'outputs' => [['kind' => 'flag', 'flag' => 'moored']]],
            'seven' => ['as' => 'clover/line'],
        ]);
        $next = fn (): array => array_map(
            fn (array $state): string => $state['next'],
            array_intersect_key($live->tiles(), ['clover/line' => 0, 'clover/seven' => 0]),
        );
        $this->assertSame(['clover/line' => 'Make mooring fast', 'clover/seven' => 'Make mooring fast'], $next());
        self::tap($live, 1000, 'on');
        $this->assertSame(['clover/line' => 'Cast mooring off', 'clover/seven' => 'Cast mooring off'], $next());
        $this->assertTrue($live->tiles()['clover/on']['on']);
    }

    public function test_what_locks_on_is_on_by_its_toggle_or_by_the_game(): void
    {
        $live = self::live(
            ['on' => ['behaviour' => ['kind' => 'toggle'], 'outputs' => [['kind' => 'button', 'number' => 101]]]],
        );
        $this->assertSame([], $live->tiles());
        self::tap($live, 1000, 'on');
        $this->assertSame(['clover/on' => ['on' => true, 'next' => '']], $live->tiles());
        self::tap($live, 3000, 'on');
        $this->assertSame([], $live->tiles());

        $live = self::live(['on' => ['behaviour' => ['kind' => 'pulse'], 'outputs' => [self::action('anchor')]]]);
        self::tap($live, 1000, 'on');
        $this->assertTrue($live->tiles()['clover/on']['on'] ?? false, 'the anchor of the game is down');
        self::tap($live, 3000, 'on');
        $this->assertSame([], $live->tiles());
    }

    public function test_a_tile_that_only_presses_and_what_does_nothing_show_nothing(): void
    {
        $live = self::live(
            ['line' => ['behaviour' => ['kind' => 'toggle'], 'outputs' => [['kind' => 'button', 'number' => 101]]]],
        );
        self::tap($live, 1000, 'line');
        $this->assertSame([], $live->tiles());
    }
}
