<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

/**
 * A contact of a device. One with an input number is reported; one that is the opposite of another is made from it.
 * A direction of a hat is reported through the hat (its index counts clockwise from north: 0 to 3).
 */
final readonly class ContactInput
{
    private function __construct(
        public string $ref,
        public string $name,
        public ?int $number,
        public ?string $opposite,
        public ?string $hat,
        public int $direction,
    ) {}

    public static function reported(string $ref, string $name, int $number): self
    {
        return new self($ref, $name, $number, null, null, 0);
    }

    public static function opposite(string $ref, string $name, string $of): self
    {
        return new self($ref, $name, null, $of, null, 0);
    }

    public static function direction(string $ref, string $name, string $hat, int $number, int $direction): self
    {
        return new self($ref, $name, $number, null, $hat, $direction);
    }

    /** Is a direction (0 north to 3 west) of a hat closed at this value of the hat (0 to 7 clockwise from north, or -1)? Diagonals close two. */
    public static function points(int $direction, int $hat): bool
    {
        return $hat >= 0 && in_array(($hat - 2 * $direction + 8) % 8, [7, 0, 1], true);
    }
}
