<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** A macro that plays. */
final readonly class MacroPlayer
{
    /**
     * @param int              $step    the one that is at work
     * @param list<int>        $held    steps whose output it holds
     * @param array<array-key, true> $holders what holds it: see Assigned::holder()
     * @param ?int             $tap     the step that is being tapped
     */
    public function __construct(public int $step, public array $held, public array $holders, public ?int $tap) {}

    /** @param array<array-key, true> $holders */
    public function heldBy(array $holders): self
    {
        return new self($this->step, $this->held, $holders, $this->tap);
    }

    public function at(int $step): self
    {
        return new self($step, $this->held, $this->holders, $this->tap);
    }

    /** @param list<int> $held */
    public function holding(array $held): self
    {
        return new self($this->step, $held, $this->holders, $this->tap);
    }

    public function tapping(?int $step): self
    {
        return new self($this->step, $this->held, $this->holders, $step);
    }
}
