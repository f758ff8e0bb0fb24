<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Live;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Simulator\GameEvent;
use Nailrod\Core\Engine\Tape\Log;
use Nailrod\Core\Engine\Tape\Narrator;
use Nailrod\Core\Engine\Tape\OutputWords;
use Nailrod\Core\Engine\Tape\Sentence;
use Nailrod\Core\Engine\Tape\WhyNothing;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Set\BindingSet;

/** What of a step is told, in sentences: what came out, why nothing did, what was left out. */
final readonly class Telling
{
    /** Outputs of one step that are told. */
    public const MOST_TOLD = 200;

    private Narrator $narrator;

    private WhyNothing $whyNothing;

    private OutputWords $words;

    public function __construct(private BindingSet $set, private LiveState $state)
    {
        $this->narrator = new Narrator($set);
        $this->whyNothing = new WhyNothing($set);
        $this->words = new OutputWords($set);
    }

    /** Why nothing came of an input; null if there is nothing to say. */
    public function whyNothing(Input $input, int $before, string $layer, Machine $machine): ?Sentence
    {
        return $this->whyNothing->idle(
            $input,
            $layer,
            $before,
            $machine->questions->holds(...),
            $machine->questions->alsoHolding(...),
            $machine->questions->isToggledOff(...),
        ) ?? $this->whyNothing->held($input, $machine->questions->heldBy($input->port));
    }

    /**
     * Ticks that were left out since then.
     *
     * @param array<int, int> $before ticks that had been dropped, by assignment
     *
     * @return list<Sentence>
     */
    public function dropped(array $before, Program $program): array
    {
        $told = [];
        foreach ($this->state->run->ticks->dropped as $assignment => $ticks) {
            if ($ticks > ($before[$assignment] ?? 0)) {
                $told[] = $this->whyNothing->dropped(
                    $this->state->run->now,
                    $program->tables->assignments[$assignment]->ref,
                    $ticks - ($before[$assignment] ?? 0),
                );
            }
        }

        return $told;
    }

    /**
     * What can be read is told: of very many outputs the latest, and how many came before them.
     *
     * @param list<OutputEvent> $outputs
     * @param string            $live    id of the layer that was live before them
     *
     * @return list<Sentence>
     */
    public function outputs(array $outputs, string $live): array
    {
        $this->state->log->follow($outputs, $this->words);
        $worth = array_values(array_filter(
            $outputs,
            fn (OutputEvent $event) => ! $this->isTrembling($event) && ! self::isLampByItself($event),
        ));
        $worth = self::lastOfAxes($this->withoutTakenUp($worth, $this->set->layers[$live]->name ?? $live));
        $leftOut = count($worth) - self::MOST_TOLD;
        if ($leftOut <= 0) {
            return $this->narrator->sentences($worth, $live, $this->state->log);
        }

        return [
            $this->whyNothing->leftOut($worth[0]->t, $leftOut),
            ...$this->narrator->sentences(array_slice($worth, $leftOut), $live, $this->state->log),
        ];
    }

    /**
     * What the game made of it: at the end of the line that told what it answers, if that is written only now; else in
     * a line of its own, since what is written stays.
     *
     * @param list<Sentence>  $sentences
     * @param list<GameEvent> $game
     *
     * @return list<Sentence>
     */
    public function withAnswers(array $sentences, array $game): array
    {
        if ($game === []) {
            return $sentences;
        }
        $at = [];
        foreach ($sentences as $i => $sentence) {
            $at += array_fill_keys($sentence->keys, $i);
        }
        $own = [];
        foreach ($game as $event) {
            $answer = $this->words->answer($event);
            $i = $event->by === null ? null : $at[$event->by->key()] ?? null;
            if ($i !== null) {
                $sentences[$i] = $sentences[$i]->answered([$answer]);
            } elseif ($event->by === null) {
                $own[$event->variable.' '.count($own)] = new Sentence(
                    $event->t,
                    'game '.$event->variable,
                    [$answer, 'it did so by itself'],
                    false,
                    [],
                );
            } else {
                // Of what an axis moves, only the last is told.
                $isMoved = $event->by->kind === OutputEvent::AXIS;
                $own[$event->variable.' '.($isMoved ? '' : count($own))] = new Sentence(
                    $event->t,
                    ($isMoved ? 'game/' : 'game ').$event->variable,
                    [$answer, 'by '.$this->words->nameOf($event->by)],
                    false,
                    [],
                    of: $this->state->log->lineOf($event->by),
                );
            }
        }

        return [...$sentences, ...array_values($own)];
    }

    /**
     * Of an axis that sends again and again only the last is told: on the tape it would take the place of those before.
     *
     * @param list<OutputEvent> $events
     *
     * @return list<OutputEvent>
     */
    private static function lastOfAxes(array $events): array
    {
        $last = [];
        foreach ($events as $i => $event) {
            if ($event->kind === OutputEvent::AXIS) {
                $last[$event->target] = $i;
            }
        }

        return array_values(array_filter(
            $events,
            fn (OutputEvent $event, int $i): bool => $event->kind !== OutputEvent::AXIS
                || $last[$event->target] === $i,
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /**
     * After an edit everything is said off, and what goes on is said on again: to whoever reads, nothing has happened
     * to it.
     *
     * @param list<OutputEvent> $events
     * @param string            $live   name of the layer that was live before them
     *
     * @return list<OutputEvent>
     */
    private function withoutTakenUp(array $events, string $live): array
    {
        $isOfEdit = fn (OutputEvent $event): bool => $event->cause->origin === Cause::SET_CHANGED;
        $values = [];
        foreach (array_filter($events, $isOfEdit) as $event) {
            $values[$event->kind.' '.$event->target][] = $event->value;
        }
        // Lamps and layers are no outputs that the log keeps.
        $same = array_filter(
            $values,
            fn (array $of): bool => $of === [0, 1] || count($of) > 1 && $of[count($of) - 1] === $live,
        );

        return array_values(array_filter(
            $events,
            fn (OutputEvent $event): bool => Log::isHeld($event)
                ? ! $this->state->log->isTakenUp($event)
                : ! $isOfEdit($event)
                || ! isset($same[$event->kind.' '.$event->target]),
        ));
    }

    /**
     * Lamps that the game moves, or that are lit because a program begins, would fill the tape and the lanes: they are
     * seen on the device.
     */
    public static function isLampByItself(OutputEvent $event): bool
    {
        return $event->kind === OutputEvent::LAMP && ! (
            $event->cause->origin instanceof Input && ! str_starts_with($event->cause->origin->port, 'sim/')
        );
    }

    /** Does an axis send this only because it trembles by itself? That is not told. */
    private function isTrembling(OutputEvent $event): bool
    {
        $origin = $event->cause->origin;

        return $origin instanceof Input && isset($this->set->rig->axes[$origin->port])
            && $event->cause->contact() === null
            && $this->state->survey->finder->isNoise($origin->port, (int) $origin->value);
    }
}
