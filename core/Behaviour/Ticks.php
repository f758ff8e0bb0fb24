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
 * One pulse for every tick of an encoder, never overlapping. While it turns faster than so many ticks a second, over the
 * last 200 ms, the second output is sent instead of the first. What would wait beyond a limit is dropped and counted.
 */
final readonly class Ticks implements Behaviour
{
    public const WIDTH_MS = 20.0;
    public const GAP_MS = 20.0;
    public const MOST = 32;

    /**
     * @param int   $width of a pulse, in µs
     * @param int   $gap   between two, in µs
     * @param int   $most  that wait
     * @param float $coarse ticks a second above which the second output is sent; 0: never
     */
    private function __construct(public int $width, public int $gap, public int $most, public float $coarse) {}

    public static function usual(): self
    {
        return new self((int) (1000 * self::WIDTH_MS), (int) (1000 * self::GAP_MS), self::MOST, 0.0);
    }

    public static function kind(): string
    {
        return 'ticks';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'width_ms', 'gap_ms', 'most_waiting', 'coarse_above']);

        return new self(
            (int) round(1000 * ($node->maybe('width_ms')?->number(1, 1000) ?? self::WIDTH_MS)),
            (int) round(1000 * ($node->maybe('gap_ms')?->number(0, 1000) ?? self::GAP_MS)),
            $node->maybe('most_waiting')?->int(0, 1000) ?? self::MOST,
            $node->maybe('coarse_above')?->number(0, 1000) ?? 0.0,
        );
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'width_ms' => $this->width / 1000, 'gap_ms' => $this->gap / 1000, 'most_waiting' => $this->most, 'coarse_above' => $this->coarse];
    }

    public function inWords(): string
    {
        return sprintf('a pulse of %s ms a tick%s', json_encode($this->width / 1000), $this->coarse > 0.0 ? sprintf(', coarse above %s a second', json_encode($this->coarse)) : '');
    }

    public function refuses(ContactOutput $output): ?string
    {
        return null;
    }

    public function press(Run $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if (! $found) {
            $run->ticks->tick($assigned, $this, $cause->then(StepKind::Behaviour, 'tick'));
        }
    }

    public function release(Run $run, Assigned $assigned, Cause $cause): void {}
}
