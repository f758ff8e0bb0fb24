<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;

/**
 * What an output can do at work; the run does it. A *source* is the one who holds something, unique within the run:
 * what several hold is on until the last lets go.
 */
interface Effects
{
    /** @param string $kind one of OutputEvent's, of those that are on (1) or off (0) */
    public function hold(string $kind, string $target, string $source, Cause $cause): void;

    public function letGo(string $kind, string $target, string $source, Cause $cause): void;

    /** Sends something once. */
    public function emit(string $kind, string $target, int|float|string $value, Cause $cause): void;

    /** @param int $direction place among the four of HatWay */
    public function holdHat(int $number, int $direction, string $source, Cause $cause): void;

    public function letGoOfHat(int $number, int $direction, string $source, Cause $cause): void;

    public function holdLayer(string $layer, string $source, Cause $cause): void;

    public function letGoOfLayer(string $source, Cause $cause): void;

    public function settleLayer(string $layer, Cause $cause): void;

    /** Id of the layer that is settled. */
    public function settledLayer(): string;

    public function holdStop(string $stop, string $source, Cause $cause): void;

    public function letGoOfStop(string $stop, string $source, Cause $cause): void;

    /** Is a stop open exactly while it is told to, so that telling it is a state rather than a press? */
    public function isStateStop(string $stop): bool;

    public function holdLamp(string $lamp, string $source, Cause $cause): void;

    public function letGoOfLamp(string $lamp, string $source, Cause $cause): void;

    public function holdVariable(string $variable, string $source, float $value, Cause $cause): void;

    /** @param float $else its value when nobody holds it any more */
    public function letGoOfVariable(string $variable, string $source, float $else, Cause $cause): void;

    /** What held the variable is found open as the run begins: it has this value, if nothing else says more. */
    public function foundVariable(string $variable, float $value, Cause $cause): void;

    public function setVariable(string $variable, float $to, Cause $cause): void;

    public function variable(string $variable): float;

    public function startMacro(string $macro, Cause $cause): void;

    public function stopMacro(string $macro, Cause $cause): void;

    /** Begins to record into this macro, or ends what is recorded and keeps it. */
    public function recordMacro(string $macro, Cause $cause): void;

    public function playRecorded(Cause $cause): void;

    public function letGoOfEverything(Cause $cause): void;

    /** Has the program just been changed under the hands, so that what is found was there before? */
    public function findsAgain(): bool;
}
