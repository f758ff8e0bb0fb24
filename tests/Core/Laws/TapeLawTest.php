<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Engine\Live\Live;
use Nailrod\Core\Engine\Live\LiveState;
use Nailrod\Core\Engine\Live\LiveStep;
use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Tape\Log;
use Nailrod\Core\Engine\Tape\Sentence;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Output\OutputEvent;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\DemoSets;

/** The tape is a log: its lines come to what is on, each end points to its beginning, and no line is written twice. */
#[Group('laws')]
final class TapeLawTest extends TestCase
{
    use InWorlds;

    private const RUNS = 3;

    /** Runs of the demo, with its game. */
    private const GAMES = 60;

    /** @var array<string, int> what the lines so far come to: the line that told that it is on, by kind and target */
    private array $folded = [];

    /** @var array<int, Sentence> by number */
    private array $lines = [];

    private int $ends = 0;

    public function test_what_is_on_now_is_what_the_lines_come_to_while_sets_are_edited_and_devices_go(): void
    {
        $swaps = $on = $this->ends = 0;
        $this->inEveryWorld(function (World $world) use (&$swaps, &$on): void {
            [$this->folded, $this->lines] = [[], []];
            $program = $world->program;
            $live = new Live($program, $world->set, new LiveState);
            $this->follow($live, $live->begin());
            $isAway = false;
            foreach ($world->inputs as $input) {
                if ($world->chance(5)) {
                    $this->follow($live, $isAway ? $live->plugIn('d') : $live->unplug('d'));
                    $isAway = ! $isAway;
                }
                if ($world->chance(6)) {
                    [$new, $set] = [$world->edited(), $world->editedSet()];
                    [$live, $step] = Live::swap($new, $set, $program, $live->state);
                    $program = $new;
                    $this->follow($live, $step);
                    $swaps++;
                }
                if ($world->chance(4)) {
                    // The process was ended, and goes on from what it remembers.
                    $live = new Live(
                        $program,
                        $swaps > 0 && $program !== $world->program ? $world->editedSet() : $world->set,
                        LiveState::restore($live->state->write()),
                    );
                }
                $t = max($input->t, $live->state->run->now);
                $this->follow(
                    $live,
                    $live->step([new Input($t, $input->port, $input->value)], $t + $world->between(0, 60_000)),
                );
                $on += count($live->state->log->on);
            }
            $this->follow($live, $live->close());
        }, runs: self::RUNS);
        $this->assertTried(self::worlds(), min($swaps, $on, $this->ends));
    }

    public function test_so_it_is_while_the_game_answers(): void
    {
        $set = DemoSets::skerrywing();
        $program = Compiler::compile($set);
        $answers = $later = $this->ends = 0;
        $ports = array_values(
            array_filter([...array_keys($set->rig->contacts), ...array_keys($set->rig->axes)], $set->rig->reports(...)),
        );
        foreach (range(1, self::GAMES) as $seed) {
            [$this->folded, $this->lines] = [[], []];
            $dice = new Randomizer(new Mt19937($seed));
            $live = new Live($program, $set, new LiveState);
            $this->follow($live, $live->begin());
            for ($i = 0, $now = 1000; $i < 60; $i++) {
                $port = $ports[$dice->getInt(0, count($ports) - 1)];
                $step = $live->step(
                    [new Input($now, $port, $dice->getInt(...$set->rig->limits($port)))],
                    $now += $dice->getInt(1, 120_000),
                );
                $this->follow($live, $step);
                foreach ($step->sentences as $line) {
                    $answers += count($line->game);
                    if (preg_match('#^game[ /]#', $line->about) === 1 && $line->of !== null) {
                        $this->assertArrayHasKey($line->of, $this->lines, 'an answer points to what it answers');
                        $later++;
                    }
                }
            }
        }
        $this->assertGreaterThan(5, min($answers, $later, $this->ends));
    }

    private function follow(Live $live, LiveStep $step): void
    {
        foreach ($step->sentences as $line) {
            $this->assertSame(count($this->lines) + 1, $line->line, 'lines are numbered one after the other');
            $this->lines[$line->line] = $line;
            foreach ($line->keys as $key) {
                $output = explode(' ', $key, 2)[1];
                if (! $line->ends) {
                    $this->folded[$output] = $line->line;

                    continue;
                }
                if ($line->of !== null) {
                    $this->assertLessThan($line->line, $line->of);
                    $this->assertContains(
                        $output,
                        array_map(
                            fn (string $begun): string => explode(' ', $begun, 2)[1],
                            [...$this->lines[$line->of]->keys, ...$line->keys],
                        ),
                    );
                    $this->ends++;
                }
                unset($this->folded[$output]);
            }
        }
        $isHeld = fn (string $output): bool => Log::isHeld(new OutputEvent(
            0,
            explode(' ', $output, 2)[0],
            explode(' ', $output, 2)[1],
            1,
            new \Nailrod\Core\Format\Cause\Cause(''),
        ));
        $picture = array_map(
            fn (OutputEvent $event): string => $event->kind.' '.$event->target,
            array_filter($live->sentNow(), Log::isHeld(...)),
        );
        $this->assertEqualsCanonicalizing(
            $picture,
            array_keys($live->state->log->on),
            'what is on now is what is sent now',
        );
        $this->assertEqualsCanonicalizing(
            $picture,
            array_values(array_filter(array_keys($this->folded), $isHeld)),
            'and what all lines come to',
        );
        foreach ($live->state->log->on as $output => $on) {
            $this->assertSame($this->folded[$output], $on->line, 'it points to the line that told it');
        }
    }
}
