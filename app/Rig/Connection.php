<?php

declare(strict_types=1);

namespace App\Rig;

use GuzzleHttp\Psr7\Message;
use GuzzleHttp\Psr7\Query;
use Psr\Http\Message\RequestInterface;
use React\Socket\ConnectionInterface;

/**
 * One connection to the rig: HTTP/1.1 (RFC 9112) as far as the protocol needs it, requests one after the other, or a
 * stream of events (WHATWG HTML, server-sent events). What does not keep to the limits is told why, and closed.
 */
final class Connection
{
    private const MOST_HEAD = 16_384;
    public const MOST_BODY = 262_144;

    /** Bytes that wait for one eye. */
    private const MOST_WAITING = 2_097_152;

    /** A request that is not whole after so many seconds is given up; so is a connection that says nothing for so long. */
    private const SLOW = 10;
    private const IDLE = 75;

    private const REASONS = [200 => 'OK', 204 => 'No Content', 400 => 'Bad Request', 401 => 'Unauthorized', 403 => 'Forbidden', 404 => 'Not Found', 405 => 'Method Not Allowed', 409 => 'Conflict', 410 => 'Gone', 411 => 'Length Required', 413 => 'Content Too Large', 421 => 'Misdirected Request', 422 => 'Unprocessable Content', 431 => 'Request Header Fields Too Large', 500 => 'Internal Server Error', 501 => 'Not Implemented', 503 => 'Service Unavailable'];

    private string $buffer = '';

    private ?Eye $eye = null;

    /** What waits until the other end has read what was sent before. */
    private string $waiting = '';

    private bool $isFull = false;

    private float $since;

    /** Origin of the page that asks; empty if no page does. */
    private string $origin = '';

    private bool $isClosing = false;

    /** Does the other end want to ask more on this connection? */
    private bool $staysOpen = true;

    /** @param \Closure(): void $after called when something was taken */
    public function __construct(
        private readonly ConnectionInterface $socket,
        private readonly Calls $calls,
        private readonly Tokens $tokens,
        private readonly Door $door,
        private readonly \Closure $after,
        private readonly \Closure $log,
    ) {
        $this->since = microtime(true);
        $socket->on('data', $this->data(...));
        $socket->on('drain', $this->drained(...));
        $socket->on('close', $this->closed(...));
        $socket->on('error', static function (): void {});
    }

    /** Slow and idle connections are given up. */
    public function look(float $now): void
    {
        if ($this->eye === null && $now - $this->since > ($this->buffer === '' ? self::IDLE : self::SLOW)) {
            $this->socket->close();
        }
    }

    private function data(string $data): void
    {
        if ($this->eye !== null || $this->isClosing) {
            return;
        }
        if ($this->buffer === '') {
            $this->since = microtime(true);
        }
        $this->buffer .= $data;
        while (! $this->isClosing && $this->eye === null && ($request = $this->next()) !== null) {
            $this->answer($request);
        }
        ($this->after)();
    }

    /** The next request that has come whole. */
    private function next(): ?RequestInterface
    {
        $end = strpos($this->buffer, "\r\n\r\n");
        if ($end === false || $end > self::MOST_HEAD) {
            if (strlen($this->buffer) > self::MOST_HEAD) {
                $this->send(Reply::problem(431, 'The head of the request is longer than 16 KB.', true));
            }

            return null;
        }
        $length = $this->lengthOf(substr($this->buffer, 0, $end));
        if ($length === null || strlen($this->buffer) < $end + 4 + $length) {
            return null;
        }
        try {
            $request = Message::parseRequest(substr($this->buffer, 0, $end + 4 + $length));
        } catch (\Throwable) {
            $this->send(Reply::problem(400, 'This is no HTTP request.', true));

            return null;
        }
        $this->buffer = substr($this->buffer, $end + 4 + $length);
        $this->staysOpen = $request->getProtocolVersion() !== '1.0' && strtolower($request->getHeaderLine('Connection')) !== 'close';
        $this->since = microtime(true);

        return $request;
    }

    /** How long the body is; null if the request is refused by its head already. */
    private function lengthOf(string $head): ?int
    {
        $method = strtok($head, ' ');
        $this->origin = preg_match('/^origin:[ \t]*(.*?)[ \t]*$/mi', $head, $match) === 1 ? rtrim($match[1], "\r") : '';
        $isKnown = $this->origin === '' || $this->door->knowsOrigin($this->origin);
        $host = preg_match('/^host:[ \t]*(.*?)[ \t\r]*$/mi', $head, $match) === 1 ? $match[1] : '';
        $length = preg_match_all('/^content-length:[ \t]*(\d{1,9})[ \t\r]*$/mi', $head, $match) === 1 ? (int) $match[1][0] : null;
        $refused = match (true) {
            ! $this->door->knowsHost($host) => Reply::problem(421, 'This address is not served here.', true),
            ! $isKnown => Reply::problem(403, 'Only Nailrod\'s own pages may do this: found a request from '.mb_strimwidth($this->origin, 0, 60, '…').'.', true),
            preg_match('/^transfer-encoding:/mi', $head) === 1, $method === 'POST' && $length === null => Reply::problem(411, 'The request does not say how long it is (Content-Length).', true),
            $length > self::MOST_BODY => Reply::problem(413, 'The request is longer than 256 KB. Send it in smaller batches.', true),
            default => null,
        };
        if ($refused !== null) {
            $this->origin = $isKnown ? $this->origin : '';
            $this->send($refused);

            return null;
        }

        return $length ?? 0;
    }

    private function answer(RequestInterface $request): void
    {
        if ($request->getMethod() === 'OPTIONS') {
            $this->send(new Reply(204));

            return;
        }
        $query = Query::parse($request->getUri()->getQuery());
        $token = preg_match('/^Bearer (\S+)$/D', $request->getHeaderLine('Authorization'), $match) === 1 ? $match[1] : ($request->getUri()->getPath() === '/events' && is_string($query['token'] ?? null) ? $query['token'] : '');
        try {
            $scope = $this->tokens->scopeOf($token, time());
            if ($scope === null) {
                $this->send(Reply::problem(401, 'This token is not known, or it has ended. A page gets another when it is read again; a program gets one by php artisan nailrod:token.'));
            } elseif ($request->getMethod() === 'GET' && $request->getUri()->getPath() === '/events') {
                $this->stream($query, $request->getHeaderLine('Last-Event-ID'), $scope);
            } else {
                $this->send($this->calls->answer($request->getMethod(), $request->getUri()->getPath(), (string) $request->getBody(), $scope));
            }
        } catch (\Throwable $error) {
            // Nothing that comes over the line ends the process.
            ($this->log)($error);
            $this->send(Reply::problem(500, 'The rig could not do that; storage/logs/rig.log says why.', true));
        }
    }

    /** @param array<array-key, mixed> $query */
    private function stream(array $query, string $last, Scope $scope): void
    {
        $head = "HTTP/1.1 200 OK\r\nContent-Type: text/event-stream\r\nCache-Control: no-store\r\nConnection: close\r\n".$this->cors()."\r\n";
        $isBegun = false;
        try {
            $this->eye = $this->calls->look($query, $last !== '' ? $last : (is_string($query['last'] ?? null) ? $query['last'] : ''), $scope, function (string $event) use ($head, &$isBegun): void {
                $this->write($isBegun ? $event : $head.$event);
                $isBegun = true;
            });
        } catch (NotAllowed|\DomainException $error) {
            $this->send(Reply::problem($error instanceof NotAllowed ? 403 : 422, $error->getMessage()));
        }
    }

    private function send(Reply $reply): void
    {
        $ends = $reply->ends || ! $this->staysOpen;
        $body = $reply->status === 204 ? '' : json_encode($reply->body, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR)."\n";
        $head = 'HTTP/1.1 '.$reply->status.' '.(self::REASONS[$reply->status] ?? 'Answer')."\r\n"
            .($reply->status === 204 ? '' : "Content-Type: application/json\r\nContent-Length: ".strlen($body)."\r\n")
            ."Cache-Control: no-store\r\n".($ends ? "Connection: close\r\n" : '').$this->cors()."\r\n";
        $this->isClosing = $ends;
        $ends ? $this->socket->end($head.$body) : $this->socket->write($head.$body);
    }

    private function cors(): string
    {
        return $this->origin === '' ? '' : 'Access-Control-Allow-Origin: '.$this->origin."\r\nVary: Origin\r\nAccess-Control-Allow-Methods: GET, POST, DELETE\r\nAccess-Control-Allow-Headers: Authorization, Content-Type, Last-Event-ID\r\nAccess-Control-Max-Age: 7200\r\n";
    }

    /** Sends to an eye; what a slow one has not read yet waits, up to a limit. */
    private function write(string $event): void
    {
        if ($this->isClosing) {
            return;
        }
        if (! $this->isFull) {
            $this->isFull = ! $this->socket->write($event);

            return;
        }
        $this->waiting .= $event;
        if (strlen($this->waiting) > self::MOST_WAITING) {
            $this->isClosing = true;
            $this->waiting = '';
            $this->socket->end("event: end\ndata: {\"why\":\"This eye reads too slowly: more than 2 MB waited for it.\"}\n\n");
        }
    }

    private function drained(): void
    {
        $waiting = $this->waiting;
        $this->waiting = '';
        $this->isFull = $waiting !== '' && ! $this->socket->write($waiting);
    }

    private function closed(): void
    {
        $this->isClosing = true;
        if ($this->eye !== null) {
            $eye = $this->eye;
            $this->eye = null;
            try {
                $this->calls->gone($eye);
            } catch (\Throwable $error) {
                ($this->log)($error);
            }
            ($this->after)();
        }
    }

    public function isOpen(): bool
    {
        return ! $this->isClosing || $this->eye !== null;
    }
}
