<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** Two that say the same here drive the same, so that they get in each other's way. */
interface Drives extends Output
{
    /** What it drives, unique among all outputs: "button 7". */
    public function drives(): string;
}
