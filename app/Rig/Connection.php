<?php

declare(strict_types=1);

namespace App\Rig;

use App\Pairing\RemotePeer;
use App\Storage\StoreRefuses;
use GuzzleHttp\Psr7\Query;
use Psr\Http\Message\RequestInterface;
use React\EventLoop\LoopInterface;
use React\Socket\Connection as Socket;
use React\Socket\ConnectionInterface;

/**
 * One connection to the rig: requests one after the other, or a stream of events (WHATWG HTML, server-sent events).
 * What does not keep to the limits is told why, and closed.
 */
final class Connection
{
    /** Bytes that wait for one eye. */
    private const MOST_WAITING = 2_097_152;

    /**
     * A request that is not whole after so many seconds is given up; so is a connection that says nothing for so long.
     */
    private const SLOW = 10;
    private const IDLE = 75;

    private const REASONS = [
        200 => 'OK',
        204 => 'No Content',
        400 => 'Bad Request',
        401 => 'Unauthorized',
        403 => 'Forbidden',
        404 => 'Not Found',
        405 => 'Method Not Allowed',
        409 => 'Conflict',
        410 => 'Gone',
        411 => 'Length Required',
        413 => 'Content Too Large',
        421 => 'Misdirected Request',
        422 => 'Unprocessable Content',
        431 => 'Request Header Fields Too Large',
        500 => 'Internal Server Error',
        501 => 'Not Implemented',
        503 => 'Service Unavailable',
    ];

    private readonly HttpRequests $incoming;

    private ?Subscriber $eye = null;

    /** Token of a panel that looks. */
    private string $phone = '';

    /** What it allowed as it began to look. */
    private ?Scope $scope = null;

    /** Whom it belongs to. */
    private readonly Asker $asker;

    /** Does the other end not read its answers? Then nothing more is read from it. */
    private bool $isDeaf = false;

    /** What waits until the other end has read what was sent before. */
    private string $waiting = '';

    private bool $isFull = false;

    private float $since;

    private bool $isClosing = false;

    /** Of a long request: in pieces of so many ns, with others between. */
    private const PIECE = 3_000_000;

    /** @var ?\Generator<int, null, mixed, Reply> what is being answered */
    private ?\Generator $work = null;

    private bool $isDue = false;

    /** @param \Closure(): void $after called when something was taken */
    public function __construct(
        private readonly LoopInterface $loop,
        private readonly ConnectionInterface $socket,
        private readonly Calls $calls,
        private readonly Tokens $tokens,
        Door $door,
        private readonly \Closure $after,
        private readonly \Closure $log,
    ) {
        $this->incoming = new HttpRequests($door);
        $this->asker = Asker::at((string) $socket->getRemoteAddress());
        $this->since = microtime(true);
        $socket->on('data', $this->data(...));
        $socket->on('drain', $this->drained(...));
        $socket->on('close', $this->closed(...));
        $socket->on('error', static function (): void {});
    }

    /**
     * A phone whose pairing was taken away, or that gets something else now, is cut off; it comes back with what it
     * gets.
     */
    public function lookAtToken(): void
    {
        if ($this->phone !== '' && $this->tokens->scopeOf($this->phone, time()) != $this->scope) {
            $this->socket->close();
        }
    }

    /** Slow and idle connections are given up. */
    public function look(float $now): void
    {
        if ($this->eye === null && $now - $this->since > ($this->incoming->isEmpty() ? self::IDLE : self::SLOW)) {
            $this->socket->close();
        }
    }

    private function data(string $data): void
    {
        if ($this->eye !== null || $this->isClosing) {
            return;
        }
        if ($this->incoming->isEmpty()) {
            $this->since = microtime(true);
        }
        $this->incoming->add($data);
        if ($this->work === null) {
            $this->goOn();
        }
    }

    /** A piece of what is being answered; else of the next request that has come. Others have their turn between. */
    private function goOn(): void
    {
        if ($this->work === null) {
            $request = $this->isClosing || $this->isDeaf || $this->eye !== null ? null : $this->incoming->next();
            if ($request === null) {
                return;
            }
            $this->since = microtime(true);
            $request instanceof Reply ? $this->send($request) : $this->answer($request);
        }
        if ($this->work !== null) {
            $this->piece($this->work);
        }
        ($this->after)();
        if (! $this->isDue) {
            $this->isDue = true;
            $this->loop->futureTick(function (): void {
                $this->isDue = false;
                $this->goOn();
            });
        }
    }

    /** @param \Generator<int, null, mixed, Reply> $work */
    private function piece(\Generator $work): void
    {
        $until = hrtime(true) + self::PIECE;
        try {
            while ($work->valid() && hrtime(true) < $until) {
                $work->next();
            }
            if ($work->valid()) {
                // What it asks next can wait where it is.
                $this->socket->pause();

                return;
            }
            $this->work = null;
            $this->socket->resume();
            $this->send($work->getReturn());
        } catch (\Throwable $error) {
            $this->work = null;
            $this->socket->resume();
            $this->failed($error);
        }
    }

    private function answer(RequestInterface $request): void
    {
        if ($request->getMethod() === 'OPTIONS') {
            $this->send(new Reply(204));

            return;
        }
        $query = Query::parse($request->getUri()->getQuery());
        $token = preg_match('/^Bearer (\S+)$/D', $request->getHeaderLine('Authorization'), $match) === 1 ? $match[1] : (
            $request->getUri()->getPath() === '/events' && is_string($query['token'] ?? null) ? $query['token'] : ''
        );
        try {
            $scope = $this->tokens->scopeOf($token, time());
            if ($scope?->all === true && $scope->panel === '' && ! RemotePeer::isThisMachine(
                $this->asker->address,
                $request->getHeaderLine('Host'),
            )) {
                $this->send(Reply::problem(403, 'Pages of this machine are let in from this machine only.', true));
            } elseif ($scope === null) {
                $this->send(Reply::problem(
                    401,
                    'This token is not known, or it has ended. A page gets another when it is read again; a '
                        .'program gets one by php artisan nailrod:token.',
                    true,
                ));
            } elseif ($request->getMethod() === 'GET' && $request->getUri()->getPath() === '/events') {
                [$this->phone, $this->scope] = [$scope->panel === '' ? '' : $token, $scope];
                $this->stream($query, $request->getHeaderLine('Last-Event-ID'), $scope);
            } else {
                $this->work = $this->calls->begin(
                    $request->getMethod(),
                    $request->getUri()->getPath(),
                    (string) $request->getBody(),
                    $scope,
                    $this->asker,
                );
            }
        } catch (StoreRefuses $error) {
            $this->send(Reply::problem(503, $error->getMessage().'.'));
        } catch (\Throwable $error) {
            $this->failed($error);
        }
    }

    /** Nothing that comes over the line ends the process. */
    private function failed(\Throwable $error): void
    {
        ($this->log)($error);
        $this->send(Reply::problem(500, 'The rig could not do that; storage/logs/rig.log says why.', true));
    }

    /** @param array<array-key, mixed> $query */
    private function stream(array $query, string $last, Scope $scope): void
    {
        if ($this->isGone()) {
            $this->socket->close();

            return;
        }
        $head = "HTTP/1.1 200 OK\r\nContent-Type: text/event-stream\r\nCache-Control: no-store\r\nConnection: close\r\n"
            .$this->cors()
            ."\r\n";
        $isBegun = false;
        try {
            $this->eye = $this->calls->look($query, $last !== '' ? $last : (
                is_string($query['last'] ?? null) ? $query['last'] : ''
            ), $scope, function (string $event) use ($head, &$isBegun): void {
                $this->write($isBegun ? $event : $head.$event);
                $isBegun = true;
            }, $this->asker);
        } catch (NotAllowed|\DomainException $error) {
            $this->send(Reply::problem($error instanceof NotAllowed ? 403 : 422, $error->getMessage()));
        }
    }

    /**
     * Has the other end gone already? While the machine slept, eyes that heard nothing came again and again; what they
     * left is passed over, so that the one that waits has its turn.
     */
    private function isGone(): bool
    {
        return $this->socket instanceof Socket
            && is_resource($this->socket->stream)
            && @stream_socket_recvfrom($this->socket->stream, 1, STREAM_PEEK) === '';
    }

    private function send(Reply $reply): void
    {
        $ends = $reply->ends || ! $this->incoming->staysOpen;
        $body = $reply->status === 204 ? '' : json_encode(
            $reply->body,
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE
                | JSON_PARTIAL_OUTPUT_ON_ERROR,
        )."\n";
        $head = 'HTTP/1.1 '.$reply->status.' '.(self::REASONS[$reply->status] ?? 'Answer')."\r\n"
            .($reply->status === 204 ? '' : "Content-Type: application/json\r\nContent-Length: ".strlen($body)."\r\n")
            ."Cache-Control: no-store\r\n".($ends ? "Connection: close\r\n" : '').$this->cors()."\r\n";
        $this->isClosing = $ends;
        if ($ends) {
            $this->socket->end($head.$body);
        } elseif (! $this->socket->write($head.$body)) {
            $this->isDeaf = true;
            $this->socket->pause();
        }
    }

    private function cors(): string
    {
        return $this->incoming->origin === ''
            ? ''
            : 'Access-Control-Allow-Origin: '
            .$this->incoming->origin
            ."\r\nVary: Origin\r\nAccess-Control-Allow-Methods: GET, POST, DELETE\r\n"
            ."Access-Control-Allow-Headers: Authorization, Content-Type, Last-Event-ID\r\n"
            ."Access-Control-Max-Age: 7200\r\n";
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
            $this->socket->end(
                "event: end\ndata: {\"why\":\"This eye reads too slowly: more than 2 MB waited for it.\"}\n\n",
            );
        }
    }

    private function drained(): void
    {
        if ($this->isDeaf) {
            $this->isDeaf = false;
            $this->work === null && $this->socket->resume();
            $this->goOn();
        }
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

    /** The process ends: what was told is sent before it closes. */
    public function finish(): void
    {
        $this->isClosing = true;
        $this->socket->end($this->waiting);
        $this->waiting = '';
    }
}
