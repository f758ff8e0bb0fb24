<?php

declare(strict_types=1);

namespace Nailrod\Core\Plan;

use Nailrod\Core\Action\Action;
use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Action\EffectKind;
use Nailrod\Core\Action\Pairs;
use Nailrod\Core\Device\Rig;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Layer\Layer;
use Nailrod\Core\Panel\Panel;
use Nailrod\Core\Panel\PanelPage;
use Nailrod\Core\Panel\Tile;
use Nailrod\Core\Panel\TileKind;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\PanelEdits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;

/**
 * A page of a panel from a group of the game's actions: a tile for each, pairs as pairs with their value between, what is
 * flipped locks on and is lit while it is on; and what the tiles do, in the base layer.
 */
final readonly class PanelPlan
{
    public function __construct(private BindingSet $set, private Catalogue $catalogue, private string $device) {}

    /** @return list<string> groups of actions, in the order of the catalogue */
    public function groups(): array
    {
        return array_values(array_unique(array_map(fn (Action $action) => $action->group, array_values($this->catalogue->actions))));
    }

    /**
     * @throws FormatError if there is no such panel, nothing in the group, or no room for all of it
     */
    public function page(string $panel, string $group): SetDocument
    {
        $found = $this->set->panels[$this->device][$panel] ?? throw FormatError::told('Panel', $panel, 'one of the device');
        $units = Unit::of($this->catalogue, new Pairs($this->catalogue), fn (Action $action) => $action->group === $group);
        if ($units === []) {
            throw FormatError::told('Group', $group, 'one with actions: '.implode(', ', $this->groups()));
        }
        $cells = array_sum(array_map(fn (Unit $unit) => self::cellsOf($unit), $units));
        [$columns, $rows] = self::grid($cells, $this->set->rig->devices[$this->device]->limits->tiles ?? PHP_INT_MAX, count($units));
        $tiles = $does = $lamps = [];
        [$column, $row] = [0, 0];
        foreach ($units as $unit) {
            $across = self::cellsOf($unit);
            if ($column + $across > $columns) {
                [$column, $row] = [0, $row + 1];
            }
            $id = $this->freeId($unit, $found, $tiles);
            $tiles[$id] = $this->tile($id, $unit, $column, $row, $across);
            $does += $this->spots($id, $unit);
            $lamps += $unit->first()->effect->kind === EffectKind::Flip ? [$id => ['lamp' => $this->device.'/'.$id, 'while' => ['variable' => $unit->first()->effect->variable, 'from' => 1, 'to' => 1], 'colour' => 'green']] : [];
            $column += $across;
        }
        $page = ['name' => ucfirst($group), 'columns' => $columns, 'rows' => max($rows, $row + 1), 'tiles' => array_values($tiles)];

        return $this->assigned($panel, (new PanelEdits($this->set, $this->device))->morePages($panel, [$page]), $does, $lamps);
    }

    /** How many cells the tile of a unit has: a pair two, a selector one for each of its settings. */
    private static function cellsOf(Unit $unit): int
    {
        return count($unit->actions) === 2 ? 2 : 1;
    }

    /**
     * The smallest grid, four cells across if they do, in which so many cells find room.
     *
     * @return array{int, int} columns and rows
     */
    private static function grid(int $cells, int $most, int $tiles): array
    {
        if ($tiles > $most) {
            throw FormatError::told('Group', $tiles.' tiles', 'at most '.$most.', as many as the device has on a page');
        }
        $columns = $cells <= 32 ? 4 : PanelPage::MOST_CELLS;

        // A pair that does not fit at the end of a row leaves a cell free.
        return [$columns, max(PanelPage::FEWEST_CELLS, min(PanelPage::MOST_CELLS, (int) ceil($cells / $columns)))];
    }

    /** @return array<string, mixed> a tile in the open format */
    private function tile(string $id, Unit $unit, int $column, int $row, int $across): array
    {
        $action = $unit->first();
        $variable = $this->catalogue->variables[$action->effect->variable] ?? null;
        $kind = match (true) {
            $action->isAxis() => TileKind::Slide,
            $unit->isPair() => TileKind::Pair,
            $action->effect->kind === EffectKind::Flip => TileKind::LocksOn,
            default => TileKind::Press,
        };
        $label = $unit->isPair() && $variable !== null ? $variable->name : $action->name;

        return ['id' => $id, 'kind' => $kind->value, 'column' => $column, 'row' => $row] + ($across > 1 ? ['across' => $across] : []) + ['label' => mb_substr($label, 0, 40)]
            + ($unit->isPair() && $variable !== null ? ['text' => '{'.$action->effect->variable.'}'] : []);
    }

    /** @param array<string, mixed> $tiles by id, that are there already */
    private function freeId(Unit $unit, Panel $panel, array $tiles): string
    {
        $action = $unit->first();
        $wish = $unit->isPair() ? (string) preg_replace('/[-_](up|down|left|right|on|off|higher|lower|in|out)$/', '', $action->id) : $action->id;

        return Ids::free($wish, 'tile', fn (string $id): bool => isset($tiles[$id]) || $panel->tile($id) !== null);
    }

    /** @return array<string, Action> what each contact or axis of a tile does, by reference */
    private function spots(string $id, Unit $unit): array
    {
        $ref = $this->device.'/'.$id;

        return $unit->isPair() ? [$ref.'.plus' => $unit->actions[0], $ref.'.minus' => $unit->actions[1]] : [$ref => $unit->first()];
    }

    /**
     * @param array<string, Action>               $does  by reference
     * @param array<string, array<string, mixed>> $lamps rules in the open format, by id
     */
    private function assigned(string $panel, SetDocument $own, array $does, array $lamps): SetDocument
    {
        foreach ($lamps as $id => $rule) {
            $own = $own->with(PartPath::lamp(Ids::free($id, 'lamp', fn (string $one): bool => isset($this->set->lamps[$one]))), $rule);
        }
        foreach ($does as $ref => $action) {
            $set = BindingSet::of(MergedDocument::of([...array_slice($this->set->merged->chain, 0, -1), $own]), new Rig(array_values($this->set->rig->devices)), $this->catalogue, [], $this->set->layouts);
            try {
                $own = (new PlanEdits($set))->take([(new Planner($set, $this->catalogue))->on($action, new Spot(Layer::BASE, $ref))]);
            } catch (FormatError) {
                // No way is left to reach it: the tile is there, and what it does is picked by hand.
                continue;
            }
        }

        return $own;
    }
}
