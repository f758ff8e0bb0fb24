<?php

declare(strict_types=1);

namespace Tests\Serve;

use App\Memory\FilePort;
use Nailrod\Core\Exchange\Memory\BankMemory;
use PHPUnit\Framework\TestCase;

/**
 * The server is killed while it works, and several write at once. NAILROD_KILLS=100 and NAILROD_ROUNDS=200 for more of
 * it.
 */
final class KillsTest extends TestCase
{
    public function test_however_often_the_rig_or_its_pages_are_killed_it_is_back_and_nothing_is_stuck(): void
    {
        $app = new RunningApp;
        try {
            $slowest = 0.0;
            for ($kill = 0; $kill < (int) (getenv('NAILROD_KILLS') ?: 8); $kill++) {
                $this->assertSame(204, $app->rig('POST', '/orders', ['order' => 'record'])[0]);
                $hand = (string) $app->rig('POST', '/hands', ['name' => 'Test', 'kind' => 'program'])[1]['hand'];
                $place = random_int(0, 65_535);
                $batch = [
                    'n' => 1,
                    'inputs' => [
                        [1000, 'fennel/ring', 1], [2000, 'fennel/mark', 1], [3000, 'fennel/switch-1.up', $kill % 2],
                        [4000, 'fennel/left-lever', $place],
                    ],
                ];
                $this->assertSame(
                    [200, 4],
                    [
                        ...array_slice($app->rig('POST', '/hands/'.$hand, $batch), 0, 1),
                        $app->rig('POST', '/hands/'.$hand, $batch)[1]['taken'],
                    ],
                );
                $opened = microtime(true);
                $name = 'On water '.$kill;
                $this->assertSame(
                    303,
                    $app->send(
                        '/sets/skerrywing/layers',
                        '/sets/skerrywing/layers/say',
                        ['layer' => 'water', 'name' => $name, 'colour' => '2', 'lets_go' => '0'],
                    ),
                );
                // What is remembered over a kill is written once a second.
                usleep($kill % 2 === 0 ? 1_200_000 : random_int(0, 300_000));
                $killed = [
                    [$app->rigPid()], array_slice($app->pids(), 1, 1), [$app->rigPid(), ...$app->pids()],
                ][$kill % 3];
                array_map(fn (int $pid) => posix_kill($pid, SIGKILL), $killed);
                $slowest = max($slowest, $app->isRigBack());
                $app->isBack();
                if ($kill % 3 === 1) {
                    $isAlive = microtime(true) - $opened < 2.5;
                    $this->assertContains(
                        $app->rig('POST', '/hands/'.$hand, ['n' => 2, 'bye' => true])[0],
                        $isAlive ? [200] : [200, 410],
                        'the rig does not notice that a page has died',
                    );
                    $this->assertSame(200, $app->rig('POST', '/orders', ['order' => 'keep', 'name' => 'Kept'])[0]);
                }
                $this->assertStringContainsString(
                    $name.'<',
                    $app->page('/sets/skerrywing/layers'),
                    'what was saved is there',
                );
                $picture = $app->picture();
                $this->assertSame('Cruise', $picture['layer']['name'], 'nobody holds the ring any more');
                $this->assertNotContains('fennel/mark', $picture['closed']);
                if ($kill % 2 === 0) {
                    $this->assertSame($place, $picture['hands']['fennel/left-lever']);
                }
            }
            $this->assertLessThan(5.0, $slowest, 'two seconds on a quiet machine');
            $this->assertNotEmpty(glob($app->folder.'/runs/*.csv'));
        } finally {
            $app->end();
        }
    }

    public function test_of_several_that_write_to_one_device_each_is_told_what_is_so(): void
    {
        $folder = sys_get_temp_dir().'/nailrod-writers-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $rounds = (int) (getenv('NAILROD_ROUNDS') ?: 40);
        file_put_contents($folder.'/write.php', sprintf('<?php
            require %s;
            [, $who, $rounds] = $argv;
            $memory = new Nailrod\Core\Exchange\Memory\BankMemory(App\Memory\FilePort::at(%s, 2, 4096));
            for ($i = 0; $i < (int) $rounds; $i++) {
                $content = "$who $i ".str_repeat($who, random_int(10, 3000));
                $bank = $memory->write($content);
                echo json_encode([$bank->count, $bank->content === $content, $content])."\n";
            }
        ', var_export(realpath(__DIR__.'/../../vendor/autoload.php'), true), var_export($folder.'/memory', true)));
        $processes = [];
        foreach (['a', 'b', 'c'] as $who) {
            $process = proc_open(
                [PHP_BINARY, $folder.'/write.php', $who, (string) $rounds],
                [1 => ['file', $folder.'/'.$who, 'w'], 2 => ['file', $folder.'/'.$who.'.err', 'w']],
                $pipes,
            );
            assert(is_resource($process));
            $processes[$who] = $process;
        }
        $said = [];
        foreach ($processes as $who => $process) {
            $this->assertSame(0, proc_close($process), (string) file_get_contents($folder.'/'.$who.'.err'));
            foreach (file($folder.'/'.$who) ?: [] as $line) {
                [$count, $isIt, $content] = (array) json_decode($line, true);
                $this->assertTrue($isIt);
                $this->assertArrayNotHasKey($count, $said, 'two were told that theirs is the same one');
                $said[$count] = $content;
            }
        }
        ksort($said);
        $this->assertSame(range(1, 3 * $rounds), array_keys($said));
        $inForce = (new BankMemory(FilePort::at($folder.'/memory', 2, 4096)))->inForce();
        $this->assertSame([3 * $rounds, end($said)], [$inForce?->count, $inForce?->content]);
        exec('rm -rf '.escapeshellarg($folder));
    }
}
