<?php

declare(strict_types=1);

namespace Nailrod\Core\Program;

use Nailrod\Core\Behaviour\Behaviour;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Output\ContactOutput;

/** An assignment of a contact, ready to run: its outputs are ways, no longer actions. */
final readonly class Assigned
{
    /**
     * @param array<int, ContactOutput> $outputs by their place in the cell; one whose action has no way yet is missing
     * @param array<int, ?string>       $actions the action that an output stands for, by the same place
     */
    public function __construct(
        public int $id,
        public Behaviour $behaviour,
        public array $outputs,
        public array $actions,
    ) {}

    /** The name under which it holds its output. */
    public function source(int $output): string
    {
        return $this->id.':'.$output;
    }

    public function towards(int $output, Cause $cause): Cause
    {
        $action = $this->actions[$output];

        return $action === null ? $cause : $cause->then(StepKind::Action, $action);
    }
}
