<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Number;

/** A variable that each press changes between two values; from any other it goes to the first. */
final readonly class SwapVariable implements ContactOutput, WritesVariable
{
    use IsKind;
    use OnEveryPress;

    public function __construct(public string $name, public float $first, public float $second) {}

    public static function kind(): string
    {
        return 'swap variable';
    }

    public static function title(): string
    {
        return 'a variable, two values';
    }

    public static function about(): string
    {
        return 'A variable of the simulator that each press changes between two values; from any other it goes to '
            .'the first.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('name', 'Variable', new Id(Id::VARIABLE), 'The variable of the simulator that is written.'),
            Field::required('first', 'First', new Number, 'One of the two values.', 1),
            Field::required('second', 'Second', new Number, 'The other one.', 0),
        );
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        $swap = new self($given->text('name'), $given->number('first'), $given->number('second'));

        return round($swap->first, 6) === round($swap->second, 6) ? throw $given->refuse(
            'second',
            'another value than the first',
        ) : $swap;
    }

    public function values(): array
    {
        return ['name' => $this->name, 'first' => $this->first, 'second' => $this->second];
    }

    public function inWords(Names $names): string
    {
        return sprintf(
            'variable %s, %s or %s in turn',
            $names->of(Id::VARIABLE, $this->name),
            json_encode(round($this->first, 6)),
            json_encode(round($this->second, 6)),
        );
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->setVariable(
            $this->name,
            $run->variable($this->name) === round($this->first, 6) ? $this->second : $this->first,
            $cause,
        );
    }

    public function variable(): string
    {
        return $this->name;
    }

    public function writes(): array
    {
        return [$this->first, $this->second];
    }

    public function steps(): float
    {
        return 0.0;
    }

    public function keepsVariable(): bool
    {
        return false;
    }
}
