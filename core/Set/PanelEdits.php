<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\FreeName;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Rig\Device\PanelDevice;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Rig\Panel\PanelPage;

/**
 * What a person does to the panels of a set: each gives a new document of the set itself. Pages and cells are counted
 * from 0.
 */
final readonly class PanelEdits
{
    use SaysPanels;

    public function __construct(private BindingSet $set, private string $device) {}

    /**
     * A new panel, which is shown from now on.
     *
     * @param non-empty-list<array<string, mixed>> $pages in the open format
     *
     * @throws FormatError if the device is no touch panel
     */
    public function add(string $name, array $pages = [['name' => 'Page 1']]): SetDocument
    {
        $this->mustBePanel();
        $id = Ids::free($name, 'panel', fn (string $id): bool => isset($this->set->panels[$this->device][$id]));

        return $this->picked(
            $this->own()->with(PartPath::panel($this->device, $id), ['name' => $name, 'pages' => $pages]),
            $id,
        );
    }

    /**
     * Another panel is shown.
     *
     * @param string $id of it; empty: the device is as new
     *
     * @throws FormatError if there is none of that id
     */
    public function pick(string $id): SetDocument
    {
        $this->mustBePanel();
        if ($id !== '') {
            $this->panel($id);
        }

        return $this->picked($this->own(), $id);
    }

    private function picked(SetDocument $own, string $id): SetDocument
    {
        return $own->with(
            PartPath::setting($this->device, Setting::PANEL),
            ['is' => $id === '' ? PanelDevice::AS_NEW : $id],
        );
    }

    /** @throws FormatError if there is none of that id */
    public function remove(string $id): SetDocument
    {
        $this->panel($id);
        $own = $this->takeAway($this->own(), PartPath::panel($this->device, $id));

        return $this->set->setting($this->device, Setting::PANEL) === $id ? $this->picked($own, '') : $own;
    }

    public function rename(string $id, string $name): SetDocument
    {
        return $this->with($id, ['name' => $name] + $this->said($id));
    }

    /**
     * More pages, after the others, with all that is on them; an empty page that is the only one gives way.
     *
     * @param list<array<string, mixed>> $more in the open format
     */
    public function morePages(string $id, array $more): SetDocument
    {
        $pages = $this->pages($id);

        return $this->withPages(
            $id,
            count($pages) === 1 && ($pages[0]['tiles'] ?? []) === [] ? $more : [...$pages, ...$more],
        );
    }

    /** One more page, after the others. */
    public function addPage(string $id): SetDocument
    {
        $panel = $this->panel($id);
        $like = $panel->pages[count($panel->pages) - 1];
        $name = FreeName::numbered(
            'Page',
            array_map(fn (PanelPage $page) => $page->name, $panel->pages),
            count($panel->pages) + 1,
        );

        return $this->withPages(
            $id,
            [...$this->pages($id), ['name' => $name, 'columns' => $like->columns, 'rows' => $like->rows]],
        );
    }

    /**
     * A page goes with its tiles; tiles that turned to it go too, and those after it move up.
     *
     * @throws FormatError if it is the only one
     */
    public function removePage(string $id, int $page): SetDocument
    {
        $pages = $this->pages($id);
        if (count($pages) === 1) {
            throw FormatError::told('Page', 'the only one', 'another: a panel always has a page');
        }
        array_splice($pages, $this->place($id, $page), 1);
        $left = [];
        foreach ($pages as $one) {
            $tiles = [];
            foreach (self::list($one['tiles'] ?? []) as $tile) {
                $to = is_int($tile['page'] ?? null) ? $tile['page'] : 0;
                if ($to !== $page + 1) {
                    $tiles[] = ($to > $page + 1 ? ['page' => $to - 1] : []) + $tile;
                }
            }
            $left[] = ['tiles' => $tiles] + $one;
        }

        return $this->withPages($id, $left);
    }

    private function mustBePanel(): void
    {
        if (($this->set->rig->devices[$this->device]->kind ?? '') !== PanelDevice::KIND) {
            throw FormatError::told('Device', $this->device, 'a touch panel of the rig');
        }
    }
}
