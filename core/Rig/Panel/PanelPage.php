<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Panel;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Whole;

/** A page of a panel: a grid, and the tiles on it. */
final readonly class PanelPage
{
    /** Cells across and down. */
    public const FEWEST_CELLS = 2;
    public const MOST_CELLS = 8;

    /**
     * @param string     $layer that it belongs to: the panel turns to it when that goes live; empty for none
     * @param list<Tile> $tiles
     */
    public function __construct(
        public string $name,
        public int $columns,
        public int $rows,
        public string $layer,
        public array $tiles,
    ) {}

    public static function fields(): Fields
    {
        /** @var ?Fields $fields */
        static $fields = null;

        return $fields ??= self::made();
    }

    private static function made(): Fields
    {
        return Fields::of(
            Field::required('name', 'Name', new Text(40), 'What it is called.', 'Radio'),
            Field::optional(4, 'columns', 'Columns', new Whole(self::FEWEST_CELLS, self::MOST_CELLS), 'Cells across.'),
            Field::optional(6, 'rows', 'Rows', new Whole(self::FEWEST_CELLS, self::MOST_CELLS), 'Cells down.'),
            Field::optional(
                null,
                'layer',
                'Belongs to',
                new Id(Id::LAYER),
                'The layer that it belongs to: the panel turns to it when that goes live.',
                'water',
            ),
            Field::optional(
                [],
                'tiles',
                'Tiles',
                new Several(Tile::type(), 0, self::MOST_CELLS * self::MOST_CELLS),
                'What lies on it.',
            ),
        );
    }

    public static function type(): Thing
    {
        return new Thing(self::fields(), 'a page', self::read(...));
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $given = self::fields()->read($node);
        $tiles = $given->objects('tiles', Tile::class);
        foreach ($tiles as $i => $tile) {
            if (
                $tile->column + $tile->across > $given->whole('columns')
                    || $tile->row
                    + $tile->down > $given->whole('rows')
            ) {
                throw $given->refuseEntry(
                    'tiles',
                    $i,
                    sprintf(
                        'a tile within the %d by %d cells of the page',
                        $given->whole('columns'),
                        $given->whole('rows'),
                    ),
                );
            }
            foreach (array_slice($tiles, 0, $i) as $other) {
                if ($tile->overlaps($other)) {
                    throw $given->refuseEntry(
                        'tiles',
                        $i,
                        'cells that no other tile lies over; '.$other->name().' does',
                    );
                }
            }
        }

        return new self(
            $given->text('name'),
            $given->whole('columns'),
            $given->whole('rows'),
            $given->textOrNull('layer') ?? '',
            $tiles,
        );
    }

    /**
     * @return ?array{int, int} column and row of the first place that is free for a tile of this size; null if there is
     *    none
     */
    public function free(int $across, int $down): ?array
    {
        for ($row = 0; $row + $down <= $this->rows; $row++) {
            for ($column = 0; $column + $across <= $this->columns; $column++) {
                if ($this->isFree($column, $row, $across, $down)) {
                    return [$column, $row];
                }
            }
        }

        return null;
    }

    /** The tile that lies over a cell; null if none does. */
    public function at(int $column, int $row): ?Tile
    {
        foreach ($this->tiles as $tile) {
            if ($tile->covers($column, $row)) {
                return $tile;
            }
        }

        return null;
    }

    /** @param string $but id of a tile that does not count */
    public function isFree(int $column, int $row, int $across, int $down, string $but = ''): bool
    {
        for ($y = $row; $y < $row + $down; $y++) {
            for ($x = $column; $x < $column + $across; $x++) {
                foreach ($this->tiles as $tile) {
                    if ($tile->id !== $but && $tile->covers($x, $y)) {
                        return false;
                    }
                }
            }
        }

        return true;
    }
}
