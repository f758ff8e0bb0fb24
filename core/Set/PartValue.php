<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

/** A part of a set and what is said of it; null takes away what the parent says. */
final readonly class PartValue
{
    public function __construct(public PartPath $path, public mixed $value) {}
}
