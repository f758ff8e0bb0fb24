<?php

declare(strict_types=1);

namespace App\Game;

use Nailrod\Core\Engine\Simulator\GameBindings;
use Nailrod\Core\Engine\Simulator\GameState;
use Nailrod\Core\Engine\Simulator\StandInGame;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Output\OutputEvent;

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
     * The rig was away, or is there for the first time: what it does not send is let go of, what it sends and is not
     * known is on.
     *
     * @param list<array<array-key, mixed>> $whole all that is on, as the rig tells it
     * @param int                           $now   in µs of its own clock
     */
    public function standsAt(array $whole, int $now): void
    {
        $held = array_fill_keys(array_map(fn (array $one): string => implode(' ', $one), $this->game->held()), true);
        $this->waiting = $on = [];
        foreach (array_filter(array_map(fn (array $row): ?OutputEvent => self::event($row, $now), $whole)) as $event) {
            $on[$event->kind.' '.$event->target] = $event;
        }
        foreach (Keys::of(array_diff_key($held, $on)) as $gone) {
            [$kind, $target] = explode(' ', $gone, 2);
            $this->waiting[] = new OutputEvent($now, $kind, $target, 0, new Cause(Cause::START));
        }
        array_push($this->waiting, ...array_values(array_diff_key($on, $held)));
    }

    /**
     * @param array<array-key, mixed> $row as the rig tells it
     * @param ?int                    $at  in µs; null: when it says
     */
    private static function event(array $row, ?int $at = null): ?OutputEvent
    {
        [$t, $kind, $target, $value] = [
            $row['t'] ?? null,
            $row['kind'] ?? null,
            $row['target'] ?? null,
            $row['value'] ?? null,
        ];
        $isRow = is_int($t) && is_string($kind) && is_string($target) && (
            is_int($value) || is_float($value) || is_string($value)
        );

        return $isRow ? new OutputEvent($at ?? $t, $kind, $target, $value, new Cause(Cause::START)) : null;
    }

    /**
     * @param list<array<array-key, mixed>> $rows as the rig tells them
     * @param int                           $now  in µs of its own clock, as the times of the rows
     *
     * @return list<array{int, string, float}> inputs for the rig: every variable that is another than it was
     */
    public function play(array $rows, int $now): array
    {
        foreach (array_filter(array_map(self::event(...), $rows)) as $event) {
            // Rows that come late are played later, with their spacing: what was on for a while is seen to be on.
            $this->late = max($this->waiting === [] ? 0 : $this->late, $this->played - $event->t);
            $this->waiting[] = new OutputEvent(
                $event->t + $this->late,
                $event->kind,
                $event->target,
                $event->value,
                $event->cause,
            );
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
