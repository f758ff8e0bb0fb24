<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** What one part of a run remembers. */
interface PartState
{
    /** What of it stays when the program under the hands is changed, in the numbers of the new one. */
    public function carried(Renumbering $to): static;
}
