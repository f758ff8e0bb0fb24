<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Excerpt;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Slot;

/** What the grid of roles shows of one set: a small part of it, so that many sets can stand side by side. */
final readonly class RoleColumn implements Excerpt
{
    /**
     * @param string                         $name    of the set
     * @param ?string                        $game    id of its catalogue; null if it has none
     * @param list<string>                   $parents their ids, the root first
     * @param array<string, list<RolePlace>> $places  by role that its game has,
     *                                         in the order of the catalogue; empty where it is not reached
     * @param string                         $inputs  references of everything
     *                                         that the rig has, with a space around each: that is read in no time
     * @param array<string, string>          $taken   references with a cell, by each layer, in the same form
     */
    private function __construct(
        public string $name,
        public ?string $game,
        private array $parents,
        public array $places,
        private string $inputs,
        private array $taken,
    ) {}

    public static function of(BindingSet $set): static
    {
        $reach = Reach::of($set);
        $places = [];
        foreach (Keys::each($set->catalogue?->byRole() ?? []) as $role => $action) {
            $places[$role] = array_map(fn (Slot $spot) => self::place($set, $spot), $reach->spots($action->id));
        }
        $merged = $set->merged;

        return new self(
            $merged->own->name,
            $set->catalogue?->id,
            array_values(
                array_diff(array_map(fn (SetDocument $document) => $document->id, $merged->chain), [$merged->own->id]),
            ),
            $places,
            self::packed($set->rig->refs()),
            array_map(fn (Layer $layer) => self::packed(Keys::of($set->cells[$layer->id] ?? [])), $set->layers),
        );
    }

    private static function place(BindingSet $set, Slot $spot): RolePlace
    {
        $origin = $set->merged->origin(PartPath::cell($spot->layer, $spot->ref));

        return new RolePlace(
            $spot,
            $set->rig->fullNameOf($spot->ref),
            $spot->layer === Layer::BASE ? '' : ($set->layers[$spot->layer]->name ?? $spot->layer),
            $origin !== null && $origin !== $set->merged->own->id,
        );
    }

    /** @param array<string, self> $columns that stand beside it, by the id of their set */
    public function hasParentAmong(array $columns): bool
    {
        return array_intersect_key($columns, array_flip($this->parents)) !== [];
    }

    public function hasInput(string $ref): bool
    {
        return str_contains($this->inputs, self::packed([$ref]));
    }

    /** Is nothing at this place, or at the same input of the base layer where there is no such layer? */
    public function isFree(Slot $spot): bool
    {
        return ! str_contains($this->taken[$spot->layer] ?? $this->taken[Layer::BASE], self::packed([$spot->ref]));
    }

    /** @param list<string> $refs */
    private static function packed(array $refs): string
    {
        return ' '.implode(' ', $refs).' ';
    }
}
