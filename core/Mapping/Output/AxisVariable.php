<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Number;

/** A variable of the simulator that follows an axis between two values. */
final readonly class AxisVariable implements AxisOutput, IsWay, WritesVariable
{
    use IsKind;

    public function __construct(public string $name, public float $low, public float $high) {}

    public static function kind(): string
    {
        return 'axis variable';
    }

    public static function title(): string
    {
        return 'a variable';
    }

    public static function about(): string
    {
        return 'A variable of the simulator that follows an axis between two values.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('name', 'Variable', new Id(Id::VARIABLE), 'The variable of the simulator that is written.'),
            Field::required('low', 'At 0 %', new Number, 'Its value at the low end of the axis.', 0),
            Field::required('high', 'At 100 %', new Number, 'Its value at the high end of the axis.', 1),
        );
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('name'), $given->number('low'), $given->number('high'));
    }

    public function values(): array
    {
        return ['name' => $this->name, 'low' => $this->low, 'high' => $this->high];
    }

    public function inWords(Names $names): string
    {
        return sprintf(
            'variable %s, %s to %s',
            $names->of(Id::VARIABLE, $this->name),
            json_encode($this->low),
            json_encode($this->high),
        );
    }

    public function event(): string
    {
        return OutputEvent::VARIABLE;
    }

    public function target(): string
    {
        return $this->name;
    }

    public function send(float $value, int $integer): float
    {
        return round($this->low + ($this->high - $this->low) * $value, 6);
    }

    public function variable(): string
    {
        return $this->name;
    }

    public function writes(): array
    {
        return [];
    }

    public function steps(): float
    {
        return 0.0;
    }

    public function keepsVariable(): bool
    {
        return true;
    }
}
