<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Behaviour\PlayMacro;
use Nailrod\Core\Device\Rig;
use Nailrod\Core\Lamp\LampWhen;
use Nailrod\Core\Memory\DeviceMapping;
use Nailrod\Core\Output\AxisVariable;
use Nailrod\Core\Output\MouseMovement;
use Nailrod\Core\Output\OnOffVariable;
use Nailrod\Core\Output\StartMacro;
use Nailrod\Core\Output\StepVariable;
use Nailrod\Core\Output\StopMacro;
use Nailrod\Core\Output\SwapVariable;
use Nailrod\Core\Program\Compiler;
use Nailrod\Core\Run\Machine;
use Nailrod\Core\Run\OutputEvent;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What is stored in a device works as the set does, but for what only Nailrod itself can write. */
#[Group('laws')]
final class MappingLawTest extends TestCase
{
    public function test_a_device_by_itself_sends_what_the_set_sends(): void
    {
        $compared = 0;
        for ($seed = 1; $seed <= 600; $seed++) {
            $world = new World($seed);
            $device = $world->set->rig->devices['d'];
            $mapping = DeviceMapping::of($world->set, $device);
            $stored = DeviceMapping::decode($mapping->encode());
            $program = Compiler::compile(BindingSet::of(MergedDocument::of([$stored]), new Rig([$device]), null));
            $alone = Machine::start($program);
            $whole = Machine::start($world->program);
            $expected = self::rows([...$whole->feed($world->inputs), ...$whole->finish()]);
            $actual = self::rows([...$alone->feed($world->inputs), ...$alone->finish()]);
            if (! self::needsVariables($world->set)) {
                $this->assertSame([], $mapping->leftOut);
                $this->assertSame($expected, $actual, 'seed '.$seed);
                $compared += count($expected);
            } else {
                $this->assertNotSame([], $mapping->leftOut, 'seed '.$seed);
                $this->assertSame([], array_filter($actual, fn (string $row) => str_contains($row, ' variable ')));
            }
        }
        $this->assertGreaterThan(500, $compared);
    }

    private static function needsVariables(BindingSet $set): bool
    {
        $outputs = [];
        foreach ($set->lamps as $rule) {
            if (! $rule instanceof LampWhen || $rule->sort === 'variable') {
                return true;
            }
        }
        foreach ($set->macros as $id => $macro) {
            if (! self::isPlayed($set, $id)) {
                continue;
            }
            array_push($outputs, ...array_column($macro->steps, 'output'));
            foreach ($macro->steps as $step) {
                if ($step->output instanceof StartMacro || $step->output instanceof StopMacro) {
                    return true;
                }
            }
        }
        foreach ($set->chords as $chords) {
            foreach ($chords as $chord) {
                array_push($outputs, ...$chord->outputs);
                if ($chord->when?->sort === 'variable') {
                    return true;
                }
            }
        }
        foreach ($outputs as $output) {
            if ($output instanceof OnOffVariable || $output instanceof StepVariable || $output instanceof SwapVariable) {
                return true;
            }
        }
        foreach ($set->cells as $cells) {
            foreach ($cells as $cell) {
                if ($cell->when?->sort === 'variable') {
                    return true;
                }
                foreach ($cell->outputs as $output) {
                    if ($output instanceof OnOffVariable || $output instanceof AxisVariable || $output instanceof MouseMovement || $output instanceof StepVariable || $output instanceof SwapVariable) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private static function isPlayed(BindingSet $set, string $macro): bool
    {
        foreach ($set->cells as $cells) {
            foreach ($cells as $cell) {
                if ($cell->behaviour instanceof PlayMacro && $cell->behaviour->macro === $macro) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param list<OutputEvent> $events
     *
     * @return list<string>
     */
    private static function rows(array $events): array
    {
        return array_map(fn (OutputEvent $e) => implode(' ', [$e->t, $e->kind, $e->target, $e->value]), $events);
    }
}
