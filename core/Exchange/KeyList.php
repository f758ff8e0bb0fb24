<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Action\Action;
use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Output\KeyNames;
use Nailrod\Core\Output\KeyStroke;
use Nailrod\Core\Plan\Reach;
use Nailrod\Core\Plan\Spot;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Words;

/** The list of actions with what reaches them, as CSV; and keys out of such a list. */
final class KeyList
{
    public const COLUMNS = ['action', 'group', 'key', 'by', 'from'];

    public static function write(BindingSet $set, Catalogue $catalogue): string
    {
        $stream = fopen('php://memory', 'r+');
        assert($stream !== false);
        fputcsv($stream, self::COLUMNS, ',', '"', '');
        $reach = Reach::of($set);
        $words = new Words($set);
        foreach ($catalogue->actions as $action) {
            $way = $set->wayOf($action->id);
            fputcsv($stream, [
                self::safe($action->name),
                self::safe($catalogue->groups[$action->group]),
                $way instanceof KeyStroke ? self::safe($way->label()) : '',
                self::safe($way === null ? '' : $words->output($way)),
                self::safe(implode(', ', array_map(fn (Spot $spot) => $set->rig->deviceNameOf($spot->ref).' '.$set->rig->nameOf($spot->ref).($spot->layer === 'base' ? '' : ' ('.$set->layers[$spot->layer]->name.')'), $reach->spots($action->id)))),
            ], ',', '"', '');
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /**
     * @return array<string, KeyStroke> by action; rows of actions without a key are passed over
     *
     * @throws FormatError with the line of an action that the game does not have, or of what is no key
     */
    public static function read(string $csv, Catalogue $catalogue): array
    {
        $table = Table::read($csv, array_values(array_unique([...self::COLUMNS, ...CatalogueTable::COLUMNS])), ['action', 'key']);
        $byName = [];
        foreach ($catalogue->actions as $action) {
            $byName[mb_strtolower($action->name)] ??= $action;
            $byName[$action->id] ??= $action;
        }
        $keys = [];
        foreach ($table->rows as $line => $row) {
            if ($row['key'] === '') {
                continue;
            }
            $action = $byName[mb_strtolower(ltrim($row['action'], "'"))] ?? null;
            if (! $action instanceof Action) {
                throw FormatError::at('line '.$line, $row['action'], 'an action of '.$catalogue->name);
            }
            $keys[$action->id] = KeyNames::read(ltrim($row['key'], "'")) ?? throw FormatError::at('line '.$line, $row['key'], 'a key, such as L, Shift+L, Page up or ShiftLeft+KeyL');
        }

        return $keys;
    }

    /** A spreadsheet must not take a name for a formula. */
    private static function safe(string $text): string
    {
        return preg_match('/^[=+\-@\t\r]./', $text) === 1 ? "'".$text : $text;
    }
}
