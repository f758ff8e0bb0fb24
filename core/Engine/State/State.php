<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Format\Cause\StepKind;

/**
 * Everything that a run remembers, and the only thing in it that changes: the time, timers, and what each part
 * remembers.
 */
final class State
{
    /** In µs since the start of the run. */
    public int $now = 0;

    public Phase $phase = Phase::Fresh;

    /** @var list<Timer> by due time, then in the order they were set */
    public array $timers = [];

    /** @var array<string, true> devices that are unplugged */
    public array $away = [];

    public AssignmentsState $assignments;

    public AxesState $axes;

    public ChordsState $chords;

    public ContactsState $contacts;

    public DebounceState $debounce;

    public HatsState $hats;

    public HoldsState $holds;

    public LampsState $lamps;

    public LayersState $layers;

    public MacrosState $macros;

    public MadeState $made;

    public MouseState $mouse;

    public PressesState $presses;

    public PulsesState $pulses;

    public MacroRecordingState $macroRecording;

    public RotariesState $rotaries;

    public RoutesState $routes;

    public StopsState $stops;

    public TicksState $ticks;

    public VariablesState $variables;

    public function __construct()
    {
        $this->assignments = new AssignmentsState;
        $this->axes = new AxesState;
        $this->chords = new ChordsState;
        $this->contacts = new ContactsState;
        $this->debounce = new DebounceState;
        $this->hats = new HatsState;
        $this->holds = new HoldsState;
        $this->lamps = new LampsState;
        $this->layers = new LayersState;
        $this->macros = new MacrosState;
        $this->made = new MadeState;
        $this->mouse = new MouseState;
        $this->presses = new PressesState;
        $this->pulses = new PulsesState;
        $this->macroRecording = new MacroRecordingState;
        $this->rotaries = new RotariesState;
        $this->routes = new RoutesState;
        $this->stops = new StopsState;
        $this->ticks = new TicksState;
        $this->variables = new VariablesState;
    }

    public function __clone()
    {
        foreach ($this->parts() as $name => $part) {
            $this->$name = clone $part;
        }
    }

    /** What stays when the program under the hands is changed, after all that was held, waiting or timed has ended. */
    public function carried(Renumbering $to): self
    {
        $next = clone $this;
        $next->timers = [];
        foreach ($this->parts() as $name => $part) {
            $next->$name = $part->carried($to);
        }

        return $next;
    }

    public function write(): string
    {
        return serialize($this);
    }

    /** @throws \UnexpectedValueException */
    public static function restore(string $written): self
    {
        $parts = array_map(fn (PartState $part) => $part::class, array_values((new self)->parts()));
        $rows = [
            Cause::class,
            Input::class,
            MemberPress::class,
            Phase::class,
            MacroPlayer::class,
            SentPulse::class,
            Step::class,
            StepKind::class,
            TickQueue::class,
            Timer::class,
        ];
        $state = @unserialize($written, ['allowed_classes' => [self::class, ...$parts, ...$rows]]);
        if (! $state instanceof self) {
            throw new \UnexpectedValueException(
                'The state of the run could not be read back: expected what State::write() gave.',
            );
        }

        return $state;
    }

    /** @return array<string, PartState> */
    private function parts(): array
    {
        $parts = [];
        foreach (get_object_vars($this) as $name => $part) {
            if ($part instanceof PartState) {
                $parts[(string) $name] = $part;
            }
        }

        return $parts;
    }
}
