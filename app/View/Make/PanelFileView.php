<?php

declare(strict_types=1);

namespace App\View\Make;

use App\Models\SetRecord;
use App\Sets\SetStore;
use App\View\Pages;
use Nailrod\Core\Exchange\PanelFile;
use Nailrod\Core\Exchange\PanelFit;
use Nailrod\Core\Exchange\PanelFitRow;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\PanelDevice;
use Nailrod\Core\Set\BindingSet;

/** Pages of a panel that were brought, looked at before they are taken: what their tiles will do in which set. */
final readonly class PanelFileView
{
    /**
     * @param array<string, string> $sets    all of them, by id
     * @param array<string, string> $devices touch panels of the set that is chosen, by id
     * @param string                $panel   to which the pages are added; empty for a panel of their own
     */
    private function __construct(
        public string $id,
        public PanelFile $file,
        public array $sets,
        public ?BindingSet $set,
        public string $for,
        public array $devices,
        public string $device,
        public string $panel,
    ) {}

    public static function of(
        SetStore $store,
        string $id,
        PanelFile $file,
        string $for,
        string $device,
        string $panel,
    ): self {
        $sets = [];
        foreach (SetRecord::shown()->orderBy('position')->get() as $record) {
            $sets[$record->id] = $record->name;
        }
        $for = isset($sets[$for]) ? $for : (string) array_key_first($sets);
        $set = $for === '' ? null : $store->current($store->open($for));
        $devices = array_map(
            fn (Device $one) => $one->title(),
            array_filter($set->rig->devices ?? [], fn (Device $one) => $one->kind === PanelDevice::KIND),
        );
        $device = isset($devices[$device]) ? $device : (string) array_key_first($devices);

        return new self(
            $id,
            $file,
            $sets,
            $set,
            $for,
            $devices,
            $device,
            isset($set->panels[$device][$panel]) ? $panel : '',
        );
    }

    /** @return list<PanelFitRow> */
    public function rows(): array
    {
        return $this->set === null || $this->device === '' ? [] : (
            new PanelFit($this->set, $this->file, $this->device)
        )->rows();
    }

    /**
     * @return array<string, string> where the pages can lie: names of the panels of the device, by id; the empty one is
     *    their own
     */
    public function panels(): array
    {
        $names = ['' => 'a panel of their own: '.$this->file->name];
        foreach ($this->set->panels[$this->device] ?? [] as $id => $panel) {
            $names[$id] = $panel->name.', after its pages';
        }

        return $names;
    }

    /** "4 of 9 find something here", as far as tiles do something. */
    public function inWords(): string
    {
        $rows = $this->rows();
        $fit = count(array_filter($rows, fn (PanelFitRow $row) => $row->lacks === ''));

        return $rows === [] ? 'Its tiles do nothing yet.' : sprintf(
            '%d of %d things that its tiles do are here; the other tiles come without what they do.',
            $fit,
            count($rows),
        );
    }
}
