<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;

/** An output that a contact can drive. */
interface ContactOutput extends Output
{
    /** Held outputs are on or off and may be held by several sources; once outputs act at every press. */
    public function isHeld(): bool;

    /** Does it start for a contact that was found closed when the run began? */
    public function startsWhenFound(Effects $run): bool;

    /** @param string $source the one who holds it, unique within the run */
    public function press(Effects $run, string $source, Cause $cause): void;

    public function release(Effects $run, string $source, Cause $cause): void;
}
