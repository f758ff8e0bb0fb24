<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Live;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Engine\Simulator\GameBindings;
use Nailrod\Core\Engine\Simulator\StandInGame;
use Nailrod\Core\Engine\Tape\Sentence;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Played;

/** A set at work between a rig and a simulator stand-in, one step at a time. */
final class Live
{
    private Machine $machine;

    private readonly ?StandInGame $game;

    /** Does the game run in a process of its own, so that the stand-in here rests? */
    public bool $isGameOutside = false;

    private readonly Telling $telling;

    private readonly OutOfStep $outOfStep;

    private readonly Arrivals $arrivals;

    public function __construct(
        private readonly Program $program,
        private readonly BindingSet $set,
        public readonly LiveState $state,
    ) {
        $this->machine = Machine::resume($program, $state->run);
        $this->game = $set->catalogue === null ? null : new StandInGame(
            $set->catalogue,
            GameBindings::of($set, $set->catalogue),
            $state->game,
        );
        $this->telling = new Telling($set, $state);
        $this->outOfStep = new OutOfStep(Played::of($set));
        $this->arrivals = new Arrivals($set, $state);
    }

    /**
     * The rig as it is found: every control where it was left, else axes at rest, dials at their first position, all
     * else open.
     *
     * @param int $at when that is, in µs
     */
    public function begin(int $at = 0): LiveStep
    {
        $this->state->run->now = $at;
        $isFirst = $this->state->hands === [];
        $step = $this->take($this->arrivals->asFound($at), $at + 1, true);
        if ($isFirst) {
            $this->state->survey->begin($this->state->hands, $this->set->rig);
        }

        return $step;
    }

    /**
     * @param list<Input> $inputs in time order
     * @param int         $to     the time up to which the clock has run on, in µs
     * @param bool        $drawn  do they come of drawn devices, so that they go through the
     *                            report that those would send?
     */
    public function step(array $inputs, int $to, bool $drawn = true): LiveStep
    {
        return $this->take($inputs, $to, false, $drawn);
    }

    /**
     * A hand tells how it finds what it feeds.
     *
     * @param list<Input> $inputs in time order
     * @param int         $to     the time up to which the clock has run on, in µs
     */
    public function find(array $inputs, int $to): LiveStep
    {
        return $this->take($inputs, $to, true);
    }

    /** @param list<Input> $inputs */
    private function take(array $inputs, int $to, bool $found, bool $drawn = true): LiveStep
    {
        $dropped = $this->state->run->ticks->dropped;
        $live = $this->liveLayer();
        $in = new Intake($this->machine, $this->set, $this->state, $this->game, $this->telling, $this->liveLayer(...));
        foreach ($this->arrivals->of($inputs, $in->problems, $drawn) as $input) {
            $found ? $in->find($input) : $in->take($input);
            if ($drawn) {
                // The next report of the same device says of every control how it is.
                $in->end();
            }
        }
        $in->end();
        array_push($in->outputs, ...$this->machine->advance(max($to, $this->machine->state->now)));

        return $this->answer(
            $in->outputs,
            [...$in->idle, ...$this->telling->dropped($dropped, $this->program)],
            $in->problems,
            $in->taken,
            $live,
        );
    }

    /**
     * The set was edited: the new program takes over where the old one is.
     *
     * @return array{self, LiveStep}
     */
    public static function swap(Program $new, BindingSet $set, Program $old, LiveState $state): array
    {
        $before = $old->tables->layers[Machine::resume($old, $state->run)->liveLayer()]->id;
        [$machine, $events] = Swap::to($new, $old, $state->run, $state->hands);
        $state->run = $machine->state;
        $live = new self($new, $set, $state);

        return [$live, $live->answer($events, [], [], live: $before)];
    }

    /**
     * Another set comes under the hands: what is held, toggled and counted ends, every control stays where it is, and
     * each simulator keeps its game.
     *
     * @param int $now in µs
     *
     * @return array{self, LiveStep}
     */
    public function changeTo(Program $program, BindingSet $set, int $now): array
    {
        $ended = $this->step([], $now);
        $closed = $this->close();
        $live = new self(
            $program,
            $set,
            $this->state->under($this->set->catalogue->id ?? '', $set->catalogue->id ?? ''),
        );

        return [$live, LiveStep::joined([$ended, $closed, $live->begin($this->state->run->now)])];
    }

    /**
     * The process that ran it ended in the middle and has begun again: all that was on goes off once, and on again
     * where a toggle holds it; timers end.
     *
     * @param array<string, int> $let what hands held that are gone now: the value it springs back to, by port
     *
     * @return array{self, LiveStep}
     */
    public static function again(Program $program, BindingSet $set, LiveState $state, array $let): array
    {
        [$live, $step] = self::swap($program, $set, $program, $state);
        $inputs = [];
        foreach ($let as $port => $value) {
            $inputs[] = new Input($state->run->now, $port, $value);
        }

        return [$live, LiveStep::joined([$step, $live->step($inputs, $state->run->now)])];
    }

    /** A device goes away: its contacts open, its axes stay where they are. */
    public function unplug(string $device): LiveStep
    {
        if (! isset($this->set->rig->devices[$device])) {
            return LiveStep::none();
        }
        $this->state->unplugged[$device] = true;
        $this->state->survey->sheet->gone($device);
        foreach ($this->set->rig->devices[$device]->contacts() as $contact) {
            if (($this->state->hands[$contact->ref] ?? 0) === 1) {
                $this->state->hands[$contact->ref] = 0;
            }
            if ($contact->hat !== null && isset($this->state->hands[$contact->hat])) {
                $this->state->hands[$contact->hat] = -1;
            }
        }

        return $this->answer(
            $this->machine->unplug($device),
            [],
            [],
            [Input::plug($this->state->run->now, $device, false)],
        );
    }

    public function plugIn(string $device): LiveStep
    {
        if (! isset($this->state->unplugged[$device])) {
            return LiveStep::none();
        }
        unset($this->state->unplugged[$device]);

        return $this->answer(
            $this->machine->plugIn($device),
            [],
            [],
            [Input::plug($this->state->run->now, $device, true)],
        );
    }

    /** Everything that is held, toggled or running ends; what the hands hold counts as found then. */
    public function letGo(): LiveStep
    {
        return LiveStep::joined(
            [$this->close(), $this->answer($this->machine->findAgain(new Cause(Cause::START)), [], [])],
        );
    }

    /** A macro is tried on the page where it is made, without a control. */
    public function tryMacro(string $id): LiveStep
    {
        return $this->answer($this->machine->tryMacro($id), [], []);
    }

    /** What is being recorded for a macro ends and is kept, since another set comes into play. */
    public function keepMacro(): LiveStep
    {
        return $this->answer($this->machine->keepMacro(new Cause(Cause::SET_CHANGED)), [], []);
    }

    /** The window of the game that takes all keys is shut, as by its own mouse. */
    public function shutWindow(): LiveStep
    {
        $this->game?->shutWindow();

        return $this->answer([], [], []);
    }

    /**
     * @return array<string, string> the last report of each stand-in that moved in this step, as hex digits, by device
     */
    public function reports(): array
    {
        return $this->arrivals->sent();
    }

    /** @return array<string, array{on: bool, next: string}> how the tiles of panels stand, by reference */
    public function tiles(): array
    {
        return (new TileStates($this->set, $this->machine, $this->state))->all();
    }

    /** The rig comes to rest: nothing stays down. */
    public function close(): LiveStep
    {
        return $this->answer($this->machine->letGoOfEverything(new Cause(Cause::CLOSED)), [], []);
    }

    /** @return list<OutputEvent> what is sent now: of each output its value, but for those that are off */
    public function sentNow(): array
    {
        return $this->machine->sentNow();
    }

    /** Id of the live layer. */
    public function liveLayer(): string
    {
        return $this->program->tables->layers[$this->machine->liveLayer()]->id;
    }

    /** When something will happen by itself, in µs; null if nothing will. */
    public function nextDue(): ?int
    {
        return $this->machine->nextDue();
    }

    public function isGameMoving(): bool
    {
        return ! $this->isGameOutside && ($this->game?->isMoving() ?? false);
    }

    /**
     * @param list<OutputEvent> $outputs
     * @param list<Sentence>    $idle
     * @param list<string>      $problems
     * @param list<Input>       $taken
     * @param string            $live     id of the layer that was live before them
     */
    private function answer(
        array $outputs,
        array $idle,
        array $problems,
        array $taken = [],
        string $live = Layer::BASE,
    ): LiveStep {
        $before = $this->game?->gaugesNow() ?? [];
        $game = (
            $this->isGameOutside ? $this->game?->rest() : $this->game?->play($outputs, $this->state->run->now)
        ) ?? [];
        $learnt = [];
        foreach ($game as $event) {
            if ($event->isOfVariable() && ($event->by === null || $event->by->kind !== OutputEvent::VARIABLE)) {
                $learnt[$event->variable] = new Input($this->state->run->now, 'sim/'.$event->variable, $event->value);
            }
        }
        // Gauges go on all the time: they are no events of the game, but what depends on them must know.
        foreach ($this->isGameOutside ? [] : $this->game?->gaugesNow() ?? [] as $variable => $value) {
            if (round($value, 6) !== round($before[$variable] ?? NAN, 6)) {
                $learnt[$variable] = new Input($this->state->run->now, 'sim/'.$variable, round($value, 6));
            }
        }
        array_push($outputs, ...$this->machine->feed(array_values($learnt)));
        $told = $this->telling->withAnswers($this->telling->outputs($outputs, $live), $game);
        $sentences = [...$told, ...$idle, ...$this->outOfStep->sentences($game, $this->state->hands)];
        usort($sentences, fn (Sentence $a, Sentence $b) => $a->t <=> $b->t);
        array_push($taken, ...array_map(fn (Input $input): Input => $input->aside(), array_values($learnt)));

        return new LiveStep($outputs, $game, $this->state->log->write($sentences), $problems, $taken);
    }
}
