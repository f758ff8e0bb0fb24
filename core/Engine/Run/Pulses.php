<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\PulsesState;
use Nailrod\Core\Engine\State\SentPulse;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Behaviour\Assigned;

/**
 * Pulses, one at a time for each output of an assignment. One that comes while the first is on waits until it has been
 * off for a width; at most one waits.
 */
final class Pulses implements Timed
{
    public const OWNER = 'pulse';

    private ?Step $over = null;

    private readonly PulsesState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->pulses;
    }

    /** @param int $width in µs */
    public function send(Assigned $assigned, int $output, int $width, Cause $cause): void
    {
        $source = $assigned->source($output);
        $pulse = $this->own->pulses[$source] ?? null;
        if ($pulse === null) {
            $this->start($assigned, $output, $width, $cause);
        } elseif ($pulse->waiting === null) {
            $this->own->pulses[$source] = new SentPulse($assigned->id, $output, true, $pulse->width, $cause);
        }
    }

    public function timer(Timer $timer): void
    {
        $assigned = $this->run->program->assigned($timer->of);
        $output = (int) $timer->what;
        $source = $assigned->source($output);
        $pulse = $this->own->pulses[$source];
        if ($pulse->on) {
            $assigned->outputs[$output]->release(
                $this->run,
                $source,
                $assigned->towards(
                    $output,
                    $timer->cause->with($this->over ??= new Step(StepKind::Timer, 'pulse over')),
                ),
            );
            if ($pulse->waiting === null) {
                unset($this->own->pulses[$source]);
            } else {
                $this->own->pulses[$source] = new SentPulse(
                    $assigned->id,
                    $output,
                    false,
                    $pulse->width,
                    $pulse->waiting,
                );
                $this->run->timers->set($pulse->width, self::OWNER, $assigned->id, $pulse->waiting, $timer->what);
            }
        } elseif ($pulse->waiting !== null) {
            $this->start(
                $assigned,
                $output,
                $pulse->width,
                $pulse->waiting->then(StepKind::Timer, 'waited for the pulse before'),
            );
        }
    }

    /** Every pulse ends now, the latest first, and what waits is forgotten. */
    public function end(Cause $cause): void
    {
        foreach (array_reverse($this->own->pulses, true) as $source => $pulse) {
            if ($pulse->on) {
                $assigned = $this->run->program->assigned($pulse->assignment);
                $assigned->outputs[$pulse->output]->release(
                    $this->run,
                    $source,
                    $assigned->towards($pulse->output, $cause),
                );
            }
        }
        $this->own->pulses = [];
    }

    private function start(Assigned $assigned, int $output, int $width, Cause $cause): void
    {
        $source = $assigned->source($output);
        $this->own->pulses[$source] = new SentPulse($assigned->id, $output, true, $width);
        $this->run->timers->set($width, self::OWNER, $assigned->id, $cause, (string) $output);
        $assigned->outputs[$output]->press($this->run, $source, $assigned->towards($output, $cause));
    }
}
