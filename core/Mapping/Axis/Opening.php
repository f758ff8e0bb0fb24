<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

/** How a stop is opened. */
enum Opening: string
{
    /** Open while its output is on. */
    case Held = 'held';

    /** A press opens it; it shuts when the value has been past it and is drawn back, or is not passed in time. */
    case UntilDrawnBack = 'until drawn back';

    /** Each press changes it. */
    case Flip = 'flip';

    /** Shut while its output is on, open otherwise. */
    case HeldShut = 'held shut';

    /** Is it open or shut just by whether its output is on, so that a contact that is found closed counts? */
    public function isState(): bool
    {
        return $this === self::Held || $this === self::HeldShut;
    }
}
