<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Mapping\Behaviour\Assigned;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Condition\Conditions;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Lamp\LampRules;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Mapping\Output\AxisOutput;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Set\HandOver;

/**
 * A set compiled for running: tables of numbers and of parts in the open format, so that it can be kept as a PHP file.
 * What a run touches is made into objects when it is first touched.
 */
final class Program
{
    public const NOTHING = -1;

    /** @var array<int, Shaping> */
    private array $shapings = [];

    /** @var array<int, list<float>> */
    private array $values = [];

    /** @var array<int, list<float>> */
    private array $travels = [];

    /** @var array<int, Stop> */
    private array $stops = [];

    /** @var array<int, Made> */
    private array $made = [];

    /** @var ?array<string, int> */
    private ?array $axisIndex = null;

    /** @var ?array<string, int> */
    private ?array $contactIndex = null;

    /** @var array<int, Assigned> */
    private array $assigned = [];

    /** @var array<int, Macro> */
    private array $macros = [];

    /** @var array<string, ?ContactOutput> */
    private array $macroOutputs = [];

    /** @var ?array<string, LampRule> */
    private ?array $lampRules = null;

    /** @var array<int, ?Condition> */
    private array $conditions = [];

    /** @var array<int, AxisOutput> */
    private array $axisOutputs = [];

    public function __construct(public readonly Tables $tables) {}

    public function hash(): string
    {
        return hash('xxh128', serialize($this->tables));
    }

    public function shaping(int $axis): Shaping
    {
        if (! isset($this->shapings[$axis])) {
            $row = $this->tables->axes[$axis];
            $this->shapings[$axis] = Shaping::read($row->input, Node::of($row->shape)->map());
        }

        return $this->shapings[$axis];
    }

    /** Index of an axis that the program uses, one of a device or a built one; -1 if it does not use it. */
    public function axisIndex(string $ref): int
    {
        $this->axisIndex ??= array_flip(array_map(fn (AxisRow $row): string => $row->input->ref, $this->tables->axes));

        return $this->axisIndex[$ref] ?? -1;
    }

    /** Index of a contact that the program uses; -1 if it does not use it. */
    public function contactIndex(string $ref): int
    {
        $this->contactIndex ??= array_flip(array_column($this->tables->contacts, 'ref'));

        return $this->contactIndex[$ref] ?? -1;
    }

    public function made(int $made): Made
    {
        return $this->made[$made] ??= MadeKinds::read(
            Node::of($this->tables->made[$made]->made),
            $this->tables->made[$made]->id,
        );
    }

    public function handOver(int $assignment): ?HandOver
    {
        return HandOver::read(Node::of($this->tables->assignments[$assignment]->over));
    }

    public function macro(int $macro): Macro
    {
        return $this->macros[$macro] ??= Macro::read(
            $this->tables->macros[$macro]->id,
            Node::of($this->tables->macros[$macro]->macro),
            true,
        );
    }

    /** -1 if the program has no such macro. */
    public function macroIndex(string $id): int
    {
        $index = array_search($id, array_column($this->tables->macros, 'id'), true);

        return is_int($index) ? $index : -1;
    }

    /** What a step of a macro drives, its action replaced by its way; null if it drives nothing. */
    public function macroOutput(int $macro, int $step): ?ContactOutput
    {
        $key = $macro.':'.$step;
        if (! array_key_exists($key, $this->macroOutputs)) {
            $row = $this->tables->macros[$macro]->outputs[$step] ?? null;
            $read = $row === null ? null : Outputs::read(Node::of($row));
            $this->macroOutputs[$key] = $read instanceof ContactOutput ? $read : null;
        }

        return $this->macroOutputs[$key];
    }

    /** @return array<string, LampRule> by id, in file order */
    public function lampRules(): array
    {
        return $this->lampRules ??= array_map(
            fn (array $rule) => LampRules::read(Node::of($rule)),
            $this->tables->lamps,
        );
    }

    public function condition(int $assignment): ?Condition
    {
        if (! array_key_exists($assignment, $this->conditions)) {
            $when = $this->tables->assignments[$assignment]->when;
            $this->conditions[$assignment] = $when === null ? null : Conditions::read(Node::of($when));
        }

        return $this->conditions[$assignment];
    }

    public function chordCondition(int $chord): ?Condition
    {
        $when = $this->tables->chords[$chord]->when;

        return $when === null ? null : Conditions::read(Node::of($when));
    }

    /**
     * Values before the stops by reading less the lowest, computed once for all machines of this program.
     *
     * @return list<float>
     */
    public function values(int $axis): array
    {
        return $this->values[$axis] ??= $this->shaping($axis)->table();
    }

    /** @return list<float> travels by reading less the lowest */
    public function travels(int $axis): array
    {
        return $this->travels[$axis] ??= $this->shaping($axis)->travels();
    }

    public function stop(int $stop): Stop
    {
        return $this->stops[$stop] ??= Stop::read(
            $this->tables->stops[$stop]->id,
            Node::of($this->tables->stops[$stop]->stop),
        );
    }

    public function stopIndex(string $id): int
    {
        foreach ($this->tables->stops as $i => $row) {
            if ($row->id === $id) {
                return $i;
            }
        }

        return -1;
    }

    public function layerIndex(string $id): int
    {
        foreach ($this->tables->layers as $i => $row) {
            if ($row->id === $id) {
                return $i;
            }
        }

        return -1;
    }

    public function assigned(int $assignment): Assigned
    {
        if (! isset($this->assigned[$assignment])) {
            $row = $this->tables->assignments[$assignment];
            $outputs = [];
            foreach ($row->outputs as $i => $output) {
                $read = Outputs::read(Node::of($output));
                assert($read instanceof ContactOutput);
                $outputs[$i] = $read;
            }
            $this->assigned[$assignment] = new Assigned(
                $assignment,
                Behaviours::read(Node::of($row->behaviour)),
                $outputs,
                $row->actions,
            );
        }

        return $this->assigned[$assignment];
    }

    public function axisOutput(int $assignment): AxisOutput
    {
        if (! isset($this->axisOutputs[$assignment])) {
            $read = Outputs::read(Node::of($this->tables->assignments[$assignment]->outputs[0]));
            assert($read instanceof AxisOutput);
            $this->axisOutputs[$assignment] = $read;
        }

        return $this->axisOutputs[$assignment];
    }

    /** The action that an axis assignment stands for, if it names one. */
    public function axisAction(int $assignment): ?string
    {
        return $this->tables->assignments[$assignment]->actions[0];
    }
}
