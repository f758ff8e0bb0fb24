<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

/**
 * A small part of a set, worked out once and kept beside it, so that a page on which many sets stand need not read the
 * whole of each.
 */
interface Excerpt
{
    public static function of(BindingSet $set): static;
}
