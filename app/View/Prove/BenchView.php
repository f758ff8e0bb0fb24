<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Sets\Layouts;
use App\View\Place;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Variable;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Rig\Device\Device;

/** The Bench: faceplates, lanes, and the gauges of the simulator stand-in. */
final readonly class BenchView
{
    /** @param string $picked a device that is shown though the set does not use it */
    public function __construct(public Place $place, private string $picked = '', private int $page = 1)
    {
        $place->notHere->ask('device', $picked, isset($place->set->rig->devices[$picked]), 'What the set uses');
        $place->picked->device = isset($place->set->rig->devices[$picked]) ? $picked : '';
    }

    /** Page of the faceplate of a device, from 1 on. */
    public function page(Device $device): int
    {
        return $device->id === $this->picked ? max(1, min($device->pages(), $this->page)) : 1;
    }

    /** @return list<Device> the devices that the set uses, and the one that was picked; all if it uses none */
    public function devices(): array
    {
        $used = [];
        foreach ($this->place->set->cells as $cells) {
            foreach (array_keys($cells) as $ref) {
                $used[explode('/', $ref, 2)[0]] = true;
            }
        }
        foreach ($this->place->set->made as $made) {
            foreach (isset($used[Made::DEVICE]) ? $made->sources() : [] as $source) {
                $used[explode('/', $source, 2)[0]] = true;
            }
        }
        $devices = $this->place->set->rig->devices;
        $shown = array_filter(
            $devices,
            fn (Device $device) => isset($used[$device->id]) || $device->id === $this->picked,
        );

        return array_values($shown === [] ? array_slice($devices, 0, 2) : $shown);
    }

    /** @return list<Device> */
    public function others(): array
    {
        $shown = array_map(fn (Device $device) => $device->id, $this->devices());

        return array_values(
            array_filter($this->place->set->rig->devices, fn (Device $device) => ! in_array($device->id, $shown, true)),
        );
    }

    /** @return array<string, string> names of the keyboard layouts, by id */
    public function layouts(): array
    {
        return Layouts::names();
    }

    /** @return array<string, list<Variable>> the game's variables by the name of their group */
    public function gauges(): array
    {
        $catalogue = $this->place->set->catalogue;
        $gauges = [];
        foreach (Keys::each($catalogue->groups ?? []) as $id => $name) {
            $of = array_values(
                array_filter($catalogue->variables ?? [], fn (Variable $variable) => $variable->group === $id),
            );
            if ($of !== []) {
                $gauges[$name] = $of;
            }
        }

        return $gauges;
    }
}
