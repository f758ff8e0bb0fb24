<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Cause\Input;
use Nailrod\Core\Hand\Batch;
use Nailrod\Core\Hand\Hand;
use Nailrod\Core\Hand\HandError;
use Nailrod\Core\Hand\HandKind;
use Nailrod\Core\Hand\RigAtWork;
use Nailrod\Core\Live\Live;
use Nailrod\Core\Live\LiveState;
use Nailrod\Core\Live\LiveStep;
use Nailrod\Core\Output\OutputEvent;
use Nailrod\Core\Recording\RecordingReader;
use Nailrod\Core\Recording\RecordingWriter;
use Nailrod\Core\Run\Machine;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What several hands do at once is one run: its recording, played by itself, gives the same rows. */
#[Group('laws')]
final class HandsLawTest extends TestCase
{
    use InWorlds;

    private const RUNS = 1;

    private RigAtWork $rig;

    /** @var array<string, Hand> */
    private array $hands = [];

    private int $now = 0;

    /** @var list<LiveStep> */
    private array $steps = [];

    public function test_the_recording_of_what_several_hands_do_gives_the_same_rows(): void
    {
        $gone = $repeated = $rows = 0;
        $this->inEveryWorld(function (World $world) use (&$gone, &$repeated, &$rows): void {
            $live = new Live($world->program, $world->set, new LiveState);
            $this->steps = [$live->begin()];
            $this->rig = new RigAtWork($live, $world->set, $world->program);
            [$this->hands, $this->now] = [[], 1000];
            for ($left = $world->inputs; $left !== []; $left = array_slice($left, count($some))) {
                $some = array_slice($left, 0, $world->between(1, 6));
                $id = 'hand-'.$world->between(1, 3);
                $hand = $this->hands[$id] ?? $this->open($id);
                // Each hand has a clock of its own, and a line that is quick or slow.
                $this->now = max($this->now, $some[count($some) - 1]->t + $world->between(0, 40_000));
                $inputs = array_map(fn (Input $input) => new Input($input->t + 7_000_000 * strlen($id), $input->port, $input->value), $some);
                $batch = new Batch($hand->batch + 1, inputs: $inputs);
                if ($world->chance(20)) {
                    $this->refused($hand, new Batch($hand->batch + 2, inputs: $inputs));
                }
                $this->take($hand, $batch);
                if ($world->chance(20)) {
                    $this->assertSame([], $this->take($hand, $batch));
                    $repeated++;
                }
                if ($world->chance(10)) {
                    $this->steps[] = $this->rig->goes($hand, $this->now);
                    unset($this->hands[$id]);
                    $gone++;
                }
                if ($world->chance(30)) {
                    $this->steps[] = $this->rig->run($this->now += $world->between(0, 300_000));
                }
            }
            $end = $this->rig->latest() + Machine::RUN_ON;
            $this->steps[] = $live->step([], $end);
            $all = LiveStep::joined($this->steps);
            $recording = RecordingReader::HEADER."\n".implode('', array_map(RecordingWriter::line(...), $all->taken));
            $machine = Machine::start($world->program);
            $played = [];
            foreach (RecordingReader::batches(explode("\n", rtrim($recording))) as $batch) {
                array_push($played, ...$machine->feed($batch));
            }
            array_push($played, ...$machine->advance($end));
            $this->assertSame(self::rows($all->outputs), self::rows($played));
            $rows += count($played);
        }, runs: self::RUNS);
        $this->assertGreaterThan(self::CASES, min($gone, $repeated, $rows), 'hands must have gone and batches come twice');
    }

    private function open(string $id): Hand
    {
        [$this->hands[$id], $step] = $this->rig->open($id, $id, HandKind::Recording, [], $this->now);
        $this->steps[] = $step;

        return $this->hands[$id];
    }

    /** @return list<LiveStep> */
    private function take(Hand $hand, Batch $batch): array
    {
        $steps = iterator_to_array($this->rig->take($hand, $batch, fn (): int => $this->now), false);
        array_push($this->steps, ...$steps);

        return $steps;
    }

    private function refused(Hand $hand, Batch $batch): void
    {
        try {
            $this->take($hand, $batch);
            $this->fail('A batch is missing before it.');
        } catch (HandError) {
            $this->assertSame($batch->n - 2, $hand->batch);
        }
    }

    /**
     * @param list<OutputEvent> $events
     *
     * @return list<string>
     */
    private static function rows(array $events): array
    {
        return array_map(fn (OutputEvent $event) => $event->t.' '.$event->kind.' '.$event->target.' '.json_encode($event->value), $events);
    }
}
