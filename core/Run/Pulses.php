<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Behaviour\Assigned;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\Step;
use Nailrod\Core\Cause\StepKind;

/**
 * Pulses, one at a time for each output of an assignment. One that comes while the first is on waits until it has been
 * off for a width; at most one waits.
 */
final class Pulses implements Timed
{
    public const OWNER = 'pulse';

    private ?Step $over = null;

    /** @var array<string, array{Assigned, int}> what a source stands for */
    private array $known = [];

    public function __construct(private readonly Run $run) {}

    /** @param int $width in µs */
    public function send(Assigned $assigned, int $output, int $width, Cause $cause): void
    {
        $source = $assigned->source($output);
        $pulse = $this->run->state->pulses[$source] ?? null;
        if ($pulse === null) {
            $this->start($source, $width, $cause);
        } elseif ($pulse->waiting === null) {
            $this->run->state->pulses[$source] = new PulseState(true, $pulse->width, $cause);
        }
    }

    public function timer(Timer $timer): void
    {
        $source = $timer->subject;
        $pulse = $this->run->state->pulses[$source];
        if ($pulse->on) {
            [$assigned, $i] = $this->assigned($source);
            $assigned->outputs[$i]->release($this->run, $source, $assigned->towards($i, $timer->cause->with($this->over ??= new Step(StepKind::Timer, 'pulse over'))));
            if ($pulse->waiting === null) {
                unset($this->run->state->pulses[$source]);
            } else {
                $this->run->state->pulses[$source] = new PulseState(false, $pulse->width, $pulse->waiting);
                $this->run->timers->set($pulse->width, self::OWNER, $source, $pulse->waiting);
            }
        } elseif ($pulse->waiting !== null) {
            $this->start($source, $pulse->width, $pulse->waiting->then(StepKind::Timer, 'waited for the pulse before'));
        }
    }

    /** Every pulse ends now, the latest first, and what waits is forgotten. */
    public function end(Cause $cause): void
    {
        foreach (array_reverse($this->run->state->pulses, true) as $source => $pulse) {
            if ($pulse->on) {
                [$assigned, $i] = $this->assigned($source);
                $assigned->outputs[$i]->release($this->run, $source, $assigned->towards($i, $cause));
            }
        }
        $this->run->state->pulses = [];
    }

    private function start(string $source, int $width, Cause $cause): void
    {
        [$assigned, $i] = $this->assigned($source);
        $this->run->state->pulses[$source] = new PulseState(true, $width);
        $this->run->timers->set($width, self::OWNER, $source, $cause);
        $assigned->outputs[$i]->press($this->run, $source, $assigned->towards($i, $cause));
    }

    /** @return array{Assigned, int} */
    private function assigned(string $source): array
    {
        if (! isset($this->known[$source])) {
            [$id, $i] = explode(':', $source, 2);
            $this->known[$source] = [$this->run->program->assigned((int) $id), (int) $i];
        }

        return $this->known[$source];
    }
}
