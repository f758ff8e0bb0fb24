<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\Step;
use Nailrod\Core\Cause\StepKind;

/**
 * Everything that a run remembers, and the only thing in it that changes. Indices are those of the program; sources are
 * those of Assigned::source().
 */
final class State
{
    public int $now = 0;

    public Phase $phase = Phase::Fresh;

    /** @var list<Timer> by due time, then in the order they were set */
    public array $timers = [];

    /** @var array<int, bool> by contact; what is not here is not known yet */
    public array $closed = [];

    /** @var array<int, int> by contact: the assignment its press was bound to, or Program::NOTHING */
    public array $pressed = [];

    /** @var array<string, array<string, true>> sources that hold an output, by kind and target */
    public array $holders = [];

    /** @var array<int, true> assignments whose toggle is on */
    public array $toggled = [];

    /** @var array<string, PulseState> by source */
    public array $pulses = [];

    /** @var list<array{int, string}> layers that are held, the live one last, each with its source */
    public array $heldLayers = [];

    public int $settledLayer = 0;

    /** @var array<int, int> reading by axis */
    public array $readings = [];

    /** @var array<int, float> shaped value before the stops, by axis */
    public array $values = [];

    /** @var array<int, int> integer after the stops, by axis */
    public array $integers = [];

    /** @var array<string, int> the integer an output of axes was last sent, by its target */
    public array $present = [];

    /** @var array<string, int> the axis that an output belongs to, by its target */
    public array $owners = [];

    /** @var array<string, array<int, int>> the integer of each other axis when the output was taken */
    public array $taken = [];

    /** @var array<string, float> what the simulator's variables are known to be */
    public array $variables = [];

    /** @var array<string, array<string, float>> values held by sources, the latest last, by variable */
    public array $variableHolders = [];

    /** @var array<int, array<string, true>> sources that hold a stop's output on */
    public array $stopHolders = [];

    /** @var array<int, array<int, true>> axes on which a stop is open */
    public array $stopOpen = [];

    /** @var array<int, array<int, true>> axes whose value has been past an open stop */
    public array $stopPast = [];

    /** @var array<int, int> when the patience of an open stop runs out, in µs; 0: never */
    public array $stopPatience = [];

    public function write(): string
    {
        return serialize($this);
    }

    public static function restore(string $written): self
    {
        $state = unserialize($written, ['allowed_classes' => [
            self::class, Phase::class, PulseState::class, Timer::class, Cause::class, Step::class, StepKind::class, Input::class,
        ]]);
        if (! $state instanceof self) {
            throw new \UnexpectedValueException('The state of the run could not be read back: expected what State::write() gave.');
        }

        return $state;
    }
}
