<?php

declare(strict_types=1);

namespace Nailrod\Core\Behaviour;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Program\Assigned;
use Nailrod\Core\Run\Run;

/** Each press sends the next output as a pulse and wraps at the end; after some idle time it starts again. */
final readonly class Cycle implements Behaviour
{
    public const FORWARD = 'forward';
    public const BACK = 'back';

    /**
     * @param int $idle  after how long it starts again, counted from the last press, in µs; 0: never
     * @param int $width of a pulse, in µs
     */
    private function __construct(public string $direction, public int $idle, public int $width) {}

    public static function kind(): string
    {
        return 'cycle';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'direction', 'idle_ms', 'width_ms']);

        return new self(
            $node->maybe('direction')?->oneOf([self::FORWARD, self::BACK]) ?? self::FORWARD,
            (int) round(1000 * ($node->maybe('idle_ms')?->number(0, 3_600_000) ?? 0.0)),
            (int) round(1000 * ($node->maybe('width_ms')?->number(1, 60_000) ?? Pulse::WIDTH_MS)),
        );
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'direction' => $this->direction, 'idle_ms' => $this->idle / 1000, 'width_ms' => $this->width / 1000];
    }

    public function inWords(): string
    {
        return 'one after the other'.($this->direction === self::BACK ? ', backwards' : '').($this->idle > 0 ? ', from the start after '.($this->idle / 1000).' ms' : '');
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
        $outputs = array_keys($assigned->outputs);
        $count = count($outputs);
        $isBack = $this->direction === self::BACK;
        [$place, $last] = $run->state->cycles[$assigned->id] ?? [null, 0];
        if ($place === null || $place >= $count || ($this->idle > 0 && $run->state->now - $last >= $this->idle)) {
            $place = $isBack ? $count - 1 : 0;
        } else {
            $place = ($place + ($isBack ? $count - 1 : 1)) % $count;
        }
        $run->state->cycles[$assigned->id] = [$place, $run->state->now];
        $run->pulses->send($assigned, $outputs[$place], $this->width, $cause->then(StepKind::Behaviour, 'cycle', ($place + 1).' of '.$count));
    }

    public function release(Run $run, Assigned $assigned, Cause $cause): void {}
}
