<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Node;

/** What becomes of the output of an axis when the live layer changes. */
final readonly class HandOver
{
    public const FIELDS = ['leaving', 'taking'];
    public const KEEP = 'keep';
    public const REST = 'return to rest';
    public const AT_ONCE = 'at once';
    public const PICK_UP = 'pick up';

    private function __construct(public bool $returnsToRest, public bool $picksUp) {}

    /** @return array<string, array<string, mixed>> its fields in JSON Schema */
    public static function schema(): array
    {
        return [
            'leaving' => ['description' => 'Of an axis: what its output does when the layer goes.', 'enum' => [self::KEEP, self::REST], 'default' => self::KEEP],
            'taking' => ['description' => 'Of an axis: how it takes its output when the layer comes.', 'enum' => [self::AT_ONCE, self::PICK_UP], 'default' => self::AT_ONCE],
        ];
    }

    /** @param Node $cell that may have `leaving` and `taking` */
    public static function read(Node $cell): ?self
    {
        $leaving = $cell->maybe('leaving')?->oneOf([self::KEEP, self::REST]);
        $taking = $cell->maybe('taking')?->oneOf([self::AT_ONCE, self::PICK_UP]);

        return $leaving === null && $taking === null ? null : new self($leaving === self::REST, $taking === self::PICK_UP);
    }

    /** @return array<string, string> in the open format; what is usual is left out */
    public function toArray(): array
    {
        return ($this->returnsToRest ? ['leaving' => self::REST] : []) + ($this->picksUp ? ['taking' => self::PICK_UP] : []);
    }

    public function inWords(): string
    {
        return implode(', ', array_filter([
            $this->picksUp ? 'picks the output up when it passes where that stands' : '',
            $this->returnsToRest ? 'returns it to rest when the layer goes' : '',
        ]));
    }
}
