<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** For outputs that are on while they are held: a contact that is found closed holds them at once. */
trait IsHeld
{
    public function isHeld(): bool
    {
        return true;
    }

    public function startsWhenFound(Effects $run): bool
    {
        return true;
    }
}
