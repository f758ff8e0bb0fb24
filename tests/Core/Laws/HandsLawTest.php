<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Engine\Hand\Batch;
use Nailrod\Core\Engine\Hand\InputSource;
use Nailrod\Core\Engine\Hand\RigAtWork;
use Nailrod\Core\Engine\Hand\SourceError;
use Nailrod\Core\Engine\Hand\SourceKind;
use Nailrod\Core\Engine\Live\Live;
use Nailrod\Core\Engine\Live\LiveState;
use Nailrod\Core\Engine\Live\LiveStep;
use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\Recording\RecordingReader;
use Nailrod\Core\Engine\Recording\RecordingWriter;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Output\OutputEvent;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\DemoSets;

/** What several hands do at once is one run: its recording, played by itself, gives the same rows. */
#[Group('laws')]
final class HandsLawTest extends TestCase
{
    use InWorlds;

    private const RUNS = 1;
    private const GAMES = 40;

    private RigAtWork $rig;

    /** @var array<string, InputSource> */
    private array $hands = [];

    private int $now = 0;

    /** Rows of recordings that no hand has moved. */
    private int $aside = 0;

    /** @var list<LiveStep> */
    private array $steps = [];

    public function test_the_recording_of_what_several_hands_do_gives_the_same_rows(): void
    {
        $gone = $repeated = $rows = $this->aside = 0;
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
                $inputs = array_map(
                    fn (Input $input) => new Input($input->t + 7_000_000 * strlen($id), $input->port, $input->value),
                    $some,
                );
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
                if ($world->chance(10)) {
                    $this->plug($world);
                }
                if ($world->chance(10)) {
                    $this->find($world);
                }
                if ($world->chance(30)) {
                    $this->steps[] = $this->rig->run($this->now += $world->between(0, 300_000));
                }
            }
            $rows += $this->assertPlayedAlike($world->program);
        }, runs: self::RUNS);
        $this->assertTried(
            self::worlds(),
            min($gone, $repeated, $rows, $this->aside),
            'hands must have gone, batches come twice, devices gone and contacts been found',
        );
    }

    public function test_so_it_does_while_the_game_moves_by_itself(): void
    {
        $set = DemoSets::skerrywing();
        $program = Compiler::compile($set);
        $lit = $this->aside = 0;
        foreach (range(1, self::GAMES) as $seed) {
            $dice = new Randomizer(new Mt19937($seed));
            $live = new Live($program, $set, new LiveState);
            $this->steps = [$live->begin()];
            $this->rig = new RigAtWork($live, $set, $program);
            [$this->hands, $this->now] = [[], 1000];
            $ports = array_values(array_filter(
                [...array_keys($set->rig->contacts), ...array_keys($set->rig->axes)],
                $set->rig->reports(...),
            ));
            foreach (range(1, 60) as $ignored) {
                $hand = $this->hands['hand'] ?? $this->open('hand');
                $port = $ports[$dice->getInt(0, count($ports) - 1)];
                $this->take(
                    $hand,
                    new Batch(
                        $hand->batch + 1,
                        inputs: [new Input($this->now, $port, $dice->getInt(...$set->rig->limits($port)))],
                    ),
                );
                foreach (range(0, $dice->getInt(0, 6)) as $frame) {
                    $this->steps[] = $this->rig->run($this->now += 40_000);
                }
            }
            $this->assertPlayedAlike($program);
            $lit += count(array_filter(
                LiveStep::joined($this->steps)->outputs,
                fn (OutputEvent $event): bool => $event->kind === OutputEvent::LAMP,
            ));
        }
        $this->assertGreaterThan(
            self::GAMES,
            min($lit, $this->aside),
            'lamps must have followed what the game did by itself',
        );
    }

    /** @return int how many rows there were */
    private function assertPlayedAlike(Program $program): int
    {
        $end = $this->rig->latest() + Machine::RUN_ON;
        $this->steps[] = $this->rig->live->step([], $end);
        $all = LiveStep::joined($this->steps);
        $this->aside += count(array_filter($all->taken, fn (Input $input): bool => $input->isAside()));
        $recording = RecordingReader::HEADER."\n".implode('', array_map(RecordingWriter::line(...), $all->taken));
        $machine = Machine::start($program);
        $played = [];
        foreach (RecordingReader::batches(explode("\n", rtrim($recording))) as $batch) {
            array_push($played, ...$machine->feed($batch));
        }
        array_push($played, ...$machine->advance($end));
        $this->assertSame(self::rows($all->outputs), self::rows($played));

        return count($played);
    }

    private function open(string $id): InputSource
    {
        [$this->hands[$id], $step] = $this->rig->open($id, $id, SourceKind::Recording, [], $this->now);
        $this->steps[] = $step;

        return $this->hands[$id];
    }

    /** A device goes, or is back. */
    private function plug(World $world): void
    {
        $device = array_keys($world->set->rig->devices)[$world->between(0, count($world->set->rig->devices) - 1)];
        $hand = $this->hands['plugs'] ?? $this->open('plugs');
        $this->take(
            $hand,
            new Batch($hand->batch + 1, plugs: [$device => isset($this->rig->live->state->unplugged[$device])]),
        );
    }

    /** A hand tells how it finds a contact. */
    private function find(World $world): void
    {
        $contacts = array_keys($world->set->rig->contacts);
        $port = $contacts[$world->between(0, count($contacts) - 1)];
        if ($world->set->rig->reports($port)) {
            $hand = $this->hands['plugs'] ?? $this->open('plugs');
            $this->take($hand, new Batch($hand->batch + 1, found: [new Input(0, $port, $world->between(0, 1))]));
        }
    }

    /** @return list<LiveStep> */
    private function take(InputSource $hand, Batch $batch): array
    {
        $steps = iterator_to_array($this->rig->take($hand, $batch, fn (): int => $this->now), false);
        array_push($this->steps, ...$steps);

        return $steps;
    }

    private function refused(InputSource $hand, Batch $batch): void
    {
        try {
            $this->take($hand, $batch);
            $this->fail('A batch is missing before it.');
        } catch (SourceError) {
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
        return array_map(
            fn (OutputEvent $event) => $event->t.' '.$event->kind.' '.$event->target.' '.json_encode($event->value),
            $events,
        );
    }
}
