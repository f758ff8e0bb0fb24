<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Run\Run;

/** Stops a macro at every press. */
final readonly class StopMacro extends MacroOutput
{
    public static function kind(): string
    {
        return 'stop macro';
    }

    public function inWords(): string
    {
        return 'stops macro '.$this->macro;
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->macros->stop($this->macro, $cause);
    }
}
