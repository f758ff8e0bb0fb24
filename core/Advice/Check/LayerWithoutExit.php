<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Advice\Plan\LayerLink;
use Nailrod\Core\Advice\Plan\LayerMap;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\LayersSection;
use Nailrod\Core\Set\Slot;

/** A layer that stays live for ever once it is, or that nothing leads to. */
final class LayerWithoutExit implements LooksAtPart
{
    public const KIND = 'layer without a way';

    public static function section(): string
    {
        return LayersSection::name();
    }

    public function findings(Desk $desk): iterable
    {
        $map = LayerMap::of($desk->set);
        foreach (Keys::each(self::told($desk->set, $map)) as $layer => $sentence) {
            $into = array_filter(
                $map->drawn(),
                fn (LayerLink $link): bool => $link->to === $layer && $link->from !== $layer,
            );
            $spots = array_map(fn (LayerLink $link): Slot => new Slot($link->from, $link->ref), array_values($into));

            yield new Finding(self::KIND, $layer, $sentence, $spots, parts: [PartPath::layer($layer)]);
        }
    }

    /**
     * What is told of the layers of a set, also where it has no game.
     *
     * @return array<string, string> a sentence by layer
     */
    private static function told(BindingSet $set, LayerMap $map): array
    {
        $told = [];
        foreach (Keys::each($map->trapped()) as $layer => $why) {
            $told[$layer] = $set->layers[$layer]->name.' has no way out: '.$why.'.';
        }
        foreach ($map->unreached() as $layer) {
            $told[$layer] ??= 'Nothing leads to '
                .$set->layers[$layer]->name
                .'. Let a control hold it or go to it, on Assign.';
        }

        return $told;
    }
}
