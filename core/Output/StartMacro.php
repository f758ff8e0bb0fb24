<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Run\Run;

/** Starts a macro at every press. */
final readonly class StartMacro extends MacroOutput
{
    public static function kind(): string
    {
        return 'start macro';
    }

    public function inWords(): string
    {
        return 'starts macro '.$this->macro;
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->macros->press($this->macro, null, $cause);
    }
}
