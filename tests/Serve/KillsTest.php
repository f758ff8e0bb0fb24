<?php

declare(strict_types=1);

namespace Tests\Serve;

use App\Memory\FilePort;
use Nailrod\Core\Memory\BankMemory;
use Nailrod\Core\Recording\RecordingReader;
use PHPUnit\Framework\TestCase;

/** The server is killed while it works, and several write at once. NAILROD_KILLS=100 and NAILROD_ROUNDS=200 for more of it. */
final class KillsTest extends TestCase
{
    public function test_a_recording_is_whole_however_often_the_server_is_killed_while_it_is_made(): void
    {
        $app = new RunningApp;
        try {
            $kills = (int) (getenv('NAILROD_KILLS') ?: 8);
            $recordings = 0;
            $n = 0;
            [$id, $expected] = $this->begin($app);
            for ($kill = 0; $kill < $kills; $kill++) {
                for ($batch = random_int(1, 4); $batch > 0; $batch--) {
                    $n++;
                    $inputs = array_map(fn (int $i) => [10_000 * $n + $i, 'fennel/mark', ($n + $i) % 2], range(1, random_int(1, 40)));
                    array_push($expected, ...$inputs);
                    $this->send($app, $id, $n, $inputs, $batch === 1);
                }
                if ($kill % 10 === 9 || $kill === $kills - 1) {
                    $this->assertWhole($app, $id, $expected);
                    $recordings++;
                    $n = 0;
                    [$id, $expected] = $this->begin($app);
                }
            }
            $this->assertGreaterThan(0, $recordings);
        } finally {
            $app->end();
        }
    }

    /** @return array{string, list<array{int, string, int}>} */
    private function begin(RunningApp $app): array
    {
        $answer = $this->asked($app, '/live', ['set' => 'skerrywing'], 200);
        $this->asked($app, '/live/'.$answer['id'].'/record', [], 204);

        return [(string) $answer['id'], []];
    }

    /**
     * Asks again while nothing answers: the server may be beginning anew.
     *
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed>
     */
    private function asked(RunningApp $app, string $path, array $body, int $wanted): array
    {
        for ($end = microtime(true) + 30.0; microtime(true) < $end;) {
            [$status, $answer] = $app->request('POST', $path, $body);
            if ($status !== 0) {
                break;
            }
            usleep(50_000);
        }
        $this->assertSame($wanted, $status);

        return $answer;
    }

    /**
     * Sends a batch as a page does: again, until it is answered.
     *
     * @param list<array{int, string, int}> $inputs
     */
    private function send(RunningApp $app, string $id, int $n, array $inputs, bool $kills): void
    {
        $body = ['set' => 'skerrywing', 'n' => $n, 'to' => 10_000 * $n + 5000, 'inputs' => $inputs, 'page' => 'p'];
        if ($kills) {
            $curl = $app->curl('POST', '/live/'.$id, $body);
            $multi = curl_multi_init();
            curl_multi_add_handle($multi, $curl);
            for ($end = microtime(true) + random_int(0, 12_000) / 1e6; microtime(true) < $end;) {
                curl_multi_exec($multi, $running);
                usleep(200);
            }
            $pids = $app->pids();
            $killed = random_int(0, 2) === 0 ? array_slice($pids, 0, 1) : array_slice($pids, 1);
            array_map(fn (int $pid) => @posix_kill($pid, SIGKILL), $killed);
            curl_multi_close($multi);
            $this->assertLessThan(10.0, $app->isBack());
        }
        for ($end = microtime(true) + 30.0; microtime(true) < $end;) {
            [$status, $answer] = $app->request('POST', '/live/'.$id, $body);
            if ($status === 200) {
                $this->assertSame($n, $answer['n']);

                return;
            }
            $this->assertContains($status, [0, 503], json_encode($answer) ?: '');
            usleep(100_000);
        }
        $this->fail('The batch was never answered.');
    }

    /** @param list<array{int, string, int}> $expected */
    private function assertWhole(RunningApp $app, string $id, array $expected): void
    {
        $kept = $this->asked($app, '/live/'.$id.'/keep', ['name' => 'Kept'], 200);
        $rows = [];
        foreach (RecordingReader::batches(file($app->folder.'/runs/'.$kept['id'].'.csv') ?: []) as $batch) {
            array_push($rows, ...$batch);
        }
        $this->assertCount($kept['rows'], $rows);
        $moves = array_values(array_filter($rows, fn ($input) => $input->t > 0));
        // What changes nothing is taken as well: row for row what was sent.
        $this->assertSame(array_column($expected, 2), array_map(fn ($input) => $input->value, $moves));
        $this->assertSame(array_map(fn (array $input) => $input[0] - 1, $expected), array_map(fn ($input) => $input->t, $moves));
    }

    public function test_of_several_that_write_to_one_device_each_is_told_what_is_so(): void
    {
        $folder = sys_get_temp_dir().'/nailrod-writers-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $rounds = (int) (getenv('NAILROD_ROUNDS') ?: 40);
        file_put_contents($folder.'/write.php', sprintf('<?php
            require %s;
            [, $who, $rounds] = $argv;
            $memory = new Nailrod\Core\Memory\BankMemory(App\Memory\FilePort::at(%s, 2, 4096));
            for ($i = 0; $i < (int) $rounds; $i++) {
                $content = "$who $i ".str_repeat($who, random_int(10, 3000));
                $bank = $memory->write($content);
                echo json_encode([$bank->count, $bank->content === $content, $content])."\n";
            }
        ', var_export(realpath(__DIR__.'/../../vendor/autoload.php'), true), var_export($folder.'/memory', true)));
        $processes = [];
        foreach (['a', 'b', 'c'] as $who) {
            $process = proc_open([PHP_BINARY, $folder.'/write.php', $who, (string) $rounds], [1 => ['file', $folder.'/'.$who, 'w'], 2 => ['file', $folder.'/'.$who.'.err', 'w']], $pipes);
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
