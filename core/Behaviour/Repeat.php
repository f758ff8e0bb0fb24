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
 * A pulse at the press, one after the delay, then one every period: while the contact is held, or until it is pressed
 * again. At the end a running pulse finishes.
 */
final readonly class Repeat implements TimedBehaviour
{
    public const WHILE_HELD = 'held';
    public const LATCHED = 'until pressed again';
    public const DELAY_MS = 450.0;
    public const PERIOD_MS = 125.0;

    /**
     * @param int $delay  in µs
     * @param int $period in µs
     * @param int $width  in µs, less than both
     */
    private function __construct(public int $delay, public int $period, public int $width, public bool $isLatched) {}

    public static function kind(): string
    {
        return 'repeat';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'delay_ms', 'period_ms', 'width_ms', 'while']);
        $us = fn (string $field, float $else): int => (int) round(1000 * ($node->maybe($field)?->number(1, 60_000) ?? $else));
        $delay = $us('delay_ms', self::DELAY_MS);
        $period = $us('period_ms', self::PERIOD_MS);
        $width = $us('width_ms', Pulse::WIDTH_MS);
        if ($width >= min($delay, $period)) {
            throw ($node->has('width_ms') ? $node->get('width_ms') : $node)->refuse('a width of less than the delay and the period, '.(min($delay, $period) / 1000).' ms');
        }

        return new self($delay, $period, $width, ($node->maybe('while')?->oneOf([self::WHILE_HELD, self::LATCHED]) ?? self::WHILE_HELD) === self::LATCHED);
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'delay_ms' => $this->delay / 1000, 'period_ms' => $this->period / 1000, 'width_ms' => $this->width / 1000, 'while' => $this->isLatched ? self::LATCHED : self::WHILE_HELD];
    }

    public function inWords(): string
    {
        return sprintf('repeat after %s ms every %s ms%s', json_encode($this->delay / 1000), json_encode($this->period / 1000), $this->isLatched ? ' until pressed again' : '');
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
        if ($run->later->stage($assigned) !== null) {
            $this->end($run, $assigned, $cause);

            return;
        }
        $cause = $cause->then(StepKind::Behaviour, 'repeat');
        $run->later->enter($assigned, 'repeating');
        $this->pulse($run, $assigned, $cause, $this->delay);
    }

    public function release(Run $run, Assigned $assigned, Cause $cause): void
    {
        if (! $this->isLatched) {
            $this->end($run, $assigned, $cause);
        }
    }

    public function timer(Run $run, Assigned $assigned, string $what, Cause $cause): void
    {
        $this->pulse($run, $assigned, $cause, $this->period, 'again');
    }

    public function end(Run $run, Assigned $assigned, Cause $cause): void
    {
        $run->later->cancel($assigned, 'again');
        $run->later->enter($assigned, null);
    }

    /** One pulse; unless that has ended the repeat itself by letting go of everything, the next one comes later. */
    private function pulse(Run $run, Assigned $assigned, Cause $cause, int $next, string $why = ''): void
    {
        $now = $why === '' ? $cause : $cause->then(StepKind::Timer, $why);
        foreach (array_keys($assigned->outputs) as $i) {
            $run->pulses->send($assigned, $i, $this->width, $now);
        }
        if ($run->later->stage($assigned) !== null) {
            $run->later->set($assigned, 'again', $next, $cause);
        }
    }
}
