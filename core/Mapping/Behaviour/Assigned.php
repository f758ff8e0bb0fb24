<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\Effects;

/** An assignment of a contact, ready to run: its outputs are ways, no longer actions. */
final class Assigned
{
    /** @var array<int, string> */
    private array $sources = [];

    private ?Step $step = null;

    /** @var array<int, Step> that an action is meant, by the place of its output */
    private array $reached = [];

    /**
     * @param array<int, ContactOutput> $outputs by their place in the cell; one whose action has no way yet is missing
     * @param array<int, ?string>       $actions the action that an output stands for, by the same place
     */
    public function __construct(
        public readonly int $id,
        public readonly Behaviour $behaviour,
        public readonly array $outputs,
        public readonly array $actions,
        private readonly ?int $by = null,
    ) {}

    /**
     * The same, pressed by another contact that does as this one does: what that press holds is held by a source of its
     * own.
     */
    public function by(int $contact): self
    {
        return new self($this->id, $this->behaviour, $this->outputs, $this->actions, $contact);
    }

    /** The name under which it holds its output. */
    public function source(int $output): string
    {
        return $this->sources[$output] ??= $this->holder().':'.$output;
    }

    /** The name under which it holds a macro. */
    public function holder(): string
    {
        return $this->id.($this->by === null ? '' : '@'.$this->by);
    }

    /** That its behaviour is at work, always in the same words; made once. */
    public function step(string $behaviour, ?string $detail = null): Step
    {
        return $this->step ??= new Step(StepKind::Behaviour, $behaviour, $detail);
    }

    /** Its outputs are let go of, the last first. */
    public function release(Effects $run, Cause $cause): void
    {
        foreach (array_reverse($this->outputs, true) as $i => $output) {
            $output->release($run, $this->source($i), $this->towards($i, $cause));
        }
    }

    /**
     * @param ?array{int, int} $before place of the output that was sent last, among
     *                                 those that have a way, and when, in µs; null if none was
     * @param int              $now    in µs
     *
     * @return ?int place of the output that a press sends next, in the cell; null if it does not send one after the
     * other
     */
    public function turn(?array $before, int $now): ?int
    {
        return $this->behaviour instanceof TakesTurns && $this->outputs !== [] ? array_keys($this->outputs)[
            $this->behaviour->turn($before, $now, count($this->outputs))
        ] : null;
    }

    public function towards(int $output, Cause $cause): Cause
    {
        $action = $this->actions[$output];

        return $action === null ? $cause : $cause->with(
            $this->reached[$output] ??= new Step(StepKind::Action, $action),
        );
    }
}
