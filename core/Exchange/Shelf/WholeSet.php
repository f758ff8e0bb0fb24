<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\SetDocument;

/** A whole set with its parents, the devices that it is for and the list of its game. */
final class WholeSet implements HoldsFile
{
    public static function kind(): string
    {
        return 'set';
    }

    public static function title(): string
    {
        return 'Whole set';
    }

    public static function about(): string
    {
        return 'A set with all that it inherits. It brings the devices and the game that are not here; devices that '
            .'are here can stand for them.';
    }

    public static function icon(): string
    {
        return 'book-open';
    }

    public static function format(): string
    {
        return SetDocument::FORMAT;
    }

    public static function offered(BindingSet $set): array
    {
        return [$set->merged->own->id => $set->merged->own->name];
    }

    public static function parts(BindingSet $set, string $id): array
    {
        return [];
    }
}
