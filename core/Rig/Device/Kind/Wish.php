<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** What actions of a game that belong together want of a control. */
enum Wish
{
    /** One of several settings. */
    case OneOfSeveral;

    /** Two that look one way and the other. */
    case LookBothWays;

    /** Two that set a thing one way and the other. */
    case SetBothWays;

    /** Two that go a step up and a step down. */
    case StepBothWays;

    /** One that is on or off, and can be told which. */
    case OnOrOff;

    /** One that happens. */
    case Press;

    public function isPair(): bool
    {
        return in_array($this, [self::LookBothWays, self::SetBothWays, self::StepBothWays], true);
    }
}
