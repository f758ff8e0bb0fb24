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
 * last 200 ms, the coarse output is sent instead of the fine one. What would wait beyond a limit is dropped and counted.
 */
final readonly class Ticks implements Behaviour, PlacesOutputs
{
    public const WIDTH_MS = 20.0;
    public const GAP_MS = 20.0;
    public const MOST = 32;

    /**
     * @param int   $width of a pulse, in µs
     * @param int   $gap   between two, in µs
     * @param int   $most  that wait
     * @param float $coarse ticks a second above which the coarse output is sent; 0: never
     * @param ?int  $finePlace   of the output of a tick; null if there is none
     * @param ?int  $coarsePlace of the coarse one
     */
    private function __construct(public int $width, public int $gap, public int $most, public float $coarse, public ?int $finePlace = 0, public ?int $coarsePlace = 1) {}

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
        $node->only(['kind', 'width_ms', 'gap_ms', 'most_waiting', 'coarse_above', 'fine', 'coarse']);
        $isPlaced = $node->has('fine') || $node->has('coarse');
        $places = $isPlaced ? [$node->maybe('fine')?->int(0, 15), $node->maybe('coarse')?->int(0, 15)] : [0, 1];
        if ($places[0] === $places[1]) {
            throw $node->refuse('another output for fine and for coarse ticks');
        }

        return new self(
            (int) round(1000 * ($node->maybe('width_ms')?->number(1, 1000) ?? self::WIDTH_MS)),
            (int) round(1000 * ($node->maybe('gap_ms')?->number(0, 1000) ?? self::GAP_MS)),
            $node->maybe('most_waiting')?->int(0, 1000) ?? self::MOST,
            $node->maybe('coarse_above')?->number(0, 1000) ?? 0.0,
            ...$places,
        );
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'width_ms' => $this->width / 1000, 'gap_ms' => $this->gap / 1000, 'most_waiting' => $this->most, 'coarse_above' => $this->coarse]
            + ([$this->finePlace, $this->coarsePlace] === [0, 1] ? [] : array_filter(['fine' => $this->finePlace, 'coarse' => $this->coarsePlace], fn (?int $place) => $place !== null));
    }

    public function withoutOutput(int $index): ?Behaviour
    {
        $places = array_map(fn (?int $place) => match (true) {
            $place === null, $place === $index => null,
            default => $place > $index ? $place - 1 : $place,
        }, [$this->finePlace, $this->coarsePlace]);
        if ($places === [0, null]) {
            $places = [0, 1];
        }

        return $places === [null, null] ? null : new self($this->width, $this->gap, $this->most, $this->coarse, ...$places);
    }

    public function withOutput(int $index): self
    {
        return match (null) {
            $this->finePlace => new self($this->width, $this->gap, $this->most, $this->coarse, $index, $this->coarsePlace),
            $this->coarsePlace => new self($this->width, $this->gap, $this->most, $this->coarse, $this->finePlace, $index),
            default => $this,
        };
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
