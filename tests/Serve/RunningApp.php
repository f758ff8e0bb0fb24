<?php

declare(strict_types=1);

namespace Tests\Serve;

use App\Rig\Tokens;

/** The application as `bin/serve` serves it, with the demo data, in a folder and on a port of its own. */
final class RunningApp
{
    public readonly string $folder;

    private const KEY = 'base64:bmFpbHJvZC10ZXN0cy1vbmx5LTMyLWJ5dGVzLWxvbmc=';

    public readonly int $port;

    public readonly int $rigPort;

    /** @var resource */
    private $process;

    /** @var array<string, string> */
    private readonly array $environment;

    public function __construct()
    {
        $this->folder = sys_get_temp_dir().'/nailrod-serve-'.bin2hex(random_bytes(4));
        foreach (['', '/devices', '/programs', '/runs', '/sessions', '/serve'] as $below) {
            mkdir($this->folder.$below);
        }
        [$this->port, $this->rigPort] = self::freePorts();
        $this->environment = [
            'APP_ENV' => 'production', 'APP_KEY' => self::KEY, 'DB_DATABASE' => $this->folder.'/nailrod.sqlite', 'NAILROD_MEMORY' => $this->folder.'/devices', 'NAILROD_PROGRAMS' => $this->folder.'/programs',
            'NAILROD_RUNS' => $this->folder.'/runs', 'NAILROD_SERVE' => $this->folder.'/serve', 'CACHE_STORE' => 'file', 'SESSION_DRIVER' => 'file', 'PHP_CLI_SERVER_WORKERS' => '3', 'NAILROD_RIG_PORT' => (string) $this->rigPort,
        ] + getenv();
        touch($this->folder.'/nailrod.sqlite');
        $this->artisan('migrate', '--force', '--quiet');
        $this->artisan('nailrod:demo', '--quiet');
        $process = proc_open([__DIR__.'/../../bin/serve', '127.0.0.1', (string) $this->port], [1 => ['file', '/dev/null', 'w'], 2 => ['file', $this->folder.'/said', 'w']], $pipes, __DIR__.'/../..', $this->environment);
        assert(is_resource($process));
        $this->process = $process;
        $this->isBack();
        $this->isRigBack();
    }

    /** @return array{int, int} */
    private static function freePorts(): array
    {
        $sockets = [stream_socket_server('tcp://127.0.0.1:0'), stream_socket_server('tcp://127.0.0.1:0')];
        $ports = [];
        foreach ($sockets as $socket) {
            assert($socket !== false);
            $ports[] = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
            fclose($socket);
        }

        return [$ports[0], $ports[1]];
    }

    /** A token that a page has. */
    public function token(): string
    {
        return (new Tokens(self::KEY))->forPage(time());
    }

    /**
     * Asks the rig.
     *
     * @param ?array<string, mixed> $json
     * @param list<string>          $headers
     *
     * @return array{int, array<string, mixed>} status, 0 if there was no answer; and what came
     */
    public function rig(string $method, string $path, ?array $json = null, array $headers = [], ?string $token = null): array
    {
        $curl = curl_init('http://127.0.0.1:'.$this->rigPort.$path);
        assert($curl !== false);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 10, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_HTTPHEADER => ['Authorization: Bearer '.($token ?? $this->token()), 'Content-Type: application/json', ...$headers]]);
        if ($json !== null) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, json_encode((object) $json, JSON_THROW_ON_ERROR));
        }
        $body = curl_exec($curl);
        $decoded = is_string($body) ? json_decode($body, true) : null;

        return [is_string($body) ? (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE) : 0, is_array($decoded) ? $decoded : []];
    }

    /**
     * The first whole picture that an eye is shown.
     *
     * @return array<string, mixed>
     */
    public function picture(): array
    {
        $stream = stream_socket_client('tcp://127.0.0.1:'.$this->rigPort, $code, $why, 5.0);
        assert($stream !== false);
        stream_set_timeout($stream, 5);
        fwrite($stream, 'GET /events?see=picture&token='.$this->token()." HTTP/1.1\r\nHost: 127.0.0.1:".$this->rigPort."\r\n\r\n");
        while (($line = fgets($stream)) !== false) {
            $data = str_starts_with($line, 'data: ') ? json_decode(substr($line, 6), true) : null;
            if (is_array($data) && isset($data['whole'])) {
                fclose($stream);

                return $data;
            }
        }

        throw new \RuntimeException('No picture came.');
    }

    /** Waits until the rig answers; how long it took, in seconds. */
    public function isRigBack(): float
    {
        for ($start = microtime(true); $this->rig('GET', '/health')[0] !== 200; usleep(10_000)) {
            if (microtime(true) - $start > 30.0) {
                throw new \RuntimeException('The rig does not answer: '.file_get_contents($this->folder.'/said'));
            }
        }

        return microtime(true) - $start;
    }

    public function rigPid(): int
    {
        return (int) file_get_contents($this->folder.'/nailrod.sqlite.rig');
    }

    /** @return string what it said */
    public function artisan(string ...$words): string
    {
        $process = proc_open([PHP_BINARY, __DIR__.'/../../artisan', ...$words], [1 => ['pipe', 'w']], $pipes, __DIR__.'/../..', $this->environment);
        assert(is_resource($process));
        $said = (string) stream_get_contents($pipes[1]);
        $code = proc_close($process);
        if ($code !== 0) {
            throw new \RuntimeException(implode(' ', $words).' ended with '.$code);
        }

        return $said;
    }

    /** Waits until pages are served; how long it took, in seconds. */
    public function isBack(): float
    {
        for ($start = microtime(true); $this->request('GET', '/icon.svg')[0] !== 200; usleep(20_000)) {
            if (microtime(true) - $start > 30.0) {
                throw new \RuntimeException('Nothing is served: '.file_get_contents($this->folder.'/said'));
            }
        }

        return microtime(true) - $start;
    }

    /**
     * @param array<string, mixed>|null $json
     *
     * @return array{int, array<string, mixed>} status, 0 if there was no answer; and what came, if it was JSON
     */
    public function request(string $method, string $path, ?array $json = null): array
    {
        $curl = $this->curl($method, $path, $json);
        $body = curl_exec($curl);
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $decoded = is_string($body) ? json_decode($body, true) : null;

        return [is_string($body) ? (int) $status : 0, is_array($decoded) ? $decoded : []];
    }

    /** A page as a browser gets it. */
    public function page(string $path): string
    {
        // Who is killed in the middle answers nothing: a browser would be asked to read it again.
        for ($end = microtime(true) + 20.0; microtime(true) < $end; usleep(100_000)) {
            $curl = $this->curl('GET', $path);
            curl_setopt_array($curl, [CURLOPT_COOKIEJAR => $this->folder.'/cookies', CURLOPT_COOKIEFILE => $this->folder.'/cookies']);
            $html = (string) curl_exec($curl);
            if (curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 200) {
                return $html;
            }
        }

        return sprintf('Answered %d %s: %s%s', curl_getinfo($curl, CURLINFO_RESPONSE_CODE), curl_error($curl), mb_strimwidth($html, 0, 2000), file_get_contents($this->folder.'/said').' '.json_encode(array_map(fn (int $pid): string => $pid.' '.trim((string) @file_get_contents("/proc/$pid/wchan")), $this->pids())));
    }

    /**
     * Sends a form of a page, again while nothing answers.
     *
     * @param array<string, string> $fields
     *
     * @return int the status; 303 once it is saved
     */
    public function send(string $page, string $path, array $fields): int
    {
        for ($end = microtime(true) + 20.0, $status = 0; $status === 0 && microtime(true) < $end; usleep(100_000)) {
            $html = $this->page($page);
            preg_match('/csrf-token" content="([^"]+)"/', $html, $token);
            preg_match('/data-revision="(\d+)"/', $html, $revision);
            $curl = $this->curl('POST', $path);
            curl_setopt_array($curl, [CURLOPT_COOKIEJAR => $this->folder.'/cookies', CURLOPT_COOKIEFILE => $this->folder.'/cookies', CURLOPT_POSTFIELDS => http_build_query(['_token' => $token[1] ?? '', 'from' => $revision[1] ?? ''] + $fields), CURLOPT_REFERER => 'http://127.0.0.1:'.$this->port.$page]);
            curl_exec($curl);
            $status = (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        }

        return $status;
    }

    /** @param array<string, mixed>|null $json */
    public function curl(string $method, string $path, ?array $json = null): \CurlHandle
    {
        $curl = curl_init('http://127.0.0.1:'.$this->port.$path);
        assert($curl !== false);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 10, CURLOPT_CUSTOMREQUEST => $method]);
        if ($json !== null) {
            curl_setopt_array($curl, [CURLOPT_POSTFIELDS => json_encode($json, JSON_THROW_ON_ERROR), CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json']]);
        }

        return $curl;
    }

    /** @return list<int> the server's own processes: its master, then its workers */
    public function pids(): array
    {
        $children = [];
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
            $stat = (string) @file_get_contents($file);
            [$state, $parent] = [...explode(' ', trim((string) substr($stat, (int) strrpos($stat, ')') + 1))), '', ''];
            if ($state !== 'Z') {
                $children[(int) $parent][] = (int) basename(dirname($file));
            }
        }
        $masters = array_values(array_filter($children[proc_get_status($this->process)['pid']] ?? [], fn (int $pid): bool => $pid !== $this->rigPid()));

        return $masters === [] ? [] : [...$masters, ...($children[$masters[0]] ?? [])];
    }

    public function end(): void
    {
        proc_terminate($this->process, SIGTERM);
        for ($end = microtime(true) + 10.0; proc_get_status($this->process)['running'] && microtime(true) < $end; usleep(20_000));
        proc_close($this->process);
        exec('rm -rf '.escapeshellarg($this->folder));
    }
}
