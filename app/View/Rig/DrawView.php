<?php

declare(strict_types=1);

namespace App\View\Rig;

use App\View\Place;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Wiring\CountedDevice;
use Nailrod\Core\Rig\Wiring\DeviceReader;

/** A device that is drawn by counting its controls: what is counted, and how it looks so far. */
final readonly class DrawView
{
    public string $kind;

    public string $name;

    /** @var array<string, int> how many of each kind of control */
    public array $counts;

    /** How it looks; null if nothing is counted yet. */
    public ?Device $device;

    /**
     * @param string       $counted kind of device that the counts were typed for; empty for this one
     * @param array<mixed> $counts  as they were typed; what was not is as usual
     */
    public function __construct(public Place $place, string $kind, string $name, string $counted, array $counts)
    {
        $place->notHere->ask('kind of device', $kind, isset(CountedDevice::USUAL[$kind]), 'A button box');
        $this->kind = isset(CountedDevice::USUAL[$kind]) ? $kind : 'button box';
        $this->name = $name === '' ? 'My own' : $name;
        $this->counts = self::counted($this->kind, $counted, $counts);
        $place->picked->at = 'rig';
        try {
            $this->device = DeviceReader::read(
                Node::of(CountedDevice::document('drawn', $this->name, $this->kind, $this->counts)),
            );
        } catch (FormatError) {
            $this->device = null;
        }
    }

    /**
     * How many of each kind of control there are. Who picks another kind of device has not counted that one yet.
     *
     * @param array<mixed> $counts
     *
     * @return array<string, int>
     */
    public static function counted(string $kind, string $counted, array $counts): array
    {
        if (! in_array($counted, ['', $kind], true)) {
            return CountedDevice::USUAL[$kind];
        }
        $all = [];
        foreach (CountedDevice::USUAL[$kind] as $one => $usual) {
            $said = $counts[str_replace('-', '_', $one)] ?? null;
            $all[$one] = is_numeric($said) ? max(
                0,
                min(CountedDevice::MOST, (int) $said),
            ) : ($counts === [] ? $usual : 0);
        }

        return $all;
    }
}
