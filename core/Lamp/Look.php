<?php

declare(strict_types=1);

namespace Nailrod\Core\Lamp;

use Nailrod\Core\Device\Lamp;
use Nailrod\Core\Format\Node;

/** How a lamp is lit: its colour, how bright, and whether it flashes. */
final readonly class Look
{
    public const FULL = 100;

    /**
     * @param ?string $colour     one of Lamp::COLOURS; null: its usual one
     * @param int     $brightness in percent, 1..100
     */
    public function __construct(public ?string $colour = null, public int $brightness = self::FULL, public bool $flashes = false) {}

    public static function read(Node $node): self
    {
        return new self($node->maybe('colour')?->oneOf(Lamp::COLOURS), $node->maybe('brightness')?->int(1, self::FULL) ?? self::FULL);
    }

    /** @return array<string, mixed> its fields in the open format; what is usual is left out */
    public function toArray(): array
    {
        return ($this->colour === null ? [] : ['colour' => $this->colour]) + ($this->brightness === self::FULL ? [] : ['brightness' => $this->brightness]);
    }

    public function coloured(?string $colour, bool $flashes): self
    {
        return new self($colour ?? $this->colour, $this->brightness, $flashes);
    }

    /** What a row of what came out says: 1 for a lamp that is simply lit, else "green", "green 60", "red 60 flash", "lit 60". */
    public function value(): int|string
    {
        if ($this->colour === null && $this->brightness === self::FULL && ! $this->flashes) {
            return 1;
        }

        return ($this->colour ?? 'lit').($this->brightness === self::FULL ? '' : ' '.$this->brightness).($this->flashes ? ' flash' : '');
    }

    public function inWords(): string
    {
        return ($this->colour ?? 'in its colour').($this->brightness === self::FULL ? '' : ' at '.$this->brightness.' %');
    }
}
