<?php

declare(strict_types=1);

namespace Nailrod\Core\Program;

use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Device\AxisInput;
use Nailrod\Core\Device\ContactInput;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\AxisOutput;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\PartPath;

/**
 * Makes a program of a set: only what the set uses, numbered in file order, actions replaced by their ways.
 * An action that has no way yet is left out, as if its cell had one output less.
 *
 * @phpstan-import-type Tables from Program
 * @phpstan-import-type AxisRow from Program
 * @phpstan-import-type AssignmentRow from Program
 */
final class Compiler
{
    /** @var array<string, int> */
    private array $axisIndex = [];

    /** @var array<string, int> */
    private array $contactIndex = [];

    /** @var array<string, int> */
    private array $stopIndex = [];

    /** @var list<AssignmentRow> */
    private array $assignments = [];

    /** @var array<int, array<int, int>> */
    private array $cells = [];

    /** @var array<int, array<int, int>> */
    private array $axisCells = [];

    private function __construct(private readonly BindingSet $set) {}

    public static function compile(BindingSet $set): Program
    {
        return (new self($set))->program();
    }

    private function program(): Program
    {
        $axes = $this->usedAxes();
        $contacts = $this->usedContacts();
        $this->axisIndex = array_flip(array_keys($axes));
        $this->contactIndex = array_flip(array_keys($contacts));
        $this->stopIndex = array_flip(array_keys($this->set->stops));
        $layers = [];
        foreach ($this->set->layers as $layer) {
            $this->layer(count($layers), $layer->id);
            $layers[] = ['id' => $layer->id, 'name' => $layer->name];
        }
        $contactRows = $opposites = $contactPorts = $hatPorts = [];
        foreach ($contacts as $ref => $contact) {
            $i = $this->contactIndex[$ref];
            $of = $contact->opposite === null ? null : $this->contactIndex[$contact->opposite];
            $contactRows[] = ['ref' => $ref, 'opposite' => $of];
            if ($of !== null) {
                $opposites[$of][] = $i;
            } elseif ($contact->hat !== null) {
                $hatPorts[$contact->hat] ??= [null, null, null, null];
                $hatPorts[$contact->hat][$contact->direction] = $i;
            } else {
                $contactPorts[$ref] = $i;
            }
        }

        return new Program([
            'axisPorts' => $this->axisIndex,
            'contactPorts' => $contactPorts,
            'hatPorts' => array_map(array_values(...), $hatPorts),
            'layers' => $layers,
            'axes' => array_map($this->axisRow(...), array_values($axes)),
            'contacts' => $contactRows,
            'opposites' => $opposites,
            'stops' => $this->stopRows(),
            'assignments' => $this->assignments,
            'cells' => $this->cells,
            'axisCells' => $this->axisCells,
        ]);
    }

    private function layer(int $index, string $id): void
    {
        $this->cells[$index] = $this->axisCells[$index] = [];
        foreach ($this->set->cells[$id] ?? [] as $ref => $cell) {
            $assignment = $cell->isNothing() ? Program::NOTHING : $this->assign($index, $ref, $cell);
            if ($assignment === null) {
                continue;
            }
            if (isset($this->axisIndex[$ref])) {
                $this->axisCells[$index][$this->axisIndex[$ref]] = $assignment;
            } else {
                $this->cells[$index][$this->contactIndex[$ref]] = $assignment;
            }
        }
    }

    private function assign(int $layer, string $ref, Cell $cell): ?int
    {
        $outputs = $actions = [];
        foreach ($cell->outputs as $output) {
            $way = $output instanceof ActionOutput ? $this->set->wayOf($output->action) : $output;
            if ($this->fits($way, isset($this->axisIndex[$ref]))) {
                $outputs[] = $way->toArray();
                $actions[] = $output instanceof ActionOutput ? $output->action : null;
            }
        }
        if ($outputs === []) {
            return null;
        }
        $this->assignments[] = [
            'layer' => $layer,
            'ref' => $ref,
            'behaviour' => $cell->behaviour?->toArray(),
            'outputs' => $outputs,
            'actions' => $actions,
        ];

        return count($this->assignments) - 1;
    }

    /** @phpstan-assert-if-true Output $way */
    private function fits(?Output $way, bool $isAxis): bool
    {
        return $isAxis ? $way instanceof AxisOutput : $way instanceof ContactOutput;
    }

    /** @return array<string, AxisInput> */
    private function usedAxes(): array
    {
        $used = [];
        foreach ($this->set->cells as $cells) {
            $used += $cells;
        }
        foreach ($this->set->stops as $stop) {
            $used += array_fill_keys($stop->axes, true);
        }

        return array_intersect_key($this->set->rig->axes, $used);
    }

    /** @return array<string, ContactInput> in file order, with the sources of opposites */
    private function usedContacts(): array
    {
        $used = [];
        foreach ($this->set->cells as $cells) {
            foreach (array_keys($cells) as $ref) {
                $contact = $this->set->rig->contacts[$ref] ?? null;
                if ($contact !== null) {
                    $used[$ref] = true;
                    $used[$contact->opposite ?? $ref] = true;
                }
            }
        }

        return array_intersect_key($this->set->rig->contacts, $used);
    }

    /** @return AxisRow */
    private function axisRow(AxisInput $axis): array
    {
        $shape = [];
        foreach (Shaping::PARTS as $part) {
            $value = $this->set->merged->value(PartPath::axis($axis->ref, $part));
            if ($value !== null) {
                $shape[$part] = $value;
            }
        }
        $stops = [];
        foreach ($this->set->stopsOf($axis->ref) as $stop) {
            $stops[] = $this->stopIndex[$stop->id];
        }

        return [
            'ref' => $axis->ref, 'name' => $axis->name, 'number' => $axis->number,
            'min' => $axis->min, 'max' => $axis->max, 'centred' => $axis->centred,
            'shape' => $shape, 'stops' => $stops,
        ];
    }

    /** @return list<array{id: string, stop: array<string, mixed>}> */
    private function stopRows(): array
    {
        $rows = [];
        foreach (array_keys($this->set->stops) as $id) {
            $rows[] = ['id' => $id, 'stop' => Node::of($this->set->merged->value(PartPath::stop($id)))->plain()];
        }

        return $rows;
    }
}
