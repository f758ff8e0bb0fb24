<?php

declare(strict_types=1);

namespace App\Rig;

/** The head of a request as it came over a line, HTTP/1.1 (RFC 9112), as far as somebody is let in or refused by it. */
final readonly class RequestHead
{
    /** A head may be so long, in bytes. */
    public const MOST = 16_384;

    private const END = "\r\n\r\n";

    /**
     * @param string $text   without the empty line at its end
     * @param ?int   $length of the body, in bytes; null if it is not said, or said in a way that
     *                       two may read as two numbers
     */
    private function __construct(
        public string $text,
        public string $method,
        public string $host,
        public string $origin,
        public ?int $length,
        public bool $saysLength,
        public bool $isInPieces,
    ) {}

    /** What stands at the beginning of what has come; null if it is not whole yet. */
    public static function in(string $buffer): ?self
    {
        $end = strpos($buffer, self::END);
        if ($end === false || $end > self::MOST) {
            return null;
        }
        $text = substr($buffer, 0, $end);
        $field = fn (string $name): string => preg_match('/^'.$name.':[ \t]*(.*?)[ \t\r]*$/mi', $text, $match) === 1
            ? $match[1] : '';
        $said = preg_match_all('/^content-length[ \t]*:/mi', $text);
        $isNumber = preg_match_all('/^content-length:[ \t]*(\d{1,9})[ \t\r]*$/mi', $text, $match) === 1 && $said === 1;
        $isInPieces = preg_match('/^transfer-encoding[ \t]*:/mi', $text) === 1;
        $length = $isNumber ? (int) $match[1][0] : null;
        $method = (string) strtok($text, ' ');

        return new self($text, $method, $field('host'), $field('origin'), $length, $said > 0, $isInPieces);
    }

    /** Is what has come longer than a head may be, and still none? */
    public static function isTooLong(string $buffer): bool
    {
        return strlen($buffer) > self::MOST && self::in($buffer) === null;
    }

    /** How long the whole request is, in bytes. */
    public function whole(): int
    {
        return strlen($this->text) + strlen(self::END) + ($this->length ?? 0);
    }

    /** @return list<string> the line of the request, then one for each field */
    public function lines(): array
    {
        return explode("\r\n", $this->text);
    }
}
