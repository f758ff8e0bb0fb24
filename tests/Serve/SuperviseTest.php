<?php

declare(strict_types=1);

namespace Tests\Serve;

use PHPUnit\Framework\TestCase;

/** The supervisor of the server, with a server that only begins two workers and waits. */
final class SuperviseTest extends TestCase
{
    private const PATIENCE_S = 15.0;

    private string $folder = '';

    /** @var resource|null */
    private $process = null;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/nailrod-supervise-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        file_put_contents($this->folder.'/server.php', '<?php
            $folder = __DIR__;
            for ($i = 0; $i < 2; $i++) {
                if (pcntl_fork() === 0) {
                    file_put_contents("$folder/worker-".getmypid(), "");
                    // Like a worker of PHP\'s own server, it does not hear that its master was told to end.
                    pcntl_signal(SIGTERM, SIG_IGN);
                    sleep(60);
                    exit;
                }
            }
            file_put_contents("$folder/master-".getmypid(), "");
            sleep(60);
        ');
        file_put_contents(
            $this->folder.'/rig.php',
            '<?php file_put_contents(__DIR__."/rig-".getmypid(), ""); sleep(60);',
        );
        $process = proc_open(
            [
                PHP_BINARY, __DIR__.'/../../bin/supervise.php', '2', PHP_BINARY, $this->folder.'/server.php', '--', '0',
                PHP_BINARY, $this->folder.'/rig.php',
            ],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', $this->folder.'/said', 'w']],
            $pipes,
        );
        $this->assertIsResource($process);
        $this->process = $process;
        $this->until(fn () => count($this->alive('worker')) === 2 && count($this->alive('rig')) === 1);
    }

    protected function tearDown(): void
    {
        if ($this->process !== null) {
            proc_terminate($this->process, SIGTERM);
            $this->until(
                fn () => $this->alive('worker') === [] && $this->alive('master') === [] && $this->alive('rig') === [],
            );
            proc_close($this->process);
        }
        array_map(unlink(...), glob($this->folder.'/*') ?: []);
        rmdir($this->folder);
    }

    /** @return list<int> pids of those that run */
    private function alive(string $sort): array
    {
        $pids = array_map(
            fn (string $file) => (int) substr(basename($file), strlen($sort) + 1),
            glob($this->folder.'/'.$sort.'-*') ?: [],
        );

        return array_values(array_filter(
            $pids,
            fn (int $pid) => preg_match('/\) [^Z]/', (string) @file_get_contents('/proc/'.$pid.'/stat')) === 1,
        ));
    }

    private function until(callable $is): void
    {
        for ($end = microtime(true) + self::PATIENCE_S; ! $is(); usleep(20_000)) {
            $this->assertLessThan($end, microtime(true), 'It took too long.');
        }
    }

    public function test_a_worker_that_was_killed_is_replaced(): void
    {
        $before = $this->alive('worker');
        posix_kill($before[0], SIGKILL);
        $this->until(
            fn () => count($this->alive('worker')) === 2 && array_intersect($this->alive('worker'), $before) === [],
        );
        $this->assertStringContainsString(
            'A worker of server.php has ended; it is begun anew.',
            (string) file_get_contents($this->folder.'/said'),
        );
    }

    public function test_workers_do_not_outlive_a_master_that_was_killed(): void
    {
        $before = $this->alive('worker');
        posix_kill($this->alive('master')[0], SIGKILL);
        $this->until(
            fn () => count($this->alive('worker')) === 2
            && array_intersect($this->alive('worker'), $before) === [],
        );
        $this->assertCount(1, $this->alive('master'));
    }

    public function test_one_group_that_is_killed_leaves_the_other_alone(): void
    {
        [$workers, $rig] = [$this->alive('worker'), $this->alive('rig')];
        posix_kill($rig[0], SIGKILL);
        $this->until(fn () => count($this->alive('rig')) === 1 && $this->alive('rig') !== $rig);
        $this->assertSame($workers, $this->alive('worker'));
        $this->assertStringContainsString(
            'The process of rig.php has ended; it is begun anew.',
            (string) file_get_contents($this->folder.'/said'),
        );
    }

    /**
     * On a machine that is busy the workers come later than is waited for; were they ended meanwhile, none would ever
     * do.
     */
    public function test_who_begins_slowly_is_waited_for_while_it_works(): void
    {
        $this->assertSame(
            '',
            $this->begun(
                'slow',
                'for ($end = microtime(true) + 1.2; microtime(true) < $end;) { hash("sha256", "x"); }',
            ),
        );
    }

    public function test_a_beginning_in_which_nothing_happens_is_begun_anew(): void
    {
        $this->assertStringContainsString(
            'A worker of stuck.php has ended; it is begun anew.',
            $this->begun('stuck', 'is_file(__DIR__."/was") || (touch(__DIR__."/was") && sleep(60));'),
        );
    }

    /**
     * A server of two workers, with something between them.
     *
     * @return string what the supervisor said until both were there
     */
    private function begun(string $name, string $between): string
    {
        file_put_contents($this->folder.'/'.$name.'.php', '<?php
            for ($i = 0; $i < 2; $i++) {
                if (pcntl_fork() === 0) {
                    file_put_contents(__DIR__."/'.$name.'-".getmypid(), "");
                    sleep(60);
                    exit;
                }
                '.$between.'
            }
            sleep(60);
        ');
        $process = proc_open(
            [PHP_BINARY, __DIR__.'/../../bin/supervise.php', '2', PHP_BINARY, $this->folder.'/'.$name.'.php'],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', $this->folder.'/slowly', 'w']],
            $pipes,
            null,
            ['NAILROD_STANDS_S' => '0.5', ...getenv()],
        );
        $this->assertIsResource($process);
        $this->until(fn () => count($this->alive($name)) === 2);
        $began = $this->alive($name);
        usleep(1_500_000);
        $this->assertSame($began, $this->alive($name));
        proc_terminate($process, SIGTERM);
        $this->until(fn () => $this->alive($name) === []);
        proc_close($process);

        return (string) file_get_contents($this->folder.'/slowly');
    }

    public function test_to_end_it_ends_all(): void
    {
        $this->assertNotNull($this->process);
        $pid = proc_get_status($this->process)['pid'];
        posix_kill($pid, SIGTERM);
        $this->until(
            fn () => $this->alive('worker') === [] && $this->alive('master') === [] && $this->alive('rig') === [],
        );
        $this->until(fn () => ! proc_get_status($this->process ?? throw new \LogicException)['running']);
        $this->process = null;
    }
}
