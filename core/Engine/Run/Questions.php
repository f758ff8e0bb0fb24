<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Mapping\Behaviour\Assigned;
use Nailrod\Core\Mapping\Behaviour\Latches;
use Nailrod\Core\Mapping\Condition\Condition;

/** What can be asked of a machine between two inputs; asking changes nothing. */
final readonly class Questions
{
    public function __construct(private Run $run) {}

    public function holds(Condition $condition): bool
    {
        return $condition->holds($this->run);
    }

    /**
     * Id of the shut stop that holds the value of an axis back just now; null if none does, or the set does not use the
     * axis.
     */
    public function heldBy(string $port): ?string
    {
        $axis = $this->run->program->tables->axisPorts[$port] ?? null;

        return $axis === null ? null : $this->run->axes->heldBy($axis);
    }

    /**
     * What a press of a contact would do now, its condition judged; null for nothing, and for what is no contact of the
     * program.
     */
    public function boundTo(string $ref): ?Assigned
    {
        $contact = $this->run->program->contactIndex($ref);
        $assignment = $contact < 0 ? Program::NOTHING : $this->run->presses->bound($contact);

        return $assignment === Program::NOTHING ? null : $this->run->program->assigned($assignment);
    }

    /**
     * Who else holds what a press of this contact holds, so that the press alone has sent nothing.
     *
     * @return list<string> references of contacts; empty ones stand for a chord or a macro
     */
    public function alsoHolding(string $ref): array
    {
        $contact = $this->run->program->contactIndex($ref);
        $assignment = $contact < 0 ? Program::NOTHING : $this->run->presses->bound($contact);
        if ($assignment === Program::NOTHING) {
            return [];
        }
        $own = $this->run->presses->assigned($assignment, $contact)->holder().':';
        $others = $this->run->presses->pressedToo($assignment, $contact);
        foreach ($this->held() as $sources) {
            if (array_filter($sources, fn (string $source): bool => str_starts_with($source, $own)) !== []) {
                array_push(
                    $others,
                    ...array_map(
                        $this->contactOf(...),
                        array_filter($sources, fn (string $source): bool => ! str_starts_with($source, $own)),
                    ),
                );
            }
        }

        return array_values(array_unique($others));
    }

    /** Is it a toggle that is off just now? */
    public function isToggledOff(string $ref): bool
    {
        $does = $this->boundTo($ref);

        return $does?->behaviour instanceof Latches
            && $does->behaviour->turnsOnAndOff()
            && ! $this->run->isToggled($does);
    }

    /** @return list<list<string>> for each thing that is held, the sources that hold it */
    private function held(): array
    {
        $state = $this->run->state;
        $layers = [];
        foreach ($state->layers->held as [$layer, $source]) {
            $layers[$layer][$source] = true;
        }
        $all = [
            $state->holds->holders,
            ...$state->hats->holders,
            $state->stops->holders,
            $state->variables->holders,
            $layers,
        ];

        return array_map(
            fn (array $sources): array => array_map(strval(...), array_keys($sources)),
            array_merge(...array_map(array_values(...), $all)),
        );
    }

    /** The contact whose assignment a source is: see Assigned::source(). */
    private function contactOf(string $source): string
    {
        if (preg_match('/^(\d+)(?:@(\d+))?:/', $source, $of) !== 1) {
            return '';
        }
        $tables = $this->run->program->tables;

        return isset($of[2]) ? $tables->contacts[(int) $of[2]]->ref : $tables->assignments[(int) $of[1]]->ref ?? '';
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
