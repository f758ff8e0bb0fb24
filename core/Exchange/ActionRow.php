<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Action\ActionKind;
use Nailrod\Core\Mapping\Output\KeyNames;
use Nailrod\Core\Mapping\Output\KeyStroke;

/** What a person says of an action, in the columns of a table or the fields of a form. What is left out is not said. */
final readonly class ActionRow
{
    /** Which columns there are, and which of them says what. `action` is all that must be said. */
    public const SAID = [
        'action' => 'what it is called; all others may be left out',
        'group' => 'the heading that it stands under',
        'key' => 'the key of the game for it, as people write keys: L, Left Shift+L, Page up, Num 5',
        'kind' =>
            'momentary, two-state, step pair, axis or selector; without it, two names such as "Gear up" and "Gear '
                .'down" are a pair, all else is momentary',
        'role' => 'what it is for, in the same words in every game: look left',
        'essential' => 'yes if the game cannot be played without it',
        'written' => 'yes if its variable can be written from outside',
        'variable' => 'what it changes, where several actions change the same',
        'amount' => 'what it sets that to, or by how much it steps it',
    ];

    private const LONGEST = ['action' => 60, 'group' => 40, 'role' => 40, 'variable' => 40];

    private const NO = ['', '0', 'no'];

    /** @param array<string, string> $said by column */
    public function __construct(public array $said) {}

    /**
     * What it says in a column; empty if nothing.
     *
     * @throws FormatError if it is longer than that column takes
     */
    public function text(string $column): string
    {
        $text = trim($this->said[$column] ?? '');
        $most = self::LONGEST[$column] ?? 200;

        return mb_strlen($text) <= $most ? $text : throw FormatError::at(
            $column,
            $text,
            'at most '.$most.' characters',
        );
    }

    public function says(string $column): bool
    {
        return isset($this->said[$column]);
    }

    /** @param list<string> $columns */
    public function saysAny(array $columns): bool
    {
        return array_intersect_key($this->said, array_flip($columns)) !== [];
    }

    /** @param array<string, string> $said by column */
    public function with(array $said): self
    {
        return new self($said + $this->said);
    }

    /** Only what it says otherwise than this one. */
    public function against(self $before): self
    {
        return new self(array_filter(
            $this->said,
            fn (string $text, string $column) => trim($text) !== ($before->said[$column] ?? ''),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** Without the columns in which it says nothing. */
    public function filled(): self
    {
        return new self(array_filter($this->said, fn (string $text) => trim($text) !== ''));
    }

    public function isEmpty(): bool
    {
        return $this->filled()->said === [];
    }

    /** @throws FormatError if it has no name */
    public function name(): string
    {
        $name = $this->text('action');

        return $name !== '' ? $name : throw FormatError::told('action', 'nothing', 'a name');
    }

    /** @throws FormatError if there is no such kind; null if none is said */
    public function kind(): ?ActionKind
    {
        $kind = mb_strtolower($this->text('kind'));

        return $kind === '' ? null : ActionKind::tryFrom($kind) ?? throw FormatError::at(
            'kind',
            $this->said['kind'],
            'one of '.implode(', ', array_column(ActionKind::cases(), 'value')),
        );
    }

    /** @throws FormatError if there is no such key; null if none is said */
    public function key(): ?KeyStroke
    {
        $key = $this->text('key');

        return $key === '' ? null : KeyNames::read($key) ?? throw FormatError::at(
            'key',
            $key,
            'a key, such as L, Left Shift+L, Page up or Num 5',
        );
    }

    /** @throws FormatError if it is no number; null if none is said */
    public function amount(): ?float
    {
        $amount = $this->text('amount');

        return match (true) {
            $amount === '' => null,
            ! is_numeric($amount) || abs((float) $amount) > 1e9 => throw FormatError::at('amount', $amount, 'a number'),
            default => (float) $amount,
        };
    }

    public function yes(string $column): bool
    {
        return ! in_array(mb_strtolower($this->text($column)), self::NO, true);
    }

    /**
     * Rows with what they leave open filled from their names: two names such as "Gear up" and "Gear down" say what kind
     * their actions are, of which variable, and by how much. Who says a kind or a variable is believed.
     *
     * @param array<int|string, self> $rows
     *
     * @return array<int|string, self> by the same keys
     */
    public static function paired(array $rows): array
    {
        $open = array_filter(
            $rows,
            fn (self $row) => trim($row->said['variable'] ?? '') === '' && in_array(
                mb_strtolower(trim($row->said['kind'] ?? '')),
                ['', ActionKind::StepPair->value, ActionKind::TwoState->value],
                true,
            ),
        );
        $halves = NamePairs::of(array_map(fn (self $row) => $row->said['action'] ?? '', $open))->halves;
        foreach ($halves as $at => $half) {
            $said = mb_strtolower(trim($rows[$at]->said['kind'] ?? ''));
            if ($said === '' || $said === $half['kind']->value) {
                $rows[$at] = $rows[$at]->with(['kind' => $half['kind']->value, 'variable' => $half['of']] + (
                    trim($rows[$at]->said['amount'] ?? '') === '' ? ['amount' => (string) $half['amount']] : []
                ));
            }
        }

        return $rows;
    }
}
