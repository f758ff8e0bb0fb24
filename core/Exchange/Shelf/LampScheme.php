<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;

/** All rules that light lamps of one device. */
final class LampScheme implements ShelfKind
{
    public static function kind(): string
    {
        return 'lamp scheme';
    }

    public static function title(): string
    {
        return 'Lamp scheme';
    }

    public static function about(): string
    {
        return 'What lights the lamps of a device. It needs a device with as many lamps, and the values that they '
            .'show.';
    }

    public static function icon(): string
    {
        return 'lightbulb';
    }

    public static function offered(BindingSet $set): array
    {
        return array_map(
            fn ($device) => 'the lamps of '.$device->title(),
            array_filter(
                $set->rig->devices,
                fn ($device) => $device->panel === null && self::parts($set, $device->id) !== [],
            ),
        );
    }

    public static function parts(BindingSet $set, string $id): array
    {
        $rules = array_filter(
            $set->lamps,
            fn (LampRule $rule) => array_filter(
                $rule->lamps(),
                fn (string $lamp) => str_starts_with($lamp, $id.'/'),
            ) !== [],
        );

        return array_map(PartPath::lamp(...), Keys::of($rules));
    }
}
