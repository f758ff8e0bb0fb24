<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

use Nailrod\Core\Format\Cause\Cause;

/** The tick that is on, or the gap after one, and those that wait. */
final readonly class TickQueue
{
    /**
     * @param ?int                    $on      place of the output that is on; null in a gap
     * @param list<array{int, Cause}> $waiting place of the output and why, of each that waits
     */
    public function __construct(public ?int $on, public array $waiting) {}
}
