<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;

/**
 * Keeps contacts that chatter quiet: the first change counts at once, changes within the time are ignored, at its end
 * the true state is taken, and a change then starts a new time.
 */
final class Debounce implements Timed
{
    public const OWNER = 'debounce';

    public function __construct(private readonly Run $run) {}

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
            if (isset($state->bouncing[$contact])) {
                $state->bouncing[$contact] = [$closed, $cause];
                unset($reported[$contact]);
            } elseif (($state->closed[$contact] ?? false) !== $closed) {
                $this->begin($contact, $closed, $time, $cause);
            }
        }

        return $reported;
    }

    public function timer(Timer $timer): void
    {
        $state = $this->run->state;
        $contact = (int) $timer->subject;
        [$closed, $cause] = $state->bouncing[$contact];
        unset($state->bouncing[$contact]);
        if ($closed !== ($state->closed[$contact] ?? false)) {
            $this->begin($contact, $closed, $this->run->program->tables->contacts[$contact]->debounce, $cause);
            $this->run->contacts->report([$contact => $closed], $cause);
        }
    }

    /** What was reported last of a contact, though its time may not be over; null if nothing was reported within it. */
    public function lastWord(int $contact): ?bool
    {
        return $this->run->state->bouncing[$contact][0] ?? null;
    }

    /** The time of a contact is over, and what was reported within it is forgotten. */
    public function forget(int $contact): void
    {
        if (isset($this->run->state->bouncing[$contact])) {
            unset($this->run->state->bouncing[$contact]);
            $this->run->timers->cancel(self::OWNER, (string) $contact);
        }
    }

    private function begin(int $contact, bool $closed, int $time, Cause $cause): void
    {
        $this->run->state->bouncing[$contact] = [$closed, $cause];
        $this->run->timers->set($time, self::OWNER, (string) $contact, $cause);
    }
}
