<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** What every kind does alike: reading and writing go over its fields. */
trait IsKind
{
    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node, string $id = ''): static
    {
        // A class that inherits this method shares its variables.
        /** @var array<class-string, Fields> $fields */
        static $fields = [];

        return static::from(($fields[static::class] ??= static::fields())->read($node, ['kind'], $id));
    }

    public function toArray(): array
    {
        return ['kind' => static::kind()] + $this->values();
    }
}
