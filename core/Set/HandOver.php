<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;

/** What becomes of the output of an axis when the live layer changes. */
final readonly class HandOver
{
    public const KEEP = 'keep';
    public const REST = 'return to rest';
    public const AT_ONCE = 'at once';
    public const PICK_UP = 'pick up';

    private function __construct(public bool $returnsToRest, public bool $picksUp) {}

    /** Every cell is read by them, so they are made once. */
    public static function fields(): Fields
    {
        /** @var ?Fields $fields */
        static $fields = null;

        return $fields ??= Fields::of(
            Field::optional(
                self::AT_ONCE,
                'taking',
                'When this layer comes',
                Choice::said(
                    [self::AT_ONCE => 'sends its position at once', self::PICK_UP => 'waits until it passes the value'],
                ),
                'Of an axis: how it takes its output when the layer comes.',
            ),
            Field::optional(
                self::KEEP,
                'leaving',
                'When it goes',
                Choice::said([self::KEEP => 'the output keeps its value', self::REST => 'the output returns to rest']),
                'Of an axis: what its output does when the layer goes.',
            ),
        );
    }

    /**
     * @param array<string, mixed> $cell in the open format
     *
     * @return array<string, mixed> the cell without what it says of it
     */
    public static function without(array $cell): array
    {
        return array_diff_key($cell, self::fields()->all);
    }

    /** @return array<string, array<string, mixed>> its fields in JSON Schema */
    public static function schema(): array
    {
        return array_map(fn (Field $field) => $field->schema(), self::fields()->all);
    }

    /**
     * @param Node $cell that may have `leaving` and `taking`
     *
     * @throws FormatError with the place of what is wrong
     */
    public static function read(Node $cell): ?self
    {
        $said = array_map(fn (Field $field) => $field->readIn($cell), self::fields()->all);

        return array_filter(Keys::of($said), $cell->has(...)) === [] ? null : new self(
            $said['leaving'] === self::REST,
            $said['taking'] === self::PICK_UP,
        );
    }

    /** @return array<string, string> in the open format; what is usual is left out */
    public function toArray(): array
    {
        return (
            $this->returnsToRest ? ['leaving' => self::REST] : []
        ) + ($this->picksUp ? ['taking' => self::PICK_UP] : []);
    }

    public function inWords(): string
    {
        return implode(', ', array_filter([
            $this->picksUp ? 'picks the output up when it passes where that stands' : '',
            $this->returnsToRest ? 'returns it to rest when the layer goes' : '',
        ]));
    }
}
