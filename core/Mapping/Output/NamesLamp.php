<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** It names a lamp of the rig, which must be there. */
interface NamesLamp extends Output
{
    /** Reference of the lamp: device/lamp. */
    public function lamp(): string;
}
