<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\PanelDevice;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Set\Section\Panels;

/** The panels of a set, and the rig with those in it that are picked. */
final readonly class PanelReading
{
    /** @param array<string, array<string, Panel>> $panels by device and id */
    private function __construct(public array $panels, public Rig $rig) {}

    /**
     * @param list<string> $missing gets the panels that are picked and not there, and those of devices that are none
     *
     * @throws FormatError if a panel has more than its device can have
     */
    public static function of(MergedDocument $merged, Rig $rig, array &$missing): self
    {
        $panels = $nodes = [];
        foreach ($merged->section(Panels::name()) as $part) {
            [$device, $id] = [$part->path->key, (string) $part->path->inner];
            $nodes[$device][$id] = PartReading::node($part);
            $panels[$device][$id] = Panel::read($id, $nodes[$device][$id]);
            if (($rig->devices[$device]->kind ?? null) !== PanelDevice::KIND) {
                $missing[] = $device.'/'.$id;
            }
        }
        $picked = array_filter(array_map(fn (Device $device) => self::picked($merged, $device), $rig->devices));
        $devices = [];
        foreach ($rig->devices as $id => $device) {
            $panel = $picked[$id] ?? '';
            if ($panel !== '' && ! isset($panels[$id][$panel])) {
                $missing[] = $id.'/'.$panel;
            }
            $devices[] = isset($panels[$id][$panel]) ? PanelDevice::over(
                $device,
                $panels[$id][$panel],
                $nodes[$id][$panel],
            ) : $device;
        }

        return new self($panels, $picked === [] ? $rig : new Rig($devices, $rig->made));
    }

    /** The id of the panel that a touch panel shows; empty if it is as new. */
    private static function picked(MergedDocument $merged, Device $device): string
    {
        $said = $device->kind === PanelDevice::KIND ? $merged->value(
            PartPath::setting($device->id, Setting::PANEL),
        ) : null;
        $is = is_array($said) ? $said['is'] ?? null : null;

        return is_string($is) && $is !== PanelDevice::AS_NEW ? $is : '';
    }
}
