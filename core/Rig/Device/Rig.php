<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Rig\Device\Kind\Phrase;

/** All devices a person has on the desk and the floor, and every input of them by its reference. */
final readonly class Rig
{
    /** Ticks of an encoder that can come at one instant. */
    private const MOST_TICKS = 10_000;

    /** @var array<string, Device> */
    public array $devices;

    /** @var array<string, AxisInput> */
    public array $axes;

    /** @var array<string, ContactInput> */
    public array $contacts;

    /** @var array<string, Control> by the reference of an axis or a contact of it */
    private array $controls;

    /** @var array<string, array{int, int}> lowest and highest value by port: axes, contacts, hats, encoders */
    private array $ports;

    /** @return array{devices: list<Device>, made: ?Device} all else is found in them */
    public function __serialize(): array
    {
        return ['devices' => array_values($this->devices), 'made' => $this->made];
    }

    /** @param array{devices: list<Device>, made: ?Device} $written */
    public function __unserialize(array $written): void
    {
        self::__construct($written['devices'], $written['made']);
    }

    /**
     * @param list<Device> $devices in file order
     * @param ?Device      $made    what a set makes from axes, as if it were a device; it reports nothing
     */
    public function __construct(array $devices, public ?Device $made = null)
    {
        $byId = $axes = $contacts = $controls = $ports = [];
        foreach ($made === null ? $devices : [...$devices, $made] as $device) {
            if ($device !== $made) {
                $byId[$device->id] = $device;
            }
            foreach ($device->controls as $control) {
                foreach ($control->axes as $axis) {
                    $axes[$axis->ref] = $axis;
                    $controls[$axis->ref] = $control;
                    if (! $axis->isBuilt()) {
                        $ports[$axis->ref] = [$axis->min, $axis->max];
                    }
                }
                foreach ($control->contacts as $contact) {
                    $contacts[$contact->ref] = $contact;
                    $controls[$contact->ref] = $control;
                    if ($contact->isReported()) {
                        $ports[$contact->hat ?? $contact->ref] = $contact->hat === null ? [0, 1] : [-1, 7];
                    }
                }
                if ($control->hat !== null || $control->encoder !== null) {
                    $controls[$control->ref] = $control;
                }
                if ($control->encoder !== null) {
                    $ports[$control->ref] = [-self::MOST_TICKS, self::MOST_TICKS];
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

    /** @return list<string> of everything that can be named: controls, contacts and axes */
    public function refs(): array
    {
        return Keys::of($this->controls);
    }

    /** Does a device of the rig report through this port? */
    public function reports(string $port): bool
    {
        return isset($this->ports[$port]);
    }

    /** @return array{int, int} the lowest and the highest value that a port of the rig can report */
    public function limits(string $port): array
    {
        return $this->ports[$port];
    }

    /** What a contact or a hat reports when it is open; null for all else. */
    public function openValue(string $port): ?int
    {
        return match (true) {
            isset($this->contacts[$port]) => 0,
            ($this->controls[$port] ?? null)?->hat !== null => -1,
            default => null,
        };
    }

    /** @return array<string, string> references of the contacts of its phrases, by what is said */
    public function phrases(): array
    {
        $phrases = [];
        foreach ($this->devices as $device) {
            foreach ($device->controls as $control) {
                if ($control->kind instanceof Phrase) {
                    $phrases[$control->name] ??= $control->contacts[0]->ref;
                }
            }
        }

        return $phrases;
    }

    /**
     * The contact of a phrase that was said, however it is written: capitals and spaces do not count; null if there is
     * none.
     */
    public function phrase(string $said): ?string
    {
        $plain = fn (string $phrase): string => mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $phrase)));
        foreach ($this->phrases() as $phrase => $ref) {
            if ($plain((string) $phrase) === $plain($said)) {
                return $ref;
            }
        }

        return null;
    }

    /** What is reported when the hand lets go of it; null for what stays where it is put. */
    public function springsTo(string $port): ?int
    {
        $axis = $this->axes[$port] ?? null;
        if ($axis !== null) {
            return $this->controls[$port]->springsBack($axis) ? $axis->standInRest() : null;
        }

        return ($this->controls[$port] ?? null)?->kind->springsBack() === true ? $this->openValue($port) : null;
    }

    /** Does this contact stay closed when nobody holds it? So does the place that an encoder was turned to. */
    public function latches(string $ref): bool
    {
        $contact = $this->contacts[$ref] ?? null;

        return $contact?->rotary === null ? $this->controls[$ref]->kind->latches() : ! $contact->isTick();
    }

    /**
     * Contacts with those that they are made from.
     *
     * @param array<string, true> $refs
     *
     * @return array<string, ContactInput> by reference, in file order
     */
    public function withSources(array $refs): array
    {
        $wanted = $refs;
        while ($wanted !== []) {
            $sources = [];
            foreach (array_intersect_key($this->contacts, $wanted) as $contact) {
                $sources += array_fill_keys($contact->madeFrom(), true);
            }
            $wanted = array_diff_key($sources, $refs);
            $refs += $wanted;
        }

        return array_intersect_key($this->contacts, $refs);
    }

    public function deviceOf(string $ref): ?Device
    {
        $id = explode('/', $ref, 2)[0];

        return $this->devices[$id] ?? ($this->made?->id === $id ? $this->made : null);
    }

    public function with(?Device $made): self
    {
        return new self(array_values($this->devices), $made);
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
        $part = ($this->contacts[$ref] ?? $this->axes[$ref] ?? null)->name ?? '';

        return $part === '' ? $control->name : $control->name.' '.$part;
    }

    /** The number that a person reads for an input: "12", "key 4", "axis 2", "¬31" for what is made from 31. */
    public function numberOf(string $ref): string
    {
        $contact = $this->contacts[$ref] ?? null;
        $control = $this->controls[$ref] ?? null;
        if ($contact === null) {
            if (isset($this->axes[$ref])) {
                return $this->axes[$ref]->isBuilt() ? 'built' : 'axis '.$this->axes[$ref]->number;
            }

            return match (true) {
                $control?->encoder !== null => 'enc '.$control->encoder,
                $control?->hat !== null => 'hat '.$control->hat,
                default => '',
            };
        }

        if ($contact->rotary !== null) {
            return $contact->encoder === null
                ? 'e'
                .$control?->encoder
                .'·'
                .($contact->direction + 1)
                : $this->numberOf($contact->rotary->contacts[0])
                .'… '
                .$contact->name;
        }

        return $contact->number === null
            ? $contact->mark ?? (
                $contact->encoder !== null ? 'enc '.$control?->encoder.' '.$contact->name : null
            ) ?? '¬'.implode(
                '·',
                array_map(
                    fn (string $of) => $this->contacts[$of]->number ?? $this->contacts[$of]->mark,
                    $contact->madeFrom(),
                ),
            )
            : ($contact->hat === null ? '' : 'hat ').$contact->page->show($contact->number);
    }

    /** "Rev 3" of a lamp of a device; the reference itself if the rig has no such lamp. */
    public function lampNameOf(string $ref): string
    {
        [$device, $id] = [...explode('/', $ref, 2), ''];
        foreach ($this->devices[$device]->lamps ?? [] as $lamp) {
            if ($lamp->id === $id) {
                return $lamp->name;
            }
        }

        return $ref;
    }

    public function deviceNameOf(string $ref): string
    {
        return $this->deviceOf($ref)->name ?? explode('/', $ref, 2)[0];
    }

    /** Device and control: "Fennel Mark button". */
    public function fullNameOf(string $ref, string $between = ' '): string
    {
        return $this->deviceNameOf($ref).$between.$this->nameOf($ref);
    }
}
