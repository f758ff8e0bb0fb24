<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Rig\Device\ControlNote;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\NotedDevice;
use Nailrod\Core\Rig\Device\Rig;

/** Puts a set together with its parents, its devices and its simulator. */
final readonly class Assembly
{
    private const MOST_PARENTS = 8;

    public function __construct(private Library $library) {}

    /** @param ?BindingSet $before another state of the set: what has not changed since is not read again */
    public function assemble(SetDocument $set, ?BindingSet $before = null): BindingSet
    {
        $merged = $this->merge($set);
        $missing = [];
        $devices = $before !== null && self::isSameRig($before, $merged)
            ? array_values($before->rig->devices)
            : $this->devices($merged, $missing);
        $catalogue = match ($merged->simulator) {
            null => null,
            $before->catalogue->id ?? '' => $before->catalogue ?? null,
            default => $this->library->catalogue($merged->simulator),
        };

        return BindingSet::of($merged, new Rig($devices), $catalogue, $missing, $this->layouts($merged), $before);
    }

    /**
     * A device never changes once it is there: only another choice of devices, or other words on their controls, make
     * another rig.
     */
    private static function isSameRig(BindingSet $before, MergedDocument $merged): bool
    {
        return $before->missing === [] && $before->merged->devices === $merged->devices
            && $before->merged->section('controls') == $merged->section('controls')
            && $before->merged->section('settings') == $merged->section('settings')
            && $before->merged->section('panels') == $merged->section('panels');
    }

    /**
     * @param list<string> $missing gets the references that the devices do not have
     *
     * @return list<Device>
     */
    private function devices(MergedDocument $merged, array &$missing): array
    {
        $devices = [];
        $notes = self::notes($merged);
        foreach ($merged->devices as $id) {
            $device = $this->library->device($id) ?? throw FormatError::at(
                'devices',
                $id,
                'a device that is at hand, in the file or beside it',
            );
            $devices[] = isset($notes[$id]) ? NotedDevice::of($device, $notes[$id], $missing) : $device;
        }
        foreach (Keys::each(array_diff_key($notes, array_flip($merged->devices))) as $id => $of) {
            array_push($missing, ...array_map(fn (string $control) => $id.'/'.$control, Keys::of($of)));
        }

        return $devices;
    }

    /** @return array<string, array<string, ControlNote>> what the set says of controls, by device and control */
    private static function notes(MergedDocument $merged): array
    {
        $notes = [];
        foreach ($merged->section('controls') as $part) {
            $notes[$part->path->key][(string) $part->path->inner] = ControlNote::read(
                Node::of($part->value, 'controls.'.$part->path->key.'.'.$part->path->inner),
            );
        }

        return $notes;
    }

    /** @return array<string, KeyLayout> those that macros of the set are typed for, by id */
    private function layouts(MergedDocument $merged): array
    {
        $layouts = [];
        foreach ($merged->section('macros') as $part) {
            foreach (
                Macro::read($part->path->key, Node::of($part->value, 'macros.'.$part->path->key))->layouts() as $id
            ) {
                $layouts[$id] ??= $this->library->layout($id) ?? throw FormatError::at(
                    'macros.'.$part->path->key,
                    $id,
                    'a keyboard layout that is at hand',
                );
            }
        }

        return $layouts;
    }

    /** @throws FormatError */
    public function merge(SetDocument $set): MergedDocument
    {
        $chain = [$set];
        while ($chain[0]->parent !== null) {
            $parent = $this->library->set($chain[0]->parent) ?? throw FormatError::at(
                'parent',
                $chain[0]->parent,
                'a set that is at hand, in the file or beside it',
            );
            if (count($chain) > self::MOST_PARENTS || in_array(
                $parent->id,
                array_map(fn (SetDocument $s) => $s->id, $chain),
                true,
            )) {
                throw FormatError::at(
                    'parent',
                    $chain[0]->parent,
                    'parents that end: at most '.self::MOST_PARENTS.', none of them twice',
                );
            }
            array_unshift($chain, $parent);
        }

        return MergedDocument::of($chain);
    }
}
