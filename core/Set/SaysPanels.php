<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Panel\Panel;

/** What all edits of panels need: what a set says of them, and how it says something else. */
trait SaysPanels
{
    use SaysParts;

    /**
     * Says something of a page; what was said of it before stays.
     *
     * @param array<string, mixed> $fields in the open format; null takes one back
     */
    public function page(string $id, int $page, array $fields): SetDocument
    {
        $pages = $this->pages($id);
        $pages[$this->place($id, $page)] = array_filter($fields + $pages[$page], fn (mixed $value) => $value !== null);

        return $this->withPages($id, $pages);
    }

    /** @throws FormatError if there is none of that id */
    private function panel(string $id): Panel
    {
        return $this->set->panels[$this->device][$id] ?? throw FormatError::told('Panel', $id, 'one of the device');
    }

    private function place(string $id, int $page): int
    {
        return isset($this->panel($id)->pages[$page]) ? $page : throw FormatError::told(
            'Page',
            (string) ($page + 1),
            'a page of the panel',
        );
    }

    /** @return array<string, mixed> */
    private function said(string $id): array
    {
        $this->panel($id);

        return Node::of($this->set->merged->value(PartPath::panel($this->device, $id)))->plain();
    }

    /** @return list<array<string, mixed>> */
    private function pages(string $id): array
    {
        return self::list($this->said($id)['pages'] ?? []);
    }

    /** @return list<array<string, mixed>> */
    private function tiles(string $id, int $page): array
    {
        return self::list($this->pages($id)[$page]['tiles'] ?? []);
    }

    /** @return list<array<string, mixed>> */
    private static function list(mixed $all): array
    {
        return array_map(fn (mixed $one) => Node::of($one)->plain(), is_array($all) ? array_values($all) : []);
    }

    /** @param array<int, array<string, mixed>> $tiles */
    private function withTiles(string $id, int $page, array $tiles): SetDocument
    {
        return $this->page($id, $page, ['tiles' => array_values($tiles)]);
    }

    /** @param array<int, array<string, mixed>> $pages */
    private function withPages(string $id, array $pages): SetDocument
    {
        return $this->with($id, ['pages' => array_values($pages)] + $this->said($id));
    }

    /** @param array<string, mixed> $said */
    private function with(string $id, array $said): SetDocument
    {
        return $this->own()->with(PartPath::panel($this->device, $id), $said);
    }
}
