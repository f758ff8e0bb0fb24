<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Mapping\Output\OutputEvent;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A chain of sets that plays can be made one set, and plays the same. */
#[Group('laws')]
final class FlattenLawTest extends TestCase
{
    use InWorlds;

    private const RUNS = 2;

    public function test_a_chain_as_one_set_gives_the_same_rows(): void
    {
        $tried = $thirds = $gone = $rows = 0;
        $this->inEveryWorld(function (World $world) use (&$tried, &$thirds, &$gone, &$rows): void {
            $chain = $world->chained();
            if ($chain === null) {
                return;
            }
            $flat = $world->flattened($chain);
            $played = self::rows(Compiler::compile($chain), $world);
            $this->assertSame($played, self::rows(Compiler::compile($flat), $world));
            $tried++;
            $rows += count($played);
            $gone += (int) (count($chain->layers) < count($world->set->layers));
            foreach ($chain->cells as $cells) {
                foreach ($cells as $cell) {
                    $thirds += (int) ($cell->as !== null && ($chain->cell('base', $cell->as)?->as ?? null) !== null);
                }
            }
        }, runs: self::RUNS);
        $this->assertTried(intdiv(self::worlds(), 4), min($tried, $rows));
        $this->assertTried(
            intdiv(self::worlds(), 40),
            min($gone, $thirds),
            'layers must have been taken away, and contacts done as others that do as a third',
        );
    }

    /** @return list<array{int, string, string, int|float|string}> times, kinds, targets and values */
    private static function rows(Program $program, World $world): array
    {
        $machine = Machine::start($program);
        $rows = [];
        foreach ($world->inputs as $input) {
            array_push($rows, ...$machine->feed([$input]));
        }
        array_push($rows, ...$machine->advance($machine->state->now + Machine::RUN_ON));

        return array_map(
            fn (OutputEvent $event): array => [$event->t, $event->kind, $event->target, $event->value],
            $rows,
        );
    }
}
