<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Format\Node;

/**
 * What does not count at both ends and each side of rest, as parts of the whole 0..1.
 * What is left is stretched, so that 0, 0.5 and 1 are still reached.
 */
final readonly class DeadZones implements Stage
{
    private const LEAST = 1e-6;

    private function __construct(
        public float $low,
        public float $high,
        public float $rest,
        public bool $centred,
    ) {}

    public static function none(bool $centred): self
    {
        return new self(0.0, 0.0, 0.0, $centred);
    }

    public static function read(?Node $node, bool $centred): self
    {
        if ($node === null) {
            return self::none($centred);
        }
        $node->only(['low', 'high', 'rest']);
        $low = $node->maybe('low')?->number(0, 1) ?? 0.0;
        $high = $node->maybe('high')?->number(0, 1) ?? 0.0;
        $rest = $node->maybe('rest')?->number(0, 0.5) ?? 0.0;
        if (! $centred && $rest > 0.0) {
            throw $node->get('rest')->refuse('0, since the axis is not centred');
        }
        $room = $centred ? 0.5 - $rest - max($low, $high) : 1.0 - $low - $high;
        if ($room < self::LEAST) {
            throw $node->refuse('dead zones that leave something of the travel');
        }

        return new self($low, $high, $rest, $centred);
    }

    public function apply(float $value): float
    {
        if (! $this->centred) {
            return max(0.0, min(1.0, ($value - $this->low) / (1.0 - $this->low - $this->high)));
        }
        if ($value < 0.5) {
            return min(0.5, max(0.0, 0.5 * ($value - $this->low) / (0.5 - $this->rest - $this->low)));
        }

        return max(0.5, min(1.0, 1.0 - 0.5 * (1.0 - $this->high - $value) / (0.5 - $this->rest - $this->high)));
    }

    /** The travel that gives this value; of those that do, the one next to where it begins to change. */
    public function undo(float $value): float
    {
        if (! $this->centred) {
            return $this->low + $value * (1.0 - $this->low - $this->high);
        }
        if ($value === 0.5) {
            return 0.5;
        }

        return $value < 0.5
            ? $this->low + 2.0 * $value * (0.5 - $this->rest - $this->low)
            : 1.0 - $this->high - 2.0 * (1.0 - $value) * (0.5 - $this->rest - $this->high);
    }

    public function inWords(bool $centred): string
    {
        $parts = [];
        if ($this->low > 0.0) {
            $parts[] = Percent::by($this->low, $centred).' at the low end';
        }
        if ($this->high > 0.0) {
            $parts[] = Percent::by($this->high, $centred).' at the high end';
        }
        if ($this->rest > 0.0) {
            $parts[] = Percent::by($this->rest, $centred).' each side of rest';
        }

        return $parts === [] ? '' : ucfirst(implode(', ', $parts)).' '.(count($parts) === 1 ? 'counts' : 'count').' for nothing.';
    }
}
