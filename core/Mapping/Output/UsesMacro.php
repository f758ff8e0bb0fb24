<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** An output that does something to a macro of the set. */
interface UsesMacro extends Output
{
    /** Id of the macro. */
    public function macro(): string;

    /** What it does to it: "starts it". */
    public function does(): string;
}
