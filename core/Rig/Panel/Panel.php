<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Panel;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;

/**
 * A panel that its owner draws: pages of tiles. A part of a set, `panels/DEVICE/ID`; it stands in the place of the
 * controls of its device.
 */
final readonly class Panel
{
    public const MOST_PAGES = 16;

    /** @param non-empty-list<PanelPage> $pages the one that comes first, first */
    public function __construct(public string $id, public string $name, public array $pages) {}

    public static function fields(): Fields
    {
        /** @var ?Fields $fields */
        static $fields = null;

        return $fields ??= self::made();
    }

    private static function made(): Fields
    {
        return Fields::of(
            Field::required('name', 'Name', new Text(60), 'What it is called.', 'Mail route'),
            Field::required(
                'pages',
                'Pages',
                new Several(PanelPage::type(), 1, self::MOST_PAGES, false, 'one page or more'),
                'Its pages, the one that comes first, first.',
            ),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(string $id, Node $node): self
    {
        $given = self::fields()->read($node);
        $pages = $given->objects('pages', PanelPage::class);
        if ($pages === []) {
            throw $given->refuse('pages', 'one page or more');
        }
        $ids = [];
        foreach ($pages as $i => $page) {
            foreach ($page->tiles as $tile) {
                if (isset($ids[$tile->id])) {
                    throw $given->refuseEntry(
                        'pages',
                        $i,
                        'tiles with ids that no other tile of the panel has; '.$tile->id.' is there twice',
                    );
                }
                if ($tile->page > count($pages)) {
                    throw $given->refuseEntry(
                        'pages',
                        $i,
                        sprintf('tiles that turn to a page that is there, 1 to %d', count($pages)),
                    );
                }
                $ids[$tile->id] = true;
            }
        }

        return new self($id, $given->text('name'), $pages);
    }

    /** @return list<Tile> of all pages */
    public function tiles(): array
    {
        return array_merge(...array_map(fn (PanelPage $page) => $page->tiles, $this->pages));
    }

    /** @return list<Tile> of one kind, of all pages */
    public function ofKind(TileKind $kind): array
    {
        return array_values(array_filter($this->tiles(), fn (Tile $tile) => $tile->kind === $kind));
    }

    public function tile(string $id): ?Tile
    {
        return array_values(array_filter($this->tiles(), fn (Tile $tile) => $tile->id === $id))[0] ?? null;
    }

    /** @return int on which page a tile lies, from 0 on; -1 if it is not there */
    public function pageOf(string $id): int
    {
        foreach ($this->pages as $i => $page) {
            if (array_filter($page->tiles, fn (Tile $tile) => $tile->id === $id) !== []) {
                return $i;
            }
        }

        return -1;
    }

    /**
     * @return list<string> names of the pages from which no tile leads to another, where there are several and no layer
     *    turns back
     */
    public function deadEnds(): array
    {
        $dead = array_filter(
            $this->pages,
            fn (PanelPage $page) => $page->layer === '' && array_filter(
                $page->tiles,
                fn (Tile $tile) => $tile->page > 0,
            ) === [],
        );

        return count($this->pages) === 1 ? [] : array_values(array_map(fn (PanelPage $page) => $page->name, $dead));
    }

    /** "3 pages, 24 tiles" */
    public function inWords(): string
    {
        [$pages, $tiles] = [count($this->pages), count($this->tiles())];

        return ($pages === 1 ? '1 page' : $pages.' pages').', '.($tiles === 1 ? '1 tile' : $tiles.' tiles');
    }
}
