<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\Drives;

/**
 * Cells that get in each other's way: one controller output or key stroke that two controls drive while one layer is
 * live. The tiles of a panel that its owner drew are no such controls: a panel repeats on purpose what is elsewhere, or
 * on another page.
 */
final class Conflicts
{
    /** @var array<int, list<string>> what a cell drives, by the cell; cells that say the same are one */
    private array $outputs = [];

    /** @var array<string, array<string, array<string, string>>> see drivenIn(), by layer */
    private array $driven = [];

    /** @var ?array<string, true> outputs that are looked at; null for all */
    private ?array $wanted = null;

    /** @param ?list<string> $of references to look at, with all that drives what they drive; null for all */
    public function __construct(private readonly BindingSet $set, ?array $of = null)
    {
        if ($of === null) {
            return;
        }
        $wanted = [];
        foreach ($set->cells as $cells) {
            foreach (array_intersect_key($cells, array_flip($of)) as $cell) {
                $wanted += array_fill_keys($this->outputsOf($cell), true);
            }
        }
        $this->wanted = $wanted;
    }

    /** @return array<string, true> the cells that are in conflict with any other, as "layer/reference" */
    public function all(): array
    {
        $base = $this->drivenIn(Layer::BASE);
        $conflicts = $this->clashing($base);
        foreach (Keys::of($this->set->layers) as $layer) {
            $own = $layer === Layer::BASE ? [] : $this->drivenIn((string) $layer);
            foreach ($own as $output => $cells) {
                // What falls through to the base layer is driven from there while this layer is live.
                $own[$output] += array_filter(
                    $base[$output] ?? [],
                    fn (string $at) => ! $this->hides((string) $layer, $at),
                    ARRAY_FILTER_USE_KEY,
                );
            }
            $conflicts += $this->clashing($own);
        }

        return $conflicts;
    }

    /** @return list<string> the cells that drive what this one drives, from other controls, as "layer/reference" */
    public function with(string $layer, string $ref): array
    {
        $cell = $this->set->cell($layer, $ref);
        $control = $this->controlOf($ref);
        $with = [];
        foreach ($cell === null || $this->isTile($ref) ? [] : $this->outputsOf($cell) as $output) {
            foreach ($layer === Layer::BASE ? Keys::of($this->set->layers) : [$layer] as $live) {
                if ($live !== $layer && $this->hides((string) $live, $layer.'/'.$ref)) {
                    continue;
                }
                $driven = $this->drivenIn((string) $live)[$output] ?? [];
                $driven += array_filter(
                    $this->drivenIn(Layer::BASE)[$output] ?? [],
                    fn (string $at) => ! $this->hides((string) $live, $at),
                    ARRAY_FILTER_USE_KEY,
                );
                $with += array_filter($driven, fn (string $other) => $other !== $control);
            }
        }

        return array_keys($with);
    }

    /**
     * @param array<string, array<string, string>> $driven
     *
     * @return array<string, true> cells that drive what a cell of another control drives
     */
    private function clashing(array $driven): array
    {
        $clashing = [];
        foreach ($driven as $cells) {
            if (count($cells) > 1 && count(array_unique($cells)) > 1) {
                $clashing += array_fill_keys(array_keys($cells), true);
            }
        }

        return $clashing;
    }

    /** Does a layer say something of its own of a contact that the base layer says something of? */
    private function hides(string $layer, string $baseCell): bool
    {
        return $layer !== Layer::BASE && isset($this->set->cells[$layer][substr($baseCell, strlen(Layer::BASE) + 1)]);
    }

    /** @return array<string, array<string, string>> control by cell, by what the cells of a layer drive */
    private function drivenIn(string $layer): array
    {
        if (! isset($this->driven[$layer])) {
            $driven = [];
            foreach ($this->set->cells[$layer] ?? [] as $ref => $cell) {
                foreach ($this->outputsOf($cell) as $output) {
                    if (($this->wanted === null || isset($this->wanted[$output])) && ! $this->isTile((string) $ref)) {
                        $driven[$output][$layer.'/'.$ref] = $this->controlOf((string) $ref);
                    }
                }
            }
            $this->driven[$layer] = $driven;
        }

        return $this->driven[$layer];
    }

    private function isTile(string $ref): bool
    {
        return ($this->set->rig->devices[explode('/', $ref, 2)[0]] ?? null)?->panel !== null;
    }

    private function controlOf(string $ref): string
    {
        return $this->set->rig->controlOf($ref)->ref ?? $ref;
    }

    /** @return list<string> what a cell drives that only one control should */
    private function outputsOf(Cell $cell): array
    {
        $known = $this->outputs[spl_object_id($cell)] ?? null;
        if ($known !== null) {
            return $known;
        }
        $outputs = [];
        foreach ($cell->outputsOfEither() as $output) {
            $way = $this->set->leaving($output);
            if ($way instanceof Drives) {
                $outputs[] = $way->drives();
            }
        }

        return $this->outputs[spl_object_id($cell)] = $outputs;
    }
}
