<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Axis\AxisPart;
use Nailrod\Core\Mapping\Axis\IsAxisPart;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Axis\Range;
use Nailrod\Core\Mapping\Axis\Stage;
use Nailrod\Core\Rig\Device\AxisInput;

/** A stage of an axis that only the tests know: less of everything. */
final readonly class Soft implements AxisPart, Stage
{
    use IsAxisPart;

    private function __construct(private float $share) {}

    public static function part(): string
    {
        return 'soft';
    }

    public static function title(): string
    {
        return 'softening';
    }

    public static function about(): string
    {
        return 'Only a share of the value is sent.';
    }

    public static function fields(?AxisInput $axis): Fields
    {
        return Fields::of(
            Field::required('share', 'Share that is sent', Number::of(0, 1), 'How much of the value is sent.', 1),
        );
    }

    public static function read(?Node $node, AxisInput $axis, ?Range $range = null): self
    {
        return new self($node === null ? 1.0 : self::fields($axis)->read($node)->number('share'));
    }

    public function apply(float $value): float
    {
        return $this->share * $value;
    }

    public function values(): array
    {
        return ['share' => $this->share];
    }

    public function inWords(bool $centred): string
    {
        return $this->share === 1.0 ? '' : Percent::of($this->share).' of the value is sent.';
    }
}
