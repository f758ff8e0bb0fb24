<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Kind\Dial;

/**
 * A control that turns, used the other way: a dial whose positions are also counted as ticks, or an encoder that also
 * has places, of which one is closed. The contacts that are made by it hold it.
 */
final readonly class Rotary
{
    public const FEWEST_PLACES = 2;
    public const MOST_PLACES = 32;

    /** What a form offers first. */
    public const PLACES = 6;

    /**
     * @param string       $control  reference of the dial, or of the encoder
     * @param list<string> $contacts references of the positions of a dial, or of the
     *                               places of an encoder, in turning order
     * @param bool         $round    does it go from the last to the first?
     */
    public function __construct(public string $control, public array $contacts, public bool $round) {}

    /** Can this control be used the other way? */
    public static function isFor(Control $control): bool
    {
        return $control->kind instanceof Dial || $control->encoder !== null;
    }

    /** @return array{string, list<string>, bool} in plain values, to be kept */
    public function toRow(): array
    {
        return [$this->control, $this->contacts, $this->round];
    }

    /** @param array{string, list<string>, bool} $row as toRow() gave it */
    public static function ofRow(array $row): self
    {
        return new self(...$row);
    }

    /**
     * Two contacts that tick as a dial is turned.
     *
     * @return list<ContactInput>
     *
     * @throws FormatError for what has no positions
     */
    public static function ticks(Control $dial, bool $round, Node $asked): array
    {
        if (! $dial->kind instanceof Dial) {
            throw $asked->refuse('nothing, since '.$dial->name.' is no dial');
        }
        $rotary = new self(
            $dial->ref,
            array_map(fn (ContactInput $position) => $position->ref, $dial->contacts),
            $round,
        );

        return [
            ContactInput::tick($dial->ref.'.tick-plus', '+', $dial->ref, 1, $rotary),
            ContactInput::tick($dial->ref.'.tick-minus', '−', $dial->ref, -1, $rotary),
        ];
    }

    /**
     * Contacts of an encoder, of which the one is closed that it has been turned to.
     *
     * @return list<ContactInput>
     *
     * @throws FormatError for what is no encoder
     */
    public static function places(Control $encoder, int $count, bool $round, Node $asked): array
    {
        if ($encoder->encoder === null) {
            throw $asked->refuse('nothing, since '.$encoder->name.' is no encoder');
        }
        $rotary = new self(
            $encoder->ref,
            array_map(fn (int $i) => $encoder->ref.'.place-'.$i, range(1, $count)),
            $round,
        );

        return array_map(fn (int $i) => ContactInput::place($rotary, $i), array_keys($rotary->contacts));
    }

    /**
     * Ticks of a dial from one position to another: the shorter way where it goes round, up where both are equal.
     *
     * @param int $from place in contacts
     *
     * @return int above 0 upwards, below 0 downwards
     */
    public function ticksBetween(int $from, int $to): int
    {
        $up = $to - $from;
        if (! $this->round) {
            return $up;
        }
        $count = count($this->contacts);
        $up = ($up + $count) % $count;

        return $up <= $count - $up ? $up : $up - $count;
    }

    /**
     * The place beside one, by a tick.
     *
     * @param int $towards 1 or -1
     */
    public function beside(int $place, int $towards): int
    {
        $last = count($this->contacts) - 1;
        $next = $place + $towards;

        return match (true) {
            $next > $last => $this->round ? 0 : $last,
            $next < 0 => $this->round ? $last : 0,
            default => $next,
        };
    }
}
