<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

use Nailrod\Core\Format\Cause\Cause;

/** A pulse that is on, or the pause after one, and the press that waits for its turn. */
final readonly class SentPulse
{
    /**
     * @param int    $output  its place in the assignment
     * @param int    $width   in µs
     * @param ?Cause $waiting why another one is to come; null if none waits
     */
    public function __construct(
        public int $assignment,
        public int $output,
        public bool $on,
        public int $width,
        public ?Cause $waiting = null,
    ) {}
}
