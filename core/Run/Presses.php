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
use Nailrod\Core\State\PressesState;

/** Presses of a run: each is bound to an assignment as it comes, and its release goes to the same one. */
final class Presses
{
    /** The key in PressesState::$pressed of the press that is at work: what lets go of everything is a part of it, and the rest of it comes after. */
    private ?int $pressing = null;

    /** @var array<int, array<int, list<Step>>> that a contact closed, by its number, or opened, by the complement of it, and the layer of the assignment; made when first used */
    private array $steps = [];

    private readonly PressesState $own;

    /** @var array<int, bool> assignments that depend on a condition */
    private readonly array $conditional;

    private readonly bool $hasChords;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->presses;
        $this->conditional = array_map(fn () => true, array_filter($run->program->tables->assignments, fn (AssignmentRow $row) => $row->when !== null));
        $this->hasChords = $run->program->tables->chords !== [];
    }

    /** @param bool $found was the contact found closed, which starts only what is a state? */
    public function press(int $contact, Cause $cause, bool $found): void
    {
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
        unset($this->own->pressed[$key]);
        $this->own->pressed[$key] = $assignment;
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
     * @return list<array{int, int, int}> its key in PressesState::$pressed, the contact, the assignment
     */
    public function pressedLastFirst(): array
    {
        $pressed = [];
        foreach (array_reverse($this->own->pressed, true) as $key => $assignment) {
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
            $this->own->pressed[$key] = Program::NOTHING;
        }
    }

    /** The press is over: its contact has gone with its device. */
    public function forget(int $key): void
    {
        unset($this->own->pressed[$key]);
        if ($key < 0) {
            $this->run->chords->over(~$key);
        }
    }

    /** The release of a press that came late. */
    public function releaseLate(int $contact, Cause $cause): void
    {
        $assignment = $this->own->pressed[~$contact] ?? Program::NOTHING;
        unset($this->own->pressed[~$contact]);
        $this->releaseAssignment($assignment, $contact, $cause);
    }

    public function release(int $contact, Cause $cause): void
    {
        if ($this->hasChords && $this->run->chords->release($contact, $cause)) {
            return;
        }
        $assignment = $this->own->pressed[$contact] ?? Program::NOTHING;
        unset($this->own->pressed[$contact]);
        $this->releaseAssignment($assignment, $contact, $cause);
    }

    /** The contact was found open: what is kept in step with it is told so. */
    public function foundOpen(int $contact, Cause $cause): void
    {
        $assignment = $this->bound($contact);
        $assigned = $assignment === Program::NOTHING ? null : $this->run->program->assigned($assignment);
        if (! $assigned?->behaviour instanceof Follows) {
            return;
        }
        foreach ($assigned->outputs as $i => $output) {
            if ($output instanceof KeepsInStep) {
                $output->foundOpen($this->run, $assigned->towards($i, $this->because($contact, false, $assignment, $cause)));
            }
        }
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
