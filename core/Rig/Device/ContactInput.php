<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/**
 * A contact of a device. One with an input number is reported; one that is the opposite of another, or closed while
 * none of several others is, is made from them; so is one that closes with the place of an axis, a tick of a dial and a
 * place of an encoder. A direction of a hat is reported through the hat (its index counts clockwise from north: 0 to
 * 3).
 */
final readonly class ContactInput
{
    /** How long none of the others must be closed until this one counts, if the file does not say, in ms. */
    public const SETTLE_MS = 40;

    /**
     * @param list<string> $noneOf references of the contacts that must all be open; empty for the other sorts
     * @param int          $settle of a none-of-these contact, in µs
     * @param ?string      $encoder reference of the encoder or the dial that it is a tick direction of
     * @param int          $debounce of a reported contact, in µs; 0: every change counts
     * @param ?string      $mark   a few signs that stand for its number, of one that is made from axes
     * @param ?Rotary      $rotary of a tick of a dial and of a place of an encoder: what it is made from
     */
    public function __construct(
        public string $ref,
        public string $name,
        public ?int $number,
        public ?string $opposite,
        public ?string $hat,
        public int $direction,
        public InputPage $page = InputPage::Button,
        public array $noneOf = [],
        public int $settle = 0,
        public ?string $mark = null,
        public ?string $encoder = null,
        public int $debounce = 0,
        public ?Rotary $rotary = null,
    ) {}

    /**
     * @return list<mixed> the contact in plain values, to be kept; what is as usual at the end is left out, since a rig
     *    has hundreds of these
     */
    public function toRow(): array
    {
        $values = [
            $this->ref,
            $this->name,
            $this->number,
            $this->opposite,
            $this->hat,
            $this->direction,
            $this->page->value,
            $this->noneOf,
            $this->settle,
            $this->mark,
            $this->encoder,
            $this->debounce,
            $this->rotary?->toRow(),
        ];
        $usual = [6 => InputPage::Button->value, 7 => [], 8 => 0, 9 => null, 10 => null, 11 => 0, 12 => null];
        for ($last = 12; $last > 5 && $values[$last] === $usual[$last]; $last--) {
            unset($values[$last]);
        }

        return array_values($values);
    }

    /**
     * @param array{string, string, ?int, ?string, ?string, int, 6?: string, 7?: list<string>, 8?: int, 9?: ?string,
     *    10?: ?string, 11?: int, 12?: ?array{string, list<string>, bool}} $row as toRow() gave it
     */
    public static function ofRow(array $row): self
    {
        return isset($row[6])
            ? new self(
                $row[0],
                $row[1],
                $row[2],
                $row[3],
                $row[4],
                $row[5],
                InputPage::from($row[6]),
                $row[7] ?? [],
                $row[8] ?? 0,
                $row[9] ?? null,
                $row[10] ?? null,
                $row[11] ?? 0,
                isset($row[12]) ? Rotary::ofRow($row[12]) : null,
            )
            : new self($row[0], $row[1], $row[2], $row[3], $row[4], $row[5]);
    }

    public static function reported(string $ref, string $name, int $number, InputPage $page = InputPage::Button): self
    {
        return new self($ref, $name, $number, null, null, 0, $page);
    }

    public static function opposite(string $ref, string $name, string $of): self
    {
        return new self($ref, $name, null, $of, null, 0);
    }

    /**
     * @param list<string> $noneOf references of those that must be open
     * @param int          $settle how long they must be, in µs
     */
    public static function noneOf(string $ref, string $name, array $noneOf, int $settle): self
    {
        return new self($ref, $name, null, null, null, 0, InputPage::Button, $noneOf, $settle);
    }

    public static function direction(string $ref, string $name, string $hat, int $number, int $direction): self
    {
        return new self($ref, $name, $number, null, $hat, $direction);
    }

    /**
     * A tick direction of an encoder, or of a dial: closed and opened at once at every tick.
     *
     * @param int     $direction 1 or -1
     * @param ?Rotary $dial      null for an encoder
     */
    public static function tick(string $ref, string $name, string $encoder, int $direction, ?Rotary $dial = null): self
    {
        return new self($ref, $name, null, null, null, $direction, encoder: $encoder, rotary: $dial);
    }

    /**
     * A place of an encoder.
     *
     * @param int $place from 0 on
     */
    public static function place(Rotary $encoder, int $place): self
    {
        return new self($encoder->contacts[$place], 'place '.($place + 1), null, null, null, $place, rotary: $encoder);
    }

    /** @param int $time in µs */
    public function debounced(int $time): self
    {
        return new self(
            $this->ref,
            $this->name,
            $this->number,
            $this->opposite,
            $this->hat,
            $this->direction,
            $this->page,
            $this->noneOf,
            $this->settle,
            $this->mark,
            $this->encoder,
            $time,
            $this->rotary,
        );
    }

    /** The same under another number. */
    public function numbered(InputPage $page, int $number): self
    {
        return new self(
            $this->ref,
            $this->name,
            $number,
            $this->opposite,
            $this->hat,
            $this->direction,
            $page,
            $this->noneOf,
            $this->settle,
            $this->mark,
            $this->encoder,
            $this->debounce,
            $this->rotary,
        );
    }

    /** One that closes and opens with the place of an axis. */
    public static function ofAxis(string $ref, string $name, string $mark): self
    {
        return new self($ref, $name, null, null, null, 0, mark: $mark);
    }

    /** Does the device report it, itself or through a hat? */
    public function isReported(): bool
    {
        return $this->number !== null;
    }

    /** Is it over at once, so that it cannot hold anything? */
    public function isTick(): bool
    {
        return $this->encoder !== null;
    }

    /**
     * @return list<string> references of the contacts of the same control that it is made from, or that are made with
     *    it
     */
    public function madeFrom(): array
    {
        return match (true) {
            $this->rotary !== null => $this->rotary->contacts,
            $this->opposite !== null => [$this->opposite],
            default => $this->noneOf,
        };
    }

    /**
     * Is a direction (0 north to 3 west) of a hat closed at this value of the hat (0 to 7 clockwise from north, or -1)?
     * Diagonals close two.
     */
    public static function points(int $direction, int $hat): bool
    {
        return HatWay::isHeld($direction, $hat);
    }
}
