<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\Phase;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\InputError;

/** How time passes in a run: it begins, it settles, timers fire on the way. */
final readonly class Clock
{
    public function __construct(private Run $run) {}

    /** @throws InputError if that is before now */
    public function passTo(Input $input): void
    {
        $state = $this->run->state;
        if ($input->t < $state->now) {
            throw InputError::backInTime($input, $state->now);
        }
        if ($state->phase !== Phase::Running) {
            $this->settle();
        }
        $this->fireUntil($input->t);
        $state->now = $input->t;
    }

    /** The run begins: it is found, not pressed, until time has moved on. */
    public function begin(): void
    {
        $this->run->state->phase = Phase::Finding;
        $this->run->stops->begin(new Cause(Cause::START));
        $this->run->lamps->update(new Cause(Cause::START));
    }

    /** What no row has named is known now. */
    public function settle(): void
    {
        $this->run->state->phase = Phase::Running;
        $this->run->contacts->settleFound();
        $this->run->lamps->update(new Cause(Cause::START));
    }

    /** @param int $t in µs */
    public function fireUntil(int $t): void
    {
        while ($this->run->state->timers !== [] && $this->run->state->timers[0]->due <= $t) {
            $timer = $this->run->timers->take();
            $this->run->state->now = $timer->due;
            $this->run->fire($timer);
            if ($this->run->lamps->isRuled) {
                $this->run->lamps->update($timer->cause);
            }
        }
    }
}
