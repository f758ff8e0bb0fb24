<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;

/**
 * A sort of ready things: what of a set belongs together, so that it can be taken into another. A new one is one class
 * and one line.
 */
interface ShelfKind
{
    /** The word in the file. */
    public static function kind(): string;

    /** What one is called. */
    public static function title(): string;

    /** What it is, and what it needs to be taken, in a sentence. */
    public static function about(): string;

    /** Name of the icon that stands for it. */
    public static function icon(): string;

    /** @return array<string, string> names of those that a set has, by their ids */
    public static function offered(BindingSet $set): array;

    /** @return list<PartPath> all that belongs to one */
    public static function parts(BindingSet $set, string $id): array;
}
