<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;

/** What an edited program takes over from the one before it, in the numbers of the new one. */
final readonly class Carried
{
    /**
     * @param list<int>              $toggled   assignments that are as they were and whose toggle was on, in the order they came on
     * @param array<int, int>        $readings  by axis
     * @param array<int, array{axes: list<int>, past: list<int>, left: ?int}> $stops see Stops::carry()
     * @param array<string, true>    $openStops ids of all stops that were open
     * @param array<string, Sending> $sending   what every axis drove, by its reference
     * @param string                 $liveLayer id of the layer that was live
     */
    public function __construct(public array $toggled, public array $readings, public array $stops, public array $openStops, public array $sending, public string $liveLayer) {}

    /** Axes are where they were, toggles hold again what they held, contacts count as found, then axes send. */
    public function into(Run $run, Cause $cause): void
    {
        $run->findsAgain = true;
        $run->axes->beStill();
        foreach ($this->readings as $axis => $reading) {
            $run->axes->place($axis, $reading);
        }
        $run->made->place();
        $run->stops->carry($this->stops, $this->openStops, $cause);
        foreach ($this->toggled as $assignment) {
            $run->state->toggled[$assignment] = true;
            $run->acting = $assignment;
            $assigned = $run->program->assigned($assignment);
            foreach ($assigned->outputs as $i => $output) {
                $output->press($run, $assigned->source($i), $assigned->towards($i, $cause));
            }
            $run->acting = null;
        }
        if ($run->state->phase === Phase::Running) {
            $run->contacts->findAgain($cause);
        }
        $run->axes->takeUp($this->sending, $run->program->tables->layers[$run->layers->live()]->id !== $this->liveLayer, $cause);
        $run->findsAgain = false;
        $run->lamps->settle($cause);
        $run->lamps->update($cause);
    }
}
