<?php

declare(strict_types=1);

namespace App\Rig;

use GuzzleHttp\Psr7\Message;
use Psr\Http\Message\RequestInterface;

/**
 * The requests that come over one connection, HTTP/1.1 (RFC 9112) as far as the protocol needs it; what does not keep
 * to the limits is refused by its head.
 */
final class HttpRequests
{
    public const MOST_BODY = 262_144;

    /** Origin of the page that asks; empty if no page does. */
    public string $origin = '';

    /** Does the other end want to ask more on this connection? */
    public bool $staysOpen = true;

    private string $buffer = '';

    public function __construct(private readonly Door $door) {}

    public function add(string $data): void
    {
        $this->buffer .= $data;
    }

    public function isEmpty(): bool
    {
        return $this->buffer === '';
    }

    /** The next request that has come whole, or why it is refused; null if there is none yet. */
    public function next(): RequestInterface|Reply|null
    {
        $head = RequestHead::in($this->buffer);
        if ($head === null) {
            return RequestHead::isTooLong($this->buffer) ? Reply::problem(
                431,
                'The head of the request is longer than 16 KB.',
                true,
            ) : null;
        }
        $refused = $this->refused($head);
        if ($refused !== null) {
            return $refused;
        }
        if (strlen($this->buffer) < $head->whole()) {
            return null;
        }
        try {
            $request = Message::parseRequest(substr($this->buffer, 0, $head->whole()));
        } catch (\Throwable) {
            return Reply::problem(400, 'This is no HTTP request.', true);
        }
        $this->buffer = substr($this->buffer, $head->whole());
        $this->staysOpen = $request->getProtocolVersion() !== '1.0'
            && strtolower($request->getHeaderLine('Connection')) !== 'close';

        return $request;
    }

    /** Why a request is refused by its head already; null if it is not. */
    private function refused(RequestHead $head): ?Reply
    {
        $isKnown = $head->origin === '' || $this->door->knowsOrigin($head->origin);
        // A foreign page is not told that it may read the answer.
        $this->origin = $isKnown ? $head->origin : '';
        $foreign = 'Only Nailrod\'s own pages may do this: found a request from '
            .mb_strimwidth($head->origin, 0, 60, '…')
            .'.';

        return match (true) {
            ! $this->door->knowsHost($head->host) => Reply::problem(421, 'This address is not served here.', true),
            ! $isKnown => Reply::problem(403, $foreign, true),
            $head->isInPieces, (
                $head->method === 'POST' || $head->saysLength
            ) && $head->length === null => Reply::problem(
                411,
                'The request does not say how long it is (Content-Length).',
                true,
            ),
            $head->length > self::MOST_BODY => Reply::problem(
                413,
                'The request is longer than 256 KB. Send it in smaller batches.',
                true,
            ),
            default => null,
        };
    }
}
