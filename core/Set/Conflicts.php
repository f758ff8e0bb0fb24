<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Layer\Layer;
use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\ControllerAxis;
use Nailrod\Core\Output\ControllerButton;
use Nailrod\Core\Output\HatDirection;
use Nailrod\Core\Output\KeyStroke;

/** Cells that get in each other's way: one controller output or key stroke that two controls drive while one layer is live. */
final class Conflicts
{
    /** @var array<int, list<string>> what a cell drives, by the cell; cells that say the same are one */
    private array $outputs = [];

    public function __construct(private readonly BindingSet $set) {}

    /** @return array<string, true> the cells that are in conflict with any other, as "layer/reference" */
    public function all(): array
    {
        $conflicts = [];
        foreach (array_keys($this->set->layers) as $layer) {
            foreach ($this->driven((string) $layer) as $cells) {
                if (count($cells) > 1 && count(array_unique($cells)) > 1) {
                    $conflicts += array_fill_keys(array_keys($cells), true);
                }
            }
        }

        return $conflicts;
    }

    /** @return list<string> the cells that drive what this one drives, from other controls, as "layer/reference" */
    public function with(string $layer, string $ref): array
    {
        $own = $this->set->cell($layer, $ref) ?? Cell::nothing();
        $control = $this->controlOf($ref);
        $with = [];
        foreach ($layer === Layer::BASE ? array_keys($this->set->layers) : [$layer] as $live) {
            $driven = $this->driven((string) $live);
            foreach ($this->outputs($own) as $output) {
                if (isset($driven[$output][$layer.'/'.$ref])) {
                    $with += array_filter($driven[$output], fn (string $other) => $other !== $control);
                }
            }
        }

        return array_keys($with);
    }

    /** @return array<string, array<string, string>> control by cell, by what is driven while a layer is live */
    private function driven(string $layer): array
    {
        $driven = [];
        $own = $this->set->cells[$layer] ?? [];
        foreach ($own + ($this->set->cells[Layer::BASE] ?? []) as $ref => $cell) {
            $at = (isset($own[$ref]) ? $layer : Layer::BASE).'/'.$ref;
            foreach ($this->outputs[spl_object_id($cell)] ??= $this->outputs($cell) as $output) {
                $driven[$output][$at] = $this->controlOf((string) $ref);
            }
        }

        return $driven;
    }

    private function controlOf(string $ref): string
    {
        return $this->set->rig->controlOf($ref)->ref ?? $ref;
    }

    /** @return list<string> what a cell drives that only one control should */
    private function outputs(Cell $cell): array
    {
        $outputs = [];
        foreach ($cell->outputs as $output) {
            $way = $output instanceof ActionOutput ? $this->set->wayOf($output->action) : $output;
            if ($way instanceof ControllerButton || $way instanceof KeyStroke || $way instanceof HatDirection || $way instanceof ControllerAxis) {
                $outputs[] = match (true) {
                    $way instanceof ControllerButton => 'b'.$way->number,
                    $way instanceof ControllerAxis => 'a'.$way->number,
                    $way instanceof KeyStroke => 'k'.implode('+', $way->with).'+'.$way->code,
                    default => 'h'.$way->number.$way->direction,
                };
            }
        }

        return $outputs;
    }
}
