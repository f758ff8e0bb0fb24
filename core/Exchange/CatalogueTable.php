<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Action\ActionKind;
use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\KeyNames;

/**
 * A catalogue as a table, for games that nobody has written one for: `action` is all that must be there; `group`, `key`,
 * `kind`, `role`, `essential`, `variable` and `amount` may be. Actions that name no variable have one of their own, or one
 * together with the other half of a pair (NamePairs).
 */
final class CatalogueTable
{
    public const COLUMNS = ['action', 'group', 'key', 'kind', 'role', 'essential', 'variable', 'amount'];

    /** Which of them says what. */
    public const SAID = [
        'action' => 'what it is called; all others may be left out',
        'group' => 'the heading that it stands under',
        'key' => 'the key of the game for it, as people write keys: L, Left Shift+L, Page up, Num 5',
        'kind' => 'momentary, two-state, step pair, axis or selector; without it, two names such as "Gear up" and "Gear down" are a pair, all else is momentary',
        'role' => 'what it is for, in the same words in every game: look left',
        'essential' => 'yes if the game cannot be played without it',
        'variable' => 'what it changes, where several actions change the same',
        'amount' => 'what it sets that to, or by how much it steps it',
    ];

    public const EXAMPLE = "action,group,key,kind,role\nThrottle,Drive,,axis,power\nGear up,Drive,Page up,,\nGear down,Drive,Page down,,\nHorn,Signals,H,momentary,horn\nHeadlights,Signals,Left Shift+L,two-state,\n";

    /**
     * @return array<string, mixed> the document in the open format
     *
     * @throws FormatError with all lines that cannot be read
     */
    public static function document(string $csv, string $id, string $name, int $buttons = 128, int $axes = 8): array
    {
        $table = Table::read($csv, array_values(array_unique([...self::COLUMNS, ...KeyList::COLUMNS])), ['action']);
        // Where neither kind nor variable is said, two names say that they belong together.
        $pairs = NamePairs::of(array_map(fn (array $row) => $row['action'], array_filter($table->rows, fn (array $row) => ($row['kind'] ?? '') === '' && ($row['variable'] ?? '') === '')));
        $groups = $variables = $actions = $taken = [];
        $table->each(function (array $row, int $line) use ($pairs, &$groups, &$variables, &$actions, &$taken): void {
            $half = $pairs->halves[$line] ?? null;
            if ($half !== null) {
                $row = ['kind' => $half['kind']->value, 'variable' => $half['of'], 'amount' => ($row['amount'] ?? '') === '' ? (string) $half['amount'] : $row['amount']] + $row;
            }
            $action = self::filled($row, 'action', $line);
            $group = ($row['group'] ?? '') === '' ? 'Actions' : $row['group'];
            $groupId = self::id($group, $groups, false);
            $own = self::id($action, $taken, true);
            $kind = self::kind($row, $line);
            $variable = ($row['variable'] ?? '') === '' ? str_replace('-', '_', $own) : str_replace('-', '_', self::id($row['variable'], [], false));
            $effect = self::effect($kind, $variable, $row, $line, array_filter($actions, fn (array $other) => $other['effect']['variable'] === $variable));
            $key = ($row['key'] ?? '') === '' ? null : KeyNames::read($row['key']) ?? throw FormatError::at('line '.$line.', key', $row['key'], 'a key, such as L, Left Shift+L, Page up or Num 5');
            $groups[$groupId] = $group;
            $taken[$own] = true;
            $variables[$variable] ??= ['name' => mb_substr(($row['variable'] ?? '') === '' ? $action : ucfirst($row['variable']), 0, 40), 'group' => $groupId]
                + ($kind === ActionKind::Axis ? ['low' => 0, 'high' => 100, 'unit' => '%'] : ($effect['do'] === 'step' ? ['low' => -10, 'high' => 10, 'start' => 0] : ['low' => 0, 'high' => 1]));
            $actions[] = ['id' => $own, 'name' => mb_substr($action, 0, 60), 'group' => $groupId, 'kind' => $kind->value]
                + (($row['role'] ?? '') === '' ? [] : ['role' => mb_strtolower(mb_substr($row['role'], 0, 40))])
                + (in_array(mb_strtolower($row['essential'] ?? ''), ['', '0', 'no'], true) ? [] : ['essential' => true])
                + ['effect' => $effect] + ($key === null ? [] : ['key' => $key->toArray()]);
        });
        if ($actions === []) {
            throw FormatError::told('', 'no action', 'at least one row');
        }
        $document = [
            'format' => Catalogue::FORMAT, 'version' => 1, 'id' => $id, 'name' => $name, 'vehicle' => $name, 'frame_us' => 16667, 'sees' => ['buttons' => $buttons, 'axes' => $axes],
            'groups' => array_map(fn (string $id, string $name) => ['id' => $id, 'name' => mb_substr($name, 0, 40)], Keys::of($groups), $groups),
            'variables' => $variables, 'actions' => $actions,
        ];
        Catalogue::read(Node::of($document));

        return $document;
    }

    /** @param array<string, string> $row */
    private static function kind(array $row, int $line): ActionKind
    {
        $kind = mb_strtolower($row['kind'] ?? '');

        return $kind === '' ? ActionKind::Momentary : ActionKind::tryFrom($kind) ?? throw FormatError::at('line '.$line.', kind', $row['kind'], 'one of '.implode(', ', array_column(ActionKind::cases(), 'value')));
    }

    /**
     * @param array<string, string>              $row
     * @param array<array<string, mixed>>        $before actions of the same variable
     *
     * @return array{do: string, variable: string, amount?: float}
     */
    private static function effect(ActionKind $kind, string $variable, array $row, int $line, array $before): array
    {
        $said = $row['amount'] ?? '';
        if ($said !== '' && ! is_numeric($said)) {
            throw FormatError::at('line '.$line.', amount', $said, 'a number');
        }

        return match ($kind) {
            ActionKind::Momentary => ['do' => 'hold', 'variable' => $variable],
            ActionKind::Axis => ['do' => 'follow', 'variable' => $variable],
            ActionKind::StepPair => ['do' => 'step', 'variable' => $variable, 'amount' => $said === '' ? ($before === [] ? 1.0 : -1.0) : (float) $said],
            ActionKind::Selector => ['do' => 'set', 'variable' => $variable, 'amount' => $said === '' ? min(1.0, (float) count($before)) : (float) $said],
            ActionKind::TwoState => $said === '' ? ['do' => 'flip', 'variable' => $variable] : ['do' => 'set', 'variable' => $variable, 'amount' => (float) $said],
        };
    }

    /** @param array<string, string> $row */
    private static function filled(array $row, string $column, int $line): string
    {
        return $row[$column] !== '' ? $row[$column] : throw FormatError::told('line '.$line.', '.$column, 'nothing', 'a name');
    }

    /** @param array<string, mixed> $taken */
    private static function id(string $name, array $taken, bool $isNew): string
    {
        $id = mb_strimwidth(trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($name)), '-'), 0, 40);
        $id = $id === '' ? 'action' : $id;
        $free = $id;
        for ($n = 2; $isNew && isset($taken[$free]); $n++) {
            $free = $id.'-'.$n;
        }

        return $free;
    }
}
