<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Behaviour\Assigned;
use Nailrod\Core\Condition\Condition;
use Nailrod\Core\Program\Program;

/** What can be asked of a machine between two inputs; asking changes nothing. */
final readonly class Questions
{
    public function __construct(private Run $run) {}

    public function holds(Condition $condition): bool
    {
        return $condition->holds($this->run);
    }

    /** Id of the shut stop that holds the value of an axis back just now; null if none does, or the set does not use the axis. */
    public function heldBy(string $port): ?string
    {
        $axis = $this->run->program->tables->axisPorts[$port] ?? null;

        return $axis === null ? null : $this->run->lanes->heldBy($axis);
    }

    /** What a press of a contact would do now, its condition judged; null for nothing, and for what is no contact of the program. */
    public function boundTo(string $ref): ?Assigned
    {
        $contact = $this->run->program->contactIndex($ref);
        $assignment = $contact < 0 ? Program::NOTHING : $this->run->presses->bound($contact);

        return $assignment === Program::NOTHING ? null : $this->run->program->assigned($assignment);
    }

    /** What it does where its condition holds; null if it does nothing of its own. */
    public function firstOf(string $ref): ?Assigned
    {
        $contact = $this->run->program->contactIndex($ref);
        $assignment = $contact < 0 ? Program::NOTHING : $this->run->layers->assignmentOf($contact);
        $as = $this->run->program->tables->assignments[$assignment]->as ?? null;
        $assignment = $as === null ? $assignment : $this->run->layers->assignmentOf($as);

        return $assignment < 0 ? null : $this->run->program->assigned($assignment);
    }

    /** Is it one of two, of which a condition decides? */
    public function isOneOfTwo(Assigned $does): bool
    {
        $row = $this->run->program->tables->assignments[$does->id];

        return $row->otherwise !== null || $row->isElse;
    }

    /** Place of the output that a press would send next; null if it always does the same. */
    public function turnOf(Assigned $does): ?int
    {
        return $does->turn($this->run->state->assignments->cycles[$does->id] ?? null, $this->run->elapsed());
    }
}
