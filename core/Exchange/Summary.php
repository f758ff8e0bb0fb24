<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Check\Checks;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Plan\Reach;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Words;

/** A set in plain text, to be read, printed or sent: what each control does in each layer, and what is not reached. */
final class Summary
{
    public static function of(BindingSet $set): string
    {
        $words = new Words($set);
        $own = $set->merged->own;
        $lines = [$own->name, str_repeat('=', mb_strlen($own->name)), ''];
        $lines[] = 'Inherits from: '.(count($set->merged->chain) === 1 ? 'nothing' : implode(', ', array_map(fn ($parent) => $parent->name, array_slice($set->merged->chain, 0, -1))));
        $lines[] = 'Simulator: '.($set->catalogue->name ?? 'none');
        $lines[] = 'Devices: '.implode(', ', array_map(fn ($device) => $device->name, $set->rig->devices));
        foreach (Keys::each($set->layers) as $id => $layer) {
            $cells = $set->cells[$id] ?? [];
            array_push($lines, '', 'Layer '.$layer->name, str_repeat('-', mb_strlen('Layer '.$layer->name)));
            $device = '';
            foreach (array_intersect_key($set->rig->axes + $set->rig->contacts, $cells) as $ref => $input) {
                if ($set->rig->deviceNameOf((string) $ref) !== $device) {
                    $device = $set->rig->deviceNameOf((string) $ref);
                    $lines[] = $device;
                }
                $lines[] = '  '.$set->rig->nameOf((string) $ref).': '.$words->brief($cells[$ref]);
            }
            if ($cells === []) {
                $lines[] = 'says nothing of its own';
            }
        }
        if ($set->catalogue !== null) {
            $reach = Reach::of($set);
            $open = array_filter($set->catalogue->actions, fn ($action) => ! $reach->reaches($action->id));
            array_push($lines, '', 'Not reached: '.($open === [] ? 'nothing' : implode(', ', array_map(fn ($action) => $action->name.($action->essential ? ' (needed)' : ''), $open))));
            foreach (Checks::over($set) as $finding) {
                $lines[] = '! '.$finding->sentence;
            }
        }

        return implode("\n", $lines)."\n";
    }
}
