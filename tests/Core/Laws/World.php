<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Device\DeviceReader;
use Nailrod\Core\Device\Rig;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Program\Compiler;
use Nailrod\Core\Program\Program;
use Nailrod\Core\Run\Input;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\SetDocument;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A random rig, a random set on it and a random run, all from one seed. */
final class World
{
    public const AXES = 3;
    public const BUTTONS = 5;

    public readonly Program $program;

    public readonly BindingSet $set;

    /** @var list<Input> */
    public readonly array $inputs;

    private readonly Randomizer $dice;

    private int $used = 0;

    /** @param bool $shared may several sources drive one output? */
    public function __construct(int $seed, private readonly bool $shared = true)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
        $device = DeviceReader::read(Node::of($this->device()));
        $set = SetDocument::read(Node::of($this->document()));
        $this->set = BindingSet::of(MergedDocument::of([$set]), new Rig([$device]), null);
        $this->program = Compiler::compile($this->set);
        $this->inputs = $this->run();
    }

    public function chance(int $percent): bool
    {
        return $this->dice->getInt(1, 100) <= $percent;
    }

    public function between(int $low, int $high): int
    {
        return $this->dice->getInt($low, $high);
    }

    /** @return array<string, mixed> */
    private function device(): array
    {
        $controls = [];
        for ($i = 1; $i <= self::AXES; $i++) {
            $controls[] = ['id' => 'a'.$i, 'name' => 'Axis '.$i, 'kind' => 'lever', 'at' => [1, 1], 'axes' => [
                ['number' => $i, 'min' => 0, 'max' => $this->between(20, 700), 'centred' => $this->chance(40)],
            ]];
        }
        for ($i = 1; $i <= self::BUTTONS; $i++) {
            $controls[] = ['id' => 'b'.$i, 'name' => 'Switch '.$i, 'kind' => 'two-way', 'at' => [1, 1], 'contacts' => [
                ['id' => 'up', 'number' => $i], ['id' => 'down', 'opposite' => 'up'],
            ]];
        }
        $controls[] = ['id' => 'h', 'name' => 'Hat', 'kind' => 'hat', 'at' => [1, 1], 'hat' => 1];

        return ['format' => 'nailrod-device', 'version' => 1, 'id' => 'd', 'name' => 'D', 'kind' => 'throttle', 'face' => ['width' => 100, 'height' => 100], 'controls' => $controls];
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $document = ['format' => 'nailrod-set', 'version' => 1, 'id' => 'w', 'name' => 'World', 'devices' => ['d'], 'layers' => [], 'axes' => [], 'stops' => [], 'cells' => []];
        $layers = ['base'];
        foreach (array_slice(['one', 'two'], 0, $this->between(0, 2)) as $id) {
            $document['layers'][$id] = ['name' => $id];
            $layers[] = $id;
        }
        for ($i = 1; $i <= self::AXES; $i++) {
            $document['axes']['d/a'.$i] = $this->shape();
        }
        for ($i = $this->between(0, 3); $i > 0; $i--) {
            $document['stops']['s'.$i] = $this->stop();
        }
        foreach ($layers as $layer) {
            $document['cells'][$layer] = $this->cells($layers, array_keys($document['stops']));
        }

        return array_filter($document, fn (mixed $part) => $part !== []);
    }

    /** @return array<string, mixed> */
    private function shape(): array
    {
        $low = $this->between(0, 40) / 100;

        return [
            'dead_zones' => ['low' => $this->between(0, 20) / 100, 'high' => $this->between(0, 20) / 100],
            'curve' => ['kind' => 'expo', 'k' => $this->between(-100, 100) / 100],
            'range' => ['low' => $low, 'high' => $this->between(60, 100) / 100],
        ];
    }

    /** @return array<string, mixed> */
    private function stop(): array
    {
        $axes = array_values(array_filter(['d/a1', 'd/a2', 'd/a3'], fn () => $this->chance(50)));
        $above = $this->chance(70);

        return [
            'name' => 'Stop', 'axes' => $axes === [] ? ['d/a1'] : $axes, 'at' => $above ? $this->between(50, 95) / 100 : $this->between(5, 45) / 100,
            'side' => $above ? 'above' : 'below', 'opens' => $this->chance(50) ? 'held' : 'until drawn back', 'patience_ms' => $this->between(0, 4) * 50,
        ];
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function cells(array $layers, array $stops): array
    {
        $cells = [];
        for ($i = 1; $i <= self::AXES; $i++) {
            if ($this->chance(70)) {
                $cells['d/a'.$i] = $this->chance(10) ? ['nothing' => true] : ['outputs' => [['kind' => 'axis', 'number' => $this->shared ? $this->between(1, 3) : $i]]];
            }
        }
        $contacts = ['d/h.north', 'd/h.east', 'd/h.south', 'd/h.west'];
        for ($i = 1; $i <= self::BUTTONS; $i++) {
            array_push($contacts, 'd/b'.$i.'.up', 'd/b'.$i.'.down');
        }
        foreach ($contacts as $contact) {
            if ($this->chance(50)) {
                $cells[$contact] = $this->chance(10) ? ['nothing' => true] : $this->assignment($layers, $stops);
            }
        }

        return $cells;
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function assignment(array $layers, array $stops): array
    {
        $behaviour = match ($this->between(0, 3)) {
            0, 1 => ['kind' => 'follow'],
            2 => ['kind' => 'toggle'],
            default => ['kind' => 'pulse', 'on' => ['press', 'release', 'both'][$this->between(0, 2)], 'width_ms' => $this->between(1, 90)],
        };
        $outputs = [$this->output($layers, $stops)];
        if ($this->chance(25)) {
            $outputs[] = $this->output($layers, $stops);
        }

        return ['behaviour' => $behaviour, 'outputs' => $outputs];
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function output(array $layers, array $stops): array
    {
        $number = $this->shared ? $this->between(1, 6) : ++$this->used;

        return match (true) {
            count($layers) > 1 && $this->chance(30) => ['kind' => 'hold layer', 'layer' => $layers[$this->between(1, count($layers) - 1)]],
            $stops !== [] && $this->chance(30) => ['kind' => 'open stop', 'stop' => $stops[$this->between(0, count($stops) - 1)]],
            $this->shared && $this->chance(30) => ['kind' => 'key', 'code' => 'F'.$number, 'with' => $this->chance(40) ? ['ShiftLeft'] : []],
            $this->chance(30) => ['kind' => 'on/off variable', 'name' => 'v'.$number, 'on' => $this->between(1, 3), 'off' => 0],
            default => ['kind' => 'button', 'number' => $number],
        };
    }

    /** @return list<Input> */
    private function run(): array
    {
        $inputs = [];
        $t = 0;
        for ($i = $this->between(10, 60); $i > 0; $i--) {
            $inputs[] = $this->input($t);
            $t += match ($this->between(0, 4)) {
                0 => 0,
                1 => $this->between(1, 200) * 1000,
                default => $this->between(1, 30_000),
            };
        }

        return $inputs;
    }

    private function input(int $t): Input
    {
        if ($this->chance(45)) {
            $axis = $this->between(1, self::AXES);
            $max = $this->set->rig->axes['d/a'.$axis]->max;

            return new Input($t, 'd/a'.$axis, $this->chance(25) ? $this->between(0, 1) * $max : $this->between(0, $max));
        }

        return $this->chance(15)
            ? new Input($t, 'd/h', $this->between(-1, 7))
            : new Input($t, 'd/b'.$this->between(1, self::BUTTONS).'.up', $this->between(0, 1));
    }
}
