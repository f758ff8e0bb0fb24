<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

/** For types whose values name no part of a set, and no input. */
trait NamesNothing
{
    public function renamed(mixed $value, callable $as): mixed
    {
        return $value;
    }
}
