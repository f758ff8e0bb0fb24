<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Rotary;

/** A dial that ticks, or an encoder that has places, as a program uses it. */
final readonly class RotaryRow
{
    /**
     * @param array{string, list<string>, bool} $rotary   in plain values
     * @param list<int>                         $contacts positions of the dial,
     *                                         or places of the encoder, in turning order
     * @param ?array{?int, ?int}                $ticks    of a dial: contacts
     *                                         that tick upwards and downwards; null of an encoder
     */
    public function __construct(public array $rotary, public array $contacts, public ?array $ticks) {}

    /**
     * @param array<string, ContactInput> $contacts that the program uses, by reference
     * @param array<string, int>          $index    their numbers
     */
    public static function of(Rotary $rotary, array $contacts, array $index): self
    {
        $ticks = null;
        foreach ($contacts as $ref => $contact) {
            if ($contact->encoder === $rotary->control && $contact->rotary !== null) {
                $ticks ??= [null, null];
                $ticks[$contact->direction > 0 ? 0 : 1] = $index[$ref];
            }
        }

        return new self($rotary->toRow(), array_map(fn (string $ref) => $index[$ref], $rotary->contacts), $ticks);
    }

    /** The place of an encoder by its reference, from 0 on; the first if it has no such place. */
    public function place(string $ref): int
    {
        return (int) array_search($ref, $this->rotary[1], true);
    }

    public function rotary(): Rotary
    {
        return Rotary::ofRow($this->rotary);
    }
}
