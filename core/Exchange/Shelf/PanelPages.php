<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Exchange\PanelFile;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\BindingSet;

/** A page of a touch panel, with what its tiles do. */
final class PanelPages implements HoldsFile
{
    public static function kind(): string
    {
        return 'panel page';
    }

    public static function title(): string
    {
        return 'Panel page';
    }

    public static function about(): string
    {
        return 'A page of a touch panel, with what its tiles do. It needs a touch panel, and the actions.';
    }

    public static function icon(): string
    {
        return 'phone';
    }

    public static function format(): string
    {
        return PanelFile::FORMAT;
    }

    /** @return array<string, string> by device, panel and page: "clover mail-route 0" */
    public static function offered(BindingSet $set): array
    {
        $pages = [];
        foreach (Keys::each($set->panels) as $device => $panels) {
            foreach (Keys::each($panels) as $id => $panel) {
                foreach ($panel->pages as $n => $page) {
                    $pages[$device.' '.$id.' '.$n] = $panel->name.', '.$page->name;
                }
            }
        }

        return $pages;
    }

    public static function parts(BindingSet $set, string $id): array
    {
        return [];
    }
}
