<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** It tells a stop to open. */
interface OpensStop extends Output
{
    /** Id of the stop. */
    public function stop(): string;
}
