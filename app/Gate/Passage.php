<?php

declare(strict_types=1);

namespace App\Gate;

use App\Pairing\RemotePeer;
use App\Rig\Asker;
use App\Rig\RequestHead;
use React\Socket\ConnectionInterface;
use React\Socket\ConnectorInterface;

/** One request on its way from the house to the pages, and its answer back. */
final class Passage
{
    /** What is brought may be so long, in bytes. What is longer is brought at the desk. */
    public const MOST_BODY = 2_097_152;

    /** A form is shorter; only what is longer counts among what may be on its way at a time. */
    public const SHORT_BODY = 65_536;

    /** Bytes of an answer that wait for who reads slowly; the pages go on meanwhile. */
    private const MOST_WAITING = 4_194_304;

    /** A request that is not whole after so many seconds is given up. */
    private const SLOW_S = 10;

    /** Who reads nothing of an answer for so many seconds is given up; so long may a page take. */
    private const DEAF_S = 60;

    private const REASONS = [
        400 => 'Bad Request', 411 => 'Length Required', 413 => 'Content Too Large',
        431 => 'Request Header Fields Too Large', 503 => 'Service Unavailable',
    ];

    private string $buffer = '';

    private ?RequestHead $head = null;

    private bool $isPassedOn = false;

    private ?ConnectionInterface $pages = null;

    /** Is anything of the answer still to be read? */
    private bool $isFull = false;

    private string $waiting = '';

    private bool $isAnswered = false;

    /** When it began, or the other end last read something, in seconds. */
    private float $since;

    /** @param \Closure(int): bool $hasRoom for a long body of so many bytes? */
    public function __construct(
        private readonly ConnectionInterface $house,
        private readonly Asker $asker,
        private readonly ConnectorInterface $connector,
        private readonly string $where,
        private readonly \Closure $hasRoom,
    ) {
        $this->since = microtime(true);
        $house->on('data', $this->asked(...));
        $house->on('drain', $this->drained(...));
        $house->on('close', function (): void {
            $this->pages?->close();
            $this->buffer = $this->waiting = '';
        });
        $house->on('error', static function (): void {});
    }

    /** Bytes of its body, if it is a long one that is on its way. */
    public function long(): int
    {
        $length = $this->isAnswered || $this->head === null ? 0 : $this->head->length ?? 0;

        return $length > self::SHORT_BODY ? $length : 0;
    }

    /** Who sends or reads too slowly is given up. */
    public function look(float $now): void
    {
        if ($now - $this->since > ($this->isPassedOn ? self::DEAF_S : self::SLOW_S)) {
            $this->house->close();
        }
    }

    private function asked(string $data): void
    {
        // One request for a connection: what follows it is nobody's.
        if ($this->isPassedOn || $this->isAnswered) {
            return;
        }
        $this->buffer .= $data;
        if ($this->head === null) {
            $head = RequestHead::in($this->buffer);
            if ($head === null) {
                RequestHead::isTooLong($this->buffer) && $this->refuse(
                    431,
                    'The head of this request is longer than 16 KB.',
                );

                return;
            }
            $problem = $this->problemOf($head);
            if ($problem !== null) {
                $this->refuse(...$problem);

                return;
            }
            $this->head = $head;
            if (preg_match('/^expect:[ \t]*100-continue/mi', $head->text) === 1) {
                $this->house->write("HTTP/1.1 100 Continue\r\n\r\n");
            }
        }
        if (strlen($this->buffer) >= $this->head->whole()) {
            $this->passOn($this->head);
        }
    }

    /** @return ?array{int, string} status, and why it is refused; null if it is let in */
    private function problemOf(RequestHead $head): ?array
    {
        return match (true) {
            // Lines end in one way only: what two may take apart differently is not passed on.
            preg_match('/(?<!\r)\n|\r(?!\n)|\0/', $head->text) === 1,
            preg_match(
                '#^[A-Z]+ /\S* HTTP/1\.[01]$#D',
                $head->lines()[0],
            ) !== 1 => [400, 'This is no request for a page.'],
            $head->isInPieces,
            $head->saysLength && $head->length === null => [411, 'This request does not say how long it is.'],
            $head->length > self::MOST_BODY => [
                413, 'This is longer than 2 MB. Bring it at the desk: from elsewhere no more is taken.',
            ],
            $head->length > self::SHORT_BODY && ! ($this->hasRoom)($head->length) => [
                503, 'Too much is being brought at once. Try again in a moment.',
            ],
            default => null,
        };
    }

    /** As it came, but for the fields that are the gate's to say. */
    private function passOn(RequestHead $head): void
    {
        $this->isPassedOn = true;
        $this->since = microtime(true);
        $own = str_replace('-', '[-_]', RemotePeer::FROM);
        $dropped = '/^('.$own.'|connection|keep-alive|expect|upgrade)[ \t]*:/i';
        $fields = preg_grep($dropped, array_slice($head->lines(), 1), PREG_GREP_INVERT) ?: [];
        $lines = [$head->lines()[0], RemotePeer::FROM.': '.$this->asker->address, 'Connection: close', ...$fields];
        $body = substr($this->buffer, strlen($head->text) + 4, $head->length ?? 0);
        $request = implode("\r\n", $lines)."\r\n\r\n".$body;
        $this->buffer = '';
        $this->connector->connect($this->where)->then(function (ConnectionInterface $pages) use ($request): void {
            if (! $this->house->isWritable()) {
                $pages->close();

                return;
            }
            $this->pages = $pages;
            $pages->on('data', $this->answered(...));
            $pages->on('close', $this->ended(...));
            $pages->on('error', static function (): void {});
            $pages->write($request);
        }, fn () => $this->refuse(503, 'Nailrod is just being started again. Try again in a moment.'));
    }

    private function answered(string $data): void
    {
        $this->isAnswered = true;
        if (! $this->isFull) {
            $this->since = microtime(true);
            $this->isFull = ! $this->house->write($data);

            return;
        }
        $this->waiting .= $data;
        if (strlen($this->waiting) > self::MOST_WAITING) {
            $this->pages?->pause();
        }
    }

    private function drained(): void
    {
        $this->since = microtime(true);
        $waiting = $this->waiting;
        $this->waiting = '';
        $this->isFull = $waiting !== '' && ! $this->house->write($waiting);
        if ($this->pages?->isReadable() === true) {
            $this->pages->resume();
        } elseif ($waiting === '' || ! $this->isFull) {
            $this->ended();
        }
    }

    /** The pages have said all. */
    private function ended(): void
    {
        if (! $this->isAnswered && $this->house->isWritable()) {
            $this->refuse(503, 'Nailrod is just being started again. Try again in a moment.');
        } elseif (! $this->isFull || $this->waiting === '') {
            $this->house->end();
        }
    }

    private function refuse(int $status, string $why): void
    {
        $this->isAnswered = true;
        $this->buffer = '';
        $fields = [
            'HTTP/1.1 '.$status.' '.self::REASONS[$status],
            'Content-Type: text/plain; charset=utf-8',
            'Content-Length: '.strlen($why),
            'Cache-Control: no-store',
            'Connection: close',
        ];
        $this->house->end(implode("\r\n", $fields)."\r\n\r\n".$why);
    }
}
