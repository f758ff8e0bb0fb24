<?php

declare(strict_types=1);

namespace App\Game;

use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Exchange\GameBindings;
use Nailrod\Core\Output\OutputEvent;
use Nailrod\Core\Simulator\GameState;
use Nailrod\Core\Simulator\StandInGame;

/** A stand-in of a simulator that runs outside of the rig: rows of the rig in, its variables out. */
final class OutsideGame
{
    private readonly StandInGame $game;

    /** @var array<string, float> as they were told last */
    private array $told = [];

    public function __construct(private readonly Catalogue $catalogue, GameBindings $bindings)
    {
        $this->game = new StandInGame($catalogue, $bindings, new GameState);
    }

    /** From one look at the controller to the next, in µs. */
    public function frame(): int
    {
        return $this->catalogue->frame;
    }

    /** Whoever listens knows nothing of it: all is told again. */
    public function forget(): void
    {
        $this->told = [];
    }

    /**
     * @param list<array<array-key, mixed>> $rows as the rig tells them
     * @param int                           $now  in µs of its own clock, as the times of the rows
     *
     * @return list<array{int, string, float}> inputs for the rig: every variable that is another than it was
     */
    public function play(array $rows, int $now): array
    {
        $events = [];
        foreach ($rows as $row) {
            if (is_int($row['t'] ?? null) && is_string($row['kind'] ?? null) && is_string($row['target'] ?? null) && is_scalar($row['value'] ?? null) && ! is_bool($row['value'])) {
                $events[] = new OutputEvent($row['t'], $row['kind'], $row['target'], $row['value'], new Cause(Cause::START));
            }
        }
        $this->game->play($events, $now);
        $inputs = [];
        foreach ($this->game->state->variables as $id => $value) {
            if (round($value, 4) !== ($this->told[$id] ?? null)) {
                $this->told[$id] = round($value, 4);
                $inputs[] = [$now, 'sim/'.$id, round($value, 4)];
            }
        }

        return $inputs;
    }
}
