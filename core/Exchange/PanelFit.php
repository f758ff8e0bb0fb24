<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Advice\Plan\TileWork;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PanelEdits;
use Nailrod\Core\Set\PartNames;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\Cells;
use Nailrod\Core\Set\Section\LampRulesSection;
use Nailrod\Core\Set\Section\MacrosSection;
use Nailrod\Core\Set\SetDocument;

/**
 * A panel that comes from a file, in the set that takes it: what its tiles do is taken as far as it is here, its tiles
 * come all the same.
 */
final readonly class PanelFit
{
    private NameMatch $match;

    public function __construct(private BindingSet $set, private PanelFile $file, private string $device)
    {
        $this->match = new NameMatch($set, $file->game, $file->actions, $file->macros);
    }

    /** @return list<PanelFitRow> what each end of a tile did there, and does here, in the order of the file */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->file->panel->tiles() as $tile) {
            foreach (Keys::each($this->file->does) as $end => $cell) {
                if (self::tileOf($end) === $tile->id) {
                    $rows[] = new PanelFitRow(
                        $tile->name(),
                        self::endInWords($end),
                        $this->match->did($cell),
                        $this->match->does($cell),
                        $this->match->lacks(Cells::name(), $cell),
                    );
                }
            }
        }

        return $rows;
    }

    /**
     * All that fits is taken.
     *
     * @param string $panel to whose pages it is added; empty: it is a panel of its own, which is shown from now on
     *
     * @throws FormatError if it is more than the device can have, or the device is no touch panel
     */
    public function take(string $panel): SetDocument
    {
        $taken = $this->set->panels[$this->device][$panel] ?? null;
        $before = $taken === null ? 0 : count($taken->pages);
        $isEmpty = $taken !== null && $before === 1 && $taken->tiles() === [];
        $ids = $this->freeIds($panel);
        $pages = array_map(
            fn (array $page): array => $this->page($page, $ids, $isEmpty ? 0 : $before),
            $this->file->pages,
        );
        $edits = new PanelEdits($this->set, $this->device);
        $own = $taken === null ? $edits->add($this->file->name, $pages) : $edits->morePages($panel, $pages);
        foreach (Keys::each($this->file->macros) as $id => $macro) {
            $own = isset($this->set->macros[$id])
                || $this->match->lacks(MacrosSection::name(), $macro) !== ''
                ? $own
                : $own->with(
                    PartPath::macro($id),
                    $this->match->mapped(MacrosSection::name(), $macro),
                );
        }
        foreach (Keys::each($this->file->lit) as $tile => $rule) {
            if (isset($ids[$tile]) && $this->match->lacks(LampRulesSection::name(), $rule) === '') {
                $own = $own->with(
                    PartPath::lamp(
                        Ids::free($ids[$tile], 'lamp', fn (string $id): bool => isset($this->set->lamps[$id])),
                    ),
                    ['lamp' => $this->device.'/'.$ids[$tile]] + $this->match->mapped(LampRulesSection::name(), $rule),
                );
            }
        }

        return $this->assigned($own, $ids);
    }

    /** @param array<string, string> $ids of the tiles here, by those of the file */
    private function assigned(SetDocument $own, array $ids): SetDocument
    {
        $work = $this->set->catalogue === null ? null : new TileWork($this->set, $this->set->catalogue, $this->device);
        foreach (Keys::each($this->file->does) as $end => $cell) {
            if ($this->match->lacks(Cells::name(), $cell) !== '' || ! isset($ids[self::tileOf($end)])) {
                continue;
            }
            $ref = $this->device.'/'.$ids[self::tileOf($end)].substr($end, strlen(self::tileOf($end)));
            $own = $own->with(PartPath::cell(Layer::BASE, $ref), $this->match->mapped(Cells::name(), $cell));
            foreach (PartNames::in(Cells::name(), $cell, Id::ACTION) as $id) {
                $own = $work?->reached($own, $this->match->actions[$id], $ref) ?? $own;
            }
        }

        return $own;
    }

    /**
     * @param array<string, mixed>  $page
     * @param array<string, string> $ids    of the tiles here, by those of the file
     * @param int                   $before how many pages there are before it
     *
     * @return array<string, mixed>
     */
    private function page(array $page, array $ids, int $before): array
    {
        $tiles = [];
        foreach ((array) ($page['tiles'] ?? []) as $said) {
            $tile = Node::of($said)->plain();
            $id = is_string($tile['id'] ?? null) ? $tile['id'] : '';
            $bar = $tile['bar'] ?? null;
            $variable = is_array($bar) && is_string($bar['variable'] ?? null)
                ? $this->match->variables[$bar['variable']]
                ?? null
                : null;
            $tiles[] = array_filter([
                'id' => $ids[$id] ?? $id,
                'page' => is_int($tile['page'] ?? null) ? $tile['page'] + $before : null,
                'text' => is_string($tile['text'] ?? null) ? $this->match->text($tile['text']) : null,
                'bar' => is_array($bar) && $variable !== null ? ['variable' => $variable] + $bar : null,
            ] + array_diff_key($tile, ['bar' => 0]), fn (mixed $value) => $value !== null && $value !== '');
        }
        $layer = $page['layer'] ?? null;

        return ['tiles' => $tiles] + array_diff_key(
            $page,
            is_string($layer) && isset($this->set->layers[$layer]) ? [] : ['layer' => 0],
        );
    }

    /**
     * @return array<string, string> an id for each tile that no tile of that panel has, and no cell of the device, by
     *    its id in the file
     */
    private function freeIds(string $panel): array
    {
        $taken = [];
        foreach ($this->set->panels[$this->device][$panel]->pages ?? [] as $page) {
            foreach ($page->tiles as $tile) {
                $taken[$tile->id] = true;
            }
        }
        foreach (Keys::each($this->set->merged->section('cells')) as $part) {
            [$device, $end] = explode('/', (string) $part->path->inner.'/', 2);
            $taken += $device === $this->device ? [self::tileOf(rtrim($end, '/')) => true] : [];
        }
        $ids = [];
        foreach ($this->file->panel->tiles() as $tile) {
            $ids[$tile->id] = Ids::free($tile->id, 'tile', fn (string $id): bool => isset($taken[$id]));
            $taken[$ids[$tile->id]] = true;
        }

        return $ids;
    }

    private static function tileOf(string $end): string
    {
        return explode('.', $end, 2)[0];
    }

    private static function endInWords(string $end): string
    {
        return ['minus' => '−', 'plus' => '+'][explode('.', $end.'.', 3)[1]] ?? explode('.', $end.'.', 3)[1];
    }
}
