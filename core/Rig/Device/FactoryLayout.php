<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Rig\Panel\PanelPage;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Rig\Panel\TileKind;

/** The tiles that the file of a touch panel draws, as a panel: what is in the hand until its owner draws one. */
final class FactoryLayout
{
    /** Null if the device has no tile, or they lie on no grid that a panel can have. */
    public static function of(Device $device): ?Panel
    {
        $pages = [];
        foreach ($device->controls as $control) {
            $pages[$control->page][] = $control;
        }
        ksort($pages);
        $drawn = [];
        foreach ($pages as $number => $controls) {
            $columns = self::places(array_map(fn (Control $control): int => $control->x, $controls));
            $rows = self::places(array_map(fn (Control $control): int => $control->y, $controls));
            if (max(count($columns), count($rows)) > PanelPage::MOST_CELLS) {
                return null;
            }
            $tiles = array_map(
                fn (Control $control): ?Tile => self::tile($control, $columns[$control->x], $rows[$control->y]),
                $controls,
            );
            $drawn[] = new PanelPage(
                'Page '.$number,
                max(PanelPage::FEWEST_CELLS, count($columns)),
                max(PanelPage::FEWEST_CELLS, count($rows)),
                '',
                array_values(array_filter($tiles)),
            );
        }

        return $drawn === [] ? null : new Panel(PanelDevice::AS_NEW, $device->name, $drawn);
    }

    /**
     * @param list<int> $at in the units of the face
     *
     * @return array<int, int> the column or row of each place, from 0 on
     */
    private static function places(array $at): array
    {
        $places = array_values(array_unique($at));
        sort($places);

        return array_flip($places);
    }

    /** Null for what is touched in none of the ways of a tile. */
    private static function tile(Control $control, int $column, int $row): ?Tile
    {
        $kind = match (true) {
            $control->hat !== null => TileKind::Stick,
            count($control->axes) === 1 && $control->contacts === [] => TileKind::Slide,
            count($control->contacts) === 1 && $control->axes === [] => TileKind::Press,
            default => null,
        };

        return $kind === null ? null : new Tile(
            $control->id(),
            $kind,
            $column,
            $row,
            1,
            1,
            $control->label === '' ? $control->name : $control->label,
            '',
            '',
            1.0,
            false,
            8,
            0,
            '',
            null,
        );
    }
}
