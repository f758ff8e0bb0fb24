<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Behaviour\Follows;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\Step;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Layer\Layer;
use Nailrod\Core\Output\KeepsInStep;
use Nailrod\Core\Program\AssignmentRow;
use Nailrod\Core\Program\Program;

/** The contacts of a run: what is closed, and which assignment each press was bound to. */
final class Contacts implements Timed
{
    public const OWNER = 'contacts';

    /** The key in State::$pressed of the press that is at work: what lets go of everything is a part of it, and the rest of it comes after. */
    private ?int $pressing = null;

    /** @var array<int, array<int, list<Step>>> that a contact closed, by its number, or opened, by the complement of it, and the layer of the assignment; made when first used */
    private array $steps = [];

    private readonly State $state;

    /** @var array<int, bool> assignments that depend on a condition */
    private readonly array $conditional;

    private readonly bool $hasChords;

    public function __construct(private readonly Run $run)
    {
        $this->state = $run->state;
        $this->conditional = array_map(fn () => true, array_filter($run->program->tables->assignments, fn (AssignmentRow $row) => $row->when !== null));
        $this->hasChords = $run->program->tables->chords !== [];
    }

    /** Is this contact closed, as far as is known? */
    public function isClosed(string $ref): bool
    {
        return $this->state->closed[$this->run->program->contactIndex($ref)] ?? false;
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
        $state = $this->state;
        $found = $opening = $closing = [];
        foreach ($reported as $contact => $closed) {
            if (($state->closed[$contact] ?? null) === $closed) {
                continue;
            }
            if (! isset($state->closed[$contact]) && ($state->phase === Phase::Finding || $this->run->program->tables->contacts[$contact]->ofAxis)) {
                $found[$contact] = $closed;
                foreach ($state->phase === Phase::Running ? $this->run->program->tables->opposites[$contact] ?? [] : [] as $opposite) {
                    $found[$opposite] = ! $closed;
                }

                continue;
            }
            $closed ? $closing[] = $contact : $opening[] = $contact;
            if ($state->phase === Phase::Running) {
                foreach ($this->run->program->tables->opposites[$contact] ?? [] as $opposite) {
                    $closed ? $opening[] = $opposite : $closing[] = $opposite;
                }
                foreach ($this->run->program->tables->noneOf[$contact] ?? [] as $none) {
                    $this->noneOf($none, $reported, $cause, $opening, $closing);
                }
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
            $this->release($contact, $cause);
        }
        foreach ($closing as $contact) {
            $this->press($contact, $cause, $isFirst || $state->phase === Phase::Finding);
        }
    }

    /** One input has changed one contact: the common case, from which nothing else is made, in short. */
    public function change(int $contact, bool $closed, Cause $cause): void
    {
        $state = $this->state;
        $before = $state->closed[$contact] ?? null;
        if ($before === $closed) {
            return;
        }
        $tables = $this->run->program->tables;
        if ($before === null || $state->phase !== Phase::Running || isset($tables->opposites[$contact]) || isset($tables->noneOf[$contact])) {
            $this->report([$contact => $closed], $cause);
        } elseif ($closed) {
            $this->press($contact, $cause, false);
        } else {
            $this->release($contact, $cause);
        }
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
        $state = $this->state;
        $row = $this->run->program->tables->contacts[$contact];
        $allOpen = array_filter($row->noneOf, fn (int $source) => $reported[$source] ?? $state->closed[$source] ?? false) === [];
        $this->run->timers->cancel(self::OWNER, (string) $contact);
        if (! $allOpen && ($state->closed[$contact] ?? false)) {
            $opening[] = $contact;
        } elseif ($allOpen && $row->settle === 0) {
            $closing[] = $contact;
        } elseif ($allOpen) {
            $this->run->timers->set($row->settle, self::OWNER, (string) $contact, $cause);
        }
    }

    public function timer(Timer $timer): void
    {
        $this->press((int) $timer->subject, $timer->cause, false);
    }

    /**
     * A device has gone: all its contacts are open, also those that are made from others, and nothing about them is
     * waited for. What their presses began is not ended here.
     */
    public function openAll(string $device): void
    {
        foreach ($this->run->program->tables->contacts as $contact => $row) {
            if (str_starts_with($row->ref, $device.'/')) {
                $this->run->timers->cancel(self::OWNER, (string) $contact);
                $this->run->debounce->forget($contact);
                $this->state->closed[$contact] = false;
                unset($this->state->consumed[$contact]);
            }
        }
    }

    /** A device is back, all of what it reports open: what is made from that is found closed. */
    public function findMade(string $device, Cause $cause): void
    {
        foreach ($this->run->program->tables->contacts as $contact => $row) {
            if (str_starts_with($row->ref, $device.'/') && ($row->opposite !== null || $row->noneOf !== []) && ! ($this->state->closed[$contact] ?? false)) {
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
                $this->found($contact, array_filter($sources, fn (int $source) => $this->state->closed[$source] ?? false) === [], $cause);
            } elseif (! isset($this->state->closed[$contact])) {
                $this->found($contact, false, $cause);
            }
        }
    }

    /** A contact made from an axis, and its opposite, are not known until that axis has reported. */
    private function isUnknown(int $contact): bool
    {
        $contacts = $this->run->program->tables->contacts;
        $of = $contacts[$contact]->opposite ?? $contact;

        return $contacts[$of]->ofAxis && ! isset($this->state->closed[$of]);
    }

    /** The program under the hands has changed: what is closed or open counts as found, so that states hold at once. */
    public function findAgain(Cause $cause): void
    {
        foreach (array_keys($this->run->program->tables->contacts) as $contact) {
            if (isset($this->state->closed[$contact])) {
                $this->found($contact, $this->state->closed[$contact], $cause);
            }
        }
    }

    private function found(int $contact, bool $closed, Cause $cause): void
    {
        if ($closed) {
            $this->press($contact, $cause, true);

            return;
        }
        $this->state->closed[$contact] = false;
        $assignment = $this->bound($contact);
        if ($assignment === Program::NOTHING) {
            return;
        }
        $assigned = $this->run->program->assigned($assignment);
        if ($assigned->behaviour instanceof Follows) {
            foreach ($assigned->outputs as $i => $output) {
                if ($output instanceof KeepsInStep) {
                    $output->foundOpen($this->run, $assigned->towards($i, $this->because($contact, false, $assignment, $cause)));
                }
            }
        }
    }

    private function press(int $contact, Cause $cause, bool $found): void
    {
        $state = $this->state;
        $state->closed[$contact] = true;
        $assignment = $this->bound($contact);
        $chords = $found || ! $this->hasChords ? [] : $this->run->chords->of($contact);
        if ($chords !== []) {
            $this->run->chords->press($contact, $chords, $assignment, $cause);

            return;
        }
        $this->bind($contact, $contact, $assignment, $cause, $found);
    }

    /** The press of a member of a chord that has not formed. */
    public function pressLate(int $contact, int $assignment, Cause $cause): void
    {
        $this->bind(~$contact, $contact, $assignment, $cause, false);
    }

    private function bind(int $key, int $contact, int $assignment, Cause $cause, bool $found): void
    {
        // The latest stands last, so that what came on last can end first.
        unset($this->state->pressed[$key]);
        $this->state->pressed[$key] = $assignment;
        if ($assignment !== Program::NOTHING) {
            $this->pressing = $key;
            $this->pressAssignment($assignment, $contact, $cause, $found);
            $this->pressing = null;
        }
    }

    /** The assignment that a press is bound to now; none if its condition does not hold. */
    private function bound(int $contact): int
    {
        $assignment = $this->run->layers->assignmentOf($contact);
        if (! isset($this->conditional[$assignment])) {
            return $assignment;
        }
        $condition = $this->run->program->condition($assignment);

        return $condition === null || $condition->holds($this->run) ? $assignment : Program::NOTHING;
    }

    public function pressAssignment(int $assignment, int $contact, Cause $cause, bool $found = false): void
    {
        if ($assignment !== Program::NOTHING) {
            $assigned = $this->run->program->assigned($assignment);
            $acting = $this->run->acting;
            $this->run->acting = $assignment;
            $assigned->behaviour->press($this->run, $assigned, $this->because($contact, true, $assignment, $cause), $found);
            $this->run->acting = $acting;
        }
    }

    public function releaseAssignment(int $assignment, int $contact, Cause $cause): void
    {
        if ($assignment !== Program::NOTHING) {
            $assigned = $this->run->program->assigned($assignment);
            $assigned->behaviour->release($this->run, $assigned, $this->because($contact, false, $assignment, $cause));
        }
    }

    /** One tick of an encoder: a contact that closes and opens at once. What it may only hold does nothing. */
    public function tick(int $contact, Cause $cause): void
    {
        $assignment = $this->bound($contact);
        $this->pressAssignment($assignment, $contact, $cause);
        $this->releaseAssignment($assignment, $contact, $cause);
    }

    /**
     * Presses that were bound to an assignment and are not released yet, the latest first.
     *
     * @return list<array{int, int, int}> its key in State::$pressed, the contact, the assignment
     */
    public function pressedLastFirst(): array
    {
        $pressed = [];
        foreach (array_reverse($this->state->pressed, true) as $key => $assignment) {
            $pressed[] = [$key, $key < 0 ? ~$key : $key, $assignment];
        }

        return $pressed;
    }

    /** The release of a press is to do nothing more; what lets go of everything is a part of the press at work, and the rest of that comes after. */
    public function spend(int $key): void
    {
        if ($key === $this->pressing) {
            return;
        }
        if ($key < 0) {
            $this->forget($key);
        } else {
            $this->state->pressed[$key] = Program::NOTHING;
        }
    }

    /** The press is over: its contact has gone with its device. */
    public function forget(int $key): void
    {
        unset($this->state->pressed[$key]);
        if ($key < 0) {
            $this->run->chords->over(~$key);
        }
    }

    /** The release of a press that came late. */
    public function releaseLate(int $contact, Cause $cause): void
    {
        $assignment = $this->state->pressed[~$contact] ?? Program::NOTHING;
        unset($this->state->pressed[~$contact]);
        $this->releaseAssignment($assignment, $contact, $cause);
    }

    private function release(int $contact, Cause $cause): void
    {
        $state = $this->state;
        $state->closed[$contact] = false;
        if ($this->hasChords && $this->run->chords->release($contact, $cause)) {
            return;
        }
        $assignment = $state->pressed[$contact] ?? Program::NOTHING;
        unset($state->pressed[$contact]);
        $this->releaseAssignment($assignment, $contact, $cause);
    }

    private function because(int $contact, bool $closed, int $assignment, Cause $cause): Cause
    {
        $key = $closed ? $contact : ~$contact;
        $steps = $this->steps[$key][$assignment] ??= [
            new Step($closed ? StepKind::Closed : StepKind::Opened, $this->run->program->tables->contacts[$contact]->ref),
            new Step(StepKind::Layer, $this->run->program->tables->layers[$this->run->program->tables->assignments[$assignment]->layer]->id),
        ];

        return new Cause($cause->origin, $cause->steps === [] ? $steps : [...$cause->steps, ...$steps]);
    }
}
