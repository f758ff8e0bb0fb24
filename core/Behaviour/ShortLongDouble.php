<?php

declare(strict_types=1);

namespace Nailrod\Core\Behaviour;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Program\Assigned;
use Nailrod\Core\Run\Run;

/**
 * One output for a short press, one for a long one, one for two in a row. Long is on from t1 until the release; short
 * and double are pulses. Without a double the short is sent at the release, else when t2 from the first release has run
 * out; the double is sent at the second press, whose further hold counts for nothing. Without a long every release is a
 * short.
 */
final readonly class ShortLongDouble implements PlacesOutputs, TimedBehaviour
{
    public const LONG_MS = 500.0;
    public const DOUBLE_MS = 300.0;
    private const DOWN = 'down';
    private const LONG = 'long';
    private const GAP = 'gap';
    private const SPENT = 'spent';

    /**
     * @param ?int $short index of its output; null if there is none
     * @param int  $t1    in µs
     * @param int  $t2    in µs
     * @param int  $width in µs
     */
    private function __construct(public ?int $short, public ?int $long, public ?int $double, public int $t1, public int $t2, public int $width) {}

    public static function kind(): string
    {
        return 'short/long/double';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'short', 'long', 'double', 'long_ms', 'double_ms', 'width_ms']);
        $index = fn (string $field): ?int => $node->maybe($field)?->int(0, 15);
        $roles = array_filter([$index('short'), $index('long'), $index('double')], fn (?int $i) => $i !== null);
        if ($index('long') === null && $index('double') === null) {
            throw $node->refuse('a "long" or a "double", the place of an output in the list');
        }
        if (count(array_unique($roles)) !== count($roles)) {
            throw $node->refuse('another output for each of short, long and double');
        }
        $us = fn (string $field, float $else): int => (int) round(1000 * ($node->maybe($field)?->number(1, 60_000) ?? $else));

        return new self($index('short'), $index('long'), $index('double'), $us('long_ms', self::LONG_MS), $us('double_ms', self::DOUBLE_MS), $us('width_ms', Pulse::WIDTH_MS));
    }

    public function toArray(): array
    {
        return ['kind' => self::kind()]
            + array_filter(['short' => $this->short, 'long' => $this->long, 'double' => $this->double], fn (?int $i) => $i !== null)
            + ['long_ms' => $this->t1 / 1000, 'double_ms' => $this->t2 / 1000, 'width_ms' => $this->width / 1000];
    }

    /** Without a long and a double what is left is a pulse at the release. */
    public function withoutOutput(int $index): ?Behaviour
    {
        $places = array_map(fn (?int $place) => match (true) {
            $place === null, $place === $index => null,
            default => $place > $index ? $place - 1 : $place,
        }, [$this->short, $this->long, $this->double]);
        if ($places[1] === null && $places[2] === null) {
            return $places[0] === null ? null : Pulse::on('release', $this->width / 1000);
        }

        return new self($places[0], $places[1], $places[2], $this->t1, $this->t2, $this->width);
    }

    /** It is for what has no output yet: the short, then the long. */
    public function withOutput(int $index): self
    {
        return match (null) {
            $this->short => new self($index, $this->long, $this->double, $this->t1, $this->t2, $this->width),
            $this->long => new self($this->short, $index, $this->double, $this->t1, $this->t2, $this->width),
            $this->double => new self($this->short, $this->long, $index, $this->t1, $this->t2, $this->width),
            default => $this,
        };
    }

    public function inWords(): string
    {
        return implode(', ', array_filter([
            $this->short === null ? '' : 'short',
            $this->long === null ? '' : 'long from '.($this->t1 / 1000).' ms',
            $this->double === null ? '' : 'double within '.($this->t2 / 1000).' ms',
        ]));
    }

    public function refuses(ContactOutput $output): ?string
    {
        return null;
    }

    public function press(Run $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if ($found) {
            return;
        }
        if ($run->later->stage($assigned) === self::GAP) {
            $run->later->cancel($assigned, self::GAP);
            $run->later->enter($assigned, self::SPENT);
            $this->pulse($run, $assigned, $this->double, $cause->then(StepKind::Behaviour, 'double'));

            return;
        }
        $run->later->enter($assigned, self::DOWN);
        if ($this->long !== null) {
            $run->later->set($assigned, self::LONG, $this->t1, $cause);
        }
    }

    public function release(Run $run, Assigned $assigned, Cause $cause): void
    {
        $stage = $run->later->stage($assigned);
        $run->later->cancel($assigned, self::LONG);
        $run->later->enter($assigned, null);
        if ($stage === self::LONG) {
            $this->letGo($run, $assigned, $cause);
        } elseif ($stage === self::DOWN && $this->double !== null) {
            $run->later->enter($assigned, self::GAP);
            $run->later->set($assigned, self::GAP, $this->t2, $cause);
        } elseif ($stage === self::DOWN) {
            $this->pulse($run, $assigned, $this->short, $cause->then(StepKind::Behaviour, 'short'));
        }
    }

    public function timer(Run $run, Assigned $assigned, string $what, Cause $cause): void
    {
        if ($what === self::GAP) {
            $run->later->enter($assigned, null);
            $this->pulse($run, $assigned, $this->short, $cause->then(StepKind::Behaviour, 'short'));

            return;
        }
        $run->later->enter($assigned, self::LONG);
        $i = (int) $this->long;
        if (isset($assigned->outputs[$i])) {
            $assigned->outputs[$i]->press($run, $assigned->source($i), $assigned->towards($i, $cause->then(StepKind::Behaviour, 'long')));
        }
    }

    public function end(Run $run, Assigned $assigned, Cause $cause): void
    {
        if ($run->later->stage($assigned) === self::LONG) {
            $this->letGo($run, $assigned, $cause);
        }
        $run->later->cancel($assigned, self::LONG);
        $run->later->cancel($assigned, self::GAP);
    }

    private function letGo(Run $run, Assigned $assigned, Cause $cause): void
    {
        $i = (int) $this->long;
        if (isset($assigned->outputs[$i])) {
            $assigned->outputs[$i]->release($run, $assigned->source($i), $assigned->towards($i, $cause->then(StepKind::Behaviour, 'long')));
        }
    }

    private function pulse(Run $run, Assigned $assigned, ?int $output, Cause $cause): void
    {
        if ($output !== null && isset($assigned->outputs[$output])) {
            $run->pulses->send($assigned, $output, $this->width, $cause);
        }
    }
}
