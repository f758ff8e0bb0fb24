<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Live;

use Nailrod\Core\Engine\Simulator\GameEvent;
use Nailrod\Core\Engine\Tape\Sentence;
use Nailrod\Core\Set\Advice;
use Nailrod\Core\Set\BindingSet;

/** A switch that stands on one thing while the game, which only flips, has changed to the other by itself. */
final readonly class OutOfStep
{
    public function __construct(private BindingSet $set) {}

    /**
     * @param list<GameEvent>    $game  what the game did
     * @param array<string, int> $hands how the rig stands, by port
     *
     * @return list<Sentence>
     */
    public function sentences(array $game, array $hands): array
    {
        $sentences = [];
        foreach ($game as $event) {
            $variable = $event->by === null ? $this->set->catalogue->variables[$event->variable] ?? null : null;
            if ($variable === null) {
                continue;
            }
            foreach ($this->switches($event->variable) as $up => $name) {
                $isUp = ($hands[$up] ?? 0) === 1;
                if ($isUp !== $event->value > $variable->low) {
                    $sentences[] = new Sentence(
                        $event->t,
                        $up,
                        [
                            $this->set->rig->deviceNameOf($up).' · '.$name.' is '.($isUp ? 'up' : 'down'),
                            $variable->name.' is '.$variable->show($event->value).' now',
                            'out of step: the game only flips it',
                        ],
                        false,
                        [],
                    );
                }
            }
        }

        return $sentences;
    }

    /** @return array<string, string> switches that only flip a variable, by the reference of their upper position */
    private function switches(string $variable): array
    {
        $switches = [];
        $advice = new Advice($this->set);
        foreach ($this->set->cells as $cells) {
            foreach ($cells as $ref => $cell) {
                foreach ($cell->outputsOfEither() as $output) {
                    $control = $advice->flips((string) $ref, $output)?->effect->variable === $variable
                        ? $this->set->rig->controlOf((string) $ref)
                        : null;
                    if ($control !== null) {
                        $switches[$control->contacts[0]->ref] = $control->name;
                    }
                }
            }
        }

        return $switches;
    }
}
