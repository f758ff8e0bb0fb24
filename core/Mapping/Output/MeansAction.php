<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** It stands for an action of the simulator, and is reached by whatever way the set has for that. */
interface MeansAction extends Output
{
    /** Id of the action. */
    public function action(): string;
}
