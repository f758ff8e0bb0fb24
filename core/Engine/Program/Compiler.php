<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Variable;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Behaviour\Follow;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Output\AxisOutput;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\MeansAction;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Played;
use Nailrod\Core\Set\SettingReading;

/**
 * Makes a program of a set: only what the set uses, numbered in file order, actions replaced by their ways.
 * An action that has no way yet is left out, as if its cell had one output less; what is set aside is not played.
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

    /** @var list<ChordRow> */
    private array $chords = [];

    /** @var array<int, array<int, list<int>>> chords by layer and member */
    private array $chordsOf = [];

    /** @var array<int, array<int, int>> */
    private array $cells = [];

    /** @var array<int, array<int, int>> */
    private array $axisCells = [];

    private function __construct(private readonly BindingSet $set) {}

    public static function compile(BindingSet $set): Program
    {
        return (new self(Played::of($set)))->program();
    }

    private function program(): Program
    {
        $axes = $this->usedAxes();
        $contacts = $this->usedContacts();
        $this->axisIndex = array_flip(array_keys($axes));
        $this->contactIndex = array_flip(array_keys($contacts));
        $this->stopIndex = array_flip(Keys::of($this->set->stops));
        $layers = [];
        foreach ($this->set->layers as $layer) {
            $this->layer(count($layers), $layer->id);
            $layers[] = new LayerRow($layer->id, $layer->name, $layer->letsGo);
        }
        foreach (Keys::of($this->set->layers) as $i => $layer) {
            $this->layerChords($i, (string) $layer);
        }
        $tables = ContactTables::of($contacts);

        return new Program(new Tables(
            starts: array_map(
                fn (Variable $variable) => round($variable->start, 6),
                $this->set->catalogue->variables ?? [],
            ),
            axisPorts: array_intersect_key(
                $this->axisIndex,
                array_filter($axes, fn (AxisInput $axis) => ! $axis->isBuilt()),
            ),
            contactPorts: $tables->contactPorts,
            hatPorts: $tables->hatPorts,
            tickPorts: $tables->tickPorts,
            rotaries: $tables->rotaries,
            layers: $layers,
            axes: array_map($this->axisRow(...), array_values($axes)),
            contacts: $tables->rows,
            opposites: $tables->opposites,
            noneOf: $tables->noneOf,
            made: $this->madeRows(),
            stops: $this->stopRows(),
            assignments: $this->assignments,
            macros: $this->macroRows(),
            lamps: array_map(fn (LampRule $rule) => $rule->toArray(), $this->set->lamps),
            lampColours: $this->lampColours(),
            chords: $this->chords,
            chordsOf: $this->chordsOf,
            cells: $this->cells,
            axisCells: $this->axisCells,
        ));
    }

    private function layer(int $index, string $id): void
    {
        $this->cells[$index] = $this->axisCells[$index] = [];
        foreach ($this->set->cells[$id] ?? [] as $ref => $cell) {
            $assignment = $cell->isNothing() ? Program::NOTHING : $this->assign($index, $ref, $cell);
            if (isset($this->axisIndex[$ref])) {
                $this->axisCells[$index][$this->axisIndex[$ref]] = $assignment;
            } else {
                $this->cells[$index][$this->contactIndex[$ref]] = $assignment;
            }
        }
    }

    /** Its number; a cell of which no action has a way does nothing, and hides what the base layer says. */
    private function assign(int $layer, string $ref, Cell $cell): int
    {
        if ($cell->as !== null) {
            $this->assignments[] = new AssignmentRow(
                $layer,
                $ref,
                null,
                [],
                [],
                [],
                null,
                as: $this->contactIndex[$cell->as],
            );

            return count($this->assignments) - 1;
        }
        $else = $cell->otherwise === null ? null : $this->row($layer, $ref, $cell->otherwise, null, true);
        $number = count($this->assignments);
        $row = $this->row($layer, $ref, $cell, $else === null ? null : $number + 1, false);
        array_push($this->assignments, ...array_filter([$row, $else]));

        return $row === null ? Program::NOTHING : $number;
    }

    /** What it does as long as an action of it has a way, or something is done otherwise; null if it does nothing. */
    private function row(int $layer, string $ref, Cell $cell, ?int $otherwise, bool $isElse): ?AssignmentRow
    {
        $outputs = $actions = [];
        foreach ($cell->outputs as $i => $output) {
            $way = $this->set->leaving($output);
            if ($this->fits($way, isset($this->axisIndex[$ref]))) {
                $outputs[$i] = $way->toArray();
                $actions[$i] = $output instanceof MeansAction ? $output->action() : null;
            }
        }
        $isIdle = $outputs === [] && ! $cell->behaviour instanceof PlaysItsMacro;

        return $isIdle && $otherwise === null ? null : new AssignmentRow(
            $layer,
            $ref,
            ($isIdle ? Follow::always() : $cell->behaviour)?->toArray(),
            $outputs,
            $actions,
            $cell->over?->toArray() ?? [],
            $cell->when?->toArray(),
            $otherwise,
            $isElse,
        );
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

        foreach ($this->set->made as $made) {
            $used += array_fill_keys($made->sources(), true);
            foreach ($made->axes() as $axis) {
                $used[$axis->ref] = true;
            }
        }

        return array_intersect_key($this->set->rig->axes, $used);
    }

    /** @return array<string, ContactInput> in file order, with those that others are made from */
    private function usedContacts(): array
    {
        $used = [];
        foreach ($this->set->cells as $cells) {
            foreach (Keys::each($cells) as $ref => $cell) {
                $used += [$ref => true] + ($cell->as === null ? [] : [$cell->as => true]);
            }
        }

        foreach ($this->set->chords as $chords) {
            foreach ($chords as $chord) {
                $used += array_fill_keys($chord->of, true);
            }
        }
        foreach ($this->set->made as $made) {
            foreach ($made->contacts() as $contact) {
                $used[$contact->ref] = true;
            }
        }
        foreach ($this->set->lamps as $rule) {
            $used += array_fill_keys($rule->contacts(), true);
        }
        // A hand turns an encoder through its places whether they do something or not.
        $used += array_fill_keys(
            array_keys(array_filter(
                $this->set->rig->contacts,
                fn (ContactInput $contact) => $contact->rotary !== null && ! $contact->isTick(),
            )),
            true,
        );

        return $this->set->rig->withSources($used);
    }

    private function axisRow(AxisInput $axis): AxisRow
    {
        $shape = [];
        foreach (AxisParts::shaping() as $part) {
            $value = SettingReading::part($this->set, $axis, $part);
            if ($value !== null) {
                $shape[$part] = $value;
            }
        }
        $stops = [];
        foreach ($this->set->stopsOf($axis->ref) as $stop) {
            $stops[] = $this->stopIndex[$stop->id];
        }

        return new AxisRow($axis, $shape, $stops);
    }

    private function layerChords(int $index, string $layer): void
    {
        $this->chordsOf[$index] = [];
        foreach (Keys::each($this->set->chords[$layer] ?? []) as $id => $chord) {
            $outputs = $actions = [];
            foreach ($chord->outputs as $i => $output) {
                $way = $this->set->leaving($output);
                if ($this->fits($way, false)) {
                    $outputs[$i] = $way->toArray();
                    $actions[$i] = $output instanceof MeansAction ? $output->action() : null;
                }
            }
            $members = array_map(fn (string $ref) => $this->contactIndex[$ref], $chord->of);
            $this->assignments[] = new AssignmentRow(
                $index,
                $chord->of[0],
                ['kind' => 'follow'],
                $outputs,
                $actions,
                [],
                null,
            );
            $this->chords[] = new ChordRow(
                $id,
                $members,
                $chord->within,
                $chord->held,
                count($this->assignments) - 1,
                $chord->when?->toArray(),
            );
            foreach ($members as $member) {
                $this->chordsOf[$index][$member][] = count($this->chords) - 1;
            }
        }
    }

    /** @return list<MacroRow> */
    private function macroRows(): array
    {
        $rows = [];
        foreach (Keys::each($this->set->macros) as $id => $macro) {
            $outputs = $actions = [];
            $played = $macro->played($this->set->layouts);
            foreach ($played->steps as $step) {
                $way = $this->set->leaving($step->output);
                $outputs[] = $this->fits($way, false) ? $way->toArray() : null;
                $actions[] = $step->output instanceof MeansAction ? $step->output->action() : null;
            }
            $rows[] = new MacroRow($id, $played->toArray(), $outputs, $actions);
        }

        return $rows;
    }

    /** @return list<MadeRow> */
    private function madeRows(): array
    {
        $rows = [];
        foreach (Keys::each($this->set->made) as $id => $made) {
            $rows[] = new MadeRow(
                $id,
                Node::of($this->set->merged->value(PartPath::made($id)))->plain(),
                array_map(fn (string $ref) => $this->axisIndex[$ref], $made->sources()),
                array_map(fn (AxisInput $axis) => $this->axisIndex[$axis->ref], $made->axes()),
                array_values(array_map(
                    fn (ContactInput $contact) => $this->contactIndex[$contact->ref],
                    array_filter($made->contacts(), fn (ContactInput $contact) => $contact->mark !== null),
                )),
            );
        }

        return $rows;
    }

    /** @return list<StopRow> */
    private function stopRows(): array
    {
        return array_map(
            fn (string $id) => new StopRow($id, Node::of($this->set->merged->value(PartPath::stop($id)))->plain()),
            Keys::of($this->set->stops),
        );
    }

    /** @return array<string, list<string>> colours of each lamp that a rule lights, its own first, by its reference */
    private function lampColours(): array
    {
        $colours = [];
        foreach ($this->set->rig->devices as $device) {
            foreach ($device->lamps as $lamp) {
                $colours[$device->id.'/'.$lamp->id] = $lamp->colours;
            }
        }
        $lit = array_merge(...array_map(fn (LampRule $rule): array => $rule->lamps(), array_values($this->set->lamps)));

        return array_intersect_key($colours, array_flip($lit));
    }
}
