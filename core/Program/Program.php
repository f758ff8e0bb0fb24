<?php

declare(strict_types=1);

namespace Nailrod\Core\Program;

use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Axis\Stop;
use Nailrod\Core\Behaviour\Behaviours;
use Nailrod\Core\Device\AxisInput;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\AxisOutput;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Output\Outputs;

/**
 * A set compiled for running: plain tables of numbers and of parts in the open format, so that it can be kept as a PHP
 * file of constants. What a run touches is made into objects when it is first touched.
 *
 * @phpstan-type AxisRow array{ref: string, name: string, number: int, min: int, max: int, centred: bool, shape: array<string, mixed>, stops: list<int>}
 * @phpstan-type ContactRow array{ref: string, opposite: ?int}
 * @phpstan-type AssignmentRow array{layer: int, ref: string, behaviour: ?array<string, mixed>, outputs: list<array<string, mixed>>, actions: list<?string>}
 * @phpstan-type StopRow array{id: string, stop: array<string, mixed>}
 * @phpstan-type Tables array{
 *     axisPorts: array<string, int>, contactPorts: array<string, int>, hatPorts: array<string, list<?int>>,
 *     layers: list<array{id: string, name: string}>, axes: list<AxisRow>, contacts: list<ContactRow>,
 *     opposites: array<int, list<int>>, stops: list<StopRow>, assignments: list<AssignmentRow>,
 *     cells: array<int, array<int, int>>, axisCells: array<int, array<int, int>>,
 * }
 */
final class Program
{
    public const NOTHING = -1;

    /** @var array<int, Shaping> */
    private array $shapings = [];

    /** @var array<int, Stop> */
    private array $stops = [];

    /** @var array<int, Assigned> */
    private array $assigned = [];

    /** @var array<int, AxisOutput> */
    private array $axisOutputs = [];

    /** @param Tables $tables */
    public function __construct(public readonly array $tables) {}

    /** The program as PHP source that gives the tables back as constants. */
    public function toPhp(): string
    {
        return "<?php\n\nreturn ".var_export($this->tables, true).";\n";
    }

    public function hash(): string
    {
        return hash('xxh128', serialize($this->tables));
    }

    public function shaping(int $axis): Shaping
    {
        if (! isset($this->shapings[$axis])) {
            $row = $this->tables['axes'][$axis];
            $input = new AxisInput($row['ref'], $row['name'], $row['number'], $row['min'], $row['max'], $row['centred']);
            $this->shapings[$axis] = Shaping::read($input, Node::of($row['shape'])->map());
        }

        return $this->shapings[$axis];
    }

    public function stop(int $stop): Stop
    {
        return $this->stops[$stop] ??= Stop::read($this->tables['stops'][$stop]['id'], Node::of($this->tables['stops'][$stop]['stop']));
    }

    public function stopIndex(string $id): int
    {
        foreach ($this->tables['stops'] as $i => $row) {
            if ($row['id'] === $id) {
                return $i;
            }
        }

        return -1;
    }

    public function layerIndex(string $id): int
    {
        foreach ($this->tables['layers'] as $i => $row) {
            if ($row['id'] === $id) {
                return $i;
            }
        }

        return -1;
    }

    public function assigned(int $assignment): Assigned
    {
        if (! isset($this->assigned[$assignment])) {
            $row = $this->tables['assignments'][$assignment];
            $outputs = [];
            foreach ($row['outputs'] as $output) {
                $read = Outputs::read(Node::of($output));
                assert($read instanceof ContactOutput);
                $outputs[] = $read;
            }
            $this->assigned[$assignment] = new Assigned($assignment, Behaviours::read(Node::of($row['behaviour'])), $outputs, $row['actions']);
        }

        return $this->assigned[$assignment];
    }

    public function axisOutput(int $assignment): AxisOutput
    {
        if (! isset($this->axisOutputs[$assignment])) {
            $read = Outputs::read(Node::of($this->tables['assignments'][$assignment]['outputs'][0]));
            assert($read instanceof AxisOutput);
            $this->axisOutputs[$assignment] = $read;
        }

        return $this->axisOutputs[$assignment];
    }

    /** The action that an axis assignment stands for, if it names one. */
    public function axisAction(int $assignment): ?string
    {
        return $this->tables['assignments'][$assignment]['actions'][0];
    }
}
