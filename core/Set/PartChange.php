<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

/** One part before and after; null where the set did not say it. */
final readonly class PartChange
{
    public function __construct(public PartPath $path, public ?PartValue $before, public ?PartValue $after) {}
}
