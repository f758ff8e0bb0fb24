<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Rotation;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Kind\Dial;
use Nailrod\Core\Rig\Device\Kind\Phrase;
use Nailrod\Core\Rig\Device\PhraseList;
use Nailrod\Core\Rig\Device\Rotary;
use Nailrod\Core\Rig\Device\Setting;

/** What a person says of the rig itself: which devices there are, what their controls are, what their axes reach. */
final readonly class RigEdits
{
    use SaysParts;

    public function __construct(private BindingSet $set) {}

    /**
     * Says something of a control; what was said of it before stays.
     *
     * @param array<string, mixed> $fields of a note (ControlNote::FIELDS); a null takes that field back
     */
    public function note(string $ref, array $fields): SetDocument
    {
        $control = $this->control($ref);
        if ($control->kind instanceof Phrase && is_string($fields['name'] ?? null)) {
            $this->mustBeNew($fields['name'], $control->contacts[0]->ref);
        }
        $path = PartPath::control($control->ref);
        $note = array_filter($fields + $this->noteOf($path), fn (mixed $value) => $value !== null);
        if (($note['kind'] ?? $control->kind::kind()) !== Dial::kind() && $control->encoder === null) {
            unset($note['ticks'], $note['round']);
        }

        return $note === [] ? $this->own()->without($path) : $this->own()->with($path, $note);
    }

    /**
     * Uses a control that turns the other way too: a dial as ticks, an encoder as places; or no longer.
     *
     * @param bool $both   the other way too?
     * @param bool $round  does the first follow the last?
     * @param int  $places of an encoder
     *
     * @throws FormatError for any other control
     */
    public function turn(string $ref, bool $both, bool $round, int $places): SetDocument
    {
        $control = $this->control($ref);
        if (! Rotary::isFor($control)) {
            throw FormatError::told('Control', $control->name, 'a dial or an encoder');
        }
        $how = $control->encoder === null ? ['ticks' => true] : ['places' => $places];

        return $this->note(
            $ref,
            ($both ? $how : array_map(fn () => null, $how)) + ['round' => $both && $round ? true : null],
        );
    }

    /** Everything about the control is as the device file says, or the parent set. */
    public function giveBack(string $ref): SetDocument
    {
        return $this->own()->without(PartPath::control($ref));
    }

    /**
     * Adds a phrase to a list of phrases.
     *
     * @throws FormatError if it is no list, or has the phrase
     */
    public function addPhrase(string $device, string $phrase): SetDocument
    {
        $list = $this->set->rig->devices[$device] ?? null;
        if ($list?->kind !== PhraseList::KIND) {
            throw FormatError::told('List', $device, 'a list of phrases of the rig');
        }
        $this->mustBeNew($phrase);
        $noted = array_filter(
            $this->set->merged->section('controls'),
            fn (PartValue $part): bool => $part->path->key === $device,
        );
        [$id, $note] = PhraseList::note(
            $list,
            $phrase,
            array_values(array_map(fn (PartValue $part): string => (string) $part->path->inner, $noted)),
        );

        return $this->own()->with(PartPath::control($device.'/'.$id), $note);
    }

    /** @throws FormatError if the rig has no such phrase */
    public function removePhrase(string $ref): SetDocument
    {
        $control = $this->control($ref);
        if (! $control->kind instanceof Phrase) {
            throw FormatError::told('Phrase', $control->name, 'a phrase of a list');
        }

        return $this->own()->with(PartPath::control($ref), ['name' => $control->name, 'left_out' => true]);
    }

    private function mustBeNew(string $phrase, ?string $unless = null): void
    {
        $other = $this->set->rig->phrase($phrase);
        if ($other !== null && $other !== $unless) {
            throw FormatError::at('Phrase', $phrase, 'one that the list does not have yet');
        }
    }

    public function addDevice(string $id): SetDocument
    {
        $devices = $this->set->merged->devices;

        return in_array($id, $devices, true) ? $this->own() : $this->own()->withDevices([...$devices, $id]);
    }

    public function removeDevice(string $id): SetDocument
    {
        return $this->own()->withDevices(array_values(array_diff($this->set->merged->devices, [$id])));
    }

    /**
     * Several parts of one axis at once.
     *
     * @param array<string, ?array<string, mixed>> $parts in the open format; null takes back what the set says itself
     *
     * @throws FormatError
     */
    public function shape(string $axis, array $parts): SetDocument
    {
        if (! isset($this->set->rig->axes[$axis])) {
            throw FormatError::at('axes', $axis, 'an axis of the rig');
        }
        $own = $this->own();
        foreach (Keys::each($parts) as $part => $value) {
            $path = PartPath::axis($axis, $part);
            $own = $value === null ? $own->without($path) : $own->with($path, $value);
        }

        return $own;
    }

    /**
     * Says what a device shall be like.
     *
     * @param mixed $value as it stands in a file; null takes back what the set says itself
     *
     * @throws FormatError if the device has no such setting, or it cannot be that
     */
    public function set(string $device, string $id, mixed $value): SetDocument
    {
        $found = $this->set->rig->devices[$device] ?? null;
        $setting = $found?->setting($id) ?? throw FormatError::told('Setting', $id, 'one that the device has');
        $path = PartPath::setting($device, $id);
        $axis = $id === Setting::ROTATION ? SettingReading::turning($found) : null;
        // What the set says of the axis is read as the setting: the new word takes its place.
        $own = $axis === null ? $this->own() : $this->own()->without(PartPath::axis($axis->ref, Rotation::part()));

        return $value === null ? $own->without($path) : $own->with(
            $path,
            ['is' => $setting->value(Node::of($value, $setting->name))],
        );
    }

    /**
     * Says how large a device is.
     *
     * @param string $from  id of one control
     * @param string $to    id of another one on the same page
     * @param ?float $apart how far their middles are from each other, in mm; null for as it is drawn
     *
     * @throws FormatError if these are not two controls of the device with a distance between them on its drawing
     */
    public function size(string $device, string $from, string $to, ?float $apart): SetDocument
    {
        $path = PartPath::size($device);
        if ($apart === null) {
            return $this->own()->without($path);
        }
        $found = $this->set->rig->devices[$device] ?? throw FormatError::told(
            'Device',
            'one that is not here',
            'a device of the rig',
        );
        $one = $found->control($from) ?? throw FormatError::told(
            'From',
            'a control that '.$found->name.' does not have',
            'one that it has',
        );
        $other = $found->control($to) ?? throw FormatError::told(
            'To',
            'a control that '.$found->name.' does not have',
            'one that it has',
        );
        if ($one->page !== $other->page || ($one->x === $other->x && $one->y === $other->y)) {
            throw FormatError::told('To', $other->name, 'another control on the same page than '.$one->name);
        }

        return $this->own()->with($path, ['from' => $from, 'to' => $to, 'mm' => $apart]);
    }

    private function control(string $ref): Control
    {
        foreach ($this->set->rig->deviceOf($ref)->controls ?? [] as $control) {
            if ($control->ref === $ref) {
                return $control;
            }
        }

        throw FormatError::at('controls', $ref, 'a control of the rig');
    }

    /** @return array<string, mixed> what holds of the part now, also from a parent */
    private function noteOf(PartPath $path): array
    {
        $value = $this->set->merged->value($path);

        return $value === null ? [] : Node::of($value)->plain();
    }
}
