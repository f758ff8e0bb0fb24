<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

/** It plays a macro, which has the outputs; the assignment has none of its own. */
interface PlaysItsMacro extends Behaviour
{
    /** Id of the macro. */
    public function macro(): string;
}
