<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Action\Action;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\BindingSet;

/**
 * What a file names, in a set that takes it: for each action the one here of the same id in the same game, else of the same role,
 * else of the same name; for each variable the one that such an action changes here.
 */
final readonly class NameMatch
{
    /** @var array<string, Action> those of this set, by the ids of the file */
    public array $actions;

    /** @var array<string, string> variables of this game, by the ids of the file */
    public array $variables;

    /**
     * @param string                                                             $game   that the file was made for; empty for none
     * @param array<string, array{name: string, role: string, variable: string}> $told   actions that it names, by id
     * @param array<string, array<string, mixed>>                                $macros that come with it, in the open format, by id
     */
    public function __construct(private BindingSet $set, private string $game, private array $told, private array $macros)
    {
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
            $byName = array_values(array_filter($catalogue->actions ?? [], fn (Action $action) => mb_strtolower($action->name) === mb_strtolower($said['name'])))[0] ?? null;
            $found = ($isSame ? $catalogue->action($id) : null) ?? ($said['role'] === '' ? null : $byRole[$said['role']] ?? null) ?? $byName;
            if ($found !== null) {
                $actions[$id] = $found;
                $variables[$said['variable']] ??= $found->effect->variable;
            }
        }

        return [$actions, $variables + ($catalogue !== null && $catalogue->name === $this->game ? array_combine(array_keys($catalogue->variables), array_keys($catalogue->variables)) : [])];
    }

    /**
     * What of something is not here, in words; empty if nothing.
     *
     * @param array<array-key, mixed> $said
     * @param bool                    $withMacros may it play macros that come with the file? One of those plays none of them
     */
    public function lacks(array $said, bool $withMacros = true): string
    {
        $lacks = array_map(fn (string $id) => $this->told[$id]['name'] ?? 'an action', array_values(array_diff(Named::in($said, 'action'), array_keys($this->actions))));
        foreach (['variable' => 'a value', 'layer' => 'a layer', 'stop' => 'a stop', 'flag' => 'a flag', 'macro' => 'a macro', 'contact' => 'a control'] as $sort => $words) {
            foreach (Named::in($said, $sort) as $id) {
                $isHere = match ($sort) {
                    'variable' => isset($this->variables[$id]),
                    'layer' => isset($this->set->layers[$id]),
                    'stop' => isset($this->set->stops[$id]),
                    'flag' => isset($this->set->flags[$id]),
                    'macro' => isset($this->set->macros[$id]) || ($withMacros && isset($this->macros[$id]) && $this->lacks($this->macros[$id], false) === ''),
                    default => isset($this->set->rig->contacts[$id]),
                };
                $lacks = $isHere ? $lacks : [...$lacks, $words];
            }
        }

        return implode(', ', array_unique($lacks));
    }

    /**
     * With the actions and variables of this game in the place of those of the file.
     *
     * @param array<string, mixed> $said
     *
     * @return array<string, mixed>
     */
    public function mapped(array $said): array
    {
        array_walk_recursive($said, function (mixed &$value, int|string $key): void {
            $value = match (true) {
                $key === 'action' && is_string($value) => $this->actions[$value]->id ?? $value,
                $key === 'variable' && is_string($value) => $this->variables[$value] ?? $value,
                default => $value,
            };
        });

        return $said;
    }

    /**
     * What it did there, in words.
     *
     * @param array<array-key, mixed> $cell in the open format
     */
    public function did(array $cell): string
    {
        $names = array_map(fn (string $id) => $this->told[$id]['name'] ?? 'an action that the file does not tell', Named::in($cell, 'action'));
        $macros = array_map(fn (string $id) => 'macro '.(is_string($this->macros[$id]['name'] ?? null) ? $this->macros[$id]['name'] : 'of another set'), Named::in($cell, 'macro'));

        return implode(', ', [...$names, ...$macros]) ?: 'something of its own';
    }

    /**
     * What it does here, in words; empty if something of it is not here.
     *
     * @param array<array-key, mixed> $cell in the open format
     */
    public function does(array $cell): string
    {
        if ($this->lacks($cell) !== '') {
            return '';
        }
        $names = array_map(fn (string $id) => $this->actions[$id]->name, Named::in($cell, 'action'));

        return implode(', ', $names) ?: 'the same';
    }

    /** A text with values of this game; a value that it does not have is left out. */
    public function text(string $text): string
    {
        return trim((string) preg_replace_callback('/\s*\{([^}]+)\}/', fn (array $found): string => isset($this->variables[$found[1]]) ? str_replace($found[1].'}', $this->variables[$found[1]].'}', $found[0]) : '', $text));
    }
}
