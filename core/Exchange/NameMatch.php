<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartNames;
use Nailrod\Core\Set\Section\Cells;
use Nailrod\Core\Set\Section\MacrosSection;

/**
 * What a file names, in a set that takes it: for each action the one here of the same id in the same game, else of the
 * same role, else of the same name; for each variable the one that such an action changes here.
 */
final readonly class NameMatch
{
    /** @var array<string, Action> those of this set, by the ids of the file */
    public array $actions;

    /** @var array<string, string> variables of this game, by the ids of the file */
    public array $variables;

    /**
     * @param string $game that the file was made for; empty for none
     * @param array<string, array{name: string, role: string, variable: string}> $told   actions that it names, by id
     * @param array<string, array<string, mixed>> $macros that come with it, in the open format, by id
     */
    public function __construct(
        private BindingSet $set,
        private string $game,
        private array $told,
        private array $macros,
    ) {
        [$this->actions, $this->variables] = $this->matched();
    }

    /** @return array{array<string, Action>, array<string, string>} */
    private function matched(): array
    {
        $catalogue = $this->set->catalogue;
        $byRole = $catalogue?->byRole() ?? [];
        $actions = $variables = [];
        foreach (Keys::each($this->told) as $id => $said) {
            $isSame = $catalogue !== null && $catalogue->name === $this->game;
            $byName = array_values(array_filter(
                $catalogue->actions ?? [],
                fn (Action $action) => mb_strtolower($action->name) === mb_strtolower($said['name']),
            ))[0] ?? null;
            $found = ($isSame ? $catalogue->action($id) : null) ?? (
                $said['role'] === '' ? null : $byRole[$said['role']] ?? null
            ) ?? $byName;
            if ($found !== null) {
                $actions[$id] = $found;
                $variables[$said['variable']] ??= $found->effect->variable;
            }
        }

        return [
            $actions,
            $variables + (
                $catalogue !== null && $catalogue->name === $this->game ? array_combine(
                    array_keys($catalogue->variables),
                    array_keys($catalogue->variables),
                ) : []
            ),
        ];
    }

    /**
     * What of something is not here, in words; empty if nothing.
     *
     * @param string                  $section    of which it is a part
     * @param array<array-key, mixed> $said       in the open format
     * @param bool $withMacros may it play macros that come with the file? One of those plays none of them
     */
    public function lacks(string $section, array $said, bool $withMacros = true): string
    {
        $lacks = [];
        foreach (PartNames::all($section, $said) as [$sort, $id]) {
            $words = match ($sort) {
                Id::ACTION => isset($this->actions[$id]) ? '' : $this->told[$id]['name'] ?? 'an action',
                Id::VARIABLE => isset($this->variables[$id]) ? '' : $this->valueInWords($id),
                Id::LAYER => isset($this->set->layers[$id]) ? '' : 'a layer',
                Id::STOP => isset($this->set->stops[$id]) ? '' : 'a stop',
                Id::FLAG => isset($this->set->flags[$id]) ? '' : 'a flag',
                Id::MACRO => isset($this->set->macros[$id]) || (
                    $withMacros && isset($this->macros[$id]) && $this->lacks(
                        MacrosSection::name(),
                        $this->macros[$id],
                        false,
                    ) === ''
                ) ? '' : 'a macro',
                Reference::LAMP => $this->set->rig->lampNameOf($id) !== $id ? '' : 'a lamp',
                default => $this->set->rig->has($id) ? '' : 'a control',
            };
            $lacks = $words === '' ? $lacks : [...$lacks, $words];
        }

        return implode(', ', array_unique($lacks));
    }

    /**
     * With the actions and variables of this game in the place of those of the file.
     *
     * @param string               $section of which it is a part
     * @param array<string, mixed> $said
     *
     * @return array<string, mixed>
     */
    public function mapped(string $section, array $said): array
    {
        /** @var array<string, mixed> */
        return PartNames::renamed($section, $said, $this->here(...));
    }

    /** What a value of the other game is called, by an action that changes it: its own name is not in the file. */
    public function valueInWords(string $variable): string
    {
        foreach ($this->told as $action) {
            if ($action['variable'] === $variable) {
                return 'what '.$action['name'].' changes';
            }
        }

        return 'a value that '.($this->game === '' ? 'its game' : $this->game).' has';
    }

    /**
     * What this game calls an action or a variable of the other one; what is neither, and what is not here, as it is.
     */
    public function here(string $sort, string $id): string
    {
        return match ($sort) {
            Id::ACTION => $this->actions[$id]->id ?? $id,
            Id::VARIABLE => $this->variables[$id] ?? $id,
            default => $id,
        };
    }

    /**
     * What it did there, in words.
     *
     * @param array<array-key, mixed> $cell in the open format
     */
    public function did(array $cell): string
    {
        $names = array_map(
            fn (string $id) => $this->told[$id]['name'] ?? 'an action that the file does not tell',
            PartNames::in(Cells::name(), $cell, Id::ACTION),
        );
        $macros = array_map(
            fn (string $id) => 'macro '.(
                is_string($this->macros[$id]['name'] ?? null) ? $this->macros[$id]['name'] : 'of another set'
            ),
            PartNames::in(Cells::name(), $cell, Id::MACRO),
        );

        return implode(', ', [...$names, ...$macros]) ?: 'something of its own';
    }

    /**
     * What it does here, in words; empty if something of it is not here.
     *
     * @param array<array-key, mixed> $cell in the open format
     */
    public function does(array $cell): string
    {
        if ($this->lacks(Cells::name(), $cell) !== '') {
            return '';
        }
        $names = array_map(
            fn (string $id) => $this->actions[$id]->name,
            PartNames::in(Cells::name(), $cell, Id::ACTION),
        );

        return implode(', ', $names) ?: 'the same';
    }

    /** A text with values of this game; a value that it does not have is left out. */
    public function text(string $text): string
    {
        return trim((string) preg_replace_callback(
            '/\s*\{([^}]+)\}/',
            fn (array $found): string => isset($this->variables[$found[1]]) ? str_replace(
                $found[1].'}',
                $this->variables[$found[1]].'}',
                $found[0],
            ) : '',
            $text,
        ));
    }
}
