<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Rig\Device\AxisInput;

/**
 * What does not count at both ends and each side of rest, as parts of the whole 0..1.
 * What is left is stretched, so that 0, 0.5 and 1 are still reached.
 */
final readonly class DeadZones implements AxisPart, Stage
{
    use IsAxisPart;

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

    public static function part(): string
    {
        return 'dead_zones';
    }

    public static function title(): string
    {
        return 'dead zones';
    }

    public static function about(): string
    {
        return 'What does not count at both ends and each side of rest; what is left is stretched.';
    }

    public static function fields(?AxisInput $axis): Fields
    {
        return Fields::of(
            Field::optional(0, 'low', 'Low end', Number::by(), 'How much of the low end counts for nothing.'),
            Field::optional(0, 'high', 'High end', Number::by(), 'How much of the high end counts for nothing.'),
            ...(
                $axis === null || $axis->centred ? [
                    Field::optional(
                        0,
                        'rest',
                        'Each side of rest',
                        Number::by(0.5),
                        'How much each side of rest counts for nothing; of a centred axis.',
                    ),
                ] : []
            ),
        );
    }

    public static function read(?Node $node, AxisInput $axis, ?Range $range = null): self
    {
        return $node === null ? self::none($axis->centred) : self::of($node, $axis->centred);
    }

    public static function check(Node $node): void
    {
        self::of($node, $node->has('rest'));
    }

    private static function of(Node $node, bool $centred): self
    {
        $given = self::fields(null)->read($node);
        [$low, $high, $rest] = [$given->number('low'), $given->number('high'), $given->number('rest')];
        if (! $centred && $rest > 0.0) {
            throw $given->refuse('rest', '0, since the axis is not centred');
        }
        $room = $centred ? 0.5 - $rest - max($low, $high) : 1.0 - $low - $high;

        return $room < self::LEAST ? throw $node->refuse(
            'dead zones that leave something of the travel',
        ) : new self($low, $high, $rest, $centred);
    }

    public function asItComes(AxisInput $axis): string
    {
        return 'Every part of the travel counts.';
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

    public function values(): array
    {
        return ['low' => $this->low, 'high' => $this->high] + ($this->centred ? ['rest' => $this->rest] : []);
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

        return $parts === [] ? '' : ucfirst(implode(', ', $parts)).' '.(
            count($parts) === 1 ? 'counts' : 'count'
        ).' for nothing.';
    }
}
