<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/**
 * One section of a set: parts of one sort, by key, or in groups by key and inner key. A new section is one class and
 * one line in Sections: it is then read, refused, written, inherited, told of, compared, undone and given back like the
 * others.
 */
interface Section
{
    /** The word in the file. */
    public static function name(): string;

    /** At which depth its parts lie: 1 by key, 2 by key and inner key. */
    public static function depth(): int;

    /** How many parts it, or one of its groups, may have: what can be read can be worked with. */
    public static function most(): int;

    /** @return array{string, string} what its parts are called, one and many */
    public static function called(): array;

    /** What it says, in a sentence for who reads a file or the docs. */
    public static function about(): string;

    /**
     * The fields of a part, where every part has the same; null where it says by a field of its own of which kind it
     * is.
     */
    public static function fields(): ?Fields;

    /**
     * Looks at one part.
     *
     * @param string $key of a section of depth 2 the inner key
     *
     * @throws FormatError with the place of what is wrong
     */
    public static function check(string $key, Node $part): void;

    /**
     * Looks at a group of a section of depth 2 before its parts are looked at.
     *
     * @throws FormatError with the place of what is wrong
     */
    public static function checkGroup(string $key, Node $group): void;

    /** @return array<string, mixed> one part in JSON Schema */
    public static function schema(): array;

    /**
     * A group of a section of depth 2, where its inner keys are few and known.
     *
     * @return ?array<string, array<string, mixed>> schemas by inner key; null if any can stand there
     */
    public static function schemaByKey(): ?array;

    /** Are the keys ids, rather than references of inputs, and the inner keys? */
    public static function keyIsId(): bool;

    public static function innerKeyIsId(): bool;

    /** Are the keys devices, so that its groups go with a device? */
    public static function keyIsDevice(): bool;

    /** Does it name devices, so that it is rewritten when one takes the place of another? */
    public static function namesDevices(): bool;

    /** Does a layer that goes take this part along, so that what a parent says of it is not heard any more? */
    public static function isUnheard(PartPath $path, Gone $gone): bool;

    /**
     * What is left of a part when something goes that it may name.
     *
     * @return ?array<string, mixed> itself if it does not name it; null if nothing is left of it, or it is what goes
     */
    public static function without(PartPath $path, Node $part, Gone $gone): ?array;

    /**
     * A part with other names in it, as it stands in the file: see Type::renamed(). Its key and inner key are not a
     * part of it.
     *
     * @param array<array-key, mixed>          $said
     * @param callable(string, string): string $as
     *
     * @return array<array-key, mixed>
     */
    public static function renamed(array $said, callable $as): array;

    /**
     * What a part is about: "Stop Cruise".
     *
     * @param ?string    $named what it calls itself, if it does
     * @param ?PartValue $said  what is said of it, in case the set knows it no more, or not yet
     */
    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string;

    /** What is said of it. */
    public static function inWords(PartPath $path, Node $part, Words $words): string;
}
