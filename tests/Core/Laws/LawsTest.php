<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Eris\Generators;
use Eris\TestTrait;
use Nailrod\Core\Axis\DeadZones;
use Nailrod\Core\Axis\Expo;
use Nailrod\Core\Axis\Range;
use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Axis\Side;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Input;
use Nailrod\Core\Run\Machine;
use Nailrod\Core\Run\OutputEvent;
use Nailrod\Core\Run\State;
use PHPUnit\Framework\TestCase;

/** The laws of docs/engine.md over random programs and inputs. */
final class LawsTest extends TestCase
{
    use TestTrait;

    private const CASES = 1000;

    /** @param callable(World): void $law */
    private function inEveryWorld(callable $law, bool $shared = true): void
    {
        $this->limitTo(self::CASES)
            ->forAll(Generators::choose(0, PHP_INT_MAX >> 16))
            ->disableShrinking()
            ->then(function (int $seed) use ($law, $shared): void {
                $law(new World($seed, $shared));
            });
    }

    /**
     * @param list<OutputEvent> $events
     *
     * @return list<string>
     */
    private static function rows(array $events): array
    {
        return array_map(fn (OutputEvent $e) => implode(' ', array_map(strval(...), $e->row())), $events);
    }

    public function test_law_1_cutting_the_inputs_anywhere_changes_nothing(): void
    {
        $this->inEveryWorld(function (World $world): void {
            $whole = Machine::start($world->program);
            $expected = [...$whole->feed($world->inputs), ...$whole->finish()];

            $state = new State;
            $events = [];
            $rest = $world->inputs;
            while ($rest !== []) {
                $batch = array_splice($rest, 0, $world->between(1, 8));
                $machine = Machine::resume($world->program, $state);
                array_push($events, ...$machine->feed($batch));
                $now = $machine->state->now;
                if ($rest !== [] && $world->chance(60)) {
                    array_push($events, ...$machine->advance($world->between($now, $rest[0]->t)));
                }
                $state = State::restore($machine->state->write());
            }
            array_push($events, ...Machine::resume($world->program, $state)->finish());
            $this->assertSame(self::rows($expected), self::rows($events));
        });
    }

    public function test_law_3_a_release_ends_what_its_press_began(): void
    {
        $held = 0;
        $this->inEveryWorld(function (World $world) use (&$held): void {
            $machine = Machine::start($world->program);
            $on = [];
            $closed = array_fill_keys(array_keys($world->set->rig->contacts), false);
            foreach ($world->inputs as $input) {
                foreach ($machine->feed([$input]) as $event) {
                    if ($event->kind !== OutputEvent::BUTTON && $event->kind !== OutputEvent::VARIABLE) {
                        continue;
                    }
                    $contact = self::contactOf($event, 'follow');
                    if ($contact === null) {
                        continue;
                    }
                    if ((float) $event->value !== 0.0) {
                        $on[$event->target] = $contact;
                        $held++;
                    } else {
                        unset($on[$event->target]);
                    }
                }
                self::report($closed, $world, $input);
                foreach ($on as $target => $contact) {
                    $this->assertTrue($closed[$contact] || $input->t === 0, sprintf('output %s is on though %s is open', $target, $contact));
                }
            }
        }, false);
        $this->assertGreaterThan(self::CASES, $held, 'the law must have been tried');
    }

    public function test_law_3_nothing_is_held_by_a_contact_that_is_open(): void
    {
        $layers = 0;
        $this->inEveryWorld(function (World $world) use (&$layers): void {
            $machine = Machine::start($world->program);
            $closed = array_fill_keys(array_keys($world->set->rig->contacts), false);
            foreach ($world->inputs as $input) {
                $machine->feed([$input]);
                self::report($closed, $world, $input);
                $state = $machine->state;
                $layers += count($state->heldLayers);
                $sources = array_column($state->heldLayers, 1);
                foreach ([...array_values($state->holders), ...array_values($state->stopHolders), ...array_values($state->variableHolders)] as $holders) {
                    array_push($sources, ...array_keys($holders));
                }
                foreach ($sources as $source) {
                    $id = (int) explode(':', (string) $source)[0];
                    $row = $world->program->tables['assignments'][$id];
                    $this->assertTrue(match ($row['behaviour']['kind'] ?? null) {
                        'follow' => $closed[$row['ref']] || $input->t === 0,
                        'toggle' => isset($state->toggled[$id]),
                        default => isset($state->pulses[$source]),
                    }, $row['ref'].' holds on to something');
                }
            }
        });
        $this->assertGreaterThan(self::CASES, $layers, 'layers must have been held');
    }

    /** The contact whose closing or opening began this event, if the behaviour is the one asked for. */
    private static function contactOf(OutputEvent $event, string $behaviour): ?string
    {
        $contact = null;
        foreach ($event->cause->steps as $step) {
            if ($step->kind === StepKind::Closed || $step->kind === StepKind::Opened) {
                $contact = $step->subject;
            }
            if ($step->kind === StepKind::Behaviour && $step->subject !== $behaviour) {
                return null;
            }
        }

        return $contact;
    }

    /** @param array<string, bool> $closed */
    private static function report(array &$closed, World $world, Input $input): void
    {
        if ($input->port === 'd/h') {
            foreach (['north', 'east', 'south', 'west'] as $i => $name) {
                $closed['d/h.'.$name] = $input->value >= 0 && in_array(($input->value - 2 * $i + 8) % 8, [7, 0, 1], true);
            }
        } elseif (isset($closed[$input->port])) {
            $closed[$input->port] = $input->value === 1;
        }
        foreach ($world->set->rig->contacts as $contact) {
            if ($contact->opposite !== null) {
                $closed[$contact->ref] = ! $closed[$contact->opposite];
            }
        }
    }

    public function test_law_4_shaping_without_stops_is_monotone_and_continuous(): void
    {
        $part = Generators::choose(0, 400);
        $this->limitTo(self::CASES)
            ->forAll(Generators::bool(), $part, $part, $part, Generators::choose(-1000, 1000), Generators::choose(0, 1000), Generators::choose(0, 1000))
            ->disableShrinking()
            ->then(function (bool $centred, int $a, int $b, int $c, int $k, int $low, int $high): void {
                [$a, $b, $c] = $centred ? [$a / 2000, $b / 2000, $c / 2000] : [$a / 1000, $b / 1000, 0.0];
                $stages = [
                    DeadZones::read(Node::of(['low' => $a, 'high' => $b, 'rest' => $c]), $centred),
                    Expo::of($k / 1000, $centred),
                    Range::read(Node::of(['low' => min($low, $high) / 1001, 'high' => (max($low, $high) + 1) / 1001])),
                ];
                $before = -1.0;
                for ($i = 0; $i <= 200; $i++) {
                    $value = self::through($stages, $i / 200);
                    $this->assertGreaterThanOrEqual($before, $value);
                    $this->assertGreaterThanOrEqual(0.0, $value);
                    $this->assertLessThanOrEqual(1.0, $value);
                    // The steepest place is the cube root at 0, where a step of 1e-12 (stretched at most 100 times) gives under 1e-3.
                    $this->assertLessThan(1e-3, self::through($stages, min(1.0, $i / 200 + 1e-12)) - $value);
                    $before = $value;
                }
            });
    }

    /** @param list<\Nailrod\Core\Axis\Stage> $stages */
    private static function through(array $stages, float $value): float
    {
        foreach ($stages as $stage) {
            $value = $stage->apply($value);
        }

        return $value;
    }

    public function test_law_5_the_value_of_an_axis_never_passes_a_shut_stop_of_its_own(): void
    {
        $held = 0;
        $this->inEveryWorld(function (World $world) use (&$held): void {
            $machine = Machine::start($world->program);
            foreach ($world->inputs as $input) {
                $machine->feed([$input]);
                foreach ($world->program->tables['axes'] as $axis => $row) {
                    foreach ($row['stops'] as $index) {
                        $stop = $world->program->stop($index);
                        if (isset($machine->state->stopOpen[$index][$axis]) || ! isset($machine->state->integers[$axis])) {
                            continue;
                        }
                        $limit = Shaping::integer($stop->at);
                        $integer = $machine->state->integers[$axis];
                        $held += (int) ($integer === $limit);
                        $stop->side === Side::Above ? $this->assertLessThanOrEqual($limit, $integer) : $this->assertGreaterThanOrEqual($limit, $integer);
                    }
                }
            }
        });
        $this->assertGreaterThan(self::CASES, $held, 'stops must have held something');
    }

    public function test_law_7_every_output_has_a_cause_that_begins_at_an_input_or_the_start(): void
    {
        $this->inEveryWorld(function (World $world): void {
            $machine = Machine::start($world->program);
            foreach ([...$machine->feed($world->inputs), ...$machine->finish()] as $event) {
                if ($event->cause->origin instanceof Input) {
                    $this->assertContains($event->cause->origin, $world->inputs);
                    $this->assertLessThanOrEqual($event->t, $event->cause->origin->t);
                } else {
                    $this->assertSame(Cause::START, $event->cause->origin);
                    $this->assertLessThanOrEqual(90_000 * 2, $event->t);
                }
            }
        });
    }

    public function test_law_8_the_compiled_program_and_the_plain_one_give_the_same_integers(): void
    {
        $this->inEveryWorld(function (World $world): void {
            $plain = Machine::start($world->program);
            $fused = Machine::start($world->program, true);
            $this->assertSame(
                self::rows([...$plain->feed($world->inputs), ...$plain->finish()]),
                self::rows([...$fused->feed($world->inputs), ...$fused->finish()]),
            );
        });
    }
}
