<?php

declare(strict_types=1);

namespace App\Game;

/**
 * The rig's events as they come over the line: what has come whole is taken apart (WHATWG HTML, server-sent events).
 */
final class EventStream
{
    private string $buffer = '';

    /** @param resource $stream that the answer is read from, without waiting */
    private function __construct(private $stream) {}

    /**
     * @param string $rig   its address
     * @param string $query of /events
     *
     * @throws \RuntimeException if the rig does not answer, or refuses
     */
    public static function open(string $rig, string $query, string $token): self
    {
        $host = parse_url($rig, PHP_URL_HOST).':'.(parse_url($rig, PHP_URL_PORT) ?? 80);
        $stream = @stream_socket_client('tcp://'.$host, $code, $why, 5.0);
        if ($stream === false) {
            throw new \RuntimeException('The rig does not answer at '.$rig.'.');
        }
        fwrite($stream, "GET /events?$query HTTP/1.1\r\nHost: $host\r\nAuthorization: Bearer $token\r\n\r\n");
        stream_set_timeout($stream, 5);
        $status = (int) substr((string) fgets($stream), 9, 3);
        if ($status !== 200) {
            throw new \RuntimeException('The rig refused: '.$status.'. Does the token allow to see?');
        }
        stream_set_blocking($stream, false);

        return new self($stream);
    }

    /**
     * What has come until then.
     *
     * @param float $seconds to wait at most, if nothing has come
     *
     * @return ?list<array{string, mixed}> kind and data of each event; null if the rig has gone
     */
    public function events(float $seconds): ?array
    {
        $read = [$this->stream];
        $none = null;
        if (@stream_select($read, $none, $none, (int) $seconds, (int) (1e6 * fmod($seconds, 1.0))) > 0) {
            $this->buffer .= fread($this->stream, 262_144);
            if (feof($this->stream)) {
                return null;
            }
        }
        $events = [];
        while (($end = strpos($this->buffer, "\n\n")) !== false) {
            $frame = substr($this->buffer, 0, $end);
            $this->buffer = substr($this->buffer, $end + 2);
            if (
                preg_match('/^event: (\w+)$/m', $frame, $kind) === 1
                    && preg_match('/^data: (.*)$/m', $frame, $data) === 1
            ) {
                $events[] = [$kind[1], json_decode($data[1], true)];
            }
        }

        return $events;
    }
}
