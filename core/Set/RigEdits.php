<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Device\Control;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;

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
        $path = PartPath::control($this->control($ref)->ref);
        $note = array_filter($fields + $this->noteOf($path), fn (mixed $value) => $value !== null);

        return $note === [] ? $this->own()->without($path) : $this->own()->with($path, $note);
    }

    /** Everything about the control is as the device file says, or the parent set. */
    public function giveBack(string $ref): SetDocument
    {
        return $this->own()->without(PartPath::control($ref));
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
