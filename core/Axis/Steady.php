<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Format\Node;

/** What is done against trembling, between calibration and dead zones: single spikes are left out, small movements held. */
final readonly class Steady
{
    /** With no newer reading for this long the last one is taken, spike or not, in µs. */
    public const SPIKE_WAIT = 20_000;

    /** @param float $hold how far travel must move before it counts, 0..1 */
    private function __construct(public float $hold, public bool $spikes) {}

    public static function none(): self
    {
        return new self(0.0, false);
    }

    public static function read(?Node $node): self
    {
        if ($node === null) {
            return self::none();
        }
        $node->only(['hold', 'spikes']);

        return new self($node->maybe('hold')?->number(0, 0.5) ?? 0.0, $node->maybe('spikes')?->bool() ?? false);
    }

    public function isNone(): bool
    {
        return ! $this->spikes && $this->hold <= 0.0;
    }

    public function inWords(bool $centred): string
    {
        $parts = [];
        if ($this->spikes) {
            $parts[] = 'a single reading that jumps is left out';
        }
        if ($this->hold > 0.0) {
            $parts[] = 'movements up to '.Percent::by($this->hold, $centred).' are held';
        }

        return $parts === [] ? '' : ucfirst(implode(', ', $parts)).'.';
    }
}
