<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

/** A contact or an axis in one layer. */
final readonly class Slot
{
    public function __construct(public string $layer, public string $ref) {}

    public function __toString(): string
    {
        return $this->layer.'/'.$this->ref;
    }
}
