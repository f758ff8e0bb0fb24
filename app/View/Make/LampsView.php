<?php

declare(strict_types=1);

namespace App\View\Make;

use App\Forms\Choices;
use App\Forms\LampInput;
use App\View\Origin;
use App\View\Place;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Mapping\Action\Variable;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Lamp\LampRules;
use Nailrod\Core\Mapping\Lamp\Seen;
use Nailrod\Core\Mapping\Output\NamesLamp;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Lamp;
use Nailrod\Core\Set\PartPath;

/** The Lamps place: the devices that have lamps, and what lights them. */
final readonly class LampsView
{
    /** Bands that a bar has fields for. */
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
        $place->notHere->ask('device', $device, isset($place->set->rig->devices[$device]), $this->device->name ?? '');
        $place->picked->device = $this->rule === ''
            && isset($place->set->rig->devices[$device])
            ? $device
            : $this->device->id
            ?? '';
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

    /**
     * @return list<class-string<LampRule>> the rules of which there is a form: that of the picked one, or all that this
     *    rig can have
     */
    public function forms(): array
    {
        $picked = $this->picked();
        $all = array_reverse(LampRules::all());

        return array_values(array_filter(
            $all,
            fn (string $class) => $picked === null ? $this->isPossible($class) : $picked instanceof $class,
        ));
    }

    /**
     * A row needs several lamps, and what shows a variable needs one.
     *
     * @param class-string<LampRule> $class
     */
    private function isPossible(string $class): bool
    {
        foreach ($class::fields()->all as $field) {
            if (
                (
                    $field->type instanceof Several && count($this->device->lamps ?? []) < $field->type->least
                ) || ($field->type instanceof Id && $this->variables() === [])
            ) {
                return false;
            }
        }

        return true;
    }

    /** @param class-string<LampRule> $class */
    public function input(string $class): LampInput
    {
        $lamps = [];
        foreach ($this->device->lamps ?? [] as $lamp) {
            $lamps[$this->device?->id.'/'.$lamp->id] = $lamp->name;
        }

        return new LampInput(
            new Choices($this->place->set),
            $lamps,
            $this->states(),
            'lamp-'.$class::key(),
            array_values(array_unique(array_merge(
                ...array_map(fn (Lamp $lamp): array => $lamp->colours, $this->device->lamps ?? []),
                ...[[]],
            ))),
        );
    }

    /**
     * @return list<array{string, list<string>}> names of the lamps of the device, those together that the same lights,
     *    and what that is in words; none where they stay dark
     */
    public function byLamp(): array
    {
        $lit = [];
        foreach ($this->place->set->lamps as $rule) {
            foreach ($rule->lamps() as $lamp) {
                $lit[$lamp][] = rtrim($this->place->words->lampRule($rule), '.');
            }
        }
        foreach (Keys::each($this->place->set->cells) as $layer => $cells) {
            foreach (Keys::each($cells) as $ref => $cell) {
                foreach ($cell->drives($this->place->set->macros) as $output) {
                    if ($output instanceof NamesLamp) {
                        $lit[$output->lamp()][] = $this->place->set->rig->nameOf($ref)
                            .' in '
                            .$this->place->words->layerName($layer);
                    }
                }
            }
        }
        $byLamp = [];
        foreach ($this->device->lamps ?? [] as $lamp) {
            $by = array_values(array_unique($lit[$this->device?->id.'/'.$lamp->id] ?? []));
            $last = count($byLamp) - 1;
            if ($last >= 0 && $byLamp[$last][2] === $by) {
                $byLamp[$last][1] = $lamp->name;
            } else {
                $byLamp[] = [$lamp->name, $lamp->name, $by];
            }
        }

        return array_map(fn (array $row) => [$row[0] === $row[1] ? $row[0] : $row[0].' to '.$row[1], $row[2]], $byLamp);
    }

    /** @return array<string, LampRule> rules for lamps of the device, by id */
    public function rules(): array
    {
        return array_filter(
            $this->place->set->lamps,
            fn (LampRule $rule) => str_starts_with($rule->lamps()[0], $this->device?->id.'/'),
        );
    }

    public function originOf(string $rule): ?Origin
    {
        return $this->place->originOf(PartPath::lamp($rule));
    }

    /**
     * @return array<string, array<string, string>> what a lamp can depend on, in words by what the form sends, by group
     */
    public function states(): array
    {
        $set = $this->place->set;
        $states = [];
        foreach (Keys::each($set->layers) as $id => $layer) {
            $states['Layers']['layer '.$id] = $layer->name.' is live';
        }
        foreach ($set->stops as $stop) {
            $states['Stops'] = ($states['Stops'] ?? []) + [
                'stop '.$stop->id.' open' => $stop->name.' is open',
                'stop '.$stop->id.' shut' => $stop->name.' is shut',
            ];
        }
        foreach (Keys::each($set->flags) as $id => $name) {
            $states['Flags'] = ($states['Flags'] ?? []) + [
                'flag '.$id.' up' => $name.' is up',
                'flag '.$id.' down' => $name.' is down',
            ];
        }
        foreach ($set->catalogue->variables ?? [] as $variable) {
            $states['Variables of '.$set->catalogue?->name]['variable '.$variable->id] = $variable->name
                .' is within a band';
        }
        foreach ($set->rig->contacts as $ref => $contact) {
            $states[$set->rig->deviceNameOf($ref)]['contact '.$ref] = $set->rig->nameOf($ref).' is closed';
        }

        return $states + ['Whatever happens' => [Seen::ALWAYS => 'always']];
    }

    /** @return array<string, Variable> */
    public function variables(): array
    {
        return $this->place->set->catalogue->variables ?? [];
    }
}
