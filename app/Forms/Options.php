<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Support\HtmlString;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Output\IsNumbered;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Set\OutputUse;

/** The options of a list to choose from; lists of hundreds are made without the detour through a template. */
final class Options
{
    /** @param iterable<array-key, string> $words by value */
    public static function of(iterable $words, int|string|null $chosen = null): HtmlString
    {
        $options = '';
        foreach ($words as $value => $label) {
            $options .= '<option value="'.e((string) $value).'"'.(
                (string) $value === (string) $chosen ? ' selected' : ''
            ).'>'.e($label).'</option>';
        }

        return new HtmlString($options);
    }

    /**
     * @param array<string, Layer|Macro|KeyLayout> $things
     *
     * @return array<string, string> their names, by id; of a macro with what it is for
     */
    public static function names(array $things): array
    {
        return array_map(
            fn (Layer|Macro|KeyLayout $thing) => $thing->name.(
                $thing instanceof Macro && $thing->about !== '' ? ': '.$thing->about : ''
            ),
            $things,
        );
    }

    /**
     * What is there stays there, even if it could not be chosen now.
     *
     * @param array<array-key, string> $words
     *
     * @return array<array-key, string>
     */
    public static function withOwn(array $words, mixed $value): array
    {
        return (
            is_int($value) || (is_string($value) && $value !== '')
        ) && ! isset($words[$value]) ? $words + [$value => (string) $value] : $words;
    }

    /**
     * @return array<string, string> names of the variables that can be written, gauges too if they are only read, by id
     */
    public static function variables(?Catalogue $catalogue, bool $withGauges = false): array
    {
        $names = [];
        foreach ($catalogue->variables ?? [] as $variable) {
            if ($withGauges || $variable->gauge === null) {
                $names[$variable->id] = $variable->name;
            }
        }

        return $names;
    }

    /** @return array<string, string> names of the actions that a contact can do, by id */
    public static function actions(Catalogue $catalogue): array
    {
        $names = [];
        foreach ($catalogue->actions as $action) {
            if (! $action->isAxis()) {
                $names[$action->id] = $action->name;
            }
        }

        return $names;
    }

    /**
     * @return array<string, array<string, mixed>> what new numbered outputs begin with, by kind: the lowest number that
     *    is free and that the game sees, 1 if none is
     */
    public static function begins(OutputUse $use): array
    {
        $begins = [];
        foreach (Outputs::all() as $kind => $class) {
            if (is_subclass_of($class, IsNumbered::class)) {
                $begins[$kind] = ['number' => $use->numbers($class)->lowest() ?? 1];
            }
        }

        return $begins;
    }
}
