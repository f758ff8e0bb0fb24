<?php

declare(strict_types=1);

namespace Nailrod\Core\Program;

/** Stands in the PHP file of a program as var_export() writes it. */
trait Constant
{
    /** @param array<string, mixed> $properties by name, as var_export() wrote them */
    public static function __set_state(array $properties): self
    {
        return (new \ReflectionClass(self::class))->newInstanceArgs($properties);
    }
}
