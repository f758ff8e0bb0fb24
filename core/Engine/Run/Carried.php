<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\Phase;
use Nailrod\Core\Format\Cause\Cause;

/** What an edited program has to know of the one before it, to go on from the state that was carried over. */
final readonly class Carried
{
    /**
     * @param array<string, true>    $openStops ids of all stops that were open
     * @param array<string, Sending> $sending   what every axis drove, by its reference
     * @param string                 $liveLayer id of the layer that was live
     */
    public function __construct(public array $openStops, public array $sending, public string $liveLayer) {}

    /** Axes are where they were, toggles hold again what they held, contacts count as found, then axes send. */
    public function into(Run $run, Cause $cause): void
    {
        $run->findsAgain = true;
        $run->axes->beStill();
        foreach ($run->state->axes->readings as $axis => $reading) {
            $run->axes->place($axis, $reading);
        }
        $run->made->place();
        $run->stops->carry($this->openStops, $cause);
        $toggled = array_keys($run->state->assignments->toggled);
        $run->state->assignments->toggled = [];
        foreach ($toggled as $assignment) {
            $run->state->assignments->toggled[$assignment] = true;
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
        $run->axes->takeUp(
            $this->sending,
            $run->program->tables->layers[$run->layers->live()]->id !== $this->liveLayer,
            $cause,
        );
        $run->findsAgain = false;
        $run->lamps->settle($cause);
        $run->lamps->update($cause);
    }
}
