<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Simulator;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Action\ReservedKey;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Rig\Device\KeyCodes;

/**
 * A stand-in for a simulator, made of nothing but its catalogue and its own binding list. It looks at the controller
 * once a frame, so that a pulse between two looks is missed; keys come to it one by one, in order. A key that it keeps
 * opens its own window, which takes all keys until it is shut by Escape or by the same key; one that the desktop keeps
 * never reaches it.
 */
final class StandInGame
{
    private readonly BoundActions $bound;

    /** @var list<GameEvent> */
    private array $events = [];

    /** @var list<GameEvent> what the game did by itself since it was last asked */
    private array $own = [];

    public function __construct(
        private readonly Catalogue $catalogue,
        GameBindings $bindings,
        public readonly GameState $state,
    ) {
        $this->bound = new BoundActions($catalogue, $bindings);
        foreach ($catalogue->variables as $variable) {
            $state->variables[$variable->id] ??= $variable->start;
        }
    }

    /**
     * What the game makes of these outputs.
     *
     * @param list<OutputEvent> $outputs in time order
     * @param int               $to      the time up to which it runs, in µs
     *
     * @return list<GameEvent>
     */
    public function play(array $outputs, int $to): array
    {
        $this->events = $this->own;
        $this->own = [];
        foreach ($outputs as $event) {
            $this->runTo($event->t - 1);
            $this->take($event);
        }
        $this->runTo($to);

        return $this->events;
    }

    /**
     * It rests, since the game runs somewhere else: it only learns what that tells.
     *
     * @return list<GameEvent> what it was told since it was asked last
     */
    public function rest(): array
    {
        $events = $this->own;
        $this->own = [];

        return $events;
    }

    /** @return list<array{string, string}> kind and target of each output that it knows to be on */
    public function held(): array
    {
        return [
            ...array_map(
                fn (int $button): array => [OutputEvent::BUTTON, (string) $button],
                array_keys($this->state->buttons),
            ),
            ...array_map(fn (string $key): array => [OutputEvent::KEY, $key], Keys::of($this->state->keys)),
        ];
    }

    /** @return array<string, float> where the gauges stand, which go after what they show, by variable */
    public function gaugesNow(): array
    {
        $gauges = [];
        foreach ($this->catalogue->variables as $variable) {
            if ($variable->gauge !== null) {
                $gauges[$variable->id] = $this->state->variables[$variable->id];
            }
        }

        return $gauges;
    }

    /** The game changes a variable by itself, as if somebody had reached into its cockpit. */
    public function change(string $variable, float $value): void
    {
        $this->events = [];
        $this->write($variable, $value, null);
        array_push($this->own, ...$this->events);
    }

    /** Is anything still moving by itself? */
    public function isMoving(): bool
    {
        foreach ($this->catalogue->variables as $variable) {
            if (
                $variable->gauge !== null && abs(
                    $this->state->variables[$variable->id] - $this->state->variables[$variable->gauge],
                ) > 0.05
            ) {
                return true;
            }
        }

        return $this->isDirty();
    }

    private function runTo(int $to): void
    {
        while ($this->state->nextFrame <= $to && $this->isDirty()) {
            $this->gauges($this->state->nextFrame - $this->state->now);
            $this->state->now = $this->state->nextFrame;
            $this->look();
            $this->state->nextFrame += $this->catalogue->frame;
        }
        if ($to > $this->state->now) {
            $this->gauges($to - $this->state->now);
            $this->state->now = $to;
        }
        if ($this->state->nextFrame <= $to) {
            $this->state->nextFrame += $this->catalogue->frame * (
                intdiv($to - $this->state->nextFrame, $this->catalogue->frame) + 1
            );
        }
    }

    private function isDirty(): bool
    {
        return $this->state->movedAxes !== []
            || array_keys($this->state->buttons) !== array_keys($this->state->seenButtons);
    }

    private function take(OutputEvent $event): void
    {
        $this->state->now = max($this->state->now, $event->t);
        match ($event->kind) {
            OutputEvent::AXIS => $this->state->movedAxes[(int) $event->target] = $event,
            OutputEvent::BUTTON => $this->button($event),
            OutputEvent::KEY => $event->value === 1 ? $this->keyDown($event) : $this->keyUp($event),
            OutputEvent::VARIABLE => $this->write($event->target, (float) $event->value, $event),
            default => null,
        };
    }

    private function button(OutputEvent $event): void
    {
        if ($event->value === 1) {
            $this->state->buttons[(int) $event->target] = $event;
            ksort($this->state->buttons);
            if ((int) $event->target > $this->catalogue->buttons) {
                $this->events[] = new GameEvent($event->t, GameEvent::MISSED, (float) $event->target, $event);
            }
        } else {
            $number = (int) $event->target;
            $pressed = $this->state->buttons[$number] ?? null;
            unset($this->state->buttons[$number]);
            $this->state->released[$number] = $event;
            if (
                $pressed !== null && ! isset($this->state->seenButtons[$number])
                    && isset($this->bound->byButton[$number])
            ) {
                $this->events[] = new GameEvent($event->t, GameEvent::MISSED, (float) $number, $pressed);
            }
        }
    }

    /** One look at the controller. */
    private function look(): void
    {
        foreach ($this->state->movedAxes as $number => $event) {
            foreach ($this->bound->byAxis[$number] ?? [] as $action) {
                $variable = $this->catalogue->variables[$action->effect->variable];
                $value = $variable->low + ($variable->high - $variable->low) * (int) $event->value / Shaping::STEPS;
                $this->write($variable->id, $value, $event);
            }
        }
        foreach (array_diff_key($this->state->seenButtons, $this->state->buttons) as $number => $event) {
            foreach ($this->bound->byButton[$number] ?? [] as $action) {
                $this->end($action, $this->state->released[$number] ?? $event);
            }
        }
        foreach (array_diff_key($this->state->buttons, $this->state->seenButtons) as $number => $event) {
            foreach ($this->bound->byButton[$number] ?? [] as $action) {
                $this->begin($action, $event);
            }
        }
        $this->state->movedAxes = $this->state->released = [];
        $this->state->seenButtons = $this->state->buttons;
    }

    private function keyDown(OutputEvent $event): void
    {
        $this->state->keys[$event->target] = true;
        $with = array_values(
            array_intersect(KeyCodes::MODIFIERS, array_diff(array_keys($this->state->keys), [$event->target])),
        );
        if ($this->isKept($event, $with)) {
            return;
        }
        foreach ($this->bound->byKey as [$key, $action]) {
            if (
                $key->code === $event->target
                    && array_diff($key->with, $with) === []
                    && array_diff($with, $key->with) === []
            ) {
                $this->state->keyActions[$event->target] = $action->id;
                $this->begin($action, $event);
            }
        }
    }

    /**
     * Does the desktop or a window of the game take this key?
     *
     * @param list<string> $with modifiers that are down beside it
     */
    private function isKept(OutputEvent $event, array $with): bool
    {
        $kept = null;
        foreach ($this->catalogue->reserved as $reserved) {
            $kept = $reserved->isPressedBy($event->target, $with) ? $reserved : $kept;
        }
        if ($kept?->by === ReservedKey::DESKTOP) {
            $this->events[] = new GameEvent($this->state->now, GameEvent::TAKEN, 1.0, $event);

            return true;
        }
        $open = $this->state->window;
        if ($open !== '') {
            if ($event->target === 'Escape' || $kept?->opens === $open) {
                $this->window('', $event);
            } elseif (! in_array($event->target, KeyCodes::MODIFIERS, true)) {
                $this->events[] = new GameEvent($this->state->now, GameEvent::TAKEN, 1.0, $event, $open);
            }

            return true;
        }
        if ($kept !== null) {
            $this->window($kept->opens === '' ? 'own window' : $kept->opens, $event);
        }

        return $kept !== null;
    }

    /** Its window is shut, as by its own mouse. */
    public function shutWindow(): void
    {
        if ($this->state->window !== '') {
            $this->events = [];
            $this->window('', null);
            array_push($this->own, ...$this->events);
        }
    }

    private function window(string $opens, ?OutputEvent $by): void
    {
        $this->state->window = $opens;
        $this->events[] = new GameEvent($this->state->now, GameEvent::WINDOW, $opens === '' ? 0.0 : 1.0, $by, $opens);
    }

    private function keyUp(OutputEvent $event): void
    {
        unset($this->state->keys[$event->target]);
        $action = $this->catalogue->action($this->state->keyActions[$event->target] ?? '');
        unset($this->state->keyActions[$event->target]);
        if ($action !== null) {
            $this->end($action, $event);
        }
    }

    private function begin(Action $action, OutputEvent $by): void
    {
        $variable = $this->catalogue->variables[$action->effect->variable];
        $now = $this->state->variables[$variable->id];
        $this->write($variable->id, match ($action->effect->kind) {
            EffectKind::Hold => $variable->high,
            EffectKind::Flip => $now > $variable->low ? $variable->low : $variable->high,
            EffectKind::Set => $action->effect->amount,
            EffectKind::Step => $now + $action->effect->amount,
            EffectKind::Follow => $now,
        }, $by);
    }

    private function end(Action $action, OutputEvent $by): void
    {
        if ($action->effect->kind === EffectKind::Hold) {
            $this->write($action->effect->variable, $this->catalogue->variables[$action->effect->variable]->low, $by);
        }
    }

    private function write(string $id, float $value, ?OutputEvent $by): void
    {
        $variable = $this->catalogue->variables[$id] ?? null;
        if ($variable === null) {
            return;
        }
        $value = max($variable->low, min($variable->high, $value));
        if ($value !== $this->state->variables[$id]) {
            $this->state->variables[$id] = $value;
            $this->events[] = new GameEvent($this->state->now, $id, $value, $by);
        }
    }

    /** Gauges go after what they show: a first-order lag, exact for any step of time. */
    private function gauges(int $elapsed): void
    {
        foreach ($this->catalogue->variables as $variable) {
            if ($variable->gauge !== null) {
                $goal = $this->state->variables[$variable->gauge];
                $this->state->variables[$variable->id] = $goal + (
                    $this->state->variables[$variable->id] - $goal
                ) * exp(-$elapsed / (1000 * $variable->lag));
            }
        }
    }
}
