<?php

declare(strict_types=1);

namespace Tests\Serve;

use Nailrod\Core\Mapping\Output\OutputEvent;

/** An eye of rows as a program is one that takes outputs: it knows what is on, and comes back when it was cut off. */
final class RowsEye
{
    /** @var array<string, int|float|string> what it holds on, by kind and target */
    public array $on = [];

    /** @var array<string, int> how often something went on, by kind and target */
    public array $times = [];

    /** @var list<string> notices for everybody */
    public array $said = [];

    /** @var resource|null */
    private $stream;

    private string $buffer = '';

    private string $last = '';

    private bool $isWhole = false;

    /** How often it was told the whole. */
    public int $wholes = 0;

    public function __construct(private readonly RunningApp $app) {}

    /** Comes, or comes back, and waits until it is told where it is. */
    public function come(): void
    {
        for ($end = microtime(true) + 20.0; ; usleep(20_000)) {
            $stream = @stream_socket_client('tcp://127.0.0.1:'.$this->app->rigPort, $code, $why, 1.0);
            if ($stream !== false) {
                stream_set_timeout($stream, 2);
                fwrite(
                    $stream,
                    "GET /events?see=rows HTTP/1.1\r\nHost: 127.0.0.1:{$this->app->rigPort}\r\n"
                    ."Authorization: Bearer {$this->app->token()}\r\n"
                        .($this->last === '' ? '' : "Last-Event-ID: $this->last\r\n")."\r\n",
                );
                if (str_contains((string) fgets($stream), ' 200 ')) {
                    break;
                }
            }
            if (microtime(true) > $end) {
                throw new \RuntimeException('The rig does not let the eye in.');
            }
        }
        stream_set_blocking($stream, false);
        [$this->stream, $this->buffer, $this->isWhole] = [$stream, '', false];
        $isGreeted = false;
        while (! $isGreeted || $this->isWhole) {
            $isGreeted = $this->read(0.2) || $isGreeted;
            if (microtime(true) > $end) {
                throw new \RuntimeException('The eye was told nothing.');
            }
        }
    }

    /**
     * Takes what has come until then.
     *
     * @return bool was it greeted?
     */
    public function read(float $seconds): bool
    {
        $isGreeted = false;
        $end = microtime(true) + $seconds;
        do {
            $read = [$this->stream];
            $none = null;
            if ($this->stream === null || @stream_select($read, $none, $none, 0, 20_000) === 0) {
                continue;
            }
            $this->buffer .= (string) fread($this->stream, 262_144);
            while (($at = strpos($this->buffer, "\n\n")) !== false) {
                $isGreeted = $this->take(substr($this->buffer, 0, $at)) || $isGreeted;
                $this->buffer = substr($this->buffer, $at + 2);
            }
            if (feof($this->stream)) {
                $this->stream = null;
            }
        } while (microtime(true) < $end && $this->stream !== null);

        return $isGreeted;
    }

    public function isCut(): bool
    {
        return $this->stream === null;
    }

    private function take(string $frame): bool
    {
        $kind = preg_match('/^event: (\w+)$/m', $frame, $match) === 1 ? $match[1] : '';
        $data = preg_match('/^data: (.*)$/m', $frame, $match) === 1 ? json_decode($match[1], true) : null;
        $this->last = preg_match('/^id: (\S+)$/m', $frame, $match) === 1 ? $match[1] : $this->last;
        if ($kind === 'hello') {
            $this->isWhole = (bool) $data['whole'];
        } elseif ($kind === 'said') {
            $this->said[] = (string) $data['said'];
        } elseif ($kind === 'rows') {
            if ($this->isWhole) {
                [$this->on, $this->isWhole] = [[], false];
                $this->wholes++;
            }
            foreach ($data as $row) {
                $isOff = $row['value'] === ($row['kind'] === OutputEvent::HAT ? -1 : 0) && ! in_array(
                    $row['kind'],
                    [OutputEvent::AXIS, OutputEvent::VARIABLE],
                    true,
                );
                $this->on[$row['kind'].' '.$row['target']] = $row['value'];
                $this->times[$row['kind'].' '.$row['target']] = (
                    $this->times[$row['kind'].' '.$row['target']] ?? 0
                ) + (int) ! $isOff;
                if ($isOff) {
                    unset($this->on[$row['kind'].' '.$row['target']]);
                }
            }
        }

        return $kind === 'hello';
    }
}
