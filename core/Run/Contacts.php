<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Behaviour\Follow;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Output\OnOffVariable;
use Nailrod\Core\Program\Program;

/** The contacts of a run: what is closed, and which assignment each press was bound to. */
final class Contacts
{
    public function __construct(private readonly Run $run) {}

    /**
     * One input has changed these reported contacts. Of all that changes by it, what opens acts first, then what
     * closes, each in file order.
     *
     * @param array<int, bool> $reported closed or open, by contact
     */
    public function report(array $reported, Cause $cause): void
    {
        $state = $this->run->state;
        $opening = $closing = [];
        foreach ($reported as $contact => $closed) {
            if (($state->closed[$contact] ?? null) === $closed) {
                continue;
            }
            if ($state->phase === Phase::Finding && ! isset($state->closed[$contact])) {
                $this->found($contact, $closed, $cause);

                continue;
            }
            $closed ? $closing[] = $contact : $opening[] = $contact;
            if ($state->phase === Phase::Running) {
                foreach ($this->run->program->tables['opposites'][$contact] ?? [] as $opposite) {
                    $closed ? $opening[] = $opposite : $closing[] = $opposite;
                }
            }
        }
        sort($opening);
        sort($closing);
        foreach ($opening as $contact) {
            $this->release($contact, $cause);
        }
        foreach ($closing as $contact) {
            $this->press($contact, $cause, $state->phase === Phase::Finding);
        }
    }

    /** Time has moved past 0: what no row has named is open, and the opposites are known. */
    public function settleFound(): void
    {
        $cause = new Cause(Cause::START);
        foreach ($this->run->program->tables['contacts'] as $contact => $row) {
            if ($row['opposite'] !== null) {
                $this->found($contact, ! ($this->run->state->closed[$row['opposite']] ?? false), $cause);
            } elseif (! isset($this->run->state->closed[$contact])) {
                $this->found($contact, false, $cause);
            }
        }
    }

    /** The program under the hands has changed: what is closed or open counts as found, so that states hold at once. */
    public function findAgain(Cause $cause): void
    {
        foreach ($this->run->state->closed as $contact => $closed) {
            $this->found($contact, $closed, $cause);
        }
    }

    private function found(int $contact, bool $closed, Cause $cause): void
    {
        if ($closed) {
            $this->press($contact, $cause, true);

            return;
        }
        $this->run->state->closed[$contact] = false;
        $assignment = $this->run->layers->assignmentOf($contact);
        if ($assignment === Program::NOTHING) {
            return;
        }
        $assigned = $this->run->program->assigned($assignment);
        if ($assigned->behaviour instanceof Follow) {
            foreach ($assigned->outputs as $i => $output) {
                if ($output instanceof OnOffVariable) {
                    $this->run->variables->foundOpen($output->name, $output->off, $assigned->towards($i, $this->because($contact, false, $assignment, $cause)));
                }
            }
        }
    }

    private function press(int $contact, Cause $cause, bool $found): void
    {
        $this->run->state->closed[$contact] = true;
        $assignment = $this->run->layers->assignmentOf($contact);
        $this->run->state->pressed[$contact] = $assignment;
        if ($assignment !== Program::NOTHING) {
            $assigned = $this->run->program->assigned($assignment);
            $assigned->behaviour->press($this->run, $assigned, $this->because($contact, true, $assignment, $cause), $found);
        }
    }

    private function release(int $contact, Cause $cause): void
    {
        $this->run->state->closed[$contact] = false;
        $assignment = $this->run->state->pressed[$contact] ?? Program::NOTHING;
        unset($this->run->state->pressed[$contact]);
        if ($assignment !== Program::NOTHING) {
            $assigned = $this->run->program->assigned($assignment);
            $assigned->behaviour->release($this->run, $assigned, $this->because($contact, false, $assignment, $cause));
        }
    }

    private function because(int $contact, bool $closed, int $assignment, Cause $cause): Cause
    {
        $tables = $this->run->program->tables;

        return $cause
            ->then($closed ? StepKind::Closed : StepKind::Opened, $tables['contacts'][$contact]['ref'])
            ->then(StepKind::Layer, $tables['layers'][$tables['assignments'][$assignment]['layer']]['id']);
    }
}
