<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Set\BindingSet;

/**
 * What is done with an axis: its dead zones, its curve, its notches and stops; not how it was measured, which is of the
 * device.
 */
final class ReadyShape implements ShelfKind
{
    /** Parts of an axis that are about the device, not about what is done with it. */
    private const OF_DEVICE = ['calibrate', 'measured'];

    public static function kind(): string
    {
        return 'starting shape';
    }

    public static function title(): string
    {
        return 'Starting shape';
    }

    public static function about(): string
    {
        return 'What is done with an axis: dead zones, curve, notches and stops. It needs an axis.';
    }

    public static function icon(): string
    {
        return 'gauge';
    }

    public static function offered(BindingSet $set): array
    {
        $shaped = [];
        foreach ($set->merged->parts() as $part) {
            $axis = match ($part->path->section) {
                'axes' => in_array($part->path->inner, self::OF_DEVICE, true) ? null : $part->path->key,
                'stops' => count(
                    $set->stops[$part->path->key]->axes ?? [],
                ) === 1 ? $set->stops[$part->path->key]->axes[0] : null,
                default => null,
            };
            if (
                $part->value !== null && $axis !== null
                    && isset($set->rig->axes[$axis])
                    && ! str_starts_with($axis, Made::DEVICE.'/')
            ) {
                $shaped[$axis] = $set->rig->fullNameOf($axis);
            }
        }

        return $shaped;
    }

    public static function parts(BindingSet $set, string $id): array
    {
        $parts = [];
        foreach ($set->merged->parts() as $part) {
            $isOfAxis = $part->path->section === 'axes' && $part->path->key === $id && ! in_array(
                $part->path->inner,
                self::OF_DEVICE,
                true,
            );
            $isStop = $part->path->section === 'stops' && ($set->stops[$part->path->key]->axes ?? []) === [$id];
            if ($part->value !== null && ($isOfAxis || $isStop)) {
                $parts[] = $part->path;
            }
        }

        return $parts;
    }
}
