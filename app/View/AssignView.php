<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Action\Action;
use Nailrod\Core\Action\Ways;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Layer\Layer;
use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Set\Advice;
use Nailrod\Core\Set\BetterWay;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\PartPath;

/** The Assign place: one device, a row for each of its contacts and axes, a column for each layer, and the actions. */
final readonly class AssignView
{
    /** The device that is picked; null if the set has none. */
    public ?Device $device;

    public string $layer;

    /** Reference of the contact or axis that is picked; empty if none is. */
    public string $ref;

    public function __construct(public Place $place, string $device, string $layer, string $ref)
    {
        $rig = $place->set->rig;
        $this->ref = $rig->has($ref) ? $ref : '';
        $id = $this->ref === '' ? $device : explode('/', $this->ref, 2)[0];
        $this->device = $rig->devices[$id] ?? (array_values($rig->devices)[0] ?? null);
        $this->layer = isset($place->set->layers[$layer]) ? $layer : Layer::BASE;
    }

    /** @return list<array{ref: string, number: string, name: string, axis: bool}> in the order of the device */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->device->controls ?? [] as $control) {
            foreach ($control->axes as $axis) {
                $rows[] = ['ref' => $axis->ref, 'number' => 'a'.$axis->number, 'name' => $this->nameOf($axis->ref), 'axis' => true];
            }
            foreach ($control->contacts as $contact) {
                $number = $contact->number === null ? '¬'.($this->place->set->rig->contacts[(string) $contact->opposite]->number ?? '') : (string) $contact->number;
                $rows[] = ['ref' => $contact->ref, 'number' => $number, 'name' => $this->nameOf($contact->ref), 'axis' => false];
            }
        }

        return $rows;
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

    /** What holds in the picked cell though its layer does not say it. */
    public function fallsThrough(): ?Cell
    {
        return $this->ref !== '' && $this->layer !== Layer::BASE && $this->picked() === null ? $this->cell(Layer::BASE, $this->ref) : null;
    }

    public function pickedOutput(): ?Output
    {
        return $this->picked()->outputs[0] ?? null;
    }

    public function pickedAction(): ?Action
    {
        $output = $this->pickedOutput();

        return $output instanceof ActionOutput ? $this->place->set->catalogue?->action($output->action) : null;
    }

    public function isAxis(): bool
    {
        return isset($this->place->set->rig->axes[$this->ref]);
    }

    /** @return array<string, string> ways that are open to an action, in words by their JSON */
    public function waysOf(Action $action): array
    {
        $ways = [];
        foreach ($this->place->set->catalogue === null ? [] : (new Ways($this->place->set, $this->place->set->catalogue))->of($action) as $way) {
            $ways[(string) json_encode($way->toArray())] = $way->inWords();
        }

        return $ways;
    }

    public function wayOf(Action $action): ?Output
    {
        return $this->place->set->wayOf($action->id);
    }

    public function advice(): ?BetterWay
    {
        return $this->ref === '' ? null : (new Advice($this->place->set))->outOfStep($this->layer, $this->ref);
    }

    /** @return array<string, list<string>> references of the contacts and axes that reach an action, as "layer/reference", by action */
    public function reaching(): array
    {
        $reaching = [];
        foreach ($this->place->set->cells as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                foreach ($cell->outputs as $output) {
                    if ($output instanceof ActionOutput) {
                        $reaching[$output->action][] = $layer.'/'.$ref;
                    }
                }
            }
        }

        return $reaching;
    }

    /** @return array<string, string> names of the contacts that hold a layer, by layer */
    public function holders(): array
    {
        $holders = [];
        foreach ($this->place->set->layers as $id => $layer) {
            $names = array_map($this->nameOf(...), $this->place->set->holdersOf($id));
            $holders[$id] = $names === [] ? ($id === Layer::BASE ? 'base' : 'nothing leads here') : 'hold '.implode(' or ', $names);
        }

        return $holders;
    }
}
