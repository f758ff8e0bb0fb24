<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

/** How far a write has got. */
final class Sent
{
    /** Bytes that have gone over the cable. */
    public int $bytes = 0;

    /** Has the fault happened already? */
    public bool $isDone = false;

    /** Is a byte, counted from the first that is sent, in the next so many? */
    public function comesTo(int $byte, int $next): bool
    {
        return $byte >= $this->bytes && $byte < $this->bytes + $next;
    }
}
