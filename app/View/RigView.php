<?php

declare(strict_types=1);

namespace App\View;

use App\Memory\FilePort;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Memory\DeviceMapping;
use Nailrod\Core\Memory\TwoBankMemory;
use Nailrod\Core\Set\PartPath;

/** The Rig place: every device, and every input of the one that is picked. */
final readonly class RigView
{
    /** The device that is picked; null if the set has none. */
    public ?Device $device;

    public function __construct(public Place $place, string $device)
    {
        $devices = $place->set->rig->devices;
        $this->device = $devices[$device] ?? (array_values($devices)[0] ?? null);
    }

    /** @return list<array{ref: string, number: string, name: string, kind: string, reports: string, state: string}> */
    public function inputs(): array
    {
        $rig = $this->place->set->rig;
        $inputs = [];
        foreach ($this->device->controls ?? [] as $control) {
            foreach ($control->axes as $axis) {
                $inputs[] = [
                    'ref' => $axis->ref, 'number' => 'axis '.$axis->number, 'name' => $rig->nameOf($axis->ref), 'kind' => $control->kind->inWords(),
                    'reports' => $axis->min.' to '.$axis->max,
                    'state' => $this->place->set->merged->value(PartPath::axis($axis->ref, 'calibrate')) === null ? 'not calibrated' : 'calibrated',
                ];
            }
            foreach ($control->contacts as $contact) {
                $of = $contact->opposite === null ? null : $rig->contacts[$contact->opposite];
                $inputs[] = [
                    'ref' => $contact->ref, 'number' => $of === null ? (string) $contact->number : '¬'.$of->number, 'name' => $rig->nameOf($contact->ref),
                    'kind' => $control->kind->inWords(),
                    'reports' => match (true) {
                        $of !== null => 'opposite of '.$of->number,
                        $contact->hat !== null => 'hat '.$contact->number,
                        default => 'closed or open',
                    },
                    'state' => '',
                ];
            }
            if ($control->encoder !== null) {
                $inputs[] = ['ref' => $control->ref, 'number' => (string) $control->encoder, 'name' => $control->name, 'kind' => $control->kind->inWords(), 'reports' => 'ticks', 'state' => ''];
            }
        }

        return $inputs;
    }

    /** How the onboard memory of a device stands to the set, in words; empty if it has none. */
    public function stored(Device $device): string
    {
        if ($device->memory === null) {
            return 'keeps nothing itself';
        }
        $bank = (new TwoBankMemory(FilePort::of($device)))->inForce();

        return match (true) {
            $bank === null => 'nothing stored yet',
            $bank->content === DeviceMapping::of($this->place->set, $device)->encode() => 'stored, as in this set',
            default => 'stored, differs from this set',
        };
    }
}
