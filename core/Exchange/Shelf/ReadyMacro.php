<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;

/** A macro with all its steps. */
final class ReadyMacro implements ShelfKind
{
    public static function kind(): string
    {
        return 'macro';
    }

    public static function title(): string
    {
        return 'Macro';
    }

    public static function about(): string
    {
        return 'One press that plays many. It needs the actions that it plays.';
    }

    public static function icon(): string
    {
        return 'repeat';
    }

    public static function offered(BindingSet $set): array
    {
        return array_map(fn ($macro) => $macro->name, $set->macros);
    }

    public static function parts(BindingSet $set, string $id): array
    {
        return isset($set->macros[$id]) ? [PartPath::macro($id)] : [];
    }
}
