<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

/** A kind that is not made of parts but of a file of a format of its own, which is looked at and taken as such. */
interface HoldsFile extends ShelfKind
{
    /** The format of that file. */
    public static function format(): string;
}
