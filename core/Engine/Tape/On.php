<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Tape;

/** Something that is on: since when, what it is called, and which line of the tape told that it began. */
final readonly class On
{
    /**
     * @param string $key   kind and target of the output: `button 3`
     * @param int    $value of it: 1, or where a hat points
     * @param int    $t     since when, in µs
     * @param string $name  with what it does: `Horn`, `key L`, `stop Cruise`
     * @param int    $line  number of the line that told it; 0 if none did
     */
    public function __construct(
        public string $key,
        public int $value,
        public int $t,
        public string $name,
        public int $line = 0,
    ) {}

    public function toldBy(int $line): self
    {
        return new self($this->key, $this->value, $this->t, $this->name, $line);
    }

    /** How long it was on at that instant: "0.8 s", "60 ms", "2 min 5 s". */
    public function lasted(int $t): string
    {
        $ms = intdiv(max(0, $t - $this->t), 1000);

        return match (true) {
            $ms < 100 => $ms.' ms',
            $ms < 9_950 => sprintf('%.1f s', $ms / 1000),
            $ms < 59_500 => round($ms / 1000).' s',
            default => sprintf('%d min %d s', intdiv((int) round($ms / 1000), 60), round($ms / 1000) % 60),
        };
    }
}
