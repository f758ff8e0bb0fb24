<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;

/** For outputs that act at every press and hold nothing: letting go does nothing, being found closed is no press. */
trait OnEveryPress
{
    public function isHeld(): bool
    {
        return false;
    }

    public function startsWhenFound(Effects $run): bool
    {
        return false;
    }

    public function release(Effects $run, string $source, Cause $cause): void {}
}
