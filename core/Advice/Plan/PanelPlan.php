<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\Pairs;
use Nailrod\Core\Rig\Panel\Icons;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Rig\Panel\PanelPage;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Rig\Panel\TileKind;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PanelEdits;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\TileEdits;

/**
 * A page of a panel from a group of the game's actions: a tile for each, pairs as pairs with their value between, what
 * is on or off locks on, what has more settings is a cycle; and what the tiles do, in the base layer.
 */
final readonly class PanelPlan
{
    public function __construct(private BindingSet $set, private Catalogue $catalogue, private string $device) {}

    /** @return list<string> groups of actions, in the order of the catalogue */
    public function groups(): array
    {
        return array_values(
            array_unique(array_map(fn (Action $action) => $action->group, array_values($this->catalogue->actions))),
        );
    }

    /**
     * @throws FormatError if there is no such panel, nothing in the group, or no room for all of it
     */
    public function page(string $panel, string $group): SetDocument
    {
        $found = $this->set->panels[$this->device][$panel]
            ?? throw FormatError::told('Panel', $panel, 'one of the device');
        $units = ActionGroup::of(
            $this->catalogue,
            new Pairs($this->catalogue),
            fn (Action $action) => $action->group === $group,
        );
        if ($units === []) {
            throw FormatError::told('Group', $group, 'one with actions: '.implode(', ', $this->groups()));
        }
        $cells = array_sum(array_map(fn (ActionGroup $unit) => self::cellsOf($unit), $units));
        [$columns, $rows] = self::grid(
            $cells,
            $this->set->rig->devices[$this->device]->limits->tiles ?? PHP_INT_MAX,
            count($units),
        );
        $tiles = $own = [];
        [$column, $row] = [0, 0];
        foreach ($units as $unit) {
            $across = self::cellsOf($unit);
            if ($column + $across > $columns) {
                [$column, $row] = [0, $row + 1];
            }
            $id = $this->freeId($unit, $found, $tiles);
            $tiles[$id] = $this->tile($id, $unit, $column, $row, $across);
            $own[$id] = $unit;
            $column += $across;
        }
        $page = [
            'name' => ucfirst($group),
            'columns' => $columns,
            'rows' => max($rows, $row + 1),
            'tiles' => array_values($tiles),
        ];
        $document = (new PanelEdits($this->set, $this->device))->morePages($panel, [$page]);
        foreach (Keys::each($own) as $id => $unit) {
            $document = (
                new TileWork($this->set, $this->catalogue, $this->device)
            )->done($document, $id, TileWork::kindOf($unit), $unit);
        }

        return $document;
    }

    /**
     * A tile does an action: a pair that and its opposite, one that locks on the two settings of one system in turn, a
     * stick that way; or one end of it that action alone. A tile that says nothing yet gets its name, its value and an
     * icon.
     *
     * @param string $end of the tile: `plus`, `north`; empty for all of it
     *
     * @throws FormatError if there is no such tile, end or action, or the tile cannot do it
     */
    public function give(string $panel, string $tile, string $action, string $end = ''): SetDocument
    {
        $found = (
            $this->set->panels[$this->device][$panel] ?? null
        )?->tile($tile) ?? throw FormatError::told('Tile', $tile, 'one of the panel');
        $asked = $this->catalogue->action($action) ?? throw FormatError::told(
            'Action',
            $action,
            'one of '.$this->catalogue->name,
        );
        if ($end !== '' && ! $this->set->rig->has($this->device.'/'.$tile.'.'.$end)) {
            throw FormatError::told('Tile', $end, 'one of its ends');
        }
        $unit = array_values(array_filter(
            ActionGroup::of($this->catalogue, new Pairs($this->catalogue), fn (Action $one) => true),
            fn (ActionGroup $one) => in_array($asked, $one->actions, true),
        ))[0];
        $work = new TileWork($this->set, $this->catalogue, $this->device);
        $said = array_filter($this->said($unit, $found->kind), fn (mixed $value, string $field) => match ($field) {
            'label' => $found->label === '',
            'icon' => $found->icon === '',
            default => $found->text === '',
        }, ARRAY_FILTER_USE_BOTH);
        $own = $said === [] ? $this->set->merged->own : (
            new TileEdits($this->set, $this->device)
        )->tile($panel, $tile, $said);

        return $work->done($own, $tile, $found->kind, $unit, $asked, $end);
    }

    /** How many cells the tile of a unit has: two where it has a minus and a plus. */
    private static function cellsOf(ActionGroup $unit): int
    {
        return TileWork::kindOf($unit) === TileKind::Pair ? 2 : 1;
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
    private function tile(string $id, ActionGroup $unit, int $column, int $row, int $across): array
    {
        $kind = TileWork::kindOf($unit);

        return [
            'id' => $id,
            'kind' => $kind->value,
            'column' => $column,
            'row' => $row,
        ] + ($across > 1 ? ['across' => $across] : []) + $this->said($unit, $kind);
    }

    /** @return array<string, string> what stands on a tile that does this, in the open format */
    private function said(ActionGroup $unit, TileKind $kind): array
    {
        $action = $unit->first();
        $variable = $this->catalogue->variables[$action->effect->variable] ?? null;
        $label = count($unit->actions) > 1 && $variable !== null ? $variable->name : $action->name;
        $icon = in_array('icon', array_column(Tile::fieldsOf($kind), 'name'), true) ? Icons::guess(
            $action->role,
            $action->name,
            $this->catalogue->groups[$action->group] ?? '',
        ) : '';

        return ['label' => mb_substr($label, 0, 40)] + ($icon === '' ? [] : ['icon' => $icon]) + (
            $kind === TileKind::Pair && $variable !== null ? ['text' => '{'.$action->effect->variable.'}'] : []
        );
    }

    /** @param array<string, mixed> $tiles by id, that are there already */
    private function freeId(ActionGroup $unit, Panel $panel, array $tiles): string
    {
        $action = $unit->first();
        $wish = count($unit->actions) > 1 ? (string) preg_replace(
            '/[-_](up|down|left|right|on|off|higher|lower|in|out)$/',
            '',
            $action->id,
        ) : $action->id;

        return Ids::free($wish, 'tile', fn (string $id): bool => isset($tiles[$id]) || $panel->tile($id) !== null);
    }
}
