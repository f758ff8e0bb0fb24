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
final readonly class Conflicts
{
    public function __construct(private BindingSet $set) {}

    /** @return array<string, list<string>> the cells that a cell conflicts with, all as "layer/reference" */
    public function all(): array
    {
        $conflicts = $outputs = $controls = [];
        foreach ($this->set->cells as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                $outputs[$layer][$ref] = $this->outputs($cell);
                $controls[$ref] ??= $this->set->rig->controlOf((string) $ref)->ref ?? (string) $ref;
            }
        }
        foreach (array_keys($this->set->layers) as $layer) {
            $drives = [];
            foreach (($outputs[$layer] ?? []) + ($outputs[Layer::BASE] ?? []) as $ref => $driven) {
                $home = isset($outputs[$layer][$ref]) ? $layer : Layer::BASE;
                foreach ($driven as $output) {
                    $drives[$output][$home.'/'.$ref] = $controls[$ref];
                }
            }
            foreach ($drives as $cells) {
                if (count(array_unique($cells)) < 2) {
                    continue;
                }
                foreach ($cells as $cell => $control) {
                    $others = array_keys(array_filter($cells, fn (string $other) => $other !== $control));
                    $conflicts[$cell] = array_values(array_unique([...$conflicts[$cell] ?? [], ...$others]));
                }
            }
        }

        return $conflicts;
    }

    /** @return list<string> what a cell drives that only one control should */
    private function outputs(Cell $cell): array
    {
        $outputs = [];
        foreach ($cell->outputs as $output) {
            $way = $output instanceof ActionOutput ? $this->set->wayOf($output->action) : $output;
            if ($way instanceof ControllerButton || $way instanceof KeyStroke || $way instanceof HatDirection || $way instanceof ControllerAxis) {
                $outputs[] = $way->kind().' '.$way->inWords();
            }
        }

        return $outputs;
    }
}
