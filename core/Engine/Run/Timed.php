<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\Timer;

/** A part of the run that sets timers, and is told when one of its own is due. */
interface Timed
{
    public function timer(Timer $timer): void;
}
