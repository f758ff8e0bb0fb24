<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Layer;

/** The colour and the shape by which a layer is known: its own, else by its place. */
final class LayerLook
{
    /** Number of the look, from 0 on (`layer--N` in the styles). */
    public static function of(BindingSet $set, string $layer): int
    {
        $own = $set->layers[$layer]->colour ?? null;

        return $own === null ? max(
            0,
            (int) array_search($layer, Keys::of($set->layers), true),
        ) % Layer::COLOURS : $own - 1;
    }
}
