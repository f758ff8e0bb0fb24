<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Program\Program;

/** A program at work on a state, as its parts see it: behaviours and outputs are given this. */
final class Run
{
    public readonly Timers $timers;

    public readonly Holds $holds;

    public readonly Variables $variables;

    public readonly Pulses $pulses;

    public readonly Layers $layers;

    public readonly Stops $stops;

    public readonly Axes $axes;

    public readonly Contacts $contacts;

    /** @var array<string, Timed> the parts that set timers, by the name under which they do */
    private readonly array $timed;

    /** @var list<OutputEvent> what came out and was not collected yet */
    public array $events = [];

    public function __construct(public readonly Program $program, public readonly State $state, bool $fused)
    {
        $this->timers = new Timers($state);
        $this->holds = new Holds($this);
        $this->variables = new Variables($this);
        $this->pulses = new Pulses($this);
        $this->layers = new Layers($this);
        $this->stops = new Stops($this);
        $this->contacts = new Contacts($this);
        $this->axes = new Axes($this, $fused);
        $this->timed = [Pulses::OWNER => $this->pulses, Stops::OWNER => $this->stops];
        $this->axes->begin();
    }

    public function emit(string $kind, string $target, int|float|string $value, Cause $cause): void
    {
        $this->events[] = new OutputEvent($this->state->now, $kind, $target, $value, $cause);
    }

    public function fire(Timer $timer): void
    {
        $this->timed[$timer->owner]->timer($timer);
    }
}
