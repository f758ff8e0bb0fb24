<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Node;

/** A number between two limits. */
final readonly class Number implements Type
{
    use NamesNothing;

    /** As far as numbers of a game go. */
    public const FAR = 1e9;
    /** Parts of a travel: a place on it, a width of it, a share of a whole. In the file 0 to 1, on the page percent. */
    public const AT = 'at';
    public const BY = 'by';
    public const OF = 'of';
    public const MS = 'ms';

    /** @param string $unit as a person reads it, or one of AT, BY, OF */
    public function __construct(
        public float $least = -self::FAR,
        public float $most = self::FAR,
        public string $unit = '',
    ) {}

    /** A time in milliseconds. */
    public static function ms(float $least, float $most): self
    {
        return new self($least, $most, self::MS);
    }

    public static function at(): self
    {
        return new self(0.0, 1.0, self::AT);
    }

    public static function by(float $most = 1.0): self
    {
        return new self(0.0, $most, self::BY);
    }

    public static function of(float $least, float $most): self
    {
        return new self($least, $most, self::OF);
    }

    /** Is it a part of a travel or of a whole, so that a page says it in percent? */
    public function isPart(): bool
    {
        return in_array($this->unit, [self::AT, self::BY, self::OF], true);
    }

    public function read(Node $node): float
    {
        return $node->number($this->least, $this->most);
    }

    public function schema(): array
    {
        return ['type' => 'number', 'minimum' => self::plain($this->least), 'maximum' => self::plain($this->most)];
    }

    public function inWords(): string
    {
        $unit = match ($this->unit) {
            '' => '',
            self::AT => ', a place on the whole travel',
            self::BY => ', a part of the whole travel',
            self::OF => ', a part of the whole',
            default => ' '.$this->unit,
        };

        return sprintf(
            'a number from %s to %s%s',
            json_encode(self::plain($this->least)),
            json_encode(self::plain($this->most)),
            $unit,
        );
    }

    public function unit(): string
    {
        return $this->unit;
    }

    public function example(): int|float
    {
        return self::plain(match (true) {
            $this->isPart() => min(0.1, $this->most),
            $this->unit === self::MS => max($this->least, min($this->most, 60.0)),
            default => max($this->least, min($this->most, 1.0)),
        });
    }

    private static function plain(float $number): int|float
    {
        return floor($number) === $number ? (int) $number : $number;
    }
}
