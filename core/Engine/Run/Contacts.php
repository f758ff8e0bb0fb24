<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\State\ContactsState;
use Nailrod\Core\Engine\State\Phase;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;

/** The contacts of a run: what is closed, and what opens and closes by an input. */
final class Contacts implements Timed
{
    public const OWNER = 'contacts';

    /** Counts every time that a contact closes, opens or is found. */
    public int $changes = 0;

    private readonly State $state;

    private readonly ContactsState $own;

    /** @var array<int, string> dials by the contacts that are their positions */
    private readonly array $dials;

    /** @var array<int, true> contacts from which something else is made */
    private readonly array $feeds;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->contacts;
        $this->state = $run->state;
        $this->dials = $run->rotaries->positions();
        $this->feeds = array_fill_keys(
            array_keys($run->program->tables->opposites + $run->program->tables->noneOf + $this->dials),
            true,
        );
    }

    /** Is this contact closed, as far as is known? */
    public function isClosed(string $ref): bool
    {
        return $this->own->closed[$this->run->program->contactIndex($ref)] ?? false;
    }

    /**
     * One input has changed these reported contacts. What becomes known by it acts first, as found; of all that changes
     * by it, what opens acts next, then what closes; each in file order.
     *
     * @param array<int, bool> $reported closed or open, by contact
     * @param bool             $isFirst  is it the first reading of an axis, which starts only what is a state?
     */
    public function report(array $reported, Cause $cause, bool $isFirst = false): void
    {
        $isRunning = $this->state->phase === Phase::Running;
        $tables = $this->run->program->tables;
        $found = $opening = $closing = [];
        foreach ($reported as $contact => $closed) {
            if (($this->own->closed[$contact] ?? null) === $closed) {
                continue;
            }
            $opposites = $isRunning ? $tables->opposites[$contact] ?? [] : [];
            if ($this->becomesKnown($contact)) {
                $found += [$contact => $closed] + array_fill_keys($opposites, ! $closed);

                continue;
            }
            $closed ? $closing[] = $contact : $opening[] = $contact;
            foreach ($opposites as $opposite) {
                $closed ? $opening[] = $opposite : $closing[] = $opposite;
            }
            foreach ($isRunning ? $tables->noneOf[$contact] ?? [] : [] as $none) {
                $this->noneOf($none, $reported, $cause, $opening, $closing);
            }
        }
        ksort($found);
        foreach ($found as $contact => $closed) {
            $this->found($contact, $closed, $cause);
        }
        $opening = array_unique($opening);
        $closing = array_unique($closing);
        sort($opening);
        sort($closing);
        foreach ($opening as $contact) {
            $this->opens($contact, $cause);
        }
        foreach ($closing as $contact) {
            $this->closes($contact, $cause, $isFirst || $this->state->phase === Phase::Finding);
        }
    }

    private function becomesKnown(int $contact): bool
    {
        return ! isset($this->own->closed[$contact]) && (
            $this->state->phase === Phase::Finding || $this->run->program->tables->contacts[$contact]->ofAxis
        );
    }

    /** One input has changed one contact: the common case, from which nothing else is made, in short. */
    public function change(int $contact, bool $closed, Cause $cause): void
    {
        $before = $this->own->closed[$contact] ?? null;
        if ($before === $closed) {
            return;
        }
        if ($before === null || $this->state->phase !== Phase::Running || isset($this->feeds[$contact])) {
            $this->report([$contact => $closed], $cause);

            return;
        }
        $this->own->closed[$contact] = $closed;
        $this->changes++;
        $closed ? $this->run->presses->press($contact, $cause, false) : $this->run->presses->release($contact, $cause);
    }

    /**
     * One that closes while none of others is closed: it opens at once, and closes after its settle time.
     *
     * @param array<int, bool> $reported what has just changed, by contact
     * @param list<int>        $opening
     * @param list<int>        $closing
     */
    private function noneOf(int $contact, array $reported, Cause $cause, array &$opening, array &$closing): void
    {
        $row = $this->run->program->tables->contacts[$contact];
        $allOpen = array_filter(
            $row->noneOf,
            fn (int $source) => $reported[$source] ?? $this->own->closed[$source] ?? false,
        ) === [];
        $this->run->timers->cancel(self::OWNER, $contact);
        if (! $allOpen && ($this->own->closed[$contact] ?? false)) {
            $opening[] = $contact;
        } elseif ($allOpen && $row->settle === 0) {
            $closing[] = $contact;
        } elseif ($allOpen) {
            $this->run->timers->set($row->settle, self::OWNER, $contact, $cause);
        }
    }

    public function timer(Timer $timer): void
    {
        $this->closes($timer->of, $timer->cause, false);
    }

    /**
     * A device has gone: all its contacts are open, also those that are made from others, and nothing about them is
     * waited for. What their presses began is not ended here.
     */
    public function openAll(string $device): void
    {
        foreach ($this->run->program->tables->contacts as $contact => $row) {
            if (str_starts_with($row->ref, $device.'/')) {
                $this->run->timers->cancel(self::OWNER, $contact);
                $this->run->debounce->forget($contact);
                $this->own->closed[$contact] = false;
                unset($this->state->chords->consumed[$contact]);
            }
        }
    }

    /** A device is back, all of what it reports open: what is made from that is found closed. */
    public function findMade(string $device, Cause $cause): void
    {
        foreach ($this->run->program->tables->contacts as $contact => $row) {
            $isMade = $row->opposite !== null || $row->noneOf !== [] || $this->run->rotaries->isAt($contact) === true;
            if ($isMade && str_starts_with($row->ref, $device.'/') && ! ($this->own->closed[$contact] ?? false)) {
                $this->found($contact, true, $cause);
            }
        }
    }

    /** Time has moved past 0: what no row has named is open, and the opposites are known. */
    public function settleFound(): void
    {
        $cause = new Cause(Cause::START);
        foreach ($this->run->program->tables->contacts as $contact => $row) {
            $sources = $row->opposite === null ? $row->noneOf : [$row->opposite];
            if ($this->isUnknown($contact)) {
                continue;
            }
            if ($sources !== []) {
                $this->found(
                    $contact,
                    array_filter($sources, fn (int $source) => $this->own->closed[$source] ?? false) === [],
                    $cause,
                );
            } elseif (! isset($this->own->closed[$contact])) {
                $this->found($contact, $this->run->rotaries->isAt($contact) === true, $cause);
            }
        }
    }

    /** A contact made from an axis, and its opposite, are not known until that axis has reported. */
    private function isUnknown(int $contact): bool
    {
        $contacts = $this->run->program->tables->contacts;
        $of = $contacts[$contact]->opposite ?? $contact;

        return $contacts[$of]->ofAxis && ! isset($this->own->closed[$of]);
    }

    /** The program under the hands has changed: what is closed or open counts as found, so that states hold at once. */
    public function findAgain(Cause $cause): void
    {
        foreach (array_keys($this->run->program->tables->contacts) as $contact) {
            if (isset($this->own->closed[$contact])) {
                $this->found($contact, $this->own->closed[$contact], $cause);
            }
        }
    }

    private function found(int $contact, bool $closed, Cause $cause): void
    {
        $this->own->closed[$contact] = $closed;
        $this->changes++;
        $closed ? $this->closesAt($contact, $cause, true) : $this->run->presses->foundOpen($contact, $cause);
    }

    private function closes(int $contact, Cause $cause, bool $isFound): void
    {
        $this->own->closed[$contact] = true;
        $this->changes++;
        $this->closesAt($contact, $cause, $isFound);
    }

    private function closesAt(int $contact, Cause $cause, bool $isFound): void
    {
        $this->run->presses->press($contact, $cause, $isFound);
        if (isset($this->dials[$contact])) {
            $isFound ? $this->run->rotaries->found($contact) : $this->run->rotaries->reaches($contact, $cause);
        }
    }

    private function opens(int $contact, Cause $cause): void
    {
        $this->own->closed[$contact] = false;
        $this->changes++;
        $this->run->presses->release($contact, $cause);
    }
}
