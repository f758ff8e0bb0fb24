<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

/** An output that does something to a macro of the set. */
interface PlaysMacro extends Output
{
    /** Id of the macro. */
    public function macro(): string;

    /** Does it play it, rather than end it? */
    public function starts(): bool;
}
