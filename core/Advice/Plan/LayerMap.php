<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Behaviour\Follows;
use Nailrod\Core\Mapping\Behaviour\Latches;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\LeadsToLayer;
use Nailrod\Core\Mapping\Output\LetsGoOfAll;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;

/** Which contact leads from which layer to which, and whether there is a way out of each. */
final readonly class LayerMap
{
    /** @param list<LayerLink> $links */
    private function __construct(private BindingSet $set, public array $links) {}

    public static function of(BindingSet $set): self
    {
        $links = [];
        $base = self::leading($set, $set->cells[Layer::BASE] ?? []);
        foreach (Keys::of($set->layers) as $layer) {
            $own = $layer === Layer::BASE ? [] : $set->cells[$layer] ?? [];
            foreach (self::leading($set, $own) + array_diff_key($base, $own) as $ref => $cell) {
                foreach ($cell->either() as $one) {
                    foreach ($one->drives($set->macros) as $output) {
                        $links[] = self::link($layer, (string) $ref, $one, $output);
                    }
                }
            }
            foreach ($set->chords[$layer] ?? [] as $chord) {
                foreach ($chord->outputs as $output) {
                    $links[] = self::link($layer, $chord->of[0], null, $output);
                }
            }
        }

        return new self($set, array_values(array_filter($links)));
    }

    /**
     * Links that are worth drawing: what the base layer says leads everywhere from all layers alike, and is drawn once.
     *
     * @return list<LayerLink>
     */
    public function drawn(): array
    {
        return array_values(array_filter(
            $this->links,
            fn (LayerLink $link) => $link->from === Layer::BASE
                || $this->set->cell($link->from, $link->ref) !== null
                || ! $this->isSaidInBase($link),
        ));
    }

    /** @return array<string, string> why no way leads out of a layer once it is live, by layer */
    public function trapped(): array
    {
        $trapped = [];
        foreach (Keys::each($this->set->layers) as $id => $layer) {
            $why = $id === Layer::BASE ? null : ($this->whySettled($id) ?? $this->whyHeld($id));
            if ($why !== null) {
                $trapped[$id] = $why;
            }
        }

        return $trapped;
    }

    /** @return list<string> layers that nothing leads to */
    public function unreached(): array
    {
        $reached = [Layer::BASE => true];
        for ($before = -1; $before < count($reached);) {
            $before = count($reached);
            foreach ($this->links as $link) {
                if (isset($reached[$link->from])) {
                    $reached[$link->to] = true;
                }
            }
        }

        return array_values(array_diff(
            array_map(strval(...), Keys::of($this->set->layers)),
            array_map(strval(...), Keys::of($reached)),
        ));
    }

    /**
     * Cells that never come into play: their contact is the only one that holds their layer, and is down while it is
     * live.
     *
     * @return list<array{layer: string, ref: string}>
     */
    public function idleCells(): array
    {
        $idle = [];
        foreach (Keys::each($this->set->layers) as $id => $layer) {
            $into = array_filter($this->links, fn (LayerLink $link) => $link->to === $id && $link->from !== $id);
            $refs = array_unique(array_map(fn (LayerLink $link) => $link->ref, $into));
            $byHolding = array_filter($into, fn (LayerLink $link) => $link->words === 'hold');
            if (count($refs) === 1 && count($byHolding) === count($into)) {
                $ref = array_values($refs)[0];
                if ($this->set->cell($id, $ref)?->isNothing() === false) {
                    $idle[] = ['layer' => $id, 'ref' => $ref];
                }
            }
        }

        return $idle;
    }

    /** A layer that is settled needs a contact that settles another, in it or in a layer held over it. */
    private function whySettled(string $layer): ?string
    {
        $into = array_filter(
            $this->links,
            fn (LayerLink $link) => ! $link->holds && $link->to === $layer && $link->from !== $layer,
        );
        if ($into === []) {
            return null;
        }
        $over = [$layer => true];
        for ($before = 0; $before < count($over);) {
            $before = count($over);
            foreach ($this->links as $link) {
                if (! isset($over[$link->from])) {
                    continue;
                }
                if (! $link->holds && $link->to !== $layer) {
                    return null;
                }
                $over += $link->holds ? [$link->to => true] : [];
            }
        }
        $first = array_values($into)[0];

        return sprintf(
            '%s leads to it and stays, and nothing in it leads to another layer',
            $this->set->rig->nameOf($first->ref),
        );
    }

    /** A layer that is turned on needs the same contact to turn it off again, or one that lets go of everything. */
    private function whyHeld(string $layer): ?string
    {
        foreach ($this->links as $link) {
            if ($link->to !== $layer || $link->words !== 'turn on and off' || $link->from === $layer) {
                continue;
            }
            $home = $this->set->cell($link->from, $link->ref) === null ? Layer::BASE : $link->from;
            $there = $this->set->cell($layer, $link->ref);
            if ($there === null && $home === Layer::BASE) {
                continue;
            }
            foreach (self::says($this->set, $layer) as $cell) {
                foreach ($cell->drives($this->set->macros) as $output) {
                    if ($output instanceof LetsGoOfAll) {
                        continue 3;
                    }
                }
            }

            return sprintf(
                '%s turns it on, but means something else in it, so that nothing turns it off',
                $this->set->rig->nameOf($link->ref),
            );
        }

        return null;
    }

    private function isSaidInBase(LayerLink $link): bool
    {
        foreach ($this->links as $other) {
            if ($other->from === Layer::BASE && $other->ref === $link->ref && $other->to === $link->to) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<string, Cell> $cells
     *
     * @return array<string, Cell> those of contacts that can lead to a layer
     */
    private static function leading(BindingSet $set, array $cells): array
    {
        $leading = [];
        foreach ($cells as $ref => $cell) {
            foreach ($cell->drives($set->macros) as $output) {
                if ($output instanceof LeadsToLayer && isset($set->rig->contacts[$ref])) {
                    $leading[$ref] = $cell;
                }
            }
        }

        return $leading;
    }

    /** @return array<string, Cell> what holds in a layer, with what falls through to the base layer, by contact */
    private static function says(BindingSet $set, string $layer): array
    {
        return array_filter(
            ($set->cells[$layer] ?? []) + ($set->cells[Layer::BASE] ?? []),
            fn (Cell $cell, string $ref) => ! $cell->isNothing() && isset($set->rig->contacts[$ref]),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    private static function link(string $from, string $ref, ?Cell $cell, Output $output): ?LayerLink
    {
        if (! $output instanceof LeadsToLayer) {
            return null;
        }
        $to = $output->leadsTo($from);
        if ($output->holdsLayer()) {
            $behaviour = $cell?->behaviour;
            $words = match (true) {
                $behaviour instanceof Latches && $behaviour->turnsOnAndOff() => 'turn on and off',
                $behaviour === null, $behaviour instanceof Follows => 'hold',
                default => 'hold a while',
            };

            return new LayerLink($from, $to, $ref, true, $words);
        }

        return $to === $from ? null : new LayerLink($from, $to, $ref, false, $output->leadsBy());
    }
}
