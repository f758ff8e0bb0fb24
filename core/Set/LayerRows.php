<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Output\Output;

/** What a layer says, input by input, as it is read, printed or sent. */
final class LayerRows
{
    /**
     * @return array<string, list<array{string, string, string, string}>> number, name, what it does and what the game
     *    is told by, of each input that a layer says something of, by the name of its device
     */
    public static function of(BindingSet $set, Words $words, string $layer): array
    {
        $cells = $set->cells[$layer] ?? [];
        $byDevice = [];
        foreach (Keys::of(array_intersect_key($set->rig->axes + $set->rig->contacts, $cells)) as $ref) {
            $ways = array_filter(array_map(
                fn (Output $output) => $set->actionOf($output) === null ? '' : self::way($set, $words, $output),
                $cells[$ref]->outputsOfEither(),
            ));
            $byDevice[$set->rig->deviceNameOf($ref)][] = [
                $set->rig->numberOf($ref),
                $set->rig->nameOf($ref),
                $words->brief($cells[$ref]).($set->isAside(PartPath::cell($layer, $ref)) ? ', set aside' : ''),
                implode(', ', $ways),
            ];
        }
        // In the order of the rig; what is made from axes comes last.
        $order = array_flip(array_values(array_map(fn ($device) => $device->name, $set->rig->devices)));
        uksort(
            $byDevice,
            fn (
                int|string $one,
                int|string $other,
            ) => ($order[$one] ?? PHP_INT_MAX) <=> ($order[$other] ?? PHP_INT_MAX),
        );

        return $byDevice;
    }

    private static function way(BindingSet $set, Words $words, Output $output): string
    {
        $way = $set->leaving($output);

        return $way === null ? 'no way yet' : $words->output($way);
    }
}
