<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/**
 * One kind of a family (outputs, behaviours, what is made, ...): a class that says all of itself. The word in the file,
 * what it is called on a page, what it does, its fields, and how it is made of them; a line in the list of its family,
 * and it is read, written, worded, offered in its form and described.
 */
interface Kind
{
    /** The word that stands for it in the file. */
    public static function kind(): string;

    /** What a list calls it: "a controller button". */
    public static function title(): string;

    /** What it does, in a sentence for who reads a file or the docs. */
    public static function about(): string;

    public static function fields(): Fields;

    /** @throws FormatError if its fields do not go together */
    public static function from(FieldValues $given): static;

    /**
     * @param string $id under which it stands; empty where it has none
     *
     * @throws FormatError with the place of what is wrong
     */
    public static function read(Node $node, string $id = ''): static;

    /** @return array<string, mixed> its fields in the open format; what is usual may be left out */
    public function values(): array;

    /** @return array<string, mixed> with its kind, in the open format */
    public function toArray(): array;
}
