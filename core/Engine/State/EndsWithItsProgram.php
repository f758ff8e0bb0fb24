<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/**
 * Nothing of it stays when the program under the hands is changed: all that is held, waiting or timed has ended before.
 */
trait EndsWithItsProgram
{
    public function carried(Renumbering $to): static
    {
        return new static;
    }
}
