<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

/** How a stop is opened. */
enum Opening: string
{
    case Held = 'held';
    case UntilDrawnBack = 'until drawn back';
}
