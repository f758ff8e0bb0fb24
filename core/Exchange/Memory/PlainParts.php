<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Measured;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;

/**
 * The parts of a set that a device keeps or not whatever the others are: settings, the shaping of axes, what is made
 * from them.
 */
final readonly class PlainParts
{
    public function __construct(
        private BindingSet $set,
        private Device $device,
        private OwnParts $parts,
        private Dropped $dropped,
    ) {}

    /**
     * @param array<string, mixed> $value
     *
     * @return array<string, mixed> with as much of its name as the device holds
     */
    public function named(array $value): array
    {
        return is_string($value['name'] ?? null) ? ['name' => $this->parts->named($value['name'])] + $value : $value;
    }

    /** @return ?array<string, mixed> */
    public function setting(PartPath $path): ?array
    {
        $id = (string) $path->inner;
        $why = $this->parts->whyNotSetting($id);
        if ($why !== null) {
            $this->dropped->say($this->device->setting($id)->name ?? 'A setting', $why);
        }
        $is = $this->set->settings[$this->device->id][$id] ?? null;

        return $why !== null || $is === null ? null : ['is' => $is];
    }

    /** @return ?array<string, mixed> */
    public function shape(PartPath $path): ?array
    {
        [$axis, $part] = [$path->key, (string) $path->inner];
        if ($part === Measured::part() || $this->parts->isSetting($axis, $part)) {
            return null;
        }
        $why = $this->parts->whyNotShape($axis, $part);
        if ($why !== null) {
            $this->dropped->say($this->set->rig->nameOf($axis).', '.AxisParts::all()[$part]::title(), $why);
        }

        return $why === null ? Node::of($this->set->merged->value($path))->plain() : null;
    }

    /** @return ?array<string, mixed> */
    public function made(string $id): ?array
    {
        $ref = Made::DEVICE.'/'.$id;
        if (! isset($this->set->made[$id]) || ! $this->parts->isOwn($ref)) {
            return null;
        }
        $why = $this->parts->whyNotRead($ref);
        if ($why !== null) {
            $this->dropped->say($this->set->made[$id]->name(), $why);
        }

        return $why === null ? Node::of($this->set->merged->value(PartPath::made($id)))->plain() : null;
    }

    /** With the rotation of a wheel that is said of its axis, and read as the setting. */
    public function turned(SetDocument $document): SetDocument
    {
        $turned = $this->set->settings[$this->device->id][Setting::ROTATION] ?? null;
        $path = PartPath::setting($this->device->id, Setting::ROTATION);

        return $turned === null || $this->set->merged->value($path) !== null
            || $this->parts->whyNotSetting(Setting::ROTATION) !== null
            ? $document
            : $document->with($path, ['is' => $turned]);
    }
}
