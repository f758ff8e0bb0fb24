<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Run\Run;

/** For outputs that act at every press and hold nothing: letting go does nothing, being found closed is no press. */
trait OnEveryPress
{
    public function isHeld(): bool
    {
        return false;
    }

    public function startsWhenFound(Run $run): bool
    {
        return false;
    }

    public function release(Run $run, string $source, Cause $cause): void {}
}
