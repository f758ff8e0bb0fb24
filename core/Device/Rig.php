<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

/** All devices a person has on the desk and the floor, and every input of them by its reference. */
final readonly class Rig
{
    /** @var array<string, Device> */
    public array $devices;

    /** @var array<string, AxisInput> */
    public array $axes;

    /** @var array<string, ContactInput> */
    public array $contacts;

    /** @var array<string, Control> by the reference of an axis or a contact of it */
    private array $controls;

    /** @var array<string, true> what the devices report through: axes, contacts, hats, encoders */
    private array $ports;

    /** @param list<Device> $devices in file order */
    public function __construct(array $devices)
    {
        $byId = $axes = $contacts = $controls = $ports = [];
        foreach ($devices as $device) {
            $byId[$device->id] = $device;
            foreach ($device->controls as $control) {
                foreach ($control->axes as $axis) {
                    $axes[$axis->ref] = $axis;
                    $controls[$axis->ref] = $control;
                    $ports[$axis->ref] = true;
                }
                foreach ($control->contacts as $contact) {
                    $contacts[$contact->ref] = $contact;
                    $controls[$contact->ref] = $control;
                    if ($contact->opposite === null) {
                        $ports[$contact->hat ?? $contact->ref] = true;
                    }
                }
                if ($control->encoder !== null) {
                    $ports[$control->ref] = true;
                }
            }
        }
        $this->devices = $byId;
        $this->axes = $axes;
        $this->contacts = $contacts;
        $this->controls = $controls;
        $this->ports = $ports;
    }

    public function has(string $ref): bool
    {
        return isset($this->controls[$ref]);
    }

    /** Does a device of the rig report through this port? */
    public function reports(string $port): bool
    {
        return isset($this->ports[$port]);
    }

    public function controlOf(string $ref): ?Control
    {
        return $this->controls[$ref] ?? null;
    }

    /** The name a person reads: "Left lever", "Switch 2 up". */
    public function nameOf(string $ref): string
    {
        $control = $this->controls[$ref] ?? null;
        if ($control === null) {
            return $ref;
        }
        $part = ($this->contacts[$ref] ?? $this->axes[$ref])->name;

        return $part === '' ? $control->name : $control->name.' '.$part;
    }

    public function deviceNameOf(string $ref): string
    {
        $id = explode('/', $ref, 2)[0];
        $device = $this->devices[$id] ?? null;

        return $device === null ? $id : $device->name;
    }
}
