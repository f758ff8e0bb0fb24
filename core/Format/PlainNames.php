<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** Where nothing has a name: everything is called by its id. */
final readonly class PlainNames implements Names
{
    public function of(string $sort, string $id): string
    {
        return $id;
    }

    public function value(string $variable, float $value): string
    {
        return (string) json_encode(round($value, 6));
    }
}
