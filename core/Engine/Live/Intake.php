<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Live;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Simulator\StandInGame;
use Nailrod\Core\Engine\State\Phase;
use Nailrod\Core\Engine\Tape\Sentence;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\InputError;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Set\BindingSet;

/**
 * Inputs of one step on their way into the engine, and what came of them: axes that move one after the other go
 * together, all else one by one, so that why nothing came of a press can be said as it was at that instant.
 */
final class Intake
{
    /** Readings of axes in one go that are many. */
    private const MANY = 12;

    /** A short while, in µs. */
    private const WHILE = 10_000;

    /** @var list<OutputEvent> */
    public array $outputs = [];

    /** @var list<Sentence> why nothing came of an input */
    public array $idle = [];

    /** @var list<string> */
    public array $problems = [];

    /** @var list<Input> */
    public array $taken = [];

    /** @var list<Input> */
    private array $axes = [];

    /** @param \Closure(): string $liveLayer id of the layer that is live */
    public function __construct(
        private readonly Machine $machine,
        private readonly BindingSet $set,
        private readonly LiveState $state,
        private readonly ?StandInGame $game,
        private readonly Telling $telling,
        private readonly \Closure $liveLayer,
    ) {}

    /** A hand has moved something. */
    public function take(Input $input): void
    {
        if (isset($this->set->rig->axes[$input->port])) {
            $this->axes[] = $input;

            return;
        }
        $this->end();
        $this->feed([$input], $this->machine->feed(...));
    }

    /** A hand has found something. */
    public function find(Input $input): void
    {
        $isAside = ! isset($this->set->rig->axes[$input->port]) && $this->state->run->phase === Phase::Running;
        $this->feed([$input], fn (array $inputs): array => $this->machine->find($inputs[0]), false, $isAside);
    }

    /** What has waited to go together goes. */
    public function end(): void
    {
        if ($this->axes !== []) {
            $axes = $this->axes;
            $this->axes = [];
            $this->feed($axes, $this->machine->feed(...));
        }
    }

    /**
     * @param non-empty-list<Input>                           $inputs   one, or axes only
     * @param \Closure(non-empty-list<Input>): list<OutputEvent> $into
     * @param bool                                            $isMoved  is it a movement, which the survey counts?
     * @param bool                                            $isAside  is it recorded as found?
     */
    private function feed(array $inputs, \Closure $into, bool $isMoved = true, bool $isAside = false): void
    {
        try {
            $events = $into($inputs);
        } catch (InputError $error) {
            $this->problems[] = $error->getMessage();

            return;
        }
        array_push($this->outputs, ...$events);
        array_push(
            $this->taken,
            ...$isAside ? array_map(fn (Input $input): Input => $input->aside(), $inputs) : $inputs,
        );
        $last = $inputs[count($inputs) - 1];
        $before = $this->state->hands[$last->port] ?? null;
        if ($isMoved) {
            $this->survey($inputs);
        }
        foreach ($inputs as $input) {
            if (! str_starts_with($input->port, 'sim/')) {
                $this->state->hands[$input->port] = (int) $input->value;
            }
        }
        if (str_starts_with($last->port, 'sim/')) {
            $this->game?->change(substr($last->port, 4), (float) $last->value);
        } elseif (
            $events === [] && $before !== null
                && $before !== $last->value
                && $this->isByHand($last)
                && $this->state->run->phase === Phase::Running
        ) {
            $why = $this->telling->whyNothing($last, $before, ($this->liveLayer)(), $this->machine);
            array_push($this->idle, ...$why === null ? [] : [$why]);
        }
    }

    /**
     * The survey counts what was moved. Of an axis that reports very often it takes the lowest, the highest and the
     * last reading of each short while, unless that axis is being measured.
     *
     * @param non-empty-list<Input> $inputs
     */
    private function survey(array $inputs): void
    {
        $survey = $this->state->survey;
        $before = $this->state->hands;
        foreach (
            count($inputs) > self::MANY ? $this->extremes($inputs, $survey->sweep->axis ?? '') : $inputs as $input
        ) {
            $survey->take($input, $before[$input->port] ?? null, $this->set->rig);
            $before[$input->port] = (int) $input->value;
        }
    }

    /**
     * @param non-empty-list<Input> $inputs of axes
     *
     * @return list<Input> in their order
     */
    private function extremes(array $inputs, string $measured): array
    {
        $low = $high = $last = $kept = [];
        foreach ($inputs as $i => $input) {
            $at = $input->port.' '.intdiv($input->t, self::WHILE);
            $low[$at] = isset($low[$at]) && $inputs[$low[$at]]->value <= $input->value ? $low[$at] : $i;
            $high[$at] = isset($high[$at]) && $inputs[$high[$at]]->value >= $input->value ? $high[$at] : $i;
            $last[$at] = $i;
            if ($input->port === $measured) {
                $kept[$i] = $input;
            }
        }
        foreach ([$low, $high, $last] as $some) {
            foreach ($some as $i) {
                $kept[$i] = $inputs[$i];
            }
        }
        ksort($kept);

        return array_values($kept);
    }

    /** Did a hand do it, and not the trembling of an axis? */
    private function isByHand(Input $input): bool
    {
        $finder = $this->state->survey->finder;

        return ! isset($this->set->rig->axes[$input->port]) || (
            $finder->found === $input->port && ! $finder->isNoise($input->port, (int) $input->value)
        );
    }
}
