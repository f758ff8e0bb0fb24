<?php

declare(strict_types=1);

namespace Nailrod\Core\Lamp;

use Nailrod\Core\Device\Lamp;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Given;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Whole;

/** How a lamp is lit: its colour, how bright, and whether it flashes. */
final readonly class Look
{
    public const FULL = 100;

    /**
     * @param ?string $colour     one of Lamp::COLOURS; null: its usual one
     * @param int     $brightness in percent, 1..100
     */
    public function __construct(public ?string $colour = null, public int $brightness = self::FULL, public bool $flashes = false) {}

    /** @return list<Field> what rules say of it alike; a row takes its colours from its bands */
    public static function fields(bool $hasColour): array
    {
        return [
            ...($hasColour ? [Field::usually(null, 'colour', 'Colour', Choice::of(...Lamp::COLOURS), 'The colour in which it is lit; its own if it is not said.', 'green')] : []),
            ...[Field::usually(self::FULL, 'brightness', 'Brightness', new Whole(1, self::FULL, '%'), 'How bright it is.')],
        ];
    }

    public static function of(Given $given): self
    {
        return new self($given->has('colour') ? $given->textOrNull('colour') : null, $given->whole('brightness'));
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
