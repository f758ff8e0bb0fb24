<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\LeadsToLayer;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Kind\ControlKind;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Slot;

/**
 * Where there is room: contacts and axes that a layer says nothing of, control by control. What was taken is not free
 * any more.
 */
final class Seats
{
    /** Devices that nobody would bind by themselves: the hand is elsewhere, or they only speak. */
    private const LAST = ['mouse' => 9, 'phrase list' => 9, 'touch panel' => 1, 'keyboard encoder' => 1];

    /**
     * @var array<string, array<string, list<Control>>> controls of the rig by kind, then by device, in the order in
     *    which they are looked at
     */
    private array $byKind = [];

    /**
     * @var array<string, array<string, array<string, int>>> the first control with a free contact, by layer, kind and
     *    device
     */
    private array $first = [];

    /** @var array<string, true> spots that are taken */
    private array $taken = [];

    /** @var array<string, true> references that lead to another layer, in any */
    private array $leading = [];

    /** @var list<string> layers that something leads to, the base layer first */
    public readonly array $layers;

    public function __construct(private readonly BindingSet $set, private readonly Wishes $wishes = new Wishes)
    {
        $devices = array_values($set->rig->devices);
        $used = self::used($set);
        // Where the hands are already: devices that the set uses come before others.
        usort(
            $devices,
            fn (Device $a, Device $b) => [
                self::LAST[$a->kind] ?? 0,
                ! isset($used[$a->id]),
            ] <=> [self::LAST[$b->kind] ?? 0, ! isset($used[$b->id])],
        );
        foreach ($devices as $device) {
            foreach (
                (self::LAST[$device->kind] ?? 0) === 9
                    || ! $this->wishes->uses($device->id)
                    ? []
                    : $set->wired($device)->controls as $control
            ) {
                $this->byKind[$control->kind::kind()][$device->id][] = $control;
            }
        }
        $unreached = LayerMap::of($set)->unreached();
        $this->layers = array_values(array_filter(
            array_map(strval(...), Keys::of($set->layers)),
            fn (string $layer) => ! in_array($layer, $unreached, true),
        ));
        foreach (Keys::each($set->cells) as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                $this->taken[$layer.'/'.$ref] = true;
                foreach ($cell->drives($set->macros) as $output) {
                    if ($output instanceof LeadsToLayer) {
                        $this->leading[(string) $ref] = true;
                    }
                }
            }
        }
        foreach (Keys::each($set->chords) as $layer => $chords) {
            foreach ($chords as $chord) {
                foreach ($chord->of as $ref) {
                    $this->taken[$layer.'/'.$ref] = $this->leading[$ref] = true;
                }
            }
        }
        foreach ($set->made as $made) {
            foreach ($made->sources() as $source) {
                $this->taken[Layer::BASE.'/'.$source] = true;
            }
        }
    }

    /** @return array<string, true> devices of which something reaches an action */
    private static function used(BindingSet $set): array
    {
        $used = [];
        foreach (Reach::of($set)->byAction as $spots) {
            foreach ($spots as $spot) {
                $used[explode('/', $spot->ref, 2)[0]] = true;
            }
        }

        return $used;
    }

    public function isFree(string $layer, string $ref): bool
    {
        return ! isset($this->taken[$layer.'/'.$ref])
            && ! isset($this->leading[$ref])
            && $this->wishes->uses(explode('/', $ref, 2)[0]);
    }

    public function take(Slot $spot): void
    {
        $this->taken[(string) $spot] = true;
    }

    /**
     * Controls of a kind that have this many contacts, and all of them free.
     *
     * @return \Generator<list<string>> references of the contacts in their order, of a hat east before west and north
     * before south
     */
    public function contacts(ControlKind $kind, string $layer, int $count): \Generator
    {
        foreach (Keys::of($this->byKind[$kind::kind()] ?? []) as $device) {
            foreach ($this->open($kind, $device, $layer) as $control) {
                foreach ($this->parts($control, $count) as $refs) {
                    if ($this->areFree($layer, $refs)) {
                        yield $refs;
                    }
                }
            }
        }
    }

    /**
     * Push buttons beside each other on one device, all free.
     *
     * @return \Generator<list<string>>
     */
    public function neighbours(string $layer, int $count): \Generator
    {
        foreach (array_filter(ControlKinds::all(), fn (ControlKind $kind): bool => $kind->isPushed()) as $kind) {
            foreach (Keys::of($this->byKind[$kind::kind()] ?? []) as $device) {
                $row = [];
                foreach ($this->open($kind, $device, $layer) as $control) {
                    $ref = $control->contacts[0]->ref ?? '';
                    $row = $ref !== '' && $this->isFree($layer, $ref) ? [...$row, $ref] : [];
                    if (count($row) === $count) {
                        yield $row;
                        $row = [];
                    }
                }
            }
        }
    }

    /** @return \Generator<string> references of free axes of controls of a kind, centred or not */
    public function axes(ControlKind $kind, string $layer, bool $centred): \Generator
    {
        foreach ($this->byKind[$kind::kind()] ?? [] as $controls) {
            foreach ($controls as $control) {
                foreach ($control->axes as $axis) {
                    if ($axis->centred === $centred && $axis->jumps === null && $this->isFree($layer, $axis->ref)) {
                        yield $axis->ref;
                    }
                }
            }
        }
    }

    /**
     * Controls of a kind on a device, from the first one that has a free contact: what is taken stays so, and in a
     * large rig need not be looked at again and again.
     *
     * @return \Generator<Control>
     */
    private function open(ControlKind $kind, string $device, string $layer): \Generator
    {
        $controls = $this->byKind[$kind::kind()][$device];
        $at = $this->first[$layer][$kind::kind()][$device] ?? 0;
        while (
            isset($controls[$at]) && array_filter(
                $controls[$at]->contacts,
                fn (ContactInput $contact) => $this->isFree($layer, $contact->ref),
            ) === []
        ) {
            $at++;
        }
        $this->first[$layer][$kind::kind()][$device] = $at;
        for (; isset($controls[$at]); $at++) {
            yield $controls[$at];
        }
    }

    /** @return list<string> free contacts of the control that a contact is of */
    public function beside(string $layer, string $ref): array
    {
        $control = $this->set->rig->controlOf($ref);
        $refs = $control === null ? [] : $control->kind->beside(
            array_map(fn (ContactInput $contact): string => $contact->ref, $control->positions()),
            $ref,
        );

        return array_values(array_filter(
            $refs,
            fn (string $other) => (
                $this->set->rig->contacts[$other]->noneOf ?? []
            ) === [] && $this->isFree($layer, $other),
        ));
    }

    /** @param list<string> $refs */
    private function areFree(string $layer, array $refs): bool
    {
        foreach ($refs as $ref) {
            if (! $this->isFree($layer, $ref)) {
                return false;
            }
        }

        return $refs !== [];
    }

    /** @return list<list<string>> groups of so many contacts of a control that go together */
    private function parts(Control $control, int $count): array
    {
        $refs = array_map(
            fn (ContactInput $contact) => $contact->ref,
            array_values(array_filter($control->positions(), fn (ContactInput $contact) => $contact->noneOf === [])),
        );

        return $control->kind->groups($refs, $count);
    }
}
