<?php

declare(strict_types=1);

namespace App\Bench;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Set\BindingSet;

/**
 * Contact events through a set as large as they come, against a plain loop of array look-ups that gives the same rows.
 */
final class ContactBench
{
    private const EVENTS = 40_000;
    private const ROUNDS = 9;
    private const BATCH = 2000;

    public function __construct(private readonly BindingSet $set) {}

    /** @return list<Measurement> */
    public function figures(): array
    {
        $program = Compiler::compile($this->set);
        $rounds = [];
        $count = 0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $loop = new PlainContacts($program, LargeSet::PULSE);
            $machine = Machine::start($program, true);
            $took = ['plain' => 0, 'engine' => 0];
            $count = 0;
            for ($at = 0; $at < self::EVENTS; $at += self::BATCH) {
                $batch = LargeSet::inputs(self::BATCH, $at);
                $start = hrtime(true);
                $rows = $loop->feed($batch);
                $took['plain'] += hrtime(true) - $start;
                $start = hrtime(true);
                $events = $machine->feed($batch);
                $took['engine'] += hrtime(true) - $start;
                if ($rows !== array_map(
                    fn (OutputEvent $event) => [$event->t, $event->kind.' '.$event->target, $event->value],
                    $events,
                )) {
                    throw new \LogicException('The engine and the plain loop do not give the same rows.');
                }
                $count += count($rows);
            }
            $rounds[] = $took;
        }
        // The machine may be slower in one round than in another: the round of the median ratio stands for all.
        usort($rounds, fn (array $a, array $b) => $a['engine'] / $a['plain'] <=> $b['engine'] / $b['plain']);
        $times = $rounds[intdiv(self::ROUNDS, 2)];
        $loop = new Measurement('time of a plain look-up loop, a contact event', $times['plain'] / self::EVENTS, 'ns');

        return [
            $loop,
            (new Measurement(
                'time of the engine, a contact event of 1,500 assignments',
                $times['engine'] / self::EVENTS,
                'ns',
            ))->against($loop),
            new Measurement('contact events through the engine', self::EVENTS / $times['engine'] * 1e9, 'a second'),
            new Measurement('rows that came out of them, the same of both', $count, ''),
        ];
    }
}
