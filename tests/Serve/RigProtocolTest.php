<?php

declare(strict_types=1);

namespace Tests\Serve;

use App\Rig\HttpRequests;
use PHPUnit\Framework\TestCase;

/** The rig over the wire: what docs/rig-protocol.md says, and whoever does not keep to it. */
final class RigProtocolTest extends TestCase
{
    private static ?RunningApp $app = null;

    public static function setUpBeforeClass(): void
    {
        self::$app = new RunningApp;
    }

    public static function tearDownAfterClass(): void
    {
        self::$app?->end();
        self::$app = null;
    }

    private function app(): RunningApp
    {
        return self::$app ?? throw new \LogicException('It does not run.');
    }

    protected function tearDown(): void
    {
        // Whatever came, the same process goes on and is quick.
        $before = microtime(true);
        $this->assertSame(200, $this->app()->rig('GET', '/health')[0]);
        $this->assertLessThan(2.0, microtime(true) - $before);
    }

    /** @return array{int, string} status and all that came of what was sent as it is */
    private function raw(string $request, float $seconds = 2.0): array
    {
        $stream = stream_socket_client('tcp://127.0.0.1:'.$this->app()->rigPort, $code, $why, 5.0);
        assert($stream !== false);
        stream_set_blocking($stream, false);
        $answer = '';
        for ($end = microtime(true) + $seconds; microtime(true) < $end && ! feof($stream); usleep(2000)) {
            if ($request !== '') {
                $request = substr($request, (int) @fwrite($stream, $request));
            }
            $answer .= fread($stream, 65_536);
            if (
                preg_match(
                    '/\r\nContent-Length: (\d+)\r\n.*?\r\n\r\n(.*)$/s',
                    $answer,
                    $match,
                ) === 1 && strlen($match[2]) >= (int) $match[1]
            ) {
                break;
            }
        }
        fclose($stream);

        return [(int) substr($answer, 9, 3), $answer];
    }

    private function head(string $line, string ...$headers): string
    {
        return implode(
            "\r\n",
            [
                $line.' HTTP/1.1', 'Host: 127.0.0.1:'.$this->app()->rigPort,
                'Authorization: Bearer '.$this->app()->token(),
                ...$headers,
            ],
        )."\r\n\r\n";
    }

    public function test_who_is_not_known_is_not_let_in(): void
    {
        $app = $this->app();
        $this->assertSame(401, $app->rig('GET', '/health', token: 'nr_0123')[0]);
        $this->assertSame(401, $app->rig('GET', '/health', token: 'page.99999999999.abc')[0]);
        $this->assertSame(
            [403, 'Only Nailrod\'s own pages may do this: found a request from http://evil.example.'],
            [
                ($answer = $app->rig('GET', '/health', headers: ['Origin: http://evil.example']))[0],
                $answer[1]['problem'],
            ],
        );
        $this->assertSame(
            403,
            $app->rig('POST', '/orders', ['order' => 'let go'], ['Origin: http://127.0.0.1:'.($app->port + 7)])[0],
            'a page on another port of this machine',
        );
        $this->assertSame(200, $app->rig('GET', '/health', headers: ['Origin: http://localhost:'.$app->port])[0]);
        $this->assertSame(421, $app->rig('GET', '/health', headers: ['Host: evil.example:'.$app->rigPort])[0]);
        $this->assertSame(421, $app->rig('GET', '/health', headers: ['Host: 127.0.0.1:'.$app->port])[0]);
    }

    public function test_only_the_own_origin_is_told_that_it_may_read(): void
    {
        [$status, $answer] = $this->raw(
            "OPTIONS /orders HTTP/1.1\r\nHost: 127.0.0.1:"
                .$this->app()->rigPort
                ."\r\nOrigin: http://127.0.0.1:"
                .$this->app()->port
                ."\r\n\r\n",
            0.3,
        );
        $this->assertSame(204, $status);
        $this->assertStringContainsString(
            'Access-Control-Allow-Origin: http://127.0.0.1:'.$this->app()->port."\r\n",
            $answer,
        );
        [$status, $answer] = $this->raw(
            "OPTIONS /orders HTTP/1.1\r\nHost: 127.0.0.1:"
                .$this->app()->rigPort
                ."\r\nOrigin: http://evil.example\r\n\r\n",
        );
        $this->assertSame(403, $status);
        $this->assertStringNotContainsString('Access-Control-Allow-Origin', $answer);
    }

    public function test_what_is_no_request_is_told_what_is_wrong(): void
    {
        $this->assertSame(411, $this->raw($this->head('POST /hands'))[0]);
        $this->assertSame(411, $this->raw($this->head('POST /hands', 'Transfer-Encoding: chunked'))[0]);
        $this->assertSame(
            413,
            $this->raw($this->head('POST /hands', 'Content-Length: 10000000').str_repeat('x', 1_000_000))[0],
        );
        $this->assertSame(431, $this->raw('GET /'.str_repeat('x', 20_000))[0]);
        $this->assertSame(421, $this->raw("nonsense\r\n\r\n")[0]);
        $this->assertSame(422, $this->raw($this->head('POST /orders', 'Content-Length: 9').'{"order":')[0]);
        $this->assertSame(404, $this->raw($this->head('GET /'.rawurlencode("\0..").'/x'))[0]);
        $dice = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        for ($i = 0; $i < 60; $i++) {
            $this->raw(
                $dice->getInt(0, 1) === 0 ? $dice->getBytes($dice->getInt(1, 3000)) : substr(
                    $this->head('POST /hands', 'Content-Length: 5'),
                    0,
                    $dice->getInt(1, 120),
                ).$dice->getBytes(40)."\r\n\r\n",
                0.02,
            );
        }
    }

    public function test_a_connection_ends_when_who_asks_wants_it_to(): void
    {
        foreach (['GET /health HTTP/1.0', 'GET /health HTTP/1.1'] as $line) {
            $stream = stream_socket_client('tcp://127.0.0.1:'.$this->app()->rigPort, $code, $why, 5.0);
            assert($stream !== false);
            stream_set_timeout($stream, 3);
            fwrite(
                $stream,
                $line."\r\nHost: 127.0.0.1:".$this->app()->rigPort."\r\nAuthorization: Bearer ".$this->app()
                    ->token()."\r\nConnection: close\r\n\r\n",
            );
            $this->assertStringContainsString('"version":1', (string) stream_get_contents($stream));
            $this->assertFalse(stream_get_meta_data($stream)['timed_out'], $line);
            fclose($stream);
        }
    }

    public function test_a_batch_that_is_too_long_or_bad_in_part_is_taken_as_far_as_it_can_be(): void
    {
        $app = $this->app();
        $hand = (string) $app->rig('POST', '/hands', ['name' => 'Test', 'kind' => 'program'])[1]['hand'];
        $this->assertSame(
            422,
            $app->rig('POST', '/hands/'.$hand, ['n' => 1, 'inputs' => array_fill(0, 4001, [1, 'fennel/mark', 1])])[0],
        );
        $answer = $app->rig(
            'POST',
            '/hands/'.$hand,
            [
                'n' => 1,
                'inputs' => [
                    [1, 'fennel/mark', 1], [2, 'no/where', 1], [3, 'fennel/mark', 2], 'x', [4, 'fennel/mark', 0],
                ],
            ],
        );
        $this->assertSame([200, 2, 3], [$answer[0], $answer[1]['taken'], count($answer[1]['problems'])]);
        $this->assertSame(
            413,
            $app->rig(
                'POST',
                '/hands/'.$hand,
                ['n' => 2, 'inputs' => array_fill(0, 4000, [1, str_repeat('x', 100), 1])],
            )[0],
        );
        $this->assertLessThan(
            HttpRequests::MOST_BODY,
            strlen((string) json_encode(array_fill(0, 4000, [1_000_000_000_000, 'fennel/left-lever', 65_535]))),
            'a whole batch has room',
        );
        $this->assertSame(204, $app->rig('DELETE', '/hands/'.$hand)[0]);
        $this->assertSame(410, $app->rig('POST', '/hands/'.$hand, ['n' => 2])[0]);
    }

    public function test_very_many_connections_and_an_eye_that_does_not_read_leave_others_alone(): void
    {
        $app = $this->app();
        $sockets = [];
        for ($i = 0; $i < 900; $i++) {
            $socket = @stream_socket_client(
                'tcp://127.0.0.1:'.$app->rigPort,
                $code,
                $why,
                1.0,
                STREAM_CLIENT_CONNECT | STREAM_CLIENT_ASYNC_CONNECT,
            );
            if ($socket !== false) {
                $sockets[] = $socket;
            }
        }
        // Those over the limit are closed at once; while it is reached nobody else gets in, but the process goes on.
        usleep(300_000);
        array_map(fclose(...), $sockets);
        $this->assertLessThan(5.0, $app->isRigBack());
        $deaf = stream_socket_client('tcp://127.0.0.1:'.$app->rigPort);
        assert($deaf !== false);
        fwrite($deaf, $this->head('GET /events?see=rows,tape,picture'));
        usleep(100_000);
        $hand = (string) $app->rig('POST', '/hands', ['name' => 'Test', 'kind' => 'program'])[1]['hand'];
        for ($n = 1; $n <= 40; $n++) {
            $inputs = [];
            for ($i = 0; $i < 1000; $i++) {
                $inputs[] = [1000 * $n + $i, 'fennel/left-lever', ($n * 7919 + $i * 104_729) % 65_536];
            }
            $this->assertSame(200, $app->rig('POST', '/hands/'.$hand, ['n' => $n, 'inputs' => $inputs])[0]);
        }
        $health = $app->rig('GET', '/health')[1];
        $this->assertLessThan(128 << 20, $health['memory_bytes']);
        fclose($deaf);
    }

    public function test_a_second_rig_of_one_database_is_refused_with_the_process_that_has_it(): void
    {
        $process = proc_open(
            [PHP_BINARY, __DIR__.'/../../artisan', 'nailrod:rig', '--pages=1'],
            [1 => ['file', '/dev/null', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            __DIR__.'/../..',
            ['DB_DATABASE' => $this->app()->folder.'/nailrod.sqlite'] + getenv(),
        );
        assert(is_resource($process));
        $said = (string) stream_get_contents($pipes[2]);
        $this->assertSame(1, proc_close($process));
        $this->assertStringContainsString('as process '.$this->app()->rigPid().'.', $said);
    }

    public function test_a_rig_that_slept_is_back_at_once_and_judges_nobody(): void
    {
        $app = $this->app();
        $hand = (string) $app->rig(
            'POST',
            '/hands',
            ['name' => 'Test', 'kind' => 'program', 'devices' => ['bracken']],
        )[1]['hand'];
        $app->rig('POST', '/hands/'.$hand, ['n' => 1, 'inputs' => [[1, 'fennel/ring', 1]]]);
        posix_kill($app->rigPid(), SIGSTOP);
        usleep(4_500_000);
        posix_kill($app->rigPid(), SIGCONT);
        $this->assertSame(200, $app->rig('POST', '/hands/'.$hand, ['n' => 2])[0], 'it was the rig that was silent');
        $picture = $app->picture();
        $this->assertSame(['On water', []], [$picture['layer']['name'], $picture['unplugged']]);
        $app->rig('DELETE', '/hands/'.$hand);
        $this->assertSame(['Cruise', ['bracken']], [$app->picture()['layer']['name'], $app->picture()['unplugged']]);
    }

    /** @return resource an eye that has asked to be told */
    private function eye()
    {
        $eye = stream_socket_client('tcp://127.0.0.1:'.$this->app()->rigPort, $code, $why, 5.0);
        assert($eye !== false);
        fwrite($eye, $this->head('GET /events?page=skerrywing&look=fennel'));

        return $eye;
    }

    public function test_eyes_that_came_and_went_while_it_slept_do_not_stand_in_the_way_of_the_one_that_waits(): void
    {
        // What each costs that is answered, in the same run: the next one begins when the last one was greeted.
        $begin = microtime(true);
        for ($i = 0; $i < 100; $i++) {
            $eye = $this->eye();
            $this->assertStringContainsString('200 OK', (string) fgets($eye));
            fclose($eye);
        }
        $answered = (microtime(true) - $begin) / 100;
        posix_kill($this->app()->rigPid(), SIGSTOP);
        for ($i = 0; $i < 180; $i++) {
            fclose($this->eye());
        }
        $waits = $this->eye();
        posix_kill($this->app()->rigPid(), SIGCONT);
        $begin = microtime(true);
        $this->assertStringContainsString('200 OK', (string) fgets($waits));
        $took = microtime(true) - $begin;
        $this->assertLessThan(180 * $answered / 2, $took, 'those that are gone are passed over');
        fclose($waits);
    }
}
