<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;

/** It keeps a variable of the simulator at one of two values, so that a switch and the game cannot fall out of step. */
interface KeepsInStep extends WritesVariable
{
    /** Its contact is found open. */
    public function foundOpen(Effects $run, Cause $cause): void;
}
