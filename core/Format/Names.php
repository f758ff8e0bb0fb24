<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** What things are called, by what a document says of them; what is not known is called by its id. */
interface Names
{
    /** @param string $sort one of Type\Id's and Type\Reference's */
    public function of(string $sort, string $id): string;

    /** What a value of a variable is called: "cast off", else the number. */
    public function value(string $variable, float $value): string;
}
