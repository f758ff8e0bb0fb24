<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Tape;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Output\MouseButton;
use Nailrod\Core\Mapping\Output\OutputEvent;

/**
 * The tape as a log: its lines are numbered and never change, what ends points to the line that told how it began, and
 * what is on now is kept beside them. A part of what a rig at work remembers.
 */
final class Log
{
    /** Kinds of outputs that are on for a while, and then are not. */
    private const HELD = [
        OutputEvent::BUTTON,
        OutputEvent::KEY,
        OutputEvent::HAT,
        OutputEvent::CONSUMER,
        OutputEvent::STOP,
        OutputEvent::FLAG,
        OutputEvent::MACRO,
    ];

    /** Lines that are remembered for what comes of them later. */
    private const REMEMBERED = 200;

    /** How many lines there are so far. */
    public int $lines = 0;

    /** @var array<string, On> what is on, by kind and target */
    public array $on = [];

    /** @var array<int, On> what has just ended, by the output that ended it */
    private array $ended = [];

    /** @var array<string, On> what an edit has just said off and on again as it was, by kind and target */
    private array $takenUp = [];

    /** @var array<string, int> lines, by key of an output that they tell, and whether it ends something */
    private array $lineOf = [];

    /** Is it on for a while, so that it has an end? */
    public static function isHeld(OutputEvent $event): bool
    {
        return in_array($event->kind, self::HELD, true) || (
            $event->kind === OutputEvent::MOUSE && in_array($event->target, MouseButton::BUTTONS, true)
        );
    }

    public static function isOff(OutputEvent $event): bool
    {
        return $event->value === ($event->kind === OutputEvent::HAT ? -1 : 0);
    }

    /**
     * What comes out next: begins and ends are noted.
     *
     * @param list<OutputEvent> $outputs in time order
     */
    public function follow(array $outputs, OutputWords $words): void
    {
        $this->ended = $this->takenUp = [];
        $before = $this->on;
        foreach ($outputs as $event) {
            if (! self::isHeld($event)) {
                continue;
            }
            $key = $event->kind.' '.$event->target;
            $isOfEdit = $event->cause->origin === Cause::SET_CHANGED;
            unset($this->takenUp[$key]);
            if (! self::isOff($event)) {
                if (
                    $isOfEdit && ! isset($this->on[$key])
                        && isset($before[$key])
                        && $before[$key]->value === (int) $event->value
                ) {
                    // An edit says off and on of what goes on: to whoever reads, nothing has happened to it.
                    $this->on[$key] = $this->takenUp[$key] = $before[$key];
                } else {
                    $this->on[$key] = new On($key, (int) $event->value, $event->t, $words->doing($event));
                }
            } elseif (isset($this->on[$key])) {
                $this->ended[spl_object_id($event)] = $this->on[$key];
                unset($this->on[$key]);
            }
        }
    }

    /** Does it belong to what an edit has said off and on again as it was? */
    public function isTakenUp(OutputEvent $event): bool
    {
        return $event->cause->origin === Cause::SET_CHANGED && isset($this->takenUp[$event->kind.' '.$event->target]);
    }

    /** What this output has ended; null if nothing of it was on. */
    public function endedBy(OutputEvent $event): ?On
    {
        return $this->ended[spl_object_id($event)] ?? null;
    }

    /** The line that told an output; null if none did, or it is long ago. */
    public function lineOf(OutputEvent $event): ?int
    {
        return $this->lineOf[$event->key().($event->begins() ? '' : ' ends')] ?? null;
    }

    /**
     * Lines are written: each gets its number, and those that tell an end or an answer point to their beginning.
     *
     * @param list<Sentence> $sentences in time order
     *
     * @return list<Sentence>
     */
    public function write(array $sentences): array
    {
        $written = [];
        foreach ($sentences as $sentence) {
            $number = ++$this->lines;
            $from = $sentence->of ?? ($sentence->over === null ? null : $this->begunAt($sentence->over));
            foreach ($sentence->keys as $key) {
                $this->lineOf[$key.($sentence->ends ? ' ends' : '')] = $number;
                [$t, $output] = explode(' ', $key, 2);
                if (! $sentence->ends && isset($this->on[$output]) && $this->on[$output]->t === (int) $t) {
                    $this->on[$output] = $this->on[$output]->toldBy($number);
                }
            }
            $written[] = $sentence->asLine($number, $from);
        }
        $this->lineOf = array_slice($this->lineOf, -self::REMEMBERED, null, true);

        return $written;
    }

    /** What began and ended within one step has its line only now. */
    private function begunAt(On $ended): ?int
    {
        return $ended->line !== 0 ? $ended->line : $this->lineOf[$ended->t.' '.$ended->key] ?? null;
    }

    /** @return array<mixed> what restore() takes */
    public function toArray(): array
    {
        return [$this->lines, array_map(fn (On $on): array => [$on->t, $on->name, $on->line, $on->value], $this->on)];
    }

    /** @param mixed $written what toArray() gave; anything else is an empty log */
    public static function restore(mixed $written): self
    {
        $log = new self;
        if (! is_array($written) || ! is_int($written[0] ?? null) || ! is_array($written[1] ?? null)) {
            return $log;
        }
        $log->lines = $written[0];
        foreach ($written[1] as $key => $on) {
            if (
                is_array($on) && is_int($on[0] ?? null)
                    && is_string($on[1] ?? null)
                    && is_int($on[2] ?? null)
                    && is_int($on[3] ?? null)
            ) {
                $log->on[(string) $key] = new On((string) $key, $on[3], $on[0], $on[1], $on[2]);
            }
        }

        return $log;
    }
}
