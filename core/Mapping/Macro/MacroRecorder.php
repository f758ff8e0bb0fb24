<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Macro;

use Nailrod\Core\Mapping\Output\CanBeRecorded;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Mapping\Output\Outputs;

/** What was pressed and let go of while a macro was recorded, made into bars: the first press is its beginning. */
final class MacroRecorder
{
    /** @var array<int, Bar> */
    private array $bars = [];

    /** @var array<string, int> what is down: the number of its bar */
    private array $down = [];

    private ?int $began = null;

    private int $last = 0;

    /**
     * @param int $t in µs, never earlier than the one before; a key that repeats by itself while it is held counts
     *    once
     */
    public function take(int $t, Output $output, bool $isDown): void
    {
        $key = (string) json_encode($output->toArray());
        if ($this->began === null && ! $isDown) {
            return;
        }
        $this->began ??= $t;
        // To the whole millisecond: hands are not finer, and figures stay readable.
        $at = (int) round(($t - $this->began) / 1000) * 1000;
        $this->last = max($this->last, $at);
        if ($isDown && ! isset($this->down[$key])) {
            $this->down[$key] = count($this->bars);
            $this->bars[] = Bar::of($output, $at, $at);
        } elseif (! $isDown && isset($this->down[$key])) {
            $this->bars[$this->down[$key]] = self::until($this->bars[$this->down[$key]], $at);
            unset($this->down[$key]);
        }
    }

    /** The recording goes on until then, in µs: what is down is held so long. */
    public function reach(int $t): void
    {
        if ($this->began !== null) {
            $this->last = max($this->last, (int) round(($t - $this->began) / 1000) * 1000);
        }
    }

    /**
     * What an event tells of what can be recorded.
     *
     * @param int|float|string|null $before what was told of the same target before
     */
    public function hear(OutputEvent $event, int|float|string|null $before): void
    {
        foreach (self::pressed($event, $before) as [$output, $isDown]) {
            $this->take($event->t, $output, $isDown);
        }
    }

    /**
     * @return list<array{Output, bool}> what an event tells was pressed, or let go of; empty for what cannot be
     *    recorded
     */
    public static function pressed(OutputEvent $event, int|float|string|null $before): array
    {
        $pressed = [];
        foreach (Outputs::all() as $class) {
            if (is_subclass_of($class, CanBeRecorded::class)) {
                array_push($pressed, ...$class::recorded($event, $before));
            }
        }

        return $pressed;
    }

    /** @return list<Bar> in the order in which they were pressed; what is still down ends with the recording */
    public function bars(): array
    {
        $bars = $this->bars;
        foreach ($this->down as $i) {
            $bars[$i] = self::until($bars[$i], $this->last);
        }

        return array_values($bars);
    }

    private static function until(Bar $bar, int $to): Bar
    {
        return $bar->at($bar->from, max($to, $bar->from + Timeline::SHORTEST));
    }
}
