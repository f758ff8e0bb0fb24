<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Fields;

/** For sections whose parts all have the same fields. */
trait HasFields
{
    abstract public static function fields(): Fields;

    public static function schema(): array
    {
        return self::fields()->schema();
    }

    public static function renamed(array $said, callable $as): array
    {
        return self::fields()->renamed($said, $as);
    }
}
