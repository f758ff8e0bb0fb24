<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Output\KeyNames;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\PressesKeys;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Slot;
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
        $labels = self::labels($catalogue);
        foreach ($catalogue->actions as $action) {
            $way = $set->wayOf($action->id);
            fputcsv($stream, [
                self::safe($labels[$action->id]),
                self::safe($catalogue->groups[$action->group]),
                $way instanceof PressesKeys ? self::safe($way->keys()->label()) : '',
                self::safe($way === null ? '' : $words->output($way)),
                self::safe(implode(
                    ', ',
                    array_map(
                        fn (Slot $spot) => $set->rig->fullNameOf($spot->ref).(
                            $spot->layer === 'base' ? '' : ' ('.$set->layers[$spot->layer]->name.')'
                        ),
                        $reach->spots($action->id),
                    ),
                )),
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
        $table = Table::read(
            $csv,
            array_values(array_unique([...self::COLUMNS, ...array_keys(ActionRow::SAID)])),
            ['action', 'key'],
        );
        $labels = self::labels($catalogue);
        $byName = [];
        foreach ($catalogue->actions as $action) {
            $byName[$labels[$action->id]] = $action;
        }
        foreach ($catalogue->actions as $action) {
            $byName[$action->id] ??= $action;
            $byName[mb_strtolower($labels[$action->id])] ??= $action;
        }
        $keys = [];
        $table->each(function (array $row, int $line) use ($byName, $catalogue, &$keys): void {
            if ($row['key'] === '') {
                return;
            }
            $name = self::plain($row['action']);
            $action = $byName[$name] ?? $byName[mb_strtolower($name)] ?? null;
            if (! $action instanceof Action) {
                throw FormatError::at('line '.$line.', action', $row['action'], 'an action of '.$catalogue->name);
            }
            $keys[$action->id] = KeyNames::read(self::plain($row['key'])) ?? throw FormatError::at(
                'line '.$line.', key',
                $row['key'],
                'a key, such as L, Left Shift+L, Page up or Num 5',
            );
        });

        return $keys;
    }

    /**
     * What each action is called in a list. Of several with one name, or that differ in case only, each has its own.
     *
     * @return array<string, string> by action
     */
    private static function labels(Catalogue $catalogue): array
    {
        $count = array_count_values(
            array_map(fn (Action $action) => mb_strtolower(trim($action->name)), $catalogue->actions),
        );

        return array_map(
            fn (Action $action) => trim($action->name).(
                $count[mb_strtolower(trim($action->name))] > 1 ? ' ['.$action->id.']' : ''
            ),
            $catalogue->actions,
        );
    }

    /**
     * A spreadsheet must not take a name for a formula: it gets an apostrophe before it, and so does one that begins
     * with that.
     */
    private static function safe(string $text): string
    {
        return preg_match("/^[=+\\-@\t\r']./", $text) === 1 ? "'".$text : $text;
    }

    private static function plain(string $text): string
    {
        return preg_match("/^'[=+\\-@\t\r']./", $text) === 1 ? substr($text, 1) : $text;
    }
}
