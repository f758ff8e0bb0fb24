<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

/**
 * A memory of two or more banks, of which the valid one with the highest count is in force. A write goes to another
 * bank, an empty one or the oldest: first its header is wiped, then the content is written, and the header comes last,
 * so that a write that is cut off at any byte leaves the old bank in force. Nobody else writes meanwhile, and that the
 * new bank is in force is looked at as the last thing. Header, big-endian: "NR" and two zero bytes, count, length,
 * CRC-32 of count, length and content (4 bytes each).
 */
final readonly class BankMemory
{
    private const MARK = "NR\0\0";
    private const HEADER = 16;
    private const BLOCK = 64;

    public function __construct(private MemoryPort $port) {}

    public function room(): int
    {
        return $this->bankSize() - self::HEADER;
    }

    /** What the device works with now; null if nothing valid is stored. */
    public function read(): ?string
    {
        return $this->inForce()?->content;
    }

    /** @return list<?Bank> all banks; null where nothing valid is stored */
    public function banks(): array
    {
        return array_map($this->bank(...), range(0, $this->port->banks() - 1));
    }

    /** @return ?Bank the bank in force */
    public function inForce(): ?Bank
    {
        return Bank::latest($this->banks());
    }

    /**
     * Writes, reads back and compares.
     *
     * @throws MemoryError if it does not fit, or if what is read back differs
     * @throws CableCut    if the connection is lost
     */
    public function write(string $content): Bank
    {
        if (strlen($content) > $this->room()) {
            throw MemoryError::tooLarge(strlen($content), $this->room());
        }

        return $this->port->alone(fn (): Bank => $this->put($content));
    }

    private function put(string $content): Bank
    {
        $banks = $this->banks();
        $before = $this->inForce();
        $count = ($before === null ? 0 : $before->count) + 1;
        $number = $this->next($banks, $before);
        $start = $number * $this->bankSize();
        $this->port->write($start, str_repeat("\xFF", self::HEADER));
        foreach (str_split($content, self::BLOCK) as $i => $block) {
            $this->port->write($start + self::HEADER + $i * self::BLOCK, $block);
        }
        $this->port->write($start, $this->header($count, $content));
        $written = $this->inForce();
        if ($written === null || $written->number !== $number || $written->content !== $content) {
            $this->port->write($start, str_repeat("\xFF", self::HEADER));

            throw MemoryError::notVerified();
        }

        return $written;
    }

    /** @param list<?Bank> $banks */
    private function next(array $banks, ?Bank $inForce): int
    {
        $next = null;
        foreach ($banks as $number => $bank) {
            if ($inForce?->number === $number) {
                continue;
            }
            if ($bank === null) {
                return $number;
            }
            $next = $next === null || $bank->count < ($banks[$next]->count ?? 0) ? $number : $next;
        }

        return $next ?? 0;
    }

    /** How many bytes a write of this content sends over the cable. */
    public static function cost(string $content): int
    {
        return 2 * self::HEADER + strlen($content);
    }

    private function bank(int $number): ?Bank
    {
        $start = $number * $this->bankSize();
        $header = $this->port->read($start, self::HEADER);
        if (! str_starts_with($header, self::MARK)) {
            return null;
        }
        ['count' => $count, 'length' => $length] = (array) unpack('Ncount/Nlength', $header, strlen(self::MARK));
        if (! is_int($count) || ! is_int($length) || $length > $this->room()) {
            return null;
        }
        $content = $this->port->read($start + self::HEADER, $length);

        return $this->header($count, $content) === $header ? new Bank($number, $count, $content) : null;
    }

    private function header(int $count, string $content): string
    {
        $numbers = pack('NN', $count, strlen($content));

        return self::MARK.$numbers.pack('N', crc32($numbers.$content));
    }

    private function bankSize(): int
    {
        return intdiv($this->port->size(), $this->port->banks());
    }
}
