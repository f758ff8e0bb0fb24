<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\Phase;
use Nailrod\Core\Format\Cause\Cause;

/** Devices that come and go while a run goes on. */
final readonly class Plugs
{
    public function __construct(private Run $run) {}

    /**
     * Its contacts open, as releases, and what it toggled or repeats ends; its axes stay where they are, but no longer
     * move the mouse.
     */
    public function goes(string $device): void
    {
        $cause = new Cause(Cause::UNPLUGGED);
        $this->run->state->away[$device] = true;
        $this->run->lettingGo->ofDevice($device, $cause);
        $this->run->lamps->update($cause);
    }

    /** It is back, with all that it reports open. */
    public function comes(string $device): void
    {
        unset($this->run->state->away[$device]);
        if ($this->run->state->phase === Phase::Running) {
            $this->run->contacts->findMade($device, new Cause(Cause::PLUGGED_IN));
            $this->run->lamps->update(new Cause(Cause::PLUGGED_IN));
        }
    }
}
