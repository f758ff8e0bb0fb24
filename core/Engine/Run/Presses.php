<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\AssignmentRow;
use Nailrod\Core\Engine\Program\ChordRow;
use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\State\PressesState;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Behaviour\Assigned;
use Nailrod\Core\Mapping\Behaviour\Follows;
use Nailrod\Core\Mapping\Behaviour\JoinsPresses;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\KeepsInStep;

/** Presses of a run: each is bound to an assignment as it comes, and its release goes to the same one. */
final class Presses
{
    /**
     * The key in PressesState::$pressed of the press that is at work: what lets go of everything is a part of it, and
     * the rest of it comes after.
     */
    private ?int $pressing = null;

    /**
     * @var array<int, array<int, list<Step>>> that a contact closed, by its number, or opened, by the complement of it,
     *    and the layer of the assignment; made when first used
     */
    private array $steps = [];

    private readonly PressesState $own;

    /** @var array<int, bool> assignments that depend on a condition, or do as another contact does */
    private readonly array $conditional;

    /** @var array<int, true> those of chords: whichever of its contacts is pressed last, it is the chord that holds */
    private readonly array $ofChords;

    /**
     * @var array<int, array<int, Assigned>> assignments that a contact has pressed which does as theirs does; made when
     *    first used
     */
    private array $by = [];

    private readonly bool $hasChords;

    /** Does any contact do as another one does? */
    private readonly bool $hasAs;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->presses;
        $this->conditional = array_map(
            fn () => true,
            array_filter(
                $run->program->tables->assignments,
                fn (AssignmentRow $row) => $row->when !== null || $row->as !== null,
            ),
        );
        $this->ofChords = array_fill_keys(
            array_map(fn (ChordRow $row) => $row->assignment, $run->program->tables->chords),
            true,
        );
        $this->hasAs = array_filter(
            $run->program->tables->assignments,
            fn (AssignmentRow $row) => $row->as !== null,
        ) !== [];
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
        // What is found closed begins nothing here, so that no other press is a part of it.
        $assignment = $found && $this->joinsPresses($assignment) ? Program::NOTHING : $assignment;
        // The latest stands last, so that what came on last can end first.
        unset($this->own->pressed[$key]);
        $this->own->pressed[$key] = $assignment;
        if ($assignment !== Program::NOTHING) {
            $this->pressing = $key;
            $this->pressAssignment($assignment, $contact, $cause, $found);
            $this->pressing = null;
        }
    }

    /**
     * The assignment that a press is bound to now; where its condition does not hold what is done otherwise, or none.
     */
    public function bound(int $contact): int
    {
        $assignment = $this->run->layers->assignmentOf($contact);
        if (! isset($this->conditional[$assignment])) {
            return $assignment;
        }
        $as = $this->run->program->tables->assignments[$assignment]->as;
        if ($as !== null) {
            $assignment = $this->run->layers->assignmentOf($as);
            if ($assignment < 0 || $this->run->program->tables->assignments[$assignment]->as !== null) {
                return Program::NOTHING;
            }
        }
        $condition = $this->run->program->condition($assignment);

        return $condition === null || $condition->holds($this->run)
            ? $assignment
            : $this->run->program->tables->assignments[$assignment]->otherwise
            ?? Program::NOTHING;
    }

    public function pressAssignment(int $assignment, int $contact, Cause $cause, bool $found = false): void
    {
        if ($assignment !== Program::NOTHING) {
            $assigned = $this->hasAs ? $this->assigned($assignment, $contact)
                : $this->run->program->assigned($assignment);
            if ($this->hasAs && $this->isPressedByOther($assignment, $contact)) {
                return;
            }
            $acting = $this->run->acting;
            $this->run->acting = $assignment;
            $assigned->behaviour->press(
                $this->run,
                $assigned,
                $this->because($contact, true, $assignment, $cause),
                $found,
            );
            $this->run->acting = $acting;
        }
    }

    public function releaseAssignment(int $assignment, int $contact, Cause $cause): void
    {
        if ($assignment !== Program::NOTHING) {
            $assigned = $this->hasAs ? $this->assigned($assignment, $contact) : $this->run->program
                ->assigned($assignment);
            if ($this->hasAs && $this->isPressedByOther($assignment, $contact)) {
                return;
            }
            $assigned->behaviour->release($this->run, $assigned, $this->because($contact, false, $assignment, $cause));
        }
    }

    /**
     * The assignment as it is played for a contact; what the press of another contact holds, which does as its own
     * does, is held by a source of its own.
     */
    public function assigned(int $assignment, int $contact): Assigned
    {
        $assigned = $this->run->program->assigned($assignment);
        if (! $this->hasAs || $this->isOwn($assignment, $contact) || ! (
            $assigned->behaviour instanceof Follows || $assigned->behaviour instanceof PlaysItsMacro
        )) {
            return $assigned;
        }

        return $this->by[$assignment][$contact] ??= $assigned->by($contact);
    }

    /** Is it what the contact itself does, alone or in a chord, and not what another one does? */
    private function isOwn(int $assignment, int $contact): bool
    {
        $tables = $this->run->program->tables;

        return isset($this->ofChords[$assignment])
            || $tables->assignments[$assignment]->ref === $tables->contacts[$contact]->ref;
    }

    /**
     * Is a press of another contact still going on that this one is a part of? Then it neither begins nor ends
     * anything.
     */
    private function isPressedByOther(int $assignment, int $contact): bool
    {
        return $this->pressedToo($assignment, $contact) !== [];
    }

    /**
     * @return list<string> the other contacts of whose press one of this contact is a part, since one does as the other
     *    does
     */
    public function pressedToo(int $assignment, int $contact): array
    {
        $others = [];
        foreach ($this->joinsPresses($assignment) ? array_keys($this->own->pressed, $assignment, true) : [] as $key) {
            if ($key !== $contact && ~$key !== $contact) {
                $others[] = $this->run->program->tables->contacts[$key < 0 ? ~$key : $key]->ref;
            }
        }

        return $others;
    }

    private function joinsPresses(int $assignment): bool
    {
        if (! $this->hasAs || $assignment === Program::NOTHING) {
            return false;
        }
        $behaviour = $this->run->program->assigned($assignment)->behaviour;

        return $behaviour instanceof JoinsPresses && $behaviour->joinsPresses();
    }

    /** Could it not be assigned to a tick, which is over at once? */
    private function isOnlyHeld(int $assignment): bool
    {
        $assigned = $assignment === Program::NOTHING ? null : $this->run->program->assigned($assignment);

        return $assigned?->behaviour instanceof Follows && array_filter(
            $assigned->outputs,
            fn (ContactOutput $output) => $output->isHeld(),
        ) !== [];
    }

    /** One tick of an encoder: a contact that closes and opens at once. What it may only hold does nothing. */
    public function tick(int $contact, Cause $cause): void
    {
        $assignment = $this->bound($contact);
        if ($this->isOnlyHeld($assignment)) {
            return;
        }
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

    /**
     * The release of a press is to do nothing more; what lets go of everything is a part of the press at work, and the
     * rest of that comes after.
     */
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

    /**
     * The contact was found open: what is kept in step with it is told so; by the contact itself, not by one that does
     * as it does.
     */
    public function foundOpen(int $contact, Cause $cause): void
    {
        $assignment = $this->bound($contact);
        $assigned = $assignment < 0 || ! $this->isOwn($assignment, $contact)
            ? null
            : $this->run->program->assigned($assignment);
        if (! $assigned?->behaviour instanceof Follows) {
            return;
        }
        foreach ($assigned->outputs as $i => $output) {
            if ($output instanceof KeepsInStep) {
                $output->foundOpen(
                    $this->run,
                    $assigned->towards($i, $this->because($contact, false, $assignment, $cause)),
                );
            }
        }
    }

    private function because(int $contact, bool $closed, int $assignment, Cause $cause): Cause
    {
        $key = $closed ? $contact : ~$contact;
        $steps = $this->steps[$key][$assignment] ??= $this->stepsOf($contact, $closed, $assignment);

        return new Cause($cause->origin, $cause->steps === [] ? $steps : [...$cause->steps, ...$steps]);
    }

    /** @return list<Step> */
    private function stepsOf(int $contact, bool $closed, int $assignment): array
    {
        $tables = $this->run->program->tables;
        $row = $tables->assignments[$assignment];

        return [
            new Step($closed ? StepKind::Closed : StepKind::Opened, $tables->contacts[$contact]->ref),
            ...($this->isOwn($assignment, $contact) ? [] : [new Step(StepKind::DoesAs, $row->ref)]),
            new Step(StepKind::Layer, $tables->layers[$row->layer]->id),
            ...($row->isElse ? [new Step(StepKind::Otherwise, $row->ref)] : []),
        ];
    }
}
