<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Hand;

/** What a hand is told of a batch. */
final readonly class Taken
{
    /**
     * @param int          $n        number of the batch
     * @param int          $taken    how many of its inputs were taken
     * @param list<string> $problems inputs that could not be, in words
     */
    public function __construct(public int $n, public int $taken, public array $problems) {}
}
