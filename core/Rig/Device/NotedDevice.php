<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Rig\Device\Kind\Dial;
use Nailrod\Core\Rig\Device\Kind\PushButton;

/** Lays what the owner says of the controls over a device. A number belongs to the control that claims it. */
final readonly class NotedDevice
{
    /**
     * @param array<string, ControlNote> $notes by the id of the control
     * @param list<string>               $missing gets the references that the device does not have
     */
    public static function of(Device $device, array $notes, array &$missing): Device
    {
        $others = array_diff_key(
            $notes,
            array_flip(array_map(fn (Control $control): string => $control->id(), $device->controls)),
        );
        $claimed = self::claimed($device, array_diff_key($notes, $others));
        $controls = [];
        foreach ($device->controls as $control) {
            $note = $notes[$control->id()] ?? null;
            if ($note?->leavesOut() === true) {
                continue;
            }
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
        if ($device->kind === PhraseList::KIND) {
            return self::phrases($device->withControls($controls), $others);
        }
        foreach (Keys::of($others) as $id) {
            $missing[] = $device->id.'/'.$id;
        }

        return $device->withControls($controls);
    }

    /** @param array<string, ControlNote> $notes of phrases that the list does not have yet, by id */
    private static function phrases(Device $list, array $notes): Device
    {
        $controls = $list->controls;
        foreach (Keys::each($notes) as $id => $note) {
            if ($note->leavesOut()) {
                continue;
            }
            $phrase = PhraseList::added($list, (string) $id, $note);
            foreach ($controls as $other) {
                if ($other->contacts[0]->number === $phrase->contacts[0]->number) {
                    throw FormatError::at(
                        $note->node->path.'.contacts',
                        $phrase->contacts[0]->number,
                        'a number that no other phrase has',
                    );
                }
            }
            $controls[] = $phrase;
        }
        $all = $list->withControls($controls);

        return new Device(
            $all->id,
            $all->name,
            $all->kind,
            $all->standIn,
            $all->controls,
            $all->lamps,
            $all->width,
            PhraseList::height($all),
            $all->onboard,
            $notes === [] ? $all->descriptor : null,
            $all->gamepad,
            $all->limits,
            $all->panel,
        );
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
                    throw FormatError::at(
                        $note->node->path.'.contacts',
                        $contact->number,
                        'a number that '.$device->name.' reports',
                    );
                }
                if (isset($claimed[$key])) {
                    throw FormatError::at(
                        $note->node->path.'.contacts',
                        $contact->number,
                        'a number that '.$claimed[$key].' does not have',
                    );
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
        $lost = fn (ContactInput $contact): bool => $contact->hat === null
            && $contact->number !== null
            && isset($claimed[self::key($contact)]);
        if (array_filter($control->contacts, $lost) === []) {
            return $control;
        }
        $left = array_filter(
            $control->contacts,
            fn (ContactInput $contact) => $contact->isReported() && ! $lost($contact),
        );
        if ($left === []) {
            return null;
        }

        return new Control(
            $control->ref,
            $control->name,
            $control->label,
            count($left) === 1 ? new PushButton : new Dial,
            [],
            array_values($left),
            $control->x,
            $control->y,
            null,
            null,
            $control->page,
        );
    }
}
