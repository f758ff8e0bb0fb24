<?php

declare(strict_types=1);

namespace App\View;

use App\Models\RecordingRecord;
use App\Sets\SetList;
use Nailrod\Core\Check\Report;
use Nailrod\Core\Device\Control;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Find\Findable;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Layer\Layer;
use Nailrod\Core\Made\Made;
use Nailrod\Core\Plan\Reach;

/** Everything that can be gone to from a place, each with the address at which it is picked. A new sort is one method. */
final readonly class Findables
{
    public function __construct(private Place $place) {}

    /** @return list<Findable> those that are met most often first */
    public function all(): array
    {
        return [...$this->places(), ...$this->devices(), ...$this->actions(), ...$this->parts(), ...$this->panels(), ...$this->sets(), ...$this->recordings(), ...$this->findings()];
    }

    /** @return iterable<int, Findable> */
    private function places(): iterable
    {
        foreach (Places::GROUPS as $group => $places) {
            foreach ($places as $address => $label) {
                yield new Findable('place', $label, $group, $this->place->on($address));
            }
        }
    }

    /** @return iterable<int, Findable> devices, their controls and what can be set on them */
    private function devices(): iterable
    {
        foreach (Keys::each($this->place->set->rig->devices) as $id => $device) {
            if ($id === Made::DEVICE) {
                continue;
            }
            yield new Findable('device', $device->title(), '', $this->place->at('rig', ['device' => $id]));
            foreach ($device->controls as $control) {
                yield new Findable($device->panel === null ? 'control' : 'tile', $control->name, $this->numbered($device, $control), $this->worked($id, $control));
            }
            foreach ($device->onboard->settings as $setting) {
                yield new Findable('setting', $setting->name, $device->name, $this->place->at('rig', ['do' => 'settings', 'device' => $id]));
            }
        }
    }

    private function numbered(Device $device, Control $control): string
    {
        if ($device->panel !== null) {
            return $device->name.', '.($device->panel->pages[$control->page - 1]->name ?? '');
        }
        $numbers = array_filter(array_map(fn ($contact) => $contact->isReported() ? $contact->number : null, $control->contacts));

        return $device->name.($control->label === $control->name ? '' : ', '.$control->label).($numbers === [] ? '' : ', '.(count($numbers) === 1 ? 'number ' : 'numbers ').implode(' ', $numbers));
    }

    /** Where it is said what a control does: an axis is shaped, a contact assigned. */
    private function worked(string $device, Control $control): string
    {
        return $control->contacts === [] && $control->axes !== []
            ? $this->place->at('shape', ['axis' => $control->axes[0]->ref])
            : $this->place->at('assign', array_filter(['device' => $device, 'layer' => Layer::BASE, 'ref' => $control->contacts[0]->ref ?? '']));
    }

    /** @return iterable<int, Findable> what the game can be told to do: where it is reached, else to be given a control */
    private function actions(): iterable
    {
        $catalogue = $this->place->set->catalogue;
        if ($catalogue === null) {
            return;
        }
        $reach = Reach::of($this->place->set);
        foreach ($catalogue->actions as $action) {
            $spot = $reach->spots($action->id)[0] ?? null;
            yield new Findable('action', $action->name, trim(($catalogue->groups[$action->group] ?? '').($action->role === '' || $action->role === mb_strtolower($action->name) ? '' : ', '.$action->role)), $this->place->at('assign', $spot === null ? ['take' => $action->id] : ['layer' => $spot->layer, 'ref' => $spot->ref]));
        }
    }

    /** @return iterable<int, Findable> layers, macros, stops and rules of lamps */
    private function parts(): iterable
    {
        $set = $this->place->set;
        foreach (Keys::each($set->layers) as $id => $layer) {
            yield new Findable('layer', $layer->name, '', $this->place->at('assign', ['layer' => $id]));
        }
        foreach (Keys::each($set->macros) as $id => $macro) {
            yield new Findable('macro', $macro->name, $macro->about, $this->place->at('macros', ['macro' => $id]));
        }
        foreach ($set->stops as $stop) {
            yield new Findable('stop', $stop->name, implode(', ', array_map($set->rig->fullNameOf(...), $stop->axes)), $this->place->at('shape', ['axis' => $stop->axes[0] ?? '']));
        }
        foreach (Keys::each($set->lamps) as $id => $rule) {
            yield new Findable('lamp', rtrim($this->place->words->lampRule($rule), '.'), '', $this->place->at('lamps', ['rule' => $id]));
        }
    }

    /** @return iterable<int, Findable> panels and their pages */
    private function panels(): iterable
    {
        foreach (Keys::each($this->place->set->panels) as $device => $panels) {
            foreach (Keys::each($panels) as $id => $panel) {
                yield new Findable('panel', $panel->name, $this->place->set->rig->devices[$device]->name ?? $device, $this->place->at('panel', ['device' => $device, 'panel' => $id]));
                foreach ($panel->pages as $i => $page) {
                    yield new Findable('page', $page->name, 'of '.$panel->name, $this->place->at('panel', ['device' => $device, 'panel' => $id, 'page' => (string) ($i + 1)]));
                }
            }
        }
    }

    /** @return iterable<int, Findable> */
    private function sets(): iterable
    {
        foreach (SetList::tree() as $set) {
            yield new Findable('set', $set['name'], '', $this->place->at($this->place->name, [], $set['id']));
        }
    }

    /** @return iterable<int, Findable> */
    private function recordings(): iterable
    {
        foreach (RecordingRecord::query()->where('kept', true)->where('removed', false)->orderByDesc('created_at')->get(['id', 'name']) as $recording) {
            yield new Findable('recording', $recording->name, '', $this->place->at('recordings').'#recording-'.$recording->id);
        }
    }

    /** @return iterable<int, Findable> what is told of the set */
    private function findings(): iterable
    {
        foreach (Report::of($this->place->set)->told as $finding) {
            $spot = $finding->spots[0] ?? null;
            yield new Findable('told', rtrim($finding->sentence, '.'), $finding->kind, $spot === null ? $this->place->at('plan') : $this->place->at('assign', ['layer' => $spot->layer, 'ref' => $spot->ref]));
        }
    }
}
