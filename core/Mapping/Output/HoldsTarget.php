<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;

/** For outputs that hold one target of one kind of event, and nothing else. */
trait HoldsTarget
{
    use IsHeld;

    /** One of OutputEvent's kinds. */
    abstract protected function event(): string;

    abstract protected function target(): string;

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->hold($this->event(), $this->target(), $source, $cause);
    }

    public function release(Effects $run, string $source, Cause $cause): void
    {
        $run->letGo($this->event(), $this->target(), $source, $cause);
    }
}
