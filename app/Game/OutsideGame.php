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

    /** @var list<OutputEvent> rows whose time has not come yet, in order */
    private array $waiting = [];

    /** How much later rows are played than they were sent, in µs. */
    private int $late = 0;

    /** Until when it has been played, in µs of its own clock. */
    private int $played = 0;

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
        foreach ($rows as $row) {
            if (is_int($row['t'] ?? null) && is_string($row['kind'] ?? null) && is_string($row['target'] ?? null) && is_scalar($row['value'] ?? null) && ! is_bool($row['value'])) {
                // Rows that come late are played later, with their spacing: what was on for a while is seen to be on.
                $this->late = max($this->waiting === [] ? 0 : $this->late, $this->played - $row['t']);
                $this->waiting[] = new OutputEvent($row['t'] + $this->late, $row['kind'], $row['target'], $row['value'], new Cause(Cause::START));
            }
        }
        $events = array_values(array_filter($this->waiting, fn (OutputEvent $event): bool => $event->t <= $now));
        $this->waiting = array_slice($this->waiting, count($events));
        $this->played = max($this->played, $now);
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
