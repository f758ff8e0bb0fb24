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

    /** Bytes of the disk of its own that it keeps everything on; 0 for that of the machine. */
    private readonly int $disk;

    /**
     * @param int    $disk in bytes: all that it keeps lies on a disk of its own of that size, which only root can lay
     * @param string $open an address of this machine by which the house is let in; empty if it is not
     */
    public function __construct(int $disk = 0, string $open = '')
    {
        $this->folder = sys_get_temp_dir().'/nailrod-serve-'.bin2hex(random_bytes(4));
        $this->disk = $disk;
        mkdir($this->folder);
        if ($disk > 0) {
            exec('mount -t tmpfs -o size='.$disk.' tmpfs '.escapeshellarg($this->folder).' 2>&1', $said, $code);
            $code === 0 || throw new \RuntimeException('No disk could be laid: '.implode(' ', $said));
        }
        foreach (
            [
                '/devices', '/programs', '/runs', '/serve', '/storage', '/storage/framework',
                '/storage/framework/views', '/storage/framework/sessions', '/storage/logs',
            ] as $below
        ) {
            mkdir($this->folder.$below);
        }
        [$this->port, $this->rigPort] = self::freePorts();
        $this->environment = [
            'LARAVEL_STORAGE_PATH' => $this->folder
                .'/storage', 'APP_ENV' => 'production', 'APP_KEY' => self::KEY, 'DB_DATABASE' => $this->folder
                .'/nailrod.sqlite', 'NAILROD_MEMORY' => $this->folder
                .'/devices', 'NAILROD_PROGRAMS' => $this->folder
                .'/programs',
            'NAILROD_RUNS' => $this->folder
                .'/runs', 'NAILROD_SERVE' => $this->folder
                .'/serve', 'CACHE_STORE' => 'file', 'SESSION_DRIVER' => 'file', 'PHP_CLI_SERVER_WORKERS' => '3',
                'NAILROD_RIG_PORT' => (string) $this->rigPort,
        ] + ($open === '' ? [] : ['NAILROD_OPEN' => '1', 'NAILROD_HOSTS' => $open]) + getenv();
        touch($this->folder.'/nailrod.sqlite');
        $this->artisan('migrate', '--force', '--quiet');
        $this->artisan('nailrod:demo', '--quiet');
        $process = proc_open(
            [__DIR__.'/../../bin/serve', $open === '' ? '127.0.0.1' : '0.0.0.0', (string) $this->port],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', $this->folder.'/said', 'w']],
            $pipes,
            __DIR__.'/../..',
            $this->environment,
        );
        assert(is_resource($process));
        $this->process = $process;
        $this->isBack();
        $this->isRigBack();
    }

    /**
     * The same, for a process of its own that asks it.
     *
     * @param array{string, int, int} $where its folder, and the ports of its pages and of its rig
     */
    public static function at(array $where): self
    {
        $app = (new \ReflectionClass(self::class))->newInstanceWithoutConstructor();
        [$app->folder, $app->port, $app->rigPort] = $where;

        return $app;
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

    /** The disk has not a byte left. */
    public function fill(): void
    {
        $file = fopen($this->folder.'/fill', 'a');
        assert($file !== false);
        // The last bytes are smaller than what is written at a time.
        foreach ([1 << 20, 4096, 1] as $bytes) {
            while (@fwrite($file, str_repeat("\0", $bytes)) === $bytes && @fflush($file)) {
                continue;
            }
        }
        fclose($file);
    }

    public function empty(): void
    {
        unlink($this->folder.'/fill');
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
    public function rig(
        string $method,
        string $path,
        ?array $json = null,
        array $headers = [],
        ?string $token = null,
    ): array {
        $curl = curl_init('http://127.0.0.1:'.$this->rigPort.$path);
        assert($curl !== false);
        curl_setopt_array(
            $curl,
            [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 60, CURLOPT_CUSTOMREQUEST => $method,
                CURLOPT_HTTPHEADER => [
                    'Authorization: Bearer '.($token ?? $this->token()), 'Content-Type: application/json',
                    ...$headers,
                ],
            ],
        );
        if ($json !== null) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, json_encode((object) $json, JSON_THROW_ON_ERROR));
        }
        $body = curl_exec($curl);
        $decoded = is_string($body) ? json_decode($body, true) : null;

        return [
            is_string($body) ? (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE) : 0,
            is_array($decoded) ? $decoded : [],
        ];
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
        fwrite(
            $stream,
            'GET /events?see=picture&token='.$this->token()." HTTP/1.1\r\nHost: 127.0.0.1:".$this->rigPort."\r\n\r\n",
        );
        while (($line = fgets($stream)) !== false) {
            $data = str_starts_with($line, 'data: ') ? json_decode(substr($line, 6), true) : null;
            if (is_array($data) && isset($data['whole'], $data['set'])) {
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
        $process = proc_open(
            [PHP_BINARY, __DIR__.'/../../artisan', ...$words],
            [1 => ['pipe', 'w']],
            $pipes,
            __DIR__.'/../..',
            $this->environment,
        );
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

    /** A browser's, which lie elsewhere than what the application keeps. */
    private function cookies(): string
    {
        return sys_get_temp_dir().'/'.basename($this->folder).'.cookies';
    }

    /** A page as a browser gets it. */
    public function page(string $path): string
    {
        // Who is killed in the middle answers nothing: a browser would be asked to read it again.
        for ($end = microtime(true) + 20.0; microtime(true) < $end; usleep(100_000)) {
            $curl = $this->curl('GET', $path);
            curl_setopt_array($curl, [CURLOPT_COOKIEJAR => $this->cookies(), CURLOPT_COOKIEFILE => $this->cookies()]);
            $html = (string) curl_exec($curl);
            if (curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 200) {
                return $html;
            }
        }

        return sprintf(
            'Answered %d %s: %s%s',
            curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
            curl_error($curl),
            mb_strimwidth($html, 0, 2000),
            file_get_contents($this->folder.'/said').' '.json_encode(array_map(
                fn (int $pid): string => $pid.' '.trim((string) @file_get_contents("/proc/$pid/wchan")),
                $this->pids(),
            )),
        );
    }

    /** What the page that was read last says, by which forms are sent. */
    private string $read = '';

    /** The revision that the page showed which was read last. */
    public function revision(): string
    {
        return preg_match('/data-revision="(\d+)"/', $this->read, $revision) === 1 ? $revision[1] : '';
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
            [$status] = $this->answered($page, $path, $fields);
        }

        return $status;
    }

    /**
     * Sends a form of a page once.
     *
     * @param array<string, string> $fields
     *
     * @return array{int, string} status, 0 if there was no answer; and the page that came
     */
    public function answered(string $page, string $path, array $fields): array
    {
        $this->read = $this->page($page);
        preg_match('/csrf-token" content="([^"]+)"/', $this->read, $token);
        $curl = $this->curl('POST', $path);
        curl_setopt_array(
            $curl,
            [
                CURLOPT_COOKIEJAR => $this->cookies(), CURLOPT_COOKIEFILE => $this->cookies(),
                CURLOPT_POSTFIELDS => http_build_query(
                    ['_token' => $token[1] ?? '', 'from' => $this->revision()] + $fields,
                ),
                CURLOPT_REFERER => 'http://127.0.0.1:'.$this->port.$page,
            ],
        );
        $html = (string) curl_exec($curl);

        return [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), html_entity_decode($html)];
    }

    /** @param array<string, mixed>|null $json */
    public function curl(string $method, string $path, ?array $json = null): \CurlHandle
    {
        $curl = curl_init('http://127.0.0.1:'.$this->port.$path);
        assert($curl !== false);
        curl_setopt_array(
            $curl,
            [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 60, CURLOPT_CUSTOMREQUEST => $method],
        );
        if ($json !== null) {
            curl_setopt_array(
                $curl,
                [
                    CURLOPT_POSTFIELDS => json_encode($json, JSON_THROW_ON_ERROR),
                    CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
                ],
            );
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
        $masters = array_values(array_filter(
            $children[proc_get_status($this->process)['pid']] ?? [],
            fn (int $pid): bool => str_contains((string) @file_get_contents("/proc/$pid/cmdline"), 'server.php'),
        ));

        return $masters === [] ? [] : [...$masters, ...($children[$masters[0]] ?? [])];
    }

    public function end(): void
    {
        proc_terminate($this->process, SIGTERM);
        for (
            $end = microtime(true) + 10.0; proc_get_status($this->process)['running']
                && microtime(true) < $end; usleep(20_000)
        );
        proc_close($this->process);
        if ($this->disk > 0) {
            exec('umount -l '.escapeshellarg($this->folder));
        }
        exec('rm -rf '.escapeshellarg($this->folder).' '.escapeshellarg($this->cookies()));
    }
}
