<?php

declare(strict_types=1);

namespace App\Bench;

use Nailrod\Core\Program\Program;
use Nailrod\Core\Run\Input;
use Nailrod\Core\Run\Machine;
use Nailrod\Core\Set\BindingSet;

/** The engine against a plain loop, on the same samples. */
final class EngineBench
{
    private const SAMPLES = 100_000;
    private const ROUNDS = 7;

    /** As many as the command line feeds at once. */
    private const BATCH = 2000;

    private const AXIS = 'fennel/left-lever';
    private const CONTACT = 'fennel/mark';
    private const STOP = 0.92;

    public function __construct(private readonly BindingSet $set, private readonly Program $program) {}

    /** @return list<Figure> */
    public function figures(): array
    {
        $batches = array_chunk($this->samples(), self::BATCH);
        $shaping = $this->set->shapings[self::AXIS];
        $table = $shaping->table();
        $plainTime = $engineTime = INF;
        $plain = $engine = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $plain = $engine = [];
            $last = 0;
            $machine = Machine::start($this->program, true);
            $machine->feed([new Input(0, self::AXIS, 0)]);
            $times = [0, 0];
            foreach ($batches as $batch) {
                $start = hrtime(true);
                $changes = self::plainLoop($batch, $table, $shaping->axis->min, self::STOP, $last);
                $times[0] += hrtime(true) - $start;
                $start = hrtime(true);
                $events = $machine->feed($batch);
                $times[1] += hrtime(true) - $start;
                array_push($plain, ...array_column($changes, 1));
                array_push($engine, ...array_map(fn ($event) => $event->value, $events));
            }
            $plainTime = min($plainTime, $times[0]);
            $engineTime = min($engineTime, $times[1]);
        }
        if ($plain !== $engine) {
            throw new \LogicException('The engine and the plain loop do not give the same integers.');
        }
        $loop = new Figure('time of the plain loop, a sample', $plainTime / self::SAMPLES, 'ns');

        return [
            $loop,
            (new Figure('time of the engine, a sample', $engineTime / self::SAMPLES, 'ns'))->against($loop),
            new Figure('axis samples through the engine', self::SAMPLES / $engineTime * 1e9, 'a second'),
            new Figure('changes among them', 100 * count($engine) / self::SAMPLES, '%'),
            $this->contacts(),
        ];
    }

    /**
     * What a careful hand would write for one lever with a shut stop: look up, stop, change detection, in line.
     * There are no thresholds in it, since the engine has none yet.
     *
     * @param list<Input> $samples
     * @param list<float> $table
     *
     * @return list<array{int, int}> time and integer of each change
     */
    private static function plainLoop(array $samples, array $table, int $min, float $stop, int &$last): array
    {
        $changes = [];
        foreach ($samples as $sample) {
            $value = $table[(int) $sample->value - $min];
            if ($value > $stop) {
                $value = $stop;
            }
            $integer = (int) (65535 * $value + 0.5);
            if ($integer !== $last) {
                $last = $integer;
                $changes[] = [$sample->t, $integer];
            }
        }

        return $changes;
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

    private function contacts(): Figure
    {
        $inputs = [];
        for ($i = 1; $i <= self::SAMPLES; $i++) {
            $inputs[] = new Input(100_000 * $i, self::CONTACT, $i % 2);
        }
        $time = INF;
        for ($round = 0; $round < 3; $round++) {
            $machine = Machine::start($this->program, true);
            $start = hrtime(true);
            $machine->feed($inputs);
            $time = min($time, hrtime(true) - $start);
        }

        return new Figure('contact events through the engine', self::SAMPLES / $time * 1e9, 'a second');
    }
}
