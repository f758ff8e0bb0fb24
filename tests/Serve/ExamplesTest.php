<?php

declare(strict_types=1);

namespace Tests\Serve;

use PHPUnit\Framework\TestCase;

/** What docs/rig-protocol.md shows and what lies in examples/ works as it stands there. */
final class ExamplesTest extends TestCase
{
    private static ?RunningApp $app = null;

    private static string $token = '';

    /** @var list<int> processes of games */
    private array $games = [];

    public static function setUpBeforeClass(): void
    {
        self::$app = new RunningApp;
        self::$token = trim(
            self::$app->artisan('nailrod:token', 'Test', '--see', '--order', '--feed=fennel', '--feed=yarrow'),
        );
    }

    public static function tearDownAfterClass(): void
    {
        self::$app?->end();
        self::$app = null;
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return ['RIG' => 'http://127.0.0.1:'.(self::$app->rigPort ?? 0), 'TOKEN' => self::$token] + getenv();
    }

    /**
     * @param list<string> $command
     *
     * @return array{int, string, string} how it ended, and what it said
     */
    private function runs(array $command): array
    {
        $process = proc_open(
            $command,
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            __DIR__.'/../..',
            $this->environment(),
        );
        assert(is_resource($process));
        [$out, $err] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [proc_close($process), $out, $err];
    }

    public function test_every_call_that_is_shown_is_answered(): void
    {
        $page = (string) file_get_contents(__DIR__.'/../../docs/rig-protocol.md');
        $this->assertGreaterThanOrEqual(4, preg_match_all('/```sh\n(.*?)```/s', $page, $examples));
        [$code, $out, $err] = $this->runs(['sh', '-e', '-c', implode("\n", $examples[1])]);
        $this->assertSame([0, ''], [$code, $err], $out);
        $this->assertStringNotContainsString('"problem"', $out);
        $this->assertStringContainsString('{"n":1,"taken":2,"problems":[]}', $out);
        $this->assertStringContainsString('{"n":2,"taken":1,"problems":[]}', $out);
        $this->assertStringContainsString('event: hello', $out);
    }

    public function test_a_hand_of_each_sort_is_seen_by_the_eye(): void
    {
        $eye = proc_open(
            [PHP_BINARY, 'examples/eye.php'],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            __DIR__.'/../..',
            $this->environment(),
        );
        assert(is_resource($eye));
        $this->assertSame("t_us,kind,target,value\n", fgets($pipes[1]));
        [$code, $out] = $this->runs(['examples/hand.sh']);
        $this->assertSame(0, $code);
        $this->assertStringContainsString('"taken":1,"problems":[]', $out);
        $this->assertSame([',button,4,1', ',button,4,0'], [self::nextButton($pipes[1]), self::nextButton($pipes[1])]);
        $file = (string) tempnam(sys_get_temp_dir(), 'nailrod');
        file_put_contents(
            $file,
            "t_us,device,control,value\n20000,fennel,mark,1\n120000,fennel,mark,0\n150000,gorse,hat,2\n",
        );
        [$code, , $err] = $this->runs([PHP_BINARY, 'examples/hand.php', $file]);
        unlink($file);
        $this->assertSame(0, $code);
        $this->assertStringContainsString('gorse/hat: This token does not allow to move gorse.', $err);
        $this->assertSame([',button,4,1', ',button,4,0'], [self::nextButton($pipes[1]), self::nextButton($pipes[1])]);
        proc_terminate($eye);
        proc_close($eye);
    }

    /**
     * The next row of a button, without its time; before the first one all that is on is told.
     *
     * @param resource $from
     */
    private static function nextButton($from): string
    {
        while (($line = fgets($from)) !== false && ! str_contains($line, ',button,'));

        return rtrim((string) strstr((string) $line, ','));
    }

    public function test_a_game_in_a_process_of_its_own_answers_with_its_variables_and_the_one_inside_rests(): void
    {
        $app = self::$app ?? throw new \LogicException('It does not run.');
        $token = trim($app->artisan('nailrod:token', 'Game', '--see', '--game=skerrywing'));
        $game = proc_open(
            [
                PHP_BINARY, 'artisan', 'nailrod:game', 'skerrywing', '--rig=http://127.0.0.1:'.$app->rigPort,
                '--token='.$token,
            ],
            [1 => ['file', '/dev/null', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            __DIR__.'/../..',
            [
                'DB_DATABASE' => $app->folder.'/nailrod.sqlite', 'NAILROD_PROGRAMS' => $app->folder.'/programs',
            ] + $this->environment(),
        );
        assert(is_resource($game));
        $this->games[] = proc_get_status($game)['pid'];
        // It is there once it has told how it is; before, the rig shows what the one inside has counted.
        $isThere = fn () => array_filter(
            $app->rig('GET', '/health')[1]['hands'] ?? [],
            fn (array $hand) => $hand['kind'] === 'game' && $hand['inputs'] > 0,
        ) !== [];
        $this->until($isThere, 'the game is there');
        $sacks = (int) $app->picture()['variables']['sack']['value'];
        $this->runs(['examples/hand.sh']);
        $this->until(
            fn () => (int) $app->picture()['variables']['sack']['value'] === $sacks + 1,
            'the game has counted',
        );
        posix_kill($app->rigPid(), SIGKILL);
        $app->isRigBack();
        $this->until($isThere, 'the game is there again after the rig has begun anew');
        $this->until(
            fn () => (int) $app->picture()['variables']['sack']['value'] === $sacks + 1,
            'it has told how it is',
        );
        $this->runs(['examples/hand.sh']);
        $this->until(
            fn () => (int) $app->picture()['variables']['sack']['value'] === $sacks + 2,
            'the game has counted again',
        );
        $sacks++;
        // What is held as the rig is killed is let go of in the game too.
        $this->assertSame(204, $app->rig('POST', '/orders', ['order' => 'try macro', 'macro' => 'three-sacks'])[0]);
        $this->until(fn () => (int) $app->picture()['variables']['horn']['value'] === 1, 'the horn sounds');
        posix_kill($app->rigPid(), SIGKILL);
        $app->isRigBack();
        $this->until($isThere, 'the game is there again');
        $this->until(fn () => (int) $app->picture()['variables']['horn']['value'] === 0, 'the horn is quiet again');
        // Without the one outside nobody answers: it is that one that counted.
        posix_kill(proc_get_status($game)['pid'], SIGSTOP);
        $this->runs(['examples/hand.sh']);
        $this->assertSame($sacks + 1, (int) $app->picture()['variables']['sack']['value']);
        posix_kill(proc_get_status($game)['pid'], SIGKILL);
        proc_close($game);
        $this->until(fn () => ! $isThere(), 'the game has gone');
        $this->runs(['examples/hand.sh']);
        $this->until(
            fn () => (int) $app->picture()['variables']['sack']['value'] === $sacks + 2,
            'the one inside goes on',
        );
    }

    protected function tearDown(): void
    {
        // It would wait for a rig that does not come back.
        foreach ($this->games as $game) {
            posix_kill($game, SIGKILL);
        }
    }

    private function until(callable $is, string $what = 'It took too long.'): void
    {
        for ($end = microtime(true) + 15.0; ! $is(); usleep(50_000)) {
            $this->assertLessThan($end, microtime(true), $what);
        }
    }

    public function test_a_token_that_allows_nothing_is_not_made_and_a_wrong_one_is_told(): void
    {
        [$code, , $err] = $this->runs(['env', 'TOKEN=nr_none', PHP_BINARY, 'examples/eye.php', '1']);
        $this->assertSame(1, $code);
        $this->assertStringContainsString('This token is not known', $err);
    }
}
