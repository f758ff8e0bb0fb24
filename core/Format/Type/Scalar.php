<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** A number, a word, yes or no: which of them is settled by something else. */
final readonly class Scalar implements Type
{
    use NamesNothing;

    private const LONGEST = 60;

    /** @throws FormatError */
    public function read(Node $node): bool|float|string
    {
        $value = $node->value;

        return match (true) {
            is_string($value) => $node->string(self::LONGEST),
            is_bool($value) => $value,
            is_int($value), is_float($value) => $node->number(-Number::FAR, Number::FAR),
            default => throw $node->refuse($this->inWords()),
        };
    }

    public function schema(): array
    {
        return ['type' => ['number', 'string', 'boolean']];
    }

    public function inWords(): string
    {
        return 'a number, a word, true or false';
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): int
    {
        return 480;
    }
}
