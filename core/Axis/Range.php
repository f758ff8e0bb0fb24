<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Format\Node;

/** The part of the output that the whole travel is spread over. */
final readonly class Range implements Stage
{
    private function __construct(public float $low, public float $high) {}

    public static function whole(): self
    {
        return new self(0.0, 1.0);
    }

    public static function read(?Node $node): self
    {
        if ($node === null) {
            return self::whole();
        }
        $node->only(['low', 'high']);
        $low = $node->maybe('low')?->number(0, 1) ?? 0.0;
        $high = $node->maybe('high')?->number(0, 1) ?? 1.0;
        if ($high <= $low) {
            throw $node->refuse('a high end above the low end');
        }

        return new self($low, $high);
    }

    public function apply(float $value): float
    {
        return $value >= 1.0 ? $this->high : $this->low + ($this->high - $this->low) * $value;
    }

    public function inWords(bool $centred): string
    {
        return $this->low === 0.0 && $this->high === 1.0 ? '' : 'The whole travel sends '.Percent::at($this->low, $centred).' to '.Percent::at($this->high, $centred).'.';
    }
}
