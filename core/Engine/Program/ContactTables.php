<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

use Nailrod\Core\Rig\Device\ContactInput;

/**
 * The contacts of a program by number, what is made from which, and at which port each is reported.
 */
final readonly class ContactTables
{
    /**
     * @param list<ContactRow>                      $rows
     * @param array<int, list<int>>               $opposites    contacts that are closed while the key is open
     * @param array<int, list<int>>               $noneOf       contacts that the key keeps open
     * @param array<string, int>                  $contactPorts
     * @param array<string, list<?int>>           $hatPorts     north, east, south, west
     * @param array<string, array{?int, ?int}>    $tickPorts    one way and the other
     * @param array<string, RotaryRow>            $rotaries     by the control that turns
     */
    private function __construct(
        public array $rows,
        public array $opposites,
        public array $noneOf,
        public array $contactPorts,
        public array $hatPorts,
        public array $tickPorts,
        public array $rotaries,
    ) {}

    /** @param array<string, ContactInput> $contacts by reference, with all that any of them is made from */
    public static function of(array $contacts): self
    {
        $index = array_flip(array_keys($contacts));
        $rows = $opposites = $noneOf = $contactPorts = $hatPorts = $tickPorts = $rotaries = [];
        foreach ($contacts as $ref => $contact) {
            $i = $index[$ref];
            $sources = array_map(fn (string $of) => $index[$of], $contact->noneOf);
            $of = $contact->opposite === null ? null : $index[$contact->opposite];
            $rows[] = new ContactRow(
                $ref,
                $of,
                $sources,
                $contact->settle,
                $contact->mark !== null,
                $contact->debounce,
            );
            foreach ($sources as $source) {
                $noneOf[$source][] = $i;
            }
            if ($of !== null) {
                $opposites[$of][] = $i;
            } elseif ($sources !== [] || $contact->mark !== null) {
                continue;
            } elseif ($contact->rotary !== null) {
                $rotaries[$contact->rotary->control] ??= RotaryRow::of($contact->rotary, $contacts, $index);
            } elseif ($contact->encoder !== null) {
                $tickPorts[$contact->encoder] ??= [null, null];
                $tickPorts[$contact->encoder][$contact->direction > 0 ? 0 : 1] = $i;
            } elseif ($contact->hat !== null) {
                $hatPorts[$contact->hat] ??= [null, null, null, null];
                $hatPorts[$contact->hat][$contact->direction] = $i;
            } else {
                $contactPorts[$ref] = $i;
            }
        }

        return new self(
            $rows,
            $opposites,
            $noneOf,
            $contactPorts,
            array_map(array_values(...), $hatPorts),
            $tickPorts,
            $rotaries,
        );
    }
}
