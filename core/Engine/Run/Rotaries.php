<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\Phase;
use Nailrod\Core\Engine\State\RotariesState;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Rig\Device\Rotary;

/**
 * Rotaries the other way: a dial gives a tick for each position that it passes, an encoder has places of which one is
 * closed.
 */
final class Rotaries
{
    /** @var array<int, string> the dial that a contact is a position of, by contact */
    private array $dials = [];

    /** @var array<int, string> the encoder that a contact is a place of, by contact */
    private array $encoders = [];

    /** @var array<string, Rotary> */
    private array $rotaries = [];

    private readonly RotariesState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->rotaries;
        foreach ($run->program->tables->rotaries as $control => $row) {
            $this->rotaries[$control] = $row->rotary();
            foreach ($row->contacts as $contact) {
                $row->ticks === null ? $this->encoders[$contact] = $control : $this->dials[$contact] = $control;
            }
        }
    }

    /** @return array<int, string> dials by the contacts that are their positions */
    public function positions(): array
    {
        return $this->dials;
    }

    /** A position of a dial is found closed: where it is is known, and it has passed nothing. */
    public function found(int $contact): void
    {
        $this->own->at[$this->dials[$contact]] = $this->run->program->tables->contacts[$contact]->ref;
    }

    /** A position of a dial closes: one tick for each that was passed. The first that is known gives none. */
    public function reaches(int $contact, Cause $cause): void
    {
        $control = $this->dials[$contact];
        [$rotary, $row] = [$this->rotaries[$control], $this->run->program->tables->rotaries[$control]];
        $from = array_search($this->own->at[$control] ?? null, $rotary->contacts, true);
        $this->found($contact);
        $ticks = $from === false ? 0 : $rotary->ticksBetween($from, (int) array_search($contact, $row->contacts, true));
        $tick = $row->ticks[$ticks > 0 ? 0 : 1] ?? null;
        $cause = $cause->then(StepKind::TurnedTo, $this->own->at[$control]);
        for ($i = abs($ticks); $i > 0 && $tick !== null; $i--) {
            $this->run->presses->tick($tick, $cause);
        }
    }

    /**
     * A tick of an encoder: the place that it is at opens, the one beside it closes; at an end that stops it nothing
     * does.
     *
     * @param int $towards 1 or -1
     */
    public function turn(string $encoder, int $towards, Cause $cause): void
    {
        $row = $this->run->program->tables->rotaries[$encoder] ?? null;
        if ($row === null || $this->run->state->phase !== Phase::Running) {
            return;
        }
        $at = $row->place($this->own->at[$encoder] ?? '');
        $next = $this->rotaries[$encoder]->beside($at, $towards);
        if ($next !== $at) {
            $this->own->at[$encoder] = $this->rotaries[$encoder]->contacts[$next];
            $this->run->contacts->report([$row->contacts[$at] => false, $row->contacts[$next] => true], $cause);
        }
    }

    /** Is this contact the place that its encoder is at? Null if it is no place. */
    public function isAt(int $contact): ?bool
    {
        $encoder = $this->encoders[$contact] ?? null;
        $row = $this->run->program->tables->rotaries[$encoder ?? ''] ?? null;

        return $row === null ? null : $row->contacts[$row->place($this->own->at[$encoder] ?? '')] === $contact;
    }

    /** A device has gone: where its dials are is not known any more. Encoders keep their places. */
    public function gone(string $device): void
    {
        foreach (array_unique($this->dials) as $dial) {
            if (str_starts_with($dial, $device.'/')) {
                unset($this->own->at[$dial]);
            }
        }
    }
}
