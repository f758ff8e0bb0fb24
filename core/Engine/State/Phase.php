<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

enum Phase
{
    /** Nothing has happened, not even the start. */
    case Fresh;

    /** At time 0: rows say how the rig is found. */
    case Finding;

    case Running;
}
