<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;

/**
 * Inputs and lamps without the names of whoever owns them: the fourth button of a throttle is `throttle-1/button-4`,
 * its third lamp `throttle-1/lamp-3`, and the upper position of its second switch `throttle-1/two-way-2.up`.
 */
final readonly class InputPositions
{
    /** @param array<string, string> $ids ids of devices here, by those in the file: "throttle-1" */
    private function __construct(private BindingSet $set, public array $ids) {}

    /**
     * As they are called in a file, for the devices of a set in their order.
     */
    public static function of(BindingSet $set): self
    {
        $ids = $count = [];
        foreach ($set->rig->devices as $device) {
            $kind = self::slug($device->kind);
            $count[$kind] = ($count[$kind] ?? 0) + 1;
            $ids[$kind.'-'.$count[$kind]] = $device->id;
        }

        return new self($set, $ids);
    }

    /**
     * Those of a file, where its devices are taken for some of the rig.
     *
     * @param array<string, string> $ids ids of devices here, by those in the file
     */
    public static function taken(BindingSet $set, array $ids): self
    {
        return new self($set, array_filter($ids, fn (string $id) => isset($set->rig->devices[$id])));
    }

    /** A reference of the rig as it is called in a file; null if it is none. */
    public function named(string $ref): ?string
    {
        [$id, $end] = [...explode('/', $ref, 2), ''];
        $device = $this->set->rig->devices[$id] ?? null;
        $name = array_search($id, $this->ids, true);
        if ($device === null || $name === false) {
            return null;
        }
        foreach ($device->lamps as $i => $lamp) {
            if ($lamp->id === $end) {
                return $name.'/lamp-'.($i + 1);
            }
        }
        [$control, $rest] = [explode('.', $end, 2)[0], strstr($end, '.')];
        foreach (self::numbered($device) as $number => $one) {
            if ($one->id() === $control) {
                return $name.'/'.$number.($rest === false ? '' : $rest);
            }
        }

        return null;
    }

    /** A reference of this rig by what a file calls it; null if it has none. */
    public function ref(string $named): ?string
    {
        [$name, $end] = [...explode('/', $named, 2), ''];
        $device = $this->set->rig->devices[$this->ids[$name] ?? ''] ?? null;
        if ($device === null) {
            return null;
        }
        if (preg_match('/^lamp-(\d+)$/D', $end, $match) === 1) {
            $lamp = $device->lamps[(int) $match[1] - 1] ?? null;

            return $lamp === null ? null : $device->id.'/'.$lamp->id;
        }
        $control = self::numbered($device)[explode('.', $end, 2)[0]] ?? null;
        $ref = $control === null ? '' : $control->ref.(strstr($end, '.') ?: '');

        return isset($this->set->rig->contacts[$ref]) || isset($this->set->rig->axes[$ref]) ? $ref : null;
    }

    /** "button 4 of the throttle" */
    public static function inWords(string $named): string
    {
        [$name, $end] = [...explode('/', $named, 2), ''];
        $words = fn (string $id): string => str_replace('-', ' ', $id);
        [$control, $position] = [...explode('.', $end, 2), ''];

        return trim($words($control).' '.$position).' of the '.(string) preg_replace('/ 1$/', '', $words($name));
    }

    /** Does a text name an input or a lamp, as a file calls them? */
    public static function isOne(string $text): bool
    {
        return preg_match('#^[a-z]+(-[a-z]+)*-\d+/[a-z]+(-[a-z]+)*-\d+(\.[a-z0-9-]+)?$#D', $text) === 1;
    }

    /** @return array<string, Control> controls of a device by their kind and number: "two-way-2" */
    private static function numbered(Device $device): array
    {
        $controls = $count = [];
        foreach ($device->controls as $control) {
            $kind = self::slug($control->kind::kind());
            $count[$kind] = ($count[$kind] ?? 0) + 1;
            $controls[$kind.'-'.$count[$kind]] = $control;
        }

        return $controls;
    }

    private static function slug(string $words): string
    {
        return (string) preg_replace('/[^a-z]+/', '-', mb_strtolower($words));
    }
}
