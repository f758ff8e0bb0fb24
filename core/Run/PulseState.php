<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;

/** A pulse that is on, or the pause after one, and the press that waits for its turn. */
final readonly class PulseState
{
    /** @param int $width in µs */
    public function __construct(public bool $on, public int $width, public ?Cause $waiting = null) {}
}
