<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

/** It can go on when the contact has opened, until it is pressed again. */
interface Latches extends Behaviour
{
    public function isLatched(): bool;

    /** Does each press turn its outputs on or off? */
    public function turnsOnAndOff(): bool;
}
