<?php

declare(strict_types=1);

namespace App\Bench;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\SetDocument;

/** The engine against a plain loop, on the same samples: one lever through the whole chain. */
final class EngineBench
{
    private const SAMPLES = 100_000;
    private const ROUNDS = 7;

    /** As many as the command line feeds at once. */
    private const BATCH = 2000;

    private const AXIS = 'fennel/left-lever';
    private const STOP = 0.92;
    private const HOLD = 0.0004;
    private const CLOSES = 0.04;
    private const OPENS = 0.05;

    /** All that can be set of a lever at once: calibration to notches, a stop, a threshold. */
    private const CHAIN = [
        'axes' => [self::AXIS => [
            'calibrate' => ['low' => 812, 'high' => 64903],
            'steady' => ['hold' => self::HOLD, 'spikes' => true],
            'dead_zones' => ['low' => 0.02, 'high' => 0.015],
            'curve' => ['kind' => 'points', 'points' => [[0, 0], [0.3, 0.15], [0.7, 0.6], [1, 1]]],
            'range' => ['low' => 0, 'high' => 0.98],
            'notches' => ['kind' => 'flat', 'at' => [0.3, 0.6], 'width' => 0.01],
        ]],
        'made' => [
            'fuel-cut' => [
                'kind' => 'below',
                'name' => 'Fuel cut',
                'of' => [self::AXIS],
                'at' => self::CLOSES,
                'hysteresis' => self::OPENS - self::CLOSES,
            ],
        ],
        'stops' => ['cruise' => ['name' => 'Cruise', 'axes' => [self::AXIS], 'at' => self::STOP, 'opens' => 'held']],
        'cells' => ['base' => [
            self::AXIS => ['outputs' => [['kind' => 'axis', 'number' => 1]]],
            'made/fuel-cut' => [
                'behaviour' => ['kind' => 'follow'],
                'outputs' => [['kind' => 'button', 'number' => 7]],
            ],
        ]],
    ];

    private readonly Shaping $shaping;

    private readonly Program $program;

    public function __construct(Rig $rig)
    {
        $set = BindingSet::of(MergedDocument::of([SetDocument::read(Node::of([
            'format' => SetDocument::FORMAT, 'version' => 1, 'id' => 'bench', 'name' => 'Bench',
            'devices' => ['fennel'],
        ] + self::CHAIN))]), new Rig([$rig->devices['fennel']]), null);
        $this->shaping = $set->shapings[self::AXIS];
        $this->program = Compiler::compile($set);
    }

    /** @return list<Measurement> */
    public function figures(): array
    {
        $batches = array_chunk($this->samples(), self::BATCH);
        $times = ['plain' => INF, 'engine' => INF];
        $plain = $engine = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $plain = $engine = [];
            $loop = new PlainLoop($this->shaping, self::STOP, self::HOLD, self::CLOSES, self::OPENS);
            $machine = Machine::start($this->program, true);
            $took = ['plain' => 0, 'engine' => 0];
            foreach ($batches as $batch) {
                $start = hrtime(true);
                $changes = $loop->feed($batch);
                $took['plain'] += hrtime(true) - $start;
                $start = hrtime(true);
                $events = $machine->feed($batch);
                $took['engine'] += hrtime(true) - $start;
                array_push($plain, ...$changes);
                array_push($engine, ...array_map(fn (OutputEvent $event) => [$event->t, $event->value], $events));
            }
            $times = [
                'plain' => min($times['plain'], $took['plain']),
                'engine' => min($times['engine'], $took['engine']),
            ];
        }
        if ($plain !== $engine) {
            throw new \LogicException('The engine and the plain loop do not give the same integers.');
        }
        $loop = new Measurement('time of the plain loop, a sample', $times['plain'] / self::SAMPLES, 'ns');

        return [
            $loop,
            (new Measurement(
                'time of the engine through the whole chain, a sample',
                $times['engine'] / self::SAMPLES,
                'ns',
            ))->against($loop),
            new Measurement('axis samples through the engine', self::SAMPLES / $times['engine'] * 1e9, 'a second'),
            new Measurement('changes among them', 100 * count($engine) / self::SAMPLES, '%'),
            new Measurement('readings for which compiled and plain engine differ', $this->differences(), 'of 65536'),
        ];
    }

    /** Every reading through the compiled program and through the stages one by one, there and back. */
    private function differences(): int
    {
        $readings = [...range(0, Shaping::STEPS), ...range(Shaping::STEPS, 0, -1)];
        $inputs = array_map(
            fn (int $reading, int $i) => new Input(1000 * ($i + 1), self::AXIS, $reading),
            $readings,
            array_keys($readings),
        );
        $rows = [];
        foreach ([true, false] as $fused) {
            $events = Machine::start($this->program, $fused)->feed($inputs);
            $rows[] = array_map(fn (OutputEvent $event) => $event->t.' '.$event->kind.' '.$event->value, $events);
        }

        return count(array_diff($rows[0], $rows[1])) + count(array_diff($rows[1], $rows[0]));
    }

    /** @return list<Input> a lever that wanders up and down, with small trembling, past the stop and back */
    private function samples(): array
    {
        $samples = [];
        for ($i = 1; $i <= self::SAMPLES; $i++) {
            $wave = 0.5 - 0.5 * cos($i / 900);
            $samples[] = new Input(1000 * $i, self::AXIS, (int) round(65535 * $wave * 0.99 + ($i * 7919 % 23)));
        }

        return $samples;
    }
}
