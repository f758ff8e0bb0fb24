<?php

declare(strict_types=1);

namespace Nailrod\Core\Shelf;

use Nailrod\Core\Axis\Calibration;
use Nailrod\Core\Axis\Measured;
use Nailrod\Core\Set\BindingSet;

/** What is done with an axis: its dead zones, its curve, its notches and stops; not how it was measured, which is of the device. */
final class ReadyShape implements ShelfKind
{
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
        $axes = array_filter($set->rig->axes, fn (string $ref) => ! str_starts_with($ref, 'made/') && self::parts($set, $ref) !== [], ARRAY_FILTER_USE_KEY);

        return array_map(fn ($axis) => $set->rig->fullNameOf($axis->ref), $axes);
    }

    public static function parts(BindingSet $set, string $id): array
    {
        $parts = [];
        foreach ($set->merged->parts() as $part) {
            $isOfAxis = $part->path->section === 'axes' && $part->path->key === $id && ! in_array($part->path->inner, [Calibration::part(), Measured::part()], true);
            $isStop = $part->path->section === 'stops' && ($set->stops[$part->path->key]->axes ?? []) === [$id];
            if ($part->value !== null && ($isOfAxis || $isStop)) {
                $parts[] = $part->path;
            }
        }

        return $parts;
    }
}
