<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

/** How an axis drives an output just now, as it is told to the program that takes over. */
final readonly class Sending
{
    /**
     * @param int|float|null $sent  what it sent last, or would have while it waits; null before its first reading
     * @param bool           $waits does it wait until it passes where the output stands?
     * @param int|float|null $rest  what it sends when it leaves the output; null if it leaves it as it is
     */
    public function __construct(
        public Route $route,
        public int|float|null $sent,
        public bool $waits,
        public int|float|null $rest,
    ) {}
}
