<?php

declare(strict_types=1);

namespace Tests\Core\Panel;

use Nailrod\Core\Cause\Input;
use Nailrod\Core\Live\Live;
use Nailrod\Core\Live\LiveState;
use Nailrod\Core\Program\Compiler;
use Nailrod\Core\Set\PartPath;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** How tiles stand: what locks on is drawn as on while it is, a cycle shows what comes next, and one of two what it would do. */
final class TileStatesTest extends TestCase
{
    /** @param array<string, array<string, mixed>> $cells of Clover's tiles, by id */
    private static function live(array $cells): Live
    {
        $tile = fn (string $id, int $column, string $kind): array => ['id' => $id, 'column' => $column, 'row' => 0, 'kind' => $kind];
        $document = ((new DemoSets)->set('skerrywing') ?? self::fail())
            ->with(PartPath::panel('clover', 'test'), ['name' => 'Test', 'pages' => [['name' => 'One', 'columns' => 8, 'tiles' => [$tile('line', 0, 'press'), $tile('seven', 1, 'cycle'), $tile('on', 2, 'locks on'), $tile('two', 3, 'pair')]]]])
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
        $live->step([new Input($ms * 1000, 'clover/'.$tile, 1), new Input($ms * 1000 + 400_000, 'clover/'.$tile, 0)], $ms * 1000 + 900_000);
    }

    public function test_one_of_two_shows_what_it_would_do_and_the_game_decides(): void
    {
        $live = self::live(['line' => [
            'behaviour' => ['kind' => 'pulse'], 'outputs' => [self::action('cast-off')], 'when' => ['variable' => 'mooring', 'is' => '=', 'to' => 1],
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

    public function test_a_cycle_shows_what_comes_next_and_begins_anew_after_its_time(): void
    {
        $live = self::live(['seven' => ['behaviour' => ['kind' => 'cycle', 'idle_ms' => 5000], 'outputs' => [['kind' => 'button', 'number' => 101], self::action('horn'), ['kind' => 'button', 'number' => 103]]]]);
        $next = [];
        foreach ([1000, 2000, 3000] as $ms) {
            $next[] = $live->tiles()['clover/seven']['next'];
            self::tap($live, $ms, 'seven');
        }
        $next[] = $live->tiles()['clover/seven']['next'];
        $this->assertSame([$next[0], 'Horn', $next[2], $next[0]], $next);
        $this->assertStringContainsString('103', $next[2]);
        self::tap($live, 4000, 'seven');
        $this->assertSame('Horn', $live->tiles()['clover/seven']['next']);
        $live->step([], 12_000_000);
        $this->assertSame($next[0], $live->tiles()['clover/seven']['next']);
    }

    public function test_what_locks_on_is_on_by_its_toggle_or_by_the_game(): void
    {
        $live = self::live(['on' => ['behaviour' => ['kind' => 'toggle'], 'outputs' => [['kind' => 'button', 'number' => 101]]]]);
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
        $live = self::live(['line' => ['behaviour' => ['kind' => 'toggle'], 'outputs' => [['kind' => 'button', 'number' => 101]]]]);
        self::tap($live, 1000, 'line');
        $this->assertSame([], $live->tiles());
    }
}
