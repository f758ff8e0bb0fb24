<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;

/** It keeps a variable of the simulator at one of two values, so that a switch and the game cannot fall out of step. */
interface KeepsInStep extends WritesVariable
{
    /** Its contact is found open. */
    public function foundOpen(Effects $run, Cause $cause): void;
}
