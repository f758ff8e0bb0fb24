<?php

declare(strict_types=1);

namespace App\View\Make;

use App\View\Place;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\Conflicts;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Played;

/**
 * The layer comb of the loom: a row for each contact and axis of a device, a cell for each layer, as far as the filter
 * leaves them.
 */
final readonly class AssignComb
{
    /** Rows that can be asked for, in words by what the address says. */
    public const FILTERS = [
        '' => 'all',
        'free' => 'free',
        'changed' => 'changed here',
        'conditional' => 'conditional',
        'conflict' => 'in conflict',
    ];

    /** One of FILTERS. */
    public string $filter;

    public Conflicts $clashes;

    /** @var array<string, true> cells in conflict, as "layer/reference" */
    private array $conflicts;

    /**
     * The cell that Tab comes to, as "layer/reference": the picked one, else the first; arrow keys lead to the others.
     */
    private string $first;

    /** @param string $ref of the contact or axis that is picked; empty if none is */
    public function __construct(
        private Place $place,
        private ?Device $device,
        private string $layer,
        private string $ref,
        string $filter,
    ) {
        $this->filter = isset(self::FILTERS[$filter]) ? $filter : '';
        $this->clashes = new Conflicts(Played::of($place->set), array_column($this->rows(), 'ref'));
        $this->conflicts = $this->clashes->all();
        $shown = array_column($this->shown(), 'ref');
        $this->first = in_array($ref, $shown, true) ? $layer.'/'.$ref : Layer::BASE.'/'.($shown[0] ?? '');
    }

    /**
     * What is not wired has a row as long as something is assigned to it, so that this can be taken away.
     *
     * @return list<array{ref: string, number: string, name: string, axis: bool}> in the order of the device
     */
    public function rows(): array
    {
        $rows = [];
        $wired = array_flip(array_map(fn (Control $control): string => $control->ref, $this->device->controls ?? []));
        foreach ($this->place->set->rig->deviceOf(($this->device->id ?? '').'/')->controls ?? [] as $control) {
            if (! isset($wired[$control->ref]) && ! $this->isUsed($control)) {
                continue;
            }
            foreach ($control->axes as $axis) {
                $rows[] = [
                    'ref' => $axis->ref,
                    'number' => $axis->isBuilt() ? 'built' : 'a'.$axis->number,
                    'name' => $this->place->set->rig->nameOf($axis->ref),
                    'axis' => true,
                ];
            }
            foreach ($control->contacts as $contact) {
                $rows[] = [
                    'ref' => $contact->ref,
                    'number' => $this->place->set->rig->numberOf($contact->ref),
                    'name' => $this->place->set->rig->nameOf($contact->ref),
                    'axis' => false,
                ];
            }
        }

        return $rows;
    }

    /** Does any layer say something of a control, or of a chord that it is part of? */
    private function isUsed(Control $control): bool
    {
        $refs = array_map(
            fn (AxisInput|ContactInput $input): string => $input->ref,
            [...$control->axes, ...$control->contacts],
        );
        foreach (Keys::of($this->place->set->layers) as $layer) {
            foreach ($refs as $ref) {
                if (
                    $this->place->set->cell($layer, $ref) !== null || $this->place->set->chordsWith($layer, $ref) !== []
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * The rows that the filter leaves; the one that is picked stays.
     *
     * @return list<array{ref: string, number: string, name: string, axis: bool}>
     */
    public function shown(): array
    {
        return array_values(array_filter(
            $this->rows(),
            fn (array $row) => $this->filter === '' || $row['ref'] === $this->ref || $this->passes($row['ref']),
        ));
    }

    public function isFirst(string $ref, string $layer): bool
    {
        return $this->first === $layer.'/'.$ref;
    }

    private function passes(string $ref): bool
    {
        $cells = $said = [];
        $isInChord = false;
        foreach (Keys::of($this->place->set->layers) as $layer) {
            $isInChord = $isInChord || $this->place->set->chordsWith($layer, $ref) !== [];
            $cells[] = $this->place->set->cell($layer, $ref);
            $said[] = $this->place->saysItself(PartPath::cell($layer, $ref));
        }
        $cells = array_filter($cells);

        return match ($this->filter) {
            'free' => $cells === [] && ! $isInChord,
            'conditional' => array_filter($cells, fn (Cell $cell) => $cell->when !== null) !== [],
            'conflict' => array_filter(
                Keys::of($this->place->set->layers),
                fn (string $layer) => isset($this->conflicts[$layer.'/'.$ref]),
            ) !== [],
            default => in_array(true, $said, true),
        };
    }

    /**
     * @return array<string, array{?Cell, string, string}> the cells of a row by layer, with their classes and the
     *    parent set that says them
     */
    public function cells(string $ref): array
    {
        $cells = [];
        foreach (Keys::of($this->place->set->layers) as $layer) {
            $cell = $this->place->set->cell($layer, $ref);
            $origin = $cell === null ? null : $this->place->originOf(PartPath::cell($layer, $ref));
            $from = $origin === null || $origin->own ? '' : $origin->set;
            $cells[$layer] = [$cell, 'cell'
                .($cell === null ? ' cell--fall' : '')
                .($cell?->isNothing() === true ? ' cell--nothing' : '')
                .($cell !== null && $this->place->set->isAside(PartPath::cell($layer, $ref)) ? ' cell--aside' : '')
                .($from === '' ? '' : ' cell--inherited')
                .($ref === $this->ref && $layer === $this->layer ? ' is-picked' : '')
                .($this->isInConflict($layer, $ref) ? ' cell--conflict' : '')
                .($cell?->when === null ? '' : ' cell--when'), $from];
        }

        return $cells;
    }

    public function isInConflict(string $layer, string $ref): bool
    {
        return isset($this->conflicts[$layer.'/'.$ref]);
    }
}
