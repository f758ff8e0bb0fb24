<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** What can stand in a field: how it is read, what it is in JSON Schema, and how its limits are told. */
interface Type
{
    /**
     * The value as the class that has the field works with it.
     *
     * @throws FormatError with the place, what was found, and what was expected
     */
    public function read(Node $node): mixed;

    /** @return array<string, mixed> the same limits in JSON Schema, draft 2020-12 */
    public function schema(): array;

    /** What may stand there, in a few words: "a whole number from 1 to 512". */
    public function inWords(): string;

    /** What stands beside its figures: ms, px, one of Number's parts; empty for most. */
    public function unit(): string;

    /** A value that may stand there, as it stands in the file. */
    public function example(): mixed;

    /**
     * The same value with other names in it: every id of a part of a set or of its simulator (see Id), and every
     * reference of an
     * input or a lamp (see Reference), as `$as` says it.
     *
     * @param mixed                            $value as it stands in the file;
     *                                         what is not as the type wants it is left alone
     * @param callable(string, string): string $as    given the sort and the name
     */
    public function renamed(mixed $value, callable $as): mixed;
}
