<?php

declare(strict_types=1);

namespace Nailrod\Core\Behaviour;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Program\Assigned;
use Nailrod\Core\Run\Run;

/** A behaviour that does something later: it sets timers through Later, and is told when one is due. */
interface TimedBehaviour extends Behaviour
{
    /** @param string $what the name that it gave the timer */
    public function timer(Run $run, Assigned $assigned, string $what, Cause $cause): void;

    /** Everything is let go of: what it holds or repeats ends. */
    public function end(Run $run, Assigned $assigned, Cause $cause): void;
}
