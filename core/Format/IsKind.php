<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** What every kind does alike: reading and writing go over its fields. */
trait IsKind
{
    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): static
    {
        /** @var ?Fields $fields */
        static $fields = null;

        return static::from(($fields ??= static::fields())->read($node, ['kind']));
    }

    public function toArray(): array
    {
        return ['kind' => static::kind()] + $this->values();
    }
}
