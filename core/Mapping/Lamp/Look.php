<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Rig\Device\Lamp;

/** How a lamp is lit: its colour, how bright, and whether it flashes, and how. */
final readonly class Look
{
    public const FULL = 100;

    public const STEADY = 'steady';
    public const SLOW = 'slow';
    public const FAST = 'fast';
    public const TWICE = 'twice';

    /**
     * The same on a lamp: one that lacks the colour is lit in its own.
     *
     * @param list<string> $colours that it has, its own first; none if they are not known
     */
    public function on(array $colours): self
    {
        return $this->colour === null || $colours === [] || in_array($this->colour, $colours, true) ? $this : new self(
            $colours[0],
            $this->brightness,
            $this->pattern,
        );
    }

    /** What a row of what came out says of each. */
    private const SAID = [self::STEADY => '', self::SLOW => ' slow', self::FAST => ' fast', self::TWICE => ' twice'];

    /**
     * @param ?string $colour     one of Lamp::COLOURS; null: its usual one
     * @param int     $brightness in percent, 1..100
     * @param string  $pattern    one of the constants: always on, on and off slowly or fast, or two flashes and a pause
     */
    public function __construct(
        public ?string $colour = null,
        public int $brightness = self::FULL,
        public string $pattern = self::STEADY,
    ) {}

    /** @return list<Field> what rules say of it alike; a row takes its colours from its bands */
    public static function fields(bool $hasColour): array
    {
        return [
            ...(
                $hasColour ? [
                    Field::optional(
                        null,
                        'colour',
                        'Colour',
                        Choice::of(...Lamp::COLOURS),
                        'The colour in which it is lit; its own if it is not said.',
                        'green',
                    ),
                ] : []
            ),
            ...[
                Field::optional(
                    self::FULL,
                    'brightness',
                    'Brightness',
                    new Whole(1, self::FULL, '%'),
                    'How bright it is.',
                ),
            ],
            ...(
                $hasColour ? [
                    Field::optional(
                        self::STEADY,
                        'pattern',
                        'Lit',
                        Choice::said([
                            self::STEADY => 'steadily',
                            self::SLOW => 'flashing slowly',
                            self::FAST => 'flashing',
                            self::TWICE => 'in two flashes',
                        ]),
                        'Is it lit steadily, or does it flash, and how?',
                    ),
                ] : []
            ),
        ];
    }

    public static function of(FieldValues $given): self
    {
        return new self(
            $given->has('colour') ? $given->textOrNull('colour') : null,
            $given->whole('brightness'),
            $given->has('pattern') ? $given->text('pattern') : self::STEADY,
        );
    }

    /** @return array<string, mixed> its fields in the open format; what is usual is left out */
    public function toArray(): array
    {
        return ($this->colour === null ? [] : ['colour' => $this->colour]) + (
            $this->brightness === self::FULL ? [] : ['brightness' => $this->brightness]
        ) + ($this->pattern === self::STEADY ? [] : ['pattern' => $this->pattern]);
    }

    public function coloured(?string $colour, bool $flashes): self
    {
        return new self($colour ?? $this->colour, $this->brightness, $flashes ? self::FAST : self::STEADY);
    }

    /**
     * What a row of what came out says: 1 for a lamp that is simply lit, else "green", "green 60", "red 60 fast", "lit
     * 60", "amber twice".
     */
    public function value(): int|string
    {
        if ($this->colour === null && $this->brightness === self::FULL && $this->pattern === self::STEADY) {
            return 1;
        }

        return ($this->colour ?? 'lit').(
            $this->brightness === self::FULL ? '' : ' '.$this->brightness
        ).self::SAID[$this->pattern];
    }

    public function inWords(): string
    {
        return ($this->colour ?? 'in its colour').(
            $this->brightness === self::FULL ? '' : ' at '.$this->brightness.' %'
        ).match ($this->pattern) {
            self::SLOW => ', flashing slowly,',
            self::FAST => ', flashing,',
            self::TWICE => ', in two flashes,',
            default => '',
        };
    }
}
