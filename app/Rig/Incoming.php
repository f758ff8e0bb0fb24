<?php

declare(strict_types=1);

namespace App\Rig;

use GuzzleHttp\Psr7\Message;
use Psr\Http\Message\RequestInterface;

/** The requests that come over one connection, HTTP/1.1 (RFC 9112) as far as the protocol needs it; what does not keep to the limits is refused by its head. */
final class Incoming
{
    private const MOST_HEAD = 16_384;
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
        $end = strpos($this->buffer, "\r\n\r\n");
        if ($end === false || $end > self::MOST_HEAD) {
            return strlen($this->buffer) > self::MOST_HEAD ? Reply::problem(431, 'The head of the request is longer than 16 KB.', true) : null;
        }
        $length = $this->lengthOf(substr($this->buffer, 0, $end));
        if ($length instanceof Reply) {
            return $length;
        }
        if (strlen($this->buffer) < $end + 4 + $length) {
            return null;
        }
        try {
            $request = Message::parseRequest(substr($this->buffer, 0, $end + 4 + $length));
        } catch (\Throwable) {
            return Reply::problem(400, 'This is no HTTP request.', true);
        }
        $this->buffer = substr($this->buffer, $end + 4 + $length);
        $this->staysOpen = $request->getProtocolVersion() !== '1.0' && strtolower($request->getHeaderLine('Connection')) !== 'close';

        return $request;
    }

    /** How long the body is, in bytes; or why the request is refused by its head already. */
    private function lengthOf(string $head): int|Reply
    {
        $method = strtok($head, ' ');
        $origin = preg_match('/^origin:[ \t]*(.*?)[ \t]*$/mi', $head, $match) === 1 ? rtrim($match[1], "\r") : '';
        $isKnown = $origin === '' || $this->door->knowsOrigin($origin);
        // A foreign page is not told that it may read the answer.
        $this->origin = $isKnown ? $origin : '';
        $host = preg_match('/^host:[ \t]*(.*?)[ \t\r]*$/mi', $head, $match) === 1 ? $match[1] : '';
        $length = preg_match_all('/^content-length:[ \t]*(\d{1,9})[ \t\r]*$/mi', $head, $match) === 1 ? (int) $match[1][0] : null;

        return match (true) {
            ! $this->door->knowsHost($host) => Reply::problem(421, 'This address is not served here.', true),
            ! $isKnown => Reply::problem(403, 'Only Nailrod\'s own pages may do this: found a request from '.mb_strimwidth($origin, 0, 60, '…').'.', true),
            preg_match('/^transfer-encoding:/mi', $head) === 1, $method === 'POST' && $length === null => Reply::problem(411, 'The request does not say how long it is (Content-Length).', true),
            $length > self::MOST_BODY => Reply::problem(413, 'The request is longer than 256 KB. Send it in smaller batches.', true),
            default => $length ?? 0,
        };
    }
}
