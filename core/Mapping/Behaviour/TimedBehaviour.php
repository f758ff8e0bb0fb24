<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\Cause\Cause;

/** A behaviour that does something later: it sets timers, and is told when one is due. */
interface TimedBehaviour extends Behaviour
{
    /** @param string $what the name that it gave the timer */
    public function timer(Engine $run, Assigned $assigned, string $what, Cause $cause): void;

    /** Everything is let go of: what it holds or repeats ends. */
    public function end(Engine $run, Assigned $assigned, Cause $cause): void;
}
