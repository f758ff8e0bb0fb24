<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Eris\Generators;
use Nailrod\Core\Engine\Program\AssignmentRow;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\Side;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Made\MadeContacts;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Rig\Device\AxisInput;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The laws of docs/engine.md over random programs and inputs. */
#[Group('laws')]
final class LawsTest extends TestCase
{
    use InWorlds;

    /** Random runs on each random set: two thousand cases for every law, ten thousand by `bin/test laws`. */
    private const RUNS = 10;

    /**
     * A second after the last input: long enough for all that ends, and what goes on for ever does so alike.
     *
     * @return list<OutputEvent>
     */
    private static function goOn(Machine $machine): array
    {
        return $machine->advance(max(1, $machine->state->now) + 1_000_000);
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
            $expected = [...$whole->feed($world->inputs), ...self::goOn($whole)];

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
            array_push($events, ...self::goOn(Machine::resume($world->program, $state)));
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
                self::report($closed, $world, $input, $machine->state);
                foreach ($on as $target => $contact) {
                    $this->assertTrue(
                        self::isAnyClosed($closed, $world->alike($contact)) || $input->t === 0,
                        sprintf('output %s is on though %s is open', $target, $contact),
                    );
                }
            }
        }, false);
        $this->assertTried(self::worlds(), $held);
    }

    public function test_law_3_nothing_is_held_by_a_contact_that_is_open(): void
    {
        $layers = 0;
        $this->inEveryWorld(function (World $world) use (&$layers): void {
            $machine = Machine::start($world->program);
            $closed = array_fill_keys(array_keys($world->set->rig->contacts), false);
            foreach ($world->inputs as $input) {
                $machine->feed([$input]);
                self::report($closed, $world, $input, $machine->state);
                $state = $machine->state;
                $layers += count($state->layers->held);
                $sources = array_column($state->layers->held, 1);
                foreach (
                    [
                        ...array_values($state->holds->holders),
                        ...array_values($state->stops->holders),
                        ...array_values($state->variables->holders),
                    ] as $holders
                ) {
                    array_push($sources, ...array_keys($holders));
                }
                foreach ($sources as $source) {
                    if (str_starts_with((string) $source, 'm')) {
                        $this->assertArrayHasKey((int) substr((string) $source, 1), $state->macros->players);

                        continue;
                    }
                    $id = (int) explode(':', (string) $source)[0];
                    $row = $world->program->tables->assignments[$id];
                    $by = explode('@', explode(':', (string) $source)[0])[1] ?? null;
                    $ref = $by === null ? $row->ref : $world->program->tables->contacts[(int) $by]->ref;
                    $this->assertTrue(match ($row->behaviour['kind'] ?? null) {
                        'follow' => $closed[$ref] || $input->t === 0 || self::isLate($state, $world, $ref),
                        'toggle' => isset($state->assignments->toggled[$id]),
                        'short/long/double' => isset($state->pulses->pulses[$source])
                            || ($state->assignments->stages[$id] ?? '') === 'long'
                            && (
                                self::isAnyClosed($closed, $world->alike($row->ref)) || array_filter(
                                    $world->alike($row->ref),
                                    fn (string $one) => self::isLate($state, $world, $one),
                                ) !== []
                            ),
                        'ticks' => isset($state->ticks->queues[$id]),
                        default => isset($state->pulses->pulses[$source]),
                    }, $row->ref.' holds on to something');
                }
            }
        });
        $this->assertTried(self::worlds(), $layers, 'layers must have been held');
    }

    /** Is the release of a press that came late on its way, or the chord on that is named by this member? */
    private static function isLate(State $state, World $world, string $ref): bool
    {
        $contact = $world->program->contactIndex($ref);
        foreach ($state->chords->on as $chord => $on) {
            if ($world->program->tables->chords[$chord]->members[0] === $contact) {
                return true;
            }
        }

        return isset($state->chords->presses[$contact]);
    }

    public function test_law_2_when_all_is_open_and_all_timers_have_run_every_held_output_is_off(): void
    {
        $tried = 0;
        $this->inEveryWorld(function (World $world) use (&$tried): void {
            $machine = Machine::start($world->program);
            $machine->feed($world->inputs);
            $t = $machine->state->now + 1;
            $machine->feed(array_map(
                fn (string $port) => new Input($t, $port, $port === 'd/h' ? -1 : 0),
                [
                    ...array_keys($world->program->tables->contactPorts),
                    ...array_keys($world->program->tables->hatPorts),
                ],
            ));
            $machine->finish();
            $state = $machine->state;
            $isLatched = $state->assignments->toggled !== []
                || $state->assignments->stages !== []
                || $state->stops->open !== []
                || $state->timers !== []
                || $state->macros->players !== [];
            // What is made from an axis may still be closed; a press of a contact that is open is held by nothing.
            $made = array_filter(
                $state->presses->pressed,
                fn (int $assignment, int $contact) => $assignment >= 0 && ($state->contacts->closed[$contact] ?? false),
                ARRAY_FILTER_USE_BOTH,
            );
            if ($isLatched || $made !== []) {
                return;
            }
            $tried++;
            $this->assertSame(
                [[], [], [], [], []],
                [
                    $state->holds->holders, $state->variables->holders, $state->stops->holders, $state->layers->held,
                    array_filter($state->hats->values, fn (int $value) => $value !== -1),
                ],
            );
        }, true, true);
        $this->assertTried(self::worlds(), $tried);
    }

    public function test_law_6_no_pulse_is_shorter_than_its_width_and_none_overlaps_another(): void
    {
        $pulses = 0;
        $this->inEveryWorld(function (World $world) use (&$pulses): void {
            $machine = Machine::start($world->program);
            $on = $free = [];
            foreach ([...$machine->feed($world->inputs), ...self::goOn($machine)] as $event) {
                $row = $event->kind === OutputEvent::BUTTON ? self::assignmentOf($world, $event->target) : null;
                $width = $row === null ? null : self::widthOf($row, $event->target);
                if ($width === null) {
                    continue;
                }
                if ($event->value === 1) {
                    $this->assertArrayNotHasKey($event->target, $on);
                    $this->assertGreaterThanOrEqual(
                        $free[$row->ref.$row->layer] ?? 0,
                        $row->behaviour['kind'] === 'ticks' ? $event->t : PHP_INT_MAX,
                        'ticks of one encoder do not overlap',
                    );
                    $on[$event->target] = $event->t;
                } else {
                    $this->assertSame($width, $event->t - $on[$event->target]);
                    $free[$row->ref.$row->layer] = $event->t;
                    unset($on[$event->target]);
                    $pulses++;
                }
            }
        }, false);
        $this->assertTried(self::worlds(), $pulses, 'there must have been pulses');
    }

    /** The assignment that drives an output, where each has one source. */
    private static function assignmentOf(World $world, string $button): ?AssignmentRow
    {
        foreach ($world->program->tables->assignments as $row) {
            foreach ($row->outputs as $output) {
                if ($output['kind'] === 'button' && (string) json_encode($output['number']) === $button) {
                    return $row;
                }
            }
        }

        return null;
    }

    /** @return ?int in µs; null if the output is not pulsed */
    private static function widthOf(AssignmentRow $row, string $button): ?int
    {
        $behaviour = $row->behaviour ?? [];
        $isLong = isset($behaviour['long']) && (string) json_encode(
            $row->outputs[$behaviour['long']]['number'] ?? null,
        ) === $button;
        $isPulsed = in_array(
            $behaviour['kind'] ?? '',
            ['pulse', 'repeat', 'cycle', 'short/long/double', 'ticks'],
            true,
        ) && ! $isLong;

        return $isPulsed && is_numeric($behaviour['width_ms'] ?? 60) ? (int) round(
            1000 * (float) ($behaviour['width_ms'] ?? 60),
        ) : null;
    }

    /** The contact whose closing or opening began this event, if the behaviour is the one asked for. */
    private static function contactOf(OutputEvent $event, string $behaviour): ?string
    {
        $contact = null;
        foreach ($event->cause->steps as $step) {
            if ($step->kind === StepKind::Closed || $step->kind === StepKind::Opened) {
                $contact = $step->subject;
            }
            if ($step->kind === StepKind::Macro || (
                $step->kind === StepKind::Behaviour && $step->subject !== $behaviour
            )) {
                return null;
            }
        }

        return $contact;
    }

    /**
     * @param array<string, bool> $closed
     * @param list<string>        $contacts
     */
    private static function isAnyClosed(array $closed, array $contacts): bool
    {
        return array_filter($contacts, fn (string $contact) => $closed[$contact]) !== [];
    }

    /** @param array<string, bool> $closed */
    private static function report(array &$closed, World $world, Input $input, State $state): void
    {
        if ($input->port === 'd/h') {
            foreach (['north', 'east', 'south', 'west'] as $i => $name) {
                $closed['d/h.'.$name] = $input->value >= 0 && in_array(
                    ($input->value - 2 * $i + 8) % 8,
                    [7, 0, 1],
                    true,
                );
            }
        } elseif (isset($closed[$input->port])) {
            $closed[$input->port] = $input->value === 1;
        }
        foreach ($world->program->tables->contacts as $i => $row) {
            if (str_starts_with($row->ref, 'made/') || $row->debounce > 0 || str_contains($row->ref, '.place-')) {
                $closed[$row->ref] = $state->contacts->closed[$i] ?? false;
            }
        }
        foreach ($world->set->rig->contacts as $contact) {
            if ($contact->madeFrom() !== [] && $contact->rotary === null && ! str_starts_with($contact->ref, 'made/')) {
                $closed[$contact->ref] = array_filter($contact->madeFrom(), fn (string $of) => $closed[$of]) === [];
            }
        }
    }

    public function test_of_the_places_of_an_encoder_one_is_closed_and_it_is_where_the_ticks_lead(): void
    {
        $turned = 0;
        $this->inEveryWorld(function (World $world) use (&$turned): void {
            $rotary = $world->set->rig->controlOf('d/e.plus')?->rotary();
            $machine = Machine::start($world->program);
            $at = 0;
            foreach ($world->inputs as $input) {
                $machine->feed([$input]);
                $last = count($rotary->contacts ?? []) - 1;
                for (
                    $i = 0; $rotary !== null
                        && $input->port === 'd/e'
                        && $input->t > 0
                        && $i < abs((int) $input->value); $i++
                ) {
                    $at += $input->value <=> 0;
                    $at = $rotary->round ? ($at + $last + 1) % ($last + 1) : max(0, min($last, $at));
                    $turned++;
                }
                $closed = array_filter(
                    $rotary->contacts ?? [],
                    fn (string $ref) => $machine->state->contacts->closed[$world->program->contactIndex($ref)] ?? false,
                );
                $this->assertSame($rotary === null || $input->t === 0 ? [] : [$at], array_keys($closed));
            }
        });
        $this->assertTried(self::worlds(), $turned);
    }

    public function test_law_4_the_chain_without_stops_and_notches_is_monotone_and_continuous(): void
    {
        $part = Generators::choose(0, 400);
        $this->limitTo(self::worlds() * self::RUNS)
            ->forAll(
                Generators::bool(),
                $part,
                $part,
                $part,
                Generators::choose(0, PHP_INT_MAX >> 16),
                Generators::choose(0, 1000),
                Generators::choose(0, 1000),
            )
            ->disableShrinking()
            ->then(function (bool $centred, int $a, int $b, int $c, int $seed, int $low, int $high): void {
                $world = new World($seed);
                $max = $world->between(50, 5000);
                $from = $world->between(0, intdiv($max, 3));
                $to = $world->between(2 * intdiv($max, 3), $max);
                [$a, $b, $c] = $centred ? [$a / 2000, $b / 2000, $c / 2000] : [$a / 1000, $b / 1000, 0.0];
                $shaping = Shaping::read(new AxisInput(
                    'd/a',
                    '',
                    1,
                    0,
                    $max,
                    $centred,
                    $centred ? 900 : null,
                ), Node::of([
                    'calibrate' => ['low' => $from, 'high' => $to, 'reverse' => $reverse = $world->chance(50)],
                    'dead_zones' => ['low' => $a, 'high' => $b] + ($centred ? ['rest' => $c] : []),
                    'curve' => $world->chance(50) ? $world->points() : [
                        'kind' => 'expo', 'k' => $world->between(-1000, 1000) / 1000,
                    ],
                    'range' => ['low' => min($low, $high) / 1001, 'high' => (max($low, $high) + 1) / 1001],
                ] + (
                    $centred && $world->chance(50) ? ['rotation' => ['used' => $world->between(200, 900)]] : []
                ))->map());
                $values = $steps = [];
                for ($reading = 0; $reading <= $max; $reading += max(1, intdiv($max, 200))) {
                    $values[] = $shaping->value($reading);
                    // The steepest place is a cube root at 0, where a step of 1e-12 (stretched at most 100 times) gives
                    // under 1e-3.
                    $travel = $shaping->travel($reading);
                    $steps[] = $shaping->shape(min(1.0, $travel + 1e-12)) - $shaping->shape($travel);
                }
                $values = $reverse ? array_reverse($values) : $values;
                $this->assertSame($values, self::rising($values));
                $this->assertGreaterThanOrEqual(0.0, $values[0]);
                $this->assertLessThanOrEqual(1.0, end($values));
                $this->assertLessThan(1e-3, max($steps));
            });
    }

    public function test_flat_notches_keep_the_chain_monotone_and_continuous_and_stepped_ones_monotone_each_way(): void
    {
        $this->inEveryWorld(function (World $world): void {
            foreach ($world->set->shapings as $shaping) {
                if ($shaping->notches->areStepped()) {
                    $up = $down = [null];
                    for ($i = 0; $i <= 100; $i++) {
                        $up[] = $shaping->notches->step(end($up), $shaping->shape($i / 100));
                        $down[] = $shaping->notches->step(end($down), $shaping->shape(1 - $i / 100));
                    }
                    $this->assertSame(array_slice($up, 1), self::rising(array_slice($up, 1)));
                    $this->assertSame(
                        array_reverse(array_slice($down, 1)),
                        self::rising(array_reverse(array_slice($down, 1))),
                    );
                } else {
                    $values = array_map(fn (int $i): float => $shaping->settled($i / 100), range(0, 100));
                    $this->assertSame($values, self::rising($values));
                    $steps = array_map(
                        fn (int $i): float => $shaping->settled(min(1.0, $i / 100 + 1e-12)) - $values[$i],
                        range(0, 100),
                    );
                    $this->assertLessThan(1e-3, max($steps));
                }
            }
        }, runs: 1);
    }

    /**
     * @template T of int|float|null
     *
     * @param list<T> $values
     *
     * @return list<T>
     */
    private static function rising(array $values): array
    {
        sort($values);

        return $values;
    }

    /** What is made from axes stands as its plain rule says at every reading, also where the run did not look again. */
    public function test_thresholds_zones_and_directions_follow_their_rule_at_every_reading(): void
    {
        $changes = 0;
        $this->inEveryWorld(function (World $world) use (&$changes): void {
            $machine = Machine::start($world->program);
            $stands = $before = [];
            foreach ($world->inputs as $input) {
                $machine->feed([$input]);
                foreach ($world->program->tables->made as $i => $row) {
                    $made = $world->program->made($i);
                    $known = array_filter(
                        $row->sources,
                        fn (int $axis) => isset($machine->state->axes->readings[$axis]),
                    ) !== [];
                    $isTimed = array_filter(
                        $row->sources,
                        fn (int $axis) => $world->program->shaping($axis)->steady->spikes,
                    ) !== [];
                    if (! $made instanceof MadeContacts || ! $known || $isTimed) {
                        continue;
                    }
                    $values = array_map(function (int $axis) use ($machine, $world, $made): float {
                        $shaping = $world->program->shaping($axis);
                        $reading = $machine->state->axes->standing[$axis]
                            ?? $machine->state->axes->readings[$axis]
                            ?? null;
                        $travel = $reading === null ? $shaping->restTravel() : $shaping->travel($reading);

                        return $made->looksAt() === MadeContacts::TRAVEL ? $travel : $shaping->shape($travel);
                    }, $row->sources);
                    $stands[$i] = $made->next($stands[$i] ?? null, $values);
                    $this->assertSame($stands[$i], $machine->state->made->stands[$i]);
                    $this->assertSame(
                        $made->closed($stands[$i]),
                        array_map(fn (int $contact) => $machine->state->contacts->closed[$contact], $row->contacts),
                    );
                    $changes += (int) (isset($before[$i]) && $before[$i] !== $stands[$i]);
                    $before[$i] = $stands[$i];
                }
            }
        });
        $this->assertTried(self::worlds(), $changes, 'they must have changed');
    }

    public function test_law_5_the_value_of_an_axis_never_passes_a_shut_stop_of_its_own(): void
    {
        $held = 0;
        $this->inEveryWorld(function (World $world) use (&$held): void {
            $machine = Machine::start($world->program);
            foreach ($world->inputs as $input) {
                $machine->feed([$input]);
                foreach ($world->program->tables->axes as $axis => $row) {
                    foreach ($row->stops as $index) {
                        $stop = $world->program->stop($index);
                        if (
                            isset(
                                $machine->state->stops->open[$index][$axis],
                            ) || ! isset($machine->state->axes->integers[$axis])
                        ) {
                            continue;
                        }
                        $limit = Shaping::integer($stop->at);
                        $integer = $machine->state->axes->integers[$axis];
                        $held += (int) ($integer === $limit);
                        $stop->side === Side::Above
                            ? $this->assertLessThanOrEqual($limit, $integer)
                            : $this->assertGreaterThanOrEqual($limit, $integer);
                    }
                }
            }
        });
        $this->assertTried(self::worlds(), $held, 'stops must have held something');
    }

    public function test_law_7_every_output_has_a_cause_that_begins_at_an_input_or_the_start(): void
    {
        $this->inEveryWorld(function (World $world): void {
            $machine = Machine::start($world->program);
            $known = array_flip(array_map(spl_object_id(...), $world->inputs));
            $strange = [];
            foreach ([...$machine->feed($world->inputs), ...self::goOn($machine)] as $event) {
                $origin = $event->cause->origin;
                $isTold = $origin instanceof Input
                    ? isset($known[spl_object_id($origin)]) && $origin->t <= $event->t
                    : $origin === Cause::START && ($event->t <= 90_000 * 2 || $event->kind === OutputEvent::MOUSE);
                if (! $isTold) {
                    $strange[] = $event->row();
                }
            }
            $this->assertSame([], $strange);
        });
    }

    public function test_law_8_the_compiled_program_and_the_plain_one_give_the_same_integers(): void
    {
        $this->inEveryWorld(function (World $world): void {
            $plain = Machine::start($world->program);
            $fused = Machine::start($world->program, true);
            $this->assertSame(
                self::rows([...$plain->feed($world->inputs), ...self::goOn($plain)]),
                self::rows([...$fused->feed($world->inputs), ...self::goOn($fused)]),
            );
        });
    }
}
