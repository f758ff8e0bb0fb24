<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Output\AxisOutput;

/** An output of an axis that only the tests know: a table that tilts. */
final readonly class Tilt implements AxisOutput
{
    use IsKind;

    private function __construct(private float $degrees) {}

    public static function kind(): string
    {
        return 'tilt';
    }

    public static function title(): string
    {
        return 'a table';
    }

    public static function about(): string
    {
        return 'Tilts a table as the axis stands.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('degrees', 'Degrees', new Number(1, 30, '°'), 'How far it tilts at the high end.', 10),
        );
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->number('degrees'));
    }

    public function values(): array
    {
        return ['degrees' => $this->degrees];
    }

    public function inWords(Names $names): string
    {
        return 'tilt by '.json_encode($this->degrees).'°';
    }

    public function event(): string
    {
        return 'tilt';
    }

    public function target(): string
    {
        return 'table';
    }

    public function send(float $value, int $integer): float
    {
        return round($this->degrees * $value, 3);
    }
}
