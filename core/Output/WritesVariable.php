<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

/** An output that writes a variable of the simulator. */
interface WritesVariable
{
    /** Id of the variable. */
    public function variable(): string;

    /** What it does to the variable of this name. */
    public function inWordsOf(string $name): string;
}
