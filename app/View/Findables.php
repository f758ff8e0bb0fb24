<?php

declare(strict_types=1);

namespace App\View;

use App\Models\RecordingRecord;
use App\Models\SetRecord;
use App\Sets\SetStore;
use App\Sets\SetTree;
use Illuminate\Support\Facades\Cache;
use Nailrod\Core\Advice\Check\FindingsReport;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\Findable;

/**
 * Everything that can be gone to from a place, each with the address at which it is picked, without the name of the
 * machine. A new sort is one method.
 */
final readonly class Findables
{
    private const KEPT_SECONDS = 86_400;

    public function __construct(private Place $place) {}

    /**
     * All of it. What a set has is kept by what it is compiled to, so that the set itself is not even read.
     *
     * @param string $at the place that is open
     *
     * @return list<Findable>
     */
    public static function of(SetStore $store, SetRecord $record, string $at): array
    {
        $kept = Cache::remember(
            'find-'.$record->id.'-'.$store->programOf($record),
            self::KEPT_SECONDS,
            fn (): string => serialize((new self(Place::open($store, $record->id, 'rig')))->ofSet()),
        );
        $all = unserialize($kept, ['allowed_classes' => [Findable::class]]);
        $base = (string) parse_url(dirname(route('rig', $record->id)), PHP_URL_PATH);

        return [
            ...array_values(
                array_filter(is_array($all) ? $all : [], fn (mixed $one): bool => $one instanceof Findable),
            ),
            ...self::sets($base, $at),
            ...self::recordings($base),
        ];
    }

    /** @return list<Findable> what the set has, that which is met most often first */
    private function ofSet(): array
    {
        return [
            ...$this->places(),
            ...$this->devices(),
            ...$this->actions(),
            ...$this->parts(),
            ...$this->panels(),
            ...$this->findings(),
            ...$this->help(),
        ];
    }

    /** @param string $address as in Places: "rig?do=try" */
    private function atAddress(string $address): string
    {
        [$name, $asked] = Places::split($address);

        return $this->at($name, $asked);
    }

    /** @param array<string, string> $query */
    private function at(string $name, array $query = []): string
    {
        $to = $this->place->at($name, $query);

        return parse_url($to, PHP_URL_PATH).($query === [] ? '' : '?'.parse_url($to, PHP_URL_QUERY));
    }

    /** @return iterable<int, Findable> */
    private function places(): iterable
    {
        foreach (Places::all() as $address => $entry) {
            yield new Findable('place', $entry->label, $entry->group, $this->atAddress($address));
        }
    }

    /** @return iterable<int, Findable> why and how of each place */
    private function help(): iterable
    {
        foreach (HelpPages::all() as $name => [$label]) {
            yield new Findable('help page', $label.', why and how', '', $this->at('help/'.$name));
        }
    }

    /** @return iterable<int, Findable> devices, their controls and what can be set on them */
    private function devices(): iterable
    {
        foreach (Keys::each($this->place->set->rig->devices) as $id => $device) {
            if ($id === Made::DEVICE) {
                continue;
            }
            yield new Findable('device', $device->title(), '', $this->at('rig', ['device' => $id]));
            foreach ($this->place->set->wired($device)->controls as $control) {
                yield new Findable(
                    $device->panel === null ? 'control' : 'tile',
                    $control->name,
                    $this->numbered($device, $control),
                    $this->worked($id, $control),
                );
            }
            foreach ($device->onboard->settings as $setting) {
                yield new Findable(
                    'setting',
                    $setting->name,
                    $device->name,
                    $this->at('rig', ['do' => 'settings', 'device' => $id]),
                );
            }
        }
    }

    private function numbered(Device $device, Control $control): string
    {
        if ($device->panel !== null) {
            return $device->name.', '.($device->panel->pages[$control->page - 1]->name ?? '');
        }
        $numbers = array_filter(
            array_map(fn ($contact) => $contact->isReported() ? $contact->number : null, $control->contacts),
        );

        return $device->name.($control->label === $control->name ? '' : ', '.$control->label).(
            $numbers === [] ? '' : ', '.(count($numbers) === 1 ? 'number ' : 'numbers ').implode(' ', $numbers)
        );
    }

    /** Where it is said what a control does: an axis is shaped, a contact assigned. */
    private function worked(string $device, Control $control): string
    {
        return $control->contacts === [] && $control->axes !== []
            ? $this->at('shape', ['axis' => $control->axes[0]->ref])
            : $this->at(
                'assign',
                array_filter(['device' => $device, 'layer' => Layer::BASE, 'ref' => $control->contacts[0]->ref ?? '']),
            );
    }

    /**
     * @return iterable<int, Findable> what the game can be told to do: where it is reached, else to be given a control
     */
    private function actions(): iterable
    {
        $catalogue = $this->place->set->catalogue;
        if ($catalogue === null) {
            return;
        }
        $reach = Reach::of($this->place->set);
        foreach ($catalogue->actions as $action) {
            $spot = $reach->spots($action->id)[0] ?? null;
            yield new Findable(
                'action',
                $action->name,
                trim(($catalogue->groups[$action->group] ?? '').(
                    $action->role === '' || $action->role === mb_strtolower($action->name) ? '' : ', '.$action->role
                )),
                $this->at(
                    'assign',
                    $spot === null ? ['take' => $action->id] : ['layer' => $spot->layer, 'ref' => $spot->ref],
                ),
            );
        }
    }

    /** @return iterable<int, Findable> layers, macros, stops and rules of lamps */
    private function parts(): iterable
    {
        $set = $this->place->set;
        foreach (Keys::each($set->layers) as $id => $layer) {
            yield new Findable('layer', $layer->name, '', $this->at('assign', ['layer' => $id]));
        }
        foreach (Keys::each($set->macros) as $id => $macro) {
            yield new Findable('macro', $macro->name, $macro->about, $this->at('macros', ['macro' => $id]));
        }
        foreach ($set->stops as $stop) {
            yield new Findable(
                'stop',
                $stop->name,
                implode(', ', array_map($set->rig->fullNameOf(...), $stop->axes)),
                $this->at('shape', ['axis' => $stop->axes[0] ?? '']),
            );
        }
        foreach (Keys::each($set->lamps) as $id => $rule) {
            yield new Findable(
                'lamp',
                rtrim($this->place->words->lampRule($rule), '.'),
                '',
                $this->at('lamps', ['rule' => $id]),
            );
        }
    }

    /** @return iterable<int, Findable> panels and their pages */
    private function panels(): iterable
    {
        foreach (Keys::each($this->place->set->panels) as $device => $panels) {
            foreach (Keys::each($panels) as $id => $panel) {
                yield new Findable(
                    'panel',
                    $panel->name,
                    $this->place->set->rig->devices[$device]->name ?? $device,
                    $this->at('panel', ['device' => $device, 'panel' => $id]),
                );
                foreach ($panel->pages as $i => $page) {
                    yield new Findable(
                        'page',
                        $page->name,
                        'of '.$panel->name,
                        $this->at('panel', ['device' => $device, 'panel' => $id, 'page' => (string) ($i + 1)]),
                    );
                }
            }
        }
    }

    /** @return iterable<int, Findable> */
    private static function sets(string $base, string $at): iterable
    {
        foreach (SetTree::tree() as $set) {
            yield new Findable('set', $set['name'], '', dirname($base).'/'.$set['id'].'/'.$at);
        }
    }

    /** @return iterable<int, Findable> */
    private static function recordings(string $base): iterable
    {
        foreach (
            RecordingRecord::query()
                ->where('kept', true)
                ->where('removed', false)
                ->orderByDesc('created_at')
                ->get(['id', 'name']) as $recording
        ) {
            yield new Findable(
                'recording',
                $recording->name,
                '',
                $base.'/recordings?recording='.$recording->id.'#recording-'.$recording->id,
            );
        }
    }

    /** @return iterable<int, Findable> what is told of the set */
    private function findings(): iterable
    {
        foreach (FindingsReport::of($this->place->set)->told as $finding) {
            $spot = $finding->spots[0] ?? null;
            yield new Findable(
                'told',
                rtrim($finding->sentence, '.'),
                $finding->kind,
                $spot === null ? $this->at('plan') : $this->at(
                    'assign',
                    ['layer' => $spot->layer, 'ref' => $spot->ref],
                ),
            );
        }
    }
}
