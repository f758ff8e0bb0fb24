<?php

declare(strict_types=1);

namespace App\View\Make;

use App\Forms\Choices;
use App\Forms\FieldInput;
use App\Forms\KindForm;
use App\Forms\Offered;
use App\Forms\Options;
use App\Memory\Memories;
use App\View\ConditionChoices;
use App\View\Origin;
use App\View\Place;
use Nailrod\Core\Advice\Plan\LayerMap;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\ActionKind;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Behaviour\PlacesOutputs;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\Advice;
use Nailrod\Core\Set\BetterWay;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\OutputUse;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Transfers;

/** The Assign place: one device, a row for each of its contacts and axes, a column for each layer, and the actions. */
final readonly class AssignView
{
    /** The device that is picked; null if the set has none. */
    public ?Device $device;

    public string $layer;

    /** Reference of the contact or axis that is picked; empty if none is. */
    public string $ref;

    /** Id of an action that waits for a control to be pressed; empty if none does. */
    public string $take;

    /** What is unfolded beside the picked cell: numbers, or nothing. */
    public string $more;

    /** Page of the faceplate, from 1 on. */
    public int $page;

    public LayerMap $map;

    public AssignComb $comb;

    public AssignActions $actions;

    /** Null while nothing is paired. */
    public ?AssignPairing $pairing;

    private OutputUse $use;

    public function __construct(
        public Place $place,
        string $device,
        string $layer,
        string $ref,
        string $filter = '',
        string $take = '',
        string $more = '',
        int $page = 0,
        string $pair = '',
        string $last = '',
    ) {
        $this->use = new OutputUse($place->set);
        $this->take = $place->set->catalogue?->action($take) === null ? '' : $take;
        $this->more = $more === 'numbers' ? $more : '';
        $this->map = LayerMap::of($place->set);
        $rig = $place->set->rig;
        $this->ref = $rig->has($ref) ? $ref : '';
        $id = $this->ref === '' ? $device : explode('/', $this->ref, 2)[0];
        $picked = $rig->deviceOf($id.'/') ?? (array_values($rig->devices)[0] ?? null);
        $this->device = $picked === null ? null : $place->set->wired($picked);
        $this->layer = isset($place->set->layers[$layer]) ? $layer : Layer::BASE;
        $this->actions = new AssignActions($place);
        $this->comb = new AssignComb($place, $this->device, $this->layer, $this->ref, $filter);
        $this->page = max(
            1,
            min($this->device?->pages() ?? 1, $page > 0 ? $page : $rig->controlOf($this->ref)->page ?? 1),
        );
        $this->pairing = $pair === '' || $this->device === null ? null : new AssignPairing(
            $place,
            $this->device,
            $this->layer,
            $pair,
            $last,
        );
        $place->picked->device = $this->device->id ?? '';
        $place->picked->layer = $this->layer;
        $place->picked->ref = $this->ref;
        $at = $place->notHere;
        $at->ask('control', $ref, $this->ref === $ref, $this->device->name ?? '');
        $at->ask(
            'control',
            $pair === AssignPairing::ON ? '' : $pair,
            $rig->has($pair),
            $this->pairing === null || $this->pairing->asked === '' ? '' : $rig->nameOf($this->pairing->asked),
        );
        $at->ask('device', $device, $rig->deviceOf($device.'/') !== null, $this->device->name ?? '');
        $at->ask('layer', $layer, isset($place->set->layers[$layer]), $place->set->layers[Layer::BASE]->name);
        $at->ask('action', $take, $this->take === $take);
        $at->ask('filter', $filter, isset(AssignComb::FILTERS[$filter]), 'Everything');
    }

    /** @return list<Device> the devices of the rig, and what is made from their axes */
    public function devices(): array
    {
        $rig = $this->place->set->rig;

        return $rig->made === null ? array_values($rig->devices) : [...array_values($rig->devices), $rig->made];
    }

    /** Address of the same cell with this unfolded. */
    public function withMore(string $more): string
    {
        return route(
            'assign',
            array_filter([
                'set' => $this->place->record->id,
                'device' => $this->device?->id,
                'layer' => $this->layer,
                'ref' => $this->ref,
                'show' => $this->comb->filter,
                'more' => $more,
            ]),
        );
    }

    /** Address of another page of the faceplate. */
    public function pageAt(int $page): string
    {
        return route(
            'assign',
            array_filter([
                'set' => $this->place->record->id,
                'device' => $this->device?->id,
                'layer' => $this->layer,
                'ref' => $this->ref,
                'show' => $this->comb->filter,
                'page' => $page,
            ]),
        );
    }

    /** @return list<string> what is wrong with the picked cell and its layer */
    public function troubles(): array
    {
        $set = $this->place->set;
        $troubles = $this->place->told->ofCell(PartPath::layer($this->layer), $this->layer, $this->ref);
        foreach (
            $this->comb->isInConflict($this->layer, $this->ref)
                ? $this->comb->clashes->with($this->layer, $this->ref)
                : [] as $other
        ) {
            [$layer, $ref] = explode('/', $other, 2);
            $troubles[] = sprintf('%s in %s drives the same output.', $this->nameOf($ref), $set->layers[$layer]->name);
        }

        return [...$troubles, ...$this->notKept()];
    }

    /** @return list<string> macros that the picked cell plays and the memory of its device cannot keep */
    private function notKept(): array
    {
        $plays = $this->picked()?->plays() ?? [];
        $device = $this->device;
        if ($plays === [] || $device === null || $device->keeps() === null) {
            return [];
        }
        $why = array_intersect_key(
            DeviceMapping::of($this->place->set, Memories::unit($device)->device)->macros,
            array_flip($plays),
        );

        return array_map(
            fn (string $id) => sprintf(
                '%s cannot keep macro %s: %s.',
                $device->name,
                $this->place->set->macros[$id]->name,
                $why[$id],
            ),
            Keys::of($why),
        );
    }

    /** Is the picked contact the one that holds this layer, so that what the layer says of it never comes? */
    public function isIdle(): bool
    {
        return in_array(['layer' => $this->layer, 'ref' => $this->ref], $this->map->idleCells(), true);
    }

    /** @return array<string, string> the controls near the picked one that are of its sort, by reference */
    public function near(): array
    {
        return (new Choices($this->place->set))->near(
            $this->isAxis() ? Reference::AXIS : Reference::CONTACT,
            $this->device->id ?? '',
            $this->ref,
        );

    }

    public function outputs(): AssignNumbers
    {
        return new AssignNumbers($this->use, $this->isAxis());
    }

    /** Could the picked cell hold everywhere: is there another layer that says something else? */
    public function isElsewhere(): bool
    {
        return (new Transfers($this->place->set))->isElsewhere($this->layer, $this->ref);
    }

    public function nameOf(string $ref): string
    {
        return $this->place->set->rig->nameOf($ref);
    }

    public function cell(string $layer, string $ref): ?Cell
    {
        return $this->place->set->cell($layer, $ref);
    }

    public function originOf(string $layer, string $ref): ?Origin
    {
        return $this->place->originOf(PartPath::cell($layer, $ref));
    }

    /** The picked cell; null if its layer says nothing of it. */
    public function picked(): ?Cell
    {
        return $this->ref === '' ? null : $this->cell($this->layer, $this->ref);
    }

    /** What one of several outputs is for, where the behaviour tells them apart. */
    public function roleOf(Cell $cell, int $output): string
    {
        $role = $cell->behaviour instanceof PlacesOutputs ? $cell->behaviour->roleOf($output) : '';

        return $role === '' ? '' : $role.': ';
    }

    /** @return array<int, string> what the behaviour of a cell has a place for and no output yet, by place */
    public function openRoles(Cell $cell): array
    {
        return $cell->behaviour instanceof PlacesOutputs ? $cell->behaviour->openRoles(count($cell->outputs)) : [];
    }

    /**
     * @return array<string, array<string, string>> names of what the game can be told by a contact, by group, then by
     *    id
     */
    public function actionChoices(): array
    {
        $catalogue = $this->place->set->catalogue;
        $choices = [];
        foreach ($catalogue->actions ?? [] as $action) {
            if ($action->kind !== ActionKind::Axis) {
                $choices[$catalogue->groups[$action->group] ?? ''][$action->id] = $action->name;
            }
        }

        return $choices;
    }

    /** What the picked contact does together with others, or as another one. */
    public function beside(): AssignBeside
    {
        return new AssignBeside(
            $this->place->set,
            $this->device->id ?? '',
            $this->layer,
            $this->ref,
            $this->fieldInput(),
        );
    }

    /** What an assignment depends on, and can be made to. */
    public function conditions(Cell $cell): ConditionChoices
    {
        return new ConditionChoices($this->place->set, $cell->when);
    }

    public function pickedOutput(): ?Output
    {
        return $this->picked()->outputs[0] ?? null;
    }

    /** What else than an action can be sent. */
    public function outputForm(): KindForm
    {
        return new KindForm(
            $this->isAxis() ? Offered::toAxes() : Offered::toContacts($this->place->set),
            Offered::all(),
            'output',
            'does',
            $this->fieldInput(),
        );
    }

    public function behaviourForm(bool $tick): KindForm
    {
        return new KindForm(
            Behaviours::ofContacts($tick),
            Behaviours::all(),
            'behave',
            'behaviour',
            $this->fieldInput(),
        );
    }

    /**
     * @return array<string, array<string, mixed>> what the fields of something new begin with, by kind, then by field
     */
    public function begins(): array
    {
        return Options::begins($this->use);
    }

    public function fieldInput(): FieldInput
    {
        return new FieldInput(new Choices($this->place->set));
    }

    /** The kind that is chosen now. */
    public function does(): string
    {
        $cell = $this->picked();

        return match (true) {
            $cell === null => $this->isAxis() ? 'axis' : 'button',
            $cell->isNothing() => 'nothing',
            $cell->behaviour instanceof PlaysItsMacro => $cell->behaviour::kind(),
            default => $this->pickedOutput()?->kind() ?? 'nothing',
        };
    }

    /** @return array<string, mixed> what the fields for something else than an action start from, in the open format */
    public function shown(): array
    {
        $behaviour = $this->picked()?->behaviour;

        return ($behaviour instanceof PlaysItsMacro ? $behaviour->toArray() : $this->pickedOutput()?->toArray()) ?? [];
    }

    public function pickedAction(): ?Action
    {
        $output = $this->pickedOutput();

        return $this->place->set->actionOf($output);
    }

    public function isAxis(): bool
    {
        return isset($this->place->set->rig->axes[$this->ref]);
    }

    public function advice(): ?BetterWay
    {
        return $this->ref === '' ? null : (new Advice($this->place->set))->outOfStep($this->layer, $this->ref);
    }

    /** @return array<string, string> what leads to a layer, by layer */
    public function holders(): array
    {
        $holders = [];
        foreach (Keys::each($this->place->set->layers) as $id => $layer) {
            $ways = [];
            foreach ($this->map->drawn() as $link) {
                if ($link->to === $id && $link->from !== $id) {
                    $ways[$link->ref] ??= $link->words.' '.$this->nameOf($link->ref);
                }
            }
            $holders[$id] = match (true) {
                $id === Layer::BASE => 'base',
                $ways === [] => 'nothing leads here',
                default => implode(' or ', array_slice($ways, 0, 2)).(
                    count($ways) > 2 ? ' or '.(count($ways) - 2).' more' : ''
                ),
            };
        }

        return $holders;
    }
}
