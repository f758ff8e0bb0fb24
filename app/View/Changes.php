<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Set\PartChange;
use Nailrod\Core\Set\Words;

/** Changes of a set as rows of a table. */
final class Changes
{
    /**
     * @param list<PartChange> $changes
     *
     * @return list<array{subject: string, before: string, after: string}> empty words where nothing is said
     */
    public static function rows(Words $words, array $changes): array
    {
        return array_map(fn (PartChange $change) => [
            'subject' => $words->subject($change->path, $words->naming($change)),
            'before' => $change->before === null ? '' : $words->value($change->before),
            'after' => $change->after === null ? '' : $words->value($change->after),
        ], $changes);
    }
}
