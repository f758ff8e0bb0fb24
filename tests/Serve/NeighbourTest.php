<?php

declare(strict_types=1);

namespace Tests\Serve;

use PHPUnit\Framework\TestCase;

/**
 * The rig beside others that hold what it needs: it waits for nobody. What it does is done before they let go, however
 * fast the machine is. NAILROD_KILLS=200 for more of the last one.
 */
final class NeighbourTest extends TestCase
{
    private const BATCHES = 100;

    private static ?RunningApp $app = null;

    /** @var array{string, int} hand that sends, and number of its last batch */
    private array $hand = ['', 0];

    public static function setUpBeforeClass(): void
    {
        self::$app = new RunningApp;
    }

    public static function tearDownAfterClass(): void
    {
        self::$app?->end();
        self::$app = null;
    }

    private static function app(): RunningApp
    {
        return self::$app ?? throw new \LogicException('It does not run.');
    }

    protected function setUp(): void
    {
        $this->assertSame(
            204,
            self::app()->rig('POST', '/orders', ['order' => 'put in play', 'set' => 'skerrywing'])[0],
        );
        $this->hand = [
            (string) self::app()->rig('POST', '/hands', ['name' => 'Test', 'kind' => 'program'])[1]['hand'], 0,
        ];
    }

    protected function tearDown(): void
    {
        self::app()->rig('DELETE', '/hands/'.$this->hand[0]);
    }

    /**
     * A process of its own does something in PHP, says "held", and lets go when it is told to.
     *
     * @return array{resource, resource} its process, and what it reads
     */
    private function neighbour(string $does): array
    {
        $process = proc_open(
            [PHP_BINARY, '-r', $does.' echo "held\n"; fgets(STDIN);'],
            [0 => ['pipe', 'r'], 1 => ['pipe', 'w']],
            $pipes,
        );
        assert(is_resource($process));
        $this->assertSame("held\n", fgets($pipes[1]));

        return [$process, $pipes[0]];
    }

    /** @param array{resource, resource} $neighbour */
    private function letsGo(array $neighbour): void
    {
        $this->assertTrue(proc_get_status($neighbour[0])['running'], 'all that was done was done while it was held');
        fwrite($neighbour[1], "\n");
        proc_close($neighbour[0]);
    }

    /** Sends a hundred batches one after the other, each answered with all of it taken. */
    private function sendsAll(): void
    {
        for ($i = 0; $i < self::BATCHES; $i++) {
            $n = ++$this->hand[1];
            [$status, $answer] = self::app()->rig(
                'POST',
                '/hands/'.$this->hand[0],
                [
                    'n' => $n,
                    'inputs' => [[1000 * $n, 'fennel/left-lever', 100 * $i], [1000 * $n + 1, 'fennel/mark', $i % 2]],
                ],
            );
            $this->assertSame(
                [200, 2, []],
                [$status, $answer['taken'] ?? null, $answer['problems'] ?? null],
                'batch '.$n,
            );
        }
    }

    /** A macro of the demo taps the horn and, by timers, the sack three times within 1.7 s: the last of it is seen. */
    private function timersFire(RowsEye $eye): void
    {
        $eye->times = [];
        $this->assertSame(
            204,
            self::app()->rig('POST', '/orders', ['order' => 'try macro', 'macro' => 'three-sacks'])[0],
        );
        for (
            $end = microtime(true) + 20.0; ($eye->times['button 4'] ?? 0) < 3
                || isset($eye->on['button 4']); $eye->read(0.05)
        ) {
            $this->assertLessThan($end, microtime(true), 'the timers do not fire');
        }
    }

    private function eye(): RowsEye
    {
        $eye = new RowsEye(self::app());
        $eye->come();

        return $eye;
    }

    private static function database(): string
    {
        return self::app()->folder.'/nailrod.sqlite';
    }

    /** @return list<string> rows of a recording that a hand made, without the snapshot */
    private static function moved(string $id): array
    {
        $rows = file(self::app()->folder.'/runs/'.$id.'.csv', FILE_IGNORE_NEW_LINES) ?: [];

        return array_values(array_filter(
            array_slice($rows, 1),
            fn (string $row): bool => str_contains($row, ',fennel,') && ! str_starts_with($row, '0,'),
        ));
    }

    public function test_another_process_holds_the_database_and_what_was_recorded_meanwhile_is_all_there(): void
    {
        $app = self::app();
        $eye = $this->eye();
        $program = trim($app->artisan('nailrod:token', 'Box', '--see', '--feed=fennel'));
        $this->assertSame(204, $app->rig('POST', '/orders', ['order' => 'record'])[0]);
        $neighbour = $this->neighbour(sprintf(
            '$db = new PDO("sqlite:%s"); $db->exec("PRAGMA busy_timeout = 5000"); $db->exec("BEGIN IMMEDIATE");',
            self::database(),
        ));
        $this->sendsAll();
        $this->timersFire($eye);
        $this->sendsAll();
        $this->assertSame(
            200,
            $app->rig('GET', '/health', null, [], $program)[0],
            'a token that is known needs no database',
        );
        [$status, $kept] = $app->rig('POST', '/orders', ['order' => 'keep', 'name' => 'Held up']);
        $this->assertSame([200, 'Held up'], [$status, $kept['name']]);
        $this->letsGo($neighbour);
        $record = null;
        for ($end = microtime(true) + 20.0; ($record['kept'] ?? 0) !== 1 && microtime(true) < $end; usleep(50_000)) {
            $record = (new \PDO('sqlite:'.self::database()))->query(
                'SELECT rows, bytes, kept FROM runs WHERE id = '.(new \PDO('sqlite::memory:'))
                    ->quote((string) $kept['id']),
            )->fetch(\PDO::FETCH_ASSOC) ?: null;
        }
        $this->assertNotNull($record, 'written as soon as that was possible');
        $file = $app->folder.'/runs/'.$kept['id'].'.csv';
        $this->assertSame([$kept['rows'], filesize($file), 1], [$record['rows'], $record['bytes'], $record['kept']]);
        $this->assertCount((int) $record['rows'] + 1, file($file) ?: [], 'the file has what the record says');
        $this->assertCount(4 * self::BATCHES, self::moved((string) $kept['id']));
    }

    public function test_another_process_holds_the_memory_of_a_device_that_is_to_be_written(): void
    {
        $app = self::app();
        $eye = $this->eye();
        $this->assertSame(
            303,
            $app->send('/sets/skerrywing/store', '/sets/skerrywing/store/fennel/itself', ['itself' => '1']),
        );
        $neighbour = $this->neighbour(sprintf(
            'is_dir("%1$s") || mkdir("%1$s"); $lock = fopen("%1$s/fennel.memory.lock", "c"); flock($lock, '
                .'LOCK_EX);',
            $app->folder.'/devices',
        ));
        $this->assertSame(
            303,
            $app->send(
                '/sets/skerrywing/layers',
                '/sets/skerrywing/layers/say',
                ['layer' => 'water', 'name' => 'On the water', 'colour' => '2', 'lets_go' => '0'],
            ),
        );
        // After two seconds it would be written.
        for ($end = microtime(true) + 3.0; microtime(true) < $end;) {
            $this->sendsAll();
        }
        $this->timersFire($eye);
        $memory = $app->folder.'/devices/fennel.memory';
        $this->assertFalse(is_file($memory) && str_contains((string) file_get_contents($memory), 'On the water'));
        $this->letsGo($neighbour);
        for (
            $end = microtime(true) + 20.0; ! is_file($memory) || ! str_contains(
                (string) file_get_contents($memory),
                'On the water',
            ); usleep(50_000)
        ) {
            $this->assertLessThan($end, microtime(true), 'it is written when the other one has done');
        }
        $app->send('/sets/skerrywing/store', '/sets/skerrywing/store/fennel/itself', ['itself' => '0']);
    }

    public function test_a_page_that_writes_to_a_device_holds_nobody_up_while_something_is_recorded(): void
    {
        $app = self::app();
        $this->assertSame(204, $app->rig('POST', '/orders', ['order' => 'record'])[0]);
        $page = proc_open(
            [
                PHP_BINARY, '-r',
                sprintf(
                    'require "%s/vendor/autoload.php"; $app = Tests\Serve\RunningApp::at(%s); for ($i = 0; $i < 5; '
                        .'$i++) { echo $app->send("/sets/skerrywing/store?device=fennel", '
                        .'"/sets/skerrywing/store/fennel", []), "\n"; }',
                    dirname(__DIR__, 2),
                    var_export([$app->folder, $app->port, $app->rigPort], true),
                ),
            ],
            [1 => ['pipe', 'w']],
            $pipes,
        );
        assert(is_resource($page));
        for ($i = 0; $i < 20 && proc_get_status($page)['running']; $i++) {
            $this->sendsAll();
        }
        $this->assertSame(
            array_fill(0, 5, '303'),
            array_filter(explode("\n", (string) stream_get_contents($pipes[1]))),
        );
        proc_close($page);
        $this->assertSame(200, $app->rig('POST', '/orders', ['order' => 'keep', 'name' => ''])[0]);
    }

    /**
     * Each of two hundred addresses has one connection, one has two hundred, and one asks without a token and reads
     * nothing.
     */
    public function test_two_hundred_strangers_do_not_shut_the_desk_out(): void
    {
        $app = self::app();
        $eye = $this->eye();
        $connect = function (int $address) use ($app) {
            $socket = @stream_socket_client(
                'tcp://127.0.0.1:'.$app->rigPort,
                $code,
                $why,
                2.0,
                STREAM_CLIENT_CONNECT,
                stream_context_create(['socket' => ['bindto' => '127.0.1.'.$address.':0']]),
            );
            assert($socket !== false);
            stream_set_blocking($socket, false);

            return $socket;
        };
        $strangers = array_map($connect, [...range(1, 200), ...array_fill(0, 200, 201)]);
        usleep(300_000);
        $this->sendsAll();
        $this->timersFire($eye);
        $open = count(array_filter(
            array_slice($strangers, 200),
            fn ($socket): bool => fread($socket, 1) === '' && ! feof($socket),
        ));
        $this->assertLessThanOrEqual(8, $open, 'an address has few connections');
        array_map(fclose(...), $strangers);
        usleep(300_000);
        $before = $app->rig('GET', '/health')[1]['memory_bytes'];
        $deaf = [];
        for ($address = 1; $address <= 20; $address++) {
            $deaf[] = $socket = $connect($address);
            for ($i = 0; $i < 2000; $i++) {
                @fwrite($socket, "GET /health HTTP/1.1\r\nHost: 127.0.0.1:{$app->rigPort}\r\n\r\n");
            }
        }
        $this->sendsAll();
        $this->assertLessThan(
            $before + (16 << 20),
            $app->rig('GET', '/health')[1]['memory_bytes'],
            'who does not read is not read from',
        );
        array_map(fclose(...), $deaf);
    }

    /**
     * Strangers post far more than they may, slowly, in pieces, and with two lengths; they say that they are at the
     * desk; and read nothing of what they are answered.
     */
    public function test_strangers_neither_fill_the_memory_of_the_pages_nor_keep_them_from_the_desk(): void
    {
        $app = new RunningApp(open: '127.0.0.2');
        try {
            $at = fn (string $path) => 'http://127.0.0.2:'.$app->port.$path;
            $ask = function (array $options, string $path = '/pair') use ($at): array {
                $curl = curl_init($at($path));
                assert($curl !== false);
                curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 60] + $options);
                $body = curl_exec($curl);

                return [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), (string) $body];
            };
            for ($end = microtime(true) + 20.0; $ask([])[0] !== 200; usleep(50_000)) {
                $this->assertLessThan($end, microtime(true), 'the house is let in');
            }
            $pages = fn (): int => (int) array_sum(array_map(
                fn (int $pid): int => preg_match(
                    '/^RssAnon:\s+(\d+)/m',
                    (string) @file_get_contents("/proc/$pid/status"),
                    $kb,
                ) === 1 ? 1024 * (int) $kb[1] : 0,
                $app->pids(),
            ));
            $before = $pages();
            $this->assertGreaterThan(1 << 20, $before);
            for ($i = 0; $i < 3; $i++) {
                [$status, $why] = $ask([CURLOPT_POSTFIELDS => str_repeat('x', 120 << 20)]);
                $this->assertSame(413, $status);
                $this->assertStringContainsString('longer than 2 MB', $why);
            }
            $socket = function (string $said) use ($app) {
                $socket = stream_socket_client('tcp://127.0.0.2:'.$app->port, $code, $why, 2.0);
                assert($socket !== false);
                stream_set_blocking($socket, false);
                fwrite($socket, $said);

                return $socket;
            };
            $head = 'Host: 127.0.0.2:'.$app->port."\r\n";
            $said = function ($socket): string {
                for (
                    $text = '',
                    $end = microtime(true) + 5.0; ! feof($socket) && microtime(true) < $end; usleep(5_000)
                ) {
                    $text .= fread($socket, 65_536);
                }

                return $text;
            };
            foreach ([
                'in pieces' => [
                    "POST /pair HTTP/1.1\r\n{$head}Transfer-Encoding: chunked\r\n\r\n5\r\nhello\r\n0\r\n\r\n", 411,
                ],
                'with two lengths' => [
                    "POST /pair HTTP/1.1\r\n{$head}Content-Length: 3\r\nContent-Length: 300\r\n\r\nabc", 411,
                ],
                'with a length that is none' => ["POST /pair HTTP/1.1\r\n{$head}Content-Length: +3\r\n\r\nabc", 411],
                'without end' => ['GET /pair HTTP/1.1'."\r\nX: ".str_repeat('y', 20_000), 431],
                'no request' => ["\x16\x03\x01 nothing\r\n\r\n", 400],
                'with lines that end otherwise' => [
                    "GET /pair HTTP/1.1\r\n{$head}X: y\n\n"
                        ."GET /sets/skerrywing/rig HTTP/1.1\r\nHost: 127.0.0.1:{$app->port}\r\n\r\n",
                    400,
                ],
                'two at a time' => [
                    "GET /pair HTTP/1.1\r\n$head\r\n"
                ."GET /sets/skerrywing/rig HTTP/1.1\r\nHost: 127.0.0.1:{$app->port}\r\n\r\n",
                    200,
                ],
                'as if from the desk' => [
                    "GET /sets/skerrywing/rig HTTP/1.1\r\nHost: 127.0.0.1:{$app->port}\r\n\r\n", 421,
                ],
                'as if the gate had said so' => [
                    "GET /sets/skerrywing/rig HTTP/1.1\r\nHost: 127.0.0.1:{$app->port}\r\n"
                ."Nailrod-From:\r\nNailrod_From: 127.0.0.1\r\n\r\n",
                    421,
                ],
            ] as $what => [$request, $status]) {
                $answer = $said($socket($request));
                $this->assertMatchesRegularExpression(
                    '#^HTTP/1\.[01] '.$status.' #',
                    $answer,
                    $what.': a stranger\'s request',
                );
                $this->assertSame(1, preg_match_all('#^HTTP/1\.[01] #m', $answer), $what.': one answer');
            }
            // Bodies that never end, and answers that nobody reads.
            $waiting = array_map(
                fn (int $i) => $socket(
                    $i % 2 === 0 ? "POST /pair HTTP/1.1\r\n{$head}Content-Length: 60000\r\n\r\nabc"
                        : "GET /pair HTTP/1.1\r\n$head\r\n",
                ),
                range(1, 100),
            );
            for ($i = 0; $i < 8; $i++) {
                $began = microtime(true);
                $this->assertSame(200, $app->request('GET', '/sets/skerrywing/rig')[0]);
                $this->assertLessThan(
                    8.0,
                    microtime(true) - $began,
                    'the desk has its page before the strangers are given up',
                );
            }
            array_map(fclose(...), $waiting);
            $this->assertLessThan($before + (48 << 20), $pages(), 'what is longer than it may be is not taken');
        } finally {
            $app->end();
        }
    }

    public function test_whoever_ends_the_rig_nothing_is_on_at_an_eye_that_the_rig_has_off(): void
    {
        $app = self::app();
        $eye = $this->eye();
        for ($kill = 0; $kill < (int) (getenv('NAILROD_KILLS') ?: 9); $kill++) {
            $hand = (string) $app->rig('POST', '/hands', ['name' => 'Holder', 'kind' => 'program'])[1]['hand'];
            $held = array_values(array_filter(
                ['fennel/ring', 'fennel/mark', 'gorse/trigger.first', 'fennel/switch-1.up', 'bracken/push-1'],
                fn (): bool => random_int(0, 1) === 1,
            ));
            $app->rig(
                'POST',
                '/hands/'.$hand,
                [
                    'n' => 1,
                    'inputs' => array_map(
                        fn (int $i, string $port): array => [1000 + $i, $port, 1],
                        array_keys($held),
                        $held,
                    ),
                ],
            );
            random_int(0, 1) === 0 || $app->rig('POST', '/orders', ['order' => 'try macro', 'macro' => 'three-sacks']);
            usleep(random_int(0, 1_500_000));
            $eye->read(0.0);
            $pid = $app->rigPid();
            match ($kill % 3) {
                0 => posix_kill($pid, SIGKILL),
                1 => posix_kill($pid, SIGTERM),
                2 => $app->rig('POST', '/orders', ['order' => 'start again']),
            };
            for ($end = microtime(true) + 10.0; ! $eye->isCut(); $eye->read(0.05)) {
                $this->assertLessThan($end, microtime(true), 'its stream ends');
            }
            if ($kill % 3 !== 0) {
                $this->assertSame(
                    [],
                    array_filter(
                        array_keys($eye->on),
                        fn (string $one): bool => preg_match('/^(button|key|hat|mouse|consumer) /', $one) === 1,
                    ),
                    'an end that is no kill tells what it lets go of before',
                );
            }
            $app->isRigBack();
            $eye->come();
            $app->rig('DELETE', '/hands/'.$hand);
            $eye->read(0.3);
            $now = $this->eye();
            $eye->read(0.1);
            $this->assertSame($now->on, array_intersect_key($eye->on, $now->on), 'all that the rig has on is on');
            $this->assertSame([], array_keys(array_diff_key($eye->on, $now->on)), 'nothing else is');
        }
        $this->assertGreaterThan(intdiv($kill, 2), $eye->wholes);
    }

    public function test_an_address_that_no_file_can_have_is_answered_and_nobody_else_reads_what_is_kept(): void
    {
        $app = self::app();
        foreach (['/%00', '/a%00.css', '/sets/skerrywing/%00', '/%ff'] as $path) {
            $curl = $app->curl('GET', $path);
            $html = (string) curl_exec($curl);
            $this->assertContains(curl_getinfo($curl, CURLINFO_RESPONSE_CODE), [400, 404], $path);
            $this->assertStringContainsString('· Nailrod</title>', $html, $path);
        }
        usleep(1_200_000);
        foreach (['/serve/config.php', '/nailrod.sqlite.snapshot', '/nailrod.sqlite.rig'] as $file) {
            $this->assertSame(0, fileperms($app->folder.$file) & 0o077, $file);
        }
        foreach (glob($app->folder.'/storage/logs/*') ?: [] as $log) {
            $this->assertSame(0, filesize($log), (string) file_get_contents($log));
        }
    }

    public function test_on_a_full_disk_the_rig_goes_on_and_whoever_edits_is_told_why_not(): void
    {
        // Only root can lay a disk; elsewhere the machine's own is not to be filled.
        if (posix_geteuid() !== 0) {
            $this->assertNotSame(0, posix_geteuid());

            return;
        }
        $app = new RunningApp(64 << 20);
        try {
            $say = fn (string $name): array => $app->answered(
                '/sets/skerrywing/layers',
                '/sets/skerrywing/layers/say',
                ['layer' => 'water', 'name' => $name, 'colour' => '2', 'lets_go' => '0'],
            );
            $this->assertSame(303, $say('Before')[0]);
            $app->page('/sets/skerrywing/recordings');
            $this->assertSame(204, $app->rig('POST', '/orders', ['order' => 'record'])[0]);
            $eye = new RowsEye($app);
            $eye->come();
            $hand = (string) $app->rig('POST', '/hands', ['name' => 'Test', 'kind' => 'program'])[1]['hand'];
            $app->fill();
            $full = [507, 'The disk is full. Nothing was changed. Make room on it, then try again.'];
            foreach ([
                'an edit' => $say('While it is full'),
                'a step back' => $app->answered(
                    '/sets/skerrywing/layers',
                    '/sets/skerrywing/undo',
                    ['seen' => $app->revision()],
                ),
                'a write' => $app->answered('/sets/skerrywing/layers', '/sets/skerrywing/store/fennel', []),
                'a new set' => $app->answered(
                    '/sets/skerrywing/layers',
                    '/sets/skerrywing/sets/new',
                    ['name' => 'Another', 'parent' => 'skerrywing'],
                ),
            ] as $what => [$status, $html]) {
                $this->assertSame($full[0], $status, $what.': '.mb_strimwidth($html, 0, 400));
                $this->assertStringContainsString($full[1], $html, $what);
            }
            for ($n = 1; $n <= self::BATCHES; $n++) {
                $batch = array_map(
                    fn (int $i): array => [1000 * $n + $i, 'fennel/left-lever', ($n * 7919 + $i * 104_729) % 65_536],
                    range(0, 99),
                );
                $this->assertSame(200, $app->rig('POST', '/hands/'.$hand, ['n' => $n, 'inputs' => $batch])[0]);
            }
            $this->assertSame(204, $app->rig('POST', '/orders', ['order' => 'try macro', 'macro' => 'three-sacks'])[0]);
            for (
                $end = microtime(true) + 20.0; ($eye->times['button 4'] ?? 0) < 3 || $eye->said === []; $eye->read(0.05)
            ) {
                $this->assertLessThan($end, microtime(true), 'timers fire, and the end of the recording is told');
            }
            $this->assertStringStartsWith(
                'The recording was ended, since the disk is full. What came before is kept as "Recording ',
                $eye->said[0],
            );
            $app->empty();
            $this->assertSame(303, $say('After')[0]);
            $this->assertStringContainsString('After<', $app->page('/sets/skerrywing/layers'));
            for (
                $end = microtime(true) + 20.0; ! str_contains(
                    $app->page('/sets/skerrywing/recordings'),
                    'Recording ',
                ); usleep(50_000)
            ) {
                $this->assertLessThan($end, microtime(true), 'what was recorded until then is kept');
            }
        } finally {
            $app->end();
        }
    }
}
