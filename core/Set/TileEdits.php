<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Mapping\Action\TileText;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Rig\Panel\TileKind;

/**
 * What a person does to the tiles of a panel: each gives a new document of the set itself. Pages and cells are counted
 * from 0.
 */
final readonly class TileEdits
{
    use SaysPanels;

    public function __construct(private BindingSet $set, private string $device) {}

    /**
     * A new tile where there is room.
     *
     * @param ?array{int, int} $at column and row; null: the first place that is free
     *
     * @throws FormatError if there is no room
     */
    public function addTile(string $id, int $page, TileKind $kind, ?array $at, string $label = ''): SetDocument
    {
        $panel = $this->panel($id);
        $on = $panel->pages[$this->place($id, $page)];
        [$across, $down] = $kind->size();
        [$across, $down] = [min($across, $on->columns), min($down, $on->rows)];
        $at = $at !== null && $on->isFree($at[0], $at[1], 1, 1)
            ? $at
            : $on->free($across, $down)
            ?? $on->free(1, 1)
            ?? throw FormatError::told(
                'Tile',
                'no room on '.$on->name,
                'a page with a free cell; make the grid finer, or take a page more',
            );
        if (
            $at[0] + $across > $on->columns
                || $at[1]
                + $down > $on->rows
                || ! $on->isFree($at[0], $at[1], $across, $down)
        ) {
            [$across, $down] = [1, 1];
        }
        $name = $label === '' ? $kind->value : $label;
        $tile = [
            'id' => Ids::free($name, 'tile', fn (string $one): bool => $panel->tile($one) !== null),
            'kind' => $kind->value,
            'column' => $at[0],
            'row' => $at[1],
        ];
        $tile += (
            $across > 1 ? ['across' => $across] : []
        ) + ($down > 1 ? ['down' => $down] : []) + ($label === '' ? [] : ['label' => $label]) + (
            $kind === TileKind::Turn ? ['page' => ($page + 1) % count($panel->pages) + 1] : []
        );

        return $this->withTiles($id, $page, [...$this->tiles($id, $page), $tile]);
    }

    /**
     * Says something of a tile; what was said of it before stays. Values in its text may stand by their names.
     *
     * @param array<string, mixed> $fields in the open format; null takes one back
     */
    public function tile(string $id, string $tile, array $fields): SetDocument
    {
        [$page, $place] = $this->find($id, $tile);
        $tiles = $this->tiles($id, $page);
        $fields = (
            is_string($fields['text'] ?? null) ? [
                'text' => TileText::meant($fields['text'], $this->set->catalogue),
            ] : []
        ) + $fields;
        $tiles[$place] = array_filter($fields + $tiles[$place], fn (mixed $value) => $value !== null);

        return $this->withTiles($id, $page, $tiles);
    }

    /**
     * A tile goes to another place, on this page or another one; where another of its size lies there, they change
     * places.
     *
     * @throws FormatError if there is no room
     */
    public function move(string $id, string $tile, int $page, int $column, int $row): SetDocument
    {
        $panel = $this->panel($id);
        [$from, $place] = $this->find($id, $tile);
        $moved = $panel->pages[$from]->tiles[$place];
        $to = $panel->pages[$this->place($id, $page)];
        $column = max(0, min($to->columns - $moved->across, $column));
        $row = max(0, min($to->rows - $moved->down, $row));
        if ($from !== $page) {
            if (! $to->isFree($column, $row, $moved->across, $moved->down)) {
                [$column, $row] = $to->free($moved->across, $moved->down) ?? throw FormatError::told(
                    'Tile',
                    'no room on '.$to->name,
                    'a page where it fits',
                );
            }
            $tiles = $this->tiles($id, $from);
            $said = ['column' => $column, 'row' => $row] + $tiles[$place];
            unset($tiles[$place]);
            $pages = $this->pages($id);
            $pages[$from]['tiles'] = array_values($tiles);
            $pages[$page]['tiles'] = [...$this->tiles($id, $page), $said];

            return $this->withPages($id, $pages);
        }
        $tiles = $this->tiles($id, $page);
        $others = array_filter(
            $to->tiles,
            fn (Tile $other) => $other->id !== $tile
                && $other->column < $column
                + $moved->across
                && $column < $other->column
                + $other->across
                && $other->row < $row
                + $moved->down
                && $row < $other->row
                + $other->down,
        );
        foreach ($others as $i => $other) {
            if ($other->across !== $moved->across || $other->down !== $moved->down || count($others) > 1) {
                throw FormatError::told('Tile', 'no room there', 'free cells; '.$other->name().' lies there');
            }
            $tiles[$i] = ['column' => $moved->column, 'row' => $moved->row] + $tiles[$i];
        }
        $tiles[$place] = ['column' => $column, 'row' => $row] + $tiles[$place];

        return $this->withTiles($id, $page, $tiles);
    }

    /**
     * A tile is stretched, or made smaller.
     *
     * @throws FormatError if other tiles lie there
     */
    public function size(string $id, string $tile, int $across, int $down): SetDocument
    {
        $panel = $this->panel($id);
        [$page, $place] = $this->find($id, $tile);
        $on = $panel->pages[$page];
        $now = $on->tiles[$place];
        $across = max(1, min($on->columns - $now->column, $across));
        $down = max(1, min($on->rows - $now->row, $down));
        if (! $on->isFree($now->column, $now->row, $across, $down, $tile)) {
            throw FormatError::told('Size', 'that other tiles lie there', 'free cells beside it');
        }

        return $this->tile($id, $tile, ['across' => $across, 'down' => $down]);
    }

    public function removeTile(string $id, string $tile): SetDocument
    {
        [$page, $place] = $this->find($id, $tile);
        $tiles = $this->tiles($id, $page);
        unset($tiles[$place]);

        return $this->withTiles($id, $page, array_values($tiles));
    }

    /**
     * The same tile once more, where there is room; what it does is not copied, since that is said of its cells.
     *
     * @throws FormatError if there is none
     */
    public function copyTile(string $id, string $tile): SetDocument
    {
        $panel = $this->panel($id);
        [$page, $place] = $this->find($id, $tile);
        $now = $panel->pages[$page]->tiles[$place];
        $at = $panel->pages[$page]->free($now->across, $now->down) ?? throw FormatError::told(
            'Tile',
            'no room on '.$panel->pages[$page]->name,
            'a page with as many free cells',
        );
        $tiles = $this->tiles($id, $page);
        $tiles[] = [
            'id' => Ids::free($tile, 'tile', fn (string $one): bool => $panel->tile($one) !== null),
            'column' => $at[0],
            'row' => $at[1],
        ] + $tiles[$place];

        return $this->withTiles($id, $page, $tiles);
    }

    /** @return array{int, int} on which page a tile lies, and at which place of it */
    private function find(string $id, string $tile): array
    {
        foreach ($this->panel($id)->pages as $i => $page) {
            foreach ($page->tiles as $place => $one) {
                if ($one->id === $tile) {
                    return [$i, $place];
                }
            }
        }

        throw FormatError::told('Tile', $tile, 'one of the panel');
    }
}
