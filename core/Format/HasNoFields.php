<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** A kind that is all said by its name. */
trait HasNoFields
{
    public static function fields(): Fields
    {
        return Fields::of();
    }

    public static function from(FieldValues $given): static
    {
        return new self;
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return [];
    }
}
