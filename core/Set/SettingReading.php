<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Rotation;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Set\Section\Settings;

/**
 * What a merged set says of the settings of its devices. Where a device has the setting *rotation*, what a set says of
 * the rotation of its axis is read as it: the nearest set that says either counts.
 */
final readonly class SettingReading
{
    /** @param array<string, array<string, bool|float|int|string>> $said by device and id */
    private function __construct(private MergedDocument $merged, private Rig $rig, public array $said) {}

    /**
     * @param list<string> $missing gets the settings that the devices do not have
     *
     * @throws FormatError with the place of what a setting cannot be
     */
    public static function of(MergedDocument $merged, Rig $rig, array &$missing): self
    {
        $said = [];
        foreach ($merged->section(Settings::name()) as $part) {
            [$device, $id] = [$part->path->key, (string) $part->path->inner];
            $setting = ($rig->devices[$device] ?? null)?->setting($id);
            if ($setting === null) {
                $missing[] = $device.'/'.$id;

                continue;
            }
            $said[$device][$id] = $setting->value(PartReading::node($part)->get('is'));
        }
        foreach ($rig->devices as $device) {
            $axis = self::turning($device);
            $part = $axis === null ? null : self::ofAxis($merged, $device, $axis);
            if ($axis !== null && $part !== null) {
                $said[$device->id][Setting::ROTATION] = Rotation::read(
                    Node::of($part, 'axes.'.$axis->ref.'.'.Rotation::part()),
                    $axis,
                )->used ?? $axis->degrees ?? Rotation::MOST;
            }
        }

        return new self($merged, $rig, $said);
    }

    /** The axis that the setting *rotation* of a device is about; null if it has none of both. */
    public static function turning(Device $device): ?AxisInput
    {
        $wheels = array_filter($device->axes(), fn (AxisInput $axis) => $axis->degrees !== null);

        return $device->setting(Setting::ROTATION) === null ? null : array_values($wheels)[0] ?? null;
    }

    /** What is said of the rotation of an axis, where that is nearer than what is said of the setting. */
    private static function ofAxis(MergedDocument $merged, Device $device, AxisInput $axis): mixed
    {
        $part = PartPath::axis($axis->ref, Rotation::part());
        $setting = PartPath::setting($device->id, Setting::ROTATION);
        foreach (array_reverse($merged->chain) as $document) {
            if ($document->says($setting)) {
                return null;
            }
            if ($document->says($part)) {
                return $document->value($part);
            }
        }

        return null;
    }

    /**
     * @param array<string, array<string, Node>> $parts what is said of axes, by reference and part
     *
     * @return array<string, array<string, Node>> the same, with the settings that are a part of an axis
     */
    public function over(array $parts): array
    {
        foreach ($this->rig->devices as $device) {
            $axis = self::turning($device);
            $used = $this->said[$device->id][Setting::ROTATION] ?? null;
            if (
                $axis === null || $this->merged->value(
                    PartPath::axis($axis->ref, Rotation::part()),
                ) === null && $used === null
            ) {
                continue;
            }
            unset($parts[$axis->ref][Rotation::part()]);
            if (is_numeric($used)) {
                $parts[$axis->ref][Rotation::part()] = Node::of(
                    ['used' => (int) $used],
                    'settings.'.$device->id.'.'.Setting::ROTATION,
                );
            }
        }

        return $parts;
    }

    /**
     * What holds of a part of an axis, as it stands in a file: the rotation of a wheel that is a setting of its device
     * is what that says.
     */
    public static function part(BindingSet $set, AxisInput $axis, string $part): mixed
    {
        $device = $part === Rotation::part() ? $set->rig->deviceOf($axis->ref) : null;
        if ($device === null || self::turning($device)?->ref !== $axis->ref) {
            return $set->merged->value(PartPath::axis($axis->ref, $part));
        }
        $used = $set->settings[$device->id][Setting::ROTATION] ?? null;

        return $used === null ? null : ['used' => $used];
    }

    /** The devices as they are with their settings: one that settles its contacts itself needs no note for that. */
    public function rig(): Rig
    {
        $devices = [];
        if (array_filter($this->said, fn (array $said) => isset($said[Setting::DEBOUNCE])) === []) {
            return $this->rig;
        }
        foreach ($this->rig->devices as $device) {
            $time = $this->said[$device->id][Setting::DEBOUNCE] ?? null;
            $devices[] = is_numeric($time) ? $device->withControls(
                array_map(fn (Control $control) => $control->debounced((int) round(1000 * $time)), $device->controls),
            ) : $device;
        }

        return new Rig($devices, $this->rig->made);
    }
}
