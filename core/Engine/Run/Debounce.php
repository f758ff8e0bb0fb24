<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\DebounceState;
use Nailrod\Core\Engine\State\Phase;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;

/**
 * Keeps contacts that chatter quiet: the first change counts at once, changes within the time are ignored, at its end
 * the true state is taken, and a change then starts a new time.
 */
final class Debounce implements Timed
{
    public const OWNER = 'debounce';

    private readonly DebounceState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->debounce;
    }

    /**
     * @param array<int, bool> $reported closed or open, by contact
     *
     * @return array<int, bool> those that count now
     */
    public function filter(array $reported, Cause $cause): array
    {
        $state = $this->run->state;
        foreach ($reported as $contact => $closed) {
            $time = $this->run->program->tables->contacts[$contact]->debounce;
            if ($time === 0 || $state->phase !== Phase::Running) {
                continue;
            }
            if (isset($this->own->bouncing[$contact])) {
                $this->own->bouncing[$contact] = [$closed, $cause];
                unset($reported[$contact]);
            } elseif (($state->contacts->closed[$contact] ?? false) !== $closed) {
                $this->begin($contact, $closed, $time, $cause);
            }
        }

        return $reported;
    }

    public function timer(Timer $timer): void
    {
        $state = $this->run->state;
        $contact = $timer->of;
        [$closed, $cause] = $this->own->bouncing[$contact];
        unset($this->own->bouncing[$contact]);
        if ($closed !== ($state->contacts->closed[$contact] ?? false)) {
            $this->begin($contact, $closed, $this->run->program->tables->contacts[$contact]->debounce, $cause);
            $this->run->contacts->report([$contact => $closed], $cause);
        }
    }

    /** The time of a contact is over, and what was reported within it is forgotten. */
    public function forget(int $contact): void
    {
        if (isset($this->own->bouncing[$contact])) {
            unset($this->own->bouncing[$contact]);
            $this->run->timers->cancel(self::OWNER, $contact);
        }
    }

    private function begin(int $contact, bool $closed, int $time, Cause $cause): void
    {
        $this->own->bouncing[$contact] = [$closed, $cause];
        $this->run->timers->set($time, self::OWNER, $contact, $cause);
    }
}
