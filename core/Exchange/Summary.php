<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Advice\Check\FindingsReport;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\LayerRows;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\Settings;
use Nailrod\Core\Set\Words;

/**
 * A set in plain text, to be read, printed or sent: what each control does in each layer and by what the game is told,
 * and what is not reached.
 */
final class Summary
{
    /** Signs that a number has room for. */
    private const NUMBER = 8;

    public static function of(BindingSet $set): string
    {
        $words = new Words($set);
        $own = $set->merged->own;
        $lines = [$own->name, str_repeat('=', mb_strlen($own->name)), ''];
        $lines[] = 'Inherits from: '.(count($set->merged->chain) === 1 ? 'nothing' : implode(
            ', ',
            array_map(fn ($parent) => $parent->name, array_slice($set->merged->chain, 0, -1)),
        ));
        $lines[] = 'Simulator: '.($set->catalogue->name ?? 'none');
        $lines[] = 'Devices: '.implode(', ', array_map(fn ($device) => $device->name, $set->rig->devices));
        foreach ($set->merged->section(Settings::name()) as $part) {
            $lines[] = $words->subject($part->path, $part).': '.$words->value($part);
        }
        foreach (Keys::each($set->layers) as $id => $layer) {
            array_push(
                $lines,
                '',
                'Layer '.$layer->name,
                str_repeat('-', mb_strlen('Layer '.$layer->name)),
                ...self::layer($set, $words, $id),
            );
        }
        if ($set->macros !== []) {
            array_push(
                $lines,
                '',
                'Macros',
                '------',
                ...array_map(
                    fn (Macro $macro) => $macro->name.(
                        $set->isAside(PartPath::macro($macro->id)) ? ', set aside' : ''
                    ).': '.$words->macro($macro),
                    array_values($set->macros),
                ),
            );
        }
        if ($set->catalogue !== null) {
            $reach = Reach::of($set);
            $open = array_filter($set->catalogue->actions, fn ($action) => ! $reach->reaches($action->id));
            array_push(
                $lines,
                '',
                'Not reached: '.($open === [] ? 'nothing' : implode(
                    ', ',
                    array_map(fn ($action) => $action->name.($action->essential ? ' (needed)' : ''), $open),
                )),
            );
            $report = FindingsReport::of($set);
            foreach ($report->told as $finding) {
                $lines[] = '! '.$finding->sentence;
            }
            foreach ($report->meant as $finding) {
                $lines[] = 'Meant: '.$finding->sentence.' “'.$report->reasons[$finding->id()].'”';
            }
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * @return list<string> device by device what each control does in a layer: its number, its name, the action, and
     *    what the game is told it by
     */
    private static function layer(BindingSet $set, Words $words, string $layer): array
    {
        $lines = [];
        foreach (Keys::each(LayerRows::of($set, $words, $layer)) as $device => $rows) {
            $lines[] = (string) $device;
            foreach ($rows as [$number, $name, $does, $way]) {
                $lines[] = sprintf(
                    '  %s %s: %s%s',
                    $number.str_repeat(' ', max(0, self::NUMBER - mb_strlen($number))),
                    $name,
                    $does,
                    $way === '' ? '' : ' ('.$way.')',
                );
            }
        }
        foreach ($set->chords[$layer] ?? [] as $chord) {
            $lines[] = '  '.$words->chord($chord);
        }

        return $lines === [] ? ['says nothing of its own'] : $lines;
    }
}
