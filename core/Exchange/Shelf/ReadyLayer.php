<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartNames;

/** A layer with all that is done in it, and what leads to it. */
final class ReadyLayer implements ShelfKind
{
    public static function kind(): string
    {
        return 'layer';
    }

    public static function title(): string
    {
        return 'Layer with its holder';
    }

    public static function about(): string
    {
        return 'A second meaning of the controls, and the control that holds it. It needs such controls, and the '
            .'actions.';
    }

    public static function icon(): string
    {
        return 'layers';
    }

    public static function offered(BindingSet $set): array
    {
        return array_map(fn (Layer $layer) => $layer->name, array_diff_key($set->layers, [Layer::BASE => 0]));
    }

    public static function parts(BindingSet $set, string $id): array
    {
        $parts = [];
        foreach ($set->merged->parts() as $part) {
            $isHolder = $part->path->section === 'cells' && $part->value !== null && in_array(
                $id,
                PartNames::in('cells', Node::of($part->value)->plain(), Id::LAYER),
                true,
            );
            $isIts = (
                $part->path->section === 'layers' || in_array($part->path->section, ['cells', 'chords'], true)
            ) && $part->path->key === $id;
            if ($part->value !== null && ($isIts || $isHolder)) {
                $parts[] = $part->path;
            }
        }

        return isset($set->layers[$id]) && $id !== Layer::BASE ? $parts : [];
    }
}
