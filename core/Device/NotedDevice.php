<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;

/** Lays what the owner says of the controls over a device. A number belongs to the control that claims it. */
final readonly class NotedDevice
{
    /**
     * @param array<string, ControlNote> $notes by the id of the control
     * @param list<string>               $missing gets the references that the device does not have
     */
    public static function of(Device $device, array $notes, array &$missing): Device
    {
        $claimed = self::claimed($device, $notes);
        $controls = [];
        foreach ($device->controls as $control) {
            $note = $notes[$control->id()] ?? null;
            if ($note !== null) {
                $control = $note->over($control);
            }
            if ($note === null || ! $note->node->has('contacts')) {
                $control = self::without($control, $claimed);
            }
            if ($control !== null) {
                $controls[] = $control;
            }
        }
        foreach (Keys::of(array_diff_key($notes, array_flip(array_map(fn (Control $c) => $c->id(), $device->controls)))) as $id) {
            $missing[] = $device->id.'/'.$id;
        }

        return $device->withControls($controls);
    }

    /**
     * A number is one of a page: button 5 is another input than key 5.
     *
     * @param array<string, ControlNote> $notes
     *
     * @return array<string, string> the control that claims a number, by page and number
     */
    private static function claimed(Device $device, array $notes): array
    {
        $reported = [];
        foreach ($device->contacts() as $contact) {
            if ($contact->number !== null && $contact->hat === null) {
                $reported[self::key($contact)] = true;
            }
        }
        $claimed = [];
        foreach (Keys::each($notes) as $id => $note) {
            foreach ($note->claims() as $contact) {
                $key = self::key($contact);
                if (! isset($reported[$key])) {
                    throw FormatError::at($note->node->path.'.contacts', $contact->number, 'a number that '.$device->name.' reports');
                }
                if (isset($claimed[$key])) {
                    throw FormatError::at($note->node->path.'.contacts', $contact->number, 'a number that '.$claimed[$key].' does not have');
                }
                $claimed[$key] = (string) $id;
            }
        }

        return $claimed;
    }

    private static function key(ContactInput $contact): string
    {
        return $contact->page->value.' '.$contact->number;
    }

    /**
     * The control without what others claim; null if nothing is left of it.
     *
     * @param array<string, string> $claimed
     */
    private static function without(Control $control, array $claimed): ?Control
    {
        $lost = fn (ContactInput $contact): bool => $contact->hat === null && $contact->number !== null && isset($claimed[self::key($contact)]);
        if (array_filter($control->contacts, $lost) === []) {
            return $control;
        }
        $left = array_filter($control->contacts, fn (ContactInput $contact) => $contact->isReported() && ! $lost($contact));
        if ($left === []) {
            return null;
        }

        return new Control($control->ref, $control->name, $control->label, count($left) === 1 ? ControlKind::Button : ControlKind::Dial, [], array_values($left), $control->x, $control->y, null, null, $control->page);
    }
}
