<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** An output that plays a macro of the set, or ends it. */
interface PlaysMacro extends UsesMacro
{
    /** Does it play it, rather than end it? */
    public function starts(): bool;
}
