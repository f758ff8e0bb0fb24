<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Macro;

use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\Output;

/**
 * A macro as bars on a time line, which a person drags and types, and the way back to its steps. Bars of one output do
 * not overlap: where they would, they are one. While a text is typed nothing else begins or ends: it comes after the
 * text.
 */
final readonly class Timeline
{
    /** Longest macro, in µs. */
    public const LONGEST = 600_000_000;

    /** Shortest tap, in µs. */
    public const SHORTEST = 1_000;

    /**
     * @param list<Bar> $bars   by their beginning
     * @param int       $length of the macro in µs: at least the end of the last bar
     */
    private function __construct(public array $bars, public int $length) {}

    /** @param array<string, KeyLayout> $layouts by id */
    public static function of(Macro $macro, array $layouts): self
    {
        $bars = $down = [];
        $now = 0;
        foreach ($macro->steps as $step) {
            $length = $step->length($layouts);
            if ($step->does === MacroStep::TYPE) {
                $bars[] = Bar::typing($step->text, $step->layout, $step->time, $now, $now + $length);
            } elseif ($step->output !== null) {
                $key = self::key($step->output);
                if ($step->does === MacroStep::TAP) {
                    $bars[] = Bar::of($step->output, $now, $now + $length);
                } elseif ($step->does === MacroStep::PRESS && ! isset($down[$key])) {
                    $down[$key] = count($bars);
                    $bars[] = Bar::of($step->output, $now, $now);
                } elseif ($step->does === MacroStep::RELEASE && isset($down[$key])) {
                    $bars[$down[$key]] = $bars[$down[$key]]->at($bars[$down[$key]]->from, $now);
                    unset($down[$key]);
                }
            }
            $now += $length;
        }
        foreach ($down as $i) {
            $bars[$i] = $bars[$i]->at($bars[$i]->from, $now);
        }

        return self::from(array_values($bars), $now);
    }

    /**
     * @param list<Bar> $bars   in any order
     * @param int       $length in µs; the end of the last bar if that is later
     */
    public static function from(array $bars, int $length = 0): self
    {
        /** @var list<Bar> $apart */
        $apart = [];
        foreach (self::afterTexts(self::inOrder($bars)) as $bar) {
            $i = self::overlapped($apart, $bar);
            if ($i === null) {
                $apart[] = $bar;
            } else {
                array_splice($apart, $i, 1, [$apart[$i]->at($apart[$i]->from, max($apart[$i]->to, $bar->to))]);
            }
        }
        $ends = array_map(fn (Bar $bar) => $bar->to, $apart);

        return new self(self::inOrder($apart), min(self::LONGEST, max($length, ...[0, ...$ends])));
    }

    public function with(Bar $bar): self
    {
        return self::from([...$this->bars, $bar], $this->length);
    }

    /** The bar of this number in another place. What came after the end of all bars stays that long. */
    public function moved(int $index, int $from, int $to): self
    {
        $bars = $this->bars;
        $bars[$index] = $bars[$index]->at(
            $from,
            $bars[$index]->isText() ? $from + $bars[$index]->to - $bars[$index]->from : $to,
        );

        return self::from(array_values($bars))->lasting($this->pause());
    }

    public function without(int $index): self
    {
        $bars = $this->bars;
        unset($bars[$index]);

        return self::from(array_values($bars))->lasting($bars === [] ? 0 : $this->pause());
    }

    /** How long nothing happens at the end, in µs. */
    public function pause(): int
    {
        return $this->length - self::from($this->bars)->length;
    }

    /** The same bars with this pause after the last, in µs. */
    public function lasting(int $pause): self
    {
        return self::from($this->bars, self::from($this->bars)->length + max(0, $pause));
    }

    /**
     * The steps of the macro: a bar in which nothing else happens is a tap, any other a press and a release.
     *
     * @return list<MacroStep>
     */
    public function steps(): array
    {
        $edges = $this->edges();
        $steps = $tapped = [];
        $now = 0;
        foreach ($edges as $at => [$time, , $i, $begins]) {
            $bar = $this->bars[$i];
            if (isset($tapped[$i])) {
                continue;
            }
            if ($time > $now) {
                $steps[] = MacroStep::wait($time - $now);
                $now = $time;
            }
            if ($bar->output === null) {
                $steps[] = MacroStep::type($bar->text, $bar->layout, $bar->width);
                $now += $bar->to - $bar->from;
            } elseif ($begins && ! self::hasWidth($bar->output)) {
                $until = ($edges[$at + 1][2] ?? $i) === $i ? $bar->to : $edges[$at + 1][0];
                $steps[] = MacroStep::tap($bar->output, max(self::SHORTEST, $until - $time));
                $now += max(self::SHORTEST, $until - $time);
                $tapped[$i] = true;
            } elseif ($begins && ($edges[$at + 1][2] ?? null) === $i && $bar->to - $bar->from >= self::SHORTEST) {
                $steps[] = MacroStep::tap($bar->output, $bar->to - $bar->from);
                $now = $bar->to;
                $tapped[$i] = true;
            } else {
                $steps[] = $begins ? MacroStep::press($bar->output) : MacroStep::release($bar->output);
            }
        }
        if ($this->length > $now) {
            $steps[] = MacroStep::wait($this->length - $now);
        }

        return $steps;
    }

    /**
     * @return list<array{int, int, int, bool}> when a bar begins or ends, in µs; its place among those of one instant;
     *    its number; does it begin?
     */
    private function edges(): array
    {
        $edges = [];
        foreach ($this->bars as $i => $bar) {
            $edges[] = [$bar->from, $bar->isText() ? 3 : 1, $i, true];
            if (! $bar->isText()) {
                $edges[] = [$bar->to, $bar->to > $bar->from ? 0 : 2, $i, false];
            }
        }
        // At one instant what ends comes before what begins, the latest first, and a text comes last.
        usort(
            $edges,
            fn (array $a, array $b) => [
                $a[0],
                $a[1],
                $a[3] ? $a[2] : -$a[2],
            ] <=> [$b[0], $b[1], $b[3] ? $b[2] : -$b[2]],
        );

        return $edges;
    }

    /**
     * What would begin or end while a text is typed comes right after it.
     *
     * @param list<Bar> $bars by their beginning
     *
     * @return list<Bar>
     */
    private static function afterTexts(array $bars): array
    {
        $texts = [];
        $end = 0;
        foreach ($bars as $bar) {
            if ($bar->isText()) {
                $from = max($bar->from, $end);
                $end = $from + $bar->to - $bar->from;
                $texts[] = [$from, $end];
            }
        }
        $place = function (int $time) use ($texts): int {
            foreach ($texts as [$from, $to]) {
                if ($time > $from && $time < $to) {
                    return $to;
                }
            }

            return $time;
        };
        $placed = [];
        foreach ($bars as $bar) {
            if ($bar->isText()) {
                [$from, $to] = array_shift($texts) ?? [0, 0];
                $placed[] = $bar->at($from, $to);
            } else {
                $from = $place($bar->from);
                $placed[] = $bar->at($from, $from + max(0, $place(max($bar->to, $from)) - $from));
            }
        }

        return self::inOrder($placed);
    }

    /**
     * @param list<Bar> $bars
     *
     * @return list<Bar> by their beginning, those of one instant in the order in which they are given, texts after them
     */
    private static function inOrder(array $bars): array
    {
        $order = fn (Bar $bar): array => [$bar->from, $bar->isText()];
        usort($bars, fn (Bar $a, Bar $b) => $order($a) <=> $order($b));

        return $bars;
    }

    private static function key(Output $output): string
    {
        return (string) json_encode($output->toArray());
    }

    /**
     * The bar of the same output that lasts until after another one begins; null if there is none.
     *
     * @param list<Bar> $bars
     */
    private static function overlapped(array $bars, Bar $bar): ?int
    {
        foreach ($bars as $i => $before) {
            if ($bar->isSame($before) && $bar->from < $before->to) {
                return $i;
            }
        }

        return null;
    }

    /** Only what can be held has a width of its own; anything else acts once, when its bar begins. */
    private static function hasWidth(Output $output): bool
    {
        return ! $output instanceof ContactOutput || $output->isHeld();
    }
}
