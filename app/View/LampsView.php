<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Action\Variable;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Lamp\LampBar;
use Nailrod\Core\Lamp\LampRule;
use Nailrod\Core\Lamp\LampWhen;
use Nailrod\Core\Set\PartPath;

/** The Lamps place: the devices that have lamps, and what lights them. */
final readonly class LampsView
{
    /** Bands that a bar has fields for. */
    public const BANDS = 3;

    /** Id of the rule that is picked; empty if none is. */
    public string $rule;

    /** The device that is shown; null if no device of the rig has lamps. */
    public ?Device $device;

    public function __construct(public Place $place, string $rule, string $device)
    {
        $this->rule = isset($place->set->lamps[$rule]) ? $rule : '';
        $devices = $this->devices();
        $wanted = $this->rule === '' ? $device : explode('/', $place->set->lamps[$rule]->lamps()[0])[0];
        $this->device = $devices[$wanted] ?? (array_values($devices)[0] ?? null);
        $place->notHere->ask('rule', $rule, isset($place->set->lamps[$rule]), $this->device->name ?? '');
        $place->notHere->ask('device', $device, isset($devices[$device]), $this->device->name ?? '');
    }

    /** @return array<string, Device> those that have lamps, by id */
    public function devices(): array
    {
        return array_filter($this->place->set->rig->devices, fn (Device $device) => $device->lamps !== []);
    }

    public function picked(): ?LampRule
    {
        return $this->place->set->lamps[$this->rule] ?? null;
    }

    /** The rule that is picked if it is for one lamp. */
    public function one(): ?LampWhen
    {
        $rule = $this->picked();

        return $rule instanceof LampWhen ? $rule : null;
    }

    /** The rule that is picked if it is a bar. */
    public function bar(): ?LampBar
    {
        $rule = $this->picked();

        return $rule instanceof LampBar ? $rule : null;
    }

    /** @return array<string, LampRule> rules for lamps of the device, by id */
    public function rules(): array
    {
        return array_filter($this->place->set->lamps, fn (LampRule $rule) => str_starts_with($rule->lamps()[0], $this->device?->id.'/'));
    }

    public function originOf(string $rule): ?Origin
    {
        return $this->place->originOf(PartPath::lamp($rule));
    }

    /** @return array<string, array<string, string>> what a lamp can depend on, in words by what the form sends, by group */
    public function states(): array
    {
        $set = $this->place->set;
        $states = [];
        foreach (Keys::each($set->layers) as $id => $layer) {
            $states['Layers']['layer '.$id] = $layer->name.' is live';
        }
        foreach ($set->stops as $stop) {
            $states['Stops'] = ($states['Stops'] ?? []) + ['stop '.$stop->id.' open' => $stop->name.' is open', 'stop '.$stop->id.' shut' => $stop->name.' is shut'];
        }
        foreach (Keys::each($set->flags) as $id => $name) {
            $states['Flags'] = ($states['Flags'] ?? []) + ['flag '.$id.' up' => $name.' is up', 'flag '.$id.' down' => $name.' is down'];
        }
        foreach ($set->catalogue->variables ?? [] as $variable) {
            $states['Variables of '.$set->catalogue?->name]['variable '.$variable->id] = $variable->name.' is within a band';
        }
        foreach ($set->rig->contacts as $ref => $contact) {
            $states[$set->rig->deviceNameOf($ref)]['contact '.$ref] = $set->rig->nameOf($ref).' is closed';
        }

        return $states;
    }

    public function state(): string
    {
        $one = $this->one();

        return $one === null ? '' : implode(' ', array_map(strval(...), array_filter([$one->sort, $one->name, $one->while()['is'] ?? null])));
    }

    /** @return array<string, Variable> */
    public function variables(): array
    {
        return $this->place->set->catalogue->variables ?? [];
    }
}
