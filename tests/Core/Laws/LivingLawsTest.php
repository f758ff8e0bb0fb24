<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Output\MouseButton;
use Nailrod\Core\Mapping\Output\OutputEvent;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The laws while a set is edited and a device is unplugged and plugged in at any moment of a run. */
#[Group('laws')]
final class LivingLawsTest extends TestCase
{
    use InWorlds;

    private const RUNS = 3;

    /**
     * Whoever takes outputs and comes late, or was away, knows by what is sent now what its rows would have told it.
     */
    public function test_what_is_sent_now_is_what_all_rows_until_now_come_to(): void
    {
        $swaps = $on = 0;
        $this->inEveryWorld(function (World $world) use (&$swaps, &$on): void {
            $program = $world->program;
            $machine = Machine::start($program);
            $told = $hands = [];
            foreach ($world->inputs as $input) {
                if ($machine->state->now > 0 && $world->chance(4)) {
                    self::tell($told, $machine->unplug('d'));
                    self::tell($told, $machine->plugIn('d'));
                    $hands = array_filter(
                        $hands,
                        fn (string $port): bool => ! str_starts_with($port, 'd/') || str_starts_with($port, 'd/a'),
                        ARRAY_FILTER_USE_KEY,
                    );
                }
                if ($machine->state->now > 0 && $world->chance(8)) {
                    $new = $world->edited();
                    [$machine, $events] = Swap::to($new, $program, $machine->state, $hands);
                    self::tell($told, $events);
                    $program = $new;
                    $swaps++;
                }
                if (
                    str_starts_with($input->port, 'sim/') && isset(
                        $told['variable '.substr($input->port, 4)],
                    ) && $told['variable '.substr($input->port, 4)] !== round((float) $input->value, 6)
                ) {
                    unset($told['variable '.substr($input->port, 4)]);
                }
                self::tell($told, $machine->feed([$input]));
                $hands[$input->port] = (int) $input->value;
                $now = [];
                self::tell($now, $machine->sentNow());
                unset($now['layer live'], $told['layer live']);
                ksort($told);
                ksort($now);
                $this->assertSame($told, $now);
                $on += count($now);
            }
        });
        $this->assertTried(self::worlds(), min($swaps, $on));
    }

    /**
     * @param array<string, int|float|string> $told   values by kind and target, without those that are off
     * @param list<OutputEvent>               $events
     */
    private static function tell(array &$told, array $events): void
    {
        foreach ($events as $event) {
            if ($event->kind === OutputEvent::MOUSE && ! in_array($event->target, MouseButton::BUTTONS, true)) {
                continue;
            }
            $told[$event->kind.' '.$event->target] = $event->value;
            if ($event->value === ($event->kind === OutputEvent::HAT ? -1 : 0) && ! in_array(
                $event->kind,
                [OutputEvent::AXIS, OutputEvent::VARIABLE],
                true,
            )) {
                unset($told[$event->kind.' '.$event->target]);
            }
        }
    }

    public function test_nothing_is_held_that_no_hand_holds_and_no_toggle_says(): void
    {
        $swaps = $gone = $tried = 0;
        $this->inEveryWorld(function (World $world) use (&$swaps, &$gone, &$tried): void {
            $program = $world->program;
            $machine = Machine::start($program);
            $hands = [];
            $isAway = false;
            foreach ($world->inputs as $input) {
                if ($machine->state->now > 0 && $world->chance(6)) {
                    $isAway ? $machine->plugIn('d') : $machine->unplug('d');
                    $isAway = ! $isAway;
                    $hands = array_map(
                        fn (string $port, int $value) => ! str_starts_with($port, 'd/')
                            || str_starts_with($port, 'd/a')
                            ? $value
                            : ($port === 'd/h' ? -1 : 0),
                        array_keys($hands),
                        $hands,
                    );
                    $hands = array_filter(
                        array_combine(array_keys($hands), $hands),
                        fn ($key) => is_string($key),
                        ARRAY_FILTER_USE_KEY,
                    );
                    $gone++;
                }
                if ($machine->state->now > 0 && $world->chance(8)) {
                    $new = $world->chance(50) ? $world->renamed() : $world->edited();
                    [$machine] = Swap::to($new, $program, $machine->state, $hands);
                    $program = $new;
                    $swaps++;
                }
                if (! $isAway || str_starts_with($input->port, 'x/')) {
                    $machine->feed([$input]);
                    $hands[$input->port] = (int) $input->value;
                }
                $this->assertHeldByHandOrToggle($program, $machine->state);
            }
            $t = $machine->state->now + 1;
            $machine->feed(array_map(
                fn (string $port) => new Input($t, $port, $port === 'd/h' ? -1 : 0),
                [...array_keys($program->tables->contactPorts), ...array_keys($program->tables->hatPorts)],
            ));
            $machine->finish();
            $tried += (int) $this->endsOpen($machine->state);
        });
        $this->assertTried(self::worlds(), min($swaps, $gone), 'programs must have been edited and devices unplugged');
        $this->assertTried(intdiv(self::worlds(), 5), $tried, 'the end must have been looked at');
    }

    public function test_when_all_is_open_every_held_output_is_off_after_edits_and_unplugging(): void
    {
        $tried = 0;
        $this->inEveryWorld(function (World $world) use (&$tried): void {
            $program = $world->program;
            $machine = Machine::start($program);
            foreach ($world->inputs as $input) {
                if ($machine->state->now > 0 && $world->chance(5)) {
                    $machine->unplug('d');
                    $machine->advance($machine->state->now + $world->between(0, 60_000));
                    $machine->plugIn('d');
                }
                if ($machine->state->now > 0 && $world->chance(5)) {
                    $new = $world->renamed();
                    [$machine] = Swap::to($new, $program, $machine->state);
                    $program = $new;
                }
                $machine->feed([new Input(max($input->t, $machine->state->now), $input->port, $input->value)]);
            }
            $t = $machine->state->now + 1;
            $machine->feed(array_map(
                fn (string $port) => new Input($t, $port, $port === 'd/h' ? -1 : 0),
                [...array_keys($program->tables->contactPorts), ...array_keys($program->tables->hatPorts)],
            ));
            $machine->finish();
            $tried += (int) $this->endsOpen($machine->state);
        }, onlyPresses: true);
        $this->assertTried(self::worlds(), $tried);
    }

    public function test_what_an_edit_does_not_change_does_not_move(): void
    {
        $swaps = 0;
        $this->inEveryWorld(function (World $world) use (&$swaps): void {
            $program = $world->program;
            $machine = Machine::start($program);
            $hands = [];
            foreach ($world->inputs as $input) {
                $machine->feed([$input]);
                $hands[$input->port] = (int) $input->value;
                if (! $world->chance(25)) {
                    continue;
                }
                [$live, $open, $variables, $integers] = [
                    $machine->liveLayer(), array_keys($machine->state->stops->open), $machine->state->variables->values,
                    $machine->state->axes->integers,
                ];
                $new = $world->renamed();
                [$machine, $events] = Swap::to($new, $program, $machine->state, $hands);
                $program = $new;
                $now = array_keys($machine->state->stops->open);
                sort($open);
                sort($now);
                if ($machine->liveLayer() !== $live || $now !== $open) {
                    // A pulse, a long press or a macro held a layer or a stop: that it ends is what an edit does.
                    continue;
                }
                $swaps++;
                $this->assertSame(
                    [],
                    array_map(
                        fn (OutputEvent $e) => $e->row(),
                        array_filter($events, fn (OutputEvent $e) => $e->kind === OutputEvent::AXIS),
                    ),
                );
                $this->assertEquals($integers, $machine->state->axes->integers);
                foreach (preg_grep('/^w/', array_keys($variables)) ?: [] as $name) {
                    $this->assertSame($variables[$name], $machine->state->variables->values[$name]);
                }
            }
        });
        $this->assertTried(2 * self::worlds(), $swaps);
    }

    /**
     * Every source of what is held is a closed contact, a toggle, a pulse, a macro, or a late release that is on its
     * way.
     */
    private function assertHeldByHandOrToggle(Program $program, State $state): void
    {
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
            $bound = array_keys($state->presses->pressed, $id, true);
            $isBound = array_filter(
                $bound,
                fn (int $key) => $key < 0 || ($state->contacts->closed[$key] ?? false),
            ) !== [];
            $isChord = array_filter(
                array_keys($state->chords->on),
                fn (int $chord) => $program->tables->chords[$chord]->assignment === $id,
            ) !== [];
            $this->assertTrue(match ($program->tables->assignments[$id]->behaviour['kind'] ?? null) {
                'follow' => $isBound || $isChord,
                'toggle' => isset($state->assignments->toggled[$id]),
                'short/long/double' => isset($state->pulses->pulses[$source])
                    || ($state->assignments->stages[$id] ?? '') === 'long',
                'ticks' => isset($state->ticks->queues[$id]),
                default => isset($state->pulses->pulses[$source]),
            }, $program->tables->assignments[$id]->ref.' holds on to something');
        }
    }

    /** Was there nothing left that may hold something, and so nothing held? */
    private function endsOpen(State $state): bool
    {
        $made = array_filter(
            $state->presses->pressed,
            fn (int $assignment, int $contact) => $assignment >= 0 && ($state->contacts->closed[$contact] ?? false),
            ARRAY_FILTER_USE_BOTH,
        );
        if (
            $state->assignments->toggled !== []
                || $state->assignments->stages !== []
                || $state->stops->open !== []
                || $state->timers !== []
                || $state->macros->players !== []
                || $made !== []
        ) {
            return false;
        }
        $this->assertSame(
            [[], [], [], [], []],
            [
                $state->holds->holders, $state->variables->holders, $state->stops->holders, $state->layers->held,
                array_filter($state->hats->values, fn (int $value) => $value !== -1),
            ],
        );

        return true;
    }
}
