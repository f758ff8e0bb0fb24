<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

/**
 * Presses of several contacts at a time, of which one does as the other does, can be one press: from the first closing
 * to the last opening.
 */
interface JoinsPresses
{
    public function joinsPresses(): bool;
}
