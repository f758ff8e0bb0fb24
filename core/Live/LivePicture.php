<?php

declare(strict_types=1);

namespace Nailrod\Core\Live;

use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Cause\Narrator;
use Nailrod\Core\Device\ContactInput;
use Nailrod\Core\Program\Program;
use Nailrod\Core\Set\BindingSet;

/** Everything that a page shows of a live session at one instant. */
final readonly class LivePicture
{
    public function __construct(private Program $program, private BindingSet $set, private LiveState $state) {}

    /**
     * Every axis that has reported, by reference.
     *
     * @return array<string, array{reading: int, travel: float, value: float, sent: ?float, words: array{travel: string, value: string, sent: string}}>
     *                                                                                                                                       parts of the whole, 0..1; `value` is shaped but before the stops, `sent` after them
     */
    public function axes(): array
    {
        $axes = [];
        foreach ($this->set->shapings as $ref => $shaping) {
            $reading = $this->state->hands[$ref] ?? null;
            if ($reading === null) {
                continue;
            }
            $travel = $shaping->travel($reading);
            $value = $shaping->shape($travel);
            $integer = $this->state->run->integers[$this->program->tables['axisPorts'][$ref] ?? -1] ?? null;
            $sent = $integer === null ? null : $integer / Shaping::STEPS;
            $axes[$ref] = [
                'reading' => $reading,
                'travel' => round($travel, 5),
                'value' => round($value, 5),
                'sent' => $sent === null ? null : round($sent, 5),
                'words' => [
                    'travel' => Narrator::percent($shaping, $travel),
                    'value' => Narrator::percent($shaping, $value),
                    'sent' => $sent === null ? 'not used' : Narrator::percent($shaping, $sent),
                ],
            ];
        }

        return $axes;
    }

    /** @return list<string> references of all contacts that are closed, opposites too */
    public function closed(): array
    {
        $closed = [];
        foreach ($this->set->rig->contacts as $ref => $contact) {
            $hand = $this->state->hands[$contact->hat ?? $contact->opposite ?? $ref] ?? null;
            $isClosed = match (true) {
                $contact->hat !== null => ContactInput::points($contact->direction, $hand ?? -1),
                $contact->opposite !== null => $hand !== 1,
                default => $hand === 1,
            };
            if ($isClosed) {
                $closed[] = $ref;
            }
        }

        return $closed;
    }

    /** @return list<string> ids of the stops that are open on at least one axis */
    public function openStops(): array
    {
        return array_map(fn (int $stop) => $this->program->stop($stop)->id, array_keys($this->state->run->stopOpen));
    }

    /** @return array<string, array{value: float, words: string}> what the game shows, by variable */
    public function variables(): array
    {
        $variables = [];
        foreach ($this->set->catalogue->variables ?? [] as $id => $variable) {
            $value = $this->state->game->variables[$id] ?? $variable->start;
            $variables[$id] = ['value' => round($value, 4), 'words' => $variable->show($value)];
        }

        return $variables;
    }
}
