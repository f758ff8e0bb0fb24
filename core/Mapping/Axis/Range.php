<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Rig\Device\AxisInput;

/** The part of the output that the whole travel is spread over. */
final readonly class Range implements AxisPart, Stage
{
    use IsAxisPart;

    private function __construct(public float $low, public float $high) {}

    public static function whole(): self
    {
        return new self(0.0, 1.0);
    }

    public static function part(): string
    {
        return 'range';
    }

    public static function title(): string
    {
        return 'range';
    }

    public static function about(): string
    {
        return 'The part of the output that the whole travel is spread over.';
    }

    public static function fields(?AxisInput $axis): Fields
    {
        return Fields::of(
            Field::optional(0, 'low', 'From', Number::at(), 'What is sent at the low end.'),
            Field::optional(1, 'high', 'To', Number::at(), 'What is sent at the high end, above the low one.'),
        );
    }

    /** @throws FormatError */
    public static function read(?Node $node, AxisInput $axis, ?Range $range = null): self
    {
        if ($node === null) {
            return self::whole();
        }
        $given = self::given($node);

        return new self($given->number('low'), $given->number('high'));
    }

    /** @throws FormatError */
    public static function check(Node $node): void
    {
        self::given($node);
    }

    private static function given(Node $node): FieldValues
    {
        $given = self::fields(null)->read($node);

        return $given->number('high') > $given->number('low')
            ? $given
            : throw $node->refuse('a high end above the low end');
    }

    public function asItComes(AxisInput $axis): string
    {
        return 'The whole travel sends '.($axis->centred ? '-100 to +100 %.' : '0 to 100 %.');
    }

    public function apply(float $value): float
    {
        return $value >= 1.0 ? $this->high : $this->low + ($this->high - $this->low) * $value;
    }

    public function values(): array
    {
        return ['low' => $this->low, 'high' => $this->high];
    }

    public function inWords(bool $centred): string
    {
        return $this->low === 0.0 && $this->high === 1.0
            ? ''
            : 'The whole travel sends '
            .Percent::at($this->low, $centred)
            .' to '
            .Percent::at($this->high, $centred)
            .'.';
    }
}
