<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Live;

use Nailrod\Core\Engine\Simulator\GameEvent;
use Nailrod\Core\Engine\Tape\Sentence;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** What one step of the rig gave. */
final readonly class LiveStep
{
    /**
     * @param list<OutputEvent> $outputs
     * @param list<GameEvent>   $game
     * @param list<Sentence>    $sentences one for each thing that happened, and for each press that did nothing
     * @param list<string>      $problems  inputs that could not be, in words; they were left out
     * @param list<Input>       $taken     what a recording has to say so that it
     *                                     gives the same: the inputs that were not left out, and what no hand moved
     */
    public function __construct(
        public array $outputs,
        public array $game,
        public array $sentences,
        public array $problems,
        public array $taken = [],
    ) {}

    public static function none(): self
    {
        return new self([], [], [], []);
    }

    /** How many inputs of hands were taken. */
    public function moved(): int
    {
        return count(array_filter(
            $this->taken,
            fn (Input $input): bool => ! $input->isAside() || ! str_starts_with($input->port, 'sim/'),
        ));
    }

    /** What a game outside did, as what no hand has moved. */
    public function asOfGame(): self
    {
        return new self(
            $this->outputs,
            $this->game,
            $this->sentences,
            $this->problems,
            array_map(
                fn (Input $input): Input => $input->isAside()
                    || ! str_starts_with($input->port, 'sim/')
                    ? $input
                    : $input->aside(),
                $this->taken,
            ),
        );
    }

    public function withProblem(string $problem): self
    {
        return new self($this->outputs, $this->game, $this->sentences, [...$this->problems, $problem], $this->taken);
    }

    /** @param list<self> $steps one after the other */
    public static function joined(array $steps): self
    {
        return new self(
            array_merge(...array_map(fn (self $step) => $step->outputs, $steps)),
            array_merge(...array_map(fn (self $step) => $step->game, $steps)),
            array_merge(...array_map(fn (self $step) => $step->sentences, $steps)),
            array_merge(...array_map(fn (self $step) => $step->problems, $steps)),
            array_merge(...array_map(fn (self $step) => $step->taken, $steps)),
        );
    }
}
