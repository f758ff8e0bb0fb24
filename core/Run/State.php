<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\Input;
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

    /** @var array<int, int> by contact, the latest press last: the assignment its press was bound to, or Program::NOTHING; of a press that came late (see Chords) by the complement of the contact */
    public array $pressed = [];

    /** @var array<string, array<string, true>> sources that hold an output, by kind and target */
    public array $holders = [];

    /** @var array<int, true> assignments whose toggle is on */
    public array $toggled = [];

    /** @var array<string, PulseState> by source */
    public array $pulses = [];

    /** @var array<int, string> what an assignment is doing between two timers, by its number */
    public array $stages = [];

    /** @var array<int, array{int, int}> place of a cycle and time of its last press, by assignment */
    public array $cycles = [];

    /** @var array<int, array{on: ?int, waiting: list<array{int, Cause}>}> output that is on and ticks that wait, by assignment */
    public array $ticks = [];

    /** @var array<int, list<int>> times of the latest ticks in µs, by assignment */
    public array $tickTimes = [];

    /** @var array<int, int> ticks that were dropped, by assignment */
    public array $dropped = [];

    /** @var array<int, array{step: int, held: list<int>, holders: array<int, true>, tap: ?int}> macros that play */
    public array $macros = [];

    /** @var array<int, list<array{n: int, at: int, wait: int, chords: list<int>, assignment: int, on: bool, open: bool, ends: int}>> presses of members of chords that are on their way or have come late, by contact (see Chords) */
    public array $presses = [];

    /** How many presses of members of chords there were. */
    public int $delayed = 0;

    /** @var array<int, int> the chord that a contact was closed for */
    public array $consumed = [];

    /** @var array<int, true> chords that are on */
    public array $chordOn = [];

    /** @var array<int, array{bool, Cause}> what a contact that is being debounced was last reported as */
    public array $bouncing = [];

    /** @var array<int, array<int, array<string, true>>> sources by hat and direction */
    public array $hats = [];

    /** @var array<int, int> what each hat was last sent */
    public array $hatValues = [];

    /** @var array<string, int|string> how each lamp that is lit looks, by reference (see Look::value) */
    public array $lamps = [];

    /** @var list<array{int, string}> layers that are held, the live one last, each with its source */
    public array $heldLayers = [];

    public int $settledLayer = 0;

    /** The live layer as it was last told. */
    public int $toldLayer = 0;

    /** @var array<string, true> devices that are unplugged */
    public array $away = [];

    /** @var array<int, int> reading by axis */
    public array $readings = [];

    /** @var array<int, array{int, int, int}> last three readings by axis, of those that are steadied */
    public array $windows = [];

    /** @var array<int, Input> the last reading as it came, by axis, of those whose single spikes are left out */
    public array $latest = [];

    /** @var array<int, int> the reading that stands for an axis that is steadied */
    public array $standing = [];

    /** @var array<int, int> the notch that the value of an axis is in, of those with stepped notches */
    public array $notches = [];

    /** @var array<int, int> where what is made from axes stands, by its index */
    public array $made = [];

    /** @var array<int, true> axes that wait until they pass where their output stands */
    public array $waiting = [];

    /** @var array<int, array{float, Cause}> pixels that are owed to the mouse and why it moves, by the axis that moves it */
    public array $mouse = [];

    /** @var array<int, float> value before the stops, by axis */
    public array $values = [];

    /** @var array<int, int> integer after the stops, by axis */
    public array $integers = [];

    /** @var array<string, int|float> the integer a controller axis was last sent, by the key of the output; of a direct one as it was left */
    public array $present = [];

    /** @var array<string, int> the axis that an output belongs to, by its target */
    public array $owners = [];

    /** @var array<string, array<int, int>> the integer of each other axis when the output was taken */
    public array $taken = [];

    /** @var array<string, float> what the simulator's variables were last set to or said to be; not how they begin */
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

    /** @throws \UnexpectedValueException */
    public static function restore(string $written): self
    {
        $state = @unserialize($written, ['allowed_classes' => [
            self::class, Phase::class, PulseState::class, Timer::class, Cause::class, Step::class, StepKind::class, Input::class,
        ]]);
        if (! $state instanceof self) {
            throw new \UnexpectedValueException('The state of the run could not be read back: expected what State::write() gave.');
        }

        return $state;
    }
}
