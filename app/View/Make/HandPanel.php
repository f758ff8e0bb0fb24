<?php

declare(strict_types=1);

namespace App\View\Make;

use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Rig\Panel\PanelPage;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Rig\Panel\TileKind;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\LayerLook;

/** A panel as it lies in the hand: nothing but its tiles. */
final readonly class HandPanel
{
    public function __construct(public BindingSet $set, public Device $device, public Panel $panel) {}

    /** Where a tile lies on its grid, in words of the style sheet. */
    public static function placed(Tile $tile): string
    {
        return sprintf('at-c%d at-r%d is-w%d is-h%d', $tile->column + 1, $tile->row + 1, $tile->across, $tile->down);
    }

    /** Its colour, in words of the style sheet; empty for none. */
    public static function coloured(Tile $tile): string
    {
        $colour = array_search($tile->colour, Tile::COLOURS, true);

        return $colour === false ? '' : 'tile-colour layer--'.$colour;
    }

    /** How opaque it is, in tenths. */
    public static function opaque(Tile $tile): string
    {
        return 'is-opaque-'.max(2, (int) round(10 * $tile->opacity));
    }

    /** What is on the tile beside its label: a text with values in it. */
    public static function text(Tile $tile): string
    {
        return $tile->kind === TileKind::Shows || $tile->kind === TileKind::Pair ? $tile->text : '';
    }

    /** How a layer looks that a page belongs to, for its mark; -1 for none. */
    public function lookOf(PanelPage $page): int
    {
        return $page->layer === '' || ! isset($this->set->layers[$page->layer])
            ? -1
            : LayerLook::of($this->set, $page->layer);
    }

    /** @return list<string> the layer that each page belongs to; empty for none, the base layer never */
    public function layers(): array
    {
        return array_map(fn (PanelPage $page) => $page->layer === Layer::BASE ? '' : $page->layer, $this->panel->pages);
    }
}
